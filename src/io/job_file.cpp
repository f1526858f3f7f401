#include "io/job_file.h"

#include "core/base/json_text.h"
#include "core/job/names.h"
#include "core/plan/plan.h"
#include "io/entry/size_entry.h"
#include "io/job_json.h"
#include "io/job_migration.h"
#include "io/schema_words.h"
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

Result<json> readSchema(const char* file) {
    useShippedData();
    const auto text = readText(file);
    return text ? parseJson(*text) : tl::unexpected(text.error());
}

const Result<json>& schemaOfToday() {
    static const auto schema = readSchema(":/schema/arbor-arrangement.schema.json").map(jobSchema);
    return schema;
}

/// Read and prepared once: a shelf of jobs asks it for each.
class Schema {
public:
    explicit Schema(Result<json> text) : m_text(std::move(text)) {
        if (m_text)
            valijson::SchemaParser(valijson::SchemaParser::kDraft7)
                .populateSchema(valijson::adapters::NlohmannJsonAdapter(*m_text), m_schema);
    }

    Result<void> check(const json& document) const {
        if (!m_text) return tl::unexpected(m_text.error());
        valijson::ValidationResults results;
        if (valijson::Validator().validate(m_schema, valijson::adapters::NlohmannJsonAdapter(document), &results))
            return {};
        // The first error is the innermost one: it names the place, the later ones only the objects around it.
        valijson::ValidationResults::Error error;
        results.popError(error);
        return tl::unexpected(schemaProblem(error.context, error.description, document, *m_text));
    }

private:
    Result<json> m_text;
    valijson::Schema m_schema;
};

/// A job as this program writes it, from one of any version that its schema lets through.
Result<json> checked(const json& document) {
    static const Schema today(schemaOfToday()), first(readSchema(":/schema/arbor-job-v1.schema.json"));
    if (document.is_object() && document.value("version", json()) == 1)
        if (auto ok = first.check(document); !ok) return tl::unexpected(ok.error());
    auto out = asToday(document);
    if (!out) return out;
    const auto ok = today.check(*out);
    return ok ? out : tl::unexpected(ok.error());
}

/// A part of the published schema: which keys this program knows at a place.
class Known {
public:
    explicit Known(const json& root) : Known(root, &root) {}

    bool key(const std::string& name) const { return at(name) != nullptr; }
    Known below(const std::string& name) const { return {m_root, at(name)}; }
    /// An object that needs no key to be read; a map is none, for its entries are ours to take away.
    bool mayBeEmpty() const { return memberOf(m_node, "properties") && !memberOf(m_node, "required"); }
    Known items() const { return {m_root, memberOf(m_node, "items")}; }

private:
    Known(const json& root, const json* node) : m_root(root), m_node(node) {
        if (const auto* ref = memberOf(node, "$ref"))
            m_node = &m_root.at(json::json_pointer(ref->get_ref<const std::string&>().substr(1)));
    }
    static const json* memberOf(const json* node, const std::string& name) {
        if (!node || !node->is_object()) return nullptr;
        const auto found = node->find(name);
        return found == node->end() ? nullptr : &*found;
    }
    const json* at(const std::string& name) const {
        if (const auto* own = memberOf(memberOf(m_node, "properties"), name)) return own;
        const auto* others = memberOf(m_node, "additionalProperties");
        return others && others->is_object() ? others : nullptr; // keys of a map are the job's own
    }

    const json& m_root;
    const json* m_node; ///< null: nothing is known from here on
};

void lay(json& old, const json& said, const Known& known);

/// Takes away what is known of something that is not said any more. Of an object that may stand empty, what a newer
/// program keeps there stays.
bool isNothingLeft(json& old, const Known& known) {
    if (!old.is_object() || !known.mayBeEmpty()) return true;
    lay(old, json::object(), known);
    return old.empty();
}

/// Lays what is said now over what was read: objects key by key, lists of readings by their place on the clock. A key
/// that this program knows and no longer says was erased; one it does not know belongs to a newer program and stays.
void lay(json& old, const json& said, const Known& known) {
    if (said.is_object()) {
        if (!old.is_object()) old = json::object();
        for (auto it = old.begin(); it != old.end();) {
            const bool erased = known.key(it.key()) && (!said.contains(it.key()) || said.at(it.key()).is_null());
            it = erased && isNothingLeft(*it, known.below(it.key())) ? old.erase(it) : std::next(it);
        }
        for (const auto& [key, value] : said.items())
            if (!value.is_null()) lay(old[key], value, known.below(key));
        return;
    }
    if (!said.is_array()) {
        old = said;
        return;
    }
    if (!old.is_array()) old = json::array();
    json merged = json::array();
    for (const auto& entry : said) {
        json kept;
        for (const auto& was : old)
            if (entry.is_object() && was.is_object() && entry.contains("clock_deg") &&
                was.value("clock_deg", json()) == entry["clock_deg"])
                kept = was;
        lay(kept, entry, known.items());
        merged.push_back(kept);
    }
    old = merged;
}

/// A line a value, for people who compare two of them, which makes a job of ours twice as long; without any where what
/// a newer program keeps in it would be indented to many times its size.
std::string laidOut(const json& whole) {
    constexpr std::size_t kForPeople_bytes = 1 << 20, kMostTimes = 4;
    const auto text = [&](int indent) { return whole.dump(indent, ' ', false, json::error_handler_t::replace) + "\n"; };
    auto tight = text(-1);
    if (tight.size() > kForPeople_bytes) return tight;
    auto wide = text(2);
    return wide.size() > kMostTimes * tight.size() ? tight : wide;
}

} // namespace

Result<JobDocument> parseJob(const std::string& text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        const auto today = checked(*document);
        if (!today) return tl::unexpected(today.error());
        auto job = jobFromJson(*today);
        if (!job) return tl::unexpected(job.error());
        return JobDocument{std::move(*job), text, document->value("version", kJobVersion)};
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

std::string jobText(const JobDocument& document) {
    auto whole = textAsToday(document.preserved);
    const auto readVersion = whole.value("version", 1);
    const auto readDone = whole.value("done", json::array());
    static const json schema = schemaOfToday().value_or(json::object());
    lay(whole, jobToJson(document.job), Known(schema));
    // What a newer program keeps in the file is still there: its version, and its stations that are done.
    whole["version"] = std::max(readVersion, whole["version"].get<int>());
    for (const auto& name : readDone)
        if (name.is_string() && !job::named<job::Station>(name.get<std::string>())) whole["done"].push_back(name);
    return laidOut(whole);
}

Result<JobDocument> loadJob(const std::string& path) {
    const auto text = readText(path, kLargestJob_bytes);
    if (!text) return tl::unexpected(text.error());
    auto document = parseJob(*text);
    return document ? std::move(document) : Result<JobDocument>(inFile(document.error(), path));
}

Result<void> saveJob(const std::string& path, const JobDocument& document) {
    return writeTextKeeping(path, jobText(document));
}

std::vector<std::string> jobFiles(const std::string& folder) {
    std::vector<std::string> out;
    const QDir dir(QString::fromStdString(folder));
    for (const auto& name : dir.entryList({"*.arbor.json"}, QDir::Files, QDir::Name))
        out.push_back(dir.filePath(name).toStdString());
    return out;
}

std::vector<ShelfEntry> listJobs(const std::string& folder) {
    std::vector<ShelfEntry> out;
    for (const auto& path : jobFiles(folder))
        out.push_back({path, loadJob(path)});
    return out;
}

} // namespace arbor::io
