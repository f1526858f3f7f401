#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace arbor::adjust {

/// End play a pair should have, by its use and the shaft it sits on.
struct PlayBand {
    std::string use;
    std::string name;
    double upTo_mm = 0; ///< of the larger bore
    Interval play_mm;
    bool own = false; ///< of this shop, in place of the table that ships
    friend bool operator==(const PlayBand&, const PlayBand&) = default;
};

/// Figures that can be. @errors Missing (name), NotPositive (up_to_mm), GeometryOrder (most under least), OutOfRange
/// (beyond 5 mm), each with "bands/N"
Result<void> checkBands(const std::vector<PlayBand>& bands);

/// @errors as checkBands; Malformed
/// @source [PRACTICE]
Result<std::vector<PlayBand>> parsePlayBands(std::string_view json);

/// The shop's own rows of them, as parsePlayBands reads them back (without the mark).
std::string playBandsText(const std::vector<PlayBand>& bands);

/// The row of a use for a bore; the largest where the bore is beyond the table. The shop's own rows come before those
/// that ship. Null: no such use.
const PlayBand* bandOf(const std::vector<PlayBand>& bands, const std::string& use, double bore_mm);

} // namespace arbor::adjust
