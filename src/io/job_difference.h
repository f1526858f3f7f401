#pragma once

#include "core/plan/plan.h"

#include <string>
#include <vector>

namespace arbor::io {

/// One field in which two jobs differ, as it stands in their files. Empty: it is not there.
struct Difference {
    std::string place; ///< "housing/seat/size"
    std::string ours;
    std::string theirs;
};

/// Every field in which they differ, in the order of the places.
std::vector<Difference> differences(const job::Job& ours, const job::Job& theirs);

/// What a job from elsewhere asks for that this shop does not have: press, tools, bearing, materials.
std::vector<Problem> unknownHere(const job::Job& theirs, const tables::Tables& tables);

} // namespace arbor::io
