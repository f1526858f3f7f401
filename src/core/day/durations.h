#pragma once

#include "core/day/day.h"

#include <map>

namespace arbor::day {

/// How long work by hand is taken to last: as is usual, until the shop's own jobs say otherwise.
/// @source usual times are estimates of practice; a shop's own times go before them
class Durations {
public:
    /// @param before  what took how long; of fewer than three of a kind nothing is taken
    explicit Durations(const std::vector<job::Worked>& before = {});
    /// How much longer than usual a kind of work takes here: the median of its times.
    double factor(Work work) const;
    Minute of(Work work, double usual_min) const;

private:
    std::map<Work, double> m_factors;
};

/// Usual minutes of one piece of work. @param count  parts, surfaces or fasteners, where its kind has those
double usualMinutes(Work work, std::size_t count = 1);

} // namespace arbor::day
