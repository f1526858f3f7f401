#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

/// End play, ways into the band, the next step of the guided sequence.
SlipModel adjustSlip(const JobSession& session);

} // namespace arbor::ui
