#pragma once

#include "core/base/result.h"

#include <optional>
#include <vector>

namespace arbor::measure {

/// A diameter taken across a seat. Depth counts from the open end, direction from 12 o'clock as seen from there.
struct DiameterReading {
    double depth_mm = 0;
    double direction_deg = 0; ///< 0 up to 180: a diameter has no front and back
    double dia_mm = 0;
    friend bool operator==(const DiameterReading&, const DiameterReading&) = default;
};

/// The gauge and how warm things were.
struct GaugeState {
    double uncertainty_mm = 0.002; ///< 95 %, of one reading
    double partTemp_C = 20;
    double gaugeTemp_C = 20; ///< of the gauge, or of the master it was set with
    friend bool operator==(const GaugeState&, const GaugeState&) = default;
};

/// One plane across the axis.
struct PlaneForm {
    double depth_mm = 0;
    double mean_mm = 0;
    double outOfRound_mm = 0;        ///< greatest less least diameter (two-point)
    std::optional<double> oval_mm;   ///< greatest less least diameter of the fitted oval; three directions or more
    double ovalDirection_deg = 0;    ///< of its greatest diameter
    std::optional<double> lobing_mm; ///< what the oval leaves over, greatest less least; four directions or more
    std::vector<DiameterReading> readings; ///< at 20 degC
};

/// A seat as it was measured, all at 20 degC.
struct Form {
    double mean_mm = 0; ///< of the planes
    double least_mm = 0;
    double greatest_mm = 0;
    double outOfRound_mm = 0;       ///< of the worst plane
    std::optional<double> taper_mm; ///< over the measured length, positive: larger at the open end; two depths or more
    std::optional<double> mouth_mm; ///< the open end beyond the line through the others, positive: larger; three depths
    std::optional<double> lobing_mm; ///< of the worst plane
    double broughtTo20_mm = 0;       ///< added to every reading
    double uncertainty_mm = 0;       ///< of the mean: the gauge's, since its error is the same in every reading
    std::vector<PlaneForm> planes;   ///< from the open end inwards
};

/// Size and form of a seat from readings in any number of planes and directions.
/// A reading is brought to 20 degC by d [alpha_gauge (T_gauge - 20) - alpha (T_part - 20)]. The oval is the
/// least-squares d0 + a cos 2 phi + b sin 2 phi; odd lobes keep every diameter the same, so no two-point gauge sees
/// them. Taper is the slope of the line through the planes; where the open end leaves the line of the others by more
/// than the uncertainty it is told apart as the mouth and taper is taken without it.
/// @param readings  one or more, diameters > 0, depth >= 0, directions at one depth all different
/// @param alpha_perK, gaugeAlpha_perK  expansion of part and gauge
/// @errors Missing (no readings), NotPositive, NotFinite, OutOfRange (direction, temperature -40..120, uncertainty
/// 0..0.1 mm), Duplicate (the same place twice); place "readings/N"
/// @source [HB3.3]; linear expansion; least squares
Result<Form> formOf(const std::vector<DiameterReading>& readings, const GaugeState& gauge, double alpha_perK,
                    double gaugeAlpha_perK);

} // namespace arbor::measure
