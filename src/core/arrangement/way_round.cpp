#include "core/arrangement/way_round.h"

#include <algorithm>
#include <cmath>

namespace arbor::arrangement {

namespace {

constexpr double kSameWidth_mm = 0.05; // on the radius: a side that is no wider tells nothing

/// Whether a part is wider above than below; nothing: no wider on either side. @param bore  of its bore, else outside
std::optional<bool> widerAbove(const Part& part, bool bore) {
    if (part.bodies.empty()) return std::nullopt;
    const auto &low = part.bodies.front().slices.front(), &high = part.bodies.front().slices.back();
    const double below = bore ? low.innerBottom : low.outerBottom, above = bore ? high.innerTop : high.outerTop;
    if (std::abs(above - below) < kSameWidth_mm) return std::nullopt;
    return above > below;
}

/// Whether the widest stretch of a part lies in its upper half.
std::optional<bool> flangeAbove(const Part& part) {
    double low = INFINITY, high = -INFINITY, widest = 0, at = 0, narrow = INFINITY;
    for (const auto& body : part.bodies)
        for (const auto& s : body.slices) {
            low = std::min(low, body.z_mm + s.zBottom);
            high = std::max(high, body.z_mm + s.zTop);
            const double rad = std::min(s.outerBottom, s.outerTop);
            narrow = std::min(narrow, rad);
            if (rad <= widest) continue;
            widest = rad;
            at = body.z_mm + (s.zBottom + s.zTop) / 2;
        }
    const double middle = (low + high) / 2;
    if (!(widest > narrow + kSameWidth_mm) || std::abs(at - middle) < kTouch_mm) return std::nullopt;
    return at > middle;
}

std::optional<bool> encoderAbove(const Part& part) {
    if (!part.catalogue) return std::nullopt;
    const auto drawn = part.catalogue->dress.encoder;
    if (drawn == catalog::Side::None || drawn == catalog::Side::Both) return std::nullopt;
    return drawn == catalog::Side::Up;
}

/// Where the section shows the side with the feature; nothing: it does not show it.
std::optional<bool> drawnUp(const Assembly& a, std::size_t at) {
    const auto& part = a.parts[at];
    switch (part.wayRound->feature) {
    case Feature::Encoder:
        return encoderAbove(part);
    case Feature::LargeEnd: // of a cup the bore is wider there, of a cone the outside
        return widerAbove(part, part.kind == PartKind::Cup);
    case Feature::FlangeSide:
        return flangeAbove(part);
    case Feature::SpringSide: {
        const auto looksIn = lipLooksIn(a, at);
        if (!part.lip || !looksIn) return std::nullopt;
        const bool right = *looksIn == (*part.lip == LipTask::KeepsIn);
        return right ? part.wayRound->up : !part.wayRound->up;
    }
    case Feature::SharpEdge:
    case Feature::CurvedSide:
    case Feature::PilotSide:
    case Feature::FlatSide:
        return std::nullopt;
    }
    return std::nullopt;
}

} // namespace

bool wayRoundContradicts(const Assembly& a, std::size_t part) {
    if (!a.parts[part].wayRound) return false;
    const auto drawn = drawnUp(a, part);
    return drawn && *drawn != a.parts[part].wayRound->up;
}

std::optional<bool> lipLooksIn(const Assembly& a, std::size_t seal) {
    const auto& part = a.parts[seal];
    if (!part.wayRound || part.wayRound->feature != Feature::SpringSide || part.bodies.empty()) return std::nullopt;
    bool above = false, below = false;
    const double z = (part.bodies.front().bottom() + part.bodies.front().top()) / 2;
    for (const auto& other : a.parts)
        for (const auto& body : other.bodies) {
            if (!other.catalogue) break;
            (body.bottom() > z ? above : below) = true;
        }
    if (above == below) return std::nullopt;
    return part.wayRound->up == above;
}

} // namespace arbor::arrangement
