#pragma once

#include "core/tooling/setup.h"
#include "core/tooling/turn_overrides.h"

#include <optional>
#include <string>

namespace arbor::tooling {

/// A tool that is not on the rack yet: a tube for the pushed face, closed by a head, and how to make it.
struct TurnedSleeve {
    catalog::Tool tool;
    Interval outside_mm;   ///< deviations to turn it to
    Interval bore_mm;      ///< likewise
    Interval length_mm;    ///< likewise
    double square_mm = 0;  ///< of both end faces, across the face; and parallel to each other
    double chamfer_mm = 0; ///< outside edge of the pushing face
    double barDia_mm = 0;  ///< round bar to cut it from
    double barLength_mm = 0;
    double wallNeeded_mm = 0; ///< by the face pressure; 0: the force is not known
    DriverCheck check;        ///< by the same proof as a tool of the rack
};

/// Designs a sleeve that pushes a task's face to the end of the travel: its face from a little off seal, cage or shaft
/// to the edge of the free face, clear of the bore it follows, long enough that its head meets nothing.
/// @param load  the wall is checked against it; plain carbon steel as turned
/// @param name  what it is for, without the T- of its number
/// @return the sleeve with its check; overrides are kept as they are and judged like any tool
/// @errors NotDefined (the free face is narrower than 0.5 mm), NotPositive, GeometryOrder (a given bore that is not
/// under the outside, a relief as deep as the tool is long, a pilot with a bore)
/// @source [HB4.17]; clearances are practice: 0.3 mm on the radius to the seal, 0.4 mm on the diameter to the bore
Result<TurnedSleeve> designSleeve(const Task& task, const LoadCase& load, const DriverEnd& end, const std::string& name,
                                  const TurnOverrides& overrides = {});

} // namespace arbor::tooling
