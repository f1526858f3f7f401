#include "mistakes/planted.h"
#include "words/language.h"
#include "words/order_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

using job::Station;
using words::tr;

constexpr double kSure_mm = 0.003; // of the depth gauge

/// A ring that stands in its place, to be read.
const plan::StepPlan* someRing(Plot& plot, bool (*wanted)(const plan::StepPlan&)) {
    std::vector<const plan::StepPlan*> all;
    for (const auto& step : plot.plan.steps)
        if (!step.step.out && step.ring && wanted(step)) all.push_back(&step);
    return all.empty() ? nullptr : plot.chance.of(all);
}
bool isMetal(const plan::StepPlan& step) {
    return !step.ring->seal;
}
bool hasRetainingRing(const plan::StepPlan& step) {
    return step.checks.contains(job::SeatCheck::GrooveAllRound);
}

Planted read(Plot& plot, const plan::StepPlan& step, const RealRing& real, std::set<std::string> keys,
             std::string happened) {
    plot.world.rings[step.step.id] = real;
    readRing(plot.world, step, plot.chance);
    return {std::move(happened), std::move(keys), {}, {Station::Seat}, step.step.id};
}

bool byNut(const plan::AdjustPlan& adjust) {
    return !adjust.onSpacer();
}

std::optional<Planted> setTo(Plot& plot, double play_mm, std::string key, std::string happened) {
    plot.world.play_mm = play_mm;
    if (plot.plan.adjust->onSpacer()) plot.world.job.adjust.foundWith_mm = plot.plan.adjust->pair.spacerLength_mm;
    readPlay(plot.world, plot.chance);
    return Planted{std::move(happened), {std::move(key)}, {}, {Station::Adjust}};
}

} // namespace

std::optional<Planted> readsShort(Plot& plot) {
    const auto* step = someRing(plot, isMetal);
    if (!step) return std::nullopt;
    RealRing real;
    real.short_mm = plot.chance.past(step->ring->input.depthTolerance_mm, kSure_mm, 2);
    return read(plot, *step, real, {"not_home", "groove_covered"}, tr("The ring stands short of home"));
}
std::optional<Planted> readsTilted(Plot& plot) {
    const auto* step = someRing(plot, isMetal);
    if (!step) return std::nullopt;
    RealRing real;
    real.rise_mm = plot.chance.past(step->ring->input.squareLimit_mm, kSure_mm, 0.4);
    return read(plot, *step, real, {"tilted", "square_uncertain", "not_home"}, tr("The ring stands out of square"));
}
std::optional<Planted> chipUnderOnePlace(Plot& plot) {
    const auto* step = someRing(plot, isMetal);
    if (!step) return std::nullopt;
    RealRing real;
    real.chip_mm = plot.chance.past(0.02, kSure_mm, 0.4);
    return read(plot, *step, real, {"readings_disagree"}, tr("A burr stands under one of the readings"));
}
std::optional<Planted> ringNotInGroove(Plot& plot) {
    const auto* step = someRing(plot, hasRetainingRing);
    if (!step) return std::nullopt;
    RealRing real;
    const int from = static_cast<int>(plot.chance.below(12)), many = 1 + static_cast<int>(plot.chance.below(6));
    for (int i = 0; i < many; ++i)
        real.notInGroove.insert((from + i) % 12 + 1);
    // Felt for all round, hour by hour: the first one where it is not there stays open, and is asked for by its hour.
    auto made =
        read(plot, *step, real, {"ring_not_probed", "asks"}, tr("The retaining ring is not in its groove all round"));
    made.names = {tr("Retaining ring probed at {hour} o’clock").with("hour", *real.notInGroove.begin())};
    return made;
}

std::optional<Planted> playTooLarge(Plot& plot) {
    if (!plot.plan.adjust) return std::nullopt;
    return setTo(plot, plot.plan.adjust->target_mm.upper + 0.015 + std::pow(plot.chance.between(0, 1), 3) * 0.4,
                 "play_too_large", tr("There is more end play than the band allows"));
}
std::optional<Planted> playTooSmall(Plot& plot) {
    if (!plot.plan.adjust) return std::nullopt;
    return setTo(plot, plot.plan.adjust->target_mm.lower - 0.015 - std::pow(plot.chance.between(0, 1), 3) * 0.2,
                 "play_too_small", tr("There is less end play than the band allows"));
}
std::optional<Planted> washerWrongWay(Plot& plot) {
    if (!plot.plan.adjust || !byNut(*plot.plan.adjust)) return std::nullopt;
    // It was too loose, and a thinner washer went in: what it lacks is added once more.
    const double excess = plot.chance.between(0.02, 0.15);
    const bool loose = plot.chance.happens(0.5);
    const auto& band = plot.plan.adjust->target_mm;
    return setTo(plot, loose ? band.upper + 2 * excess : band.lower - 2 * excess,
                 loose ? "play_too_large" : "play_too_small",
                 loose ? tr("A thinner washer went in where a thicker one was wanted")
                       : tr("A thicker washer went in where a thinner one was wanted"));
}

} // namespace arbor::mistakes
