#include "ui/measure/bore_map.h"

#include "core/base/units.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr double kRing = 0.62;   // of the polar drawing's radius: the nominal circle
constexpr double kStretch = 0.3; // of it: the widest deviation in sight

Qt::PenStyle lineOf(std::size_t plane) {
    constexpr Qt::PenStyle kLines[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine};
    return kLines[plane % std::size(kLines)];
}

} // namespace

BoreMap::BoreMap(QWidget* parent) : QWidget(parent) {
    setObjectName("boreMap");
    setMinimumSize(360, 220);
}

void BoreMap::show(const plan::SurfacePlan& surface, double nominal_mm, double length_mm, bool hole,
                   const words::Display& display) {
    m_surface = surface;
    m_nominal_mm = nominal_mm;
    m_length_mm = length_mm;
    m_hole = hole;
    m_display = display;
    const auto widest = std::max(std::abs(span().lower), std::abs(span().upper));
    m_enlarged = m_surface.form ? kStretch / kRing * (nominal_mm / 2) / widest : 0;
    update();
}

Interval BoreMap::span() const {
    Interval out{-0.005, 0.005};
    const auto see = [&](double deviation) {
        out.lower = std::min(out.lower, deviation);
        out.upper = std::max(out.upper, deviation);
    };
    if (m_surface.size_mm) {
        see(m_surface.size_mm->lower);
        see(m_surface.size_mm->upper);
    }
    if (m_surface.form) {
        see(m_surface.form->least_mm - m_nominal_mm);
        see(m_surface.form->greatest_mm - m_nominal_mm);
    }
    return out;
}

void BoreMap::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, width() - 40, 20), Qt::AlignVCenter,
                     m_hole ? tr("Form of the bore") : tr("Form of the journal"));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    if (!m_surface.form) {
        painter.drawText(rect().adjusted(theme::kMargin, 30, -theme::kMargin, -10), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("Type the first readings: the form is drawn as they come."));
        return;
    }
    painter.drawText(QRect(theme::kMargin, 10, width() - 40, 20), Qt::AlignVCenter | Qt::AlignRight,
                     tr("enlarged %1 times; band: %2")
                         .arg(std::round(m_enlarged / 10) * 10)
                         .arg(m_surface.spec.empty() ? tr("no class") : q(m_surface.spec)));
    // Side by side where there is room for it, else one above the other.
    if (width() > height()) {
        const double split = std::min(height() * 1.05, width() * 0.5);
        paintAcross(painter, QRectF(8, 34, split - 8, height() - 40));
        paintAlong(painter, QRectF(split + 78, 44, width() - split - 98, height() - 84));
    } else {
        const double split = 34 + (height() - 34) * 0.56;
        paintAcross(painter, QRectF(8, 34, width() - 16, split - 34));
        paintAlong(painter, QRectF(82, split + 16, width() - 106, height() - split - 60));
    }
}

/// Two-point diameters: each stands for both ends of its direction, so the outline is drawn through 360 degrees.
void BoreMap::paintAcross(QPainter& painter, const QRectF& box) const {
    const auto centre = box.center();
    const double radius = std::min(box.width(), box.height()) / 2 - 12;
    const double widest = std::max(std::abs(span().lower), std::abs(span().upper));
    const auto at = [&](double deviation) { return radius * (kRing + kStretch * deviation / widest); };
    if (m_surface.size_mm) {
        QPainterPath band;
        band.addEllipse(centre, at(m_surface.size_mm->upper), at(m_surface.size_mm->upper));
        QPainterPath hole;
        hole.addEllipse(centre, at(m_surface.size_mm->lower), at(m_surface.size_mm->lower));
        painter.fillPath(band.subtracted(hole), roles().provenPale);
    }
    painter.setPen(QPen(roles().muted, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(centre, at(0), at(0));
    const auto spot = [&](double direction_deg, double deviation) {
        return centre + QPointF(at(deviation) * std::sin(direction_deg * kRadPerDeg),
                                -at(deviation) * std::cos(direction_deg * kRadPerDeg));
    };
    for (std::size_t p = 0; p < m_surface.form->planes.size(); ++p) {
        const auto& readings = m_surface.form->planes[p].readings;
        QPolygonF outline;
        for (const double turn : {0.0, 180.0})
            for (const auto& r : readings)
                outline << spot(r.direction_deg + turn, r.dia_mm - m_nominal_mm);
        painter.setPen(QPen(roles().plan, 2, lineOf(p)));
        painter.drawPolygon(outline);
        painter.setBrush(roles().plan);
        for (const auto& point : outline)
            painter.drawEllipse(point, 2.5, 2.5);
        painter.setBrush(Qt::NoBrush);
    }
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(
        QRectF(centre.x() - 60, centre.y() - 18, 120, 36), Qt::AlignCenter,
        tr("Ø %1\n%2").arg(q(m_display.size(m_nominal_mm).number), m_hole ? tr("metal outside") : tr("metal inside")));
}

void BoreMap::paintAlong(QPainter& painter, const QRectF& box) const {
    auto s = span();
    const double room = (s.upper - s.lower) * 0.12;
    s = {s.lower - room, s.upper + room};
    const auto x = [&](double deviation) { return box.left() + (deviation - s.lower) / s.width() * box.width(); };
    const double deepest = std::max({1.0, m_length_mm, m_surface.form->planes.back().depth_mm});
    const auto y = [&](double depth) { return box.top() + depth / deepest * box.height(); };
    if (m_surface.size_mm)
        painter.fillRect(
            QRectF(QPointF(x(m_surface.size_mm->lower), box.top()), QPointF(x(m_surface.size_mm->upper), box.bottom())),
            roles().provenPale);
    painter.setPen(QPen(roles().rule, 1));
    painter.drawRect(box);
    painter.setPen(QPen(roles().muted, 1));
    painter.drawLine(QPointF(x(0), box.top()), QPointF(x(0), box.bottom()));
    painter.setFont(typeface(Text::Small));
    const auto number = [&](double deviation) { return q(m_display.fine(deviation).number); };
    if (m_surface.size_mm) {
        painter.drawText(QRectF(x(m_surface.size_mm->lower) - 40, box.bottom() + 4, 80, 16), Qt::AlignHCenter,
                         number(m_surface.size_mm->lower));
        painter.drawText(QRectF(x(m_surface.size_mm->upper) - 40, box.bottom() + 4, 80, 16), Qt::AlignHCenter,
                         number(m_surface.size_mm->upper));
    }
    painter.drawText(QRectF(box.left(), box.bottom() + 20, box.width(), 16), Qt::AlignRight,
                     m_surface.formLimit_mm > 0
                         ? tr("dashed: form tolerance %1").arg(q(m_display.fine(m_surface.formLimit_mm).text()))
                         : q(m_display.fine(0).unit));
    painter.drawText(QRectF(box.left() - 76, box.top() - 8, 70, 16), Qt::AlignRight, tr("open end"));
    QPolygonF means;
    for (std::size_t p = 0; p < m_surface.form->planes.size(); ++p) {
        const auto& plane = m_surface.form->planes[p];
        means << QPointF(x(plane.mean_mm - m_nominal_mm), y(plane.depth_mm));
        const auto [least, greatest] =
            std::minmax_element(plane.readings.begin(), plane.readings.end(),
                                [](const auto& a, const auto& b) { return a.dia_mm < b.dia_mm; });
        painter.setPen(QPen(roles().plan, 2, lineOf(p)));
        painter.drawLine(QPointF(x(least->dia_mm - m_nominal_mm), y(plane.depth_mm)),
                         QPointF(x(greatest->dia_mm - m_nominal_mm), y(plane.depth_mm)));
        painter.setPen(roles().muted);
        painter.drawText(QRectF(box.left() - 56, y(plane.depth_mm) - 8, 50, 16), Qt::AlignRight | Qt::AlignVCenter,
                         q(m_display.size(plane.depth_mm).number));
    }
    // What form may take, about the mean.
    painter.setPen(QPen(roles().caution, 1.2, Qt::DashLine));
    for (const double side : {-0.5, 0.5})
        if (m_surface.formLimit_mm > 0) {
            const double at = x(m_surface.form->mean_mm - m_nominal_mm + side * m_surface.formLimit_mm);
            painter.drawLine(QPointF(at, box.top()), QPointF(at, box.bottom()));
        }
    painter.setPen(QPen(roles().ink, 1.6));
    painter.drawPolyline(means);
    painter.setBrush(roles().ink);
    for (const auto& point : means)
        painter.drawEllipse(point, 3.5, 3.5);
    painter.setBrush(Qt::NoBrush);
}

} // namespace arbor::ui
