#pragma once

#include "core/section/body.h"

#include <QRectF>
#include <vector>

class QPainter;

namespace arbor::ui {

/// A section in small, as large as the box allows, in its middle; for lists and galleries.
void drawSketch(QPainter& painter, const QRectF& box, const std::vector<section::Body>& bodies);

} // namespace arbor::ui
