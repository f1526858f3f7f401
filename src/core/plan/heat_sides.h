#pragma once

#include "core/plan/heat_plan.h"

namespace arbor::plan {

/// The two parts of a seat with their mass, skin, and what they must not get beyond.
/// @errors UnknownName for a part of the seat that is gone
HeatSide outerSide(const Given& given, const SeatPlan& seat);
HeatSide innerSide(const Given& given, const SeatPlan& seat);

} // namespace arbor::plan
