#include "ui/bench/sketch.h"

#include "ui/bench/section_painter.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

void drawSketch(QPainter& painter, const QRectF& box, const std::vector<section::Body>& bodies) {
    if (bodies.empty()) return;
    double rad = 1, low = bodies.front().bottom(), top = bodies.front().top();
    for (const auto& body : bodies) {
        rad = std::max(rad, body.outsideDia() / 2);
        low = std::min(low, body.bottom());
        top = std::max(top, body.top());
    }
    const double scale = std::min(box.width() / (2 * rad), box.height() / (top - low));
    QTransform map;
    map.translate(box.center().x(), box.center().y());
    map.scale(scale, -scale);
    map.translate(0, -(low + top) / 2);
    SectionPainter section(painter, map);
    for (const auto& body : bodies)
        section.body(body, false, false);
    painter.setBrush(Qt::NoBrush);
}

} // namespace arbor::ui
