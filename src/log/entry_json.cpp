#include "log/entry_json.h"

#include "core/base/json_text.h"

#include "core/base/csv.h"
#include "log/entry_fields.h"

#include <fmt/format.h>

namespace arbor::log {

namespace {

std::string quoted(const std::string& entry) {
    auto text = withoutFormula(entry);
    if (text.find_first_of(",\"\n\r") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

} // namespace

const nlohmann::json* pressesIn(const nlohmann::json& document) {
    if (document.is_array()) return &document;
    const auto presses = document.is_object() ? document.find("presses") : document.end();
    const bool ours = document.is_object() && document.value("format", "") == kExportFormat;
    return ours && presses != document.end() && presses->is_array() ? &*presses : nullptr;
}

nlohmann::ordered_json toJson(const Entry& entry) {
    nlohmann::ordered_json d;
    eachField(
        entry, [&](const FieldName& name, const std::string& text) { d[name.exported] = text; },
        [&](const FieldName& name, const std::optional<double>& number) {
            d[name.exported] = number ? nlohmann::ordered_json(*number) : nlohmann::ordered_json();
        });
    d["document"] = entry.document;
    return d;
}

Result<Entry> entryFromJson(const nlohmann::json& d) {
    try {
        Entry e;
        eachField(
            e,
            [&](const FieldName& name, std::string& text) {
                // What an older program did not write is empty.
                const bool later = &text == &e.position || &text == &e.shape || &text == &e.step;
                if (!later || d.contains(name.exported)) text = d.at(name.exported).get<std::string>();
            },
            [&](const FieldName& name, std::optional<double>& number) {
                const bool later = &number == &e.outer_C || &number == &e.inner_C;
                if ((!later || d.contains(name.exported)) && !d.at(name.exported).is_null())
                    number = d.at(name.exported).get<double>();
            });
        e.document = d.at("document").get<std::string>();
        return e;
    } catch (const nlohmann::json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

std::string toCsv(const std::vector<Entry>& entries) {
    std::string out, head;
    Entry names;
    eachField(
        names,
        [&](const FieldName& name, const std::string&) {
            head += (head.empty() ? "" : ",") + std::string(name.exported);
        },
        [&](const FieldName& name, const std::optional<double>&) { head += "," + std::string(name.exported); });
    out = head + "\n";
    for (const auto& e : entries) {
        std::string line;
        eachField(
            e,
            [&](const FieldName& name, const std::string& text) {
                line += (std::string_view(name.exported) == "id" ? "" : ",") + quoted(text);
            },
            [&](const FieldName&, const std::optional<double>& number) {
                line += "," + (number ? fmt::format("{:.6g}", *number) : std::string());
            });
        out += line + "\n";
    }
    return out;
}

} // namespace arbor::log
