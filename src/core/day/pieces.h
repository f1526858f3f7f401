#pragma once

#include "core/day/durations.h"
#include "core/plan/plan.h"

#include <map>
#include <string>

namespace arbor::day {

/// What a shop has, as its tables say. What they do not say is taken as one place, five kelvin a minute, seven to four,
/// and one pair of hands.
/// @param date  that is planned, "2026-11-30" @param now  ISO 8601
Day emptyDay(const tables::Tables& tables, const std::string& date, const std::string& now);

/// Adds what is left to do of a job, in the order of its route: soaking, walking, gripping and cooling from the heat
/// plans of its steps, work by hand from durations; what runs by its clocks and by what was begun.
/// @param plan  with the tools of every step
void addJob(Day& day, const job::Job& job, const plan::Plan& plan, const Durations& durations, const std::string& date);

/// Starts that somebody has fixed. A piece that runs, or is no more, takes none, and none takes one that is past.
using FixedStarts = std::map<Key, std::string>; ///< ISO 8601
void take(Day& day, const FixedStarts& starts, const std::string& date);

} // namespace arbor::day
