#pragma once

#include "core/day/day.h"

namespace arbor::day {

/// Who does what, when all of it has its time: the hours of each, one thing at a time, and whoever has a job in hand
/// goes on with it where that can be.
/// @return false: these hours have nobody for it; nothing is changed
bool giveOut(const Day& day, std::vector<Placed>& at);

} // namespace arbor::day
