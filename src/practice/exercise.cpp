#include "practice/exercise.h"

#include "core/fit/press_joint.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::practice {

namespace {

constexpr Interval kFriction{0.08, 0.13}; // steel in cast iron, light oil, [HB4.6]
constexpr double kUnsure = 0.15;          // of the interference the drawing leaves open
constexpr double kGoodShare = 0.25;

double pick(double from, double to, std::mt19937& hand) {
    return std::uniform_real_distribution<double>(from, to)(hand);
}

sim::RealSeat someSeat(std::mt19937& hand) {
    sim::RealSeat s;
    s.dia_mm = std::round(pick(30, 140, hand));
    s.ringBore_mm = s.dia_mm * pick(0.82, 0.9, hand);
    s.bodyOutside_mm = std::round(s.dia_mm * pick(1.3, 2.2, hand));
    if (pick(0, 1, hand) < 0.4) s.bodyE_MPa = 70000;
    s.interference_mm = s.dia_mm * pick(0.15, 0.5, hand) / 1000;
    s.friction = pick(0.085, 0.125, hand);
    s.length_mm = std::round(s.dia_mm * pick(0.22, 0.4, hand));
    s.chamfer_mm = pick(0.5, 1.5, hand);
    s.travel_mm = s.length_mm + std::round(10 * pick(0, 2, hand)) / 10;
    return s;
}

trace::Expected predicted(const sim::RealSeat& s) {
    fit::JointInput joint;
    joint.interfaceDia_mm = s.dia_mm;
    joint.innerBoreDia_mm = s.ringBore_mm;
    joint.outerOutsideDia_mm = s.bodyOutside_mm;
    joint.inner = {s.ringE_MPa, s.ringNu, 1.2e-5};
    joint.outer = {s.bodyE_MPa, s.bodyNu, 1.2e-5};
    const double pressure = *fit::jointStiffness(joint) * s.interference_mm;
    const double perFriction = std::numbers::pi * s.dia_mm * s.length_mm * pressure;
    return trace::expectTrace({s.travel_mm,
                               s.length_mm,
                               {kFriction.lower * (1 - kUnsure) * perFriction, kFriction.mid() * perFriction,
                                kFriction.upper * (1 + kUnsure) * perFriction},
                               [&](double x) { return std::clamp(x, 0.0, s.length_mm); }});
}

} // namespace

Exercise someExercise(sim::Fault fault, std::mt19937& hand) {
    Exercise out;
    out.fault = fault;
    out.seat = someSeat(hand);
    out.expected = predicted(out.seat);
    out.seat.interference_mm *= pick(0.93, 1.07, hand);
    return out;
}

Exercise nextExercise(std::mt19937& hand) {
    std::vector<sim::Fault> bad(std::begin(sim::kFaults), std::end(sim::kFaults));
    // Whoever works the ram stops short himself.
    std::erase_if(bad, [](sim::Fault f) { return f == sim::Fault::None || f == sim::Fault::StoppedShort; });
    const bool good = pick(0, 1, hand) < kGoodShare;
    const auto which = std::uniform_int_distribution<std::size_t>(0, bad.size() - 1)(hand);
    return someExercise(good ? sim::Fault::None : bad[which], hand);
}

trace::Verdict shownBy(sim::Fault fault) {
    using sim::Fault;
    using trace::Verdict;
    switch (fault) {
    case Fault::None:
        return Verdict::Home;
    case Fault::CockedStart:
        return Verdict::CockedStart;
    case Fault::DrySeat:
    case Fault::TightBore:
        return Verdict::AboveBand;
    case Fault::LooseBore:
        return Verdict::Loose;
    case Fault::Galling:
        return Verdict::Galling;
    case Fault::Chip:
    case Fault::StoppedShort:
        return Verdict::Short;
    case Fault::WrongRing:
        return Verdict::SoftEnd;
    case Fault::SupportSlips:
        return Verdict::SupportMoved;
    case Fault::GripsEarly:
        return Verdict::GrippedEarly;
    case Fault::NoShoulder:
        return Verdict::OverTravel;
    }
    return Verdict::NotEnough;
}

} // namespace arbor::practice
