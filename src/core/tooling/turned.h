#pragma once

#include "core/tooling/setup.h"

#include <optional>
#include <string>

namespace arbor::tooling {

/// Sizes of a sleeve to be turned that the user fixed [mm].
struct TurnWishes {
    std::optional<double> outsideDia_mm;
    std::optional<double> boreDia_mm;
    std::optional<double> length_mm;
};

/// A sleeve that is not on the rack yet: a tube for the outer ring's face, closed by a head, and how to make it.
struct TurnedSleeve {
    catalog::Tool tool;
    Limits outside_mm;     ///< deviations to turn it to
    Limits bore_mm;        ///< likewise
    Limits length_mm;      ///< likewise
    double square_mm = 0;  ///< of both end faces, across the face
    double chamfer_mm = 0; ///< outside edge of the pushing face
    double barDia_mm = 0;  ///< round bar to cut it from
    double barLength_mm = 0;
    DriverCheck check; ///< by the same proof as a tool of the rack
};

/// Designs a sleeve that pushes the outer ring home: its face from a little off the seal or cage to the ring's chamfer,
/// outside clear of the bore, long enough that its head stays out of the bore when the ring is home.
/// @param load  the wall is checked against it; plain carbon steel as turned
/// @param ramFootDia_mm  of the press
/// @return the sleeve with its check; wishes are kept as they are and judged like any tool
/// @errors NotDefined (the ring's free face is narrower than 0.5 mm, or cannot be reached from above), NotPositive,
/// GeometryOrder (a wished bore that is not under the outside)
/// @source [HB4.17]; clearances are practice: 0.3 mm on the radius to the seal, 0.4 mm on the diameter to the bore
Result<TurnedSleeve> designSleeve(const arrangement::HousedBearing& arrangement, const LoadCase& load,
                                  double ramFootDia_mm, const TurnWishes& wishes = {});

} // namespace arbor::tooling
