#pragma once

#include <QDateTime>
#include <functional>
#include <string>

namespace arbor::ui {

/// Seconds from one ISO 8601 instant to another; 0 where one is none.
double secondsBetween(const std::string& from, const std::string& to);
/// The instant so many seconds later.
std::string later(const std::string& from, double seconds);
/// Its time of day, 14:32.
std::string timeOfDay(const std::string& instant);

/// Seconds the machine has counted, standby included, since which of its starts.
struct MachineCount {
    std::string boot;
    double seconds = 0;
};
MachineCount machineCount();

/// A clock that starts with the wall's time and from then on goes by the machine's own count, standby included:
/// somebody who sets the wall clock, or the end of summer time, changes no time that is running.
class SteadyClock {
public:
    SteadyClock(); ///< by the wall's time and the seconds since the machine was started
    SteadyClock(const QDateTime& wall, std::function<double()> counted_s);
    std::string operator()() const; ///< ISO 8601, in the civil time it started in

private:
    QDateTime m_start; ///< civil time, kept as if it were UTC
    std::function<double()> m_counted_s;
    double m_startCount_s;
};

} // namespace arbor::ui
