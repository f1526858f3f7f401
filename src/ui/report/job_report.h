#pragma once

#include "ui/session/job_session.h"

#include <QString>

class QPagedPaintDevice;

namespace arbor::ui {

/// What was done, on A4, for the file: fit, setup drawn to scale, trace over its band, readings round the ring, end
/// play, tightening list, run-in, verdicts, and lines to sign on.
void paintJobReport(QPagedPaintDevice& device, const JobSession& session);
/// The same on A4, as a PDF. @errors Unwritable when the file cannot be written
Result<void> writeJobReport(const JobSession& session, const QString& file);

} // namespace arbor::ui
