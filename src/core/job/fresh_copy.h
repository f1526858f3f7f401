#pragma once

#include "core/job/job.h"

namespace arbor::job {

/// A new job on a machine like that of another: its description, and nothing that was found, measured, chosen, ticked
/// or written there. What is not named here stays empty, so a finding added later is none of the next job's.
Job freshCopy(const Job& like);

} // namespace arbor::job
