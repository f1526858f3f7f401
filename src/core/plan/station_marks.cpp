#include "core/plan/station_marks.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using job::Station;

/// A seat that must be replaced, or sleeved with no sleeve chosen, is a stop until the user overrules it.
Mark markOfMeasure(const Plan& plan, const job::Job& job) {
    if (!plan.fits) return Mark::Open;
    auto severity = Severity::Info;
    for (const auto& seat : plan.fits->seats)
        severity = std::max(severity, severityOf(seat));
    for (const auto& spacer : plan.fits->spacers)
        severity = std::max(severity, worst(spacer.state.judgement.advice()));
    return markOf(severity, job.done.contains(Station::Measure));
}

} // namespace

namespace {

/// Measured is done only where nothing is to be checked: nobody has said that the surface is.
Mark markOfMeasured(Severity severity, measure::Verdict verdict) {
    return markOf(severity, severity == Severity::Info && verdict != measure::Verdict::NotMeasured);
}

} // namespace

Mark markOfSurface(const SeatPlan& seat, bool hole) {
    const auto& side = hole ? seat.hole : seat.shaft;
    return markOfMeasured(severityOf(seat, hole), side.verdict);
}

Mark markOfSpacer(const SpacerPlan& spacer) {
    return markOfMeasured(worst(spacer.state.judgement.advice()), spacer.state.judgement.verdict);
}

std::map<Station, Mark> marksOf(const job::Job& job, const Plan& plan) {
    std::map<Station, Mark> m;
    const auto done = [&](Station s) { return job.done.contains(s); };
    m[Station::Intake] = markOf(Severity::Info, done(Station::Intake));
    const bool stripStop = !plan.strip.sound() || !plan.strip.missing.empty();
    m[Station::Strip] = stripStop ? Mark::Stop : markOf(Severity::Info, done(Station::Strip));
    m[Station::Measure] = markOfMeasure(plan, job);
    m[Station::Fit] = !plan.fits ? Mark::Stop : markOf(worst(plan.fits->advisories()), done(Station::Fit));
    for (const auto station : {Station::Tooling, Station::Warm, Station::Press, Station::Seat})
        m[station] = plan.now() ? plan.now()->marks.at(station) : Mark::Open;
    m[Station::Adjust] = plan.adjust ? markOf(worst(plan.adjust->findings), done(Station::Adjust)) : Mark::NotNeeded;
    m[Station::Close] = worst(plan.closing) == Severity::Stop ? Mark::Stop : job.record ? Mark::Done : Mark::Open;
    return m;
}

} // namespace arbor::plan
