#pragma once

#include "core/tooling/turned.h"
#include "io/drawing/flat.h"

#include <QRectF>
#include <QString>

class QPagedPaintDevice;
class QPainter;

namespace arbor::ui {

class JobSession;

/// The sleeve to be turned for the step in hand, with the sizes that were typed for it.
/// @errors what the design says; Missing where no step is in hand
Result<tooling::TurnedSleeve> turnedInHand(const JobSession& session);
/// Its drawing, with the job in the title block.
io::Drawing drawingOf(const JobSession& session, const tooling::TurnedSleeve& sleeve);

/// Draws the sheet into a box, as large as it goes, black on white. @return the box it fills
QRectF paintDrawing(QPainter& painter, const io::Flat& flat, const QRectF& box);
/// On a page: at full size where it fits and reduced where it does not.
void paintDrawingPage(QPagedPaintDevice& device, const io::Drawing& drawing);

/// The drawing on one sheet of A4, across. @errors Unwritable
Result<void> writeDrawingPdf(const QString& file, const io::Drawing& drawing);

} // namespace arbor::ui
