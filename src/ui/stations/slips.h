#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

SlipModel intakeSlip(const JobSession& session);
SlipModel fitSlip(const JobSession& session);
SlipModel toolingSlip(const JobSession& session);
SlipModel pressSlip(const JobSession& session);
SlipModel seatSlip(const JobSession& session);
SlipModel closeSlip(const JobSession& session);

Tone toneOf(Severity severity);
Note noteOf(const Advice& advice, const words::Display& display);
QString q(const std::string& text);

} // namespace arbor::ui
