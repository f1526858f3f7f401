#include "ui/report/route_card.h"

#include "ui/measure/measure_slip.h"
#include "ui/report/paper.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/heat_words.h"
#include "words/measure_words.h"
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
    const auto& strip = *session.plan().strip;
    paper.heading(tr("On the bench before it is stripped"));
    for (const auto& line : strip.kit) {
        const auto said = words::kitLine(line, strip.assembly);
        paper.tick(session.job().strip.onTheBench.contains(line.id), q(said.head), q(said.detail));
    }
}

void ringLines(Paper& paper, const JobSession& session, const WorkLine& line, bool together) {
    if (std::popcount(line.moving) != 1) return;
    const auto& strip = *session.plan().strip;
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
    const auto& strip = *session.plan().strip;
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

void fitAndTools(Paper& paper, const JobSession& session) {
    const auto& plan = session.plan();
    const auto& job = session.job();
    const auto d = session.display();
    paper.heading(tr("Fit, tools and press"));
    if (!plan.fit()) return paper.text(plan.problem ? q(words::say(*plan.problem)) : QString(), 0, true);
    const auto& f = *plan.fit();
    paper.text(tr("%1 in %2")
                   .arg(q(job.bearing.designation),
                        q(job.housing.measured ? job.housing.measured->typed : job.housing.seat.typed)),
               0, true);
    paper.text(tr("interference %1 %2, force %3 %4")
                   .arg(q(d.fineRange(f.interference_mm.least, f.interference_mm.most)), q(d.fine(0).unit),
                        q(d.forceRange(f.pressForce_N.least, f.pressForce_N.most)), q(d.force(0).unit)));
    if (const auto& heat = plan.heats[plan.fits->focus])
        paper.text(tr("to drop it in: %1").arg(q(words::opensLine(*heat, d))));
    for (const auto& advice : plan.fits->advisories())
        paper.caution(q(words::say(advice, d).line()));
    if (plan.tools && plan.tools->choice) {
        const auto scene = setupScene(session, 0.0);
        paper.drawing(scene.bodies, tr("The stack on the press"));
        const auto& c = *plan.tools->choice;
        paper.tick(false, tr("%1, bed notch %2").arg(q(c.press->name)).arg(c.notch + 1));
        for (const auto& piece : words::pieces(c, *plan.task, d))
            if (!piece.id.empty()) paper.tick(false, q(piece.id + "  " + piece.what));
    } else {
        paper.caution(tr("Nothing on the rack fits: no press work until that is settled."));
    }
    paper.holdPoint(tr("Stack looked at: the force stays in the ring"));
    if (!plan.pressing) return;
    const auto& e = plan.pressing->expected;
    paper.tick(false,
               tr("Press: home after %1, %2").arg(q(d.size(e.homeTravel_mm).text()), q(words::endOfPress(e, d))));
    for (const auto& watch : plan.pressing->watch)
        if (watch.severity == Severity::Stop) paper.caution(q(words::say(watch, d).line()));
    if (plan.pressing->gaugeHold)
        paper.text(tr("gauge %1, hold %2")
                       .arg(q(d.gauge(plan.pressing->gauge->likely, plan.press->gaugeUnit).text()),
                            q(d.gauge(*plan.pressing->gaugeHold, plan.press->gaugeUnit).text())),
                   kIndent);
    paper.caution(tr("Stand clear of the line of force: up to %1 J in frame and stack. Eye protection.")
                      .arg(q(words::decimals(plan.pressing->energy_J, 1))));
    paper.holdPoint(tr("Home and square, proven by readings"));
}

/// What lies ready for every seat that is parted or made.
void toolsOfEveryStep(Paper& paper, const JobSession& session) {
    if (session.steps().size() < 2) return;
    paper.heading(tr("Tools, step by step"));
    for (const auto& step : session.steps()) {
        const auto tools = plan::toolsFor(step, session.job(), session.plan(), session.library());
        if (!tools.proven()) {
            paper.caution(tr("%1: nothing on the rack does it").arg(q(words::stepTitle(step))));
            continue;
        }
        const auto& best = tools.ways.front();
        paper.tick(false, q(words::stepTitle(step)) + ": " + q(words::wayName(best)),
                   q(words::capital(words::wayDetail(best, step))));
    }
}

} // namespace

Result<void> writeRouteCard(const JobSession& session, const QString& file) {
    const auto& job = session.job();
    const auto footer = q(job.id) + tr("   Advises and does not certify; follow local rules.");
    return writePaper(file, q(job.title), footer, [&](Paper& paper) {
        paper.title(q(job.title), q(job.id) + " · " + q(job.customer));
        intake(paper, session);
        if (session.plan().strip && session.plan().strip->sound()) {
            kit(paper, session);
            order(paper, session, false);
        }
        measured(paper, session);
        paper.holdPoint(tr("Seats cleaned, measured and found good"));
        fitAndTools(paper, session);
        toolsOfEveryStep(paper, session);
        if (session.plan().strip && session.plan().strip->sound()) order(paper, session, true);
        paper.heading(tr("Close"));
        paper.holdPoint(tr("Turns freely, caps and pins in, released by a person authorised for it"));
    });
}

} // namespace arbor::ui
