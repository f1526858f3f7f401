#pragma once

#include "core/day/board.h"
#include "solver/solve.h"

namespace arbor::day {

/// Why there is no plan: each fixed start by itself, then by twos. Empty: no two of them are to blame.
std::vector<Clash> clashesOfFixed(const Day& day);
/// Why jobs of a plan are late: a job that cannot be in time by itself, or the other one with which it cannot be.
std::vector<Clash> clashesOfTimes(const Day& day, const DayPlan& plan);

} // namespace arbor::day
