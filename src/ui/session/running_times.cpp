#include "ui/session/running_times.h"

#include <cmath>

namespace arbor::ui {

namespace {

constexpr double kSame_s = 1; // instants are said to the second

} // namespace

void noteCount(job::StepHeat& heat, const std::string& now, const MachineCount& count) {
    heat.counted.reset();
    if (!heat.clocks.empty() && !count.boot.empty()) heat.counted = {count.boot, now, count.seconds};
}

namespace {

bool resume(job::StepRecord& step, const std::string& now, const MachineCount& count) {
    auto& heat = step.heat;
    if (heat.clocks.empty()) return true;
    if (!heat.counted || heat.counted->boot != count.boot) return false;
    const double passed = count.seconds - heat.counted->count_s;
    const double shift = secondsBetween(later(heat.counted->when, passed), now);
    if (std::abs(shift) <= kSame_s) return true;
    for (auto& clock : heat.clocks)
        clock.started = later(clock.started, shift);
    for (auto& reading : heat.readings)
        reading.when = later(reading.when, shift);
    for (auto& alarm : step.heard) // they are known by when their clock was started
        if (alarm.clock) alarm.began = later(alarm.began, shift);
    noteCount(heat, now, count);
    return true;
}

} // namespace

bool resumeTimes(job::Job& job, const std::string& now, const MachineCount& count) {
    bool sure = true;
    for (auto& [key, step] : job.steps)
        sure = resume(step, now, count) && sure;
    return sure;
}

} // namespace arbor::ui
