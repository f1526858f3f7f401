#include "core/foreman/foreman.h"
#include "words/sheets/sheet_parts.h"

#include <algorithm>

namespace arbor::words {

namespace {

/// What it takes, on the way in or out, and how it ends.
void addForces(Sheet& sheet, const plan::PressPlan& p, const Display& d) {
    sheet.figures.push_back(figureOf(p.out ? "removal_force_N" : "press_force_N",
                                     p.out ? tr("Breakaway force") : tr("Press force, just before home"),
                                     d.force(p.force_N.likely), d.forceRange(p.force_N.least, p.force_N.most),
                                     p.force_N));
    if (p.expected.holds)
        sheet.figures.push_back(
            figureOf("hold_force_N", tr("Final seating load, one dwell"), d.force(p.expected.hold_N.likely),
                     d.forceRange(p.expected.hold_N.least, p.expected.hold_N.most), p.expected.hold_N));
    if (!p.gauge) return;
    const auto unit = p.press->gaugeUnit;
    sheet.figures.push_back(figureOf(
        "gauge", tr("On your gauge"), d.gauge(p.gauge->likely, unit),
        p.gaugeHold ? tr("seat at {gauge}").with("gauge", d.gauge(*p.gaugeHold, unit).text()).text() : std::string(),
        *p.gauge));
    auto& rows = sheet.list("gauge", tr("Gauge"), true).rows;
    rows.push_back({"gauge_press", tr("Press", "machine"), p.press->id});
    rows.push_back({"gauge_unit", tr("Unit of its gauge"), d.gauge(0, unit).unit});
    if (p.gaugeHold)
        rows.push_back(
            {"gauge_hold", tr("Seating load on it"), d.gauge(*p.gaugeHold, unit).text(), exactly(*p.gaugeHold)});
}

void addWrench(Sheet& sheet, const plan::PressPlan& p, const plan::WrenchScale& wrench, const Display& d) {
    const auto& t = wrench.torque_Nm;
    sheet.figures.push_back(figureOf("wrench_Nm",
                                     p.out ? tr("On the wrench, at breakaway") : tr("On the wrench, just before home"),
                                     d.torque(t.likely),
                                     tr("{least}…{most}, after {turns} turns")
                                         .with("least", d.torque(t.least).number)
                                         .with("most", d.torque(t.most).number)
                                         .with("turns", figures(p.expected.homeTravel_mm * wrench.turnsPer_mm)),
                                     t));
}

void addStroke(Sheet& sheet, const plan::StepPlan& step, const Display& d) {
    const auto* tools = step.setup();
    if (!tools || !tools->choice || !tools->choice->press) return;
    if (const auto& again = tools->proof.restack) {
        auto& rows = sheet.list("two_strokes", tr("Two strokes")).rows;
        rows.push_back({"first_mm", tr("Stop after"), d.size(again->first_mm).text(), exactly(again->first_mm)});
        rows.push_back({"spacer", tr("then put in {spacer}, and on for").with("spacer", again->added->id),
                        d.size(again->second_mm).text(), exactly(again->second_mm)});
        return;
    }
    const auto& s = tools->proof.stack;
    auto stroke = figureOf("stroke_used_mm", tr("Ram stroke used"), d.size(s.strokeUsed_mm),
                           tr("of {stroke}").with("stroke", d.size(s.strokeThere_mm).text()),
                           {0, s.strokeUsed_mm, s.strokeUsed_mm});
    stroke.lineTo = s.strokeThere_mm;
    sheet.figures.push_back(stroke);
}

void addTravel(Sheet& sheet, const plan::PressPlan& p, const Display& d) {
    auto& rows = sheet.list("travel", {}, true).rows;
    rows.push_back({"travel_mm", p.out ? tr("Travel until it is free") : tr("Travel to home"),
                    d.size(p.expected.homeTravel_mm).text(), exactly(p.expected.homeTravel_mm)});
    rows.push_back({"stored_energy_J", tr("Energy in frame and stack, at most"),
                    tr("{energy} J").with("energy", energyWords(p.energy_J)), exactly(p.energy_J)});
    if (!p.out) rows.push_back({"end", tr("How it ends"), endOfPress(p.expected, d)});
    Series band{"band", {"travel_mm", "least_N", "likely_N", "most_N"}};
    for (std::size_t i = 0; i < p.expected.points.size(); i += 10) {
        const auto& point = p.expected.points[i];
        band.rows.push_back({point.travel_mm, point.force_N.least, point.force_N.likely, point.force_N.most});
    }
    sheet.series.push_back(std::move(band));
}

/// What the trace came to, in numbers.
void addTrace(Sheet& sheet, const trace::Analysis& a, const Display& d) {
    auto& rows = sheet.list("trace", tr("Trace"), true).rows;
    rows.push_back({"verdict/" + std::string(job::name(a.verdict)), tr("Verdict"), verdict(a, d).line()});
    rows.push_back({"end_travel_mm", tr("Travel at its end"), d.size(a.endTravel_mm).text(), exactly(a.endTravel_mm)});
    rows.push_back({"peak_force_N", tr("Peak force"), d.force(a.peak_N).text(), exactly(a.peak_N)});
    rows.push_back(
        {"share_in_band_percent", tr("Inside the band"), percent(a.shareInBand), exactly(100 * a.shareInBand)});
    if (a.friction) rows.push_back({"friction", tr("Friction found"), decimals(*a.friction, 3), exactly(*a.friction)});
    if (a.knee_mm) rows.push_back({"knee_mm", tr("Solid stop at"), d.size(*a.knee_mm).text(), exactly(*a.knee_mm)});
    if (a.hold_s > 0)
        rows.push_back({"hold_s", tr("Held"), tr("{time} s").with("time", decimals(a.hold_s, 1)), exactly(a.hold_s)});
    Series phases{"phases", {"from_mm", "to_mm"}};
    for (const auto& phase : a.phases) {
        rows.push_back({"phase", tr("Phase: {phase}").with("phase", phaseName(phase.kind)),
                        between(d.size(phase.from_mm), d.size(phase.to_mm)),
                        Range{phase.from_mm, phase.from_mm, phase.to_mm}});
        phases.rows.push_back({phase.from_mm, phase.to_mm});
    }
    sheet.series.push_back(std::move(phases));
}

/// Where somebody marked the press while it moved.
void addMarks(Sheet& sheet, const std::vector<job::PressMark>& marks, const Display& d) {
    for (const auto& mark : marks)
        sheet.list("marks", tr("Marked while it moved"))
            .rows.push_back(
                {"mark_N", d.size(mark.travel_mm).text(), d.force(mark.force_N).text(), exactly(mark.force_N)});
}

/// Of a seal, or a seat whose sizes nobody has said.
void unknownForce(Sheet& sheet, bool out) {
    sheet.title = out ? tr("Take it out") : tr("Press it in");
    sheet.verdict = tr("The force is not known: sizes are missing, or it is held by its rubber.");
    sheet.notesTitle = tr("Watch for");
    sheet.notes.push_back(noteOf("square", Tone::Check, tr("Square from the first millimetre"),
                                 tr("as soon as it cocks or the force jumps: stop, lift, start again")));
    sheet.action = out ? tr("It is out") : tr("It is in");
    sheet.caution = tr("Stand clear of the line of force. Eye protection.");
}

std::string cautionOf(const SheetInput& told, const plan::StepPlan& step, bool badTools) {
    const auto& p = *step.press;
    if (badTools) return tr("Set up has a stop: settle it first.");
    if (job::stepOf(told.job, step.step.id).hand.means == job::ManualMeans::Hammer)
        return tr("Never strike through the rolling elements, nor steel on a hardened ring. Eye protection.");
    return (p.out ? tr("It lets go suddenly and releases up to {energy} J. Guard up, stand clear, eye protection.")
                  : tr("Stand clear of the line of force: up to {energy} J in frame and stack. Eye protection."))
        .with("energy", energyWords(p.energy_J));
}

} // namespace

Sheet pressSheet(const SheetInput& told, const plan::StepPlan& step, const std::optional<plan::WrenchScale>& wrench) {
    auto sheet = sheetOf(job::Station::Press, step);
    if (!step.press) {
        unknownForce(sheet, step.step.out);
        addNotes(sheet, step.blocked, told.d);
        return worstFirst(std::move(sheet));
    }
    const auto& d = told.d;
    const auto& p = *step.press;
    const bool traced = step.trace.has_value();
    sheet.title = p.out ? tr("Press it out") : tr("Press");
    sheet.verdict = traced                  ? verdict(*step.trace, d).line()
                    : !(p.force_N.most > 0) ? tr("By hand: the seat is loose.").text()
                    : p.out                 ? tr("When it should break away, and when to stop.").text()
                                            : tr("What the gauge should show, and when to stop.").text();
    addForces(sheet, p, d);
    if (wrench) addWrench(sheet, p, *wrench, d);
    addStroke(sheet, step, d);
    addTravel(sheet, p, d);
    if (traced) addTrace(sheet, *step.trace, d);
    sheet.notesTitle = traced ? tr("What the trace says") : tr("Watch for");
    addNotes(sheet, traced ? step.trace->findings : p.watch, d);
    if (!traced) addNotes(sheet, foreman::atPress(step), d);
    sheet.action = p.out ? tr("It is out") : tr("It is pressed");
    sheet.byFoot = traced && step.trace->verdict == (p.out ? trace::Verdict::Released : trace::Verdict::Home);
    addMarks(sheet, job::stepOf(told.job, step.step.id).marks, d);
    addNotes(sheet, step.blocked, d);
    if (!step.blocked.empty()) sheet.waitsFor = say(step.blocked.front(), d).head + ".";
    const bool badTools = step.marks.at(job::Station::Tooling) == plan::Mark::Stop;
    if (badTools) sheet.waitsFor = tr("Set up has a stop: settle it first.");
    sheet.caution = cautionOf(told, step, badTools);
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
