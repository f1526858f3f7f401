#pragma once

#include "core/job/job.h"
#include "core/plan/fit_plan.h"
#include "core/plan/strip_plan.h"
#include "core/tables/tables.h"

namespace arbor::plan {

/// What every step is worked out from; all of it outlives whoever is given it.
struct Given {
    const job::Job& job;
    const tables::Tables& tables;
    const StripPlan& strip; ///< without faults
    const FitPlan& fits;
    const catalog::Press* press = nullptr; ///< the one at hand, into the tables' rack; null: there is none
};

} // namespace arbor::plan
