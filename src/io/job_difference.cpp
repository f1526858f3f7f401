#include "io/job_difference.h"

#include "core/job/step_name.h"
#include "io/job_json.h"

#include <set>

namespace arbor::io {

namespace {

using nlohmann::json;

std::string textAt(const json& flat, const std::string& place) {
    const auto found = flat.find(place);
    if (found == flat.end() || found->is_null()) return {};
    return found->is_string() ? found->get<std::string>() : found->dump();
}

/// What only says again which step it is.
bool namesStep(const std::string& place) {
    return place.starts_with("/steps/") &&
           (place.ends_with("/outer") || place.ends_with("/inner") || place.ends_with("/way"));
}

} // namespace

std::vector<Difference> differences(const job::Job& ours, const job::Job& theirs) {
    const auto a = jobToJson(ours, true).flatten(), b = jobToJson(theirs, true).flatten();
    std::set<std::string> places;
    for (auto it = a.begin(); it != a.end(); ++it)
        places.insert(it.key());
    for (auto it = b.begin(); it != b.end(); ++it)
        places.insert(it.key());
    std::vector<Difference> out;
    for (const auto& place : places) {
        if (namesStep(place)) continue;
        const auto here = textAt(a, place), there = textAt(b, place);
        if (here != there) out.push_back({place.substr(1), here, there});
    }
    return out;
}

std::vector<Problem> unknownHere(const job::Job& theirs, const tables::Tables& tables) {
    std::vector<Problem> out;
    const auto ask = [&](bool known, const std::string& place, const std::string& name, Wanted expected) {
        if (!known) out.push_back({ProblemCode::UnknownName, place, name, std::move(expected)});
    };
    ask(tables.rack.press(theirs.press), "press", theirs.press, wanted("a press of the rack"));
    for (const auto& [key, step] : theirs.steps)
        for (const auto& id : {step.overrides.driver, step.overrides.support})
            if (id) ask(tables.rack.tool(*id), "steps/" + job::nameOf(key), *id, wanted("a tool of the rack"));
    for (const auto& part : theirs.arrangement.assembly.parts) {
        const auto place = "arrangement/parts/" + part.id;
        if (part.catalogue)
            ask(catalog::bearingPrinted(tables.bearings, part.catalogue->designation), place + "/bearing",
                part.catalogue->designation, wanted("a bearing of the catalogue"));
        else if (!part.material.empty())
            ask(catalog::materialKey(tables.materials, part.material).has_value(), place + "/material", part.material,
                wanted("a material"));
    }
    return out;
}

} // namespace arbor::io
