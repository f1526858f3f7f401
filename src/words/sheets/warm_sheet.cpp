#include "core/base/units.h"
#include "core/foreman/foreman.h"
#include "words/heat_words.h"
#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <cmath>

namespace arbor::words {

namespace {

constexpr double kStaysOpen_s = 3600; // drawn as an hour where it never closes

Figure sideFigure(const char* key, const plan::HeatSide& side, double room_C, const Display& d) {
    const bool cold = side.temp_C < room_C;
    const double limit = cold ? side.floor_C() : side.ceiling_C();
    auto f = figureOf(
        key, tr("{part}, {source}").with("part", shippedName(side.label)).with("source", soakLine(side, d)),
        d.temperature(side.temp_C), {}, {std::min(room_C, side.temp_C), side.temp_C, std::max(room_C, side.temp_C)});
    f.tone = (cold ? side.temp_C < limit : side.temp_C > limit) ? Tone::Stop : Tone::Plain;
    f.lineFrom = std::min(cold ? limit - 10 : 0.0, side.temp_C - 5);
    f.lineTo = std::max(cold ? 40.0 : limit * 1.15, side.temp_C + 5);
    f.limits = {{limit, tr("limit {temp}").with("temp", d.temperature(limit).number)}};
    return f;
}

Figure seconds(std::string key, std::string label, double left_s, double of_s) {
    const bool many = std::abs(left_s) >= 120;
    const double shown = std::clamp(left_s, 0.0, of_s);
    auto f = figureOf(std::move(key), std::move(label),
                      {many ? clockFace(left_s) : decimals(std::round(std::max(0.0, left_s)), 0),
                       many ? (std::abs(left_s) >= 3600 ? tr("hours") : tr("min")) : tr("seconds")},
                      {}, {0, shown, shown});
    f.tone = left_s <= 0 ? Tone::Stop : Tone::Plain;
    f.lineTo = std::max(of_s, 1.0);
    return f;
}

double gapAt(const plan::HeatRun& run, double t_s) {
    const auto& states = run.apart.states;
    const auto found = std::find_if(states.begin(), states.end(), [&](const auto& s) { return s.t_s >= t_s; });
    return (found == states.end() ? states.back() : *found).clearance_mm;
}

Figure gapFigure(const plan::HeatPlan& plan, const plan::HeatCourse& c, double t_s, std::string label,
                 const Display& d) {
    const Range gap{gapAt(c.tight, t_s), gapAt(c.likely, t_s), gapAt(c.loose, t_s)};
    auto f =
        figureOf("gap_um", std::move(label), d.fine(gap.likely), d.fineRange(gap.least, gap.most), scaled(gap, kUm));
    f.limits = {{plan.least_mm / kUm, tr("least")}};
    f.tone = gap.least < plan.least_mm ? Tone::Stop : Tone::Plain;
    return f;
}

void addSchedule(Sheet& sheet, const SheetInput& told, const plan::HeatPlan& plan, const HeatTold& heat) {
    if (!heat.timeBefore) return;
    const auto s = plan::scheduleOf(plan, told.job.heat.walk_s);
    auto& rows = sheet.list("schedule", tr("To press at {time}").with("time", heat.timeBefore(0))).rows;
    const auto row = [&](const char* key, const Text& what, double before_s, bool done) {
        const bool late = !done && heat.state.untilPress_s < before_s;
        const auto when = heat.timeBefore(before_s);
        rows.push_back({key, what, late ? tr("{time}, overdue").with("time", when).text() : when, exactly(before_s),
                        true, late ? Tone::Stop : Tone::Plain});
    };
    const auto into = [&](const plan::HeatSide& side) {
        return tr("{part} into the {source}")
            .with("part", shippedName(side.label))
            .with("source", side.source ? shippedName(side.source->name) : std::string());
    };
    if (s.outer_s) row("outer_before_s", into(plan.outer), *s.outer_s, heat.state.outerIn);
    if (s.inner_s) row("inner_before_s", into(plan.inner), *s.inner_s, heat.state.innerIn);
    row("transfer_before_s", tr("Transfer"), s.carry_s, heat.state.phase >= WarmPhase::Carried);
}

void addGrip(Sheet& sheet, const plan::HeatCourse& c) {
    if (const auto within = homeWithin(c))
        sheet.notes.push_back(noteOf("home_within", Tone::Check, within->head, within->detail));
    const auto grip = gripWords(c);
    sheet.notes.push_back(noteOf("grip", Tone::Check, grip.head, grip.detail));
}

void addReasons(Sheet& sheet, const SheetInput& told, const plan::HeatPlan& plan, const HeatTold& heat) {
    sheet.notesTitle = tr("Because");
    addNotes(sheet, plan.findings, told.d);
    if (const auto& c = heat.course; c && (plan.needed() || plan.byUser)) {
        if (const auto late = plan::windowShort(*c)) addNotes(sheet, {*late}, told.d);
        addGrip(sheet, *c);
        if (c->ready_s)
            sheet.notes.push_back(noteOf("ready", Tone::Plan,
                                         tr("Measure and load after {time}").with("time", duration(*c->ready_s)),
                                         tr("when both are back at ambient temperature")));
    }
    for (std::size_t i = 0; i < plan.ways.size(); ++i)
        if (i != plan.chosen && plan.ways[i].within)
            sheet.notes.push_back(
                noteOf("other_way", Tone::Plan, tr("Or: {what}").with("what", mixName(plan, plan.ways[i], told.d))));
}

std::string mixKey(plan::HeatMix mix) {
    switch (mix) {
    case plan::HeatMix::Nothing:
        return "nothing";
    case plan::HeatMix::OuterOnly:
        return "outer";
    case plan::HeatMix::InnerOnly:
        return "inner";
    case plan::HeatMix::Both:
        return "both";
    }
    return {};
}

void addLimits(Sheet& sheet, const char* key, const plan::HeatSide& side, const Display& d) {
    auto& rows = sheet.list(key, shippedName(side.label), true).rows;
    for (const auto& limit : side.ceilings)
        rows.push_back(
            {"ceiling_degC",
             (limit.lowered ? tr("up to, lowered: {what}") : tr("up to: {what}")).with("what", protectedThing(limit)),
             d.temperature(limit.temp_C).text(), exactly(limit.temp_C)});
    for (const auto& limit : side.floors)
        rows.push_back({"floor_degC", tr("down to: {what}").with("what", protectedThing(limit)),
                        d.temperature(limit.temp_C).text(), exactly(limit.temp_C)});
    if (side.soak) {
        rows.push_back({"soak_setting_degC", tr("Setting"), d.temperature(side.soak->setting_C).text(),
                        exactly(side.soak->setting_C)});
        rows.push_back(
            {"soak_surface_s", tr("Surface there after"), duration(side.soak->skin_s), exactly(side.soak->skin_s)});
        rows.push_back({"soak_time_s", tr("Soak"), duration(side.soak->time_s()), exactly(side.soak->time_s())});
    }
}

/// All that was worked out beside what the slip has room for.
void addAside(Sheet& sheet, const plan::HeatPlan& plan, const std::optional<plan::HeatCourse>& course,
              const Display& d) {
    auto& ways = sheet.list("mixes", tr("Temperatures, best first"), true).rows;
    for (const auto& way : plan.ways)
        ways.push_back({mixKey(way.mix),
                        mixName(plan, way, d),
                        way.within ? tr("within limits") : tr("beyond a limit"),
                        {},
                        &way == &plan.ways[plan.chosen],
                        way.within ? Tone::Plain : Tone::Stop});
    addLimits(sheet, "outer_limits", plan.outer, d);
    addLimits(sheet, "inner_limits", plan.inner, d);
    auto& rows = sheet.list("fitting", tr("Fitting"), true).rows;
    rows.push_back({"margin_um", tr("Clearance wanted"), d.fine(plan.margin_mm).text(), exactly(plan.margin_mm / kUm)});
    rows.push_back({"clearance_for_fitting_um", tr("Clearance for fitting, at least"),
                    d.fine(plan.clearanceWorst_mm).text(), exactly(plan.clearanceWorst_mm / kUm)});
    if (!course || (!plan.needed() && !plan.byUser)) return;
    const auto time = [&](const char* key, const Text& label, const std::optional<double>& t_s, const Text& otherwise) {
        rows.push_back(
            {key, label, t_s ? duration(*t_s) : otherwise.text(), t_s ? std::optional(exactly(*t_s)) : std::nullopt});
    };
    time("transfer_s", tr("Transfer time"), course->walk_s, tr("none"));
    time("last_start_s", tr("Last safe start"), course->lastStart_s, tr("stays open"));
    time("grip_first_s", tr("Grips after, at the soonest"), course->gripFirst_s, tr("does not grip"));
    time("grip_last_s", tr("Grips after, at the latest"), course->gripLast_s, tr("does not grip"));
    time("ready_s", tr("At ambient temperature after"), course->ready_s, tr("not within the time looked at"));
    Series gap{"clearance", {"t_s", "least_um", "likely_um", "most_um"}};
    for (std::size_t i = 0; i < course->tight.apart.states.size(); ++i)
        if (const double t = course->likely.apart.states[i].t_s; std::fmod(t, 10) == 0)
            gap.rows.push_back({t, course->tight.apart.states[i].clearance_mm / kUm,
                                course->likely.apart.states[i].clearance_mm / kUm,
                                course->loose.apart.states[i].clearance_mm / kUm});
    sheet.series.push_back(std::move(gap));
}

/// What the clocks of the soaks have left, while they run.
void addSoaks(Sheet& sheet, const plan::HeatPlan& plan, const WarmState& state) {
    const auto add = [&](const char* key, const plan::HeatSide& side, const std::optional<double>& left_s) {
        if (!left_s || !side.soak) return;
        auto f =
            seconds(key, tr("{part}: soak left").with("part", shippedName(side.label)), *left_s, side.soak->time_s());
        f.tone = *left_s > 0 ? Tone::Plain : Tone::Proven;
        sheet.figures.push_back(std::move(f));
    };
    add("outer_soak_left_s", plan.outer, state.outerLeft_s);
    add("inner_soak_left_s", plan.inner, state.innerLeft_s);
}

void plannedSheet(Sheet& sheet, const SheetInput& told, const plan::HeatPlan& plan, const HeatTold& heat) {
    const auto& d = told.d;
    const auto& state = heat.state;
    const bool soaking = state.phase == WarmPhase::Soaking;
    const bool warms = plan.needed() || plan.byUser;
    sheet.title = !soaking ? tr("Warm & chill") : state.allSoaked ? tr("Ready to transfer") : tr("Soaking");
    sheet.tone = worst(plan.findings) == Severity::Stop ? Tone::Stop
                 : state.allSoaked && plan.needed()     ? Tone::Proven
                                                        : Tone::Plan;
    sheet.verdict =
        plan.byUser ? tr("Temperatures of your own.").text() : mixName(plan, plan.ways[plan.chosen], d) + ".";
    addSoaks(sheet, plan, state);
    if (plan.outer.source) sheet.figures.push_back(sideFigure("outer_degC", plan.outer, plan.room_C, d));
    if (plan.inner.source) sheet.figures.push_back(sideFigure("inner_degC", plan.inner, plan.room_C, d));
    if (const auto& c = heat.course; c && warms) {
        const double open_s = c->lastStart_s.value_or(kStaysOpen_s);
        auto window = seconds("time_available_s", tr("Time available"), open_s, open_s);
        window.range = c->lastStart_s ? tr("transfer {time}").with("time", duration(c->walk_s)) : tr("stays open");
        window.limits = {{c->walk_s, tr("transfer")}};
        sheet.figures.push_back(window);
        sheet.figures.push_back(gapFigure(plan, *c, c->walk_s, tr("Gap after the transfer"), d));
    }
    if (heat.trouble) {
        sheet.mark = "stop";
        sheet.title = tr("How long it stays open cannot be worked out");
        sheet.tone = Tone::Stop;
        sheet.notes.push_back(noteOf("no_time", Tone::Stop, tr("Do not rely on a time"), say(*heat.trouble)));
    }
    addSchedule(sheet, told, plan, heat);
    addReasons(sheet, told, plan, heat);
    const auto* next = !state.outerIn && plan.outer.source && plan.outer.soak   ? &plan.outer
                       : !state.innerIn && plan.inner.source && plan.inner.soak ? &plan.inner
                                                                                : nullptr;
    sheet.action = !warms ? tr("Go on: no heating needed")
                   : next ? tr("Start the clock: {source}").with("source", shippedName(next->source->name))
                          : tr("Out of the heat: transfer it now");
    sheet.byFoot = true;
    if (worst(plan.findings) == Severity::Stop || heat.trouble) sheet.waitsFor = tr("A limit is in the way.");
}

void carriedSheet(Sheet& sheet, const SheetInput& told, const plan::HeatPlan& plan, const HeatTold& heat,
                  const job::StepHeat& kept) {
    const auto& c = heat.course;
    const double since_s = heat.state.since_s.value_or(0);
    const double open_s = c ? c->lastStart_s.value_or(kStaysOpen_s) : 0, left_s = open_s - since_s;
    sheet.title = left_s > 0 ? tr("Transfer it now") : tr("Too late to start");
    sheet.tone = left_s > 0 ? Tone::Plan : Tone::Stop;
    sheet.verdict = left_s > 0 ? tr("To the press, drop it in, hold it down.")
                               : tr("The gap is too small: heat it again, or press it.");
    sheet.figures.push_back(seconds("time_left_s", tr("Time left to start"), left_s, open_s));
    if (c) sheet.figures.push_back(gapFigure(plan, *c, since_s, tr("Gap now"), told.d));
    if (!kept.readings.empty())
        sheet.list("thermometer")
            .rows.push_back({"thermometer_degC", tr("By thermometer"),
                             told.d.temperature(kept.readings.back().temp_C).text(),
                             exactly(kept.readings.back().temp_C), true});
    if (c) {
        sheet.notesTitle = tr("Then");
        addGrip(sheet, *c);
    }
    sheet.notes.push_back(
        noteOf("grips_early", Tone::Stop, tr("If it grips early"), tr("stop. Press it out, heat it again.")));
    sheet.action = tr("It is in");
    sheet.byFoot = true; // it starts the clocks of the hold while both hands are full
}

void togetherSheet(Sheet& sheet, const HeatTold& heat) {
    const auto& state = heat.state;
    const bool holding = state.left_s > 0;
    sheet.title = holding ? tr("Hold it on the shoulder") : tr("It has gripped");
    sheet.tone = holding ? Tone::Check : Tone::Proven;
    sheet.verdict = holding ? tr("Light load: until the gap has closed it can creep back.")
                            : tr("Release it, and let it cool before it is measured.");
    auto left = seconds("hold_left_s", tr("Hold it for"), state.left_s, state.holdFor_s);
    left.tone = Tone::Plain;
    sheet.figures.push_back(left);
    if (state.coolLeft_s) {
        const bool waits = *state.coolLeft_s > 0;
        sheet.list("cool").rows.push_back(
            {"cool_left_s", tr("Measure and load"),
             waits ? tr("in {time}").with("time", duration(*state.coolLeft_s)) : tr("now"), exactly(*state.coolLeft_s),
             true, waits ? Tone::Check : Tone::Proven});
    }
    sheet.action = holding ? tr("Holding…") : tr("It holds");
    sheet.byFoot = true;
    if (holding) sheet.waitsFor = tr("The gap has not closed yet.");
}

} // namespace

Sheet warmSheet(const SheetInput& told, const plan::StepPlan& step, const HeatTold& heat) {
    auto sheet = sheetOf(job::Station::Warm, step);
    if (step.step.out) {
        sheet.title = tr("Comes out at room temperature");
        sheet.verdict = tr("What is heated to remove it, Strip says with the methods.");
        sheet.action = tr("Go on to the press");
        sheet.byFoot = true;
        return sheet;
    }
    if (!heat.plan) {
        auto broken = brokenSheet(told, tr("Not worked out yet"));
        broken.station = sheet.station;
        broken.about = sheet.about;
        broken.heading = sheet.heading;
        return broken;
    }
    const auto& kept = job::stepOf(told.job, step.step.id).heat;
    if (kept.pressCold) {
        sheet.title = tr("Pressed cold");
        sheet.verdict = tr("No heating, no chilling: straight to the press.");
        sheet.action = tr("Go on to the press");
        sheet.byFoot = true;
        return sheet;
    }
    if (heat.state.phase == WarmPhase::Carried)
        carriedSheet(sheet, told, *heat.plan, heat, kept);
    else if (heat.state.phase == WarmPhase::Together)
        togetherSheet(sheet, heat);
    else
        plannedSheet(sheet, told, *heat.plan, heat);
    const bool leaves = heat.state.phase == WarmPhase::Idle || heat.state.phase == WarmPhase::Soaking;
    if (leaves && heat.plan->needed()) addNotes(sheet, foreman::atWarm(kept.triedCold), told.d);
    if (told.aside) addAside(sheet, *heat.plan, heat.course, told.d);
    if (heat.state.phase != WarmPhase::Idle && !heat.state.timesAreSure)
        sheet.notes.push_back(
            noteOf("times_not_sure", Tone::Check, tr("Running times are not sure"),
                   tr("the computer was restarted since: they go by its wall clock. Measure, do not count.")));
    for (const auto& one : heatCautions(*heat.plan))
        sheet.caution += (sheet.caution.empty() ? "" : " ") + one;
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
