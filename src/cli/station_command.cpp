#include "cli/station_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/print_tools.h"
#include "core/plan/step_plan.h"
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

void printTools(std::ostream& out, const plan::Plan& plan, const Display& d) {
    printToolPlan(out, *plan.tools, *plan.task, d);
}

void printForces(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& p = *plan.pressing;
    const auto& e = p.expected;
    out << "  end force       " << d.force(e.end_N.likely).text() << "  (" << d.forceRange(e.end_N.least, e.end_N.most)
        << ")\n  at home         " << words::endOfPress(e, d);
    if (e.holds) out << "  (" << d.forceRange(e.hold_N.least, e.hold_N.most) << ")";
    out << '\n';
    if (!p.gauge) return;
    out << "  gauge           " << d.gauge(p.gauge->likely, plan.press->gaugeUnit).text();
    if (p.gaugeHold) out << ", hold " << d.gauge(*p.gaugeHold, plan.press->gaugeUnit).text();
    out << '\n';
}

void printPress(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& p = *plan.pressing;
    out << "  travel to home  " << d.size(p.expected.homeTravel_mm).text() << '\n';
    if (p.expected.end_N.most > 0)
        printForces(out, plan, d);
    else
        out << "  end force       none: the seat is loose\n";
    // What to watch for has not happened: no verdict, so no mark; and once it is pressed, nothing to watch for.
    if (!plan.trace)
        for (const auto& a : p.watch)
            out << "  watch   " << words::say(a, d).line() << '\n';
    if (plan.trace) {
        out << "  trace           " << words::verdict(*plan.trace, d).line() << '\n';
        if (plan.trace->friction) out << "  friction found  " << words::decimals(*plan.trace->friction, 3) << '\n';
        printAdvice(out, plan.trace->findings, d);
    }
}

void printSeating(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& s = *plan.seating;
    out << "  " << words::verdict(s, d).line() << '\n';
    if (s.plane)
        out << "  out of square   " << d.fine(s.riseAcross_mm.likely).text() << " across the seat, "
            << words::decimals(s.plane->tilt_arcmin(), 2) << " arc-min\n";
    printAdvice(out, s.findings, d);
    for (const auto& ring : plan.rings)
        if (ring.read())
            out << "  " << ring.label << ", " << ring.partner << ": " << words::verdict(ring.seating, d).line() << '\n';
    printAdvice(out, plan.proof, d);
    out << "  next: " << words::nextStep(s) << '\n';
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
    if (station == job::Station::Tooling && plan.tools) printTools(out, plan, d);
    if (station == job::Station::Press && plan.pressing) printPress(out, plan, d);
    if (station == job::Station::Seat && plan.seating) printSeating(out, plan, d);
    if (station == job::Station::Adjust && plan.adjust) printAdjust(out, *plan.adjust, job.adjust, d);
    if (station == job::Station::Close) printAdvice(out, plan.closing, d);
    if (station == job::Station::Close && job.record)
        out << "  " << job.record->when << "  " << job.record->verdict << '\n';
}

/// Every pressed step with its setup and what its press takes.
void printSteps(std::ostream& out, const LoadedJob& loaded, const std::vector<plan::WorkStep>& steps) {
    const auto& job = loaded.document.job;
    const Display d(job.units);
    out << "Steps\n";
    int number = 0;
    for (const auto& step : steps) {
        const auto tools = plan::toolsFor(step, job, loaded.plan, *loaded.library);
        const auto* way = tools.ways.empty() ? nullptr : &tools.ways.front();
        out << "  " << ++number << ". " << step.key << "  " << (tools.proven() ? "" : "STOP  ")
            << words::stepTitle(step) << ": " << (way ? words::wayName(*way) : std::string("nothing does it")) << '\n';
        if (const auto* heat = plan::heatOf(step, loaded.plan))
            out << "      to drop it in: " << words::opensLine(*heat, d) << '\n';
        const auto press = plan::pressOf(step, way, loaded.plan);
        if (!press) continue;
        for (const auto& line : words::pressLines(*press, d))
            out << "      " << line << '\n';
        for (const auto& a : press->watch)
            if (a.severity == Severity::Stop) out << "      STOP  " << words::say(a, d).line() << '\n';
    }
}

nlohmann::ordered_json stepsJson(const LoadedJob& loaded, const std::vector<plan::WorkStep>& steps) {
    const auto& job = loaded.document.job;
    const Display d(job.units);
    auto out = nlohmann::ordered_json::array();
    for (const auto& step : steps)
        out.push_back(io::stepJson(step, plan::toolsFor(step, job, loaded.plan, *loaded.library), loaded.plan, d));
    return out;
}

/// The readings of the ring that a step puts in.
void printRing(std::ostream& out, const plan::WorkStep& step, const plan::Plan& plan, const Display& d) {
    if (step.out) return;
    if (step.focus && plan.seating) return printSeating(out, plan, d);
    const auto& seat = step.seat ? plan.fits->seats[*step.seat].key : job::SeatKey{};
    if (const auto* ring = plan::ringAt(plan.rings, seat)) {
        out << "  " << words::verdict(ring->seating, d).line() << '\n';
        printAdvice(out, ring->seating.findings, d);
    }
}

} // namespace

bool StationCommand::wants(job::Station station) const {
    return std::find(m_stations.begin(), m_stations.end(), station) != m_stations.end();
}

int StationCommand::executeStep(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto steps = plan::workSteps(job, loaded->plan, *loaded->library);
    const auto index = plan::stepNamed(steps, step);
    if (!index) return refused(err, index.error());
    const auto& wanted = steps[*index];
    const auto tools = plan::toolsFor(wanted, job, loaded->plan, *loaded->library);
    const auto* way = tools.ways.empty() ? nullptr : &tools.ways.front();
    const auto press = plan::pressOf(wanted, way, loaded->plan);
    const Display d(job.units);
    if (asJson) {
        out << io::stepJson(wanted, tools, loaded->plan, d).dump(2) << '\n';
    } else {
        out << wanted.key << "  " << words::stepTitle(wanted) << '\n';
        if (!press) out << "  the force is not known: no sizes, or no metal ring\n";
        if (press && wants(job::Station::Press)) {
            for (const auto& line : words::pressLines(*press, d))
                out << "  " << line << '\n';
            printAdvice(out, press->watch, d);
        }
        if (wants(job::Station::Seat)) printRing(out, wanted, loaded->plan, d);
    }
    return press && worst(press->watch) == Severity::Stop ? kStop : kWell;
}

int StationCommand::execute(std::ostream& out, std::ostream& err) const {
    if (!step.empty()) return executeStep(out, err);
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const auto steps =
        wants(job::Station::Press) ? plan::workSteps(job, plan, *loaded->library) : std::vector<plan::WorkStep>{};
    bool stop = false;
    for (const auto station : m_stations)
        stop = stop || plan.marks.at(station) == plan::Mark::Stop;
    if (asJson) {
        const auto all = wants(job::Station::Press) ? stepsJson(*loaded, steps) : nlohmann::ordered_json();
        out << io::planJson(job, plan, m_stations, all) << '\n';
    } else {
        out << job.id << "  " << job.title << '\n';
        for (const auto station : m_stations)
            printStation(out, station, job, plan);
        if (!steps.empty()) printSteps(out, *loaded, steps);
    }
    return stop ? kStop : kWell;
}

} // namespace arbor::cli
