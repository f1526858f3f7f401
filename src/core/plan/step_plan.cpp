#include "core/plan/step_plan.h"

#include "core/base/number.h"
#include "core/force/gauge.h"
#include "core/section/contact.h"

#include <algorithm>

namespace arbor::plan {

namespace {

constexpr int kPoints = 100;

/// How much of the seat is in touch when it has gone so far.
double engaged_mm(const tooling::Task& task, double gone_mm) {
    const auto moved = task.atTravel(gone_mm);
    const auto &mover = moved[task.pushed], &holder = task.still[task.holder];
    return task.inBore ? section::engagedLength(holder, mover) : section::engagedLength(mover, holder);
}

trace::Expected expectIn(const tooling::Task& task, const Range& end_N) {
    return trace::expectTrace(
        {task.travel_mm, engaged_mm(task, task.travel_mm), end_N, [&](double gone) { return engaged_mm(task, gone); }});
}

/// Out, the first movement takes the most; from then on the force goes with what is still engaged, by the clean figure
/// at the least and by the stuck one at the most.
trace::Expected expectOut(const tooling::Task& task, const Range& clean_N, const Range& first_N) {
    trace::Expected out;
    out.homeTravel_mm = task.travel_mm;
    out.holds = false;
    const double whole = engaged_mm(task, 0);
    for (int i = 0; i <= kPoints; ++i) {
        const double gone = task.travel_mm * i / kPoints, share = whole > 0 ? engaged_mm(task, gone) / whole : 0;
        const Range force = i == 0 ? first_N : Range{clean_N.least, clean_N.likely, first_N.most} * share;
        out.points.push_back({gone, force});
    }
    return out;
}

void readOnPress(StepPress& out, const catalog::Press& press) {
    out.press = &press;
    auto& hold = out.expected.hold_N;
    if (out.expected.holds && hold.most > press.capacity_N) {
        out.watch.push_back({Finding::HoldLimited, Severity::Look, hold.likely, press.capacity_N, press.name, "HB5"});
        hold = {std::min(hold.least, press.capacity_N), std::min(hold.likely, press.capacity_N), press.capacity_N};
    }
    const auto shown = [&](double force) { return force::gaugeReading(press, force); };
    if (const auto likely = shown(out.force_N.likely))
        out.gauge = Range{*shown(out.force_N.least), *likely, *shown(out.force_N.most)};
    if (out.expected.holds) out.gaugeHold = shown(hold.likely);
    out.energy_J = force::storedEnergy_J(out.force_N.most, press.stiffness_N_per_mm);
}

/// What the setup says of the end, as a stop where it must not be held.
void takeStop(StepPress& out, const StepWay& way) {
    if (!way.pressed || !way.pressed->proof.stopAt_mm) return;
    out.expected.holds = false;
    out.expected.hold_N = out.expected.end_N;
    for (auto advice : way.pressed->proof.findings)
        if (advice.id == Finding::HoldThroughElements || advice.id == Finding::HoldThroughPart) {
            advice.severity = Severity::Stop;
            out.watch.push_back(advice);
        }
}

void watchFor(StepPress& out) {
    const auto look = [&](Finding id, double value) {
        out.watch.push_back({id, Severity::Look, value, 0, {}, "HB4.14"});
    };
    if (out.out) return;
    look(Finding::WatchCrookedStart, trace::kEarlyShare * out.travel_mm);
    look(Finding::WatchSawTeeth, 0);
    if (out.expected.holds)
        out.watch.push_back(
            {Finding::WatchHome, Severity::Info, out.travel_mm, out.expected.hold_N.likely, {}, "HB4.14"});
}

} // namespace

std::optional<StepPress> pressOf(const WorkStep& step, const StepWay* way, const Plan& plan) {
    if (!step.seat || step.tasks.empty()) return std::nullopt;
    const auto& seat = plan.fits->seats[*step.seat];
    const auto& task = step.tasks[way ? way->task : 0];
    StepPress out;
    out.out = step.out;
    out.travel_mm = task.travel_mm;
    out.force_N = step.out ? seat.off->force_N : seat.fit->pressForce_N;
    out.expected = step.out ? expectOut(task, seat.fit->pressForce_N, seat.off->force_N) : expectIn(task, out.force_N);
    out.energy_J = force::storedEnergy_J(out.force_N.most, kFrameStiffness_N_per_mm);
    if (way) takeStop(out, *way);
    if (way && way->pressed && way->pressed->choice && way->pressed->choice->press)
        readOnPress(out, *way->pressed->choice->press);
    watchFor(out);
    return out;
}

const HeatPlan* heatOf(const WorkStep& step, const Plan& plan) {
    if (step.out || !step.seat || !plan.heats[*step.seat]) return nullptr;
    return &*plan.heats[*step.seat];
}

Result<std::size_t> stepNamed(const std::vector<WorkStep>& steps, const std::string& name) {
    std::string known, begin;
    std::vector<std::size_t> found;
    for (std::size_t i = 0; i < steps.size(); ++i) {
        if (steps[i].key == name || std::to_string(i + 1) == name) return i;
        known += (known.empty() ? "" : ", ") + steps[i].key;
        const bool partly = steps[i].key.starts_with(name) || steps[i].key.substr(steps[i].key.find(':') + 1) == name;
        if (!partly) continue;
        found.push_back(i);
        begin += (begin.empty() ? "" : ", ") + steps[i].key;
    }
    if (found.size() == 1 && !name.empty()) return found.front();
    if (found.empty() || name.empty()) return refuse(ProblemCode::UnknownName, "--step", name, known);
    return refuse(ProblemCode::Duplicate, "--step", name, "one of " + begin);
}

} // namespace arbor::plan
