#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

SlipModel seatSlip(const JobSession& session);

} // namespace arbor::ui
