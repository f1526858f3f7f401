#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

/// What a picked part is: sizes, tolerance, and why it is there.
Note describePart(const section::Body& body, const JobSession& session);

/// The same for a step that is not the seat the job is about.
Note describeInStep(const section::Body& body, const JobSession& session);

} // namespace arbor::ui
