#include "mistakes/made_up_job.h"

#include "core/arrangement/edit.h"
#include "core/route/order.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

using arrangement::Assembly;

constexpr double kOften = 2.0 / 3;

bool holds(const Result<Assembly>& made) {
    return made && arrangement::faults(*made).empty() && route::takeApart(*made).stuck == 0;
}

/// Another bearing of the same type in the place of each, near the same size.
Assembly withOtherBearings(Assembly a, const std::vector<catalog::Bearing>& all, Chance& chance) {
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!a.parts[p].catalogue || !chance.happens(kOften)) continue;
        const auto* was = catalog::findBearing(all, a.parts[p].catalogue->designation);
        std::vector<std::string> others;
        for (const auto& b : all)
            if (b.type == was->type && b.boreDia_mm > 0.7 * was->boreDia_mm && b.boreDia_mm < 2 * was->boreDia_mm)
                others.push_back(b.designation);
        if (others.empty()) continue;
        const auto made = arrangement::withBearing(a, p, chance.of(others), all);
        if (holds(made)) a = *made;
    }
    return a;
}

Assembly withOtherSizes(Assembly a, Chance& chance) {
    for (int i = 0; i < 4; ++i) {
        const auto lines = arrangement::sizeLines(a);
        const auto& line = chance.of(lines);
        const auto made =
            arrangement::withSize(a, line, std::round(line.value_mm * chance.between(0.85, 1.3) * 10) / 10);
        if (!holds(made)) continue;
        a = *made;
        for (auto& part : a.parts)
            part.typed.clear(); // nobody insists on it: the next size may take it along
    }
    return a;
}

} // namespace

job::Job madeUpJob(const arrangement::Arrangement& shape, const tables::Tables& tables, Chance& chance) {
    job::Job job;
    job.arrangement = shape;
    job.id = "J-9001";
    job.title = "Made up";
    auto& a = job.arrangement.assembly;
    if (arrangement::resolve(a, tables.bearings))
        a = withOtherSizes(withOtherBearings(std::move(a), tables.bearings, chance), chance);
    return job;
}

} // namespace arbor::mistakes
