#include "core/fit/rotation.h"

#include <numbers>

namespace arbor::fit {

namespace {

/// rho w^2 / (4 E) [1/mm^2]; a tonne, a millimetre and a second make megapascals.
double pull(const Turning& t) {
    const double w = t.speed_rpm * std::numbers::pi / 30;
    return t.density_kg_m3 * 1e-12 * w * w / (4 * t.elastic.E_MPa);
}

/// On the diameter, at one of the radii; the other radius pulls along.
double growth(const Turning& t, double at_mm, double other_mm) {
    const double nu = t.elastic.nu;
    return pull(t) * at_mm * ((1 - nu) * at_mm * at_mm + (3 + nu) * other_mm * other_mm) / 4;
}

} // namespace

double boreGrowth_mm(const Turning& t) {
    return growth(t, t.boreDia_mm, t.outsideDia_mm);
}

double outsideGrowth_mm(const Turning& t) {
    return growth(t, t.outsideDia_mm, t.boreDia_mm);
}

} // namespace arbor::fit
