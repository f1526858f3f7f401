#include "words/heat_words.h"

#include "words/language.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace arbor::words {

namespace {

using plan::HeatMix;
using What = plan::TempLimit::What;

void addOnce(std::vector<std::string>& list, const std::string& one) {
    if (std::find(list.begin(), list.end(), one) == list.end()) list.push_back(one);
}

} // namespace

std::string duration(double seconds) {
    const auto whole = static_cast<int>(std::lround(seconds));
    if (whole < 120) return tr("{count} s").with("count", whole);
    const auto minutes = static_cast<int>(std::lround(seconds / 60));
    if (minutes < 120) return tr("{count} min").with("count", minutes);
    return minutes % 60 == 0 ? tr("{hours} h").with("hours", minutes / 60)
                             : tr("{hours} h {minutes} min").with("hours", minutes / 60).with("minutes", minutes % 60);
}

std::string clockFace(double seconds) {
    const auto whole = static_cast<long>(std::max(0.0, std::ceil(seconds)));
    if (whole < 3600) return fmt::format("{}:{:02}", whole / 60, whole % 60);
    return fmt::format("{}:{:02}:{:02}", whole / 3600, whole / 60 % 60, whole % 60);
}

std::string mixName(const plan::HeatPlan& plan, const plan::HeatOption& way, const Display& d) {
    const auto mix = [&]() -> Text {
        switch (way.mix) {
        case HeatMix::Nothing:
            return tr("No heating or cooling");
        case HeatMix::OuterOnly:
            return tr("Heat the {outer} to {hot}");
        case HeatMix::InnerOnly:
            return tr("Chill the {inner} to {cold}");
        case HeatMix::Both:
            return tr("Heat the {outer} to {hot}, chill the {inner} to {cold}");
        }
        return Text("");
    }();
    return mix.with("outer", inSentence(plan.outer.label))
        .with("inner", inSentence(plan.inner.label))
        .with("hot", d.temperature(way.outer_C).text())
        .with("cold", d.temperature(way.inner_C).text());
}

std::string opensLine(const plan::HeatPlan& plan, const Display& d) {
    if (!plan.needed() && !plan.byUser) return tr("no heating needed");
    const auto& way = plan.ways[plan.chosen];
    auto line = mixName(plan, {way.mix, plan.outer.temp_C, plan.inner.temp_C, way.within}, d);
    if (plan.clearanceWorst_mm >= plan.margin_mm - 1e-6) return line;
    return (plan.clearanceWorst_mm > 0 ? tr("{heating}: only {size} clearance for fitting")
                                       : tr("{heating}: {size} still to press"))
        .with("heating", line)
        .with("size", d.fine(std::abs(plan.clearanceWorst_mm)).text());
}

std::string protectedThing(const plan::TempLimit& limit) {
    auto thing = [&]() -> std::string {
        switch (limit.what) {
        case What::Metal:
        case What::Seal:
            return shippedName(limit.subject);
        case What::Grease:
            return tr("seals and their grease");
        case What::Encoder:
            return tr("encoder");
        case What::Cage:
            return tr("plastic cage");
        case What::Sleeve:
            return tr("hold of the repair sleeve");
        }
        return {};
    }();
    if (limit.of.empty()) return thing;
    if (limit.of == thing) return tr("{thing}, in already").with("thing", thing);
    return tr("{thing} of {part}, in already").with("thing", thing).with("part", inSentence(limit.of));
}

std::string soakLine(const plan::HeatSide& side, const Display& d) {
    if (!side.source) return tr("stays at room temperature");
    if (!side.soak) return tr("{source}: does not get it there").with("source", shippedName(side.source->name));
    return tr("{source} at {temp}, {time}")
        .with("source", shippedName(side.source->name))
        .with("temp", d.temperature(side.soak->setting_C).text())
        .with("time", duration(side.soak->time_s()));
}

Sentence gripWords(const plan::HeatCourse& c) {
    if (c.gripLast_s && *c.gripLast_s <= 0) return {tr("It grips at once"), tr("it does not drop in: press it")};
    if (c.gripLast_s)
        return {tr("Hold it on the shoulder {time}").with("time", duration(*c.gripLast_s)),
                tr("until the gap has closed: before that it can creep back")};
    if (c.gripFirst_s)
        return {tr("It may grip after {time}, or not until it is cool").with("time", duration(*c.gripFirst_s)),
                tr("with the loosest parts the gap stays: hold it until then")};
    return {tr("It does not grip before it is cool"), tr("hold it on the shoulder, or it creeps back")};
}

std::optional<Sentence> homeWithin(const plan::HeatCourse& c) {
    if (!c.gripFirst_s || *c.gripFirst_s <= 0) return std::nullopt;
    return Sentence{tr("Home within {time}").with("time", duration(std::floor(*c.gripFirst_s))),
                    tr("after that the tightest parts grip")};
}

std::vector<std::string> heatCautions(const plan::HeatPlan& plan) {
    std::vector<std::string> out;
    for (const auto* side : {&plan.outer, &plan.inner}) {
        if (!side->source) continue;
        const auto& id = side->source->id;
        if (side->source->warms)
            addOnce(out, tr("Gloves for hot parts. Do not judge temperature by touch: measure in three places."));
        if (id == "flame")
            addOnce(out,
                    tr("No torch near grease, solvent, pressurised or sealed cavities; not on galvanised or magnesium "
                       "parts."));
        if (id == "induction") addOnce(out, tr("Demagnetise afterwards, or chips will cling to it."));
        if (id == "solid_co2" || id == "nitrogen")
            addOnce(out, tr("Ventilate, oxygen alarm on, vented dewar only; cold burns."));
        if (!side->source->warms) addOnce(out, tr("Dry gloves. Wipe the dew off a chilled part and oil it."));
    }
    return out;
}

std::string clockName(job::Clock::What what, const plan::HeatPlan* plan) {
    const auto source = [&](const plan::HeatSide& side, const Text& otherwise) {
        return side.source ? capital(shippedName(side.source->name)) : otherwise.text();
    };
    switch (what) {
    case job::Clock::What::Outer:
        return plan ? source(plan->outer, tr("Oven")) : tr("Oven").text();
    case job::Clock::What::Inner:
        return plan ? source(plan->inner, tr("Freezer")) : tr("Freezer").text();
    case job::Clock::What::Carry:
        return tr("Transfer");
    case job::Clock::What::Together:
        return tr("Hold");
    case job::Clock::What::Cool:
        return tr("Cooling");
    }
    return {};
}

std::string heatLine(const job::Job& job, const plan::Plan& plan, const plan::WorkStep& step, const Display& d) {
    if (step.out) return tr("at room temperature");
    const auto* heat = plan::heatOf(step, plan.heats);
    if (!heat) return step.seat ? tr("waits for its sizes") : tr("at room temperature");
    if (job::stepOf(job, step.id).heat.pressCold) return tr("pressed cold");
    if (!heat->needed() && !heat->byUser) return tr("no heating needed");
    std::string line;
    for (const auto* side : {&heat->outer, &heat->inner}) {
        if (std::abs(side->temp_C - heat->room_C) < 1) continue;
        line += (line.empty() ? "" : " · ") + shippedName(side->label) + " " + d.temperature(side->temp_C).text();
    }
    return line.empty() ? tr("at room temperature").text() : line;
}

} // namespace arbor::words
