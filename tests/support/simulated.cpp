#include "support/simulated.h"

#include "core/fit/press_joint.h"

#include <cmath>
#include <numbers>

namespace arbor::testing {

namespace {

double pick(double from, double to, std::mt19937& hand) {
    return std::uniform_real_distribution<double>(from, to)(hand);
}

sim::RealSeat someSeat(std::mt19937& hand) {
    sim::RealSeat s;
    s.dia_mm = pick(30, 140, hand);
    s.ringBore_mm = s.dia_mm * pick(0.82, 0.9, hand);
    s.bodyOutside_mm = s.dia_mm * pick(1.3, 2.2, hand);
    if (pick(0, 1, hand) < 0.4) s.bodyE_MPa = 70000;
    s.interference_mm = s.dia_mm * pick(0.15, 0.5, hand) / 1000;
    s.friction = pick(0.085, 0.125, hand);
    s.length_mm = s.dia_mm * pick(0.22, 0.4, hand);
    s.chamfer_mm = pick(0.5, 1.5, hand);
    s.travel_mm = s.length_mm + pick(0, 2, hand);
    return s;
}

/// The core's own prediction for the drawing of that seat, with its own Lamé and the band of the book.
trace::Expected predicted(const sim::RealSeat& s) {
    fit::JointInput joint;
    joint.interfaceDia_mm = s.dia_mm;
    joint.innerBoreDia_mm = s.ringBore_mm;
    joint.outerOutsideDia_mm = s.bodyOutside_mm;
    joint.inner = {s.ringE_MPa, s.ringNu, 1.2e-5};
    joint.outer = {s.bodyE_MPa, s.bodyNu, 1.2e-5};
    const double pressure = *fit::jointStiffness(joint) * s.interference_mm;
    const double perFriction = std::numbers::pi * s.dia_mm * s.length_mm * pressure;
    // Sizes are known to a tenth of the interference either way, friction from 0.08 to 0.13.
    return trace::expectTrace({s.travel_mm,
                               s.length_mm,
                               {0.08 * 0.85 * perFriction, 0.105 * perFriction, 0.13 * 1.15 * perFriction},
                               [&](double x) { return std::clamp(x, 0.0, s.length_mm); }});
}

} // namespace

SimulatedPress simulate(sim::Fault fault, unsigned seed) {
    std::mt19937 hand(seed);
    SimulatedPress out;
    out.fault = fault;
    out.seat = someSeat(hand);
    out.expected = predicted(out.seat);
    out.seat.interference_mm *= pick(0.93, 1.07, hand);
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

trace::Verdict wanted(sim::Fault fault) {
    switch (fault) {
    case sim::Fault::None:
        return trace::Verdict::Home;
    case sim::Fault::CockedStart:
        return trace::Verdict::CockedStart;
    case sim::Fault::DrySeat:
    case sim::Fault::TightBore:
        return trace::Verdict::AboveBand;
    case sim::Fault::LooseBore:
        return trace::Verdict::Loose;
    case sim::Fault::Galling:
        return trace::Verdict::Galling;
    case sim::Fault::Chip:
    case sim::Fault::StoppedShort:
        return trace::Verdict::Short;
    case sim::Fault::WrongRing:
        return trace::Verdict::SoftEnd;
    case sim::Fault::SupportSlips:
        return trace::Verdict::SupportMoved;
    case sim::Fault::GripsEarly:
        return trace::Verdict::GrippedEarly;
    case sim::Fault::NoShoulder:
        return trace::Verdict::OverTravel;
    }
    return trace::Verdict::NotEnough;
}

} // namespace arbor::testing
