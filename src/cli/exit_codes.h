#pragma once

#include "words/sentences.h"

#include <ostream>

namespace arbor::cli {

inline constexpr int kWell = 0, kStop = 1, kBadInput = 2;

inline int refused(std::ostream& err, const Problem& problem) {
    err << "brisk-arbor-cli: " << words::say(problem) << '\n';
    return kBadInput;
}

inline int refused(std::ostream& err, const Problems& problems) {
    for (const auto& problem : problems)
        refused(err, problem);
    return kBadInput;
}

} // namespace arbor::cli
