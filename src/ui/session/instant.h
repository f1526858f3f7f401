#pragma once

#include <string>

namespace arbor::ui {

/// Seconds from one ISO 8601 instant to another; 0 where one is none.
double secondsBetween(const std::string& from, const std::string& to);
/// The instant so many seconds later.
std::string later(const std::string& from, double seconds);
/// Its time of day, 14:32.
std::string timeOfDay(const std::string& instant);

} // namespace arbor::ui
