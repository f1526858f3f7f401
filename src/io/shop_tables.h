#pragma once

#include "core/job/worked.h"
#include "core/tables/tables.h"

#include <string>

namespace arbor::io {

/// What a shop keeps beside its jobs, each list an open file of its own.
enum class ShopList { Rack, Presses, Heat, Gauges, People, Materials, Bearings, EndPlay, Prices };
inline constexpr ShopList kShopLists[] = {ShopList::Rack,     ShopList::Presses, ShopList::Heat,
                                          ShopList::Gauges,   ShopList::People,  ShopList::Materials,
                                          ShopList::Bearings, ShopList::EndPlay, ShopList::Prices};
const char* fileOf(ShopList list); ///< "rack.csv"

struct ShopTables {
    tables::Tables tables;
    Problems unread;  ///< a list each, with its file: it is left alone, and what ships stands in its place
    Problems skipped; ///< rows of the rack that make no tool, with file and line
};

/// The tables that ship, the user's own bearings, and the lists of the shop's folder: not its records. A list that is
/// not there is empty.
/// @errors those of the tables that ship
Result<ShopTables> readShop(const std::string& folder);

/// What the closed jobs of a folder have on record.
std::vector<job::Record> closedRecords(const std::string& folder);
/// What its jobs say took how long, of what is done.
std::vector<job::Worked> workedTimes(const std::string& folder);

/// Tables and records where nothing may be wrong. @errors the first list that cannot be read, or the first row of the
/// rack
Result<tables::Tables> loadShopTables(const std::string& folder);

/// Tools and presses alone. @errors as loadShopTables
Result<catalog::Rack> loadRack(const std::string& folder);

/// Writes one list as it stands in the tables. Remarks at the head of the rack stay; rows of it that made no tool are
/// kept there. @errors Unwritable
Result<void> saveList(const std::string& folder, ShopList list, const tables::Tables& tables);

} // namespace arbor::io
