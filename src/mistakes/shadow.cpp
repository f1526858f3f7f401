#include "mistakes/shadow.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

constexpr double kCell_mm = 0.1;

/// Lowest and highest metal at a radius; nothing: there is none.
std::optional<std::pair<double, double>> reachAt(const section::Body& body, double rad_mm) {
    std::optional<std::pair<double, double>> out;
    constexpr int kLayers = 8;
    for (const auto& s : body.slices)
        for (int i = 0; i <= kLayers; ++i) {
            const double share = static_cast<double>(i) / kLayers;
            const double inner = std::lerp(s.innerBottom, s.innerTop, share);
            const double outer = std::lerp(s.outerBottom, s.outerTop, share);
            if (rad_mm <= inner || rad_mm >= outer) continue;
            const double z = body.z_mm + std::lerp(s.zBottom, s.zTop, share);
            out = out ? std::pair(std::min(out->first, z), std::max(out->second, z)) : std::pair(z, z);
        }
    return out;
}

} // namespace

std::optional<Band> seenOf(const std::vector<section::Body>& bodies, std::size_t body, bool above, const Band& within) {
    std::optional<Band> best;
    Band now;
    bool open = false;
    const double most = bodies[body].outsideDia() / 2;
    for (double rad = kCell_mm / 2; rad < most + kCell_mm; rad += kCell_mm) {
        const auto own = reachAt(bodies[body], rad);
        bool seen = own.has_value() && rad > within.from_mm && rad < within.to_mm;
        for (std::size_t i = 0; seen && i < bodies.size(); ++i) {
            const auto other = i == body ? std::nullopt : reachAt(bodies[i], rad);
            if (other) seen = above ? other->second <= own->second : other->first >= own->first;
        }
        if (seen && !open) now = {rad - kCell_mm / 2, rad};
        if (seen) now.to_mm = rad + kCell_mm / 2;
        open = seen;
        if (seen && (!best || now.width_mm() > best->width_mm())) best = now;
    }
    return best;
}

bool isWithin(const section::Body& body, const Band& ring, double bottom_mm, double top_mm) {
    for (const auto& s : body.slices) {
        const double low = std::max(body.z_mm + s.zBottom, bottom_mm), high = std::min(body.z_mm + s.zTop, top_mm);
        if (low >= high) continue;
        const double share = ((low + high) / 2 - body.z_mm - s.zBottom) / (s.zTop - s.zBottom);
        const double inner = std::lerp(s.innerBottom, s.innerTop, share);
        const double outer = std::lerp(s.outerBottom, s.outerTop, share);
        if (std::max(inner, ring.from_mm) < std::min(outer, ring.to_mm)) return true;
    }
    return false;
}

bool runsInto(const section::Body& moves, const section::Body& other, bool up) {
    constexpr double kTouch_mm = 0.01;
    const double most = std::min(moves.outsideDia(), other.outsideDia()) / 2;
    for (double rad = kCell_mm / 2; rad < most; rad += kCell_mm) {
        const auto own = reachAt(moves, rad), there = reachAt(other, rad);
        if (!own || !there) continue;
        if (up ? own->first < there->second - kTouch_mm && there->second > own->second - kTouch_mm
               : own->second > there->first + kTouch_mm && there->first < own->first + kTouch_mm)
            return true;
    }
    return false;
}

} // namespace arbor::mistakes
