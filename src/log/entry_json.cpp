#include "log/entry_json.h"

#include <fmt/format.h>

namespace arbor::log {

namespace {

/// Name and place of every field, in the order of the export.
template <class E, class Text, class Number>
void eachField(E& e, Text text, Number number) {
    text("id", e.id);
    text("job", e.jobId);
    text("title", e.title);
    text("position", e.position);
    text("shape", e.shape);
    text("customer", e.customer);
    text("bearing", e.bearing);
    text("family", e.family);
    text("bore", e.bore);
    text("who", e.who);
    text("when", e.when);
    text("notes", e.notes);
    text("tools", e.tools);
    text("verdict", e.verdict);
    text("press_verdict", e.pressVerdict);
    text("seat_material", e.seatMaterial);
    text("lubricant", e.lubricant);
    number("interference_um", e.interference_um);
    number("expected_N", e.expected_N);
    number("peak_N", e.peak_N);
    number("friction", e.friction);
    number("rise_um", e.rise_um);
    number("outer_degC", e.outer_C);
    number("inner_degC", e.inner_C);
    number("minutes", e.minutes);
}

std::string quoted(const std::string& text) {
    if (text.find_first_of(",\"\n\r") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

} // namespace

nlohmann::ordered_json toJson(const Entry& entry) {
    nlohmann::ordered_json d;
    eachField(
        entry, [&](const char* name, const std::string& text) { d[name] = text; },
        [&](const char* name, const std::optional<double>& number) {
            d[name] = number ? nlohmann::ordered_json(*number) : nlohmann::ordered_json();
        });
    d["document"] = entry.document;
    return d;
}

Result<Entry> entryFromJson(const nlohmann::json& d) {
    try {
        Entry e;
        eachField(
            e,
            [&](const char* name, std::string& text) {
                // What an older program did not write is empty.
                const bool later = &text == &e.position || &text == &e.shape;
                if (!later || d.contains(name)) text = d.at(name).get<std::string>();
            },
            [&](const char* name, std::optional<double>& number) {
                const bool later = &number == &e.outer_C || &number == &e.inner_C;
                if ((!later || d.contains(name)) && !d.at(name).is_null()) number = d.at(name).get<double>();
            });
        e.document = d.at("document").get<std::string>();
        return e;
    } catch (const nlohmann::json::exception& error) {
        return refuse(ProblemCode::Malformed, "logbook entry", error.what());
    }
}

std::string toCsv(const std::vector<Entry>& entries) {
    std::string out, head;
    Entry names;
    eachField(
        names, [&](const char* name, const std::string&) { head += (head.empty() ? "" : ",") + std::string(name); },
        [&](const char* name, const std::optional<double>&) { head += "," + std::string(name); });
    out = head + "\n";
    for (const auto& e : entries) {
        std::string line;
        eachField(
            e,
            [&](const char* name, const std::string& text) {
                line += (std::string_view(name) == "id" ? "" : ",") + quoted(text);
            },
            [&](const char*, const std::optional<double>& number) {
                line += "," + (number ? fmt::format("{:.6g}", *number) : std::string());
            });
        out += line + "\n";
    }
    return out;
}

} // namespace arbor::log
