#include "ui/report/tool_drawing.h"

#include "core/base/units.h"
#include "core/plan/work_steps.h"
#include "io/drawing/turned_drawing.h"
#include "ui/report/paper.h"
#include "ui/session/job_session.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QPageLayout>
#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

void paintWords(QPainter& painter, const io::Flat::Words& w, double scale) {
    painter.save();
    painter.translate(w.x * scale, w.y * scale);
    if (w.upright) painter.rotate(-90);
    const auto text = QString::fromStdString(w.text);
    const double width = QFontMetricsF(painter.font(), painter.device()).horizontalAdvance(text);
    painter.drawText(QPointF(w.middle ? -width / 2 : 0, 0), text);
    painter.restore();
}

} // namespace

Result<tooling::TurnedSleeve> turnedInHand(const JobSession& session) {
    const auto* step = session.step();
    if (!step) return tl::unexpected(Problem{ProblemCode::Missing, "step", {}, {}, {}});
    return plan::turnFor(step->step, session.plan().press, session.record().overrides.turn);
}

io::Drawing drawingOf(const JobSession& session, const tooling::TurnedSleeve& sleeve) {
    const auto& job = session.job();
    return io::drawTurned(sleeve, {"Press sleeve " + sleeve.tool.id, job.id + "  " + job.title, job.customer});
}

QRectF paintDrawing(QPainter& painter, const io::Flat& flat, const QRectF& box) {
    const double scale = std::min(box.width() / flat.width, box.height() / flat.height);
    const QSizeF size(flat.width * scale, flat.height * scale);
    const QPointF corner = box.center() - QPointF(size.width() / 2, size.height() / 2);
    painter.save();
    painter.translate(corner);
    painter.fillRect(QRectF({0, 0}, size), Qt::white);
    for (const auto& s : flat.strokes) {
        QPen pen(Qt::black, penWidth_mm(s.pen) * scale);
        pen.setCapStyle(Qt::RoundCap);
        if (s.pen == io::Pen::Axis) pen.setStyle(Qt::DashDotLine);
        painter.setPen(pen);
        painter.drawLine(QPointF(s.x1, s.y1) * scale, QPointF(s.x2, s.y2) * scale);
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::black);
    for (const auto& a : flat.arrows) {
        const QPointF corners[] = {QPointF(a.tipX, a.tipY) * scale, QPointF(a.leftX, a.leftY) * scale,
                                   QPointF(a.rightX, a.rightY) * scale};
        painter.drawPolygon(corners, 3);
    }
    auto font = theme::typeface(theme::Text::Small);
    font.setPixelSize(std::max(1, static_cast<int>(io::kDrawingText_mm * scale)));
    painter.setFont(font);
    painter.setPen(Qt::black);
    for (const auto& w : flat.words)
        paintWords(painter, w, scale);
    painter.restore();
    return {corner, size};
}

void paintDrawingPage(QPagedPaintDevice& device, const io::Drawing& drawing) {
    QPainter painter;
    if (!painter.begin(&device)) return;
    const auto flat = io::flatten(drawing);
    const QSizeF page = device.pageLayout().paintRect(QPageLayout::Millimeter).size();
    const double dots = device.logicalDpiX() / kMmPerInch;
    const QSizeF room(std::min(page.width(), flat.width) * dots, std::min(page.height(), flat.height) * dots);
    paintDrawing(painter, flat, {{0, 0}, room});
}

Result<void> writeDrawingPdf(const QString& file, const io::Drawing& drawing) {
    const auto title = drawing.texts.empty() ? QString() : q(drawing.texts.front().text);
    return writePdf(file, Paper::acrossOf(QPageSize(QPageSize::A4)), title,
                    [&](QPagedPaintDevice& device) { paintDrawingPage(device, drawing); });
}

} // namespace arbor::ui
