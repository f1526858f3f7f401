#pragma once

#include "core/base/result.h"
#include "core/day/moved.h"

#include <string>
#include <vector>

namespace arbor::day {

/// Why there is no plan.
enum class NoPlan {
    NoSolver,  ///< the build has none
    Clashes,   ///< fixed starts contradict each other, or what must be
    NotInTime, ///< nothing was found in the time there was, and nothing proven
};

/// What somebody asks of the plan: that a piece begins at a time, or that a job is done by one.
struct Demand {
    std::string job;
    std::optional<std::size_t> piece; ///< of the day, whose start is fixed; nothing: when the job is wanted
    friend bool operator==(const Demand&, const Demand&) = default;
};

/// Two of these that cannot both be; one alone cannot be at all.
struct Clash {
    Demand one;
    std::optional<Demand> other;
};

/// A job of the day that cannot go on as it stands.
struct Stopped {
    std::string job;
    std::string where;  ///< in words: "Strip"
    std::string reason; ///< in words
};

/// The day as it is shown: what is to be done, the plan of it, and what there is to say.
struct Board {
    std::string date; ///< "2026-11-30"
    Day day;
    std::map<std::string, std::string> titles;  ///< of jobs, by number
    std::map<std::string, std::string> presses; ///< their names, by id
    std::map<std::string, std::string> files;   ///< of jobs, by number
    std::optional<DayPlan> plan;
    std::vector<Placed> drawn;  ///< by piece: the plan; where there is none the one before, or how soon each could be
    std::optional<NoPlan> none; ///< why there is no plan
    std::vector<Move> moved;    ///< against the plan before
    std::vector<Clash> clashes;
    std::vector<Stopped> stopped;
    Problems unread; ///< jobs that are not on it, with their files
};

} // namespace arbor::day
