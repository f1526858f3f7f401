#include "io/results/tools_json.h"

#include "io/results/result_json.h"
#include "words/tooling_words.h"

#include <algorithm>

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;

json stackJson(const tooling::StackFit& s) {
    return {{"stack_mm", s.stack_mm},
            {"daylight_mm", s.daylight_mm},
            {"approach_mm", s.approach_mm},
            {"stroke_used_mm", s.strokeUsed_mm},
            {"stroke_mm", s.strokeThere_mm}};
}

json idOr(const catalog::Tool* tool, const char* nothing) {
    return tool ? json(tool->id) : json(nothing);
}

template <class List>
json candidatesJson(const List& list, const char* nothing, const words::Display& d) {
    auto out = json::array();
    for (const auto& c : list) {
        json entry{{"id", idOr(c.tool, nothing)}, {"usable", c.usable()}};
        if (c.usable()) entry["score"] = c.score;
        entry["findings"] = adviceJson(c.check.findings, d);
        out.push_back(entry);
    }
    return out;
}

json choiceJson(const tooling::SetupChoice& c) {
    auto spacers = json::array();
    for (const auto* spacer : c.spacers)
        spacers.push_back(spacer->id);
    json out;
    if (c.press)
        out = {{"press", c.press->id}, {"notch", c.notch + 1}};
    else
        out = {{"draw_bolt", c.bolt->id}, {"hollow_ram", c.ram ? json(c.ram->id) : json()}};
    out["driver"] = idOr(c.driver, "ram");
    out["spacers"] = spacers;
    out["support"] = idOr(c.support, c.press ? "bed" : "work");
    if (c.plate) out["plate"] = c.plate->id;
    if (c.separator) out["separator"] = c.separator->id;
    return out;
}

json pullJson(const tooling::BoltPull& pull) {
    json out{{"greatest_force_N", std::min(pull.load.greatest_N, pull.load.stripForce_N)},
             {"stress_MPa", pull.load.stress_MPa}};
    if (pull.ramPressure_MPa) {
        out["ram_pressure_MPa"] = *pull.ramPressure_MPa;
        return out;
    }
    out["torque_Nm"] = rangeJson(pull.load.torque_Nmm, 1000);
    out["hand_force_N"] = rangeJson(pull.load.hand_N);
    return out;
}

} // namespace

json toolPlanJson(const tooling::ToolPlan& t, const words::Display& d) {
    json out{{"choice", nullptr}, {"overridden", t.overridden}};
    if (t.choice) {
        out["choice"] = choiceJson(*t.choice);
        out["stack"] = stackJson(t.proof.stack);
        out["force_path_proven"] = t.proof.path.proven();
        out["findings"] = adviceJson(t.proof.findings, d);
        if (const auto& pull = t.proof.pull) out["bolt_load"] = pullJson(*pull);
        if (const auto& again = t.proof.restack)
            out["second_stroke"] = {
                {"first_mm", again->first_mm}, {"second_mm", again->second_mm}, {"spacer", again->added->id}};
    }
    if (t.nearestMiss)
        out["nearest_miss"] = {{"id", t.nearestMiss->tool->id},
                               {"outside_mm", t.nearestMiss->mended.outsideDia_mm},
                               {"bore_mm", t.nearestMiss->mended.boreDia_mm}};
    out["drivers"] = candidatesJson(t.drivers, "ram", d);
    out["supports"] = candidatesJson(t.supports, "bed", d);
    return out;
}

json stepToolsJson(const plan::WorkStep& step, const plan::StepTools& tools, const words::Display& d) {
    auto ways = json::array();
    for (const auto& way : tools.ways) {
        json entry{
            {"name", words::wayName(way)}, {"proven", way.proven()}, {"findings", adviceJson(way.findings(), d)}};
        if (way.pressed) {
            entry["turned_over"] = step.tasks[way.task].turnedOver;
            entry["pushes"] = step.tasks[way.task].faceName;
            entry["travel_mm"] = step.tasks[way.task].travel_mm;
            entry["tools"] = toolPlanJson(*way.pressed, d);
        } else {
            entry["tool"] = way.hand->tool->id;
        }
        ways.push_back(entry);
    }
    return {{"step", step.key},
            {"title", words::stepTitle(step)},
            {"proven", tools.proven()},
            {"greatest_force_N", step.load.known ? json(step.load.greatest_N()) : json()},
            {"ways", ways}};
}

} // namespace arbor::io
