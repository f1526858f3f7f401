#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

/// The few numbers of one seat, of its bearing, and why.
SlipModel fitSlip(const JobSession& session, std::size_t seat);

} // namespace arbor::ui
