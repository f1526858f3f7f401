#pragma once

#include "ui/session/job_session.h"

#include <QString>

class QPagedPaintDevice;

namespace arbor::ui {

/// The whole job in working order on A4: kit, taking apart, fit and tools, pressing, putting together, proof, each line
/// with its box to tick, hold points, sizes, forces and cautions, and one drawing for each setup.
void paintRouteCard(QPagedPaintDevice& device, const JobSession& session);
/// The same on A4, as a PDF. @errors Unwritable when the file cannot be written
Result<void> writeRouteCard(const JobSession& session, const QString& file);

} // namespace arbor::ui
