#pragma once

#include "ui/bench/bench_scene.h"
#include "ui/session/job_session.h"

namespace arbor::ui {

/// The chosen stack as it stands with the ring part way in, with the force path and callouts.
/// @param share  how far of the travel to home, 0..1
BenchScene setupScene(const JobSession& session, double share);

} // namespace arbor::ui
