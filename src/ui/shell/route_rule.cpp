#include "ui/shell/route_rule.h"

#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kWidestSpacing = 84;
constexpr int kFirst = 24;
constexpr int kBox = 54;
constexpr int kEdge = 30; // the rule's edge; graduations go right from it

/// Shape and word, so that the colour is never the only sign.
void paintMark(QPainter& painter, const QPoint& at, plan::Mark mark, const QColor& ink) {
    painter.setPen(QPen(ink, 2.4));
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
    case plan::Mark::Done:
        painter.drawPolyline(QPolygon({at + QPoint(-6, 0), at + QPoint(-2, 5), at + QPoint(6, -5)}));
        break;
    case plan::Mark::Look:
        painter.drawPolygon(QPolygon({at + QPoint(0, -7), at + QPoint(7, 5), at + QPoint(-7, 5)}));
        break;
    case plan::Mark::Stop: {
        const QRect box(at - QPoint(7, 7), QSize(14, 14));
        painter.drawRect(box);
        for (int x = 0; x <= 14; x += 5) {
            painter.drawLine(box.left() + x, box.bottom(), box.right(), box.top() + x);
            painter.drawLine(box.left(), box.bottom() - x, box.right() - x, box.top());
        }
        break;
    }
    case plan::Mark::NotNeeded:
        painter.drawLine(QPointF(at.x() - 6, at.y()), QPointF(at.x() + 6, at.y()));
        break;
    case plan::Mark::Open:
        break;
    }
}

QColor markColour(plan::Mark mark) {
    return mark == plan::Mark::Done ? roles().proven : mark == plan::Mark::Stop ? roles().stop : roles().caution;
}

} // namespace

RouteRule::RouteRule(QWidget* parent) : QWidget(parent) {
    setObjectName("routeRule");
    setFixedWidth(theme::kRuleWidth);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(tr("Stations"));
}

void RouteRule::show(std::vector<Stop> stops, job::Station current) {
    m_stops = std::move(stops);
    m_current = current;
    QStringList spoken;
    for (const auto& s : m_stops)
        spoken << QStringLiteral("%1: %2, %3").arg(s.title, s.line, QString::fromStdString(words::markWord(s.mark)));
    setAccessibleDescription(spoken.join("; "));
    update();
}

/// Stations stand closer when many must fit into a low window; six graduations lie between two of them.
int RouteRule::spacing() const {
    const int room = height() - kFirst - kBox - kFirst;
    const int fits = m_stops.size() > 1 ? room / static_cast<int>(m_stops.size() - 1) : kWidestSpacing;
    return std::clamp(fits, kBox + 2, kWidestSpacing) / 6 * 6;
}

QRect RouteRule::boxOf(job::Station station) const {
    for (std::size_t i = 0; i < m_stops.size(); ++i)
        if (m_stops[i].station == station)
            return {kEdge, kFirst + static_cast<int>(i) * spacing(), width() - kEdge - 6, kBox};
    return {};
}

void RouteRule::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    painter.fillRect(width() - theme::kHairline, 0, theme::kHairline, height(), roles().rule);
    if (m_stops.empty()) return;
    const int last = kFirst + static_cast<int>(m_stops.size() - 1) * spacing() + kBox / 2;
    painter.setPen(QPen(roles().muted, 1.4));
    painter.drawLine(kEdge, kFirst, kEdge, last + 24);
    for (int y = kFirst + kBox / 2, i = 0; y <= last; y += spacing() / 6, ++i) {
        painter.setPen(QPen(i % 6 ? roles().rule : roles().ink, i % 6 ? 1 : 2));
        painter.drawLine(kEdge - (i % 6 ? 0 : 8), y, kEdge + (i % 6 ? (i % 3 ? 6 : 10) : 14), y);
    }
    for (const auto& stop : m_stops)
        paintStop(painter, stop);
    if (hasFocus()) {
        painter.setPen(QPen(roles().plan, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(2, 2, -3, -3));
    }
}

void RouteRule::paintStop(QPainter& painter, const Stop& stop) const {
    const auto box = boxOf(stop.station);
    const bool current = stop.station == m_current;
    if (current) {
        QPainterPath flag(QPointF(box.left(), box.top()));
        flag.lineTo(box.right(), box.top());
        flag.lineTo(box.right(), box.bottom());
        flag.lineTo(box.left(), box.bottom());
        flag.lineTo(box.left() + 13, box.center().y());
        flag.closeSubpath();
        painter.fillPath(flag, stop.mark == plan::Mark::Stop ? roles().stop : roles().plan);
    }
    const QRect text = box.adjusted(24, 7, -26, -7);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(current ? roles().onPlan : roles().ink);
    painter.drawText(text, Qt::AlignTop, stop.title);
    painter.setFont(typeface(Text::Small));
    painter.setPen(current ? roles().onPlan : roles().muted);
    const QRect wide = box.adjusted(24, 7, -4, -7);
    const auto word = QString::fromStdString(words::markWord(stop.mark));
    // Longer than the room beside a title: it goes before the line.
    const bool notNeeded = stop.mark == plan::Mark::NotNeeded;
    theme::drawElided(painter, wide, Qt::AlignBottom, notNeeded ? word + ": " + stop.line : stop.line);
    const QPoint at(box.right() - 14, box.top() + 17);
    if (stop.mark == plan::Mark::Open) return;
    const auto ink = current ? roles().onPlan : markColour(stop.mark);
    paintMark(painter, at, stop.mark, ink);
    painter.setPen(ink);
    if (!notNeeded)
        painter.drawText(QRect(box.right() - 76, box.top() + 8, 48, 18), Qt::AlignRight | Qt::AlignVCenter, word);
}

void RouteRule::mousePressEvent(QMouseEvent* event) {
    for (const auto& stop : m_stops)
        if (boxOf(stop.station).adjusted(-kEdge, -10, 6, 10).contains(event->position().toPoint()))
            return emit chosen(stop.station);
}

void RouteRule::keyPressEvent(QKeyEvent* event) {
    const auto at = std::find_if(m_stops.begin(), m_stops.end(), [&](const Stop& s) { return s.station == m_current; });
    if (event->key() == Qt::Key_Down && at != m_stops.end() && at + 1 != m_stops.end())
        return emit chosen((at + 1)->station);
    if (event->key() == Qt::Key_Up && at != m_stops.begin() && at != m_stops.end())
        return emit chosen((at - 1)->station);
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
