#pragma once

#include "log/entry.h"

#include <vector>

namespace arbor::log {

/// What the next prediction learns from past presses: friction by seat and lubricant, tools that worked.
std::vector<job::Record> recordsOf(const std::vector<Entry>& entries);

} // namespace arbor::log
