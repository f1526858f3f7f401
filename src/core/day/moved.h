#pragma once

#include "core/day/day.h"

#include <map>

namespace arbor::day {

/// A plan by what its pieces are, as it is kept from one to the next.
struct Kept {
    Minute start = 0;
    Minute end = 0;
    friend bool operator==(const Kept&, const Kept&) = default;
};
using KeptPlan = std::map<Key, Kept>;
KeptPlan kept(const Day& day, const DayPlan& plan);
/// The same for pieces of another day's making; of one that was not in it, where it could begin. Empty: none was.
std::vector<Placed> placedAs(const Day& day, const KeptPlan& before);

/// What a new plan does otherwise than the one before.
struct Move {
    enum class Kind {
        TookLonger, ///< it runs, and should have ended
        Moved,      ///< it begins at another time
        Added,      ///< it was not planned before
    };
    Kind kind = Kind::Moved;
    std::size_t piece = 0;
    Minute was = 0; ///< start; of what took longer, its end
    Minute is = 0;
};

/// Causes first, then what moved, each job's soonest alone, by its time. Two minutes are no move.
std::vector<Move> moves(const Day& day, const DayPlan& plan, const KeptPlan& before);

} // namespace arbor::day
