#pragma once

#include "core/base/advice.h"
#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/fit/density.h"
#include "core/fit/press_joint.h"

#include <optional>

namespace arbor::fit {

/// One size as it scatters, as deviation from the nominal size [mm].
struct SizedSurface {
    Spread deviation;
    double rz_mm = 0;
};

struct HousingMember {
    catalog::Material material;
    double outsideDia_mm = 0; ///< 0: endless
    SizedSurface bore;
    double temp_C = 20;
};

struct ShaftMember {
    catalog::Material material;
    double boreDia_mm = 0; ///< 0: solid
    SizedSurface journal;
    double temp_C = 20;
};

/// Everything that decides how tight one bearing sits and what clearance it keeps.
struct BearingFitInput {
    catalog::Bearing bearing;
    catalog::BearingDress dress;
    catalog::Material ring;
    SizedSurface outside; ///< of the bearing, against its nominal outside diameter
    SizedSurface bore;    ///< of the bearing, against its nominal bore
    Limits clearance_mm;  ///< radial, as made; not looked at for types that have none made in
    HousingMember housing;
    std::optional<ShaftMember> shaft; ///< nothing: not fitted yet
    double innerRingTemp_C = 20;
    double outerRingTemp_C = 20;
    Limits friction;
    double engagedLength_mm = 0; ///< at home
};

struct BearingFit {
    Limits interferenceWorst_mm;
    Range interference_mm;             ///< at 20 °C, before smoothing
    double interferenceNominal_mm = 0; ///< from the middles of the sizes
    double smoothing_mm = 0;
    Range pressure_MPa;
    double pressureWorst_MPa = 0;
    double pressurePerInterference_MPa_per_mm = 0;
    double housingHoop_MPa = 0; ///< at the worst case
    double ringHoop_MPa = 0;    ///< at the worst case
    double seatLimit_MPa = 0;   ///< pressure at which the housing yields
    Range pressForce_N;         ///< at home
    double pressForceWorst_N = 0;
    Range slipTorque_Nm;
    bool clearanceMade = true; ///< false: set when adjusted; the clearance figures below stay 0
    Limits clearanceWorst_mm;
    Range clearanceLeft_mm;
    double clearanceNominal_mm = 0;
    double shareBelowZero = 0;
    Range clearanceAsMade_mm; ///< bands on the way: as made, after the housing fit, after the shaft fit; then the heat
                              ///< gives what is left
    Range clearanceInHousing_mm;
    Range clearanceOnShaft_mm;
    double lossToHeat_mm = 0;
    double housingTemp_C = 20; ///< to drop the ring in with the margin
    double heatMargin_mm = 0;
    double housingCeiling_C = 0;
    AdviceList because;
    AdviceList advisories;
    std::vector<double> interferenceCurve; ///< density over `curveWindow_mm`
    Limits curveWindow_mm;
};

/// Fit of one bearing in its housing (and on its shaft, when given): interference, pressure, force, clearance left,
/// heat.
/// @param in  diameters > 0, friction 0 < lower <= upper, engagedLength >= 0, clearance lower <= upper
/// @return worst cases from the limits; bands from the convolved scatter of both members
/// @errors those of pressJoint; OutOfRange(engagedLength_mm, friction)
/// @source [HB4.1]-[HB4.6], [HB4.10]
Result<BearingFit> bearingFit(const BearingFitInput& in);

} // namespace arbor::fit
