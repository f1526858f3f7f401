#include "mistakes/planted.h"
#include "words/language.h"
#include "words/order_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

using arrangement::PartKind;
using job::Station;
using words::tr;

/// A step in whose seat can be opened by temperature.
std::optional<std::size_t> someHeated(Plot& plot, bool (*wanted)(const Plot&, const plan::StepPlan&)) {
    std::vector<std::size_t> all;
    for (std::size_t i = 0; i < plot.plan.steps.size(); ++i) {
        const auto& s = plot.plan.steps[i];
        if (!s.step.out && plan::heatOf(s.step, plot.plan.heats) && wanted(plot, s)) all.push_back(i);
    }
    if (all.empty()) return std::nullopt;
    return plot.chance.of(all);
}

const arrangement::Part& outerOf(const Plot& plot, const plan::StepPlan& s) {
    const auto& a = plot.plan.strip.assembly;
    return a.parts[*indexOf(a, s.step.id.seat.first)];
}
const arrangement::Part& innerOf(const Plot& plot, const plan::StepPlan& s) {
    const auto& a = plot.plan.strip.assembly;
    return a.parts[*indexOf(a, s.step.id.seat.second)];
}

/// What no part of that kind bears, whatever is in it. @source [HB4.10]
double ceiling_C(const arrangement::Part& part) {
    if (part.catalogue) return 120;
    if (part.material.find("aluminium") != std::string::npos) return 150;
    return 200;
}

Planted heated(Plot& plot, const plan::StepPlan& s, std::set<std::string> keys, std::vector<std::string> names,
               std::string happened, const std::function<void(job::StepHeat&)>& how) {
    job::changeStep(plot.world.job, s.step.id, [&](job::StepRecord& r) { how(r.heat); });
    return {std::move(happened), std::move(keys), std::move(names), {Station::Warm}, s.step.id};
}

bool anyOne(const Plot&, const plan::StepPlan&) {
    return true;
}
bool bearingGoesIn(const Plot& plot, const plan::StepPlan& s) {
    return innerOf(plot, s).catalogue.has_value();
}

/// A sealed bearing that is in the warmed part already, or goes into it.
const arrangement::Part* sealedIn(const Plot& plot, const plan::StepPlan& s) {
    const auto& a = plot.plan.strip.assembly;
    const auto sealed = [&](const arrangement::Part& part) {
        return part.catalogue && part.catalogue->dress.seals != catalog::Side::None;
    };
    for (const auto& joint : a.pressed) {
        if (joint.outer != s.step.id.seat.first) continue;
        const auto& inner = a.parts[*indexOf(a, joint.inner)];
        if (!sealed(inner)) continue;
        if (inner.id == s.step.id.seat.second) return &inner;
        // In already, if its own step came before.
        for (const auto& other : plot.plan.steps)
            if (!other.step.out && other.step.id.seat == job::SeatKey{joint.outer, joint.inner} && &other < &s)
                return &inner;
    }
    return nullptr;
}
bool hasSealed(const Plot& plot, const plan::StepPlan& s) {
    return sealedIn(plot, s) != nullptr;
}
bool mustBeWarm(const Plot& plot, const plan::StepPlan& s) {
    const auto* heat = plan::heatOf(s.step, plot.plan.heats);
    return heat->needed() && heat->interference_mm.lower > 0 && heat->outer.temp_C > 40;
}

} // namespace

std::optional<Planted> tooHot(Plot& plot) {
    const auto at = someHeated(plot, anyOne);
    if (!at) return std::nullopt;
    const auto& s = plot.plan.steps[*at];
    const double temp = std::round(ceiling_C(outerOf(plot, s)) + 3 + plot.chance.between(0, 60));
    return heated(plot, s, {"too_hot_for"}, {},
                  tr("{part} is warmed beyond what it bears").with("part", words::partName(outerOf(plot, s))),
                  [&](job::StepHeat& h) { h.overrides.outer_C = temp; });
}

std::optional<Planted> tooCold(Plot& plot) {
    const auto at = someHeated(plot, bearingGoesIn);
    if (!at) return std::nullopt;
    const double temp = std::round(-58 - plot.chance.between(0, 130));
    return heated(plot, plot.plan.steps[*at], {"too_cold_for"}, {},
                  tr("A hardened ring is chilled until it may change"),
                  [&](job::StepHeat& h) { h.overrides.inner_C = temp; });
}

std::optional<Planted> sealBesideIt(Plot& plot) {
    const auto at = someHeated(plot, hasSealed);
    if (!at) return std::nullopt;
    const auto& s = plot.plan.steps[*at];
    const auto* sealed = sealedIn(plot, s);
    const bool goesIn = sealed->id == s.step.id.seat.second;
    // One that only goes in is warmed by what the housing has to give: far over its ceiling it is cooked.
    const double temp = std::round((goesIn ? 140 : 86) + plot.chance.between(0, goesIn ? 40 : 50));
    return heated(plot, s, {"too_hot_for", "too_hot_once_in"}, {sealed->name(), "seal", "grease"},
                  tr("{part} is warmed with a sealed bearing in it").with("part", words::partName(outerOf(plot, s))),
                  [&](job::StepHeat& h) { h.overrides.outer_C = temp; });
}

std::optional<Planted> windowMissed(Plot& plot) {
    const auto at = someHeated(plot, mustBeWarm);
    if (!at) return std::nullopt;
    constexpr double kHour_s = 3600; // by then whatever was warm is as cold as the room
    plot.world.waited_s = std::round(kHour_s * plot.chance.between(6, 12));
    return heated(plot, plot.plan.steps[*at], {"verdict", "title", "window_short"}, {tr("Too late to start")},
                  tr("The warm part stands until it is cold again"), [&](job::StepHeat& h) {
                      h.clocks.push_back({job::Clock::What::Carry, "2026-01-01T08:00:00", plot.world.job.heat.walk_s});
                  });
}

} // namespace arbor::mistakes
