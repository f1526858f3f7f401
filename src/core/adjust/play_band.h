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
    Limits play_mm;
};

/// @errors Malformed, NotPositive (up_to_mm), GeometryOrder (most_um under least_um), each with "bands/N"
/// @source [PRACTICE]
Result<std::vector<PlayBand>> parsePlayBands(std::string_view json);

/// The row of a use for a bore; the largest where the bore is beyond the table. Null: no such use.
const PlayBand* bandOf(const std::vector<PlayBand>& bands, const std::string& use, double bore_mm);

} // namespace arbor::adjust
