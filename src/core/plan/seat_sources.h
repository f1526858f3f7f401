#pragma once

#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/job/job.h"
#include "core/plan/strip_plan.h"
#include "core/plan/surface_plan.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::plan {

/// One side of a seat before anything is worked out.
struct DrawnSide {
    std::string id, label;
    const catalog::Material* material = nullptr;
    double otherDia_mm = 0;
    const catalog::Bearing* ring = nullptr;
    arrangement::BearingFacts facts;         ///< of the bearing that ring belongs to
    std::optional<standards::SizeSpec> size; ///< by the drawing
    std::string place;                       ///< of that size in the job file
    std::optional<standards::MeasuredSize> measured;
    std::string measuredPlace; ///< of it in the job file
    double rz_mm = 0;
    bool hub = false;
};

/// One seat before anything is worked out.
struct DrawnSeat {
    job::SeatKey key;
    double dia_mm = 0;
    double length_mm = 0;
    DrawnSide outer;
    DrawnSide inner;
};

/// The sides of every seat that is tight metal on metal.
/// @param strip  the resolved arrangement, without faults
std::vector<DrawnSeat> seatSources(const tables::Tables& tables, const StripPlan& strip);

/// Limits, measured size and verdict of one side.
/// @errors of a size, class or reading, with its place in the job file
Result<SurfacePlan> planSurface(const job::Job& job, const tables::Tables& tables, const DrawnSeat& source, bool hole);

} // namespace arbor::plan
