#pragma once

#include "core/day/day.h"

#include <string>

namespace arbor::day {

/// Whole minutes since midnight of a day. @param instant  ISO 8601, "2026-11-30T09:33:00" @param date  "2026-11-30"
/// @return nothing: one of them is none
std::optional<Minute> minuteOf(const std::string& instant, const std::string& date);
/// The other way round.
std::string instantOf(Minute minute, const std::string& date);
/// The day so many days and months after another; the last of its month where that is shorter. @return nothing: it is
/// no date
std::optional<std::string> dateAfter(const std::string& date, int days, int months);
/// 0: Sunday. @return nothing: it is no date
std::optional<int> weekdayOf(const std::string& date);

} // namespace arbor::day
