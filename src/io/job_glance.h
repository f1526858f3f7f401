#pragma once

#include "core/job/job.h"

#include <map>
#include <string>
#include <vector>

namespace arbor::io {

/// What a list of jobs shows of one, read without checking the rest of its file: a shelf holds thousands.
struct JobGlance {
    std::string path;
    std::string id; ///< empty: the file cannot be read
    std::string title;
    std::string machine; ///< as said; else what the title begins with, before " · "
    std::string customer;
    bool locked = false;                             ///< recorded and released
    std::string closed;                              ///< when its record was written; empty: it is open
    std::map<job::StepKey, job::StepRecord> ticking; ///< steps with clocks that were started and not cleared
};

/// Of one file.
JobGlance glanceAt(const std::string& path);
/// Of every job file of a folder, by file name.
std::vector<JobGlance> glanceOver(const std::string& folder);

} // namespace arbor::io
