#include "io/results/step_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "io/results/result_json.h"
#include "words/sentences.h"
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

json traceJson(const trace::Analysis& a, const words::Display& d) {
    json out{{"verdict", job::name(a.verdict)},
             {"says", words::verdict(a, d).line()},
             {"confidence", a.confidence},
             {"end_travel_mm", a.endTravel_mm},
             {"peak_force_N", a.peak_N},
             {"baseline_N", a.baseline_N},
             {"noise_N", a.noise_N},
             {"share_in_band", a.shareInBand},
             {"of_likely", orNull(a.ofLikely)},
             {"friction", orNull(a.friction)},
             {"knee_mm", orNull(a.knee_mm)},
             {"end_stiffness_N_per_mm", orNull(a.endStiffness_N_per_mm)},
             {"phases", json::array()},
             {"evidence", json::array()},
             {"findings", adviceJson(a.findings, d)}};
    for (const auto& phase : a.phases)
        out["phases"].push_back(
            {{"phase", words::phaseName(phase.kind)}, {"from_mm", phase.from_mm}, {"to_mm", phase.to_mm}});
    for (const auto& e : a.evidence)
        out["evidence"].push_back({{"travel_mm", e.travel_mm}, {"force_N", e.force_N}});
    return out;
}

json seatingJson(const seat::Seating& s, const words::Display& d) {
    json out{{"verdict", job::name(s.verdict)}, {"next", words::nextStep(s)}, {"findings", adviceJson(s.findings, d)}};
    if (s.plane) {
        out["tilt_arcmin"] = rangeJson(s.tilt_arcmin);
        out["rise_across_um"] = rangeJson(s.riseAcross_mm, kUm);
        out["high_side_clock_deg"] = s.plane->highAngle_deg;
        out["gap_um"] = rangeJson(s.gap_mm, kUm);
        auto residuals = json::array();
        for (const double r : s.plane->residuals_mm)
            residuals.push_back(r / kUm);
        out["residuals_um"] = residuals;
        out["scatter_um"] = s.plane->scatter_mm ? json(*s.plane->scatter_mm / kUm) : json();
    }
    if (s.grooveOpening_mm) out["groove_opening_um"] = *s.grooveOpening_mm / kUm;
    return out;
}

json stepJson(const plan::StepPlan& planned, const plan::Plan& plan, const words::Display& d) {
    const auto& step = planned.step;
    const auto* way = planned.way();
    const auto& press = planned.press;
    const auto* heat = plan::heatOf(step, plan.heats);
    const auto* seat = step.seat ? &plan.fits->seats[*step.seat] : nullptr;
    return {{"step", step.key},
            {"title", words::stepTitle(step)},
            {"seat", seat ? json{{"outer", seat->key.first},
                                 {"inner", seat->key.second},
                                 {"diameter_mm", seat->dia_mm},
                                 {"interference_um", rangeJson(seat->fit->interference_mm, kUm)}}
                          : json()},
            {"best", way ? json(words::wayName(*way)) : json()},
            {"proven", planned.tools && planned.tools->proven()},
            {"heat", heat ? heatJson(*heat) : json()},
            {"press", press ? pressJson(*press, d) : json()},
            {"trace", planned.trace ? traceJson(*planned.trace, d) : json()},
            {"seating", planned.ring ? seatingJson(planned.ring->seating, d) : json()}};
}

} // namespace arbor::io
