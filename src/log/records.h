#pragma once

#include "log/entry.h"
#include "log/logbook.h"

#include <vector>

namespace arbor::log {

/// What the next prediction learns from past presses: friction by seat and lubricant, tools that worked.
std::vector<job::Record> recordsOf(const std::vector<Entry>& entries);

/// Presses of the logbook teach as the closed jobs of the folder do; those that are both count once. A logbook that
/// cannot be read teaches nothing.
void learnFrom(const Logbook& book, std::vector<job::Record>& records);

} // namespace arbor::log
