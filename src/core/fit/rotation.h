#pragma once

#include "core/fit/press_joint.h"

namespace arbor::fit {

/// A ring or disc that turns, free of other loads. Sizes in mm.
struct Turning {
    double boreDia_mm = 0; ///< 0: solid
    double outsideDia_mm = 0;
    Elastic elastic;
    double density_kg_m3 = 0;
    double speed_rpm = 0;
};

/// Growth of the bore, or outside, of a turning ring on its diameter [mm]; plane stress.
///   u(a) = rho w^2 a / (4 E) [(1 - nu) a^2 + (3 + nu) b^2],  u(b) = rho w^2 b / (4 E) [(1 - nu) b^2 + (3 + nu) a^2]
/// @param t  0 <= bore < outside, E > 0, density >= 0
/// @source theory of elasticity, rotating annular disc; tested by integrating its equilibrium
double boreGrowth_mm(const Turning& t);
double outsideGrowth_mm(const Turning& t);

} // namespace arbor::fit
