#include "io/results/step_json.h"

#include "core/base/units.h"
#include "io/results/result_json.h"
#include "words/tooling_words.h"

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;

json pressJson(const plan::PressPlan& p, const words::Display& d) {
    json out{{"travel_mm", p.expected.homeTravel_mm},
             {p.out ? "breakaway_force_N" : "end_force_N", rangeJson(p.force_N)},
             {"hold_force_N", p.expected.holds ? rangeJson(p.expected.hold_N) : json()},
             {"stored_energy_J", p.energy_J},
             {"press", p.press ? json(p.press->id) : json()},
             {"gauge", p.gauge ? rangeJson(*p.gauge) : json()},
             {"gauge_hold", orNull(p.gaugeHold)},
             {"watch", adviceJson(p.watch, d)}};
    auto band = json::array();
    for (std::size_t i = 0; i < p.expected.points.size(); i += 10)
        band.push_back(
            {{"travel_mm", p.expected.points[i].travel_mm}, {"force_N", rangeJson(p.expected.points[i].force_N)}});
    out["band"] = band;
    return out;
}

json heatJson(const plan::HeatPlan& h) {
    return {{"outer_degC", h.outer.temp_C},
            {"inner_degC", h.inner.temp_C},
            {"outer_ceiling_degC", h.outer.ceiling_C()},
            {"inner_floor_degC", h.inner.floor_C()},
            {"opens_by_um", h.clearanceWorst_mm / kUm},
            {"needed", h.needed()}};
}

} // namespace

json stepJson(const plan::WorkStep& step, const plan::StepTools& tools, const plan::Plan& plan,
              const words::Display& d) {
    const auto* way = tools.ways.empty() ? nullptr : &tools.ways.front();
    const auto press = plan::pressOf(step, way, plan);
    const auto* heat = plan::heatOf(step, plan);
    const auto* seat = step.seat ? &plan.fits->seats[*step.seat] : nullptr;
    return {{"step", step.key},
            {"title", words::stepTitle(step)},
            {"seat", seat ? json{{"outer", seat->key.first},
                                 {"inner", seat->key.second},
                                 {"diameter_mm", seat->dia_mm},
                                 {"interference_um", rangeJson(seat->fit->interference_mm, kUm)}}
                          : json()},
            {"best", way ? json(words::wayName(*way)) : json()},
            {"proven", tools.proven()},
            {"heat", heat ? heatJson(*heat) : json()},
            {"press", press ? pressJson(*press, d) : json()}};
}

} // namespace arbor::io
