#pragma once

#include "core/day/board.h"

#include <atomic>
#include <tl/expected.hpp>

namespace arbor::day {

/// Whether this build has a solver: it is made without one where Gecode was not there.
bool canSolve();

struct Effort {
    double seconds = 1.8;                    ///< of one core; the first plan found is waited for up to ten times that
    unsigned seed = 20261130;                ///< the same day gives the same first plan
    const std::atomic<bool>* stop = nullptr; ///< set: the plan is not wanted any more
};

/// When everything goes where, so that it costs least (costOf): people and presses do one thing at a time; a source
/// holds what it holds, at one temperature, and comes to another one in its time; what is warm is pressed when it
/// leaves the source; what is done by hand lies in the hours of whoever does it; what runs is kept.
/// @param before  a plan of the same pieces that is improved on, so that no more moves than has to; empty: none
/// @source constraint model on integer starts, branch and bound with restarts: docs/decisions/2026-11-30-the-day.md
tl::expected<DayPlan, NoPlan> solve(const Day& day, const Effort& effort = {}, const std::vector<Placed>& before = {});

/// Whether there is a plan at all, and every job of these is done by the time it is wanted.
/// @param inTime  numbers of jobs
/// @return nothing: it could not be told in that time
std::optional<bool> canBe(const Day& day, const std::vector<std::string>& inTime, const Effort& effort);

} // namespace arbor::day
