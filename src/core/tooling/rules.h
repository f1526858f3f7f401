#pragma once

namespace arbor::tooling {

inline constexpr double kSafety = 1.5;      ///< against yield, buckling and stripping @source [HB4.17]
inline constexpr double kEpsilon_mm = 1e-6; ///< of lengths that are added up

/// What a tool must have under its edge, or half the face where that is narrower: on less it slips off, or bruises the
/// edge. @source practice value
inline constexpr double kLeastLand_mm = 1;
inline constexpr double kLeastLandShare = 0.5;

/// Of the ram's stroke that is kept in hand: sizes on the bench are never quite the drawing's. @source [HB8]
inline constexpr double kStrokeReserveShare = 0.05;
inline constexpr double kLeastStrokeReserve_mm = 3;

} // namespace arbor::tooling
