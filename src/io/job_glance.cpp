#include "io/job_glance.h"

#include "io/job_file.h"
#include "io/text_file.h"

#include <algorithm>
#include <nlohmann/json.hpp>

namespace arbor::io {

namespace {

using nlohmann::json;

std::string textOf(const json& d, const char* key) {
    const auto found = d.find(key);
    return found != d.end() && found->is_string() ? found->get<std::string>() : std::string();
}

bool hasClock(const json& step) {
    const auto heat = step.is_object() ? step.find("heat") : step.end();
    return heat != step.end() && heat->is_object() && heat->contains("clocks");
}

/// The whole file is read only where a clock may run in it: that is one job in a hundred.
std::map<job::StepKey, job::StepRecord> tickingIn(const json& d, const std::string& text) {
    const auto steps = d.find("steps");
    if (steps == d.end() || !steps->is_object() || std::none_of(steps->begin(), steps->end(), hasClock)) return {};
    auto document = parseJob(text);
    if (!document) return {};
    std::erase_if(document->job.steps, [](const auto& step) { return step.second.heat.clocks.empty(); });
    return std::move(document->job.steps);
}

} // namespace

JobGlance glanceAt(const std::string& path) {
    JobGlance out;
    out.path = path;
    const auto text = readText(path);
    const auto d = text ? json::parse(*text, nullptr, false) : json();
    if (!d.is_object()) return out;
    out.id = textOf(d, "id");
    out.title = textOf(d, "title");
    out.customer = textOf(d, "customer");
    out.machine = textOf(d, "machine");
    if (out.machine.empty())
        if (const auto end = out.title.find(" · "); end != std::string::npos) out.machine = out.title.substr(0, end);
    if (const auto record = d.find("record"); record != d.end() && record->is_object())
        out.closed = textOf(*record, "when");
    const auto closing = d.find("closing");
    out.locked =
        !out.closed.empty() && closing != d.end() && closing->is_object() && !textOf(*closing, "released_by").empty();
    out.ticking = tickingIn(d, *text);
    return out;
}

std::vector<JobGlance> glanceOver(const std::string& folder) {
    std::vector<JobGlance> out;
    for (const auto& path : jobFiles(folder))
        out.push_back(glanceAt(path));
    return out;
}

} // namespace arbor::io
