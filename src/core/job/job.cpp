#include "core/job/job.h"

#include <algorithm>

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

namespace {

void setIn(std::set<Station>& done, std::set<Station>& reopened, Station station, bool isDone) {
    if (isDone) {
        done.insert(station);
        reopened.erase(station);
    } else if (done.erase(station) > 0) {
        reopened.insert(station);
    }
}

} // namespace

void setDone(Job& job, Station station, const StepKey* step, bool done) {
    if (!isOfStep(station)) return setIn(job.done, job.reopened, station, done);
    if (step) changeStep(job, *step, [&](StepRecord& r) { setIn(r.done, r.reopened, station, done); });
}

void endWork(Job& job, Station station, const std::string& step, const std::string& when) {
    for (auto& work : job.worked)
        if (work.ended.empty() && endOf(work.what) == station && (work.step.empty() || work.step == step))
            work.ended = when;
}

void release(Closing& closing, const std::string& by, const std::string& when) {
    closing.takenBack = by.empty() && (closing.takenBack || !closing.releasedBy.empty());
    closing.releasedBy = by;
    closing.releasedOn = by.empty() ? std::string() : when;
}

bool isLocked(const Job& job) {
    return job.record && !job.closing.releasedBy.empty();
}

int revisionOf(const Job& job) {
    return static_cast<int>(job.revisions.size()) + 1;
}

bool wasFound(const Job& job, AsFound what, const std::string& part) {
    const auto& parts = job.strip.parts;
    const bool named =
        std::any_of(parts.begin(), parts.end(), [&](const auto& p) { return p.second.condition.contains(what); });
    if (!named) return job.strip.asFound.contains(what);
    const auto found = parts.find(part);
    return found != parts.end() && found->second.condition.contains(what);
}

std::set<Station> doneOf(const Job& job, const StepKey* step) {
    auto out = job.done;
    if (step) out.insert(stepOf(job, *step).done.begin(), stepOf(job, *step).done.end());
    return out;
}

} // namespace arbor::job
