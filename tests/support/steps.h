// The step of a job that most tests are about: the one that puts the first bearing into its housing, or on its shaft.
#pragma once

#include "core/plan/plan.h"
#include "io/job_file.h"

namespace arbor::testing {

job::StepKey ownKey(const job::Job& job);

/// What is kept of it.
job::StepRecord& ownStep(job::Job& job);
job::StepRecord ownStep(const job::Job& job);

/// A trace of it, for a plan.
plan::Asked traced(const job::Job& job, trace::Trace trace);

/// The step in hand; the test has failed where there is none.
const plan::StepPlan& inHand(const plan::Plan& plan);
/// What stands on the rack for it.
const tooling::ToolPlan& setupOf(const plan::Plan& plan);
/// How its ring was read.
const plan::RingPlan& ringInHand(const plan::Plan& plan);
/// That of another seat, outer part first.
const plan::RingPlan& ringAt(const plan::Plan& plan, const job::SeatKey& seat);

/// What the steps of a job that is worked out are worked out from.
inline plan::Given givenOf(const job::Job& job, const plan::Plan& plan, const tables::Tables& tables) {
    return {job, tables, plan.strip, *plan.fits, plan.press};
}

} // namespace arbor::testing
