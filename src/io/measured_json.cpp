#include "io/measured_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "core/plan/plan.h"
#include "io/json_names.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<measure::Process> kProcesses[] = {
    {measure::Process::Unknown, "unknown"}, {measure::Process::Ground, "ground"},
    {measure::Process::Honed, "honed"},     {measure::Process::Polished, "polished"},
    {measure::Process::Reamed, "reamed"},   {measure::Process::FineTurned, "fine_turned"},
    {measure::Process::Turned, "turned"}};
constexpr Name<measure::Pits> kPits[] = {{measure::Pits::NotLooked, "not_looked"},
                                         {measure::Pits::None, "none"},
                                         {measure::Pits::Light, "light"},
                                         {measure::Pits::Deep, "deep"}};
constexpr Name<measure::GrooveState> kGrooves[] = {{measure::GrooveState::NotLooked, "not_looked"},
                                                   {measure::GrooveState::Fine, "fine"},
                                                   {measure::GrooveState::Dirty, "dirty"},
                                                   {measure::GrooveState::Worn, "worn"}};

template <class E>
E coreNamed(std::initializer_list<E> all, const std::string& text, E otherwise) {
    for (const auto one : all)
        if (job::name(one) == text) return one;
    return otherwise;
}

measure::Condition readCondition(const json& d) {
    measure::Condition c;
    c.rz_mm = maybe(d, "roughness_rz_um", kUm);
    c.process = named(kProcesses, d.value("process", "unknown"));
    c.pits = named(kPits, d.value("pits", "not_looked"));
    c.creepPolish = d.value("creep_polish", false);
    c.scored = d.value("scored", false);
    c.movesByHand = d.value("moves_by_hand", false);
    c.shoulderRunOut_mm = maybe(d, "shoulder_run_out_um", kUm);
    c.groove = named(kGrooves, d.value("groove", "not_looked"));
    c.notches = named(kGrooves, d.value("notches", "not_looked"));
    return c;
}

job::SurfaceCard readSurface(const json& d) {
    job::SurfaceCard s;
    for (const auto& r : d.value("readings", json::array()))
        s.readings.push_back({r.at("depth_mm"), r.at("direction_deg"), r.at("dia_mm")});
    s.gauge = {d.value("uncertainty_um", s.gauge.uncertainty_mm / kUm) * kUm, d.value("part_degC", 20.0),
               d.value("gauge_degC", 20.0)};
    s.condition = readCondition(d);
    s.formLimit_mm = maybe(d, "form_limit_um", kUm);
    if (d.contains("overrule")) {
        using enum measure::Verdict;
        s.overrule = job::Overrule{
            coreNamed({NotMeasured, Use, CleanUp, Sleeve, Replace}, d["overrule"].value("verdict", "use"), Use),
            d["overrule"].value("note", "")};
    }
    return s;
}

job::SleeveChoice readSleeve(const json& d) {
    return {d.at("material"),
            d.at("outside_mm"),
            {d.value("interference_min_um", 0.0) * kUm, d.value("interference_max_um", 0.0) * kUm},
            d.value("bored_in_place", true)};
}

std::vector<seat::Reading> readHeights(const json& list) {
    std::vector<seat::Reading> out;
    for (const auto& r : list)
        out.push_back({r.at("clock_deg"), r.at("value_mm")});
    return out;
}

json heightsJson(const std::vector<seat::Reading>& readings) {
    auto out = json::array();
    for (const auto& r : readings)
        out.push_back({{"clock_deg", r.angle_deg}, {"value_mm", r.value_mm}});
    return out;
}

json surfaceJson(const job::SurfaceCard& s) {
    auto readings = json::array();
    for (const auto& r : s.readings)
        readings.push_back({{"depth_mm", r.depth_mm}, {"direction_deg", r.direction_deg}, {"dia_mm", r.dia_mm}});
    const auto& c = s.condition;
    json d{{"readings", readings},
           {"uncertainty_um", s.gauge.uncertainty_mm / kUm},
           {"part_degC", s.gauge.partTemp_C},
           {"gauge_degC", s.gauge.gaugeTemp_C},
           {"process", nameOf(kProcesses, c.process)},
           {"pits", nameOf(kPits, c.pits)},
           {"creep_polish", c.creepPolish},
           {"scored", c.scored},
           {"moves_by_hand", c.movesByHand},
           {"groove", nameOf(kGrooves, c.groove)},
           {"notches", nameOf(kGrooves, c.notches)}};
    if (c.rz_mm) d["roughness_rz_um"] = *c.rz_mm / kUm;
    if (c.shoulderRunOut_mm) d["shoulder_run_out_um"] = *c.shoulderRunOut_mm / kUm;
    if (s.formLimit_mm) d["form_limit_um"] = *s.formLimit_mm / kUm;
    if (s.overrule) d["overrule"] = {{"verdict", job::name(s.overrule->verdict)}, {"note", s.overrule->note}};
    return d;
}

} // namespace

job::Measured measuredFromJson(const json& d) {
    job::Measured out;
    for (const auto& seat : d.value("seats", json::array())) {
        auto& card = out.seats[{seat.at("outer"), seat.at("inner")}];
        card.hole = readSurface(seat.value("hole", json::object()));
        card.shaft = readSurface(seat.value("shaft", json::object()));
        if (seat.contains("sleeve")) card.sleeve = readSleeve(seat.at("sleeve"));
    }
    for (const auto& s : d.value("spacers", json::array()))
        out.spacers[s.at("part")] = {readHeights(s.value("lengths", json::array())),
                                     readHeights(s.value("lower_end", json::array())),
                                     s.value("uncertainty_um", 2.0) * kUm,
                                     maybe(s, "middle_outside_mm"),
                                     maybe(s, "lower_outside_mm"),
                                     maybe(s, "upper_outside_mm")};
    for (const auto& cup : d.value("cup_stand", json::array()))
        out.cupStand_mm[cup.at("part")] = cup.at("stand_mm");
    for (const auto& text : d.value("old_bearing", std::vector<std::string>{}))
        for (const auto sign : measure::kSigns)
            if (job::name(sign) == text) out.oldBearing.insert(sign);
    return out;
}

json measuredToJson(const job::Measured& m) {
    auto seats = json::array(), spacers = json::array(), cups = json::array(), signs = json::array();
    for (const auto& [key, card] : m.seats) {
        json d{{"outer", key.first}, {"inner", key.second}};
        if (card.hole != job::SurfaceCard{}) d["hole"] = surfaceJson(card.hole);
        if (card.shaft != job::SurfaceCard{}) d["shaft"] = surfaceJson(card.shaft);
        if (card.sleeve)
            d["sleeve"] = {{"material", card.sleeve->material},
                           {"outside_mm", card.sleeve->outsideDia_mm},
                           {"interference_min_um", card.sleeve->interference_mm.lower / kUm},
                           {"interference_max_um", card.sleeve->interference_mm.upper / kUm},
                           {"bored_in_place", card.sleeve->boredInPlace}};
        seats.push_back(d);
    }
    for (const auto& [part, s] : m.spacers) {
        json d{{"part", part},
               {"lengths", heightsJson(s.lengths)},
               {"lower_end", heightsJson(s.lowerEnd)},
               {"uncertainty_um", s.uncertainty_mm / kUm}};
        for (const auto& [key, value] : {std::pair{"middle_outside_mm", s.middleOutside_mm},
                                         {"lower_outside_mm", s.lowerOutside_mm},
                                         {"upper_outside_mm", s.upperOutside_mm}})
            if (value) d[key] = *value;
        spacers.push_back(d);
    }
    for (const auto& [part, stand] : m.cupStand_mm)
        cups.push_back({{"part", part}, {"stand_mm", stand}});
    for (const auto sign : m.oldBearing)
        signs.push_back(job::name(sign));
    return {{"seats", seats}, {"spacers", spacers}, {"cup_stand", cups}, {"old_bearing", signs}};
}

job::Work workFromJson(const json& d) {
    using enum fit::LoadCase;
    return {coreNamed({NotSaid, InnerTurns, OuterTurns, Indeterminate}, d.value("load", "not_said"), NotSaid),
            d.value("load_share", 0.1), d.value("speed_rpm", 0.0), d.value("must_slide", false)};
}

json workToJson(const job::Work& work) {
    return {{"load", job::name(work.load)},
            {"load_share", work.loadShare},
            {"speed_rpm", work.speed_rpm},
            {"must_slide", work.mustSlide}};
}

} // namespace arbor::io
