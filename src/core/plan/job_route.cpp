#include "core/plan/job_route.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using job::Station;

constexpr Station kOfStep[] = {Station::Tooling, Station::Warm, Station::Press, Station::Seat};

const StepPlan* stepAt(const Plan& plan, const Place& place) {
    return place.step ? &plan.steps[*place.step] : nullptr;
}

/// The first of a step's stations after this one that is needed; nothing: there is none.
std::optional<Station> stationAfter(const StepPlan& step, Station here) {
    for (const auto station : kOfStep)
        if (station > here && step.marks.at(station) != Mark::NotNeeded) return station;
    return std::nullopt;
}

/// Where a step is taken up: at the first of its stations that is not done, or has a stop.
Station openStation(const job::Job& job, const StepPlan& step) {
    const auto& done = job::stepOf(job, step.step.id).done;
    for (const auto station : kOfStep) {
        const auto mark = step.marks.at(station);
        if (mark == Mark::Stop || (mark != Mark::NotNeeded && !done.contains(station))) return station;
    }
    return Station::Tooling;
}

bool isOpen(const job::Job& job, const Plan& plan, const Place& place) {
    if (const auto* step = stepAt(plan, place)) return !isSettled(job, *step, plan);
    const auto mark = plan.marks.at(place.station);
    return mark == Mark::Stop || (mark != Mark::NotNeeded && !job.done.contains(place.station));
}

Place takenUp(const job::Job& job, const Plan& plan, Place place) {
    if (const auto* step = stepAt(plan, place)) place.station = openStation(job, *step);
    return place;
}

} // namespace

std::vector<Place> routeOf(const Plan& plan) {
    std::vector<Place> out{{Station::Intake}, {Station::Strip}};
    const auto add = [&](bool comesOut) {
        for (std::size_t i = 0; i < plan.steps.size(); ++i)
            if (plan.steps[i].step.out == comesOut) out.push_back({Station::Tooling, i});
    };
    add(true);
    out.insert(out.end(), {{Station::Measure}, {Station::Fit}});
    add(false);
    if (plan.steps.empty())
        for (const auto station : kOfStep)
            out.push_back({station});
    out.insert(out.end(), {{Station::Adjust}, {Station::Close}});
    return out;
}

bool isNotNeeded(const job::Job& job, const StepPlan& step, const Plan& plan) {
    return plan.strip.sound() && job.strip.stays.contains(plan.strip.assembly.parts[step.step.part].id);
}

bool isSettled(const job::Job& job, const StepPlan& step, const Plan& plan) {
    if (isNotNeeded(job, step, plan)) return true;
    const auto& done = job::stepOf(job, step.step.id).done;
    if (!step.step.out) return done.contains(Station::Seat);
    const bool isOut = plan.strip.sound() && job.strip.out.contains(plan.strip.assembly.parts[step.step.part].id);
    return isOut || done.contains(Station::Press) || job.done.contains(Station::Strip);
}

Mark markOf(const job::Job& job, const Plan& plan, const Place& place) {
    const auto* step = stepAt(plan, place);
    if (!step) return plan.marks.at(place.station);
    if (isNotNeeded(job, *step, plan)) return Mark::NotNeeded;
    if (step->step.out && isSettled(job, *step, plan)) return Mark::Done;
    auto worst = Mark::Open;
    for (const auto station : kOfStep) {
        const auto mark = step->marks.at(station);
        if (mark == Mark::Stop) return Mark::Stop;
        if (mark == Mark::Check) worst = Mark::Check;
    }
    return isSettled(job, *step, plan) && worst == Mark::Open ? Mark::Done : worst;
}

Place placeAfter(const job::Job& job, const Plan& plan, const Place& here) {
    if (const auto* step = stepAt(plan, here))
        if (const auto next = stationAfter(*step, here.station)) return {*next, here.step};
    const auto route = routeOf(plan);
    auto at = std::find_if(route.begin(), route.end(), [&](const Place& place) {
        return here.step ? place.step == here.step : place.station == here.station && !place.step;
    });
    if (at == route.end()) return {Station::Close};
    for (++at; at != route.end(); ++at)
        if (!at->step || isOpen(job, plan, *at)) return takenUp(job, plan, *at);
    return {Station::Close};
}

/// What was closed is closed, whatever steps nobody wrote down then; but a stop is never passed over.
Place firstOpen(const job::Job& job, const Plan& plan) {
    const bool closed = job.done.contains(Station::Close);
    for (const auto& place : routeOf(plan)) {
        const bool wanted = closed ? markOf(job, plan, place) == Mark::Stop : isOpen(job, plan, place);
        if (wanted) return takenUp(job, plan, place);
    }
    return {Station::Close};
}

} // namespace arbor::plan
