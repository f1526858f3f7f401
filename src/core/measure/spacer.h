#pragma once

#include "core/base/result.h"
#include "core/measure/seat_condition.h"
#include "core/seating/seating.h"

#include <optional>
#include <vector>

namespace arbor::measure {

/// A spacer between two rings as it was measured: on the surface plate, with an indicator over its ends.
struct SpacerReadings {
    std::vector<seating::Reading> lengths;  ///< round the ring, heights over the plate [mm]
    std::vector<seating::Reading> lowerEnd; ///< indicator over the lower end, spacer turned over [mm]
    double uncertainty_mm = 0.002;          ///< of one reading, 95 %
    std::optional<double> middleOutside_mm;
    std::optional<double> lowerOutside_mm; ///< over the ends, where it may be flared
    std::optional<double> upperOutside_mm;
    friend bool operator==(const SpacerReadings&, const SpacerReadings&) = default;
};

struct SpacerState {
    double length_mm = 0;                   ///< mean of the readings; 0: none
    std::optional<double> outOfParallel_mm; ///< rise of one end over the other, across the end
    double highAngle_deg = 0;
    std::optional<double> lowerOutOfSquare_mm;
    double flare_mm = 0; ///< greatest end outside less the middle
    double limit_mm = 0; ///< of both, across the end
    Judgement judgement;
};

/// Length, parallelism and flare of a spacer. A spacer that side-loads new bearings when it is clamped is faced, one
/// that is too short or flared is replaced.
/// @param outsideDia_mm  of the end faces, > 0  @param drawn_mm  length by the drawing or the arrangement
/// @param squareLimit_mm  across the end, IT5 of the outside unless the drawing says less
/// @errors those of seating::fitPlane, with "spacer/lengths" or "spacer/lower_end" as place
/// @source [HB3.3], [HB4.13]
Result<SpacerState> spacerState(const SpacerReadings& readings, double outsideDia_mm, double drawn_mm,
                                double squareLimit_mm);

} // namespace arbor::measure
