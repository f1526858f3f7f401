#include "log/records.h"
#include "core/job/names.h"

#include <set>
#include <sstream>

namespace arbor::log {

namespace {

catalog::Lubricant lubricantOf(const std::string& name) {
    return name == "dry"      ? catalog::Lubricant::Dry
           : name == "grease" ? catalog::Lubricant::Grease
                              : catalog::Lubricant::LightOil;
}

} // namespace

std::vector<job::Record> recordsOf(const std::vector<Entry>& entries) {
    std::vector<job::Record> out;
    for (const auto& e : entries) {
        job::Record r;
        r.who = e.who;
        r.when = e.when;
        r.verdict = e.verdict;
        r.bearing = e.bearing;
        r.bore = e.bore;
        std::istringstream tools(e.tools);
        for (std::string tool; tools >> tool;)
            r.tools.push_back(tool);
        r.peakForce_N = e.peak_N;
        r.pressVerdict = e.pressVerdict;
        r.friction = e.friction;
        r.seatMaterial = e.seatMaterial;
        r.lubricant = lubricantOf(e.lubricant);
        out.push_back(std::move(r));
    }
    return out;
}

void learnFrom(const Logbook& book, std::vector<job::Record>& records) {
    constexpr std::size_t kLatest = 2000;
    Query good;
    good.verdict = job::name(trace::Verdict::Home);
    good.most = kLatest;
    const auto found = book.find(good);
    if (!found) return;
    std::set<std::string> known;
    for (const auto& record : records)
        known.insert(record.when);
    for (auto& record : recordsOf(*found))
        if (!known.contains(record.when)) records.push_back(std::move(record));
}

} // namespace arbor::log
