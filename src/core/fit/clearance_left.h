#pragma once

#include "core/base/advice.h"
#include "core/catalog/bearing.h"
#include "core/fit/seat_fit.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::fit {

/// Raceways of a bearing's rings taken as plain tubes [mm].
struct Raceways {
    double inner_mm = 0;
    double outer_mm = 0;
};
/// By the tube model, F = d + (D - d)/4 and E = D - (D - d)/4. @source [HB4.4]
Raceways racewaysOf(const catalog::Bearing& bearing);

/// A bearing between its seats; a seat that is not there, or loose, takes nothing.
struct ClearanceInput {
    Interval asMade_mm;
    Raceways raceways;
    catalog::Material ring;
    const InterferenceFit* housing = nullptr;
    const InterferenceFit* shaft = nullptr;
    double innerRingTemp_C = 20;
    double outerRingTemp_C = 20;
    double innerRing_rpm = 0; ///< a turning inner ring grows at its raceway
    double boreDia_mm = 0;
};

/// What one input does to the clearance: over its own half band.
struct Sensitivity {
    std::string subject; ///< "hole", "outside", "journal", "bore", "as made", "temperature", "finish", "raceway"
    double by_mm = 0;    ///< change of the clearance for half the width of the input, positive
};

struct ClearanceLeft {
    Interval worst_mm;
    Range left_mm;
    double nominal_mm = 0;
    double shareBelowZero = 0;
    Range asMade_mm; ///< bands on the way: as made, after the housing fit, after the shaft fit; then the heat
                     ///< and the speed give what is left
    Range inHousing_mm;
    Range onShaft_mm;
    double lossToHeat_mm = 0;
    double lossToSpeed_mm = 0; ///< growth of the turning inner ring at its raceway
    double perHousing = 0;     ///< clearance lost per effective interference of that seat
    double perShaft = 0;
    std::vector<Sensitivity> moves; ///< what moves it most comes first
    std::vector<double> curve;
    Interval curveWindow_mm;
    AdviceList because;
    AdviceList advisories;
};

/// Radial clearance left: as made, less what the seats take through the rings, less what heat and speed take.
/// @param in  seats made with the same density step as `step_mm`; raceways between bore and outside
/// @errors GeometryOrder (raceways), OutOfRange (asMade_mm)
/// @source [HB4.5]
Result<ClearanceLeft> clearanceLeft(const ClearanceInput& in, double step_mm);

/// Step of the densities that lets `width_mm` of scatter be told in fifteen hundred parts.
double gridStep(double width_mm);

} // namespace arbor::fit
