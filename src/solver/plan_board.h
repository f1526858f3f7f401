#pragma once

#include "core/day/board.h"
#include "solver/solve.h"

namespace arbor::day {

/// Plans a board, tells what moves against the plan before, and what clashes. @param before  of the same day; empty:
/// none
void planBoard(Board& board, const KeptPlan& before, const Effort& effort = {});

} // namespace arbor::day
