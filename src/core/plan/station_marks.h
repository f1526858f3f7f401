#pragma once

#include "core/plan/plan.h"

#include <map>

namespace arbor::plan {

/// How each station of a job stands; those that belong to a step are of the one in hand.
std::map<job::Station, Mark> marksOf(const job::Job& job, const Plan& plan);

/// Of one surface or spacer at Measure; done once it is measured.
Mark markOfSurface(const SeatPlan& seat, bool hole);
Mark markOfSpacer(const SpacerPlan& spacer);

} // namespace arbor::plan
