#pragma once

#include "ui/bench/bench_scene.h"
#include "ui/session/job_session.h"

namespace arbor::ui {

/// What a picked part of the arrangement is: its sizes, and the seats it has.
PartNote describePart(const section::Body& body, const JobSession& session);

/// The same of what stands in the press at the step in hand.
PartNote describeInStep(const section::Body& body, const JobSession& session);

} // namespace arbor::ui
