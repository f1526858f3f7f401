#include "ui/stations/bolt_circle.h"

#include "core/closing/closing.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <cmath>
#include <numbers>

namespace arbor::ui {

namespace {

using theme::roles;

constexpr int kSmall = 84, kLarge = 128; // up to so many bolts their numbers stand clear on the small one
constexpr int kFew = 8;
constexpr double kBoltRad = 9;

} // namespace

BoltCircle::BoltCircle(const job::Fastener& fastener, QWidget* parent)
    : QWidget(parent), m_order(closing::order(fastener.count, fastener.pattern)) {
    const int side = fastener.count > kFew ? kLarge : kSmall;
    setFixedSize(side, side);
    QStringList said;
    for (const int bolt : m_order)
        said << QString::number(bolt + 1);
    setAccessibleName(tr("Order of tightening, clockwise from the top: %1").arg(said.join(" - ")));
}

QPointF BoltCircle::spot(int bolt) const {
    const double angle = 2 * std::numbers::pi * bolt / static_cast<double>(m_order.size());
    const double radius = width() / 2.0 - kBoltRad - 1;
    return QPointF(width() / 2.0, height() / 2.0) + radius * QPointF(std::sin(angle), -std::cos(angle));
}

void BoltCircle::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(roles().rule, 1.5));
    for (std::size_t n = 1; n < m_order.size(); ++n)
        painter.drawLine(spot(m_order[n - 1]), spot(m_order[n]));
    // Where many stand close, only the dots are drawn: the words tell the order.
    const double apart = std::numbers::pi * (width() - 2 * kBoltRad) / static_cast<double>(m_order.size());
    const bool numbered = apart > 1.6 * kBoltRad;
    painter.setFont(theme::typeface(theme::Text::Small));
    for (std::size_t n = 0; n < m_order.size(); ++n) {
        const auto at = spot(m_order[n]);
        const double rad = numbered ? kBoltRad : 3;
        painter.setPen(QPen(roles().plan, 1.5));
        painter.setBrush(n == 0 ? roles().plan : roles().card);
        painter.drawEllipse(at, rad, rad);
        if (!numbered) continue;
        painter.setPen(n == 0 ? roles().card : roles().ink);
        painter.drawText(QRectF(at.x() - rad, at.y() - rad, 2 * rad, 2 * rad), Qt::AlignCenter, QString::number(n + 1));
    }
}

} // namespace arbor::ui
