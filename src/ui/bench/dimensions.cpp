#include "ui/bench/dimensions.h"

#include "ui/theme/theme.h"

#include <QColor>
#include <QFontMetricsF>
#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;

constexpr double kGapToSection = 12, kBoxHeight = 20, kBoxPadding = 6;
constexpr double kArrowLength = 8, kArrowHalf = 2.6;
constexpr double kPastLine = 4; // that a witness line runs past its dimension

QColor inkOf(const Dimension& d) {
    return d.wrong ? roles().stop : d.chosen ? roles().plan : d.proposed ? roles().muted : roles().ink;
}

double length(const Dimension& d) {
    return d.to_mm - d.from_mm;
}

QRectF boxAround(QPointF centre, const QString& text) {
    const QFontMetricsF metrics(theme::typeface(theme::Text::Strong));
    const double wide = metrics.horizontalAdvance(text) + 2 * kBoxPadding;
    return {centre.x() - wide / 2, centre.y() - kBoxHeight / 2, wide, kBoxHeight};
}

void arrow(QPainter& painter, QPointF tip, QPointF from) {
    const QLineF way(tip, from);
    if (way.length() < 1e-6) return;
    const QPointF along = (from - tip) / way.length() * kArrowLength;
    const QPointF across = QPointF(-along.y(), along.x()) / kArrowLength * kArrowHalf;
    painter.drawPolygon(QPolygonF{tip, tip + along + across, tip + along - across});
}

} // namespace

DimensionLayout::DimensionLayout(const std::vector<Dimension>& dimensions, double middle_mm) {
    std::vector<const Dimension*> lengths;
    for (const auto& d : dimensions)
        (!d.diameter ? lengths : d.at_mm >= middle_mm ? m_above : m_below).push_back(&d);
    for (auto* list : {&m_above, &m_below, &lengths})
        std::stable_sort(list->begin(), list->end(), [](auto* a, auto* b) { return length(*a) < length(*b); });
    for (const auto* d : lengths) {
        const auto room = std::find_if(m_columns.begin(), m_columns.end(), [&](const auto& column) {
            return std::none_of(column.begin(), column.end(),
                                [&](auto* o) { return o->from_mm < d->to_mm && d->from_mm < o->to_mm; });
        });
        if (room == m_columns.end())
            m_columns.push_back({d});
        else
            room->push_back(d);
    }
}

std::vector<PlacedDimension> DimensionLayout::placed(const QTransform& map, const QRectF& section) const {
    std::vector<PlacedDimension> out;
    const auto row = [&](const std::vector<const Dimension*>& list, double from, double step) {
        for (std::size_t i = 0; i < list.size(); ++i) {
            const auto& d = *list[i];
            const double y = from + step * (static_cast<double>(i) + 0.5);
            const auto left = map.map(QPointF(d.from_mm, d.at_mm)), right = map.map(QPointF(d.to_mm, d.at_mm));
            const double past = step < 0 ? -kPastLine : kPastLine;
            const QLineF line(left.x(), y, right.x(), y);
            out.push_back({&d,
                           line,
                           {left, {left.x(), y + past}},
                           {right, {right.x(), y + past}},
                           boxAround(line.center(), d.text)});
        }
    };
    row(m_above, section.top() - kGapToSection, -kRow);
    row(m_below, section.bottom() + kGapToSection, kRow);
    for (std::size_t c = 0; c < m_columns.size(); ++c)
        for (const auto* d : m_columns[c]) {
            const double x = section.right() + kGapToSection + kColumn * (static_cast<double>(c) + 0.5);
            const auto low = map.map(QPointF(d->at_mm, d->from_mm)), high = map.map(QPointF(d->at_mm, d->to_mm));
            const QLineF line(x, low.y(), x, high.y());
            auto box = boxAround(line.center(), d->text);
            if (line.length() < kBoxHeight + 2 * kArrowLength) box.moveLeft(x + kPastLine); // no room in the line
            out.push_back({d, line, {low, {x + kPastLine, low.y()}}, {high, {x + kPastLine, high.y()}}, box});
        }
    return out;
}

void paintDimensions(QPainter& painter, const std::vector<PlacedDimension>& dimensions) {
    for (const bool chosen : {false, true}) // the chosen one lies over the others
        for (const auto& d : dimensions) {
            if (d.of->chosen != chosen) continue;
            const auto ink = inkOf(*d.of);
            painter.setPen(QPen(chosen ? roles().plan : roles().rule, 0.8));
            painter.drawLine(d.witness1);
            painter.drawLine(d.witness2);
            painter.setPen(QPen(ink, chosen || d.of->wrong ? 1.6 : 0.9));
            painter.drawLine(d.line);
            painter.setBrush(ink);
            painter.setPen(Qt::NoPen);
            arrow(painter, d.line.p1(), d.line.p2());
            arrow(painter, d.line.p2(), d.line.p1());
        }
    painter.setFont(theme::typeface(theme::Text::Strong));
    for (const bool chosen : {false, true})
        for (const auto& d : dimensions) {
            if (d.of->chosen != chosen) continue;
            painter.setBrush(d.of->wrong ? roles().stopPale : chosen ? roles().card : roles().paper);
            painter.setPen(chosen ? QPen(inkOf(*d.of), 2) : QPen(Qt::NoPen));
            painter.drawRoundedRect(d.box, 3, 3);
            painter.setPen(inkOf(*d.of));
            painter.drawText(d.box, Qt::AlignCenter, d.of->text);
        }
    painter.setBrush(Qt::NoBrush);
}

} // namespace arbor::ui
