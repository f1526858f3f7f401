#include "core/plan/step_plan.h"

#include "core/section/contact.h"

#include <vector>

namespace arbor::plan {

namespace {

/// How much of the seat is in touch when it has gone so far.
double engaged_mm(const tooling::Task& task, double gone_mm) {
    const auto moved = task.atTravel(gone_mm);
    const auto &mover = moved[task.pushed], &holder = task.still[task.holder];
    return task.inBore ? section::engagedLength(holder, mover) : section::engagedLength(mover, holder);
}

} // namespace

std::optional<PressPlan> pressOf(const WorkStep& step, const StepWay* way, const Plan& plan) {
    if (!step.seat || step.tasks.empty()) return std::nullopt;
    const auto& seat = plan.fits->seats[*step.seat];
    const auto& task = step.tasks[way ? way->task : 0];
    PressInput in;
    in.travel_mm = task.travel_mm;
    in.engaged_mm = [&](double gone) { return engaged_mm(task, gone); };
    in.clean_N = seat.fit->pressForce_N;
    if (step.out) in.first_N = seat.off->force_N;
    if (way && way->pressed) {
        in.proof = &way->pressed->proof;
        if (way->pressed->choice) in.press = way->pressed->choice->press;
    }
    return planPress(in);
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
    return refuse(ProblemCode::UnknownName, "--step", name, "one of " + begin);
}

} // namespace arbor::plan
