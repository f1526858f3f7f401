#pragma once

#include "core/plan/plan.h"

#include <string>

namespace arbor::plan {

/// The record of a step as it stands. @param when  ISO 8601, from the caller's clock
job::Record makeRecord(const job::Job& job, const Plan& plan, const StepPlan& step, const std::string& who,
                       const std::string& when, const std::string& notes);

/// Something was pressed, read or looked at in this step.
bool wasWorked(const job::Job& job, const StepPlan& step);
/// The record of the whole job: that of the first step in that was worked, else of the one in hand.
job::Record recordOfJob(const job::Job& job, const Plan& plan, const std::string& who, const std::string& when,
                        const std::string& notes);

} // namespace arbor::plan
