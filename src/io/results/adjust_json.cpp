#include "io/results/adjust_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "io/results/result_json.h"

namespace arbor::io {

namespace {

using ordered = nlohmann::ordered_json;

ordered bandJson(const Limits& limits, double unit = 1) {
    return ordered::array({limits.lower / unit, limits.upper / unit});
}

} // namespace

ordered adjustPlanJson(const plan::AdjustPlan& p, const words::Display& display) {
    ordered out{{"first", p.pair.first},
                {"second", p.pair.second},
                {"spacer", p.pair.spacer},
                {"target_um", bandJson(p.target_mm, kUm)},
                {"play_um", orNull(p.play_mm, kUm)},
                {"in_band", p.inBand()},
                {"lost_at_work_um", p.lostAtWork_mm / kUm},
                {"play_at_work_um", orNull(p.atWork_mm, kUm)}};
    auto schools = ordered::object();
    for (const auto& [school, play] : p.schools)
        schools[std::string(job::name(school))] = bandJson(play, kUm);
    out["schools_um"] = schools;
    if (p.choice) {
        auto places = ordered::array();
        for (const auto& place : p.choice->places)
            places.push_back({{"turn_deg", place.turn_deg}, {"play_um", place.play_mm / kUm}});
        out["places"] = places;
        out["best"] = p.choice->best ? ordered(*p.choice->best) : ordered();
    }
    if (p.on_deg) out["on_deg"] = *p.on_deg;
    if (p.clamped)
        out["clamp"] = {{"force_N", p.clamped->force_N},
                        {"shorter_um", p.clamped->both_mm() / kUm},
                        {"needed_spacer_mm", orNull(p.neededSpacer_mm)}};
    if (p.rolling_Nm) out["rolling_torque_Nm"] = *p.rolling_Nm;
    auto grease = ordered::array();
    for (const auto& fill : p.grease)
        grease.push_back({{"least_g", fill.least_g}, {"most_g", fill.most_g}, {"least_strokes", fill.leastStrokes}});
    out["grease"] = grease;
    out["findings"] = adviceJson(p.findings, display);
    return out;
}

} // namespace arbor::io
