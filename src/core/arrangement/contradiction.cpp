#include "core/arrangement/contradiction.h"

#include <algorithm>
#include <optional>

namespace arbor::arrangement {

namespace {

using What = TypedSize::What;

/// A step of a part as it stands.
struct Step {
    std::size_t part, body, slice;
    double bottom_mm, top_mm, innerRad_mm, outerRad_mm;
};

std::vector<Step> stepsOf(const Assembly& a, std::size_t part) {
    std::vector<Step> out;
    const auto& bodies = a.parts[part].bodies;
    for (std::size_t b = 0; b < bodies.size(); ++b)
        for (std::size_t s = 0; s < bodies[b].slices.size(); ++s) {
            const auto& slice = bodies[b].slices[s];
            out.push_back({part, b, s, bodies[b].z_mm + slice.zBottom, bodies[b].z_mm + slice.zTop,
                           std::min(slice.innerBottom, slice.innerTop), std::max(slice.outerBottom, slice.outerTop)});
        }
    return out;
}

Claim claimOf(const Step& step, What what) {
    const double value = what == What::Bore      ? 2 * step.innerRad_mm
                         : what == What::Outside ? 2 * step.outerRad_mm
                                                 : step.top_mm - step.bottom_mm;
    return {what, step.part, step.body, step.slice, value};
}

/// How two steps are parted with the least change; nothing: they do not overlap.
std::optional<Contradiction> between(const Step& one, const Step& other) {
    const double along = std::min(one.top_mm, other.top_mm) - std::max(one.bottom_mm, other.bottom_mm);
    const double across = std::min(one.outerRad_mm, other.outerRad_mm) - std::max(one.innerRad_mm, other.innerRad_mm);
    if (!(along > kTouch_mm && across > kTouch_mm)) return std::nullopt;
    if (along < across) {
        const bool first = one.bottom_mm + one.top_mm <= other.bottom_mm + other.top_mm;
        return Contradiction{claimOf(first ? one : other, What::Length), claimOf(first ? other : one, What::Length),
                             along};
    }
    const bool inside = one.innerRad_mm + one.outerRad_mm <= other.innerRad_mm + other.outerRad_mm;
    return Contradiction{claimOf(inside ? one : other, What::Outside), claimOf(inside ? other : one, What::Bore),
                         2 * across};
}

} // namespace

std::vector<Contradiction> contradictions(const Assembly& assembly) {
    std::vector<Contradiction> out;
    for (const auto& clash : clashes(assembly)) {
        std::optional<Contradiction> worst;
        for (const auto& one : stepsOf(assembly, clash.upper))
            for (const auto& other : stepsOf(assembly, clash.lower))
                if (const auto found = between(one, other); found && (!worst || found->by_mm > worst->by_mm))
                    worst = found;
        if (worst) out.push_back(*worst);
    }
    return out;
}

} // namespace arbor::arrangement
