#include "core/plan/plan.h"

#include "core/plan/pressed_seat.h"
#include "core/plan/proof_plan.h"
#include "core/plan/seat_sides.h"
#include "core/plan/seat_sources.h"
#include "core/plan/work_steps.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;
using job::Station;

Result<void> checkPlainNumbers(const Job& job) {
    const auto& t = job.temperatures;
    for (const auto& [place, value] : {std::pair{"temperatures/inner_ring_degC", t.innerRing_C},
                                       {"temperatures/outer_ring_degC", t.outerRing_C},
                                       {"temperatures/housing_degC", t.housing_C},
                                       {"temperatures/shaft_degC", t.shaft_C}})
        if (!(value >= -100 && value <= 250))
            return refuse(ProblemCode::OutOfRange, place, plain(value), "-100 to 250 degC");
    for (const auto& [place, value] : {std::pair{"bearing/roughness_rz_um", job.bearing.rz_mm},
                                       {"housing/roughness_rz_um", job.housing.rz_mm},
                                       {"shaft/roughness_rz_um", job.shaft ? job.shaft->rz_mm : 0}})
        if (!(value >= 0 && value <= 0.1))
            return refuse(ProblemCode::OutOfRange, place, plain(value * 1000), "0 to 100 um");
    if (job.bearing.typedStaticRating_N && !(*job.bearing.typedStaticRating_N > 0))
        return refuse(ProblemCode::NotPositive, "bearing/static_rating_N", plain(*job.bearing.typedStaticRating_N),
                      "> 0");
    return {};
}

/// What only the job knows about its fit: the measured size against its class, and a clearance group that had to be
/// assumed.
void addJobReasons(FitPlan& fits, const catalog::Bearing& bearing) {
    auto& seat = fits.seats[fits.focus];
    const auto& hole = seat.hole;
    if (seat.fit && hole.measuredDia_mm && hole.size_mm) {
        const double deviation = *hole.measuredDia_mm - seat.dia_mm;
        const auto& limits = *hole.size_mm;
        if (deviation < limits.lower || deviation > limits.upper)
            seat.fit->advisories.push_back({Finding::MeasuredOutsideClass, Severity::Look, *hole.measuredDia_mm,
                                            seat.dia_mm + (deviation < limits.lower ? limits.lower : limits.upper),
                                            hole.spec, "ISO286-1"});
    }
    if (bearing.type == catalog::BearingType::DoubleRowAngularBall && fits.bearings[fits.focusBearing].clearance)
        fits.bearings[fits.focusBearing].clearance->because.push_back(
            {Finding::ClearanceGroupAssumed, Severity::Info, 0, 0, bearing.designation, "ISO5753-1"});
}

Result<void> checkShaft(const Job& job, const Library& lib, double bearingBore_mm) {
    if (!job.shaft) return {};
    if (const auto known = materialNamed(lib, job.shaft->material, "shaft/material"); !known)
        return tl::unexpected(known.error());
    if (!(job.shaft->boreDia_mm >= 0 && job.shaft->boreDia_mm < bearingBore_mm))
        return refuse(ProblemCode::GeometryOrder, "shaft/bore_mm", plain(job.shaft->boreDia_mm),
                      "0 up to under " + plain(bearingBore_mm) + " mm");
    return {};
}

Result<FitPlan> fitPlan(const Job& job, const Library& lib, const Plan& plan, const std::optional<job::SeatKey>& key) {
    if (auto ok = checkPlainNumbers(job); !ok) return tl::unexpected(ok.error());
    const auto& a = *plan.arrangement;
    const Focus focus{a.bearing, a.housing.outsideDia_mm, arrangement::engagedLength(a, a.homeTravel_mm()), key,
                      plan.own};
    if (plan.own)
        if (auto ok = checkShaft(job, lib, a.bearing.boreDia_mm); !ok) return tl::unexpected(ok.error());
    auto fits = planFit(job, lib, plan.strip && plan.strip->faults.empty() ? &*plan.strip : nullptr, focus);
    if (!fits) return fits;
    if (!fits->seats[fits->focus].fit)
        return refuse(ProblemCode::Missing, "housing/seat/size", job.housing.seat.typed, "the sizes of both sides");
    addJobReasons(*fits, a.bearing);
    return fits;
}

tooling::LoadCase loadCase(const Plan& plan) {
    auto load = loadOf(&plan.fits->seats[plan.fits->focus], false);
    load.staticAxial_N = plan.rating.axial_N;
    load.staticIsEstimate = plan.rating.estimate;
    load.elementDia_mm = plan.arrangement->bearing.elementDia_mm;
    return load;
}

PressPlan pressOfSeat(const Plan& plan, bool warmed) {
    const auto& a = *plan.arrangement;
    PressInput in;
    in.travel_mm = a.homeTravel_mm();
    in.engaged_mm = [&](double travel) { return arrangement::engagedLength(a, travel); };
    in.clean_N = plan.fit()->pressForce_N;
    in.press = plan.press;
    in.proof = plan.tools ? &plan.tools->proof : nullptr;
    in.warmed = warmed;
    return planPress(in);
}

Result<seat::SeatingInput> seatingInput(const Job& job, const Library& lib, const Plan& plan) {
    const auto& a = *plan.arrangement;
    const auto& b = a.bearing;
    seat::SeatingInput in;
    in.kind = job.seating.kind;
    in.readings = job.seating.readings;
    in.pressedHome = plan.trace && plan.trace->verdict == trace::Verdict::Home;
    in.uncertainty_mm = job.seating.uncertainty_mm;
    in.readingRad_mm = (b.outerFaceInnerDia_mm() + b.outerFaceOuterDia_mm()) / 4;
    in.seatDia_mm = b.outsideDia_mm;
    in.homeDepth_mm = a.homeFaceDepth_mm();
    const auto square = standards::gradeWidth(lib.iso286, b.outsideDia_mm, 5);
    if (!square) return tl::unexpected(square.error());
    in.squareLimit_mm = *square;
    if (a.housing.groove) in.grooveLowerEdgeDepth_mm = a.housing.groove->lowerEdgeDepth_mm;
    return in;
}

Result<void> planSeat(Plan& plan, const Job& job, const Library& lib) {
    auto in = seatingInput(job, lib, plan);
    if (!in) return tl::unexpected(in.error());
    plan.seatingInput = std::move(*in);
    auto seating = seat::judgeSeating(plan.seatingInput);
    if (!seating) return tl::unexpected(at(seating.error(), "seat_readings"));
    plan.seating = std::move(*seating);
    if (!plan.strip) return {};
    auto rings = otherRings(job, *plan.strip, plan.fits->seats[plan.fits->focus].key, lib.iso286);
    if (!rings) return tl::unexpected(rings.error());
    plan.rings = std::move(*rings);
    return {};
}

tooling::Wishes wishesOf(const Job& job, const Library& lib) {
    tooling::Wishes wishes;
    wishes.press = lib.rack.press(job.tooling.press);
    wishes.driver = job.tooling.driver ? lib.rack.tool(*job.tooling.driver) : nullptr;
    wishes.support = job.tooling.support ? lib.rack.tool(*job.tooling.support) : nullptr;
    wishes.worked = workedBefore(job, lib);
    return wishes;
}

std::optional<Problem> unknownTool(const Job& job, const Library& lib) {
    if (!lib.rack.press(job.tooling.press))
        return Problem{ProblemCode::UnknownName, "tooling/press", job.tooling.press, "a press of the rack"};
    for (const auto& [place, id] :
         {std::pair{"tooling/driver", job.tooling.driver}, {"tooling/support", job.tooling.support}})
        if (id && !lib.rack.tool(*id)) return Problem{ProblemCode::UnknownName, place, *id, "a tool of the rack"};
    return std::nullopt;
}

Mark markOf(Severity severity, bool done) {
    if (severity == Severity::Stop) return Mark::Stop;
    if (done) return Mark::Done;
    return severity == Severity::Look ? Mark::Look : Mark::Open;
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

Mark markOfHeat(const Plan& plan, const Job& job) {
    if (!plan.heat) return Mark::Open;
    if (job.heat.pressCold || !plan.heat->needed()) return Mark::NotNeeded;
    return markOf(worst(plan.heat->findings), job.done.contains(Station::Warm));
}

/// What was signed for is never simply done: it stays worth a look.
Mark markOfSeat(const Plan& plan, const Job& job) {
    const bool done = job.done.contains(Station::Seat);
    if (isSigned(job.proof)) return Mark::Look;
    const auto proof = worst(plan.proof);
    if (proof == Severity::Stop || (done && proof == Severity::Look)) return markOf(proof, false);
    return plan.seating ? markOf(worst(plan.seating->findings), done) : Mark::Open;
}

void setMarks(Plan& plan, const Job& job) {
    const auto done = [&](Station s) { return job.done.contains(s); };
    auto& m = plan.marks;
    m[Station::Intake] = markOf(Severity::Info, done(Station::Intake));
    const bool stripStop = plan.strip && (!plan.strip->sound() || !plan.strip->missing.empty());
    m[Station::Strip] = stripStop ? Mark::Stop : markOf(Severity::Info, done(Station::Strip));
    m[Station::Measure] = markOfMeasure(plan, job);
    m[Station::Fit] = !plan.fits ? Mark::Stop : markOf(worst(plan.fits->advisories()), done(Station::Fit));
    const bool noTools = plan.tools && !plan.tools->choice;
    m[Station::Tooling] = !plan.tools ? Mark::Open
                          : noTools   ? Mark::Stop
                                      : markOf(worst(plan.tools->proof.findings), done(Station::Tooling));
    m[Station::Warm] = markOfHeat(plan, job);
    m[Station::Press] = plan.trace ? markOf(worst(plan.trace->findings), done(Station::Press))
                                   : markOf(Severity::Info, done(Station::Press));
    const bool judged = plan.seating && plan.seating->verdict != seat::SeatVerdict::NotJudged;
    const bool otherOff = worst(adviceOn(plan.rings)) == Severity::Stop;
    m[Station::Seat] = judged || otherOff || isSigned(job.proof) ? markOfSeat(plan, job) : Mark::Open;
    m[Station::Adjust] = plan.adjust ? markOf(worst(plan.adjust->findings), done(Station::Adjust)) : Mark::NotNeeded;
    m[Station::Close] = worst(plan.closing) == Severity::Stop ? Mark::Stop : job.record ? Mark::Done : Mark::Open;
}

std::size_t seatToWarm(const Job& job, const FitPlan& fits) {
    for (std::size_t i = 0; i < fits.seats.size(); ++i)
        if (job.heat.seat == fits.seats[i].key && fits.seats[i].fit) return i;
    return fits.focus;
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
    plan.heat = plan.heats[seatToWarm(job, *plan.fits)];
}

/// What the old bearing told: this time no force through the elements, and somebody looks.
void insistOnBackingUp(Plan& plan) {
    const auto& look = plan.fits->lookAt;
    if (!plan.tools || std::find(look.begin(), look.end(), measure::LookAt::BackUpTheRing) == look.end()) return;
    plan.tools->proof.findings.push_back({Finding::BackUpTheRing, Severity::Look, 0, 0, {}, "HB3.3"});
}

trace::AnalysisInput analysisInput(const Plan& plan) {
    trace::AnalysisInput in;
    in.friction = plan.fits->seats[plan.fits->focus].input->friction;
    return in;
}

/// The ring that is pressed goes in warm: the station was worked, not only worked out, and for this seat.
bool isWarmed(const Job& job, const Plan& plan) {
    const bool worked = job.done.contains(Station::Warm) && !job.heat.pressCold && plan.heat && plan.heat->needed();
    return worked && plan.heat->key == plan.fits->seats[plan.fits->focus].key;
}

/// The trace where there is one, else what was read by hand.
void readPress(Plan& plan, const Job& job, const Library& lib, const std::optional<trace::Trace>& measured) {
    const auto& expected = plan.pressing->expected;
    const auto in = analysisInput(plan);
    if (measured && !measured->empty()) {
        plan.trace = trace::analyse(*measured, expected, in);
    } else if (saysAnything(job.hand)) {
        auto hand = readByHand(job.hand, expected, plan.press, lib.rack, in);
        if (!hand) {
            if (!plan.problem) plan.problem = hand.error();
            return;
        }
        plan.hand = std::move(*hand);
        plan.trace = plan.hand->analysis;
    }
}

void fillStations(Plan& plan, const Job& job, const Library& lib, const std::optional<trace::Trace>& measured) {
    if (const auto known = knowMaterials(job.arrangement, lib.materials); !known) {
        plan.problem = known.error();
        return;
    }
    plan.strip = planStrip(job, lib);
    auto arranged = arrangeSeat(job, lib, plan.strip && plan.strip->faults.empty() ? &*plan.strip : nullptr);
    if (!arranged) {
        plan.problem = arranged.error();
        return;
    }
    plan.arrangement = std::move(arranged->arrangement);
    plan.own = arranged->own;
    auto fits = fitPlan(job, lib, plan, arranged->key);
    const auto rating = catalog::staticRating(lib.bearingTables, plan.arrangement->bearing,
                                              plan.own ? job.bearing.typedStaticRating_N : std::nullopt);
    if (!fits || !rating) {
        plan.problem = !fits ? fits.error() : rating.error();
        return;
    }
    plan.fits = std::move(*fits);
    if (plan.strip) takeForces(*plan.strip, *plan.fits);
    plan.rating = *rating;
    plan.load = loadCase(plan);
    plan.task = tooling::taskOf(*plan.arrangement);
    plan.problem = unknownTool(job, lib);
    const auto wishes = wishesOf(job, lib);
    plan.press = wishes.press;
    if (plan.press && !plan.problem) plan.tools = tooling::chooseTools(*plan.task, lib.rack, wishes, *plan.load);
    insistOnBackingUp(plan);
    planHeats(plan, job, lib);
    plan.pressing = pressOfSeat(plan, isWarmed(job, plan));
    readPress(plan, job, lib, measured);
    if (auto ok = planSeat(plan, job, lib); !ok && !plan.problem) plan.problem = ok.error();
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

const fit::SeatFit* Plan::fit() const {
    return fits ? &*fits->seats[fits->focus].fit : nullptr;
}

const fit::ClearanceLeft* Plan::clearance() const {
    if (!fits || fits->bearings.empty() || !fits->bearings[fits->focusBearing].clearance) return nullptr;
    return &*fits->bearings[fits->focusBearing].clearance;
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

Plan planJob(const Job& job, const Library& library, const std::optional<trace::Trace>& measured) {
    Plan plan;
    fillStations(plan, job, library, measured);
    plan.proof = proofOf(job, plan);
    plan.closing = closingOf(job.closing);
    auto adjusted = planAdjust(job, plan.strip, plan.fits ? &*plan.fits : nullptr, library);
    if (adjusted)
        plan.adjust = std::move(*adjusted);
    else if (!plan.problem)
        plan.problem = adjusted.error();
    setMarks(plan, job);
    return plan;
}

job::Record makeRecord(const Job& job, const Plan& plan, const std::string& who, const std::string& when,
                       const std::string& notes) {
    job::Record r;
    r.who = who;
    r.when = when;
    r.notes = notes;
    r.bearing = plan.arrangement ? plan.arrangement->bearing.designation : job.bearing.designation;
    r.bore = job.housing.measured ? job.housing.measured->typed : job.housing.seat.typed;
    if (plan.fit()) {
        r.interference_mm = plan.fit()->interference_mm;
        r.pressForce_N = plan.fit()->pressForce_N;
    }
    if (plan.tools && plan.tools->choice) {
        const auto& choice = *plan.tools->choice;
        r.tools.push_back(choice.press->id);
        if (choice.support) r.tools.push_back(choice.support->id);
        r.tools.push_back(choice.driver->id);
        for (const auto* spacer : choice.spacers)
            r.tools.push_back(spacer->id);
    }
    if (plan.trace) {
        // A hammer tells no force and no travel.
        if (!plan.hand || !plan.hand->trace.empty()) {
            r.peakForce_N = plan.trace->peak_N;
            r.endTravel_mm = plan.trace->endTravel_mm;
        }
        r.pressVerdict = name(plan.trace->verdict);
        if (plan.trace->verdict == trace::Verdict::Home) r.friction = plan.trace->friction;
        r.seatMaterial = job.housing.material;
        r.lubricant = job.lubricant;
    }
    if (isWarmed(job, plan)) {
        const auto& read = job.heat.readings;
        r.outer_C = read.empty() ? plan.heat->outer.temp_C : read.front().temp_C;
        r.inner_C = plan.heat->inner.temp_C;
    }
    r.readings = job.seating.readings;
    r.verdict = name(plan.seating ? plan.seating->verdict : seat::SeatVerdict::NotJudged);
    if (plan.seating && plan.seating->plane) {
        r.riseAcross_mm = plan.seating->riseAcross_mm.likely;
        r.tilt_arcmin = plan.seating->plane->tilt_arcmin();
    }
    return r;
}

} // namespace arbor::plan
