#include "ui/stations/slips.h"

#include "core/plan/job_route.h"
#include "ui/text.h"
#include "words/strip_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::ui {

const Advice* findingOf(const AdviceList& list, Finding id) {
    const auto found = std::find_if(list.begin(), list.end(), [&](const Advice& a) { return a.id == id; });
    return found == list.end() ? nullptr : &*found;
}

void addNotes(SlipModel& slip, const AdviceList& list, const words::Display& d) {
    for (const auto& advice : list)
        slip.notes.push_back(noteOf(advice, d));
}

Figure rangeFigure(const QString& label, const words::Quantity& likely, const std::string& range, const Range& shown) {
    Figure f;
    f.label = label;
    f.number = q(likely.number);
    f.unit = q(likely.unit);
    f.range = q(range);
    f.at = shown.likely;
    f.bandFrom = shown.least;
    f.bandTo = shown.most;
    f.lineFrom = std::min(0.0, shown.least);
    f.lineTo = shown.most * 1.25 + 1e-9;
    return f;
}

Tone toneOf(Severity severity) {
    return severity == Severity::Stop ? Tone::Stop : severity == Severity::Look ? Tone::Caution : Tone::Plan;
}

Note noteOf(const Advice& advice, const words::Display& display) {
    const auto said = words::say(advice, display);
    auto detail = q(said.detail);
    if (!advice.source.empty()) detail += QStringLiteral("  [%1]").arg(q(words::sourceName(advice.source)));
    return {toneOf(advice.severity), q(said.head), detail};
}

SlipModel brokenSlip(const JobSession& session, const QString& title) {
    SlipModel slip;
    slip.title = title.isEmpty() ? tr("A size is wrong") : title;
    slip.titleTone = Tone::Stop;
    slip.subtitle = session.plan().problem() ? q(words::say(*session.plan().problem())) : tr("Finish Fit first.");
    const auto& problems = session.plan().problems;
    for (std::size_t i = 1; i < problems.size(); ++i)
        slip.notes.push_back({Tone::Stop, tr("Also"), q(words::say(problems[i]))});
    slip.notes.push_back({Tone::Plan, tr("Nothing is lost"), tr("Put the size right, or undo with Ctrl+Z.")});
    return slip;
}

SlipModel intakeSlip(const JobSession& session) {
    const auto& intake = session.job().intake;
    SlipModel slip;
    slip.title = tr("Intake");
    slip.subtitle =
        intake.complaint.empty() ? tr("What is it, what is bad, and is everything there?") : q(intake.complaint) + ".";
    slip.notesTitle = tr("What the checks say");
    for (const auto check : job::kChecks) {
        const auto words = words::check(check);
        const auto found = intake.checks.find(check);
        if (found == intake.checks.end())
            slip.notes.push_back({Tone::Plan, q(words.title), q(words.how)});
        else if (found->second == job::Found::Bad)
            slip.notes.push_back({Tone::Caution, q(words.title) + tr(": bad"), q(words.badMeans) + "."});
        else
            slip.notes.push_back({Tone::Proven, q(words.title) + tr(": fine"), {}});
    }
    if (intake.bothSides && intake.sideReason.empty())
        slip.notes.push_back({Tone::Caution, tr("One side or both"), tr("Write down why.")});
    if (const auto& strip = session.plan().strip; !strip.kit.empty())
        slip.rows.push_back({tr("Kit on the bench"),
                             tr("%1 of %2").arg(strip.kit.size() - strip.missing.size()).arg(strip.kit.size()), true,
                             strip.missing.empty() ? Tone::Proven : Tone::Stop});
    slip.action = tr("Go to stripping");
    slip.hint = tr("Ctrl+Enter goes on.");
    return slip;
}

namespace {

QString energyWords(const plan::PressPlan& p) {
    return p.energy_J < 0.1 ? tr("0.1") : q(words::decimals(p.energy_J, 1)); // "up to": rounded up, never to nothing
}

/// What it takes, on the way in or out, and how it ends.
void addForces(SlipModel& slip, const plan::PressPlan& p, const words::Display& d) {
    slip.figures.push_back(rangeFigure(p.out ? tr("Lets go at") : tr("Force just before home"),
                                       d.force(p.force_N.likely), d.forceRange(p.force_N.least, p.force_N.most),
                                       p.force_N));
    if (p.expected.holds)
        slip.figures.push_back(rangeFigure(tr("Hold once, home"), d.force(p.expected.hold_N.likely),
                                           d.forceRange(p.expected.hold_N.least, p.expected.hold_N.most),
                                           p.expected.hold_N));
    if (!p.gauge) return;
    const auto unit = p.press->gaugeUnit;
    slip.figures.push_back(rangeFigure(
        tr("On your gauge"), d.gauge(p.gauge->likely, unit),
        p.gaugeHold ? tr("hold %1").arg(q(d.gauge(*p.gaugeHold, unit).text())).toStdString() : std::string(),
        *p.gauge));
}

void addWrench(SlipModel& slip, const JobSession& session, const plan::PressPlan& p) {
    const auto d = session.display();
    const auto wrench = plan::onTheWrench(session.record().hand, session.library().rack, p.force_N);
    if (!wrench) return;
    const auto& t = wrench->torque_Nm;
    slip.figures.push_back(rangeFigure(
        p.out ? tr("At the wrench, when it lets go") : tr("At the wrench, just before home"), d.torque(t.likely),
        tr("%1…%2, after %3 turns")
            .arg(q(d.torque(t.least).number), q(d.torque(t.most).number),
                 q(words::figures(p.expected.homeTravel_mm * wrench->turnsPer_mm)))
            .toStdString(),
        t));
}

void addStroke(SlipModel& slip, const plan::StepPlan& step, const words::Display& d) {
    const auto* tools = step.setup();
    if (!tools || !tools->choice || !tools->choice->press) return;
    const auto& s = tools->proof.stack;
    auto stroke = rangeFigure(tr("Ram stroke used"), d.size(s.strokeUsed_mm),
                              tr("of %1").arg(q(d.size(s.strokeThere_mm).text())).toStdString(),
                              {0, s.strokeUsed_mm, s.strokeUsed_mm});
    stroke.lineFrom = 0;
    stroke.lineTo = s.strokeThere_mm;
    slip.figures.push_back(stroke);
}

/// Of a seal, or a seat whose sizes nobody has said.
SlipModel unknownForce(const plan::StepPlan& step) {
    SlipModel slip;
    slip.title = step.step.out ? tr("Take it out") : tr("Press it in");
    slip.subtitle = tr("What it takes is not known: its sizes are not, or it is tight by its rubber.");
    slip.notesTitle = tr("Watch for");
    slip.notes.push_back({Tone::Caution, tr("Square from the first millimetre"),
                          tr("as soon as it leans or the force jumps: stop, lift, start again")});
    slip.action = step.step.out ? tr("It is out") : tr("It is in");
    slip.caution = tr("Stand clear of the line of force. Eye protection.");
    return slip;
}

} // namespace

SlipModel pressSlip(const JobSession& session) {
    const auto* step = session.step();
    if (step && !step->press && !session.plan().problem()) return unknownForce(*step);
    if (!step || !step->press) return brokenSlip(session, tr("No prediction yet"));
    const auto d = session.display();
    const auto& p = *step->press;
    SlipModel slip;
    const bool traced = step->trace.has_value();
    slip.title = p.out ? tr("Press it out") : tr("Press");
    slip.subtitle = traced  ? q(words::verdict(*step->trace, d).line())
                    : p.out ? tr("At what it should let go, and when to stop.")
                            : tr("What the gauge should show, and when to stop.");
    addForces(slip, p, d);
    addWrench(slip, session, p);
    addStroke(slip, *step, d);
    slip.notesTitle = traced ? tr("What the trace says") : tr("Watch for");
    addNotes(slip, traced ? step->trace->findings : p.watch, d);
    slip.action = p.out ? tr("It is out") : tr("It is pressed");
    const bool badTools = step->marks.at(job::Station::Tooling) == plan::Mark::Stop;
    slip.actionEnabled = !badTools;
    slip.caution = badTools ? tr("Tooling has a stop: settle it first.")
                   : session.record().hand.means == job::HandMeans::Hammer
                       ? tr("Never strike through the rolling elements, nor steel on a hardened ring. Eye protection.")
                   : p.out ? tr("It lets go with a bang: up to %1 J come free. Guard up, stand clear, eye protection.")
                                 .arg(energyWords(p))
                           : tr("Stand clear of the line of force: up to %1 J in frame and stack. Eye protection.")
                                 .arg(energyWords(p));
    return slip;
}

SlipModel closeSlip(const JobSession& session) {
    const auto& plan = session.plan();
    const auto& job = session.job();
    const auto d = session.display();
    SlipModel slip;
    slip.title = job.record ? tr("Recorded") : tr("Close");
    slip.titleTone = job.record ? Tone::Proven : Tone::Plan;
    slip.subtitle = job.record
                        ? tr("By %1, %2.").arg(q(job.record->who), q(job.record->when).left(16).replace('T', ' '))
                        : tr("Write down what was done, for next time.");
    slip.rowsTitle = tr("Where it stands");
    bool stop = false;
    for (const auto& place : plan::routeOf(plan)) {
        if (place.station == job::Station::Close) continue;
        const auto* step = place.step ? &plan.steps[*place.step] : nullptr;
        const auto mark = plan::markOf(job, plan, place);
        stop = stop || mark == plan::Mark::Stop;
        const auto title = step ? (step->step.out ? tr("Out · ") : tr("In · ")) + q(step->step.label)
                                : q(words::stationTitle(place.station));
        const auto line = step ? words::stepLine(*step, job, plan, d) : words::stationLine(place.station, job, plan, d);
        slip.rows.push_back({title + ": " + q(line), q(words::markWord(mark)), false,
                             mark == plan::Mark::Stop   ? Tone::Stop
                             : mark == plan::Mark::Done ? Tone::Proven
                                                        : Tone::Plain});
    }
    slip.notesTitle = tr("Before it goes back");
    addNotes(slip, plan.closing, d);
    slip.action = job.record ? tr("Write the record again") : tr("Write the record");
    slip.actionEnabled = !q(job.draft.who).trimmed().isEmpty();
    if (!slip.actionEnabled) slip.hint = tr("Say who did the work.");
    slip.caution = stop ? tr("A station has a stop; it is written into the record as it stands.")
                        : tr("Safety-critical assemblies are released by a person authorised for it. This record "
                             "advises and does not certify.");
    return slip;
}

} // namespace arbor::ui
