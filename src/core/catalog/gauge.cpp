#include "core/catalog/gauge.h"

#include "core/base/json_text.h"

#include <algorithm>
#include <charconv>
#include <set>

namespace arbor::catalog {

namespace {

using nlohmann::json;

constexpr double kMostUncertainty_mm = 0.1;

/// "2027-03-31", so that days compare as their texts do.
bool isDay(const std::string& text) {
    if (text.size() != 10 || text[4] != '-' || text[7] != '-') return false;
    const auto number = [&](std::size_t from, std::size_t count) {
        const auto part = text.substr(from, count);
        const bool figures = std::all_of(part.begin(), part.end(), [](char c) { return c >= '0' && c <= '9'; });
        return figures ? std::stoi(part) : 0;
    };
    const int month = number(5, 2), day = number(8, 2);
    return number(0, 4) > 0 && month >= 1 && month <= 12 && day >= 1 && day <= 31;
}

Result<Gauge> readGauge(const json& d) {
    if (auto known = onlyKeys(d, {"id", "kind", "name", "uncertainty_um", "calibration_due"}); !known)
        return tl::unexpected(known.error());
    Gauge out;
    out.id = d.at("id");
    const std::string kind = d.at("kind");
    const auto at =
        std::find_if(std::begin(kGaugeKinds), std::end(kGaugeKinds), [&](GaugeKind k) { return name(k) == kind; });
    if (at == std::end(kGaugeKinds))
        return refuse(ProblemCode::UnknownName, out.id + "/kind", kind,
                      wanted("bore, outside, depth, indicator, thermometer or torque_wrench"));
    out.kind = *at;
    out.name = d.value("name", "");
    out.uncertainty_mm = d.value("uncertainty_um", 0.0) / 1000;
    out.calibrationDue = d.value("calibration_due", "");
    return out;
}

Result<Person> readPerson(const json& d) {
    if (auto known = onlyKeys(d, {"name", "releases", "pin", "from", "until"}); !known)
        return tl::unexpected(known.error());
    return Person{d.at("name"), d.value("releases", false), d.value("pin", std::string()),
                  d.value("from", std::string()), d.value("until", std::string())};
}

/// The rows of a list, each read and all of them checked together.
template <class Row>
Result<std::vector<Row>> readList(std::string_view text, const char* list, Result<Row> (*read)(const json&),
                                  Result<void> (*check)(const std::vector<Row>&)) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        std::vector<Row> out;
        for (const auto& entry : document->at(list)) {
            auto row = read(entry);
            if (!row) return tl::unexpected(row.error());
            out.push_back(std::move(*row));
        }
        if (auto ok = check(out); !ok) return tl::unexpected(ok.error());
        return out;
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

} // namespace

std::string_view name(GaugeKind kind) {
    switch (kind) {
    case GaugeKind::Bore:
        return "bore";
    case GaugeKind::Outside:
        return "outside";
    case GaugeKind::Depth:
        return "depth";
    case GaugeKind::Indicator:
        return "indicator";
    case GaugeKind::Thermometer:
        return "thermometer";
    case GaugeKind::TorqueWrench:
        return "torque_wrench";
    }
    return {};
}

bool isOverdue(const Gauge& gauge, const std::string& day) {
    return !gauge.calibrationDue.empty() && gauge.calibrationDue < day;
}

const Gauge* findGauge(const std::vector<Gauge>& gauges, const std::string& id) {
    const auto at = std::find_if(gauges.begin(), gauges.end(), [&](const Gauge& g) { return g.id == id; });
    return at == gauges.end() ? nullptr : &*at;
}

Result<void> checkGauges(const std::vector<Gauge>& gauges) {
    std::set<std::string> seen;
    for (const auto& g : gauges) {
        if (g.id.empty()) return refuse(ProblemCode::Missing, "id", {}, wanted("the number on the gauge"));
        if (!seen.insert(g.id).second) return refuse(ProblemCode::Duplicate, "id", g.id, wanted("each number once"));
        if (!(g.uncertainty_mm >= 0 && g.uncertainty_mm <= kMostUncertainty_mm))
            return refuse(ProblemCode::OutOfRange, g.id + "/uncertainty_um", plain(g.uncertainty_mm * 1000),
                          wanted("0 to 100 um"));
        if (!g.calibrationDue.empty() && !isDay(g.calibrationDue))
            return refuse(ProblemCode::Malformed, g.id + "/calibration_due", g.calibrationDue,
                          wanted("a day as 2027-03-31"));
    }
    return {};
}

Result<std::vector<Gauge>> parseGauges(std::string_view text) {
    return readList<Gauge>(text, "gauges", readGauge, checkGauges);
}

std::string writeGauges(const std::vector<Gauge>& gauges) {
    json all = json::array();
    for (const auto& g : gauges) {
        json d{{"id", g.id}, {"kind", name(g.kind)}, {"name", g.name}};
        if (g.uncertainty_mm > 0) d["uncertainty_um"] = g.uncertainty_mm * 1000;
        if (!g.calibrationDue.empty()) d["calibration_due"] = g.calibrationDue;
        all.push_back(std::move(d));
    }
    return json{{"gauges", all}}.dump(2) + "\n";
}

std::optional<int> minuteOfDay(const std::string& text) {
    const auto colon = text.find(':');
    if (colon == std::string::npos || colon < 1 || colon > 2 || text.size() != colon + 3) return std::nullopt;
    int hour = -1, minute = -1;
    const char* end = text.data() + text.size();
    if (std::from_chars(text.data(), text.data() + colon, hour).ptr != text.data() + colon) return std::nullopt;
    if (std::from_chars(text.data() + colon + 1, end, minute).ptr != end) return std::nullopt;
    constexpr int kHours = 24, kMinutes = 60;
    const int out = hour * kMinutes + minute;
    return hour >= 0 && minute >= 0 && minute < kMinutes && out <= kHours * kMinutes ? std::optional(out)
                                                                                     : std::nullopt;
}

Result<void> checkPeople(const std::vector<Person>& people) {
    std::set<std::string> seen;
    for (const auto& person : people) {
        if (person.name.empty()) return refuse(ProblemCode::Missing, "name", {}, wanted("a name"));
        if (!seen.insert(person.name).second)
            return refuse(ProblemCode::Duplicate, "name", person.name, wanted("each name once"));
        for (const auto& [field, text] : {std::pair{"from", person.from}, {"until", person.until}})
            if (!text.empty() && !minuteOfDay(text))
                return refuse(ProblemCode::Malformed, person.name + "/" + field, text,
                              wanted("a time of day as 07:00"));
        if (!person.from.empty() && !person.until.empty() && *minuteOfDay(person.from) >= *minuteOfDay(person.until))
            return refuse(ProblemCode::GeometryOrder, person.name + "/until", person.until, wanted("after it begins"));
    }
    return {};
}

Result<std::vector<Person>> parsePeople(std::string_view text) {
    return readList<Person>(text, "people", readPerson, checkPeople);
}

std::string writePeople(const std::vector<Person>& people) {
    json all = json::array();
    for (const auto& person : people) {
        json d{{"name", person.name}};
        if (person.releases) d["releases"] = true;
        if (!person.pin.empty()) d["pin"] = person.pin;
        if (!person.from.empty()) d["from"] = person.from;
        if (!person.until.empty()) d["until"] = person.until;
        all.push_back(std::move(d));
    }
    return json{{"people", all}}.dump(2) + "\n";
}

} // namespace arbor::catalog
