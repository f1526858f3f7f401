#pragma once

#include "ui/session/job_session.h"

#include <QString>

namespace arbor::ui {

/// The whole job in working order on A4: kit, taking apart, fit and tools, pressing, putting together, proof, each line
/// with its box to tick, hold points, sizes, forces and cautions, and one drawing for each setup.
/// @errors Unwritable when the file cannot be written
Result<void> writeRouteCard(const JobSession& session, const QString& file);

} // namespace arbor::ui
