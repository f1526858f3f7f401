#include "core/section/motion.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

namespace arbor::section {

namespace {

constexpr double kTouch_mm = 1e-3;      // radial overlap that still counts as touching: seats are drawn at nominal size
constexpr double kSameHeight_mm = 1e-7; // heights closer than this are the same height

struct Span {
    double lo;
    double hi;
};

/// A slice in absolute height, widened by the running clearance of its body.
struct Ring {
    Slice s;
    double z;
    double grow;

    double inner(bool atTop) const { return std::max(0.0, (atTop ? s.innerTop : s.innerBottom) - grow); }
    double outer(bool atTop) const { return (atTop ? s.outerTop : s.outerBottom) + grow; }
    double bottom() const { return z + s.zBottom; }
    double top() const { return z + s.zTop; }
    bool isTube() const { return s.innerTop == s.innerBottom && s.outerTop == s.outerBottom; }
    Span radialSpan() const { return {std::min(inner(true), inner(false)), std::max(outer(true), outer(false))}; }

    /// Height of the lower (or upper) boundary at radius r inside the radial span.
    double boundary(double r, bool upper) const {
        const double flat = z + (upper ? s.zTop : s.zBottom);
        const double other = z + (upper ? s.zBottom : s.zTop);
        const auto slant = [&](double rFlat, double rOther) {
            return flat + (other - flat) * (r - rFlat) / (rOther - rFlat);
        };
        if (r < inner(upper)) return slant(inner(upper), inner(!upper));
        if (r > outer(upper)) return slant(outer(upper), outer(!upper));
        return flat;
    }
};

struct Closest {
    double gap = INFINITY;
    double rad = 0;
};

/// Smallest distance to go for a over b over their common radii; infinite when a is wholly below b.
Closest closest(const Ring& a, const Ring& b, Span common) {
    if (a.top() - b.bottom() <= kSameHeight_mm) return {};
    if (a.isTube() && b.isTube()) return {a.bottom() - b.top(), common.lo};
    std::array<double, 10> r{common.lo,      common.hi,     a.inner(true),  a.inner(false), a.outer(true),
                             a.outer(false), b.inner(true), b.inner(false), b.outer(true),  b.outer(false)};
    for (auto& x : r)
        x = std::clamp(x, common.lo, common.hi);
    std::sort(r.begin(), r.end());
    Closest found;
    for (std::size_t i = 0; i + 1 < r.size(); ++i) {
        if (r[i + 1] - r[i] <= kTouch_mm / 4) continue;
        // Both boundaries are straight between neighbouring radii, so the ends of the interval decide.
        for (const double x : {r[i], r[i + 1]}) {
            const bool wholeBelow = a.boundary(x, true) - b.boundary(x, false) <= kSameHeight_mm;
            const double gap = a.boundary(x, false) - b.boundary(x, true);
            if (!wholeBelow && gap < found.gap) found = {gap, x};
        }
    }
    return found;
}

/// Seats are drawn at nominal size: walls that only touch do not stop each other.
bool wallsOnlyTouch(Span common) {
    return common.hi - common.lo <= kTouch_mm;
}

} // namespace

std::optional<Meeting> firstMeeting(const Body& moving, const Body& still) {
    const double grow = moving.runningClearance_mm + still.runningClearance_mm;
    std::optional<Meeting> first;
    for (std::size_t i = 0; i < moving.slices.size(); ++i) {
        const Ring a{moving.slices[i], moving.z_mm, grow};
        for (const auto& slice : still.slices) {
            const Ring b{slice, still.z_mm, 0};
            if (first && a.bottom() - b.top() >= first->travel_mm) continue; // no slant of theirs meets sooner
            const auto spanA = a.radialSpan(), spanB = b.radialSpan();
            const Span common{std::max(spanA.lo, spanB.lo), std::min(spanA.hi, spanB.hi)};
            if (wallsOnlyTouch(common)) continue;
            const auto [gap, rad] = closest(a, b, common);
            if (!std::isfinite(gap) || (first && gap >= first->travel_mm)) continue;
            first = Meeting{std::max(0.0, gap),    b.boundary(rad, true), rad, i,
                            common.hi - common.lo, gap < -kSameHeight_mm};
            if (first->overlapsAtStart) return first;
        }
    }
    return first;
}

std::optional<double> restOn(Body& moving, const std::vector<Body>& others) {
    const double clearance = std::exchange(moving.runningClearance_mm, 0);
    std::optional<double> travel;
    for (const auto& other : others)
        if (const auto meeting = firstMeeting(moving, other))
            travel = std::min(travel.value_or(INFINITY), meeting->travel_mm);
    moving.runningClearance_mm = clearance;
    moving.z_mm -= travel.value_or(0);
    return travel;
}

void moveBy(std::vector<Body>& bodies, double dz_mm) {
    for (auto& body : bodies)
        body.z_mm += dz_mm;
}

} // namespace arbor::section
