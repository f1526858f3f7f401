#include "core/section/contact.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

namespace arbor::section {

namespace {

constexpr double kLevel_mm = 1e-3;
constexpr double kSameRadius_mm = 5e-3;
constexpr double kLeastWidth_mm = 1e-3;
constexpr double kRolling_mm = 0.1; // equivalent raceways are tubes: a ball may stop a little short of them

std::optional<Contact> faceContact(const Face& above, const Face& below) {
    const double inner = std::max(above.innerRad_mm, below.innerRad_mm);
    const double outer = std::min(above.outerRad_mm, below.outerRad_mm);
    if (std::abs(above.z_mm - below.z_mm) > kLevel_mm || outer - inner < kLeastWidth_mm) return std::nullopt;
    return Contact{ContactKind::Face, 0, 0, below.z_mm, below.z_mm, inner, outer};
}

/// One contact over all touching stretches of two walls; its height range spans them, so ask engagedLength for the sum.
std::optional<Contact> wallContact(const std::vector<Wall>& bores, const std::vector<Wall>& outsides) {
    std::optional<Contact> found;
    for (const auto& bore : bores) {
        for (const auto& outside : outsides) {
            const double lo = std::max(bore.zBottom_mm, outside.zBottom_mm);
            const double hi = std::min(bore.zTop_mm, outside.zTop_mm);
            if (std::abs(bore.rad_mm - outside.rad_mm) > kSameRadius_mm || hi - lo < kLeastWidth_mm) continue;
            if (!found) found = Contact{ContactKind::Wall, 0, 0, lo, hi, bore.rad_mm, bore.rad_mm};
            found->zBottom_mm = std::min(found->zBottom_mm, lo);
            found->zTop_mm = std::max(found->zTop_mm, hi);
        }
    }
    return found;
}

/// Rolling elements touch a raceway in a line or point, so the walls are compared at the heights they have in common.
std::optional<Contact> rollingContact(const Body& outer, const Body& inner) {
    for (const auto& a : outer.slices) {
        for (const auto& b : inner.slices) {
            const double lo = std::max(outer.z_mm + a.zBottom, inner.z_mm + b.zBottom);
            const double hi = std::min(outer.z_mm + a.zTop, inner.z_mm + b.zTop);
            if (hi - lo < kLeastWidth_mm) continue;
            for (const double z : {lo, hi}) {
                const double bore =
                    std::lerp(a.innerBottom, a.innerTop, (z - outer.z_mm - a.zBottom) / (a.zTop - a.zBottom));
                const double outside =
                    std::lerp(b.outerBottom, b.outerTop, (z - inner.z_mm - b.zBottom) / (b.zTop - b.zBottom));
                if (std::abs(bore - outside) <= kRolling_mm)
                    return Contact{ContactKind::Rolling, 0, 0, lo, hi, outside, outside};
            }
        }
    }
    return std::nullopt;
}

void appendFaceContacts(std::vector<Contact>& out, const std::vector<std::vector<Face>>& all, std::size_t i,
                        std::size_t j) {
    for (const auto& a : all[i]) {
        for (const auto& b : all[j]) {
            if (a.facesUp == b.facesUp) continue;
            const bool iAbove = !a.facesUp;
            if (auto touch = faceContact(iAbove ? a : b, iAbove ? b : a)) {
                touch->upper = iAbove ? i : j;
                touch->lower = iAbove ? j : i;
                out.push_back(*touch);
            }
        }
    }
}

void appendWallContact(std::vector<Contact>& out, const std::vector<Body>& bodies, std::size_t outer,
                       std::size_t inner) {
    const auto& o = bodies[outer];
    const auto& i = bodies[inner];
    const bool rolling = o.kind == BodyKind::RollingElements || i.kind == BodyKind::RollingElements;
    auto touch = rolling ? rollingContact(o, i) : wallContact(innerWalls(o), outerWalls(i));
    if (!touch) return;
    touch->kind = rolling ? ContactKind::Rolling : ContactKind::Wall;
    touch->upper = outer;
    touch->lower = inner;
    out.push_back(*touch);
}

bool apart(const Body& a, const Body& b) {
    return a.bottom() > b.top() + kLevel_mm || b.bottom() > a.top() + kLevel_mm;
}

} // namespace

double Contact::area_mm2() const {
    return std::numbers::pi * (outerRad_mm * outerRad_mm - innerRad_mm * innerRad_mm);
}

std::vector<Contact> contacts(const std::vector<Body>& bodies) {
    std::vector<std::vector<Face>> flat;
    flat.reserve(bodies.size());
    for (const auto& body : bodies)
        flat.push_back(faces(body));
    std::vector<Contact> out;
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        for (std::size_t j = i + 1; j < bodies.size(); ++j) {
            if (apart(bodies[i], bodies[j])) continue;
            appendFaceContacts(out, flat, i, j);
            appendWallContact(out, bodies, i, j);
            appendWallContact(out, bodies, j, i);
        }
    }
    return out;
}

std::vector<Contact> restingContacts(const Body& upper, const Body& lower) {
    std::vector<Contact> out;
    for (const auto& a : faces(upper))
        for (const auto& b : faces(lower))
            if (!a.facesUp && b.facesUp)
                if (const auto touch = faceContact(a, b)) out.push_back(*touch);
    return out;
}

double engagedLength(const Body& outer, const Body& inner) {
    double sum = 0;
    for (const auto& bore : innerWalls(outer))
        for (const auto& outside : outerWalls(inner))
            if (std::abs(bore.rad_mm - outside.rad_mm) <= kSameRadius_mm)
                sum += std::max(0.0, std::min(bore.zTop_mm, outside.zTop_mm) -
                                         std::max(bore.zBottom_mm, outside.zBottom_mm));
    return sum;
}

} // namespace arbor::section
