#pragma once

#include "core/plan/plan.h"

#include <map>

namespace arbor::plan {

/// How each station of a job stands; those that belong to a step are of the one in hand.
std::map<job::Station, Mark> marksOf(const job::Job& job, const Plan& plan);

} // namespace arbor::plan
