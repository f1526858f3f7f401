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

/// The seat and bearing that the job itself presses, as its stations know them.
struct Focus {
    const catalog::Bearing& bearing;
    double housingOutsideDia_mm = 0;
    double engagedLength_mm = 0;
    std::optional<job::SeatKey> key; ///< in the arrangement; nothing: there is none
    bool own = true; ///< the job's own bearing; false: another is drawn, and what the job says of its own is not of it
};

/// One side of a seat before anything is worked out.
struct Side {
    std::string id, label;
    const catalog::Material* material = nullptr;
    double otherDia_mm = 0;
    const catalog::Bearing* ring = nullptr;
    std::optional<job::SizeSpec> size; ///< by the drawing
    std::string place;                 ///< of that size in the job file
    std::optional<job::MeasuredSize> measured;
    std::string measuredPlace; ///< of it in the job file
    double rz_mm = 0;
    bool hub = false;
};

/// One seat before anything is worked out.
struct Source {
    job::SeatKey key;
    double dia_mm = 0;
    double length_mm = 0;
    Side outer;
    Side inner;
};

/// The sides of every seat: from the arrangement, or from housing and shaft where there is none. Of the seat that is
/// pressed, what the job's own stations say comes before the arrangement.
/// @param strip  the resolved arrangement, when the job has a sound one
std::vector<Source> seatSources(const job::Job& job, const Library& library, const StripPlan* strip,
                                const Focus& focus);

/// Limits, measured size and verdict of one side.
/// @errors of a size, class or reading, with its place in the job file
Result<SurfacePlan> planSurface(const job::Job& job, const Library& library, const Source& source, bool hole);

} // namespace arbor::plan
