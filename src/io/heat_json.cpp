#include "io/heat_json.h"

#include "core/base/units.h"
#include "io/json_names.h"
#include "io/results/result_json.h"
#include "words/heat_words.h"

#include <cmath>

namespace arbor::io {

namespace {

using nlohmann::json;
using ordered = nlohmann::ordered_json;

constexpr Name<job::Clock::What> kClocks[] = {{job::Clock::What::Outer, "outer"},
                                              {job::Clock::What::Inner, "inner"},
                                              {job::Clock::What::Carry, "carry"},
                                              {job::Clock::What::Together, "together"},
                                              {job::Clock::What::Cool, "cool"}};
constexpr Name<plan::HeatMix> kMixes[] = {{plan::HeatMix::Nothing, "nothing"},
                                          {plan::HeatMix::OuterOnly, "outer"},
                                          {plan::HeatMix::InnerOnly, "inner"},
                                          {plan::HeatMix::Both, "both"}};

template <class T>
void put(json& d, const char* key, const std::optional<T>& value) {
    if (value) d[key] = *value;
}

json wishJson(const job::HeatWish& wish) {
    auto d = json::object();
    put(d, "outer_degC", wish.outer_C);
    put(d, "inner_degC", wish.inner_C);
    put(d, "outer_source", wish.outerSource);
    put(d, "inner_source", wish.innerSource);
    if (wish.margin_mm) d["margin_um"] = *wish.margin_mm / kUm;
    return d;
}

ordered limitsJson(const std::vector<plan::TempLimit>& limits) {
    auto out = ordered::array();
    for (const auto& limit : limits)
        out.push_back({{"of", words::protectedThing(limit)}, {"degC", limit.temp_C}, {"lowered", limit.lowered}});
    return out;
}

ordered sideJson(const plan::HeatSide& side) {
    ordered d{{"part", side.label},
              {"degC", side.temp_C},
              {"ceilings", limitsJson(side.ceilings)},
              {"floors", limitsJson(side.floors)},
              {"mass_kg", side.soakPart.mass_kg},
              {"skin_m2", side.soakPart.area_m2},
              {"source", side.source ? ordered(side.source->id) : ordered()}};
    if (side.soak)
        d["soak"] = {{"setting_degC", side.soak->setting_C},
                     {"skin_s", side.soak->skin_s},
                     {"through_s", side.soak->through_s},
                     {"time_s", side.soak->time_s()}};
    return d;
}

} // namespace

job::Heat heatFromJson(const json& d) {
    job::Heat h;
    h.room_C = d.value("room_degC", h.room_C);
    h.walk_s = d.value("walk_s", h.walk_s);
    h.off_K = d.value("oven_off_K", h.off_K);
    h.lowered_C = d.value("lowered_degC", std::map<std::string, double>{});
    return h;
}

json heatToJson(const job::Heat& h) {
    const job::Heat usual;
    json d = json::object();
    if (h.room_C != usual.room_C) d["room_degC"] = h.room_C;
    if (h.walk_s != usual.walk_s) d["walk_s"] = h.walk_s;
    if (h.off_K != usual.off_K) d["oven_off_K"] = h.off_K;
    if (!h.lowered_C.empty()) d["lowered_degC"] = h.lowered_C;
    return d;
}

job::StepHeat stepHeatFromJson(const json& d) {
    job::StepHeat h;
    h.pressCold = d.value("press_cold", false);
    h.pressAt = d.value("press_at", "");
    h.wish = {maybe<double>(d, "outer_degC"), maybe<double>(d, "inner_degC"), maybe<std::string>(d, "outer_source"),
              maybe<std::string>(d, "inner_source"), maybe(d, "margin_um", kUm)};
    for (const auto& c : d.value("clocks", json::array()))
        h.clocks.push_back({named(kClocks, c.at("what").get<std::string>()), c.at("started"), c.at("lasts_s")});
    for (const auto& r : d.value("readings", json::array()))
        h.readings.push_back({r.at("when"), r.at("degC")});
    if (d.contains("counted"))
        h.counted = {d.at("counted").at("boot"), d.at("counted").at("when"), d.at("counted").at("count_s")};
    return h;
}

json stepHeatToJson(const job::StepHeat& h) {
    auto d = wishJson(h.wish);
    if (h.pressCold) d["press_cold"] = true;
    if (!h.pressAt.empty()) d["press_at"] = h.pressAt;
    for (const auto& c : h.clocks)
        d["clocks"].push_back({{"what", nameOf(kClocks, c.what)}, {"started", c.started}, {"lasts_s", c.lasts_s}});
    for (const auto& r : h.readings)
        d["readings"].push_back({{"when", r.when}, {"degC", r.temp_C}});
    if (h.counted)
        d["counted"] = {{"boot", h.counted->boot}, {"when", h.counted->when}, {"count_s", h.counted->count_s}};
    return d;
}

ordered heatPlanJson(const plan::HeatPlan& p, const words::Display& display) {
    ordered d{{"outer_part", p.key.first},
              {"inner_part", p.key.second},
              {"dia_mm", p.dia_mm},
              {"interference_um", {{"lower", p.interference_mm.lower / kUm}, {"upper", p.interference_mm.upper / kUm}}},
              {"margin_um", p.margin_mm / kUm},
              {"least_um", p.least_mm / kUm},
              {"clearance_worst_um", p.clearanceWorst_mm / kUm},
              {"mix", p.byUser ? "own" : nameOf(kMixes, p.ways[p.chosen].mix)},
              {"outer", sideJson(p.outer)},
              {"inner", sideJson(p.inner)},
              {"ways", ordered::array()},
              {"findings", adviceJson(p.findings, display)},
              {"cautions", words::heatCautions(p)}};
    for (const auto& way : p.ways)
        d["ways"].push_back({{"mix", nameOf(kMixes, way.mix)},
                             {"outer_degC", way.outer_C},
                             {"inner_degC", way.inner_C},
                             {"within_limits", way.within}});
    return d;
}

ordered heatCourseJson(const plan::HeatCourse& c) {
    ordered d{{"walk_s", c.walk_s},
              {"last_start_s", orNull(c.lastStart_s)},
              {"grip_first_s", orNull(c.gripFirst_s)},
              {"grip_last_s", orNull(c.gripLast_s)},
              {"ready_s", orNull(c.ready_s)},
              {"clearance", ordered::array()}};
    constexpr double kEvery_s = 10;
    for (std::size_t i = 0; i < c.tight.apart.states.size(); ++i) {
        const double t = c.likely.apart.states[i].t_s;
        if (std::fmod(t, kEvery_s) != 0) continue;
        d["clearance"].push_back({{"t_s", t},
                                  {"least_um", c.tight.apart.states[i].clearance_mm / kUm},
                                  {"likely_um", c.likely.apart.states[i].clearance_mm / kUm},
                                  {"most_um", c.loose.apart.states[i].clearance_mm / kUm}});
    }
    return d;
}

} // namespace arbor::io
