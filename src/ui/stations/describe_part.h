#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

/// What a picked part of the arrangement is: its sizes, and the seats it has.
Note describePart(const section::Body& body, const JobSession& session);

/// The same of what stands in the press at the step in hand.
Note describeInStep(const section::Body& body, const JobSession& session);

} // namespace arbor::ui
