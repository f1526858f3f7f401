#include "cli/station_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/print_tools.h"
#include "io/results/plan_json.h"
#include "io/results/step_json.h"
#include "words/adjust_words.h"
#include "words/heat_words.h"
#include "words/measure_words.h"
#include "words/step_words.h"
#include "words/tooling_words.h"

#include <algorithm>
#include <ostream>

namespace arbor::cli {

namespace {

using words::Display;

void printSurface(std::ostream& out, const plan::SeatPlan& seat, bool hole, const Display& d) {
    const auto& s = hole ? seat.hole : seat.shaft;
    if (s.ring) return;
    out << "  " << words::surfaceTitle(seat, hole) << ", " << (s.spec.empty() ? "no class" : s.spec) << ": "
        << words::verdictName(s.verdict) << (s.overruled ? " (overruled)" : "") << '\n';
    if (s.form) {
        out << "    mean " << d.size(s.form->mean_mm).text() << ", out of round "
            << d.fine(s.form->outOfRound_mm).text();
        if (s.form->taper_mm) out << ", taper " << d.fine(*s.form->taper_mm).text();
        if (s.form->mouth_mm) out << ", mouth " << d.fine(*s.form->mouth_mm).text();
        if (s.form->lobing_mm) out << ", lobing " << d.fine(*s.form->lobing_mm).text();
        out << "; form may take " << d.fine(s.formLimit_mm).text() << '\n';
    }
    printAdvice(out, s.judgement.advice(), d);
}

void printMeasure(std::ostream& out, const plan::FitPlan& fits, const job::Measured& measured, const Display& d) {
    for (const auto& seat : fits.seats)
        for (const bool hole : {true, false})
            printSurface(out, seat, hole, d);
    for (const auto& spacer : fits.spacers) {
        out << "  " << spacer.label << ": " << words::verdictName(spacer.state.judgement.verdict) << '\n';
        printAdvice(out, spacer.state.judgement.advice(), d);
    }
    for (const auto& [part, stand_mm] : measured.cupStand_mm)
        out << "  " << part << " stands " << d.size(stand_mm).text() << " proud of its face\n";
    for (const auto& cause : fits.causes)
        out << "  old bearing     " << words::decimals(100 * cause.share, 0) << " %  " << words::causeName(cause.cause)
            << '\n';
    for (const auto look : fits.lookAt)
        out << "  look at         " << words::lookAtWords(look).line() << '\n';
}

void printSeat(std::ostream& out, const plan::SeatPlan& seat, const std::optional<plan::HeatPlan>& heat,
               const Display& d) {
    out << "  " << words::seatTitle(seat) << ", " << d.size(seat.dia_mm).text() << "  ("
        << (seat.hole.spec.empty() ? "no class" : seat.hole.spec) << " on "
        << (seat.shaft.spec.empty() ? "no class" : seat.shaft.spec) << ")\n";
    if (!seat.fit) {
        out << "    a size is not known\n";
        return;
    }
    const auto& f = *seat.fit;
    out << "    interference    " << d.fine(f.interference_mm.likely).text() << "  ("
        << d.fineRange(f.interference_mm.least, f.interference_mm.most) << "), by the limits "
        << d.fineRange(f.interferenceWorst_mm.lower, f.interferenceWorst_mm.upper) << ' ' << d.fine(0).unit << '\n'
        << "    pressure        " << d.pressure(f.pressure_MPa.likely).text() << ", at work "
        << d.pressure(f.pressureAtWork_MPa.likely).text() << '\n'
        << "    press force     " << d.force(f.pressForce_N.likely).text() << "  ("
        << d.forceRange(f.pressForce_N.least, f.pressForce_N.most) << "), holds "
        << d.torque(f.slipTorqueAtWork_Nm.likely).text() << '\n'
        << "    force off       " << d.forceRange(seat.off->force_N.least, seat.off->force_N.most) << ' '
        << d.force(0).unit << '\n';
    if (heat) out << "    to drop it in   " << words::opensLine(*heat, d) << '\n';
    printAdvice(out, f.advisories, d);
    printAdvice(out, f.because, d);
}

void printBearing(std::ostream& out, const plan::BearingPlan& bearing, const Display& d) {
    out << "  Bearing " << bearing.designation << "\n    clearance left  ";
    if (const auto& c = bearing.clearance) {
        out << d.fine(c->left_mm.likely).text() << "  (" << d.fineRange(c->left_mm.least, c->left_mm.most)
            << "), by the limits " << d.fineRange(c->worst_mm.lower, c->worst_mm.upper) << ' ' << d.fine(0).unit
            << '\n';
        printAdvice(out, c->advisories, d);
        printAdvice(out, c->because, d);
    } else {
        out << "set when it is adjusted\n";
    }
    if (bearing.proposal.hole && bearing.proposal.shaft)
        out << "    proposed        " << bearing.proposal.hole->text() << " and " << bearing.proposal.shaft->text()
            << '\n';
    printAdvice(out, bearing.proposal.because, d);
    if (bearing.question) printAdvice(out, {*bearing.question}, d);
}

void printFit(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& fits = *plan.fits;
    for (std::size_t i = 0; i < fits.seats.size(); ++i)
        printSeat(out, fits.seats[i], plan.heats[i], d);
    for (const auto& bearing : fits.bearings)
        printBearing(out, bearing, d);
}

void printTools(std::ostream& out, const plan::StepPlan& step, const Display& d) {
    if (step.setup()) printToolPlan(out, *step.setup(), *step.task(), d);
}

void printForces(std::ostream& out, const plan::PressPlan& p, const Display& d) {
    const auto& e = p.expected;
    out << "  end force       " << d.force(e.end_N.likely).text() << "  (" << d.forceRange(e.end_N.least, e.end_N.most)
        << ")\n  at home         " << words::endOfPress(e, d);
    if (e.holds) out << "  (" << d.forceRange(e.hold_N.least, e.hold_N.most) << ")";
    out << '\n';
    if (!p.gauge) return;
    out << "  gauge           " << d.gauge(p.gauge->likely, p.press->gaugeUnit).text();
    if (p.gaugeHold) out << ", hold " << d.gauge(*p.gaugeHold, p.press->gaugeUnit).text();
    out << '\n';
}

void printTrace(std::ostream& out, const trace::Analysis& trace, const Display& d) {
    out << "  trace           " << words::verdict(trace, d).line() << '\n';
    if (trace.friction) out << "  friction found  " << words::decimals(*trace.friction, 3) << '\n';
    printAdvice(out, trace.findings, d);
}

void printPress(std::ostream& out, const plan::StepPlan& step, const Display& d) {
    const auto& p = *step.press;
    out << "  travel to home  " << d.size(p.expected.homeTravel_mm).text() << '\n';
    if (p.expected.end_N.most > 0)
        printForces(out, p, d);
    else
        out << "  end force       none: the seat is loose\n";
    // What to watch for has not happened: no verdict, so no mark; and once it is pressed, nothing to watch for.
    if (step.trace) return printTrace(out, *step.trace, d);
    for (const auto& a : p.watch)
        out << "  watch   " << words::say(a, d).line() << '\n';
}

void printRing(std::ostream& out, const plan::StepPlan& step, const Display& d) {
    const auto& s = step.ring->seating;
    out << "  " << words::verdict(s, d).line() << '\n';
    if (s.plane)
        out << "  out of square   " << d.fine(s.riseAcross_mm.likely).text() << " across the seat, "
            << words::decimals(s.plane->tilt_arcmin(), 2) << " arc-min\n";
    printAdvice(out, s.findings, d);
}

void printSeating(std::ostream& out, const plan::Plan& plan, const plan::StepPlan& step, const Display& d) {
    printRing(out, step, d);
    for (const auto& other : plan.steps)
        if (&other != &step && other.ring && other.ring->read())
            out << "  " << other.ring->label << ", " << other.ring->partner << ": "
                << words::verdict(other.ring->seating, d).line() << '\n';
    printAdvice(out, step.proof, d);
    out << "  next: " << words::nextStep(step.ring->seating) << '\n';
}

void printAdjust(std::ostream& out, const plan::AdjustPlan& p, const job::Adjust& wish, const Display& d) {
    out << "  " << words::verdict(p, d).line() << '\n'
        << "  wanted          " << d.fineRange(p.target_mm.lower, p.target_mm.upper) << ' ' << d.fine(0).unit << '\n';
    for (const auto& [school, play] : p.schools)
        if (!p.onSpacer())
            out << "  " << words::schoolName(school) << ": " << d.fineRange(play.lower, play.upper) << ' '
                << d.fine(0).unit << '\n';
    for (const auto& line : words::greaseLines(adjust::sum(p.grease), wish.grease))
        out << "  " << line.line() << '\n';
    printAdvice(out, p.findings, d);
    int number = 0;
    for (const auto& step : words::adjustSteps(p, wish.school, d))
        out << "  " << ++number << ". " << step << '\n';
}

void printStation(std::ostream& out, job::Station station, const job::Job& job, const plan::Plan& plan) {
    const Display d(job.units);
    out << words::stationTitle(station) << "  [" << words::markWord(plan.marks.at(station)) << "]  "
        << words::stationLine(station, job, plan, d) << '\n';
    if (station == job::Station::Measure && plan.fits) printMeasure(out, *plan.fits, job.measured, d);
    if (station == job::Station::Fit && plan.fits) printFit(out, plan, d);
    if (const auto* step = plan.now()) {
        if (station == job::Station::Tooling) printTools(out, *step, d);
        if (station == job::Station::Press && step->press) printPress(out, *step, d);
        if (station == job::Station::Seat && step->ring) printSeating(out, plan, *step, d);
    }
    if (station == job::Station::Adjust && plan.adjust) printAdjust(out, *plan.adjust, job.adjust, d);
    if (station == job::Station::Close) printAdvice(out, plan.closing, d);
    if (station == job::Station::Close && job.record)
        out << "  " << job.record->when << "  " << job.record->verdict << '\n';
}

void printStepPress(std::ostream& out, const plan::PressPlan& press, const Display& d, const std::string& indent) {
    for (const auto& line : words::pressLines(press, d))
        out << indent << line << '\n';
}

/// Every pressed step with its setup, what its press takes, and how far it has come.
void printSteps(std::ostream& out, const plan::Plan& plan, const Display& d) {
    out << "Steps\n";
    int number = 0;
    for (const auto& s : plan.steps) {
        out << "  " << ++number << ". " << s.step.key << "  " << (s.tools->proven() ? "" : "STOP  ")
            << words::stepTitle(s.step) << ": " << (s.way() ? words::wayName(*s.way()) : std::string("nothing does it"))
            << '\n';
        if (const auto* heat = plan::heatOf(s.step, plan.heats))
            out << "      to drop it in: " << words::opensLine(*heat, d) << '\n';
        if (s.press) {
            printStepPress(out, *s.press, d, "      ");
            for (const auto& a : s.press->watch)
                if (a.severity == Severity::Stop) out << "      STOP  " << words::say(a, d).line() << '\n';
        }
        if (s.trace) out << "      trace: " << words::verdict(*s.trace, d).line() << '\n';
        if (s.ring && s.ring->read()) out << "      sits: " << words::verdict(s.ring->seating, d).line() << '\n';
    }
}

nlohmann::ordered_json stepsJson(const plan::Plan& plan, const Display& d) {
    auto out = nlohmann::ordered_json::array();
    for (const auto& step : plan.steps)
        out.push_back(io::stepJson(step, plan, d));
    return out;
}

void printStep(std::ostream& out, const plan::StepPlan& s, bool press, bool seat, const Display& d) {
    out << s.step.key << "  " << words::stepTitle(s.step) << '\n';
    if (!s.press) out << "  the force is not known: no sizes, or no metal ring\n";
    if (s.press && press) {
        printStepPress(out, *s.press, d, "  ");
        if (s.trace)
            printTrace(out, *s.trace, d);
        else
            printAdvice(out, s.press->watch, d);
    }
    if (seat && s.ring) {
        printRing(out, s, d);
        printAdvice(out, s.proof, d);
    }
}

bool isStop(const plan::StepPlan& s, bool press, bool seat) {
    if (press && s.press && worst(s.press->watch) == Severity::Stop) return true;
    if (press && s.trace && s.trace->stop()) return true;
    return seat && s.marks.at(job::Station::Seat) == plan::Mark::Stop;
}

} // namespace

bool StationCommand::wants(job::Station station) const {
    return std::find(m_stations.begin(), m_stations.end(), station) != m_stations.end();
}

int StationCommand::executeStep(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& plan = loaded->plan;
    const auto index = plan::stepNamed(plan.steps, step);
    if (!index) return refused(err, index.error());
    const auto& wanted = plan.steps[*index];
    const Display d(loaded->document.job.units);
    const bool press = wants(job::Station::Press), seat = wants(job::Station::Seat);
    if (asJson)
        out << io::stepJson(wanted, plan, d).dump(2) << '\n';
    else
        printStep(out, wanted, press, seat, d);
    return isStop(wanted, press, seat) ? kStop : kWell;
}

int StationCommand::execute(std::ostream& out, std::ostream& err) const {
    if (!step.empty()) return executeStep(out, err);
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const bool steps = wants(job::Station::Press);
    const Display d(job.units);
    bool stop = false;
    for (const auto station : m_stations)
        stop = stop || plan.marks.at(station) == plan::Mark::Stop;
    if (asJson) {
        out << io::planJson(job, plan, m_stations, steps ? stepsJson(plan, d) : nlohmann::ordered_json()) << '\n';
    } else {
        out << job.id << "  " << job.title << '\n';
        for (const auto station : m_stations)
            printStation(out, station, job, plan);
        if (steps && !plan.steps.empty()) printSteps(out, plan, d);
    }
    return stop ? kStop : kWell;
}

} // namespace arbor::cli
