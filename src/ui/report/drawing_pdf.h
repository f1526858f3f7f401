#pragma once

#include "io/drawing/flat.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace arbor::ui {

/// Draws the sheet into a box, as large as it goes, black on white. @return the box it fills
QRectF paintDrawing(QPainter& painter, const io::Flat& flat, const QRectF& box);

/// The drawing on one sheet of A4, across, at full size where it fits and reduced where it does not.
/// @errors Unwritable
Result<void> writeDrawingPdf(const QString& file, const io::Drawing& drawing);

} // namespace arbor::ui
