#include "sim/bore.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace arbor::sim {

double shownDia_mm(const Bore& bore, double depth_mm, double turn_deg, std::mt19937& hand) {
    // The outline as a radius that goes round with two and with four humps; a gauge spans two opposite points.
    const auto radius_um = [&](double at_deg) {
        const auto turn = [&](double humps, double from_deg) {
            return std::polar(1.0, humps * (at_deg - from_deg) * std::numbers::pi / 180).real();
        };
        return bore.oval_um / 4 * turn(2, bore.ovalAt_deg) + bore.fourLobes_um / 4 * turn(4, 0);
    };
    double um = radius_um(turn_deg) + radius_um(turn_deg + 180);
    um += bore.taper_um * (0.5 - depth_mm / bore.length_mm);
    const double flare = bore.length_mm / 5;
    um += bore.bellMouth_um * std::max(0.0, 1 - depth_mm / flare);
    if (bore.noise_um > 0) um += std::normal_distribution<double>(0, bore.noise_um)(hand);
    return bore.dia_mm + um / 1000;
}

} // namespace arbor::sim
