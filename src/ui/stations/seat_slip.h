#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

SlipModel seatSlip(const JobSession& session);
/// Of a ring pressed besides, or of a seal.
SlipModel ringSlip(const JobSession& session, const plan::OtherRing& ring);

} // namespace arbor::ui
