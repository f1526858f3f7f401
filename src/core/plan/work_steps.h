#pragma once

#include "core/plan/plan.h"
#include "core/plan/work_step.h"

#include <set>
#include <string>
#include <vector>

namespace arbor::plan {

/// What tools and path must bear at a seat: in, the worst press force and the greatest holding load; out, the greatest
/// force of the first movement. @param seat  null: nothing is known of it
tooling::LoadCase loadOf(const SeatPlan* seat, bool out);

/// The steps out, in their order, then the steps in; a seal goes in as well, though it is tight by its rubber. None
/// where not everything comes out.
/// @param plan  with its fits
std::vector<WorkStep> workSteps(const Plan& plan, const tables::Library& library);

/// Every way to do a step with the rack there is: pressing either of the two on the job's press (or another, when that
/// one does not do), drawing with a bolt, by hand, and with a sleeve turned for it when nothing else does. The user's
/// own choice for the step comes first.
StepTools toolsFor(const WorkStep& step, const job::Job& job, const Plan& plan, const tables::Library& library);

/// A sleeve to be turned for the first way to press a step.
/// @errors NotDefined when it cannot be pressed; those of designSleeve
Result<tooling::TurnedSleeve> turnFor(const WorkStep& step, const Plan& plan, const tooling::TurnWishes& wishes);

/// The tools that records of earlier jobs name for the bearing of a step.
std::set<std::string> workedBefore(const WorkStep& step, const tables::Library& library);

} // namespace arbor::plan
