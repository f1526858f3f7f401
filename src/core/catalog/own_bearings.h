#pragma once

#include "core/catalog/bearing.h"

namespace arbor::catalog {

/// A bearing of the shop that no catalogue has, by its number and what the calipers said of it.
struct OwnBearing {
    std::string designation;
    CaliperSizes sizes;
    friend bool operator==(const OwnBearing&, const OwnBearing&) = default;
};

/// The shop's bearings beside those of the catalogue, in the place of those that stood there before. A row of one's own
/// adds a bearing, it does not change a known one.
/// @errors Missing (designation), Duplicate (designation); as bearingOfSizes: nothing is changed then
Result<void> takeOwn(std::vector<Bearing>& all, const std::vector<OwnBearing>& own);

/// Reads designation,type,bore_mm,outside_mm,width_mm and, where they were measured, fourth_mm,fifth_mm.
/// @errors as CsvTable; UnknownName (type)
Result<std::vector<OwnBearing>> parseOwnBearings(std::string_view csv);
std::string writeOwnBearings(const std::vector<OwnBearing>& own);

} // namespace arbor::catalog
