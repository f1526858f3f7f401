#pragma once

#include "words/sheet.h"

#include <QString>

class QPagedPaintDevice;

namespace arbor::ui {

class JobSession;

/// A quote, an invoice's lines, the customer's page: what its sheet says, under the job's head.
void paintSheet(QPagedPaintDevice& device, const words::Sheet& sheet, const JobSession& session);
/// The inspections due of a shop, per machine. @param folder  of its jobs @param today  "2026-11-30"
void paintInspections(QPagedPaintDevice& device, const QString& folder, const QString& today);

} // namespace arbor::ui
