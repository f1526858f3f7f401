#include "support/stand_in.h"

#include <algorithm>
#include <numbers>

namespace arbor::testing {

sim::PressInstrument::Options standInFor(const trace::Expected& expected, sim::Fault fault) {
    sim::PressInstrument::Options out;
    out.seat.travel_mm = out.seat.length_mm = expected.homeTravel_mm;
    out.seat.chamfer_mm = std::min(0.5, expected.homeTravel_mm / 10);
    out.seat.friction = 0.1;
    out.seat.interference_mm = 0.01;
    const double there =
        sim::seatPressure(out.seat, 0.01) * out.seat.friction * std::numbers::pi * out.seat.dia_mm * out.seat.length_mm;
    out.seat.interference_mm *= expected.end_N.likely / there;
    out.stroke.hold_N = expected.hold_N.likely;
    out.stroke.noise_N = expected.hold_N.likely * 0.003;
    out.stroke.speed_mm_s = 15;
    out.stroke.hold_s = 3600;
    out.fault = fault;
    return out;
}

std::vector<sim::Reading> pullOut(double firstMovement_N, double slide_N, double travel_mm) {
    constexpr int kSteps = 100;
    std::vector<sim::Reading> out{{0, 0, 0}, {0.1, 0.01, firstMovement_N}};
    for (int i = 1; i <= kSteps; ++i) {
        const double gone = static_cast<double>(i) / kSteps;
        out.push_back({0.1 + 3 * gone, gone * travel_mm, slide_N * (1 - gone)});
    }
    out.push_back({3.2, travel_mm, 0});
    return out;
}

} // namespace arbor::testing
