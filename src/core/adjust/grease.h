#pragma once

#include "core/base/result.h"

#include <string>
#include <vector>

namespace arbor::adjust {

/// Grease for one bearing and the cavity beside it.
struct Fill {
    double bearing_cm3 = 0; ///< its free volume, packed full
    double cavity_cm3 = 0;  ///< all of it
    double bearing_g = 0;
    double least_g = 0; ///< bearing full, cavity as little as is wanted
    double most_g = 0;  ///< bearing full, cavity as much as is wanted
    double leastStrokes = 0;
    double mostStrokes = 0; ///< of the pump
};

struct FillInput {
    double bore_mm = 0, outside_mm = 0, width_mm = 0;
    double mass_kg = 0; ///< of the bearing
    double steel_kg_m3 = 7800;
    double cavity_cm3 = 0;
    double grease_g_cm3 = 0.9;
    double stroke_g = 1.2; ///< of the pump; 0: not known, no strokes
};

/// How far the cavity is filled: a third where it runs fast or warm, a half where it runs slowly or wet.
enum class CavityFill { ThirdToHalf, Third, Half };

/// What goes in.
struct Grease {
    std::string name; ///< as the shop calls it; kinds are not mixed
    CavityFill cavity = CavityFill::ThirdToHalf;
    double density_g_cm3 = 0.9;
    double stroke_g = 1.2; ///< of the pump; 0: not known, no strokes
    friend bool operator==(const Grease&, const Grease&) = default;
};

/// Of a bearing whose free volume is known.
Fill fillOf(double free_cm3, double cavity_cm3, const Grease& grease);

/// Of several bearings together.
Fill sum(const std::vector<Fill>& fills);

/// @errors GeometryOrder (outside_mm), NotPositive (width_mm, grease_g_cm3), OutOfRange (mass_kg: heavier than its own
/// ring of steel, cavity_cm3, stroke_g)
/// @source [HB4.16] pi/4 (D^2 - d^2) B - m/rho; bearing full, cavity a third to a half
Result<Fill> fill(const FillInput& in);

} // namespace arbor::adjust
