#include "ui/report/drawing_pdf.h"

#include "core/base/units.h"
#include "ui/theme/theme.h"

#include <QPageLayout>
#include <QPainter>
#include <QPdfWriter>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kDotsPerInch = 600;

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

Result<void> writeDrawingPdf(const QString& file, const io::Drawing& drawing) {
    QPdfWriter writer(file);
    writer.setPageLayout({QPageSize(QPageSize::A4), QPageLayout::Landscape, {12, 12, 12, 12}, QPageLayout::Millimeter});
    writer.setResolution(kDotsPerInch);
    writer.setTitle(drawing.texts.empty() ? QString() : QString::fromStdString(drawing.texts.front().text));
    QPainter painter;
    if (!painter.begin(&writer))
        return tl::unexpected(
            Problem{ProblemCode::Unwritable, {}, {}, wanted("a folder that can be written"), file.toStdString()});
    const auto flat = io::flatten(drawing);
    const QSizeF page = writer.pageLayout().paintRect(QPageLayout::Millimeter).size();
    const double dots = kDotsPerInch / kMmPerInch;
    const QSizeF room(std::min(page.width(), flat.width) * dots, std::min(page.height(), flat.height) * dots);
    paintDrawing(painter, flat, {{0, 0}, room});
    return {};
}

} // namespace arbor::ui
