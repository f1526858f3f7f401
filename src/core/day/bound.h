#pragma once

#include "core/day/day.h"

namespace arbor::day {

/// When each piece could begin and end at the earliest with nobody in its way, in the hours worked. By piece.
std::vector<Placed> earliest(const Day& day);

/// No plan can cost less: each job for itself, with nobody in its way; or, where that is more, the work of all by hand
/// shared out to the hands there are.
/// @source critical path; transportation problem, solved by the shortest augmenting paths of Boost.Graph
std::int64_t lowerBound(const Day& day);

} // namespace arbor::day
