#include "ui/shell/route_rule.h"

#include "ui/kit/spoken.h"
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
constexpr int kBoxHeight = 54, kLeastBoxHeight = 42; // closer than that a title and its line cannot be read
constexpr int kEdge = 30;                            // the rule's edge; graduations go right from it

int box() {
    return theme::tall(kBoxHeight);
}
int leastBox() {
    return theme::tall(kLeastBoxHeight);
}

/// Shape and word, so that the colour is never the only sign.
void paintMark(QPainter& painter, const QPoint& at, plan::Mark mark, const QColor& ink) {
    painter.setPen(QPen(ink, 2.4));
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
    case plan::Mark::Done:
        painter.drawPolyline(QPolygon({at + QPoint(-6, 0), at + QPoint(-2, 5), at + QPoint(6, -5)}));
        break;
    case plan::Mark::Check:
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
    setFixedWidth(theme::wide(theme::kRuleWidth));
    setFocusPolicy(Qt::TabFocus);
    speakAs(*this, QAccessible::List, tr("Stations"));
}

void RouteRule::show(std::vector<Stop> stops, std::size_t current) {
    m_stops = std::move(stops);
    m_current = current;
    setMinimumHeight(2 * kFirst + static_cast<int>(m_stops.size()) * (leastBox() + 2));
    QStringList spoken;
    for (const auto& s : m_stops)
        spoken << QStringLiteral("%1 %2: %3, %4")
                      .arg(s.way, s.title, s.line, QString::fromStdString(words::markWord(s.mark)))
                      .trimmed();
    const auto here = current < m_stops.size() ? spoken[static_cast<qsizetype>(current)] + ". " : QString();
    speak(*this, here + tr("All: %1").arg(spoken.join("; ")));
    update();
}

/// Stops stand closer when many must fit into a low window.
int RouteRule::spacing() const {
    const int room = height() - kFirst - box() - kFirst;
    const int fits = m_stops.size() > 1 ? room / static_cast<int>(m_stops.size() - 1) : theme::tall(kWidestSpacing);
    return std::clamp(fits, leastBox() + 2, theme::tall(kWidestSpacing));
}

int RouteRule::boxHeight() const {
    return std::min(box(), spacing() - 2);
}

QRect RouteRule::boxOf(std::size_t stop) const {
    return {kEdge, kFirst + static_cast<int>(stop) * spacing(), width() - kEdge - 6, boxHeight()};
}

void RouteRule::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    painter.fillRect(width() - theme::kHairline, 0, theme::kHairline, height(), roles().rule);
    if (m_stops.empty()) return;
    const int first = boxOf(0).center().y(), last = boxOf(m_stops.size() - 1).center().y();
    painter.setPen(QPen(roles().muted, 1.4));
    painter.drawLine(kEdge, kFirst, kEdge, last + 24);
    constexpr int kBetween = 6; // graduations from one stop to the next
    for (int i = 0; i <= kBetween * static_cast<int>(m_stops.size() - 1); ++i) {
        const int y = first + i * spacing() / kBetween;
        const bool stop = i % kBetween == 0;
        // A step is a shorter graduation than a station.
        const bool station = stop && m_stops[static_cast<std::size_t>(i / kBetween)].way.isEmpty();
        painter.setPen(QPen(stop ? roles().ink : roles().rule, stop ? 2 : 1));
        painter.drawLine(kEdge - (station ? 8 : 0), y, kEdge + (stop ? 14 : i % 3 ? 6 : 10), y);
    }
    for (std::size_t i = 0; i < m_stops.size(); ++i)
        paintStop(painter, i);
    if (hasFocus()) {
        painter.setPen(QPen(roles().plan, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(2, 2, -3, -3));
    }
}

void RouteRule::paintTitle(QPainter& painter, const QRect& text, const Stop& stop, bool current) const {
    QRect room = text;
    if (!stop.way.isEmpty()) {
        painter.setFont(typeface(Text::Small));
        const int wide = painter.fontMetrics().horizontalAdvance(tr("out")) + 10;
        const QRect tag(text.left(), text.top() + 1, wide, painter.fontMetrics().height());
        const bool out = stop.way == tr("out");
        painter.fillRect(tag, current ? roles().onPlan : out ? roles().cautionPale : roles().planPale);
        painter.setPen(current ? roles().plan : out ? roles().caution : roles().plan);
        painter.drawText(tag, Qt::AlignCenter, stop.way);
        room.setLeft(tag.right() + 8);
    }
    painter.setFont(typeface(Text::Strong));
    painter.setPen(current ? roles().onPlan : roles().ink);
    theme::drawElided(painter, room, Qt::AlignTop, stop.title);
}

void RouteRule::paintStop(QPainter& painter, std::size_t at) const {
    const auto& stop = m_stops[at];
    const auto box = boxOf(at);
    const bool current = at == m_current;
    if (current) {
        QPainterPath flag(QPointF(box.left(), box.top()));
        flag.lineTo(box.right(), box.top());
        flag.lineTo(box.right(), box.bottom());
        flag.lineTo(box.left(), box.bottom());
        flag.lineTo(box.left() + 13, box.center().y());
        flag.closeSubpath();
        painter.fillPath(flag, stop.mark == plan::Mark::Stop ? roles().stop : roles().plan);
    }
    const int pad = box.height() < ui::box() ? 3 : 7;
    const auto word = QString::fromStdString(words::markWord(stop.mark));
    // Longer than the room beside a title: it goes before the line.
    const bool notNeeded = stop.mark == plan::Mark::NotNeeded;
    const bool spelled = stop.way.isEmpty() && stop.mark != plan::Mark::Open && !notNeeded;
    paintTitle(painter, box.adjusted(24, pad, spelled ? -theme::tall(48) - 28 : -26, -pad), stop, current);
    painter.setFont(typeface(Text::Small));
    painter.setPen(current ? roles().onPlan : roles().muted);
    const QRect wide = box.adjusted(24, pad, -4, -pad);
    theme::drawElided(painter, wide, Qt::AlignBottom, notNeeded ? word + ": " + stop.line : stop.line);
    if (stop.mark == plan::Mark::Open) return;
    const auto ink = current ? roles().onPlan : markColour(stop.mark);
    paintMark(painter, QPoint(box.right() - 14, box.top() + pad + theme::tall(10)), stop.mark, ink);
    painter.setPen(ink);
    const int wordWide = theme::tall(48);
    if (spelled)
        painter.drawText(QRect(box.right() - 28 - wordWide, box.top() + pad + 1, wordWide, theme::tall(18)),
                         Qt::AlignRight | Qt::AlignVCenter, word);
}

void RouteRule::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < m_stops.size(); ++i)
        if (boxOf(i).adjusted(-kEdge, -1, 6, 1).contains(event->position().toPoint()))
            return emit chosen(m_stops[i].place);
}

void RouteRule::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down && m_current + 1 < m_stops.size())
        return emit chosen(m_stops[m_current + 1].place);
    if (event->key() == Qt::Key_Up && m_current > 0) return emit chosen(m_stops[m_current - 1].place);
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
