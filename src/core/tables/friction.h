#pragma once

#include "core/force/friction_log.h"
#include "core/tables/library.h"

#include <optional>
#include <vector>

namespace arbor::tables {

/// Friction of the next press: the book's band, narrowed by the shop's own good presses where there are enough.
struct FrictionBand {
    Limits band;
    Limits book;
    std::vector<double> found; ///< in the shop's own good presses
    std::optional<force::LearnedFriction> learned;
};
FrictionBand frictionOf(const Library& library, catalog::FrictionFamily family, catalog::Lubricant lubricant);

} // namespace arbor::tables
