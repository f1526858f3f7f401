#pragma once

#include "mistakes/family.h"

#include <cstdint>
#include <functional>
#include <map>
#include <string>
#include <vector>

namespace arbor::mistakes {

/// Something that was not said, or was said without cause: enough to make it again.
struct Miss {
    std::uint32_t seed = 0;
    int job = 0;
    std::string shape;
    std::string what; ///< family, or finding
    std::string text;
};

struct Tally {
    int planted = 0;
    int caught = 0;
    int beyond = 0; ///< of them none: smaller than anybody's means can tell
};

/// What came of a run.
struct Score {
    std::map<std::string, Tally> families;
    int jobs = 0;
    int clean = 0;
    int falseStops = 0;
    int falseChecks = 0;
    std::vector<Miss> misses;
    std::vector<Miss> falseAlarms;

    Tally all() const;
    void add(const Score& other);
};

/// 95 % bounds of a share, exact. @param of  > 0 @source Clopper and Pearson 1934
Interval boundsOf(int hits, int of);

/// Whether one of the things said names the mistake.
bool isCaught(const Planted& planted, const std::vector<Said>& said);
/// All the program says of it up to the step at which it does harm.
std::vector<Said> whatIsSaid(const World& world, const Planted& planted, Program& program);

struct Trial {
    std::uint32_t seed = 1;
    int jobs = 100;
    int first = 0;           ///< number of the first job
    std::string family = {}; ///< nothing but this one; empty: all, and clean jobs
    std::function<void(const Miss&, const World&)> keep =
        {}; ///< is given each miss and false alarm with its job; one at a time
};
/// Makes the jobs of a run, plants, asks and judges. A third is clean; in the others up to three mistakes are planted,
/// one at a time, of the families that have had the fewest. The same run gives the same score, whatever it runs on.
/// @param workers  threads, 1 or more
Score run(const Trial& wanted, const std::vector<arrangement::Arrangement>& shapes, const tables::Tables& tables,
          int workers);

} // namespace arbor::mistakes
