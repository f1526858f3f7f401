#pragma once

#include "core/catalog/bearing.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::catalog {

/// What is printed on a bearing: its number, and what the letters after it say.
struct PrintedNumber {
    std::string designation; ///< as the catalogue has it
    std::optional<Side> seals;
    std::optional<std::string> clearanceGroup; ///< "C3"
    std::optional<std::string> accuracy;       ///< ISO 492 class: "6", "5"
    bool plasticCage = false;
};

/// Reads a bearing's number as it is printed: "6204-2RS/C3", "6206 ZZ", "nu 205 E", "6008 2Z C3 P5".
/// @errors UnknownName (designation) when no number of the catalogue begins it; UnknownName (suffix) for letters after
/// it that are none of the usual ones: what they mean is not guessed
/// @source usual suffixes of the trade (practice); clearance groups ISO 5753-1, accuracy ISO 492
Result<PrintedNumber> readPrinted(const std::vector<Bearing>& catalogue, const std::string& printed);

} // namespace arbor::catalog
