#include "support/steps.h"

#include "support/drawing.h"
#include "support/shop.h"

#include <stdexcept>

namespace arbor::testing {

job::StepKey ownKey(const job::Job& job) {
    return {housed(job), false};
}

job::StepRecord& ownStep(job::Job& job) {
    return job.steps[ownKey(job)];
}

job::StepRecord ownStep(const job::Job& job) {
    return job::stepOf(job, ownKey(job));
}

plan::Asked traced(const job::Job& job, trace::Trace trace) {
    return {{{ownKey(job), std::move(trace)}}, {}, false};
}

const plan::StepPlan& inHand(const plan::Plan& plan) {
    if (!plan.now()) throw std::runtime_error("no step is in hand");
    return *plan.now();
}

const tooling::ToolPlan& setupOf(const plan::Plan& plan) {
    if (!inHand(plan).setup()) throw std::runtime_error("nothing on the rack does it");
    return *inHand(plan).setup();
}

const plan::RingPlan& ringInHand(const plan::Plan& plan) {
    if (!inHand(plan).ring) throw std::runtime_error("nothing is read in this step");
    return *inHand(plan).ring;
}

const plan::RingPlan& ringAt(const plan::Plan& plan, const job::SeatKey& seat) {
    const auto* step = plan.step({seat, false});
    if (!step || !step->ring) throw std::runtime_error("no ring at " + seat.first + "+" + seat.second);
    return *step->ring;
}

} // namespace arbor::testing
