#pragma once

#include "core/section/body.h"

#include <optional>
#include <vector>

namespace arbor::mistakes {

/// A stretch of the radius [mm].
struct Band {
    double from_mm = 0;
    double to_mm = 0;
    double width_mm() const { return to_mm - from_mm; }
};

/// The widest stretch of a body that can be seen along the axis past all the others: where a tool can get to it. Found
/// by sampling the outlines ring by ring, without a look at how the core finds its faces.
/// @param body  into bodies  @param above  looked at from above  @param within  all else is not looked at
std::optional<Band> seenOf(const std::vector<section::Body>& bodies, std::size_t body, bool above,
                           const Band& within = {0, 1e9});

/// Whether there is metal of a body within this ring, between these heights. Sampled likewise.
bool isWithin(const section::Body& body, const Band& ring, double bottom_mm, double top_mm);

/// Whether a body that goes straight up, or down, runs into another where that one is. Sampled likewise.
bool runsInto(const section::Body& moves, const section::Body& other, bool up);

} // namespace arbor::mistakes
