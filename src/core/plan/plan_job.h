#pragma once

#include "core/plan/plan.h"

namespace arbor::plan {

/// Works out every station of a job. Pure: the same job, library and traces give the same plan.
/// @param library  must outlive the plan, which points into its rack
Plan planJob(const job::Job& job, const tables::Library& library, const Asked& asked = {});

} // namespace arbor::plan
