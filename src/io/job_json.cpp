#include "io/job_json.h"

#include "core/base/units.h"
#include "core/route/kit.h"
#include "io/adjust_json.h"
#include "io/entry/size_entry.h"
#include "io/heat_json.h"
#include "io/job_file.h"
#include "io/json_names.h"
#include "io/measured_json.h"
#include "io/steps_json.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<catalog::Side> kSides[] = {{catalog::Side::None, "none"},
                                          {catalog::Side::Down, "down"},
                                          {catalog::Side::Up, "up"},
                                          {catalog::Side::Both, "both"}};
constexpr Name<job::Units> kUnits[] = {{job::Units::Metric, "metric"}, {job::Units::Inch, "inch"}};
constexpr Name<route::Rust> kRusts[] = {
    {route::Rust::None, "none"}, {route::Rust::Light, "light"}, {route::Rust::Heavy, "heavy"}};
constexpr Name<job::Check> kCheckNames[] = {{job::Check::Rock, "rock"},
                                            {job::Check::Turn, "turn"},
                                            {job::Check::Listen, "listen"},
                                            {job::Check::Heat, "heat"},
                                            {job::Check::Leak, "leak"}};
constexpr Name<job::Found> kFounds[] = {{job::Found::Fine, "fine"}, {job::Found::Bad, "bad"}};
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
    job.press = d.at("press");
    job.heat = heatFromJson(d.value("heat", json::object()));
    job.steps = stepsFromJson(d.value("steps", json::object()));
    job.adjust = adjustFromJson(d.value("adjust", json::object()));
    job.closing = closingFromJson(d.value("closing", json::object()));
    job.done = stationsFromJson(d.value("done", json::array()));
    const auto draft = d.value("record_draft", json::object());
    job.draft = {draft.value("who", ""), draft.value("notes", "")};
    if (d.contains("record")) job.record = recordFromJson(d.at("record"));
    return job;
}

json jobToJson(const job::Job& job) {
    const auto& b = job.bearing;
    const auto& t = job.temperatures;
    json d{{"format", "arbor-job"},
           {"version", kJobVersion},
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
           {"press", job.press},
           {"heat", nullptr},
           {"steps", nullptr},
           {"adjust", nullptr},
           {"closing", nullptr},
           {"arrangement", nullptr},
           {"intake", nullptr},
           {"strip", nullptr},
           {"work", nullptr},
           {"measured", nullptr},
           {"done", stationsToJson(job.done)},
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
    if (!job.steps.empty()) d["steps"] = stepsToJson(job.steps);
    if (job.adjust != job::Adjust{}) d["adjust"] = adjustToJson(job.adjust);
    if (job.closing != job::Closing{}) d["closing"] = closingToJson(job.closing);
    if (job.record) d["record"] = recordToJson(*job.record);
    return d;
}

} // namespace arbor::io
