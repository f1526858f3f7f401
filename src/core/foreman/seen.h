#pragma once

#include "core/arrangement/assembly.h"

#include <algorithm>

// What is seen of a part at a glance.
namespace arbor::foreman {

/// A ring on a shaft is spread, one in a bore squeezed: by how it is shaped while it travels.
inline bool isSpread(const arrangement::Part& ring) {
    return !ring.travelling.empty() && !ring.bodies.empty() &&
           ring.travelling.front().boreDia() > ring.bodies.front().boreDia();
}

/// Narrowest bore of a part from end to end [mm]; 0: it is solid.
inline double boreOf(const arrangement::Part& part) {
    double bore = part.bodies.empty() ? 0 : part.bodies.front().boreDia();
    for (const auto& body : part.bodies)
        bore = std::min(bore, body.boreDia());
    return bore;
}

} // namespace arbor::foreman
