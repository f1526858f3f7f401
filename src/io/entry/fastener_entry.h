#pragma once

#include "core/base/result.h"
#include "core/job/closing.h"

#include <string>

namespace arbor::io {

/// A line of the tightening list as it is said: `Plate screws 4 x 25 star 2 stages tab`, `Shaft nut 180 pin`,
/// `Hub bolts 6 x 60 round 90 deg new`. Whatever is no number, count, pattern, locking, angle or "new" is its name.
/// @param unit_Nm  newton metres in the unit typed
/// @errors Missing (name), Malformed, those of closing::check
Result<job::Fastener> parseFastener(const std::string& typed, double unit_Nm = 1);

} // namespace arbor::io
