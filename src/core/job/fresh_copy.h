#pragma once

#include "core/job/job.h"

namespace arbor::job {

/// A new job on a machine like that of another: its description, and nothing that was found, measured, chosen, ticked
/// or written there: what the list of fields says is found stays empty.
Job freshCopy(const Job& like);

} // namespace arbor::job
