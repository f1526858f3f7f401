#include "core/force/gauge.h"
#include "mistakes/planted.h"
#include "mistakes/sound_world.h"
#include "words/language.h"
#include "words/order_words.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::mistakes {

namespace {

using job::Station;
using words::tr;

/// A ring that is pressed in, with what it really takes.
struct Pressing {
    plan::Plan plan;
    std::size_t step = 0;
    const plan::StepPlan& now() const { return plan.steps[step]; }
};

std::optional<Pressing> somePressing(Plot& plot) {
    std::vector<std::size_t> all;
    for (std::size_t i = 0; i < plot.plan.steps.size(); ++i)
        if (!plot.plan.steps[i].step.out && plot.plan.steps[i].step.seat) all.push_back(i);
    if (all.empty()) return std::nullopt;
    const auto at = plot.chance.of(all);
    Pressing out{plot.program.plan(plot.world, {{}, plot.plan.steps[at].step.id, false, {}}), at};
    const auto& step = out.now();
    if (!step.press) return std::nullopt;
    auto ring = soundRing(plot.world, out.plan, step, plot.chance);
    constexpr double kFelt_N = 400; // under that the instrument of a shop press tells little
    if (!ring) return std::nullopt;
    const double end_N = sim::RealPress(ring->seat, sim::Fault::None, plot.chance.hand()).force(ring->seat.travel_mm);
    if (end_N < kFelt_N || ring->seat.interference_mm <= 0.002) return std::nullopt;
    plot.world.rings[step.step.id] = std::move(*ring);
    return out;
}

/// Least and most that this seat can take at its end, by every size and friction that is allowed.
Interval reach_N(const RealRing& ring, const plan::SeatPlan& seat) {
    const auto end = [&](double interference_mm, double friction) {
        return friction * sim::seatPressure(ring.seat, std::max(0.0, interference_mm)) * std::numbers::pi *
               ring.seat.dia_mm * ring.seat.length_mm;
    };
    const auto& fit = *seat.fit;
    return {end(fit.interferenceWorst_mm.lower - fit.smoothing_mm, seat.input->friction.lower),
            end(fit.interferenceWorst_mm.upper - fit.smoothing_mm, seat.input->friction.upper)};
}

std::optional<Planted> pressed(Plot& plot, sim::Fault fault, std::set<std::string> keys, std::string happened) {
    const auto at = somePressing(plot);
    if (!at) return std::nullopt;
    const auto& step = at->now();
    plot.world.rings.at(step.step.id).fault = fault;
    pressIn(plot.world, step, plot.chance);
    return Planted{std::move(happened),
                   std::move(keys),
                   {words::capital(step.step.label), step.step.label, step.step.partnerLabel},
                   {Station::Press},
                   step.step.id};
}

} // namespace

std::optional<Planted> crookedStart(Plot& plot) {
    return pressed(plot, sim::Fault::CockedStart, {"trace_cocked"}, tr("It went in crooked, bit, and jumped straight"));
}
std::optional<Planted> shortOfHome(Plot& plot) {
    return pressed(plot, sim::Fault::StoppedShort, {"trace_short"}, tr("The ram was stopped before it was home"));
}
std::optional<Planted> chipUnderIt(Plot& plot) {
    return pressed(plot, sim::Fault::Chip, {"trace_short"}, tr("A chip lies under the ring"));
}
std::optional<Planted> galling(Plot& plot) {
    return pressed(plot, sim::Fault::Galling, {"trace_galling"}, tr("The surfaces pick up on each other"));
}
std::optional<Planted> earlyGrip(Plot& plot) {
    return pressed(plot, sim::Fault::GripsEarly, {"trace_gripped"}, tr("It went in warm, and gripped on the way"));
}
std::optional<Planted> supportMoved(Plot& plot) {
    return pressed(plot, sim::Fault::SupportSlips, {"trace_dropped"}, tr("The work jumped on its support"));
}

std::optional<Planted> wrongPart(Plot& plot) {
    const auto at = somePressing(plot);
    if (!at) return std::nullopt;
    const auto& step = at->now();
    auto& ring = plot.world.rings.at(step.step.id);
    const auto reach = reach_N(ring, at->plan.fits->seats[*step.step.seat]);
    const bool dry = plot.chance.happens(0.5);
    const double times = plot.chance.between(1.6, 4);
    (dry ? ring.seat.friction : ring.seat.interference_mm) *= times;
    const double end = sim::RealPress(ring.seat, sim::Fault::None, plot.chance.hand()).force(ring.seat.travel_mm);
    pressIn(plot.world, step, plot.chance);
    Planted made{dry ? tr("The seat is dry").text() : tr("The ring is larger than its seat was made for").text(),
                 {"trace_above_band"},
                 {},
                 {Station::Press},
                 step.step.id};
    made.beyondAnybody = end < 1.15 * reach.upper;
    return made;
}

std::optional<Planted> looseInTheBore(Plot& plot) {
    const auto at = somePressing(plot);
    if (!at) return std::nullopt;
    const auto& step = at->now();
    auto& ring = plot.world.rings.at(step.step.id);
    const auto reach = reach_N(ring, at->plan.fits->seats[*step.step.seat]);
    ring.seat.interference_mm *= plot.chance.between(0.02, 0.5);
    const double end = sim::RealPress(ring.seat, sim::Fault::None, plot.chance.hand()).force(ring.seat.travel_mm);
    pressIn(plot.world, step, plot.chance);
    Planted made{tr("The seat hardly holds the ring"), {"trace_below_band"}, {}, {Station::Press}, step.step.id};
    made.beyondAnybody = end > 0.8 * reach.lower;
    return made;
}

std::optional<Planted> gaugeOfAnotherPress(Plot& plot) {
    const auto at = somePressing(plot);
    if (!at) return std::nullopt;
    const auto& step = at->now();
    const auto* press = step.press->press;
    if (!press || !(press->pistonDia_mm > 0)) return std::nullopt;
    const auto& ring = plot.world.rings.at(step.step.id);
    const auto reach = reach_N(ring, at->plan.fits->seats[*step.step.seat]);
    const bool larger = plot.chance.happens(0.5);
    const double areas =
        larger ? plot.chance.between(1.7, 4) : plot.chance.between(0.25, 0.6); // the other's over this one's
    const sim::RealPress real(ring.seat, sim::Fault::None, plot.chance.hand());
    const double end = real.force(ring.seat.travel_mm);
    const auto& expected = step.press->expected;
    job::ManualPress hand;
    const auto gauge = [&](double force_N) { // of this press, as the needle of the other one stands
        return force::gaugeReading(*press, force_N / areas).value_or(0);
    };
    for (const double share : {0.15, 0.3, 0.45, 0.6, 0.75, 0.9, 0.98})
        hand.points.push_back(
            {ring.free_mm + share * ring.seat.travel_mm, gauge(real.force(share * ring.seat.travel_mm))});
    hand.points.push_back({expected.homeTravel_mm, gauge(std::max(expected.hold_N.likely, 1.3 * end))});
    job::changeStep(plot.world.job, step.step.id, [&](job::StepRecord& r) { r.hand = hand; });
    Planted made{tr("The gauge that was read belongs to another press"),
                 {"trace_above_band", "trace_below_band"},
                 {},
                 {Station::Press},
                 step.step.id};
    made.beyondAnybody = end / areas < 1.2 * reach.upper && end / areas > 0.75 * reach.lower;
    return made;
}

} // namespace arbor::mistakes
