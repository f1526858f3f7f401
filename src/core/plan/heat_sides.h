#pragma once

#include "core/plan/heat_plan.h"

namespace arbor::plan {

/// The two parts of a seat with their mass, skin, and what they must not get beyond.
/// @errors UnknownName for a part of the seat that is gone
HeatSide outerSide(const job::Job& job, const Plan& plan, const tables::Library& library, const SeatPlan& seat);
HeatSide innerSide(const job::Job& job, const Plan& plan, const tables::Library& library, const SeatPlan& seat);

} // namespace arbor::plan
