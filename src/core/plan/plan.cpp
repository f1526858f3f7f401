#include "core/plan/plan.h"

#include "core/plan/seat_sides.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;
using job::Station;

Result<void> checkTemperatures(const job::WorkTemperatures& t) {
    for (const auto& [place, value] : {std::pair{"temperatures/inner_ring_degC", t.innerRing_C},
                                       {"temperatures/outer_ring_degC", t.outerRing_C},
                                       {"temperatures/housing_degC", t.housing_C},
                                       {"temperatures/shaft_degC", t.shaft_C}})
        if (!(value >= -100 && value <= 250))
            return refuse(ProblemCode::OutOfRange, place, plain(value), "-100 to 250 degC");
    return {};
}

/// What is known of each bearing, before it is reckoned with.
Result<void> checkBearings(const arrangement::Assembly& a, const Library& lib) {
    for (const auto& part : a.parts) {
        if (!part.catalogue) continue;
        const auto& bearing = *catalog::findBearing(lib.bearings, part.catalogue->designation);
        const auto& typed = part.catalogue->facts.staticRating_N;
        const auto place = "arrangement/parts/" + part.id + "/bearing/static_rating_N";
        if (typed && !(*typed > 0)) return refuse(ProblemCode::NotPositive, place, plain(*typed), "> 0");
        if (auto rating = catalog::staticRating(lib.bearingTables, bearing, typed); !rating)
            return tl::unexpected(at(rating.error(), place));
    }
    return {};
}

Severity severityOf(const SurfacePlan& side, bool sleeved) {
    switch (side.verdict) {
    case measure::Verdict::NotMeasured:
    case measure::Verdict::Use:
        // Overruled is looked at; a doubt within the gauge is worth a look as well.
        return side.overruled ? Severity::Look : worst(side.judgement.advice());
    case measure::Verdict::CleanUp:
        return Severity::Look;
    case measure::Verdict::Sleeve:
        return sleeved ? Severity::Look : Severity::Stop;
    case measure::Verdict::Replace:
        return Severity::Stop;
    }
    return Severity::Info;
}

/// A seat that must be replaced, or sleeved with no sleeve chosen, is a stop until the user overrules it.
Mark markOfMeasure(const Plan& plan, const Job& job) {
    if (!plan.fits) return Mark::Open;
    auto severity = Severity::Info;
    for (const auto& seat : plan.fits->seats)
        for (const auto* side : {&seat.hole, &seat.shaft})
            severity = std::max(severity, severityOf(*side, seat.input && seat.input->sleeve));
    for (const auto& spacer : plan.fits->spacers)
        severity = std::max(severity, worst(spacer.state.judgement.advice()));
    return markOf(severity, job.done.contains(Station::Measure));
}

void setMarks(Plan& plan, const Job& job) {
    const auto done = [&](Station s) { return job.done.contains(s); };
    auto& m = plan.marks;
    m[Station::Intake] = markOf(Severity::Info, done(Station::Intake));
    const bool stripStop = !plan.strip.sound() || !plan.strip.missing.empty();
    m[Station::Strip] = stripStop ? Mark::Stop : markOf(Severity::Info, done(Station::Strip));
    m[Station::Measure] = markOfMeasure(plan, job);
    m[Station::Fit] = !plan.fits ? Mark::Stop : markOf(worst(plan.fits->advisories()), done(Station::Fit));
    for (const auto station : {Station::Tooling, Station::Warm, Station::Press, Station::Seat})
        m[station] = plan.now() ? plan.now()->marks.at(station) : Mark::Open;
    m[Station::Adjust] = plan.adjust ? markOf(worst(plan.adjust->findings), done(Station::Adjust)) : Mark::NotNeeded;
    m[Station::Close] = worst(plan.closing) == Severity::Stop ? Mark::Stop : job.record ? Mark::Done : Mark::Open;
}

/// Every seat's, so that each station says the same temperature of it.
void planHeats(Plan& plan, const Job& job, const Library& lib) {
    const auto& seats = plan.fits->seats;
    plan.heats.resize(seats.size());
    for (std::size_t i = 0; i < seats.size(); ++i) {
        if (!seats[i].fit) continue;
        auto heat = planHeat(job, plan, lib, i);
        if (heat)
            plan.heats[i] = std::move(*heat);
        else if (!plan.problem)
            plan.problem = heat.error();
    }
}

Result<void> fillStations(Plan& plan, const Job& job, const Library& lib, const Asked& asked) {
    plan.strip = planStrip(job, lib);
    if (auto ok = knowMaterials(job.arrangement.assembly, lib.materials); !ok) return ok;
    if (!plan.strip.faults.empty()) {
        const auto& fault = plan.strip.faults.front();
        return tl::unexpected(at(fault, "arrangement/" + fault.field));
    }
    if (auto ok = checkTemperatures(job.temperatures); !ok) return ok;
    if (auto ok = checkBearings(plan.strip.assembly, lib); !ok) return ok;
    auto fits = planFit(job, lib, plan.strip);
    if (!fits) return tl::unexpected(fits.error());
    plan.fits = std::move(*fits);
    takeForces(plan.strip, *plan.fits);
    plan.press = lib.rack.press(job.press);
    if (!plan.press) plan.problem = Problem{ProblemCode::UnknownName, "press", job.press, "a press of the rack"};
    planHeats(plan, job, lib);
    planSteps(plan, job, lib, asked);
    return {};
}

} // namespace

FrictionBand frictionOf(const Library& lib, catalog::FrictionFamily family, catalog::Lubricant lubricant) {
    FrictionBand out;
    out.band = out.book = lib.friction.at({family, lubricant});
    for (const auto& r : lib.records) {
        const auto material = lib.materials.find(r.seatMaterial);
        if (r.friction && r.pressVerdict == name(trace::Verdict::Home) && r.lubricant == lubricant &&
            material != lib.materials.end() && material->second.family == family)
            out.found.push_back(*r.friction);
    }
    out.learned = force::learnFriction(out.found, out.book);
    if (out.learned) out.band = out.learned->band;
    return out;
}

std::string limitsRow(catalog::BearingType type, const std::string& toleranceClass) {
    switch (type) {
    case catalog::BearingType::TaperRoller:
        return "taper " + toleranceClass;
    case catalog::BearingType::InchTaperRoller:
        return "inch taper " + toleranceClass;
    case catalog::BearingType::ThrustBall:
        return "thrust " + toleranceClass;
    default:
        return toleranceClass;
    }
}

const StepPlan* Plan::now() const {
    return inHand < steps.size() ? &steps[inHand] : nullptr;
}

const StepPlan* Plan::step(const job::StepKey& key) const {
    const auto found = std::find_if(steps.begin(), steps.end(), [&](const StepPlan& s) { return s.step.id == key; });
    return found == steps.end() ? nullptr : &*found;
}

const HeatPlan* Plan::heat() const {
    return now() ? heatOf(now()->step, *this) : nullptr;
}

const SeatPlan* Plan::seat() const {
    if (!fits) return nullptr;
    if (now() && now()->step.seat) return &fits->seats[*now()->step.seat];
    const auto known = std::find_if(fits->seats.begin(), fits->seats.end(), [](const SeatPlan& s) { return s.fit; });
    return known == fits->seats.end() ? nullptr : &*known;
}

job::Station Plan::next(const std::set<Station>& done) const {
    for (const auto station : job::kStations) {
        const auto mark = marks.at(station);
        if (mark == Mark::Stop || (!done.contains(station) && mark != Mark::NotNeeded)) return station;
    }
    return Station::Close;
}

namespace {

/// The list of fasteners, the run-in and the release; nothing of it is asked for where nothing was begun.
AdviceList closingOf(const job::Closing& closing) {
    AdviceList out;
    for (const auto& fastener : closing.fasteners)
        for (const auto& advice : closing::judge(fastener))
            out.push_back(advice);
    const auto run = closing::judge(closing.runIn);
    const auto say = [&](Finding id, Severity severity, double limit) {
        out.push_back({id, severity, run.rise_K, limit, {}, "HB3.11"});
    };
    using V = closing::RunInVerdict;
    if (run.verdict == V::TooHot) say(Finding::RunInHot, Severity::Stop, closing.runIn.allowed_K);
    if (run.verdict == V::Rising) say(Finding::RunInRising, Severity::Look, std::max(0.0, run.perHour_K));
    if (run.verdict == V::Settled) say(Finding::RunInSettled, Severity::Info, 0);
    if (closing.releasedBy.empty()) out.push_back({Finding::NotReleased, Severity::Info, 0, 0, {}, {}});
    return out;
}

} // namespace

Plan planJob(const Job& job, const Library& library, const Asked& asked) {
    Plan plan;
    if (auto ok = fillStations(plan, job, library, asked); !ok) plan.problem = ok.error();
    plan.closing = closingOf(job.closing);
    auto adjusted = planAdjust(job, plan.strip, plan.fits ? &*plan.fits : nullptr, library);
    if (adjusted)
        plan.adjust = std::move(*adjusted);
    else if (!plan.problem)
        plan.problem = adjusted.error();
    setMarks(plan, job);
    return plan;
}

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

void recordPress(job::Record& r, const Job& job, const Plan& plan, const StepPlan& step) {
    if (!step.trace) return;
    // A hammer tells no force and no travel.
    if (!step.hand || !step.hand->trace.empty()) {
        r.peakForce_N = step.trace->peak_N;
        r.endTravel_mm = step.trace->endTravel_mm;
    }
    r.pressVerdict = name(step.trace->verdict);
    if (step.trace->verdict == trace::Verdict::Home) r.friction = step.trace->friction;
    r.seatMaterial = plan.fits->seats[*step.step.seat].holeMaterial;
    r.lubricant = job.lubricant;
}

} // namespace

job::Record makeRecord(const Job& job, const Plan& plan, const StepPlan& step, const std::string& who,
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
    if (isWarmed(job, step.step, plan)) {
        const auto& heat = *heatOf(step.step, plan);
        const auto& read = kept.heat.readings;
        r.outer_C = read.empty() ? heat.outer.temp_C : read.front().temp_C;
        r.inner_C = heat.inner.temp_C;
    }
    r.readings = kept.readings.readings;
    r.verdict = step.step.out
                    ? std::string("out")
                    : std::string(name(step.ring ? step.ring->seating.verdict : seat::SeatVerdict::NotJudged));
    if (step.ring && step.ring->seating.plane) {
        r.riseAcross_mm = step.ring->seating.riseAcross_mm.likely;
        r.tilt_arcmin = step.ring->seating.plane->tilt_arcmin();
    }
    return r;
}

bool wasWorked(const Job& job, const StepPlan& step) {
    const auto& kept = job::stepOf(job, step.step.id);
    return step.trace || !kept.readings.readings.empty() || kept.done.contains(Station::Press) ||
           kept.done.contains(Station::Seat);
}

job::Record recordOfJob(const Job& job, const Plan& plan, const std::string& who, const std::string& when,
                        const std::string& notes) {
    const auto worked = std::find_if(plan.steps.begin(), plan.steps.end(),
                                     [&](const StepPlan& s) { return !s.step.out && wasWorked(job, s); });
    const auto* step = worked != plan.steps.end() ? &*worked : plan.now();
    if (step) return makeRecord(job, plan, *step, who, when, notes);
    job::Record none;
    none.who = who;
    none.when = when;
    none.notes = notes;
    none.verdict = name(seat::SeatVerdict::NotJudged);
    return none;
}

} // namespace arbor::plan
