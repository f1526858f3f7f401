#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

/// The step that is looked at, done this way. @param way  into the session's step tools
SlipModel toolingSlip(const JobSession& session, std::size_t way);

} // namespace arbor::ui
