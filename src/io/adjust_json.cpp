#include "io/adjust_json.h"

#include "core/base/units.h"
#include "io/json_names.h"
#include "io/results/result_json.h"

namespace arbor::io {

namespace {

using adjust::School;
using nlohmann::json;
using ordered = nlohmann::ordered_json;

constexpr Name<School> kSchools[] = {{School::Indicator, "indicator"},
                                     {School::NextSlotLoose, "next_slot_loose"},
                                     {School::PartOfATurn, "part_of_a_turn"},
                                     {School::WasherMoves, "washer_moves"},
                                     {School::SnugTwice, "snug_twice"}};
constexpr Name<job::SeatCheck> kChecks[] = {{job::SeatCheck::GrooveAllRound, "groove_all_round"},
                                            {job::SeatCheck::RingSide, "ring_side"},
                                            {job::SeatCheck::RingGap, "ring_gap"},
                                            {job::SeatCheck::InnerStays, "inner_stays"},
                                            {job::SeatCheck::Turns, "turns"},
                                            {job::SeatCheck::SealFlush, "seal_flush"}};
constexpr Name<job::Pattern> kPatterns[] = {
    {job::Pattern::Single, "single"}, {job::Pattern::Star, "star"}, {job::Pattern::Round, "round"}};
constexpr Name<job::Locking> kLockings[] = {{job::Locking::None, "none"},
                                            {job::Locking::Pin, "pin"},
                                            {job::Locking::Stake, "stake"},
                                            {job::Locking::Tab, "tab"},
                                            {job::Locking::Paste, "paste"}};

constexpr Name<adjust::CavityFill> kFills[] = {{adjust::CavityFill::ThirdToHalf, "third_to_half"},
                                               {adjust::CavityFill::Third, "third"},
                                               {adjust::CavityFill::Half, "half"}};

json bandJson(const Limits& limits, double unit = 1) {
    return json::array({limits.lower / unit, limits.upper / unit});
}

Limits limitsFrom(const json& d, double unit = 1) {
    return {d.at(0).get<double>() * unit, d.at(1).get<double>() * unit};
}

} // namespace

job::Adjust adjustFromJson(const json& d) {
    job::Adjust a;
    const auto nut = d.value("nut", json::object());
    a.nut.pitch_mm = nut.value("pitch_mm", a.nut.pitch_mm);
    a.nut.slotCount = nut.value("slots", a.nut.slotCount);
    a.nut.holes_deg = nut.value("holes_deg", a.nut.holes_deg);
    a.underClamp = nut.value("under_clamp", false);
    a.school = named(kSchools, d.value("school", "indicator"));
    a.partOfATurn = d.value("part_of_a_turn", a.partOfATurn);
    for (const int step : d.value("ticked", std::vector<int>{}))
        a.ticked.insert(step);
    a.use = d.value("use", a.use);
    if (d.contains("target_um")) a.target_mm = limitsFrom(d.at("target_um"), kUm);
    if (const auto play = maybe(d, "play_um")) a.play_mm = *play * kUm;
    a.uncertainty_mm = d.value("uncertainty_um", a.uncertainty_mm / kUm) * kUm;
    a.toNext_deg = d.value("to_next_deg", 0.0);
    a.torque_Nm = d.value("torque_Nm", 0.0);
    a.handTorque_Nm = d.value("hand_torque_Nm", 0.0);
    a.nutFactor = d.value("nut_factor", a.nutFactor);
    a.shaft_K = d.value("shaft_K", 0.0);
    a.housing_K = d.value("housing_K", 0.0);
    a.pull_N = maybe(d, "pull_N");
    a.radius_mm = d.value("radius_mm", 0.0);
    if (d.contains("rolling_Nm")) a.torque_Nm_wanted = limitsFrom(d.at("rolling_Nm"));
    a.stock_mm = d.value("stock_mm", std::vector<double>{});
    a.cavity_cm3 = d.value("cavity_cm3", 0.0);
    const auto grease = d.value("grease", json::object());
    a.grease = {grease.value("name", ""), named(kFills, grease.value("cavity", "third_to_half")),
                grease.value("g_cm3", a.grease.density_g_cm3), grease.value("stroke_g", a.grease.stroke_g)};
    return a;
}

json adjustToJson(const job::Adjust& a) {
    json d{{"nut",
            {{"pitch_mm", a.nut.pitch_mm},
             {"slots", a.nut.slotCount},
             {"holes_deg", a.nut.holes_deg},
             {"under_clamp", a.underClamp}}},
           {"school", nameOf(kSchools, a.school)},
           {"part_of_a_turn", a.partOfATurn},
           {"ticked", a.ticked},
           {"use", a.use},
           {"uncertainty_um", a.uncertainty_mm / kUm},
           {"to_next_deg", a.toNext_deg},
           {"torque_Nm", a.torque_Nm},
           {"hand_torque_Nm", a.handTorque_Nm},
           {"nut_factor", a.nutFactor},
           {"shaft_K", a.shaft_K},
           {"housing_K", a.housing_K},
           {"radius_mm", a.radius_mm},
           {"stock_mm", a.stock_mm},
           {"cavity_cm3", a.cavity_cm3},
           {"grease",
            {{"name", a.grease.name},
             {"cavity", nameOf(kFills, a.grease.cavity)},
             {"g_cm3", a.grease.density_g_cm3},
             {"stroke_g", a.grease.stroke_g}}}};
    if (a.target_mm) d["target_um"] = bandJson(*a.target_mm, kUm);
    if (a.play_mm) d["play_um"] = *a.play_mm / kUm;
    if (a.pull_N) d["pull_N"] = *a.pull_N;
    if (a.torque_Nm_wanted) d["rolling_Nm"] = bandJson(*a.torque_Nm_wanted);
    return d;
}

job::SeatProof proofFromJson(const json& d) {
    job::SeatProof p;
    const auto checks = d.value("checks", json::object());
    for (const auto& check : kChecks)
        if (checks.contains(check.text)) p.checks[check.value] = checks.at(check.text);
    for (const int hour : d.value("probed", std::vector<int>{}))
        p.probed.insert(hour);
    p.pull_N = maybe(d, "pull_N");
    p.radius_mm = d.value("radius_mm", 0.0);
    p.signedBy = d.value("signed_by", "");
    p.reason = d.value("reason", "");
    return p;
}

json proofToJson(const job::SeatProof& p) {
    json d{{"checks", json::object()}, {"probed", p.probed}, {"radius_mm", p.radius_mm}};
    for (const auto& [check, good] : p.checks)
        d["checks"][nameOf(kChecks, check)] = good;
    if (p.pull_N) d["pull_N"] = *p.pull_N;
    if (!p.signedBy.empty()) d["signed_by"] = p.signedBy;
    if (!p.reason.empty()) d["reason"] = p.reason;
    return d;
}

job::Closing closingFromJson(const json& d) {
    job::Closing c;
    const auto fasteners = d.value("fasteners", json::array());
    for (const auto& f : fasteners) {
        job::Fastener one;
        one.name = f.at("name");
        one.count = f.value("count", 1);
        one.torque_Nm = f.value("torque_Nm", 0.0);
        one.pattern = named(kPatterns, f.value("pattern", "single"));
        one.stages = f.value("stages", 1);
        one.angle_deg = f.value("angle_deg", 0.0);
        one.oneTime = f.value("one_time", false);
        one.locking = named(kLockings, f.value("locking", "none"));
        one.read_Nm = maybe(f, "read_Nm");
        one.renewed = f.value("renewed", false);
        one.locked = f.value("locked", false);
        c.fasteners.push_back(one);
    }
    const auto run = d.value("run_in", json::object());
    c.runIn.room_C = run.value("room_degC", c.runIn.room_C);
    c.runIn.allowed_K = run.value("allowed_K", c.runIn.allowed_K);
    const auto readings = run.value("readings", json::array());
    for (const auto& r : readings)
        c.runIn.readings.push_back({r.at("minute"), r.at("degC")});
    c.releasedBy = d.value("released_by", "");
    return c;
}

json closingToJson(const job::Closing& c) {
    json d{{"fasteners", json::array()},
           {"run_in", {{"room_degC", c.runIn.room_C}, {"allowed_K", c.runIn.allowed_K}, {"readings", json::array()}}}};
    for (const auto& f : c.fasteners) {
        json one{{"name", f.name},           {"count", f.count},
                 {"torque_Nm", f.torque_Nm}, {"pattern", nameOf(kPatterns, f.pattern)},
                 {"stages", f.stages},       {"angle_deg", f.angle_deg},
                 {"one_time", f.oneTime},    {"locking", nameOf(kLockings, f.locking)},
                 {"renewed", f.renewed},     {"locked", f.locked}};
        if (f.read_Nm) one["read_Nm"] = *f.read_Nm;
        d["fasteners"].push_back(std::move(one));
    }
    for (const auto& r : c.runIn.readings)
        d["run_in"]["readings"].push_back({{"minute", r.minute}, {"degC", r.temp_C}});
    if (!c.releasedBy.empty()) d["released_by"] = c.releasedBy;
    return d;
}

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
        schools[nameOf(kSchools, school)] = bandJson(play, kUm);
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
