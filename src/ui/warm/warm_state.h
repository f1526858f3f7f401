#pragma once

#include "ui/session/job_session.h"

#include <optional>

namespace arbor::ui {

/// How far the warming has come, by the clocks that run.
enum class WarmPhase { Idle, Soaking, Carried, Together };

struct WarmState {
    WarmPhase phase = WarmPhase::Idle;
    bool allSoaked = false;        ///< every source that is needed has had its time
    std::optional<double> since_s; ///< carried, or together, for so long
    double left_s = 0;             ///< of the carry, or of the hold; negative: past it
};
WarmState warmState(const JobSession& session);

const job::Clock* clockOf(const job::StepHeat& heat, job::Clock::What what);
/// Seconds a clock still has; negative: past.
double leftOn(const job::Clock& clock, const std::string& now);

} // namespace arbor::ui
