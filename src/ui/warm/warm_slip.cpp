#include "ui/warm/warm_slip.h"

#include "ui/session/instant.h"
#include "ui/stations/slips.h"
#include "ui/text.h"
#include "ui/warm/warm_state.h"
#include "words/heat_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

Figure sideFigure(const plan::HeatSide& side, double room_C, const words::Display& d) {
    Figure f;
    f.label = q(side.label) + ", " + q(words::soakLine(side, d));
    f.number = q(d.temperature(side.temp_C).number);
    f.unit = q(d.temperature(side.temp_C).unit);
    const bool cold = side.temp_C < room_C;
    const double limit = cold ? side.floor_C() : side.ceiling_C();
    f.tone = (cold ? side.temp_C < limit : side.temp_C > limit) ? Tone::Stop : Tone::Plain;
    f.at = side.temp_C;
    f.bandFrom = std::min(room_C, side.temp_C);
    f.bandTo = std::max(room_C, side.temp_C);
    f.lineFrom = std::min(cold ? limit - 10 : 0.0, side.temp_C - 5);
    f.lineTo = std::max(cold ? 40.0 : limit * 1.15, side.temp_C + 5);
    f.limits = {{limit, tr("limit %1").arg(q(d.temperature(limit).number))}};
    return f;
}

Figure seconds(const QString& label, double left_s, double of_s) {
    Figure f;
    f.label = label;
    const bool many = std::abs(left_s) >= 120;
    f.number = many ? q(words::clockFace(left_s)) : QString::number(std::lround(std::max(0.0, left_s)));
    f.unit = many ? tr("min") : tr("seconds");
    f.tone = left_s <= 0 ? Tone::Stop : Tone::Plain;
    f.at = std::clamp(left_s, 0.0, of_s);
    f.bandFrom = 0;
    f.bandTo = std::clamp(left_s, 0.0, of_s);
    f.lineTo = std::max(of_s, 1.0);
    return f;
}

Figure gapFigure(const plan::HeatPlan& plan, const plan::HeatCourse& c, double t_s, const words::Display& d) {
    const auto at = [&](const plan::HeatRun& run) {
        const auto& states = run.apart.states;
        const auto found = std::find_if(states.begin(), states.end(), [&](const auto& s) { return s.t_s >= t_s; });
        return (found == states.end() ? states.back() : *found).clearance_mm;
    };
    const Range gap{at(c.tight), at(c.likely), at(c.loose)};
    auto f = rangeFigure(tr("Gap now"), d.fine(gap.likely), d.fineRange(gap.least, gap.most),
                         {d.fineValue(gap.least), d.fineValue(gap.likely), d.fineValue(gap.most)});
    f.limits = {{d.fineValue(plan.least_mm), tr("least")}};
    f.tone = gap.least < plan.least_mm ? Tone::Stop : Tone::Plain;
    return f;
}

void addSchedule(SlipModel& slip, const JobSession& session, const plan::HeatPlan& plan) {
    const auto& heat = session.record().heat;
    if (heat.pressAt.empty()) return;
    const auto s = plan::scheduleOf(plan, session.job().heat.walk_s);
    slip.rowsTitle = tr("To press at %1").arg(q(timeOfDay(heat.pressAt)));
    const auto row = [&](const QString& what, double before_s, job::Clock::What clock) {
        const auto when = later(heat.pressAt, -before_s);
        const bool late = !clockOf(heat, clock) && secondsBetween(session.now(), when) < 0;
        slip.rows.push_back(
            {what, q(timeOfDay(when)) + (late ? tr(", overdue") : QString()), true, late ? Tone::Stop : Tone::Plain});
    };
    if (s.outer_s)
        row(tr("%1 into the %2").arg(q(plan.outer.label), q(plan.outer.source->name)), *s.outer_s,
            job::Clock::What::Outer);
    if (s.inner_s)
        row(tr("%1 into the %2").arg(q(plan.inner.label), q(plan.inner.source->name)), *s.inner_s,
            job::Clock::What::Inner);
    row(tr("Carry"), s.carry_s, job::Clock::What::Carry);
}

void describeWays(SlipModel& slip, const JobSession& session, const plan::HeatPlan& plan) {
    const auto d = session.display();
    slip.notesTitle = tr("Because");
    addNotes(slip, plan.findings, d);
    if (const auto& c = session.heatCourse(); c && plan.needed()) {
        if (c->lastStart_s && *c->lastStart_s < c->walk_s)
            addNotes(slip, {{Finding::WindowShort, Severity::Look, *c->lastStart_s, c->walk_s, {}, "HB4.11"}}, d);
        if (const auto within = words::homeWithin(*c))
            slip.notes.push_back({Tone::Caution, q(within->head), q(within->detail)});
        const auto grip = words::gripWords(*c);
        slip.notes.push_back({Tone::Caution, q(grip.head), q(grip.detail)});
        if (c->ready_s)
            slip.notes.push_back({Tone::Plan, tr("Measure and load after %1").arg(q(words::duration(*c->ready_s))),
                                  tr("when both are back at the room’s temperature")});
    }
    for (std::size_t i = 0; i < plan.ways.size(); ++i)
        if (i != plan.chosen && plan.ways[i].within)
            slip.notes.push_back({Tone::Plain, tr("Or: %1").arg(q(words::mixName(plan, plan.ways[i], d))), {}});
}

void planned(SlipModel& slip, const JobSession& session, const plan::HeatPlan& plan, const WarmState& state) {
    const auto d = session.display();
    slip.title = state.phase == WarmPhase::Soaking ? (state.allSoaked ? tr("Ready to carry") : tr("Soaking"))
                                                   : tr("Warm & chill");
    slip.titleTone = worst(plan.findings) == Severity::Stop ? Tone::Stop
                     : state.allSoaked && plan.needed()     ? Tone::Proven
                                                            : Tone::Plan;
    slip.subtitle = q(plan.byUser ? std::string("Temperatures of your own.")
                                  : words::mixName(plan, plan.ways[plan.chosen], d) + ".");
    for (const auto* side : {&plan.outer, &plan.inner})
        if (side->source) slip.figures.push_back(sideFigure(*side, plan.room_C, d));
    if (const auto& c = session.heatCourse(); c && (plan.needed() || plan.byUser)) {
        auto window = seconds(tr("How fast must I be"), c->lastStart_s.value_or(3600), c->lastStart_s.value_or(3600));
        window.range = c->lastStart_s ? tr("walk %1").arg(q(words::duration(c->walk_s))) : tr("stays open");
        window.limits = {{c->walk_s, tr("walk")}};
        slip.figures.push_back(window);
    }
    if (const auto& trouble = session.heatTrouble()) {
        slip.title = tr("How long it stays open cannot be worked out");
        slip.titleTone = Tone::Stop;
        slip.notes.push_back({Tone::Stop, tr("Do not rely on a time"), q(words::say(*trouble))});
    }
    addSchedule(slip, session, plan);
    describeWays(slip, session, plan);
    const auto& heat = session.record().heat;
    const auto next = !clockOf(heat, job::Clock::What::Outer) && plan.outer.soak   ? &plan.outer
                      : !clockOf(heat, job::Clock::What::Inner) && plan.inner.soak ? &plan.inner
                                                                                   : nullptr;
    const bool stop = worst(plan.findings) == Severity::Stop || session.heatTrouble();
    slip.action = !plan.needed() && !plan.byUser ? tr("Go on without")
                  : next                         ? tr("Start the clock: %1").arg(q(next->source->name))
                                                 : tr("Out of the heat: carry it now");
    slip.actionEnabled = !stop;
    slip.hint = tr("C: press it cold. X: clear the clocks.");
}

void carried(SlipModel& slip, const JobSession& session, const plan::HeatPlan& plan, const WarmState& state) {
    const auto& c = session.heatCourse();
    const double open = c ? c->lastStart_s.value_or(3600) : 0, left = open - *state.since_s;
    slip.title = left > 0 ? tr("Carry it now") : tr("Too late to start");
    slip.titleTone = left > 0 ? Tone::Plan : Tone::Stop;
    slip.subtitle =
        left > 0 ? tr("Walk, drop it in, hold it down.") : tr("The gap is too small: warm it again, or press it.");
    slip.figures.push_back(seconds(tr("Time left to start"), left, open));
    if (c) slip.figures.push_back(gapFigure(plan, *c, *state.since_s, session.display()));
    if (!session.record().heat.readings.empty()) {
        const auto t = session.display().temperature(session.record().heat.readings.back().temp_C);
        slip.rows.push_back({tr("By thermometer"), q(t.text()), true});
    }
    if (c) {
        const auto grip = words::gripWords(*c);
        slip.notesTitle = tr("Then");
        if (const auto within = words::homeWithin(*c))
            slip.notes.push_back({Tone::Caution, q(within->head), q(within->detail)});
        slip.notes.push_back({Tone::Caution, q(grip.head), q(grip.detail)});
    }
    slip.notes.push_back({Tone::Stop, tr("If it grips early"), tr("stop. Press it out, warm it again.")});
    slip.action = tr("It is in");
    slip.hint = tr("Space, as soon as it sits on its shoulder.");
}

void together(SlipModel& slip, const JobSession& session, const WarmState& state) {
    slip.title = state.left_s > 0 ? tr("Hold it on the shoulder") : tr("It has gripped");
    slip.titleTone = state.left_s > 0 ? Tone::Caution : Tone::Proven;
    slip.subtitle = state.left_s > 0 ? tr("Light load: until the gap has closed it can creep back.")
                                     : tr("Let go, and let it cool before it is measured.");
    const auto* hold = clockOf(session.record().heat, job::Clock::What::Together);
    auto left = seconds(tr("Hold it for"), state.left_s, hold->lasts_s);
    left.tone = Tone::Plain;
    slip.figures.push_back(left);
    if (const auto* cool = clockOf(session.record().heat, job::Clock::What::Cool)) {
        const double rest = leftOn(*cool, session.now());
        slip.rows.push_back({tr("Measure and load"), rest > 0 ? tr("in %1").arg(q(words::duration(rest))) : tr("now"),
                             true, rest > 0 ? Tone::Caution : Tone::Proven});
    }
    slip.action = state.left_s > 0 ? tr("Holding…") : tr("It holds");
    slip.actionEnabled = state.left_s <= 0;
    slip.hint = tr("X: clear the clocks.");
}

} // namespace

SlipModel warmSlip(const JobSession& session) {
    const auto* plan = session.heat();
    SlipModel slip;
    if (session.step() && session.step()->step.out) {
        slip.title = tr("Comes out as it is");
        slip.subtitle = tr("What is warmed to get it off, Strip says with the ways to do it.");
        slip.action = tr("Go on to the press");
        return slip;
    }
    if (!plan) return brokenSlip(session, tr("Not worked out yet"));
    if (session.record().heat.pressCold) {
        slip.title = tr("Pressed cold");
        slip.subtitle = tr("No warming, no chilling: straight to the press.");
        slip.action = tr("Go on to the press");
        slip.hint = tr("C: warm or chill it after all.");
        return slip;
    }
    const auto state = warmState(session);
    if (state.phase == WarmPhase::Carried)
        carried(slip, session, *plan, state);
    else if (state.phase == WarmPhase::Together)
        together(slip, session, state);
    else
        planned(slip, session, *plan, state);
    if (state.phase != WarmPhase::Idle && !session.timesAreSure())
        slip.notes.push_back(
            {Tone::Caution, tr("Running times are not sure"),
             tr("the machine was started anew since: they go by its wall clock. Measure, do not count.")});
    QStringList cautions;
    for (const auto& one : words::heatCautions(*plan))
        cautions << q(one);
    slip.caution = cautions.join(" ");
    return slip;
}

} // namespace arbor::ui
