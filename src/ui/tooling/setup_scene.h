#pragma once

#include "ui/bench/bench_scene.h"
#include "ui/session/job_session.h"

namespace arbor::ui {

/// The chosen stack of the step in hand, as it stands part way, with the force path and callouts.
/// @param share  how far of the travel to home, 0..1
BenchScene setupScene(const JobSession& session, double share);

/// One way of any step; what is done by hand shows the work without tools.
BenchScene wayScene(const JobSession& session, const plan::StepPlan& step, const plan::StepSetup& way, double share);

} // namespace arbor::ui
