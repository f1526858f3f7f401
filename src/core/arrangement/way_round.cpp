#include "core/arrangement/way_round.h"

#include <cmath>

namespace arbor::arrangement {

namespace {

constexpr double kSameWidth_mm = 0.05; // on the radius: a side that is no wider tells nothing

} // namespace

bool wayRoundContradicts(const Part& part) {
    if (!part.wayRound) return false;
    const bool up = part.wayRound->up;
    if (part.wayRound->feature == Feature::Encoder && part.catalogue) {
        const auto drawn = part.catalogue->dress.encoder;
        if (drawn == catalog::Side::None || drawn == catalog::Side::Both) return false;
        return (drawn == catalog::Side::Up) != up;
    }
    if (part.wayRound->feature != Feature::LargeEnd || part.bodies.empty()) return false;
    // Of a cup the bore is wider there, of a cone the outside.
    const auto& body = part.bodies.front();
    const auto &low = body.slices.front(), &high = body.slices.back();
    const bool cup = part.kind == PartKind::Cup;
    const double below = cup ? low.innerBottom : low.outerBottom, above = cup ? high.innerTop : high.outerTop;
    if (std::abs(above - below) < kSameWidth_mm) return false;
    return (above > below) != up;
}

} // namespace arbor::arrangement
