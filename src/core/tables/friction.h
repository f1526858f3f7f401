#pragma once

#include "core/force/friction_log.h"
#include "core/tables/tables.h"

#include <optional>
#include <vector>

namespace arbor::tables {

/// Friction of the next press: the book's band, narrowed by the shop's own good presses where there are enough.
struct FrictionBand {
    Interval band;
    Interval book;
    std::vector<double> found; ///< in the shop's own good presses
    std::optional<force::LearnedFriction> learned;
};
FrictionBand frictionOf(const Tables& tables, catalog::FrictionFamily family, catalog::Lubricant lubricant);

} // namespace arbor::tables
