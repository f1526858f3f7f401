#pragma once

#include <numbers>

namespace arbor {

inline constexpr double kUm = 1e-3;                          ///< a micrometre [mm]
inline constexpr double kMmPerInch = 25.4;                   ///< exact by definition
inline constexpr double kRadPerDeg = std::numbers::pi / 180; ///< rad in a degree

} // namespace arbor
