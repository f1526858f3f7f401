#pragma once

#include "core/plan/plan.h"
#include "io/job_file.h"

#include <functional>
#include <iosfwd>
#include <memory>
#include <string>

namespace arbor::cli {

/// A job file worked out with the shop's rack and its trace.
struct LoadedJob {
    io::JobDocument document;
    std::unique_ptr<const tables::Tables> tables; ///< the plan points into it
    plan::Plan plan;
};

/// @param shopFolder  where rack.csv and presses.json are; empty: the job's own folder
/// @param change  of the job before it is worked out; nothing: as it lies there
/// @param err  takes notes on what was read otherwise than it may have been meant
/// @errors those of the files; all that the plan has, with the job's file
Checked<LoadedJob> loadJobAndPlan(const std::string& jobPath, const std::string& shopFolder, std::ostream& err,
                                  const std::function<void(job::Job&)>& change = {});

} // namespace arbor::cli
