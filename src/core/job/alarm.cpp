#include "core/job/alarm.h"

namespace arbor::job {

std::optional<AlarmKind> alarmOf(Clock::What what, double left_s, double ahead_s) {
    const bool carried = what == Clock::What::Carry;
    if (left_s <= 0) return carried ? AlarmKind::TooLate : AlarmKind::Ready;
    if (left_s <= ahead_s) return carried ? AlarmKind::Hurry : AlarmKind::Soon;
    return std::nullopt;
}

} // namespace arbor::job
