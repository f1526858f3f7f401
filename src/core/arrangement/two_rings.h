#pragma once

#include "core/arrangement/arrangement.h"

namespace arbor::arrangement {

/// One plain ring pressed on another, to be given sizes of one's own: Ø20/Ø40 in Ø40/Ø60, 20 wide, H7/p6, on a step
/// that stops it.
Arrangement twoRings();

} // namespace arbor::arrangement
