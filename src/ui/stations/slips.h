#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

namespace arbor::ui {

SlipModel intakeSlip(const JobSession& session);
SlipModel pressSlip(const JobSession& session);
SlipModel closeSlip(const JobSession& session);

/// What a station shows that waits for a size to be put right. @param title  empty: that a size is wrong
SlipModel brokenSlip(const JobSession& session, const QString& title = {});

/// A figure on a line from nothing to its band, in the units of the band.
Figure rangeFigure(const QString& label, const words::Quantity& likely, const std::string& range, const Range& shown);
void addNotes(SlipModel& slip, const AdviceList& findings, const words::Display& display);
const Advice* findingOf(const AdviceList& list, Finding id); ///< null: it is not there
Tone toneOf(Severity severity);
Note noteOf(const Advice& advice, const words::Display& display);

} // namespace arbor::ui
