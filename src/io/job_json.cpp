#include "io/job_json.h"

#include "core/base/units.h"
#include "core/plan/plan.h"
#include "core/route/kit.h"
#include "io/adjust_json.h"
#include "io/entry/size_entry.h"
#include "io/hand_json.h"
#include "io/heat_json.h"
#include "io/json_names.h"
#include "io/measured_json.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<catalog::Side> kSides[] = {{catalog::Side::None, "none"},
                                          {catalog::Side::Down, "down"},
                                          {catalog::Side::Up, "up"},
                                          {catalog::Side::Both, "both"}};
constexpr Name<catalog::Lubricant> kLubricants[] = {{catalog::Lubricant::Dry, "dry"},
                                                    {catalog::Lubricant::LightOil, "light_oil"},
                                                    {catalog::Lubricant::Grease, "grease"}};
constexpr Name<job::Units> kUnits[] = {{job::Units::Metric, "metric"}, {job::Units::Inch, "inch"}};
constexpr Name<route::Rust> kRusts[] = {
    {route::Rust::None, "none"}, {route::Rust::Light, "light"}, {route::Rust::Heavy, "heavy"}};
constexpr Name<job::Check> kCheckNames[] = {{job::Check::Rock, "rock"},
                                            {job::Check::Turn, "turn"},
                                            {job::Check::Listen, "listen"},
                                            {job::Check::Heat, "heat"},
                                            {job::Check::Leak, "leak"}};
constexpr Name<job::Found> kFounds[] = {{job::Found::Fine, "fine"}, {job::Found::Bad, "bad"}};
constexpr Name<seat::ReadingKind> kKinds[] = {{seat::ReadingKind::Depth, "depth"},
                                              {seat::ReadingKind::Feeler, "feeler"},
                                              {seat::ReadingKind::Indicator, "indicator"}};

Result<job::BearingChoice> readBearing(const json& d) {
    job::BearingChoice b;
    b.designation = d.at("designation");
    b.toleranceClass = d.value("tolerance_class", b.toleranceClass);
    b.clearanceGroup = d.value("clearance_group", b.clearanceGroup);
    if (d.contains("static_rating_N")) b.typedStaticRating_N = d.at("static_rating_N").get<double>();
    b.seals = named(kSides, d.value("seals", "none"));
    b.encoder = named(kSides, d.value("encoder", "none"));
    b.rz_mm = d.value("roughness_rz_um", b.rz_mm / kUm) * kUm;
    for (const auto& [key, target] : {std::pair{"bore", &b.bore}, {"outside", &b.outside}}) {
        if (!d.contains(key)) continue;
        const auto size = parseSize(d.at(key).at("size"), 0);
        if (!size) return tl::unexpected(at(size.error(), std::string("bearing/") + key + "/size"));
        *target = *size;
    }
    for (const auto& [key, target] :
         {std::pair{"inner_raceway_mm", &b.innerRacewayDia_mm}, {"outer_raceway_mm", &b.outerRacewayDia_mm}})
        if (d.contains(key)) *target = d.at(key).get<double>();
    return b;
}

Result<job::HousingPart> readHousing(const json& d) {
    job::HousingPart h;
    h.material = d.at("material");
    const auto seat = parseSize(d.at("seat").at("size"), 0);
    if (!seat) return tl::unexpected(at(seat.error(), "housing/seat/size"));
    h.seat = *seat;
    if (d.contains("measured")) {
        const auto measured = parseMeasured(d.at("measured").at("size"));
        if (!measured) return tl::unexpected(at(measured.error(), "housing/measured/size"));
        h.measured = *measured;
    }
    h.rz_mm = d.value("roughness_rz_um", h.rz_mm / kUm) * kUm;
    h.outsideDia_mm = d.at("outside_mm");
    h.height_mm = d.at("height_mm");
    h.flangeDia_mm = d.value("flange_mm", 0.0);
    h.flangeThick_mm = d.value("flange_thick_mm", 0.0);
    h.seatDepth_mm = d.at("seat_depth_mm");
    h.shoulderBoreDia_mm = d.at("shoulder_bore_mm");
    h.entryChamfer_mm = d.value("entry_chamfer_mm", 0.0);
    if (d.contains("groove"))
        h.groove = arrangement::Groove{d["groove"].at("diameter_mm"), d["groove"].at("width_mm"),
                                       d["groove"].at("lower_edge_depth_mm")};
    if (d.contains("hangs_below"))
        h.hangsBelow = arrangement::HangsBelow{d["hangs_below"].at("label"), d["hangs_below"].at("diameter_mm"),
                                               d["hangs_below"].at("length_mm")};
    return h;
}

Result<std::optional<job::ShaftPart>> readShaft(const json& d) {
    if (!d.contains("shaft")) return std::optional<job::ShaftPart>{};
    job::ShaftPart s;
    const auto& shaft = d.at("shaft");
    s.material = shaft.at("material");
    const auto seat = parseSize(shaft.at("seat").at("size"), 0);
    if (!seat) return tl::unexpected(at(seat.error(), "shaft/seat/size"));
    s.seat = *seat;
    s.boreDia_mm = shaft.value("bore_mm", 0.0);
    s.rz_mm = shaft.value("roughness_rz_um", s.rz_mm / kUm) * kUm;
    return std::optional(s);
}

Result<std::optional<arrangement::Arrangement>> readArrangement(const json& d) {
    if (!d.contains("arrangement")) return std::optional<arrangement::Arrangement>{};
    auto read = arrangement::parseArrangement(d.at("arrangement").dump());
    if (!read) return tl::unexpected(at(read.error(), "arrangement/" + read.error().field));
    return std::optional(std::move(*read));
}

job::Intake readIntake(const json& d) {
    job::Intake out;
    out.complaint = d.value("complaint", "");
    out.position = d.value("position", "");
    const auto checks = d.value("checks", json::object());
    for (const auto& check : kCheckNames)
        if (checks.contains(check.text)) out.checks[check.value] = named(kFounds, checks.at(check.text));
    if (d.contains("both_sides")) out.bothSides = d.at("both_sides").get<bool>();
    out.sideReason = d.value("side_reason", "");
    out.photos = d.value("photos", std::vector<std::string>{});
    return out;
}

job::StripState readStrip(const json& d) {
    using Ids = std::set<std::string>;
    job::StripState out{named(kRusts, d.value("rust", "none")),
                        d.value("on_the_bench", Ids{}),
                        d.value("out", Ids{}),
                        d.value("fitted", Ids{}),
                        d.value("way_round_seen", Ids{}),
                        {}};
    for (const auto& chosen : d.value("methods", json::array()))
        if (const auto known = route::methodNamed(chosen.at("method").get<std::string>()))
            out.methods[chosen.at("part")] = *known;
    return out;
}

json intakeJson(const job::Intake& intake) {
    // What was not looked at is null: a check taken back is taken out of the file.
    auto checks = json::object();
    for (const auto& check : kCheckNames) {
        const auto found = intake.checks.find(check.value);
        checks[check.text] = found == intake.checks.end() || found->second == job::Found::NotLooked
                                 ? json()
                                 : json(nameOf(kFounds, found->second));
    }
    return {{"complaint", intake.complaint},
            {"position", intake.position},
            {"checks", checks},
            {"both_sides", intake.bothSides ? json(*intake.bothSides) : json()},
            {"side_reason", intake.sideReason},
            {"photos", intake.photos}};
}

json stripJson(const job::StripState& strip) {
    auto methods = json::array();
    for (const auto& [id, method] : strip.methods)
        methods.push_back({{"part", id}, {"method", route::name(method)}});
    return {{"rust", nameOf(kRusts, strip.rust)},
            {"on_the_bench", strip.onTheBench},
            {"out", strip.out},
            {"fitted", strip.fitted},
            {"way_round_seen", strip.wayRoundSeen},
            {"methods", methods}};
}

std::vector<seat::Reading> readReadings(const json& list) {
    std::vector<seat::Reading> out;
    for (const auto& r : list)
        out.push_back({r.at("clock_deg"), r.at("value_mm")});
    return out;
}

Range readRange(const json& d, double unit) {
    return Range{d.at("least"), d.at("likely"), d.at("most")} * unit;
}

job::Record readRecord(const json& d) {
    job::Record r;
    r.who = d.at("who");
    r.when = d.at("when");
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

json rangeJson(const Range& r, double unit) {
    return {{"least", r.least / unit}, {"likely", r.likely / unit}, {"most", r.most / unit}};
}

json readingsJson(const std::vector<seat::Reading>& readings) {
    auto out = json::array();
    for (const auto& r : readings)
        out.push_back({{"clock_deg", r.angle_deg}, {"value_mm", r.value_mm}});
    return out;
}

json typedOrNull(const std::optional<job::SizeSpec>& size) {
    return size ? json{{"size", size->typed}} : json();
}

json housingJson(const job::HousingPart& h) {
    json d{{"material", h.material},
           {"seat", {{"size", h.seat.typed}}},
           {"roughness_rz_um", h.rz_mm / kUm},
           {"outside_mm", h.outsideDia_mm},
           {"height_mm", h.height_mm},
           {"seat_depth_mm", h.seatDepth_mm},
           {"shoulder_bore_mm", h.shoulderBoreDia_mm},
           {"entry_chamfer_mm", h.entryChamfer_mm},
           {"flange_mm", h.flangeDia_mm},
           {"flange_thick_mm", h.flangeThick_mm},
           {"measured", nullptr},
           {"groove", nullptr},
           {"hangs_below", nullptr}};
    if (h.measured) d["measured"] = {{"size", h.measured->typed}};
    if (h.groove)
        d["groove"] = {{"diameter_mm", h.groove->dia_mm},
                       {"width_mm", h.groove->width_mm},
                       {"lower_edge_depth_mm", h.groove->lowerEdgeDepth_mm}};
    if (h.hangsBelow)
        d["hangs_below"] = {{"label", h.hangsBelow->label},
                            {"diameter_mm", h.hangsBelow->dia_mm},
                            {"length_mm", h.hangsBelow->length_mm}};
    return d;
}

json recordJson(const job::Record& r) {
    return {{"who", r.who},
            {"when", r.when},
            {"notes", r.notes},
            {"verdict", r.verdict},
            {"bearing", r.bearing},
            {"bore", r.bore},
            {"interference_um", rangeJson(r.interference_mm, kUm)},
            {"press_force_N", rangeJson(r.pressForce_N, 1)},
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

job::SeatReadings readSeatReadings(const json& d) {
    return {named(kKinds, d.value("kind", "depth")), d.value("uncertainty_um", 10.0) * kUm,
            readReadings(d.value("readings", json::array()))};
}

json seatReadingsJson(const job::SeatReadings& r) {
    return {{"kind", nameOf(kKinds, r.kind)},
            {"uncertainty_um", r.uncertainty_mm / kUm},
            {"readings", readingsJson(r.readings)}};
}

json ringsJson(const std::map<job::SeatKey, job::RingCard>& rings) {
    auto out = json::array();
    for (const auto& [key, card] : rings) {
        auto d = seatReadingsJson(card.readings);
        d["outer"] = key.first;
        d["inner"] = key.second;
        if (card.home_mm) d["home_mm"] = *card.home_mm;
        out.push_back(std::move(d));
    }
    return out;
}

json stationsJson(const std::set<job::Station>& done) {
    auto out = json::array();
    for (const auto station : done)
        out.push_back(plan::name(station));
    return out;
}

std::optional<std::string> optionalText(const json& d, const char* key) {
    return d.contains(key) && d.at(key).is_string() ? std::optional(d.at(key).get<std::string>()) : std::nullopt;
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

json stepWishesJson(const std::map<std::string, job::StepWish>& steps) {
    auto out = json::array();
    for (const auto& [key, wish] : steps) {
        if (wish == job::StepWish{}) continue;
        json entry{{"step", key}};
        if (wish.driver) entry["driver"] = *wish.driver;
        if (wish.support) entry["support"] = *wish.support;
        if (wish.turn != tooling::TurnWishes{}) entry["turn"] = turnJson(wish.turn);
        out.push_back(entry);
    }
    return out.empty() ? json() : out;
}

} // namespace

Result<job::Job> jobFromJson(const json& d) {
    job::Job job;
    job.id = d.at("id");
    job.title = d.at("title");
    job.customer = d.value("customer", "");
    job.units = named(kUnits, d.value("units", "metric"));
    auto bearing = readBearing(d.at("bearing"));
    if (!bearing) return tl::unexpected(bearing.error());
    job.bearing = std::move(*bearing);
    auto housing = readHousing(d.at("housing"));
    if (!housing) return tl::unexpected(housing.error());
    job.housing = std::move(*housing);
    auto shaft = readShaft(d);
    if (!shaft) return tl::unexpected(shaft.error());
    job.shaft = std::move(*shaft);
    auto arrangement = readArrangement(d);
    if (!arrangement) return tl::unexpected(arrangement.error());
    job.arrangement = std::move(*arrangement);
    job.intake = readIntake(d.value("intake", json::object()));
    job.strip = readStrip(d.value("strip", json::object()));
    const auto t = d.value("temperatures", json::object());
    job.temperatures = {t.value("inner_ring_degC", 20.0), t.value("outer_ring_degC", 20.0),
                        t.value("housing_degC", 20.0), t.value("shaft_degC", 20.0)};
    job.work = workFromJson(d.value("work", json::object()));
    job.measured = measuredFromJson(d.value("measured", json::object()));
    job.lubricant = named(kLubricants, d.value("lubricant", "light_oil"));
    const auto& tooling = d.at("tooling");
    job.tooling.press = tooling.at("press");
    for (const auto& [key, target] : {std::pair{"driver", &job.tooling.driver}, {"support", &job.tooling.support}})
        if (tooling.contains(key)) *target = tooling.at(key).get<std::string>();
    for (const auto& wish : tooling.value("steps", json::array()))
        job.tooling.steps[wish.at("step").get<std::string>()] = {
            optionalText(wish, "driver"), optionalText(wish, "support"), readTurn(wish.value("turn", json::object()))};
    job.heat = heatFromJson(d.value("heat", json::object()));
    job.traceFile = d.value("trace", json::object()).value("file", "");
    job.hand = handFromJson(d.value("hand", json::object()));
    job.seating = readSeatReadings(d.value("seat_readings", json::object()));
    for (const auto& ring : d.value("ring_readings", json::array()))
        job.rings[{ring.at("outer"), ring.at("inner")}] = {
            readSeatReadings(ring),
            ring.contains("home_mm") ? std::optional(ring.at("home_mm").get<double>()) : std::nullopt};
    job.proof = proofFromJson(d.value("seat_proof", json::object()));
    job.adjust = adjustFromJson(d.value("adjust", json::object()));
    job.closing = closingFromJson(d.value("closing", json::object()));
    for (const auto& name : d.value("done", std::vector<std::string>{}))
        if (const auto station = plan::stationNamed(name)) job.done.insert(*station);
    const auto draft = d.value("record_draft", json::object());
    job.draft = {draft.value("who", ""), draft.value("notes", "")};
    if (d.contains("record")) job.record = readRecord(d.at("record"));
    return job;
}

json jobToJson(const job::Job& job) {
    const auto& b = job.bearing;
    const auto& t = job.temperatures;
    json d{{"format", "arbor-job"},
           {"version", 1},
           {"id", job.id},
           {"title", job.title},
           {"customer", job.customer},
           {"units", nameOf(kUnits, job.units)},
           {"bearing",
            {{"designation", b.designation},
             {"tolerance_class", b.toleranceClass},
             {"clearance_group", b.clearanceGroup},
             {"static_rating_N", valueOrNull(b.typedStaticRating_N)},
             {"bore", typedOrNull(b.bore)},
             {"outside", typedOrNull(b.outside)},
             {"inner_raceway_mm", valueOrNull(b.innerRacewayDia_mm)},
             {"outer_raceway_mm", valueOrNull(b.outerRacewayDia_mm)},
             {"seals", nameOf(kSides, b.seals)},
             {"encoder", nameOf(kSides, b.encoder)},
             {"roughness_rz_um", b.rz_mm / kUm}}},
           {"housing", housingJson(job.housing)},
           {"shaft", nullptr},
           {"temperatures",
            {{"inner_ring_degC", t.innerRing_C},
             {"outer_ring_degC", t.outerRing_C},
             {"housing_degC", t.housing_C},
             {"shaft_degC", t.shaft_C}}},
           {"lubricant", nameOf(kLubricants, job.lubricant)},
           {"tooling",
            {{"press", job.tooling.press},
             {"driver", valueOrNull(job.tooling.driver)},
             {"support", valueOrNull(job.tooling.support)},
             {"steps", stepWishesJson(job.tooling.steps)}}},
           {"heat", nullptr},
           {"trace", nullptr},
           {"hand", nullptr},
           {"seat_readings", seatReadingsJson(job.seating)},
           {"ring_readings", nullptr},
           {"seat_proof", nullptr},
           {"adjust", nullptr},
           {"closing", nullptr},
           {"arrangement", nullptr},
           {"intake", nullptr},
           {"strip", nullptr},
           {"work", nullptr},
           {"measured", nullptr},
           {"done", stationsJson(job.done)},
           {"record_draft", nullptr},
           {"record", nullptr}};
    if (!job.draft.who.empty() || !job.draft.notes.empty())
        d["record_draft"] = {{"who", job.draft.who}, {"notes", job.draft.notes}};
    if (job.arrangement) d["arrangement"] = json::parse(arrangement::arrangementText(*job.arrangement));
    if (job.intake != job::Intake{}) d["intake"] = intakeJson(job.intake);
    if (job.strip != job::StripState{}) d["strip"] = stripJson(job.strip);
    if (job.work != job::Work{}) d["work"] = workToJson(job.work);
    if (job.measured != job::Measured{}) d["measured"] = measuredToJson(job.measured);
    if (job.heat != job::Heat{}) d["heat"] = heatToJson(job.heat);
    if (job.shaft)
        d["shaft"] = {{"material", job.shaft->material},
                      {"seat", {{"size", job.shaft->seat.typed}}},
                      {"bore_mm", job.shaft->boreDia_mm},
                      {"roughness_rz_um", job.shaft->rz_mm / kUm}};
    if (!job.traceFile.empty()) d["trace"] = {{"file", job.traceFile}};
    if (job.hand != job::HandPress{}) d["hand"] = handToJson(job.hand);
    if (!job.rings.empty()) d["ring_readings"] = ringsJson(job.rings);
    if (job.proof != job::SeatProof{}) d["seat_proof"] = proofToJson(job.proof);
    if (job.adjust != job::Adjust{}) d["adjust"] = adjustToJson(job.adjust);
    if (job.closing != job::Closing{}) d["closing"] = closingToJson(job.closing);
    if (job.record) d["record"] = recordJson(*job.record);
    return d;
}

} // namespace arbor::io
