#pragma once

#include "core/arrangement/assembly.h"

#include <string>

namespace arbor::arrangement {

/// An arrangement as it is kept in a file: a template of one of the shapes, or a job's own.
struct Arrangement {
    std::string id;
    std::string title;
    Assembly assembly;
    std::string shape = {}; ///< "A" to "J": what kind of work it is; empty: not said
};

} // namespace arbor::arrangement
