#include "support/simulated.h"

namespace arbor::testing {

namespace {

double pick(double from, double to, std::mt19937& hand) {
    return std::uniform_real_distribution<double>(from, to)(hand);
}

} // namespace

SimulatedPress simulate(sim::Fault fault, unsigned seed) {
    std::mt19937 hand(seed);
    SimulatedPress out{practice::someExercise(fault, hand), {}};
    const sim::RealPress press(out.seat, fault, hand);
    sim::Stroke stroke;
    stroke.speed_mm_s = pick(1, 6, hand);
    stroke.hold_N = out.expected.hold_N.likely;
    stroke.every_s = pick(0, 1, hand) < 0.5 ? 0.001 : 0.01;
    stroke.noise_N = stroke.hold_N * pick(0.001, 0.012, hand);
    stroke.zero_N = stroke.hold_N * pick(-0.05, 0.05, hand);
    stroke.pause_s = pick(0, 1, hand) < 0.3 ? pick(0.5, 3, hand) : 0;
    if (fault == sim::Fault::StoppedShort) stroke.stopAt_mm = out.seat.travel_mm * pick(0.5, 0.93, hand);
    for (const auto& r : sim::pressOnce(press, stroke, hand))
        out.trace.push_back({r.t_s, r.travel_mm, r.force_N});
    return out;
}

} // namespace arbor::testing
