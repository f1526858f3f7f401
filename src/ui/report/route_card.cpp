#include "ui/report/route_card.h"

#include "core/plan/job_route.h"
#include "ui/report/paper_sheet.h"
#include "ui/text.h"
#include "ui/tooling/setup_scene.h"
#include "words/adjust_words.h"
#include "words/sheets/sheets.h"
#include "words/tooling_words.h"

namespace arbor::ui {

namespace {

using words::Tone;

constexpr int kIndent = 26;

std::vector<section::Body> bodiesOf(const arrangement::Assembly& a, route::PartSet parts) {
    std::vector<section::Body> out;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (parts & route::only(p)) out.insert(out.end(), a.parts[p].bodies.begin(), a.parts[p].bodies.end());
    return out;
}

/// Checks to be ticked, and the kit.
void intake(Paper& paper, const words::SheetInput& told) {
    const auto sheet = words::intakeSheet(told);
    paper.heading(q(sheet.title));
    paper.text(q(sheet.verdict), 0, true);
    paper.text(q(told.job.intake.position));
    for (const auto& note : sheet.notes)
        paper.tick(note.tone == Tone::Check || note.tone == Tone::Proven, q(note.head), q(note.detail));
    if (const auto& both = told.job.intake.bothSides)
        paper.text((*both ? tr("Both sides: %1") : tr("This side only: %1")).arg(q(told.job.intake.sideReason)));
    for (const auto& list : sheet.rows) {
        if (list.key != "kit_lines") continue;
        paper.heading(q(list.title));
        for (const auto& row : list.rows)
            paper.tick(row.tone == Tone::Proven, q(row.left));
    }
}

/// What is said at one line of the order of work, under its tick.
void line(Paper& paper, const words::Sheet& sheet, bool together, int indent) {
    setNumbers(paper, sheet, indent);
    for (const auto& note : sheet.notes)
        if (note.key == "way_round")
            paper.tick(note.tone == Tone::Proven, q(note.head), q(note.detail), indent);
        else if (note.key == "by_hand")
            continue; // every second line would say it
        else if (together || note.tone != Tone::Plain)
            paper.text(q(note.line()), indent);
    if (!sheet.caution.empty()) paper.caution(q(sheet.caution), indent);
}

/// One direction of the work; a drawing wherever the work is clamped anew.
void order(Paper& paper, const words::SheetInput& told, bool together) {
    const auto& strip = told.plan.strip;
    const auto lines = words::workLines(strip, together);
    paper.heading(together ? tr("Put together") : tr("Take apart"));
    bool newSetup = true;
    int setup = 0;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto& at = lines[i];
        if (at.key.empty()) {
            paper.tick(false, q(at.text), {}, at.level * kIndent);
            newSetup = true;
            continue;
        }
        if (newSetup)
            paper.drawing(bodiesOf(strip.assembly, together ? at.here & ~at.moving : at.here),
                          tr("Setup %1: as it stands").arg(++setup));
        newSetup = false;
        auto stand = words::standOf(told, lines, i, together);
        stand.ahead = true; // paper has no line in hand: each says what it will need
        paper.tick(stand.done, q(at.text), {}, at.level * kIndent);
        line(paper, words::stripSheet(told, at, stand), together, (at.level + 1) * kIndent);
    }
}

/// What was found, and a line to write on where nothing was measured yet.
void measured(Paper& paper, const words::SheetInput& told) {
    paper.heading(tr("Measure"));
    const auto& fits = *told.plan.fits;
    for (const auto& item : words::measureItems(fits)) {
        const bool open = words::verdictOf(item, fits) == measure::Verdict::NotMeasured;
        if (open && item.kind == words::MeasureItem::Kind::OldBearing) continue;
        const auto sheet = words::measureSheet(told, item, {});
        const bool old = item.kind == words::MeasureItem::Kind::OldBearing;
        const auto found = open ? tr("______________________") : q(old ? sheet.verdict : sheet.title);
        paper.tick(!open, QStringLiteral("%1: %2").arg(q(sheet.heading), found));
        setNumbers(paper, sheet, kIndent);
        setNotes(paper, sheet, kIndent);
    }
    paper.holdPoint(tr("Seats cleaned, measured and found good"));
}

void fits(Paper& paper, const words::SheetInput& told) {
    paper.heading(tr("Fit"));
    for (std::size_t i = 0; i < told.plan.fits->seats.size(); ++i) {
        const auto& seat = told.plan.fits->seats[i];
        const auto sheet = words::fitSheet(told, i);
        paper.text(tr("%1, %2 on %3").arg(q(sheet.heading), q(seat.hole.spec), q(seat.shaft.spec)), 0, true);
        setNumbers(paper, sheet, kIndent);
        for (const auto& note : sheet.notes)
            if (note.tone == Tone::Stop || note.tone == Tone::Check) paper.caution(q(note.line()), kIndent);
    }
}

/// What stands on the press, or what is taken in hand.
void stepSetup(Paper& paper, const JobSession& session, const words::SheetInput& told, const plan::StepPlan& step) {
    const auto sheet = words::toolingSheet(told, step);
    if (!step.tools->proven()) {
        setSheet(paper, sheet);
        return paper.caution(tr("Nothing on the rack does it: no work until that is settled."));
    }
    const auto& way = *step.way();
    paper.tick(false, q(words::capital(words::wayName(way))), q(words::capital(words::wayDetail(way, step.step))));
    if (!way.pressed) return setSheet(paper, sheet);
    paper.drawing(wayScene(session, step, way, 0.0).bodies, tr("The stack before it moves"));
    for (const auto& list : sheet.rows)
        for (const auto& row : list.aside ? std::vector<words::Row>{} : list.rows)
            paper.tick(false, q(row.left), q(row.right));
    setNotes(paper, sheet, kIndent);
    paper.holdPoint(tr("Stack checked: the force stays in the ring"));
}

/// One direction's pressed steps, each with its setup, heat and force, and what is proven of it.
void pressedSteps(Paper& paper, const JobSession& session, const words::SheetInput& told, bool out) {
    const auto heats = words::followHeats(told);
    int number = 0;
    for (const auto& step : told.plan.steps) {
        ++number;
        if (step.step.out != out || plan::isNotNeeded(told.job, step, told.plan)) continue;
        paper.heading(QStringLiteral("%1.  %2").arg(number).arg(q(words::stepTitle(step.step))));
        stepSetup(paper, session, told, step);
        if (!out && step.step.seat && heats[*step.step.seat].plan)
            setSheet(paper, words::warmSheet(told, step, heats[*step.step.seat]));
        setSheet(paper, words::pressSheet(told, step));
        if (out) continue;
        for (const auto check : step.checks)
            paper.tick(false, q(words::seatCheck(check).line()));
        paper.holdPoint(tr("Home and square, proven by readings"));
    }
}

} // namespace

void paintRouteCard(QPagedPaintDevice& device, const JobSession& session) {
    const auto& job = session.job();
    const auto footer = q(job.id) + tr("   Advises and does not certify; follow local rules.");
    fillPaper(device, footer, [&](Paper& paper) {
        paper.title(q(job.title), q(job.id) + " · " + q(job.customer));
        const words::SheetInput told(job, session.wholePlan());
        const bool sound = told.plan.strip.sound();
        intake(paper, told);
        for (const auto& problem : told.plan.problems)
            paper.caution(q(words::say(problem)));
        if (sound) order(paper, told, false);
        pressedSteps(paper, session, told, true);
        if (told.plan.fits) {
            measured(paper, told);
            fits(paper, told);
        }
        if (sound) order(paper, told, true);
        pressedSteps(paper, session, told, false);
        if (told.plan.adjust) {
            paper.heading(tr("Adjust"));
            setSheet(paper, words::adjustSheet(told));
        }
        paper.heading(tr("Close"));
        paper.holdPoint(tr("Turns freely, caps and pins in, released by a person authorised for it"));
    });
}

Result<void> writeRouteCard(const JobSession& session, const QString& file) {
    return writePdf(file, Paper::pageOf(QPageSize(QPageSize::A4)), q(session.job().title),
                    [&](QPagedPaintDevice& device) { paintRouteCard(device, session); });
}

} // namespace arbor::ui
