#pragma once

#include "core/arrangement/housed_bearing.h"
#include "core/job/job.h"

#include <optional>
#include <string>

namespace arbor::plan {

struct Library;
struct StripPlan;

/// The seat that the job's own stations are about, as it is pressed.
struct PressedSeat {
    arrangement::HousedBearing arrangement;
    std::optional<job::SeatKey> key; ///< where it is drawn
    bool own = true;                 ///< its bearing is the one the job describes
};

/// The job's bearing where that is drawn, else the first that is: one that was drawn before, or of another shape, is
/// spoken of no more. Without a drawing, what the job says of its housing.
/// @param strip  the resolved arrangement; null: there is none, or no sound one
/// @errors UnknownName (bearing, material); those of validate
Result<PressedSeat> arrangeSeat(const job::Job& job, const Library& library, const StripPlan* strip);

/// @errors UnknownName at that place
Result<const catalog::Material*> materialNamed(const Library& library, const std::string& id, const std::string& place);

} // namespace arbor::plan
