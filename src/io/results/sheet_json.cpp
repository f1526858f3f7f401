#include "io/results/sheet_json.h"

#include "core/job/names.h"

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;
using words::Tone;

const char* toneName(Tone tone) {
    switch (tone) {
    case Tone::Plain:
        return "plain";
    case Tone::Plan:
        return "info";
    case Tone::Proven:
        return "proven";
    case Tone::Check:
        return "check";
    case Tone::Stop:
        return "stop";
    }
    return "";
}

/// A value that does not scatter is one number.
void addValue(json& out, const Range& value) {
    if (value.least == value.most) {
        out["value"] = value.likely;
        return;
    }
    out["least"] = value.least;
    out["likely"] = value.likely;
    out["most"] = value.most;
}

void addText(json& out, const char* key, const std::string& text) {
    if (!text.empty()) out[key] = text;
}

json figureJson(const words::Figure& f) {
    json out{{"label", f.label}, {"shown", f.number + (f.unit.empty() ? "" : " " + f.unit)}};
    addText(out, "range", f.range);
    addValue(out, f.value);
    if (f.tone == Tone::Stop || f.tone == Tone::Check) out["tone"] = toneName(f.tone);
    for (const auto& limit : f.limits)
        out["limits"].push_back({{"value", limit.value}, {"label", limit.label}});
    return out;
}

json rowJson(const words::Row& row) {
    json out{{"key", row.key}, {"label", row.left}};
    addText(out, "shown", row.right);
    if (row.value) addValue(out, *row.value);
    if (row.tone != Tone::Plain) out["tone"] = toneName(row.tone);
    return out;
}

json noteJson(const words::Note& note) {
    json out{{"severity", note.tone == Tone::Stop ? "stop" : note.tone == Tone::Check ? "check" : "info"}};
    out["key"] = note.key;
    out["says"] = note.head;
    addText(out, "detail", note.detail);
    addText(out, "source", note.source);
    return out;
}

json sheetJson(const words::Sheet& s) {
    json out{{"station", s.station}};
    addText(out, "about", s.about);
    addText(out, "heading", s.heading);
    addText(out, "mark", s.mark);
    out["title"] = s.title;
    out["tone"] = toneName(s.tone);
    addText(out, "verdict", s.verdict);
    out["figures"] = json::object();
    for (const auto& f : s.figures)
        out["figures"][f.key] = figureJson(f);
    out["rows"] = json::object();
    for (const auto& list : s.rows)
        for (const auto& row : list.rows)
            out["rows"][list.key].push_back(rowJson(row));
    out["notes"] = json::array();
    for (const auto& note : s.notes)
        out["notes"].push_back(noteJson(note));
    addText(out, "next", s.action);
    addText(out, "waits_for", s.waitsFor);
    addText(out, "caution", s.caution);
    for (const auto& series : s.series)
        if (!series.rows.empty()) out["series"][series.key] = {{"columns", series.columns}, {"rows", series.rows}};
    return out;
}

json textSchema(const char* what) {
    return {{"type", "string"}, {"description", what}};
}

json objectOf(const json& properties, const json& required) {
    return {{"type", "object"}, {"additionalProperties", false}, {"required", required}, {"properties", properties}};
}

/// A number, or a band of it, in the unit its key names.
void addValueSchema(json& properties) {
    for (const char* name : {"value", "least", "likely", "most"})
        properties[name] = {{"type", "number"}};
}

json figureSchema() {
    json properties{{"label", textSchema("what it is")},
                    {"shown", textSchema("in the job's units")},
                    {"range", textSchema("beside it")}};
    addValueSchema(properties);
    properties["tone"] = {{"enum", {"check", "stop"}}};
    properties["limits"] = {
        {"type", "array"},
        {"items", objectOf({{"value", {{"type", "number"}}}, {"label", {{"type", "string"}}}}, {"value", "label"})}};
    return objectOf(properties, {"label", "shown"});
}

json rowSchema() {
    json properties{{"key", textSchema("with the unit of its value")},
                    {"label", {{"type", "string"}}},
                    {"shown", textSchema("in the job's units")}};
    addValueSchema(properties);
    properties["tone"] = {{"enum", {"info", "proven", "check", "stop"}}};
    return objectOf(properties, {"key", "label"});
}

json noteSchema() {
    return objectOf({{"severity", {{"enum", {"stop", "check", "info"}}}},
                     {"key", {{"type", "string"}}},
                     {"says", {{"type", "string"}}},
                     {"detail", {{"type", "string"}}},
                     {"source", textSchema("standard, table or practice")}},
                    {"severity", "key", "says"});
}

/// What a sheet of a command may call its place: a station, but for those that are of the shop or of the customer.
json placesOf(const std::string& command) {
    for (const char* own : {"day", "quote", "invoice", "customer", "inspections"})
        if (command == own) return json::array({own});
    auto stations = json::array();
    for (const auto station : job::kStations)
        stations.push_back(job::name(station));
    return stations;
}

json sheetSchema(const std::string& command) {
    const json numbers{{"type", "array"}, {"items", {{"type", "number"}}}};
    const json series = objectOf({{"columns", {{"type", "array"}, {"items", {{"type", "string"}}}}},
                                  {"rows", {{"type", "array"}, {"items", numbers}}}},
                                 {"columns", "rows"});
    return objectOf(
        {{"station", {{"enum", placesOf(command)}}},
         {"about", textSchema("key of the step, the seat, the surface; absent: the job")},
         {"heading", {{"type", "string"}}},
         {"mark", {{"enum", {"open", "done", "check", "stop", "not_needed"}}}},
         {"title", {{"type", "string"}}},
         {"tone", {{"enum", {"plain", "info", "proven", "check", "stop"}}}},
         {"verdict", {{"type", "string"}}},
         {"figures", {{"type", "object"}, {"additionalProperties", figureSchema()}}},
         {"rows", {{"type", "object"}, {"additionalProperties", {{"type", "array"}, {"items", rowSchema()}}}}},
         {"notes", {{"type", "array"}, {"items", noteSchema()}}},
         {"next", textSchema("the one next action")},
         {"waits_for", textSchema("why it cannot be done yet")},
         {"caution", textSchema("what can hurt here")},
         {"series", {{"type", "object"}, {"additionalProperties", series}}}},
        {"station", "title", "tone", "figures", "rows", "notes"});
}

} // namespace

std::string resultFormat(const std::string& command) {
    return "brisk-arbor/" + command;
}

json sheetsJson(const std::string& command, const job::Job& job, const std::vector<words::Sheet>& sheets) {
    json out{{"format", resultFormat(command)}, {"version", kResultVersion}, {"job", job.id}, {"title", job.title},
             {"units", job::name(job.units)},   {"sheets", json::array()}};
    for (const auto& sheet : sheets)
        out["sheets"].push_back(sheetJson(sheet));
    return out;
}

json sheetsSchema(const std::string& command) {
    json out{{"$schema", "http://json-schema.org/draft-07/schema#"},
             {"title", "What `brisk-arbor-cli " + command + " --json` prints"},
             {"description", "Numbers are in the unit their key names, whatever the job is shown in."}};
    out.update(objectOf({{"format", {{"const", resultFormat(command)}}},
                         {"version", {{"const", kResultVersion}}},
                         {"job", {{"type", "string"}}},
                         {"title", {{"type", "string"}}},
                         {"units", {{"enum", {"metric", "inch"}}}},
                         {"sheets", {{"type", "array"}, {"items", sheetSchema(command)}}}},
                        {"format", "version", "job", "title", "units", "sheets"}));
    return out;
}

} // namespace arbor::io
