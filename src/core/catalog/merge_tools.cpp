#include "core/catalog/merge_tools.h"

#include <algorithm>

namespace arbor::catalog {

namespace {

const Tool* numbered(const std::vector<Tool>& tools, const std::string& id) {
    const auto found = std::find_if(tools.begin(), tools.end(), [&](const Tool& t) { return t.id == id; });
    return found == tools.end() ? nullptr : &*found;
}

bool same(const Tool* a, const Tool* b) {
    return a && b ? *a == *b : a == b;
}

} // namespace

MergedTools mergeTools(const std::vector<Tool>& base, const std::vector<Tool>& ours, const std::vector<Tool>& theirs) {
    MergedTools out;
    std::vector<Tool> homeless;
    for (const auto& their : theirs) {
        const auto *mine = numbered(ours, their.id), *was = numbered(base, their.id);
        const bool oursUntouched = same(mine, was), theirsUntouched = same(&their, was);
        if (!mine && theirsUntouched) continue; // taken out here
        const bool clash = mine && !oursUntouched && !theirsUntouched && *mine != their;
        if (clash) homeless.push_back(*mine);
        out.tools.push_back(mine && theirsUntouched ? *mine : their);
    }
    for (const auto& mine : ours)
        if (!numbered(theirs, mine.id) && !same(&mine, numbered(base, mine.id))) out.tools.push_back(mine);
    for (auto& tool : homeless) {
        const auto from = tool.id;
        for (int n = 2; numbered(out.tools, tool.id) || numbered(ours, tool.id); ++n)
            tool.id = from + "-" + std::to_string(n);
        out.renumbered.emplace_back(from, tool.id);
        out.tools.push_back(std::move(tool));
    }
    return out;
}

} // namespace arbor::catalog
