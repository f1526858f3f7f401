#include "ui/report/label.h"

#include "io/job_code.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QDir>
#include <QFileInfo>
#include <QPagedPaintDevice>
#include <QPainter>
#include <algorithm>
#include <memory>
#include <qrencode.h>

namespace arbor::ui {

namespace {

constexpr double kLargest_mm = 100; // of a label, where the paper is a whole page

QString bearingsOf(const job::Job& job) {
    QStringList out;
    for (const auto& part : job.arrangement.assembly.parts)
        if (part.catalogue && !out.contains(q(part.catalogue->designation))) out << q(part.catalogue->designation);
    return out.join(", ");
}

/// As large as it fits the width, up to `most` pixels; then cut.
void fitted(QPainter& p, const QRectF& box, const QString& text, double most, bool bold) {
    auto font = theme::typeface(bold ? theme::Text::Strong : theme::Text::Body);
    const int least = std::max(6, static_cast<int>(most / 2));
    int pixels = std::max(least, static_cast<int>(most));
    for (font.setPixelSize(pixels);
         pixels > least && QFontMetricsF(font, p.device()).horizontalAdvance(text) > box.width();
         font.setPixelSize(--pixels)) {
    }
    p.setFont(font);
    theme::drawElided(p, box, Qt::AlignLeft | Qt::AlignVCenter, text);
}

} // namespace

void paintQr(QPainter& painter, const QRectF& box, const QString& text) {
    constexpr int kQuiet = 4;
    const std::unique_ptr<QRcode, void (*)(QRcode*)> code(
        QRcode_encodeString(text.toUtf8().constData(), 0, QR_ECLEVEL_M, QR_MODE_8, 1), &QRcode_free);
    if (!code) return;
    const double module = std::min(box.width(), box.height()) / (code->width + 2 * kQuiet);
    painter.fillRect(box, Qt::white);
    for (int y = 0; y < code->width; ++y)
        for (int x = 0; x < code->width; ++x)
            if (code->data[y * code->width + x] & 1)
                painter.fillRect(
                    QRectF(box.left() + (x + kQuiet) * module, box.top() + (y + kQuiet) * module, module, module),
                    Qt::black);
}

QString shopName(const JobSession& session) {
    return QFileInfo(q(session.path())).dir().dirName();
}

void paintLabel(QPagedPaintDevice& device, const JobSession& session) {
    const auto& job = session.job();
    QPainter p(&device);
    const double dots_mm = device.logicalDpiX() / 25.4;
    const QRectF paper(0, 0, p.viewport().width(), p.viewport().height());
    const double w = std::min(paper.width(), kLargest_mm * dots_mm), h = std::min(paper.height(), w / 2);
    const double qr = std::min(h, w * 0.45);
    paintQr(p, QRectF(0, (h - qr) / 2, qr, qr), q(io::jobCode(shopName(session).toStdString(), job.id)));
    p.setPen(Qt::black);
    const double left = qr + w * 0.01, room = w - left;
    const struct {
        QString text;
        double share;
        bool bold;
    } lines[] = {{q(job.id), 0.34, true},
                 {q(job.machine.empty() ? job.title : job.machine), 0.2, true},
                 {bearingsOf(job), 0.2, false},
                 {q(job.customer), 0.15, false}};
    double y = h * 0.05;
    for (const auto& line : lines) {
        fitted(p, QRectF(left, y, room, h * line.share), line.text, h * line.share * 0.72, line.bold);
        y += h * line.share;
    }
}

} // namespace arbor::ui
