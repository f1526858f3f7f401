#pragma once

#include "core/section/body.h"

#include <vector>

namespace arbor::section {

enum class ContactKind {
    Face,    ///< flat on flat: carries push along the axis from upper to lower
    Wall,    ///< cylinder in cylinder (a seat): carries shear
    Rolling, ///< rolling elements on a raceway
};

/// Two bodies touching. For a Face contact `upper` rests on `lower`; for the others the order is outer/inner.
struct Contact {
    ContactKind kind = ContactKind::Face;
    std::size_t upper = 0; ///< index of the body above (Face) or outside (Wall, Rolling)
    std::size_t lower = 0; ///< index of the body below (Face) or inside (Wall, Rolling)
    double zBottom_mm = 0;
    double zTop_mm = 0;
    double innerRad_mm = 0;
    double outerRad_mm = 0;

    double area_mm2() const;
    double length_mm() const { return zTop_mm - zBottom_mm; }
    double midRad_mm() const { return (innerRad_mm + outerRad_mm) / 2; }
    double midZ_mm() const { return (zBottom_mm + zTop_mm) / 2; }
};

/// Every contact between different bodies, found from their geometry alone.
/// Faces touch within 1 µm of height; walls within 5 µm of radius (seats are drawn at nominal size).
std::vector<Contact> contacts(const std::vector<Body>& bodies);

/// Flat contacts in which `upper` rests on `lower`; the indices are left at zero.
std::vector<Contact> restingContacts(const Body& upper, const Body& lower);

/// Axial length over which the outside of `inner` fills the bore of `outer` [mm].
double engagedLength(const Body& outer, const Body& inner);

} // namespace arbor::section
