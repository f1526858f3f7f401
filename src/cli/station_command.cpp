#include "cli/station_command.h"

#include "cli/exit_codes.h"
#include "io/job_file.h"
#include "io/library_files.h"
#include "io/plan_json.h"
#include "words/sentences.h"

#include <algorithm>
#include <filesystem>
#include <ostream>

namespace arbor::cli {

namespace {

using words::Display;

void printAdvice(std::ostream& out, const AdviceList& list, const Display& d) {
    for (const auto& a : list) {
        const char* mark = a.severity == Severity::Stop   ? "  STOP  "
                           : a.severity == Severity::Look ? "  look  "
                                                          : "  -     ";
        out << mark << words::say(a, d).line() << '\n';
    }
}

void printFit(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& f = *plan.fit;
    const auto fine = d.fine(0).unit;
    out << "  interference    " << d.fine(f.interference_mm.likely).text() << "  ("
        << d.fineRange(f.interference_mm.least, f.interference_mm.most) << "), by the limits "
        << d.fineRange(f.interferenceWorst_mm.lower, f.interferenceWorst_mm.upper) << ' ' << fine << '\n'
        << "  pressure        " << d.pressure(f.pressure_MPa.likely).text() << '\n'
        << "  press force     " << d.force(f.pressForce_N.likely).text() << "  ("
        << d.forceRange(f.pressForce_N.least, f.pressForce_N.most) << ")\n"
        << "  clearance left  ";
    if (f.clearanceMade)
        out << d.fine(f.clearanceLeft_mm.likely).text() << "  ("
            << d.fineRange(f.clearanceLeft_mm.least, f.clearanceLeft_mm.most) << "), by the limits "
            << d.fineRange(f.clearanceWorst_mm.lower, f.clearanceWorst_mm.upper) << ' ' << fine << '\n';
    else
        out << "set when it is adjusted\n";
    out << "  housing to      " << d.temperature(f.housingTemp_C).text() << " to drop it in\n";
    printAdvice(out, f.advisories, d);
    printAdvice(out, f.because, d);
}

void printTools(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& t = *plan.tools;
    if (t.choice) {
        out << "  press " << t.choice->press->name << ", bed notch " << t.choice->notch + 1 << '\n';
        out << "  support "
            << (t.choice->support ? t.choice->support->id + "  " + words::toolSizes(*t.choice->support, d) : "bed")
            << '\n';
        out << "  driver  " << t.choice->driver->id << "  " << words::toolSizes(*t.choice->driver, d) << '\n';
        for (const auto* spacer : t.choice->spacers)
            out << "  spacer  " << spacer->id << "  " << words::toolSizes(*spacer, d) << '\n';
        printAdvice(out, t.proof.findings, d);
    } else {
        out << "  STOP  nothing on the rack fits\n";
    }
    out << "  The rack, best first:\n";
    for (const auto& c : t.drivers) {
        const auto worstFirst =
            std::max_element(c.check.findings.begin(), c.check.findings.end(),
                             [](const Advice& a, const Advice& b) { return a.severity < b.severity; });
        out << "    " << (c.usable() ? "+ " : "x ") << c.tool->id << "  " << words::toolSizes(*c.tool, d) << "  "
            << (worstFirst == c.check.findings.end() ? "" : words::say(*worstFirst, d).head) << '\n';
    }
    out << "  " << words::rejectionSummary(t.drivers) << '\n';
}

void printPress(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& p = *plan.pressing;
    out << "  travel to home  " << d.size(p.expected.homeTravel_mm).text() << '\n'
        << "  end force       " << d.force(p.expected.end_N.likely).text() << "  ("
        << d.forceRange(p.expected.end_N.least, p.expected.end_N.most) << ")\n"
        << "  hold            " << d.force(p.expected.hold_N.likely).text() << "  ("
        << d.forceRange(p.expected.hold_N.least, p.expected.hold_N.most) << ")\n";
    if (p.gaugeLikely)
        out << "  gauge           " << d.gauge(*p.gaugeLikely, plan.press->gaugeUnit).text() << ", hold "
            << d.gauge(*p.gaugeHold, plan.press->gaugeUnit).text() << '\n';
    // What to watch for has not happened: no verdict, so no mark.
    for (const auto& a : p.watch)
        out << "  watch   " << words::say(a, d).line() << '\n';
    if (plan.traceOverlay) printAdvice(out, plan.traceOverlay->findings, d);
}

void printSeat(std::ostream& out, const plan::Plan& plan, const Display& d) {
    const auto& s = *plan.seating;
    out << "  " << words::verdict(s, d).line() << '\n';
    if (s.plane)
        out << "  out of square   " << d.fine(s.riseAcross_mm.likely).text() << " across the seat, "
            << words::decimals(s.plane->tilt_arcmin(), 2) << " arc-min\n";
    printAdvice(out, s.findings, d);
    out << "  next: " << words::nextStep(s) << '\n';
}

void printStation(std::ostream& out, job::Station station, const job::Job& job, const plan::Plan& plan) {
    const Display d(job.units);
    out << words::stationTitle(station) << "  [" << words::markWord(plan.marks.at(station)) << "]  "
        << words::stationLine(station, job, plan, d) << '\n';
    if (station == job::Station::Fit && plan.fit) printFit(out, plan, d);
    if (station == job::Station::Tooling && plan.tools) printTools(out, plan, d);
    if (station == job::Station::Press && plan.pressing) printPress(out, plan, d);
    if (station == job::Station::Seat && plan.seating) printSeat(out, plan, d);
    if (station == job::Station::Close && job.record)
        out << "  " << job.record->when << "  " << job.record->verdict << '\n';
}

} // namespace

int StationCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto document = io::loadJob(jobPath);
    if (!document) return refused(err, document.error());
    const auto folder = std::filesystem::path(jobPath).parent_path();
    const auto library = io::loadLibrary(shopFolder.empty() ? (folder.empty() ? "." : folder.string()) : shopFolder);
    if (!library) return refused(err, library.error());
    const auto& job = document->job;
    std::optional<trace::Trace> measured;
    if (!job.traceFile.empty()) {
        auto loaded = io::loadTrace((folder / job.traceFile).string());
        if (!loaded) return refused(err, loaded.error());
        measured = std::move(*loaded);
    }
    const auto plan = plan::planJob(job, *library, measured);
    if (plan.problem) {
        auto problem = *plan.problem;
        problem.file = jobPath;
        return refused(err, problem);
    }
    bool stop = false;
    for (const auto station : m_stations)
        stop = stop || plan.marks.at(station) == plan::Mark::Stop;
    if (asJson) {
        out << io::planJson(job, plan, m_stations) << '\n';
    } else {
        out << job.id << "  " << job.title << '\n';
        for (const auto station : m_stations)
            printStation(out, station, job, plan);
    }
    return stop ? kStop : kWell;
}

} // namespace arbor::cli
