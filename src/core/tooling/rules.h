#pragma once

namespace arbor::tooling {

inline constexpr double kSafety = 1.5;      ///< against yield, buckling and stripping @source [HB4.17]
inline constexpr double kEpsilon_mm = 1e-6; ///< of lengths that are added up

} // namespace arbor::tooling
