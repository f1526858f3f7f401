#include "core/job/job.h"

namespace arbor::job {

const StepRecord& stepOf(const Job& job, const StepKey& key) {
    static const StepRecord none;
    const auto found = job.steps.find(key);
    return found == job.steps.end() ? none : found->second;
}

void changeStep(Job& job, const StepKey& key, const std::function<void(StepRecord&)>& change) {
    auto record = stepOf(job, key);
    change(record);
    if (record == StepRecord{})
        job.steps.erase(key);
    else
        job.steps[key] = std::move(record);
}

catalog::Lubricant lubricantOf(const Job& job, const SeatKey& seat) {
    return stepOf(job, {seat, false}).lubricant.value_or(job.lubricant);
}

std::set<Station> doneOf(const Job& job, const StepKey* step) {
    auto out = job.done;
    if (step) out.insert(stepOf(job, *step).done.begin(), stepOf(job, *step).done.end());
    return out;
}

} // namespace arbor::job
