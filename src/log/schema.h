#pragma once

#include <vector>

namespace arbor::log {

/// Statements that bring a logbook from one version to the next, in the two dialects.
struct Migration {
    std::vector<const char*> sqlite;
    std::vector<const char*> postgres;
};

/// The n-th leads from version n to n + 1.
const std::vector<Migration>& migrations();

} // namespace arbor::log
