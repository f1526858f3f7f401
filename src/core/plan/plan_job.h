#pragma once

#include "core/plan/plan.h"

namespace arbor::plan {

/// Works out every station of a job. Pure: the same job, tables and traces give the same plan.
/// @param tables  must outlive the plan, which points into its rack
Plan planJob(const job::Job& job, const tables::Tables& tables, const Asked& asked = {});

} // namespace arbor::plan
