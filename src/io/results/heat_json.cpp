#include "io/results/heat_json.h"

#include "core/base/units.h"
#include "io/json_names.h"
#include "io/results/result_json.h"
#include "words/heat_words.h"

#include <cmath>

namespace arbor::io {

namespace {

using ordered = nlohmann::ordered_json;

constexpr Name<plan::HeatMix> kMixes[] = {{plan::HeatMix::Nothing, "nothing"},
                                          {plan::HeatMix::OuterOnly, "outer"},
                                          {plan::HeatMix::InnerOnly, "inner"},
                                          {plan::HeatMix::Both, "both"}};

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
