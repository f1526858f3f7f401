#pragma once

#include "core/base/range.h"
#include "core/fit/press_joint.h"

#include <optional>

namespace arbor::fit {

/// Everything that takes clearance from a bearing between shaft and housing. Sizes in mm, deviations from nominal.
struct ResidualInput {
    double boreDia_mm = 0;
    double outsideDia_mm = 0;
    std::optional<double> innerRacewayDia_mm; ///< nothing: d + (D - d)/4
    std::optional<double> outerRacewayDia_mm; ///< nothing: D - (D - d)/4
    double shaftBoreDia_mm = 0;               ///< 0: solid
    double housingOutsideDia_mm = 0;          ///< 0: endless
    Elastic shaft;
    Elastic ring;
    Elastic housing;
    Interval clearance_mm; ///< as made
    Interval journal_mm;
    Interval bore_mm; ///< of the bearing
    Interval outside_mm;
    Interval hole_mm;
    double shaftSmoothing_mm = 0;
    double housingSmoothing_mm = 0;
    double shaftTemp_C = 20;
    double innerRingTemp_C = 20;
    double outerRingTemp_C = 20;
    double housingTemp_C = 20;
    std::optional<double> elementTemp_C; ///< nothing: between the rings
};

struct Residual {
    Interval worst_mm; ///< tightest and loosest parts
    double nominal_mm = 0;
};

/// Radial clearance left: as made, less the raceways' change by Lame, less what heat takes:
/// alpha [F (T_i - 20) + (E - F)(T_e - 20) - E (T_o - 20)], which is alpha (T_i - T_o)(E + F)/2 with elements between.
/// @errors those of pressJoint; GeometryOrder (raceways not between bore and outside), OutOfRange (clearance)
/// @source [HB4.2]-[HB4.5]
Result<Residual> residualClearance(const ResidualInput& in);

} // namespace arbor::fit
