#include "ui/press/live_slip.h"

#include "core/force/gauge.h"
#include "ui/press/live_press.h"
#include "ui/session/job_session.h"
#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QDateTime>
#include <QFileInfo>
#include <algorithm>

namespace arbor::ui {

namespace {

using trace::Verdict;

/// The phase it is in, by where the ring stands.
QString phaseOf(const LivePress& live) {
    const auto& phases = live.analysis().phases;
    return phases.empty() ? tr("approach") : q(words::phaseName(phases.back().kind));
}

Figure forceNow(const plan::PressPlan& p, const trace::Sample& now, const words::Display& d) {
    const auto band = trace::forceAt(p.expected, now.travel_mm);
    auto f = rangeFigure(tr("Force now"), d.force(now.force_N), d.forceRange(band.least, band.most),
                         {d.forceValue(band.least), d.forceValue(now.force_N), d.forceValue(band.most)});
    const double most = p.out ? p.force_N.most : p.expected.hold_N.most;
    f.lineTo = d.forceValue(std::max(most, now.force_N)) * 1.1;
    if (p.expected.holds) f.limits = {{d.forceValue(p.expected.hold_N.likely), tr("hold")}};
    f.tone = now.force_N > most ? Tone::Stop : Tone::Plain;
    return f;
}

Figure toGo(const plan::PressPlan& p, const trace::Sample& now, const words::Display& d) {
    const double home = p.expected.homeTravel_mm, left = home - now.travel_mm;
    Figure f;
    f.label = tr("Travel to go");
    f.number = q(d.size(std::max(0.0, left)).number);
    f.unit = q(d.size(0).unit);
    f.range = tr("of %1").arg(q(d.size(home).number));
    f.at = std::clamp(now.travel_mm, 0.0, home);
    f.bandTo = std::clamp(now.travel_mm, 0.0, home);
    f.lineTo = home;
    return f;
}

void recordingSlip(SlipModel& slip, const JobSession& session, const LivePress& live) {
    const auto d = session.display();
    const auto& a = live.analysis();
    const auto said = words::verdict(a, d);
    const bool early = a.verdict == Verdict::NotEnough;
    slip.title = early ? tr("Recording") : q(said.head);
    slip.titleTone = a.stop() ? Tone::Stop : a.verdict == Verdict::Home ? Tone::Proven : Tone::Plan;
    slip.subtitle =
        early ? tr("Work the press: %1.").arg(phaseOf(live)) : tr("%1. %2").arg(phaseOf(live), q(said.detail));
    if (a.knee_mm && a.hold_s > 0)
        slip.rows.push_back({tr("Held"), tr("%1 s").arg(a.hold_s, 0, 'f', 1), true, Tone::Proven});
    slip.rows.push_back({tr("Samples kept"), QString::number(live.trace().size())});
    slip.notesTitle = tr("What it shows");
    addNotes(slip, a.findings, d);
    slip.action = tr("Stop and keep the trace");
    slip.hint = tr("Space. Z: zero here. S: sound.");
}

} // namespace

SlipModel unkeptSlip(const JobSession& session, const QString& file) {
    SlipModel slip;
    slip.title = tr("A recording was left lying");
    slip.titleTone = Tone::Caution;
    slip.subtitle = tr("It was begun and never kept. Nothing of it is lost.");
    slip.rows.push_back({tr("File"), QFileInfo(file).fileName().chopped(5)});
    slip.rows.push_back({tr("Last written"), QFileInfo(file).lastModified().toString("yyyy-MM-dd hh:mm")});
    if (!session.record().traceFile.empty())
        slip.notes.push_back(
            {Tone::Caution, tr("This job has a trace already"), tr("The one taken over replaces it.")});
    slip.action = tr("Take it over");
    slip.hint = tr("Delete: set it aside, the file stays.");
    return slip;
}

SlipModel liveSlip(const JobSession& session, const LivePress& live) {
    const auto* p = live.predicted();
    if (!p) return brokenSlip(session, tr("No prediction yet"));
    const auto d = session.display();
    SlipModel slip;
    if (const auto& now = live.last()) {
        auto force = forceNow(*p, *now, d);
        if (const auto age = live.staleFor_s()) {
            force.label = tr("Last force read");
            force.range = tr("%1 s ago").arg(*age, 0, 'f', 1);
            force.tone = Tone::Stop;
            force.stale = true;
        }
        slip.figures.push_back(force);
        slip.figures.push_back(toGo(*p, *now, d));
        if (const auto shown = p->press ? force::gaugeReading(*p->press, now->force_N) : std::nullopt) {
            const auto gauge = d.gauge(*shown, p->press->gaugeUnit);
            slip.rows.push_back({tr("On your gauge"), q(gauge.text()), true});
        }
    }
    if (live.recording()) {
        recordingSlip(slip, session, live);
    } else {
        slip.title = tr("Transducer connected");
        slip.subtitle = p->out ? tr("Set the tools on it, zero it without load, then record.")
                               : tr("Stand the ring square in the mouth of the bore, zero it, then record.");
        slip.notesTitle = tr("Watch for");
        addNotes(slip, p->watch, d);
        slip.action = tr("Record the press");
        slip.hint = tr("Space. Z: zero here.");
    }
    if (const auto age = live.staleFor_s()) {
        slip.title = tr("No reading for %1 s").arg(*age, 0, 'f', 0);
        slip.titleTone = Tone::Stop;
        slip.subtitle = live.recording() ? tr("Stop the ram: the transducer is silent, so nothing watches the force.")
                                         : tr("The line is open and the transducer silent: check it before the press.");
        slip.actionEnabled = live.recording();
    }
    slip.caution = tr("Stand clear of the line of force: up to %1 J in frame and stack. Eye protection.")
                       .arg(q(words::decimals(p->energy_J, 1)));
    return slip;
}

} // namespace arbor::ui
