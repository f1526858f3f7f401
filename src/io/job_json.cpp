#include "io/job_json.h"

#include "core/base/units.h"
#include "core/route/kit.h"
#include "io/adjust_json.h"
#include "io/heat_json.h"
#include "io/job_file.h"
#include "io/json_names.h"
#include "io/measured_json.h"
#include "io/steps_json.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<job::Units> kUnits[] = {{job::Units::Metric, "metric"}, {job::Units::Inch, "inch"}};
constexpr Name<route::Rust> kRusts[] = {
    {route::Rust::None, "none"}, {route::Rust::Light, "light"}, {route::Rust::Heavy, "heavy"}};
constexpr Name<job::Check> kCheckNames[] = {{job::Check::Rock, "rock"},
                                            {job::Check::Turn, "turn"},
                                            {job::Check::Listen, "listen"},
                                            {job::Check::Heat, "heat"},
                                            {job::Check::Leak, "leak"}};
constexpr Name<job::Found> kFounds[] = {{job::Found::Fine, "fine"}, {job::Found::Bad, "bad"}};
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
                        {},
                        d.value("stays", Ids{})};
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
            {"methods", methods},
            {"stays", strip.stays.empty() ? json() : json(strip.stays)}};
}

} // namespace

Result<job::Job> jobFromJson(const json& d) {
    job::Job job;
    job.id = d.at("id");
    job.title = d.at("title");
    job.customer = d.value("customer", "");
    job.units = named(kUnits, d.value("units", "metric"));
    auto arrangement = parseArrangement(d.at("arrangement").dump());
    if (!arrangement) return tl::unexpected(at(arrangement.error(), "arrangement/" + arrangement.error().field));
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
    const auto& t = job.temperatures;
    json d{{"format", "arbor-job"},
           {"version", kJobVersion},
           {"id", job.id},
           {"title", job.title},
           {"customer", job.customer},
           {"units", nameOf(kUnits, job.units)},
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
           {"arrangement", json::parse(arrangementText(job.arrangement))},
           {"intake", nullptr},
           {"strip", nullptr},
           {"work", nullptr},
           {"measured", nullptr},
           {"done", stationsToJson(job.done)},
           {"record_draft", nullptr},
           {"record", nullptr}};
    if (!job.draft.who.empty() || !job.draft.notes.empty())
        d["record_draft"] = {{"who", job.draft.who}, {"notes", job.draft.notes}};
    if (job.intake != job::Intake{}) d["intake"] = intakeJson(job.intake);
    if (job.strip != job::StripState{}) d["strip"] = stripJson(job.strip);
    if (job.work != job::Work{}) d["work"] = workToJson(job.work);
    if (job.measured != job::Measured{}) d["measured"] = measuredToJson(job.measured);
    if (job.heat != job::Heat{}) d["heat"] = heatToJson(job.heat);
    if (!job.steps.empty()) d["steps"] = stepsToJson(job.steps);
    if (job.adjust != job::Adjust{}) d["adjust"] = adjustToJson(job.adjust);
    if (job.closing != job::Closing{}) d["closing"] = closingToJson(job.closing);
    if (job.record) d["record"] = recordToJson(*job.record);
    return d;
}

} // namespace arbor::io
