#pragma once

#include "core/day/board.h"
#include "core/day/pieces.h"
#include "core/tables/tables.h"

#include <string>

namespace arbor::io {

/// What a shop keeps of its day beside the jobs: starts that somebody fixed, and the plan that stands.
struct DayFile {
    day::FixedStarts starts;
    day::KeptPlan plan; ///< in minutes of `date`
    std::string date;   ///< of the plan; empty: there is none
};

/// day.json of a folder; of one that has none, nothing. @errors those of reading JSON, Malformed, UnknownName, with
/// file and place
Result<DayFile> loadDay(const std::string& folder);
/// @errors Unwritable
Result<void> saveDay(const std::string& folder, const DayFile& file);

/// Every job of a folder with open steps, worked out, with its pieces; not planned yet. Takes as long as working out
/// every job does.
/// @param now  ISO 8601
day::Board readBoard(const std::string& folder, const tables::Tables& tables, const DayFile& kept,
                     const std::string& now);

} // namespace arbor::io
