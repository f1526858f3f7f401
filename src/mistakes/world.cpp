#include "mistakes/world.h"

#include <cmath>
#include <complex>
#include <numbers>

namespace arbor::mistakes {

namespace {

constexpr double kGauge_mm = 0.002;      // 95 % of one reading of a bore gauge or micrometer
constexpr double kIndicator_mm = 0.002;  // on the surface plate
constexpr double kDepthGauge_mm = 0.003; // an indicator on a bridge
constexpr double kPlay_mm = 0.005;

double err(double sure_mm, Chance& chance) {
    return std::clamp(std::normal_distribution<double>(0, sure_mm / 2)(chance.hand()), -sure_mm, sure_mm);
}

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

double cosine(double deg) {
    return std::polar(1.0, deg * std::numbers::pi / 180).real();
}

} // namespace

void measureSurface(World& world, const SurfaceKey& key, Chance& chance) {
    const auto& real = world.surfaces.at(key);
    auto& seat = world.job.measured.seats[key.first];
    auto& card = key.second ? seat.hole : seat.shaft;
    card.readings.clear();
    card.gauge.uncertainty_mm = kGauge_mm;
    card.condition = real.looks;
    const double off = err(kGauge_mm / 2, chance); // of the master: the same in every reading
    for (const double share : {0.1, 0.5, 0.9})
        for (const double turn : {0.0, 45.0, 90.0, 135.0}) {
            const double depth = rounded(share * real.form.length_mm, 0.1);
            const double shown = sim::shownDia_mm(real.form, depth, turn, chance.hand());
            card.readings.push_back({depth, turn, rounded(shown + off + err(kGauge_mm / 2, chance), 0.001)});
        }
}

void measureSpacer(World& world, const std::string& part, Chance& chance) {
    const auto& real = world.spacers.at(part);
    auto& told = world.job.measured.spacers[part];
    told = {};
    told.uncertainty_mm = kIndicator_mm;
    for (const double at : {0.0, 90.0, 180.0, 270.0}) {
        const double lean = cosine(at - 30) / 2;
        told.lengths.push_back(
            {at, rounded(real.length_mm + real.unparallel_mm * lean + err(kIndicator_mm, chance), 0.001)});
        told.lowerEnd.push_back({at, rounded(real.unsquare_mm * lean + err(kIndicator_mm, chance), 0.001)});
    }
    told.middleOutside_mm = rounded(real.outside_mm, 0.01);
    told.lowerOutside_mm = told.middleOutside_mm;
    told.upperOutside_mm = rounded(real.outside_mm + real.flare_mm, 0.01);
}

sim::RealSeat realSeatOf(const fit::SeatInput& in) {
    constexpr double kEndless_mm = 1e5;
    sim::RealSeat out;
    out.dia_mm = in.dia_mm;
    out.ringBore_mm = in.inner.otherDia_mm;
    out.bodyOutside_mm = in.outer.otherDia_mm > 0 ? in.outer.otherDia_mm : kEndless_mm;
    out.ringE_MPa = in.inner.material.E_MPa;
    out.ringNu = in.inner.material.nu;
    out.bodyE_MPa = in.outer.material.E_MPa;
    out.bodyNu = in.outer.material.nu;
    out.length_mm = in.engagedLength_mm;
    return out;
}

void pressIn(World& world, const plan::StepPlan& step, Chance& chance) {
    const auto& real = world.rings.at(step.step.id);
    sim::Stroke stroke;
    stroke.speed_mm_s = std::max(chance.between(1, 6), real.seat.travel_mm / 5);
    const double end_N = sim::RealPress(real.seat, sim::Fault::None, chance.hand()).force(real.seat.travel_mm);
    const auto& expected = step.press->expected; // where it must not be held, it is stopped at the first sharp rise
    stroke.hold_N = expected.holds
                        ? std::max(expected.hold_N.likely, 1.1 * end_N)
                        : std::min(std::max(1.05 * expected.end_N.most, 1.15 * end_N), 1.09 * expected.end_N.most);
    stroke.approach_mm = real.free_mm + 2;
    stroke.noise_N = stroke.hold_N * chance.between(0.001, 0.01);
    stroke.zero_N = stroke.hold_N * chance.between(-0.03, 0.03);
    // So often that the rise at the shoulder is seen: an instrument does not overshoot what it holds at.
    stroke.every_s = std::clamp(0.05 * stroke.hold_N / (real.seat.stack_N_per_mm * stroke.speed_mm_s), 0.0005, 0.005);
    if (real.fault == sim::Fault::StoppedShort) stroke.stopAt_mm = real.seat.travel_mm * chance.between(0.5, 0.9);
    const sim::RealPress press(real.seat, real.fault, chance.hand());
    auto& trace = world.traces[step.step.id];
    trace.clear();
    for (const auto& r : sim::pressOnce(press, stroke, chance.hand()))
        trace.push_back({r.t_s, r.travel_mm + real.free_mm, r.force_N});
}

void readRing(World& world, const plan::StepPlan& step, Chance& chance) {
    const auto& real = world.rings.at(step.step.id);
    const auto& in = step.ring->input;
    job::changeStep(world.job, step.step.id, [&](job::StepRecord& record) {
        auto& told = record.readings;
        told.kind = step.ring->offered;
        told.uncertainty_mm = kDepthGauge_mm;
        told.readings.clear();
        const double across = in.seatDia_mm > 0 ? 2 * in.readingRad_mm / in.seatDia_mm : 1;
        for (int i = 0; i < 8; ++i) {
            const double at = 45.0 * i;
            double gap = real.short_mm + real.rise_mm * across * (1 + cosine(at - 100)) / 2;
            if (i == 2) gap += real.chip_mm;
            const bool depth = told.kind == seating::ReadingKind::Depth;
            const double value = depth ? in.homeDepth_mm - gap : gap;
            const double shown = rounded(value + err(kDepthGauge_mm - 0.0005, chance), 0.001);
            told.readings.push_back({at, depth ? shown : std::max(0.0, shown)});
        }
        auto& proof = record.proof;
        for (const auto check : step.checks)
            proof.checks[check] = check != job::SeatCheck::Turns || !real.turnsBadly;
        proof.probed.clear();
        for (int hour = 1; hour <= 12; ++hour)
            if (!real.notInGroove.contains(hour)) proof.probed.insert(hour);
    });
}

void readPlay(World& world, Chance& chance) {
    world.job.adjust.play_mm = rounded(world.play_mm + err(kPlay_mm, chance), 0.001);
    world.job.adjust.uncertainty_mm = kPlay_mm;
}

} // namespace arbor::mistakes
