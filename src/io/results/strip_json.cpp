#include "io/results/strip_json.h"

#include "words/strip_words.h"

#include <algorithm>

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;

json linesJson(const std::vector<words::WorkLine>& lines) {
    auto out = json::array();
    for (const auto& line : lines) {
        json entry{{"says", line.text}};
        if (!line.why.empty()) entry["why"] = line.why;
        if (!line.caution.empty()) entry["caution"] = line.caution;
        if (line.level > 0) entry["on_the_bench"] = true;
        out.push_back(entry);
    }
    return out;
}

json ringsJson(const plan::StripPlan& strip, const words::Display& d) {
    auto out = json::array();
    for (const auto& ring : strip.rings) {
        json entry{{"ring", strip.assembly.parts[ring.site.ring].id},
                   {"with", strip.assembly.parts[ring.site.partner].id},
                   {"methods", json::array()}};
        for (const auto& way : ring.ways) {
            const auto said = words::say(way, ring, strip.assembly, d);
            json method{{"method", said.head}, {"applies", way.applies}, {"why", said.detail}};
            if (way.applies) method["cautions"] = words::cautions(way.method);
            entry["methods"].push_back(method);
        }
        if (ring.breakaway) {
            const auto& b = *ring.breakaway;
            entry["breakaway_force_N"] = {
                {"least", b.force_N.least}, {"likely", b.force_N.likely}, {"most", b.force_N.most}};
            entry["breakaway_energy_J"] = b.energy_J.most;
        }
        out.push_back(entry);
    }
    return out;
}

json kitJson(const plan::StripPlan& strip) {
    auto out = json::array();
    for (const auto& line : strip.kit) {
        const auto said = words::kitLine(line, strip.assembly);
        const bool missing = std::find(strip.missing.begin(), strip.missing.end(), line.id) != strip.missing.end();
        out.push_back({{"id", line.id}, {"says", said.head}, {"use", said.detail}, {"on_the_bench", !missing}});
    }
    return out;
}

} // namespace

json stripJson(const plan::StripPlan& strip, const words::Display& d, bool apart) {
    json out{{"turn_overs", strip.order.turnOvers}};
    if (!apart) {
        out["route"] = linesJson(words::fitLines(strip.assembly, strip.order));
        return out;
    }
    out["strip"] = linesJson(words::stripLines(strip.assembly, strip.order));
    out["tight_rings"] = ringsJson(strip, d);
    out["kit"] = kitJson(strip);
    return out;
}

} // namespace arbor::io
