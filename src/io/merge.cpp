#include "io/merge.h"

#include "core/base/json_text.h"
#include "io/job_json.h"
#include "io/job_migration.h"
#include "io/text_file.h"

#include <QFileInfo>
#include <QLockFile>
#include <algorithm>
#include <set>

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr int kPatience_ms = 2000, kStale_ms = 10'000;

/// What tells an entry of a list from the others: its names and places, or a text itself. Null: nothing does, as of the
/// numbers of a section, whose order is what they mean.
json nameOf(const json& entry) {
    static constexpr const char* kNames[] = {"id",   "key",       "name",     "outer",         "inner",  "part", "what",
                                             "when", "clock_deg", "depth_mm", "direction_deg", "minute", "at"};
    if (entry.is_string()) return entry;
    json out;
    for (const char* key : kNames)
        if (entry.is_object() && entry.contains(key)) out[key] = entry.at(key);
    return out;
}

/// Whether a list is one of named things, each there once.
bool isNamed(const json& list) {
    std::set<json> names;
    return list.is_array() && std::all_of(list.begin(), list.end(), [&](const json& entry) {
               const auto name = nameOf(entry);
               return !name.is_null() && names.insert(name).second;
           });
}

const json* named(const json& list, const json& name) {
    const auto found = std::find_if(list.begin(), list.end(), [&](const json& e) { return nameOf(e) == name; });
    return found == list.end() ? nullptr : &*found;
}

json mergedList(const json& base, const json& here, const json& there, std::vector<BothChanged>& both,
                const std::string& place) {
    json out = json::array();
    for (const auto& ours : here) {
        const auto name = nameOf(ours);
        const auto *was = named(base, name), *theirs = named(there, name);
        if (was && !theirs && ours == *was) continue; // they took it out
        out.push_back(theirs ? merged(was ? *was : json(), ours, *theirs, both, place + "/" + name.dump()) : ours);
    }
    for (const auto& theirs : there) {
        const auto name = nameOf(theirs);
        const auto* was = named(base, name);
        const bool weTookItOut = was && theirs == *was;
        if (!named(here, name) && !weTookItOut) out.push_back(theirs);
    }
    return out;
}

json mergedObject(const json& base, const json& here, const json& there, std::vector<BothChanged>& both,
                  const std::string& place) {
    json out = json::object();
    std::set<std::string> keys;
    for (const auto* side : {&here, &there})
        for (const auto& [key, value] : side->items())
            keys.insert(key);
    for (const auto& key : keys) {
        const auto of = [&](const json& side) { return side.is_object() ? side.value(key, json()) : json(); };
        auto value = merged(of(base), of(here), of(there), both, place.empty() ? key : place + "/" + key);
        if (!value.is_null()) out[key] = std::move(value);
    }
    return out;
}

/// Beside the job, under the first name that is free; not a job file, so that no shelf lists it.
Result<std::string> setAside(const std::string& path, const std::string& text) {
    auto stem = path;
    if (stem.ends_with(".arbor.json")) stem.resize(stem.size() - std::string_view(".arbor.json").size());
    std::string file;
    for (int n = 1; file.empty() || QFileInfo::exists(QString::fromStdString(file)); ++n)
        file = stem + ".other-" + std::to_string(n) + ".json";
    if (auto written = writeText(file, text); !written) return tl::unexpected(written.error());
    return file;
}

} // namespace

json merged(const json& base, const json& here, const json& there, std::vector<BothChanged>& both,
            const std::string& place) {
    if (here == there || there == base) return here;
    if (here == base) return there;
    if (here.is_object() && there.is_object()) return mergedObject(base, here, there, both, place);
    const auto was = base.is_null() ? json::array() : base;
    if (isNamed(was) && isNamed(here) && isNamed(there)) return mergedList(was, here, there, both, place);
    both.push_back({place, here.dump(), there.dump()});
    return here;
}

job::Job rebased(const job::Job& before, const job::Job& after, const job::Job& onto) {
    const auto said = [](const job::Job& job) { return parseJson(jobText({job, "{}"})).value_or(json::object()); };
    const auto was = said(before), is = said(onto);
    if (is == was) return after;
    std::vector<BothChanged> both;
    const auto whole = merged(was, said(after), is, both);
    const auto read = parseJob(whole.dump());
    return read ? read->job : after;
}

Result<SavedJob> saveJobOver(const std::string& path, const JobDocument& document) {
    QLockFile lock(QString::fromStdString(path + ".lock"));
    lock.setStaleLockTime(kStale_ms);
    if (!lock.tryLock(kPatience_ms) && lock.error() == QLockFile::LockFailedError)
        return inFile({ProblemCode::Unwritable, {}, {}, wanted("another window to have saved it")}, path);
    auto text = jobText(document);
    SavedJob out;
    const bool there = QFileInfo::exists(QString::fromStdString(path));
    const auto onDisk = there ? readText(path, kLargestJob_bytes) : Result<std::string>(document.preserved);
    if (!onDisk) return tl::unexpected(onDisk.error());
    if (*onDisk != document.preserved && *onDisk != text) {
        const auto theirs = parseJob(*onDisk);
        if (!theirs) return inFile(theirs.error(), path);
        if (theirs->newer())
            return inFile(
                {ProblemCode::Unwritable, {}, {}, wanted("a file that no newer program has written meanwhile")}, path);
        const auto base = textAsToday(document.preserved);
        const auto whole = merged(base, parseJson(text).value_or(json::object()), textAsToday(*onDisk), out.both);
        text = whole.dump(2, ' ', false, json::error_handler_t::replace) + "\n";
        out.others = true;
        if (!out.both.empty()) {
            auto kept = setAside(path, *onDisk);
            if (!kept) return tl::unexpected(kept.error());
            out.keptTheirs = *kept;
        }
        auto read = parseJob(text);
        if (!read) return inFile(read.error(), path);
        out.document = std::move(*read);
    } else {
        out.document = {document.job, text, document.version};
    }
    if (auto written = writeTextKeeping(path, text); !written) return tl::unexpected(written.error());
    return out;
}

} // namespace arbor::io
