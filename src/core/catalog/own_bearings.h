#pragma once

#include "core/catalog/bearing.h"

namespace arbor::catalog {

/// A bearing of the shop that no catalogue has, by its number and what the calipers said of it.
struct OwnBearing {
    std::string designation;
    CaliperSizes sizes;
    friend bool operator==(const OwnBearing&, const OwnBearing&) = default;
};

/// @param known  of the catalogue: a row of one's own adds a bearing, it does not change a known one
/// @errors Missing (designation), Duplicate (designation); as bearingOfSizes
Result<std::vector<Bearing>> bearingsOf(const std::vector<OwnBearing>& own, const std::vector<Bearing>& known);

/// Reads designation,type,bore_mm,outside_mm,width_mm and, where they were measured, fourth_mm,fifth_mm.
/// @errors as CsvTable; UnknownName (type)
Result<std::vector<OwnBearing>> parseOwnBearings(std::string_view csv);
std::string writeOwnBearings(const std::vector<OwnBearing>& own);

} // namespace arbor::catalog
