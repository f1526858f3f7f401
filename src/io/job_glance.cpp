#include "io/job_glance.h"

#include "io/job_file.h"
#include "io/text_file.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

namespace {

using nlohmann::json;

std::string textOf(const json& d, const char* key) {
    const auto found = d.find(key);
    return found != d.end() && found->is_string() ? found->get<std::string>() : std::string();
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
    return out;
}

std::vector<JobGlance> glanceOver(const std::string& folder) {
    std::vector<JobGlance> out;
    for (const auto& path : jobFiles(folder))
        out.push_back(glanceAt(path));
    return out;
}

} // namespace arbor::io
