#pragma once

#include "core/job/heat.h"

#include <optional>
#include <string>

namespace arbor::job {

/// What somebody is called for. Soon is only shown; each of the others has a sound of its own.
enum class AlarmKind { Soon, Ready, Hurry, TooLate, Stop };

/// An alarm that somebody has acknowledged, kept with its step.
struct HeardAlarm {
    AlarmKind kind = AlarmKind::Ready;
    std::optional<Clock::What> clock; ///< nothing: a stop sign of the press
    std::string began;                ///< ISO 8601: when that clock was started, or the press; tells two alike apart
    std::string when;                 ///< ISO 8601: when it was acknowledged
    friend bool operator==(const HeardAlarm&, const HeardAlarm&) = default;
};

/// What a clock calls for now; nothing: it runs. A part on its way is hurried before its time is up and too late after
/// it; everything else that is timed is ready when its time is up.
/// @param left_s  that the clock still has; negative: past
/// @param ahead_s  how long before its end it is told
std::optional<AlarmKind> alarmOf(Clock::What what, double left_s, double ahead_s);

} // namespace arbor::job
