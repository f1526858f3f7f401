#pragma once

#include "core/arrangement/assembly.h"
#include "core/base/findings.h"

#include <algorithm>
#include <optional>

// What is seen of a part at a glance.
namespace arbor::foreman {

/// A ring on a shaft is spread, one in a bore squeezed: by how it is shaped while it travels.
inline bool isSpread(const arrangement::Part& ring) {
    return !ring.travelling.empty() && !ring.bodies.empty() &&
           ring.travelling.front().boreDia() > ring.bodies.front().boreDia();
}

/// How a part that is fitted once is spoilt; nothing: it is not one.
inline std::optional<found::Once> onceOf(const arrangement::Part& part) {
    using arrangement::PartKind;
    if (part.kind == PartKind::WearSleeve) return found::Once::Sleeve;
    if (!part.once) return std::nullopt;
    return part.kind == PartKind::Seal         ? found::Once::Seal
           : part.kind == PartKind::SpacerTube ? found::Once::Spacer
           : part.kind == PartKind::Nut        ? found::Once::Nut
                                               : found::Once::Other;
}

/// Narrowest bore of a part from end to end [mm]; 0: it is solid.
inline double boreOf(const arrangement::Part& part) {
    double bore = part.bodies.empty() ? 0 : part.bodies.front().boreDia();
    for (const auto& body : part.bodies)
        bore = std::min(bore, body.boreDia());
    return bore;
}

} // namespace arbor::foreman
