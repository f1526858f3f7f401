#include "core/plan/step_record.h"

#include "core/job/names.h"

#include <algorithm>

namespace arbor::plan {

namespace {

void recordSeat(job::Record& r, const Plan& plan, const StepPlan& step) {
    if (!step.step.seat) return;
    const auto& seat = plan.fits->seats[*step.step.seat];
    r.bore = seat.hole.measuredDia_mm ? plain(*seat.hole.measuredDia_mm) + " mm" : seat.hole.spec;
    r.interference_mm = seat.fit->interference_mm;
    r.pressForce_N = step.step.out ? seat.off->force_N : seat.fit->pressForce_N;
}

void recordTools(job::Record& r, const StepPlan& step) {
    if (!step.setup() || !step.setup()->choice) return;
    const auto& choice = *step.setup()->choice;
    if (choice.press) r.tools.push_back(choice.press->id);
    if (choice.support) r.tools.push_back(choice.support->id);
    if (choice.driver) r.tools.push_back(choice.driver->id);
    for (const auto* spacer : choice.spacers)
        r.tools.push_back(spacer->id);
}

void recordPress(job::Record& r, const job::Job& job, const Plan& plan, const StepPlan& step) {
    if (!step.trace) return;
    // A hammer tells no force and no travel.
    if (!step.hand || !step.hand->trace.empty()) {
        r.peakForce_N = step.trace->peak_N;
        r.endTravel_mm = step.trace->endTravel_mm;
    }
    r.pressVerdict = job::name(step.trace->verdict);
    if (step.trace->verdict == trace::Verdict::Home) r.friction = step.trace->friction;
    r.seatMaterial = plan.fits->seats[*step.step.seat].holeMaterial;
    r.lubricant = job::lubricantOf(job, step.step.id.seat);
}

} // namespace

job::Record makeRecord(const job::Job& job, const Plan& plan, const StepPlan& step, const std::string& who,
                       const std::string& when, const std::string& notes) {
    job::Record r;
    r.who = who;
    r.when = when;
    r.notes = notes;
    r.bearing = step.step.bearing ? step.step.bearing->designation : std::string();
    recordSeat(r, plan, step);
    recordTools(r, step);
    recordPress(r, job, plan, step);
    const auto& kept = job::stepOf(job, step.step.id);
    if (isWarmed(job, step.step, plan.heats)) {
        const auto& heat = *heatOf(step.step, plan.heats);
        const auto& read = kept.heat.readings;
        r.outer_C = read.empty() ? heat.outer.temp_C : read.front().temp_C;
        r.inner_C = heat.inner.temp_C;
    }
    r.readings = kept.readings.readings;
    r.verdict = step.step.out
                    ? std::string("out")
                    : std::string(job::name(step.ring ? step.ring->seating.verdict : seating::SeatVerdict::NotJudged));
    if (step.ring && step.ring->seating.plane) {
        r.riseAcross_mm = step.ring->seating.riseAcross_mm.likely;
        r.tilt_arcmin = step.ring->seating.plane->tilt_arcmin();
    }
    return r;
}

bool wasWorked(const job::Job& job, const StepPlan& step) {
    const auto& kept = job::stepOf(job, step.step.id);
    return step.trace || !kept.readings.readings.empty() || kept.done.contains(job::Station::Press) ||
           kept.done.contains(job::Station::Seat);
}

job::Record recordOfJob(const job::Job& job, const Plan& plan, const std::string& who, const std::string& when,
                        const std::string& notes) {
    const auto worked = std::find_if(plan.steps.begin(), plan.steps.end(),
                                     [&](const StepPlan& s) { return !s.step.out && wasWorked(job, s); });
    const auto* step = worked != plan.steps.end() ? &*worked : plan.now();
    if (step) return makeRecord(job, plan, *step, who, when, notes);
    job::Record none;
    none.who = who;
    none.when = when;
    none.notes = notes;
    none.verdict = job::name(seating::SeatVerdict::NotJudged);
    return none;
}

} // namespace arbor::plan
