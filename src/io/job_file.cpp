#include "io/job_file.h"

#include "core/base/json_text.h"
#include "core/plan/plan.h"
#include "io/entry/size_entry.h"
#include "io/job_json.h"
#include "io/shipped_data.h"
#include "io/text_file.h"

#include <QDir>
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

namespace arbor::io {

namespace {

using nlohmann::json;

/// The validator's steps ("<root>", "[housing]", "[outside_mm]") as the place is written everywhere else.
std::string placeOf(const std::vector<std::string>& steps) {
    std::string place;
    for (const auto& step : steps) {
        if (step == "<root>") continue;
        place += (place.empty() ? "" : "/") + step.substr(1, step.size() - 2);
    }
    return place.empty() ? "the whole file" : place;
}

/// Library exceptions stop here: a schema that cannot be read is the program's own fault and says so.
Result<void> checkSchema(const json& document) {
    useShippedData();
    const auto text = readText(":/schema/arbor-job.schema.json");
    if (!text) return tl::unexpected(text.error());
    const auto schemaJson = parseJson(*text);
    if (!schemaJson) return tl::unexpected(schemaJson.error());
    valijson::Schema schema;
    valijson::SchemaParser(valijson::SchemaParser::kDraft7)
        .populateSchema(valijson::adapters::NlohmannJsonAdapter(*schemaJson), schema);
    valijson::ValidationResults results;
    if (valijson::Validator().validate(schema, valijson::adapters::NlohmannJsonAdapter(document), &results)) return {};
    // The first error is the innermost one: it names the place, the later ones only the objects around it.
    valijson::ValidationResults::Error error;
    results.popError(error);
    return refuse(ProblemCode::OutOfRange, placeOf(error.context), {}, error.description);
}

/// Lays `known` over `old`: objects key by key, null erases, lists of readings by their place on the clock.
void lay(json& old, const json& known) {
    if (known.is_object()) {
        if (!old.is_object()) old = json::object();
        for (const auto& [key, value] : known.items()) {
            if (value.is_null())
                old.erase(key);
            else
                lay(old[key], value);
        }
        return;
    }
    if (!known.is_array() || !old.is_array()) {
        old = known;
        return;
    }
    json merged = json::array();
    for (const auto& entry : known) {
        json kept;
        for (const auto& was : old)
            if (entry.is_object() && was.is_object() && entry.contains("clock_deg") &&
                was.value("clock_deg", json()) == entry["clock_deg"])
                kept = was;
        lay(kept, entry);
        merged.push_back(kept);
    }
    old = merged;
}

} // namespace

Result<JobDocument> parseJob(const std::string& text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        if (auto ok = checkSchema(*document); !ok) return tl::unexpected(ok.error());
        auto job = jobFromJson(*document);
        if (!job) return tl::unexpected(job.error());
        return JobDocument{std::move(*job), text};
    } catch (const std::exception& error) {
        return refuse(ProblemCode::Malformed, "/", {}, error.what());
    }
}

std::string jobText(const JobDocument& document) {
    auto whole = parseJson(document.preserved).value_or(json::object());
    const auto readVersion = whole.value("version", 1);
    const auto readDone = whole.value("done", json::array());
    lay(whole, jobToJson(document.job));
    // What a newer program keeps in the file is still there: its version, and its stations that are done.
    whole["version"] = std::max(readVersion, whole["version"].get<int>());
    for (const auto& name : readDone)
        if (name.is_string() && !plan::stationNamed(name.get<std::string>())) whole["done"].push_back(name);
    return whole.dump(2) + "\n";
}

Result<JobDocument> loadJob(const std::string& path) {
    const auto text = readText(path);
    if (!text) return tl::unexpected(text.error());
    auto document = parseJob(*text);
    return document ? std::move(document) : Result<JobDocument>(inFile(document.error(), path));
}

Result<void> saveJob(const std::string& path, const JobDocument& document) {
    return writeText(path, jobText(document));
}

std::vector<ShelfEntry> listJobs(const std::string& folder) {
    std::vector<ShelfEntry> out;
    const QDir dir(QString::fromStdString(folder));
    for (const auto& name : dir.entryList({"*.arbor.json"}, QDir::Files, QDir::Name)) {
        const auto path = dir.filePath(name).toStdString();
        out.push_back({path, loadJob(path)});
    }
    return out;
}

} // namespace arbor::io
