#pragma once

#include "core/base/result.h"

#include <optional>
#include <string>

namespace arbor::standards {

/// A metric thread with its basic profile [mm].
struct Thread {
    double dia_mm = 0;
    double pitch_mm = 0;

    double pitchDia_mm() const { return dia_mm - 0.649519 * pitch_mm; } ///< d_2 = d - 3/8 sqrt(3) P
    double minorDia_mm() const { return dia_mm - 1.082532 * pitch_mm; } ///< D_1 = d - 5/8 sqrt(3) P, of the nut
    double coreDia_mm() const { return dia_mm - 1.226869 * pitch_mm; }  ///< d_3 = d - 17/24 sqrt(3) P, of the bolt
    double stressDia_mm() const { return (pitchDia_mm() + coreDia_mm()) / 2; }
    double stressArea_mm2() const; ///< A_s = pi/4 ((d_2 + d_3)/2)^2
};

/// "M20x2.5": the pitch is always said, so that nothing is looked up that was not meant.
/// @errors Malformed, OutOfRange (over 0 to 300 mm, a pitch the thread has room for)
/// @source [ISO724] basic dimensions, [ISO898-1] stress area
Result<Thread> parseThread(const std::string& text);

/// Across the flats of its hexagon [mm]; nothing: not one of the usual sizes M6 to M36. @source [ISO272]
std::optional<double> acrossFlats_mm(const Thread& thread);

/// What a strength class promises [MPa].
struct Strength {
    double tensile_MPa = 0; ///< R_m
    double yield_MPa = 0;   ///< R_e or R_p0.2
};
/// "8.8": the first number is R_m / 100, the second R_e / R_m times ten. @errors Malformed @source [ISO898-1]
Result<Strength> parseStrengthClass(const std::string& text);

} // namespace arbor::standards
