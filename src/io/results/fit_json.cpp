#include "io/results/fit_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "io/results/result_json.h"
#include "words/measure_words.h"

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;
using words::Display;

json formJson(const measure::Form& form) {
    auto planes = json::array();
    for (const auto& p : form.planes)
        planes.push_back({{"depth_mm", p.depth_mm},
                          {"mean_mm", p.mean_mm},
                          {"out_of_round_um", p.outOfRound_mm / kUm},
                          {"oval_um", orNull(p.oval_mm, kUm)},
                          {"oval_direction_deg", p.ovalDirection_deg},
                          {"lobing_um", orNull(p.lobing_mm, kUm)}});
    return {{"mean_mm", form.mean_mm},
            {"least_mm", form.least_mm},
            {"greatest_mm", form.greatest_mm},
            {"out_of_round_um", form.outOfRound_mm / kUm},
            {"taper_um", orNull(form.taper_mm, kUm)},
            {"mouth_um", orNull(form.mouth_mm, kUm)},
            {"lobing_um", orNull(form.lobing_mm, kUm)},
            {"brought_to_20_um", form.broughtTo20_mm / kUm},
            {"planes", planes}};
}

json judgementJson(const measure::Judgement& judgement, const Display& d) {
    auto out = json::array();
    for (const auto& reason : judgement.reasons) {
        auto entry = adviceJson({reason.advice}, d)[0];
        entry["calls_for"] = job::name(reason.calls);
        out.push_back(entry);
    }
    return out;
}

json surfaceJson(const plan::SeatPlan& seat, bool hole, const Display& d) {
    const auto& s = hole ? seat.hole : seat.shaft;
    json out{{"part", s.part},
             {"surface", words::surfaceTitle(seat, hole)},
             {"size", s.spec},
             {"limits_um", s.size_mm ? limitsJson(*s.size_mm, kUm) : json()},
             {"measured_mm", orNull(s.measuredDia_mm)},
             {"uncertainty_um", s.uncertainty_mm / kUm},
             {"roughness_rz_um", s.rz_mm / kUm}};
    if (s.ring) return out;
    out["form_limit_um"] = s.formLimit_mm / kUm;
    out["form"] = s.form ? formJson(*s.form) : json();
    out["verdict"] = job::name(s.verdict);
    out["overruled"] = s.overruled;
    out["reasons"] = judgementJson(s.judgement, d);
    return out;
}

/// @param heat  of the seat; null where it is not worked out
json seatFitJson(const fit::SeatFit& f, const plan::HeatPlan* heat, const Display& d) {
    json out{{"interference_worst_um", limitsJson(f.interferenceWorst_mm, kUm)},
             {"interference_um", rangeJson(f.interference_mm, kUm)},
             {"interference_nominal_um", f.interferenceNominal_mm / kUm},
             {"smoothing_um", f.smoothing_mm / kUm},
             {"gained_by_warmth_um", f.thermal_mm / kUm},
             {"lost_to_speed_um", f.rotation_mm / kUm},
             {"effective_at_work_um", rangeJson(f.effectiveAtWork_mm, kUm)},
             {"pressure_MPa", rangeJson(f.pressure_MPa)},
             {"pressure_worst_MPa", f.pressureWorst_MPa},
             {"pressure_at_work_MPa", rangeJson(f.pressureAtWork_MPa)},
             {"housing_hoop_MPa", f.outerHoop_MPa},
             {"ring_hoop_MPa", f.innerHoop_MPa},
             {"sleeve_hoop_MPa", orNull(f.sleeveHoop_MPa)},
             {"outer_yields_at_MPa", f.outerLimit_MPa},
             {"inner_yields_at_MPa", f.innerLimit_MPa},
             {"press_force_N", rangeJson(f.pressForce_N)},
             {"press_force_worst_N", f.pressForceWorst_N},
             {"slip_torque_Nm", rangeJson(f.slipTorque_Nm)},
             {"slip_torque_at_work_Nm", rangeJson(f.slipTorqueAtWork_Nm)},
             {"loose_at_rpm", orNull(f.looseAt_rpm)},
             {"housing_temp_degC", heat ? json(heat->outer.temp_C) : json()},
             {"inner_temp_degC", heat ? json(heat->inner.temp_C) : json()},
             {"opens_by_um", heat ? json(heat->clearanceWorst_mm / kUm) : json()}};
    out["because"] = adviceJson(f.because, d);
    out["advisories"] = adviceJson(f.advisories, d);
    return out;
}

void addClearance(json& out, const fit::ClearanceLeft* c) {
    out["clearance_left_um"] = c ? rangeJson(c->left_mm, kUm) : json();
    out["clearance_worst_um"] = c ? limitsJson(c->worst_mm, kUm) : json();
    out["clearance_nominal_um"] = c ? json(c->nominal_mm / kUm) : json();
    out["share_below_zero"] = c ? json(c->shareBelowZero) : json();
}

json bearingJson(const plan::BearingPlan& b, const Display& d) {
    json out{{"designation", b.designation}, {"part", b.part}};
    addClearance(out, b.clearance ? &*b.clearance : nullptr);
    out["moves_um"] = json::array();
    if (b.clearance)
        for (const auto& m : b.clearance->moves)
            out["moves_um"].push_back({{"what", m.subject}, {"half_band_um", m.by_mm / kUm}});
    out["proposed_hole"] = b.proposal.hole ? json(b.proposal.hole->text()) : json();
    out["proposed_shaft"] = b.proposal.shaft ? json(b.proposal.shaft->text()) : json();
    auto because = b.proposal.because;
    if (b.question) because.push_back(*b.question);
    if (b.clearance) because.insert(because.end(), b.clearance->because.begin(), b.clearance->because.end());
    out["because"] = adviceJson(because, d);
    return out;
}

json spacerJson(const plan::SpacerPlan& s, const Display& d) {
    return {{"part", s.part},
            {"length_mm", s.state.length_mm > 0 ? json(s.state.length_mm) : json()},
            {"drawn_mm", s.drawn_mm},
            {"out_of_parallel_um", orNull(s.state.outOfParallel_mm, kUm)},
            {"lower_end_out_of_square_um", orNull(s.state.lowerOutOfSquare_mm, kUm)},
            {"flare_um", s.state.flare_mm / kUm},
            {"verdict", job::name(s.state.judgement.verdict)},
            {"reasons", judgementJson(s.state.judgement, d)}};
}

} // namespace

json measureJson(const plan::FitPlan& fits, const job::Measured& measured, const Display& d) {
    json out{{"verdict", job::name(fits.worstVerdict())}, {"surfaces", json::array()}, {"spacers", json::array()}};
    for (const auto& seat : fits.seats)
        for (const bool hole : {true, false}) {
            if ((hole ? seat.hole : seat.shaft).ring) continue;
            auto surface = surfaceJson(seat, hole, d);
            surface["seat"] = words::seatTitle(seat);
            out["surfaces"].push_back(surface);
        }
    for (const auto& spacer : fits.spacers)
        out["spacers"].push_back(spacerJson(spacer, d));
    out["cup_stand"] = json::array();
    for (const auto& [part, stand_mm] : measured.cupStand_mm)
        out["cup_stand"].push_back({{"part", part}, {"stand_mm", stand_mm}});
    out["likely_causes"] = json::array();
    for (const auto& c : fits.causes)
        out["likely_causes"].push_back({{"cause", words::causeName(c.cause)}, {"share", c.share}});
    out["look_at"] = json::array();
    for (const auto look : fits.lookAt)
        out["look_at"].push_back(words::lookAtWords(look).line());
    return out;
}

json fitJson(const plan::Plan& plan, const Display& d) {
    const auto heatOf = [&](std::size_t seat) { return plan.heats[seat] ? &*plan.heats[seat] : nullptr; };
    auto out = json::object();
    if (const auto* seat = plan.seat()) {
        const auto at = static_cast<std::size_t>(seat - plan.fits->seats.data());
        const auto* bearing = plan.fits->bearingOf(at);
        out = seatFitJson(*seat->fit, heatOf(at), d);
        addClearance(out, bearing && bearing->clearance ? &*bearing->clearance : nullptr);
    }
    out["seats"] = json::array();
    for (std::size_t i = 0; i < plan.fits->seats.size(); ++i) {
        const auto& seat = plan.fits->seats[i];
        json one{
            {"seat", words::seatTitle(seat)},      {"outer", seat.key.first},     {"inner", seat.key.second},
            {"diameter_mm", seat.dia_mm},          {"length_mm", seat.length_mm}, {"hole", surfaceJson(seat, true, d)},
            {"shaft", surfaceJson(seat, false, d)}};
        one["fit"] = seat.fit ? seatFitJson(*seat.fit, heatOf(i), d) : json();
        one["force_off_N"] = seat.off ? rangeJson(seat.off->force_N) : json();
        out["seats"].push_back(one);
    }
    out["bearings"] = json::array();
    for (const auto& bearing : plan.fits->bearings)
        out["bearings"].push_back(bearingJson(bearing, d));
    return out;
}

} // namespace arbor::io
