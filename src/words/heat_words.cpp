#include "words/heat_words.h"

#include "words/order_words.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace arbor::words {

namespace {

using plan::HeatMix;
using What = plan::TempLimit::What;

std::string warmed(const plan::HeatSide& side, double temp_C, const Display& d) {
    return fmt::format("the {} to {}", inSentence(side.label), d.temperature(temp_C).text());
}

void addOnce(std::vector<std::string>& list, const std::string& one) {
    if (std::find(list.begin(), list.end(), one) == list.end()) list.push_back(one);
}

} // namespace

std::string duration(double seconds) {
    const auto whole = static_cast<long>(std::lround(seconds));
    if (whole < 120) return fmt::format("{} s", whole);
    const long minutes = std::lround(seconds / 60);
    if (minutes < 120) return fmt::format("{} min", minutes);
    return minutes % 60 == 0 ? fmt::format("{} h", minutes / 60)
                             : fmt::format("{} h {} min", minutes / 60, minutes % 60);
}

std::string clockFace(double seconds) {
    const auto whole = static_cast<long>(std::max(0.0, std::ceil(seconds)));
    if (whole < 3600) return fmt::format("{}:{:02}", whole / 60, whole % 60);
    return fmt::format("{}:{:02}:{:02}", whole / 3600, whole / 60 % 60, whole % 60);
}

std::string mixName(const plan::HeatPlan& plan, const plan::HeatWay& way, const Display& d) {
    switch (way.mix) {
    case HeatMix::Nothing:
        return "Neither warm nor chill";
    case HeatMix::OuterOnly:
        return "Warm " + warmed(plan.outer, way.outer_C, d);
    case HeatMix::InnerOnly:
        return "Chill " + warmed(plan.inner, way.inner_C, d);
    case HeatMix::Both:
        return "Warm " + warmed(plan.outer, way.outer_C, d) + ", chill " + warmed(plan.inner, way.inner_C, d);
    }
    return {};
}

std::string opensLine(const plan::HeatPlan& plan, const Display& d) {
    if (!plan.needed() && !plan.byUser) return "goes in without heat";
    const auto& way = plan.ways[plan.chosen];
    auto line = mixName(plan, {way.mix, plan.outer.temp_C, plan.inner.temp_C, way.within}, d);
    if (plan.clearanceWorst_mm >= plan.margin_mm - 1e-6) return line;
    return line + (plan.clearanceWorst_mm > 0 ? ": opens only " + d.fine(plan.clearanceWorst_mm).text()
                                              : ": " + d.fine(-plan.clearanceWorst_mm).text() + " still to press");
}

std::string protectedThing(const plan::TempLimit& limit) {
    auto thing = [&]() -> std::string {
        switch (limit.what) {
        case What::Metal:
        case What::Seal:
            return limit.subject;
        case What::Grease:
            return "seals and their grease";
        case What::Encoder:
            return "encoder";
        case What::Cage:
            return "plastic cage";
        case What::Sleeve:
            return "hold of the repair sleeve";
        }
        return {};
    }();
    if (limit.of.empty()) return thing;
    return limit.of == thing ? thing + ", in already" : thing + " of " + inSentence(limit.of) + ", in already";
}

std::string soakLine(const plan::HeatSide& side, const Display& d) {
    if (!side.source) return "stays as it is";
    if (!side.soak) return side.source->name + ": does not get it there";
    return fmt::format("{} at {}, {}", side.source->name, d.temperature(side.soak->setting_C).text(),
                       duration(side.soak->time_s()));
}

Said gripWords(const plan::HeatCourse& c) {
    if (c.gripLast_s && *c.gripLast_s <= 0) return {"It grips at once", "it does not drop in: press it"};
    if (c.gripLast_s)
        return {"Hold it on the shoulder " + duration(*c.gripLast_s),
                "until the gap has closed: before that it can creep back"};
    if (c.gripFirst_s)
        return {"It may grip after " + duration(*c.gripFirst_s) + ", or not until it is cool",
                "with the loosest parts the gap stays: hold it until then"};
    return {"It does not grip before it is cool", "hold it on the shoulder, or it creeps back"};
}

std::optional<Said> homeWithin(const plan::HeatCourse& c) {
    if (!c.gripFirst_s || *c.gripFirst_s <= 0) return std::nullopt;
    return Said{"Home within " + duration(std::floor(*c.gripFirst_s)), "after that the tightest parts grip"};
}

std::vector<std::string> heatCautions(const plan::HeatPlan& plan) {
    std::vector<std::string> out;
    for (const auto* side : {&plan.outer, &plan.inner}) {
        if (!side->source) continue;
        const auto& id = side->source->id;
        if (side->source->warms) addOnce(out, "Gloves for hot parts. Feel for nothing: measure in three places.");
        if (id == "flame")
            addOnce(out,
                    "No torch near grease, solvent, pressurised or sealed cavities; not on galvanised or magnesium "
                    "parts.");
        if (id == "induction") addOnce(out, "Take the magnetism out afterwards, or chips will cling to it.");
        if (id == "solid_co2" || id == "nitrogen")
            addOnce(out, "Air the room and watch the oxygen; no closed vessel; it burns the skin by frost.");
        if (!side->source->warms) addOnce(out, "Dry gloves. Wipe the dew off a chilled part and oil it.");
    }
    return out;
}

std::string clockName(job::Clock::What what, const plan::HeatPlan* plan) {
    const auto source = [&](const plan::HeatSide& side, const char* otherwise) {
        return side.source ? capital(side.source->name) : std::string(otherwise);
    };
    switch (what) {
    case job::Clock::What::Outer:
        return plan ? source(plan->outer, "Oven") : "Oven";
    case job::Clock::What::Inner:
        return plan ? source(plan->inner, "Freezer") : "Freezer";
    case job::Clock::What::Carry:
        return "Carry";
    case job::Clock::What::Together:
        return "Hold";
    case job::Clock::What::Cool:
        return "Cools";
    }
    return {};
}

std::string heatLine(const job::Job& job, const plan::Plan& plan, const plan::WorkStep& step, const Display& d) {
    if (step.out) return "comes out as it is";
    const auto* heat = plan::heatOf(step, plan.heats);
    if (!heat) return step.seat ? "waits for its sizes" : "goes in as it is";
    if (job::stepOf(job, step.id).heat.pressCold) return "pressed cold";
    if (!heat->needed() && !heat->byUser) return "goes in without";
    std::string line;
    for (const auto* side : {&heat->outer, &heat->inner}) {
        if (std::abs(side->temp_C - heat->room_C) < 1) continue;
        line += (line.empty() ? "" : " · ") + side->label + " " + d.temperature(side->temp_C).text();
    }
    return line.empty() ? "as it lies" : line;
}

Said sayHeat(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::TooHotFor:
        return {d.temperature(a.value).text() + " is too hot for " + a.subject,
                "no more than " + d.temperature(a.limit).text()};
    case Finding::TooColdFor:
        return {d.temperature(a.value).text() + " is too cold for " + a.subject,
                "no less than " + d.temperature(a.limit).text()};
    case Finding::TooHotOnceIn:
        return {"Once it is in, " + a.subject + " would get too hot",
                "the warm part shares its heat: no more than " + d.temperature(a.limit).text()};
    case Finding::PressLightly:
        return {"Goes in cold", "most pairs slide in; the tightest is " + d.fine(a.value).text() + " tight: press it"};
    case Finding::SourceNotForPart:
        return {"Not this way: " + a.subject, "it would harm the part or cannot hold its temperature; choose another"};
    case Finding::SourceAboveCeiling:
        return {"The " + a.subject + " would be set to " + d.temperature(a.value).text(),
                "where it touches, the part gets as hot: " + d.temperature(a.limit).text() +
                    " at most; oven, or a lower temperature"};
    case Finding::SourceTooWeak:
        return {"The " + a.subject + " does not bring it to " + d.temperature(a.value).text(),
                "it may go to " + d.temperature(a.limit).text()};
    case Finding::OpenedBy:
        return {d.fine(a.value).text() + " of room with the tightest parts",
                d.fine(a.limit).text() + " are wanted; what the walk takes is in it"};
    case Finding::OpenedTooLittle:
        return {"Only " + d.fine(a.value).text() + " of room with the tightest parts",
                d.fine(a.limit).text() + " are wanted: start square, and be ready to press"};
    case Finding::NotOpened:
        return {"Still " + d.fine(a.value).text() + " tight with the tightest parts",
                "these temperatures do not open the seat: press it, warm as it is"};
    case Finding::WindowShort:
        return {"Open for " + duration(a.value) + " only",
                "the walk takes " + duration(a.limit) + ": bring the press nearer, or warm it more"};
    default:
        return {};
    }
}

} // namespace arbor::words
