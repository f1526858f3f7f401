#include "ui/press/live_slip.h"

#include "core/force/gauge.h"
#include "ui/press/live_press.h"
#include "ui/session/job_session.h"
#include "words/sheets/sheet_parts.h"

#include <QDateTime>
#include <QFileInfo>
#include <algorithm>

namespace arbor::ui {

namespace {

using trace::Verdict;
using words::Tone;

/// The phase it is in, by where the ring stands.
std::string phaseOf(const LivePress& live) {
    const auto& phases = live.analysis().phases;
    return phases.empty() ? words::tr("approach").text() : words::phaseName(phases.back().kind);
}

words::Figure forceNow(const plan::PressPlan& p, const trace::Sample& now, const words::Display& d) {
    const auto band = trace::forceAt(p.expected, now.travel_mm);
    auto f = words::figureOf("force_N", words::tr("Force now"), d.force(now.force_N),
                             d.forceRange(band.least, band.most), {band.least, now.force_N, band.most});
    const double most = p.out ? p.force_N.most : p.expected.hold_N.most;
    f.lineTo = std::max(most, now.force_N) * 1.1;
    if (p.expected.holds) f.limits = {{p.expected.hold_N.likely, words::tr("seating load")}};
    f.limits.push_back({most, words::tr("stop over {force}").with("force", d.force(most).number)});
    f.tone = now.force_N > most ? Tone::Stop : Tone::Plain;
    return f;
}

words::Figure toGo(const plan::PressPlan& p, const trace::Sample& now, const words::Display& d) {
    const double home = p.expected.homeTravel_mm, gone = std::clamp(now.travel_mm, 0.0, home);
    auto f = words::figureOf("to_go_mm", words::tr("Travel to go"), d.travel(std::max(0.0, home - now.travel_mm)),
                             words::tr("of {size}").with("size", d.travel(home).number), {0, gone, gone});
    f.lineTo = home;
    return f;
}

void recordingSheet(words::Sheet& sheet, const JobSession& session, const LivePress& live) {
    const auto d = session.display();
    const auto& a = live.analysis();
    const auto said = words::verdict(a, d);
    const bool early = a.verdict == Verdict::NotEnough;
    sheet.title = early ? words::tr("Recording").text() : said.head;
    sheet.tone = a.stop() ? Tone::Stop : a.verdict == Verdict::Home ? Tone::Proven : Tone::Plan;
    sheet.verdict = early ? words::tr("Operate the press: {phase}.").with("phase", phaseOf(live))
                          : words::tr("{phase}. {verdict}").with("phase", phaseOf(live)).with("verdict", said.detail);
    auto& rows = sheet.list("recording").rows;
    if (a.knee_mm && a.hold_s > 0)
        rows.push_back({"hold_s", words::tr("Held"), words::tr("{time} s").with("time", words::decimals(a.hold_s, 1)),
                        words::exactly(a.hold_s), true, Tone::Proven});
    rows.push_back({"samples", words::tr("Samples kept"), std::to_string(live.trace().size())});
    sheet.notesTitle = words::tr("What it shows");
    words::addNotes(sheet, a.findings, d);
    sheet.byFoot = true;
    sheet.action = a.knee_mm ? words::tr("Home: keep the trace") : words::tr("Stop and keep the trace");
}

void staleSheet(words::Sheet& sheet, double age_s, bool recording) {
    sheet.title = words::tr("No reading for {time} s").with("time", words::decimals(age_s, 0));
    sheet.tone = Tone::Stop;
    sheet.verdict = recording ? words::tr("Stop the ram: the transducer is silent, so nothing watches the force.")
                              : words::tr("The line is open and the transducer silent: check it before the press.");
    if (!recording) sheet.waitsFor = words::tr("Waits for the transducer.");
}

} // namespace

words::Sheet unkeptSheet(const JobSession& session, const QString& file) {
    words::Sheet sheet;
    sheet.title = words::tr("Unsaved recording found");
    sheet.tone = Tone::Check;
    sheet.verdict = words::tr("It was begun and never kept. Nothing of it is lost.");
    auto& rows = sheet.list("file").rows;
    rows.push_back({"file", words::tr("File"), QFileInfo(file).fileName().chopped(5).toStdString()});
    rows.push_back({"written", words::tr("Last written"),
                    QFileInfo(file).lastModified().toString("yyyy-MM-dd hh:mm").toStdString()});
    if (!session.record().traceFile.empty())
        sheet.notes.push_back(words::noteOf("replaces", Tone::Check, words::tr("This job has a trace already"),
                                            words::tr("The one taken over replaces it.")));
    sheet.action = words::tr("Take it over");
    return sheet;
}

words::Sheet liveSheet(const JobSession& session, const LivePress& live) {
    const auto* p = live.predicted();
    if (!p) return words::brokenSheet(session.told(), words::tr("No prediction yet"));
    const auto d = session.display();
    words::Sheet sheet;
    const auto age = live.staleFor_s();
    if (const auto& now = live.last()) {
        auto force = forceNow(*p, *now, d);
        if (age) {
            force.label = words::tr("Last force read");
            force.range = words::tr("{time} s ago").with("time", words::decimals(*age, 1));
            force.tone = Tone::Stop;
            force.stale = true;
        }
        sheet.figures.push_back(force);
        sheet.figures.push_back(toGo(*p, *now, d));
        if (const auto shown = p->press ? force::gaugeReading(*p->press, now->force_N) : std::nullopt)
            sheet.list("recording")
                .rows.push_back({"gauge", words::tr("On your gauge"), d.gauge(*shown, p->press->gaugeUnit).text(),
                                 words::exactly(*shown), true});
    }
    if (live.recording()) {
        recordingSheet(sheet, session, live);
    } else {
        sheet.title = words::tr("Transducer connected");
        sheet.verdict = p->out ? words::tr("Set the tools on it, zero it without load, then record.")
                               : words::tr("Stand the ring square in the mouth of the bore, zero it, then record.");
        sheet.notesTitle = words::tr("Watch for");
        words::addNotes(sheet, p->watch, d);
        sheet.action = words::tr("Record the press");
        sheet.byFoot = true;
    }
    if (age) staleSheet(sheet, *age, live.recording());
    sheet.caution = words::tr("Stand clear of the line of force: up to {energy} J in frame and stack. Eye protection.")
                        .with("energy", words::energyWords(p->energy_J));
    return words::worstFirst(std::move(sheet));
}

} // namespace arbor::ui
