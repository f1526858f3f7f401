#include "io/steps_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "core/plan/plan.h"
#include "io/adjust_json.h"
#include "io/hand_json.h"
#include "io/heat_json.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<seat::ReadingKind> kKinds[] = {{seat::ReadingKind::Depth, "depth"},
                                              {seat::ReadingKind::Feeler, "feeler"},
                                              {seat::ReadingKind::Indicator, "indicator"}};

std::vector<seat::Reading> readReadings(const json& list) {
    std::vector<seat::Reading> out;
    for (const auto& r : list)
        out.push_back({r.at("clock_deg"), r.at("value_mm")});
    return out;
}

Range readRange(const json& d, double unit) {
    return Range{d.at("least"), d.at("likely"), d.at("most")} * unit;
}

json recordedRange(const Range& r, double unit) {
    return {{"least", r.least / unit}, {"likely", r.likely / unit}, {"most", r.most / unit}};
}

json readingsJson(const std::vector<seat::Reading>& readings) {
    auto out = json::array();
    for (const auto& r : readings)
        out.push_back({{"clock_deg", r.angle_deg}, {"value_mm", r.value_mm}});
    return out;
}

constexpr std::pair<const char*, std::optional<double> tooling::TurnWishes::*> kTurnSizes[] = {
    {"outside_mm", &tooling::TurnWishes::outsideDia_mm}, {"bore_mm", &tooling::TurnWishes::boreDia_mm},
    {"length_mm", &tooling::TurnWishes::length_mm},      {"relief_mm", &tooling::TurnWishes::relief_mm},
    {"pilot_dia_mm", &tooling::TurnWishes::pilotDia_mm}, {"pilot_mm", &tooling::TurnWishes::pilotLength_mm}};

tooling::TurnWishes readTurn(const json& d) {
    tooling::TurnWishes out;
    for (const auto& [key, size] : kTurnSizes)
        if (d.contains(key)) out.*size = d.at(key).get<double>();
    return out;
}

json turnJson(const tooling::TurnWishes& turn) {
    auto out = json::object();
    for (const auto& [key, size] : kTurnSizes)
        if (turn.*size) out[key] = *(turn.*size);
    return out;
}

job::SeatReadings seatReadingsFromJson(const json& d) {
    job::SeatReadings out;
    if (d.contains("kind")) out.kind = named(kKinds, d.at("kind").get<std::string>());
    out.uncertainty_mm = d.value("uncertainty_um", out.uncertainty_mm / kUm) * kUm;
    out.readings = readReadings(d.value("readings", json::array()));
    out.home_mm = maybe(d, "home_mm");
    return out;
}

json seatReadingsToJson(const job::SeatReadings& r) {
    return {{"kind", r.kind ? json(nameOf(kKinds, *r.kind)) : json()},
            {"uncertainty_um", r.uncertainty_mm / kUm},
            {"readings", readingsJson(r.readings)},
            {"home_mm", valueOrNull(r.home_mm)}};
}

job::StepRecord stepFromJson(const json& d) {
    job::StepRecord s;
    s.wish = {maybe<std::string>(d, "driver"), maybe<std::string>(d, "support"),
              readTurn(d.value("turn", json::object()))};
    if (d.contains("lubricant")) s.lubricant = named(kLubricants, d.at("lubricant").get<std::string>());
    s.heat = stepHeatFromJson(d.value("heat", json::object()));
    s.traceFile = d.value("trace", json::object()).value("file", "");
    s.hand = handFromJson(d.value("hand", json::object()));
    s.readings = seatReadingsFromJson(d.value("readings", json::object()));
    s.proof = proofFromJson(d.value("proof", json::object()));
    s.done = stationsFromJson(d.value("done", json::array()));
    if (d.contains("record")) s.record = recordFromJson(d.at("record"));
    return s;
}

json stepToJson(const job::StepKey& key, const job::StepRecord& s) {
    const job::StepRecord usual;
    json d{{"outer", key.seat.first}, {"inner", key.seat.second}, {"way", key.out ? "out" : "in"}};
    if (s.wish.driver) d["driver"] = *s.wish.driver;
    if (s.wish.support) d["support"] = *s.wish.support;
    if (s.wish.turn != usual.wish.turn) d["turn"] = turnJson(s.wish.turn);
    if (s.lubricant) d["lubricant"] = nameOf(kLubricants, *s.lubricant);
    if (s.heat != usual.heat) d["heat"] = stepHeatToJson(s.heat);
    if (!s.traceFile.empty()) d["trace"] = {{"file", s.traceFile}};
    if (s.hand != usual.hand) d["hand"] = handToJson(s.hand);
    if (s.readings != usual.readings) d["readings"] = seatReadingsToJson(s.readings);
    if (s.proof != usual.proof) d["proof"] = proofToJson(s.proof);
    if (!s.done.empty()) d["done"] = stationsToJson(s.done);
    if (s.record) d["record"] = recordToJson(*s.record);
    return d;
}

} // namespace

std::map<job::StepKey, job::StepRecord> stepsFromJson(const json& d) {
    std::map<job::StepKey, job::StepRecord> out;
    for (const auto& step : d)
        if (auto record = stepFromJson(step); record != job::StepRecord{})
            out[{{step.at("outer"), step.at("inner")}, step.at("way") == "out"}] = std::move(record);
    return out;
}

json stepsToJson(const std::map<job::StepKey, job::StepRecord>& steps) {
    auto out = json::object();
    for (const auto& [key, record] : steps)
        if (record != job::StepRecord{}) out[job::nameOf(key)] = stepToJson(key, record);
    return out;
}

job::Record recordFromJson(const json& d) {
    job::Record r;
    r.who = d.at("who");
    r.when = d.at("when");
    r.entry = d.value("entry", "");
    r.notes = d.value("notes", "");
    r.verdict = d.at("verdict");
    r.bearing = d.value("bearing", "");
    r.bore = d.value("bore", "");
    r.interference_mm = readRange(d.at("interference_um"), kUm);
    r.pressForce_N = readRange(d.at("press_force_N"), 1);
    r.tools = d.value("tools", std::vector<std::string>{});
    const auto optional = [&](const char* key) {
        return d.contains(key) ? std::optional(d.at(key).get<double>()) : std::nullopt;
    };
    r.peakForce_N = optional("peak_force_N");
    r.endTravel_mm = optional("end_travel_mm");
    r.pressVerdict = d.value("press_verdict", "");
    r.friction = optional("friction");
    r.seatMaterial = d.value("seat_material", "");
    r.lubricant = named(kLubricants, d.value("lubricant", "light_oil"));
    r.outer_C = optional("outer_degC");
    r.inner_C = optional("inner_degC");
    r.readings = readReadings(d.value("readings", json::array()));
    if (const auto rise = optional("rise_across_um")) r.riseAcross_mm = *rise * kUm;
    r.tilt_arcmin = optional("tilt_arcmin");
    return r;
}

json recordToJson(const job::Record& r) {
    return {{"who", r.who},
            {"when", r.when},
            {"entry", r.entry.empty() ? json() : json(r.entry)},
            {"notes", r.notes},
            {"verdict", r.verdict},
            {"bearing", r.bearing},
            {"bore", r.bore},
            {"interference_um", recordedRange(r.interference_mm, kUm)},
            {"press_force_N", recordedRange(r.pressForce_N, 1)},
            {"tools", r.tools},
            {"peak_force_N", valueOrNull(r.peakForce_N)},
            {"end_travel_mm", valueOrNull(r.endTravel_mm)},
            {"press_verdict", r.pressVerdict.empty() ? json() : json(r.pressVerdict)},
            {"friction", valueOrNull(r.friction)},
            {"seat_material", r.seatMaterial.empty() ? json() : json(r.seatMaterial)},
            {"lubricant", r.seatMaterial.empty() ? json() : json(nameOf(kLubricants, r.lubricant))},
            {"outer_degC", valueOrNull(r.outer_C)},
            {"inner_degC", valueOrNull(r.inner_C)},
            {"readings", readingsJson(r.readings)},
            {"rise_across_um", r.riseAcross_mm ? json(*r.riseAcross_mm / kUm) : json()},
            {"tilt_arcmin", valueOrNull(r.tilt_arcmin)}};
}

std::set<job::Station> stationsFromJson(const json& d) {
    std::set<job::Station> out;
    for (const auto& name : d)
        if (const auto station = job::stationNamed(name.get<std::string>())) out.insert(*station);
    return out;
}

json stationsToJson(const std::set<job::Station>& done) {
    auto out = json::array();
    for (const auto station : done)
        out.push_back(job::name(station));
    return out;
}

} // namespace arbor::io
