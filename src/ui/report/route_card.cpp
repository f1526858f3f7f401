#include "ui/report/route_card.h"

#include "ui/measure/measure_slip.h"
#include "ui/report/paper.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/heat_words.h"
#include "words/measure_words.h"
#include "words/step_words.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <QCoreApplication>
#include <bit>

namespace arbor::ui {

namespace {

using words::WorkLine;

constexpr int kIndent = 26;

std::vector<section::Body> bodiesOf(const arrangement::Assembly& a, route::Parts parts) {
    std::vector<section::Body> out;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (parts & route::only(p)) out.insert(out.end(), a.parts[p].bodies.begin(), a.parts[p].bodies.end());
    return out;
}

void intake(Paper& paper, const JobSession& session) {
    const auto& in = session.job().intake;
    paper.heading(tr("Intake"));
    if (!in.complaint.empty()) paper.text(q(in.complaint), 0, true);
    paper.text(q(in.position));
    for (const auto check : job::kChecks) {
        const auto said = words::check(check);
        const auto found = in.checks.find(check);
        paper.tick(found != in.checks.end(),
                   q(said.title) + (found == in.checks.end()           ? QString()
                                    : found->second == job::Found::Bad ? tr(": bad")
                                                                       : tr(": fine")),
                   q(said.how));
    }
    if (in.bothSides) paper.text((*in.bothSides ? tr("Both sides: ") : tr("This side only: ")) + q(in.sideReason));
}

void kit(Paper& paper, const JobSession& session) {
    const auto& strip = session.plan().strip;
    paper.heading(tr("On the bench before it is stripped"));
    for (const auto& line : strip.kit) {
        const auto said = words::kitLine(line, strip.assembly);
        paper.tick(session.job().strip.onTheBench.contains(line.id), q(said.head), q(said.detail));
    }
}

void ringLines(Paper& paper, const JobSession& session, const WorkLine& line, bool together) {
    if (std::popcount(line.moving) != 1) return;
    const auto& strip = session.plan().strip;
    const auto part = static_cast<std::size_t>(std::countr_zero(line.moving));
    const int indent = (line.level + 1) * kIndent;
    const auto* ring = strip.ring(part);
    const auto d = session.display();
    if (ring && ring->breakaway) {
        const auto& force = together ? ring->pressIn_N : ring->breakaway->force_N;
        paper.text((together ? tr("force to press it in %1 %2") : tr("lets go at %1 %2"))
                       .arg(q(d.forceRange(force.least, force.most)), q(d.force(0).unit)),
                   indent);
    }
    if (ring && !together && !ring->ways.empty() && ring->ways.front().applies) {
        paper.text(q(words::say(ring->ways.front(), *ring, strip.assembly, d).line()), indent);
        for (const auto& caution : words::cautions(ring->ways.front().method))
            paper.caution(q(caution), indent);
    }
    const auto way = words::wayRound(strip.assembly.parts[part]);
    if (together && !way.head.empty())
        paper.tick(session.job().strip.wayRoundSeen.contains(strip.assembly.parts[part].id), q(way.head), q(way.detail),
                   indent);
}

/// One direction of the work; a drawing wherever the work is clamped anew.
void order(Paper& paper, const JobSession& session, bool together) {
    const auto& strip = session.plan().strip;
    const auto& keys = together ? session.job().strip.fitted : session.job().strip.out;
    const auto lines =
        together ? words::fitLines(strip.assembly, strip.order) : words::stripLines(strip.assembly, strip.order);
    paper.heading(together ? tr("Put together") : tr("Take apart"));
    bool newSetup = true;
    int setup = 0;
    for (const auto& line : lines) {
        if (line.key.empty()) {
            paper.tick(false, q(line.text), {}, line.level * kIndent);
            newSetup = true;
            continue;
        }
        if (newSetup)
            paper.drawing(bodiesOf(strip.assembly, together ? line.here & ~line.moving : line.here),
                          tr("Setup %1: as it stands").arg(++setup));
        newSetup = false;
        paper.tick(keys.contains(line.key), q(line.text), q(line.why), line.level * kIndent);
        ringLines(paper, session, line, together);
        if (!line.caution.empty()) paper.caution(q(words::capital(line.caution)), (line.level + 1) * kIndent);
    }
}

/// What was found, and a line to write on where nothing was measured yet.
void measured(Paper& paper, const JobSession& session) {
    const auto& fits = session.plan().fits;
    if (!fits) return;
    const auto d = session.display();
    paper.heading(tr("Measure"));
    for (const auto& item : measureItems(*fits)) {
        const auto verdict = verdictOf(item, *fits);
        const bool open = verdict == measure::Verdict::NotMeasured;
        auto found = open ? tr("______________________") : q(words::verdictName(verdict));
        if (item.kind == MeasureItem::Kind::OldBearing) {
            if (fits->causes.empty()) continue;
            found = q(words::causeName(fits->causes.front().cause));
        }
        paper.tick(!open, itemTitle(item, *fits) + ": " + found, {}, 0);
        if (item.kind != MeasureItem::Kind::Surface) continue;
        const auto& seat = fits->seats[item.index];
        const auto& side = item.hole ? seat.hole : seat.shaft;
        if (side.measuredDia_mm)
            paper.text(tr("%1 ± %2, %3")
                           .arg(q(d.reading(*side.measuredDia_mm).text()), q(d.fine(side.uncertainty_mm).text()),
                                q(side.spec)),
                       kIndent);
        for (const auto& reason : side.judgement.reasons)
            if (reason.calls > measure::Verdict::Use) paper.caution(q(words::say(reason.advice, d).line()), kIndent);
    }
}

void fits(Paper& paper, const JobSession& session) {
    const auto& plan = session.plan();
    const auto d = session.display();
    paper.heading(tr("Fit"));
    if (!plan.fits) return paper.text(plan.problem() ? q(words::say(*plan.problem())) : QString(), 0, true);
    for (const auto& seat : plan.fits->seats) {
        if (!seat.fit) continue;
        const auto& f = *seat.fit;
        paper.text(tr("%1, %2 on %3").arg(q(words::seatTitle(seat)), q(seat.hole.spec), q(seat.shaft.spec)), 0, true);
        paper.text(tr("interference %1 %2, force %3 %4")
                       .arg(q(d.fineRange(f.interference_mm.least, f.interference_mm.most)), q(d.fine(0).unit),
                            q(d.forceRange(f.pressForce_N.least, f.pressForce_N.most)), q(d.force(0).unit)));
    }
    for (const auto& advice : plan.fits->advisories())
        paper.caution(q(words::say(advice, d).line()));
}

/// What stands on the press, or what is taken in hand.
void stepSetup(Paper& paper, const JobSession& session, const plan::StepPlan& step) {
    const auto d = session.display();
    if (!step.tools->proven()) return paper.caution(tr("Nothing on the rack does it: no work until that is settled."));
    const auto& way = *step.way();
    paper.tick(false, q(words::capital(words::wayName(way))), q(words::capital(words::wayDetail(way, step.step))));
    if (!way.pressed) return;
    paper.drawing(wayScene(session, step, way, 0.0).bodies, tr("The stack before it moves"));
    const auto& c = *way.pressed->choice;
    if (c.press) paper.tick(false, tr("%1, bed notch %2").arg(q(c.press->name)).arg(c.notch + 1));
    for (const auto& piece : words::pieces(c, step.step.tasks[way.task], d))
        if (!piece.id.empty()) paper.tick(false, q(piece.id + "  " + piece.what));
    paper.holdPoint(tr("Stack looked at: the force stays in the ring"));
}

void stepPress(Paper& paper, const JobSession& session, const plan::StepPlan& step, const plan::Plan& plan) {
    const auto d = session.display();
    if (const auto* heat = plan::heatOf(step.step, plan.heats))
        paper.text(tr("to drop it in: %1").arg(q(words::opensLine(*heat, d))));
    if (!step.press) return;
    for (const auto& line : words::pressLines(*step.press, d))
        paper.text(q(words::capital(line)), kIndent);
    for (const auto& watch : step.press->watch)
        if (watch.severity == Severity::Stop) paper.caution(q(words::say(watch, d).line()));
    if (!step.step.out) {
        paper.caution(tr("Stand clear of the line of force: up to %1 J in frame and stack. Eye protection.")
                          .arg(q(words::decimals(step.press->energy_J, 1))));
        paper.holdPoint(tr("Home and square, proven by readings"));
    }
}

/// One direction's pressed steps, each with its setup, force and what is proven of it.
void pressedSteps(Paper& paper, const JobSession& session, const plan::Plan& plan, bool out) {
    int number = 0;
    for (const auto& step : plan.steps) {
        ++number;
        if (step.step.out != out) continue;
        paper.heading(QStringLiteral("%1.  %2").arg(number).arg(q(words::stepTitle(step.step))));
        stepSetup(paper, session, step);
        stepPress(paper, session, step, plan);
    }
}

} // namespace

Result<void> writeRouteCard(const JobSession& session, const QString& file) {
    const auto& job = session.job();
    const auto footer = q(job.id) + tr("   Advises and does not certify; follow local rules.");
    return writePaper(file, q(job.title), footer, [&](Paper& paper) {
        paper.title(q(job.title), q(job.id) + " · " + q(job.customer));
        intake(paper, session);
        if (session.plan().strip.sound()) {
            kit(paper, session);
            order(paper, session, false);
        }
        const auto& whole = session.wholePlan();
        pressedSteps(paper, session, whole, true);
        measured(paper, session);
        paper.holdPoint(tr("Seats cleaned, measured and found good"));
        fits(paper, session);
        if (session.plan().strip.sound()) order(paper, session, true);
        pressedSteps(paper, session, whole, false);
        paper.heading(tr("Close"));
        paper.holdPoint(tr("Turns freely, caps and pins in, released by a person authorised for it"));
    });
}

} // namespace arbor::ui
