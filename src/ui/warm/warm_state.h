#pragma once

#include "ui/session/job_session.h"
#include "words/heat_stand.h"

namespace arbor::ui {

using words::clockOf;
using words::WarmPhase;
using words::WarmState;

/// How far the warming of the step in hand has come, by its clocks.
WarmState warmState(const JobSession& session);
/// All that is told of its heat.
words::HeatTold heatTold(const JobSession& session);

/// Seconds a clock still has; negative: past.
double leftOn(const job::Clock& clock, const std::string& now);

} // namespace arbor::ui
