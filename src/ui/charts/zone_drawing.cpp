#include "ui/charts/zone_drawing.h"

#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/display.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

QString shown(double value_mm, double perUnit_mm, int thouPlaces = 1) {
    return QString::fromStdString(words::decimals(value_mm / perUnit_mm, perUnit_mm < 1e-2 ? 0 : thouPlaces));
}

/// A step that is round in the unit shown and gives about `count` graduations [mm].
double graduation(double span_mm, int count, double perUnit_mm) {
    const double raw = span_mm / perUnit_mm / count, power = std::pow(10, std::floor(std::log10(raw)));
    for (const double step : {1.0, 2.0, 5.0, 10.0})
        if (step * power >= raw) return step * power * perUnit_mm;
    return 10 * power * perUnit_mm;
}

void hatched(QPainter& painter, const QRectF& box, const QColor& fill, bool rising) {
    painter.fillRect(box, fill);
    painter.save();
    painter.setClipRect(box);
    painter.setPen(QPen(roles().muted, 0.8));
    for (double x = box.left() - box.height(); x < box.right(); x += 7)
        painter.drawLine(QPointF(x, rising ? box.bottom() : box.top()),
                         QPointF(x + box.height(), rising ? box.top() : box.bottom()));
    painter.restore();
    painter.setPen(QPen(roles().ink, 1.3));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(box);
}

void heading(QPainter& painter, const QRect& area, const QString& title) {
    painter.fillRect(area.adjusted(0, 0, 1, 1), roles().card); // with what a division left
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, area.width() - 2 * theme::kMargin, 20), Qt::AlignVCenter, title);
}

} // namespace

ZoneDrawing::ZoneDrawing(QWidget* parent) : QWidget(parent) {
    setObjectName("zones");
    speakAs(*this, QAccessible::Graphic, tr("Bore and ring"));
    setMinimumSize(theme::tall(260), theme::tall(180));
}

void ZoneDrawing::show(const ZoneModel& model) {
    m_model = model;
    const auto band = [&](const Interval& limits_mm) {
        return QStringLiteral("%1…%2 %3")
            .arg(q(words::decimals(limits_mm.lower / model.perUnit_mm, 1)),
                 q(words::decimals(limits_mm.upper / model.perUnit_mm, 1)), model.unit);
    };
    QStringList said{model.nominal, model.holeName + " " + band(model.hole_mm),
                     model.ringName + " " + band(model.ring_mm)};
    if (model.measured_mm)
        said << tr("measured %1 %2").arg(q(words::decimals(*model.measured_mm / model.perUnit_mm, 1)), model.unit);
    speak(*this, said.join("; "));
    update();
}

void ZoneDrawing::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const theme::Drawn drawn(painter);
    const auto room = drawn.room(*this);
    heading(painter, room, tr("Bore and ring"));
    if (m_model.nominal.isEmpty()) return;
    const double split = room.width() * 0.54;
    paintZones(painter, QRectF(52, 48, split - 62, room.height() - 74));
    paintDensity(painter, QRectF(split + 16, 48, room.width() - split - 34, room.height() - 74));
}

void ZoneDrawing::paintZones(QPainter& painter, const QRectF& box) const {
    double lo = std::min({0.0, m_model.hole_mm.lower, m_model.ring_mm.lower, m_model.measured_mm.value_or(0)});
    double hi = std::max({0.0, m_model.hole_mm.upper, m_model.ring_mm.upper, m_model.measured_mm.value_or(0)});
    const double room = std::max((hi - lo) * 0.22, 1e-3);
    lo -= room;
    hi += room;
    const auto y = [&](double v) { return box.bottom() - (v - lo) / (hi - lo) * box.height(); };
    painter.setFont(typeface(Text::Small));
    const double step = graduation(hi - lo, 5, m_model.perUnit_mm);
    for (double v = std::ceil(lo / step) * step; v <= hi; v += step) {
        painter.setPen(roles().muted);
        painter.drawText(QRectF(0, y(v) - 9, 42, 18), Qt::AlignRight | Qt::AlignVCenter,
                         std::abs(v) < step / 2 ? m_model.nominal : shown(v, m_model.perUnit_mm));
        painter.drawLine(QPointF(45, y(v)), QPointF(51, y(v)));
    }
    painter.setPen(QPen(roles().ink, 1.2));
    painter.drawLine(QPointF(box.left(), y(0)), QPointF(box.right(), y(0)));
    const double wide = box.width() * 0.36;
    const QRectF hole(box.left() + box.width() * 0.06, y(m_model.hole_mm.upper), wide,
                      y(m_model.hole_mm.lower) - y(m_model.hole_mm.upper));
    const QRectF ring(box.left() + box.width() * 0.58, y(m_model.ring_mm.upper), wide,
                      y(m_model.ring_mm.lower) - y(m_model.ring_mm.upper));
    hatched(painter, hole, roles().iron, true);
    hatched(painter, ring, roles().hardened, false);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRectF(hole.left() - 20, box.bottom() - 2, wide + 40, 18), Qt::AlignHCenter, m_model.holeName);
    painter.drawText(QRectF(ring.left() - 20, box.bottom() - 2, wide + 40, 18), Qt::AlignHCenter, m_model.ringName);
    if (m_model.measured_mm) {
        const double at = y(*m_model.measured_mm);
        const double half = std::max(1.5, (y(-m_model.measuredUncertainty_mm) - y(m_model.measuredUncertainty_mm)) / 2);
        QColor band = roles().plan;
        band.setAlphaF(0.3F);
        painter.fillRect(QRectF(hole.left() - 6, at - half, wide + 12, 2 * half), band);
        painter.setPen(QPen(roles().plan, 2.5));
        painter.drawLine(QPointF(hole.left() - 6, at), QPointF(hole.right() + 6, at));
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().plan);
        painter.drawText(QRectF(hole.left(), y(hi) - 4, box.right() - hole.left(), 18), Qt::AlignLeft,
                         tr("measured %1 %2").arg(shown(*m_model.measured_mm, m_model.perUnit_mm, 2), m_model.unit));
    }
}

void ZoneDrawing::paintDensity(QPainter& painter, const QRectF& box) const {
    const auto& window = m_model.densityWindow_mm;
    if (m_model.density.empty() || window.width() <= 0) return;
    const auto x = [&](double v) { return box.left() + (v - window.lower) / window.width() * box.width(); };
    const double peak = *std::max_element(m_model.density.begin(), m_model.density.end());
    const double base = box.bottom() - 8, tall = box.height() - 30;
    QPainterPath curve(QPointF(box.left(), base));
    for (std::size_t i = 0; i < m_model.density.size(); ++i)
        curve.lineTo(box.left() +
                         box.width() * (static_cast<double>(i) + 0.5) / static_cast<double>(m_model.density.size()),
                     base - (peak > 0 ? m_model.density[i] / peak : 0) * tall);
    curve.lineTo(box.right(), base);
    painter.fillPath(curve, roles().planPale);
    painter.setPen(QPen(roles().plan, 1.6));
    painter.drawPath(curve);
    painter.setPen(QPen(roles().ink, 1.2));
    painter.drawLine(QPointF(box.left(), base), QPointF(box.right(), base));
    painter.setFont(typeface(Text::Small));
    const double step = graduation(window.width(), 4, m_model.perUnit_mm);
    for (double v = std::ceil(window.lower / step) * step; v <= window.upper; v += step) {
        painter.setPen(roles().ink);
        painter.drawLine(QPointF(x(v), base), QPointF(x(v), base + 4));
        painter.setPen(roles().muted);
        painter.drawText(QRectF(x(v) - 20, base + 5, 40, 16), Qt::AlignHCenter, shown(v, m_model.perUnit_mm));
    }
    QPen loose(roles().stop, 1.4, Qt::DashLine);
    painter.setPen(loose);
    painter.drawLine(QPointF(x(0), box.top() + 14), QPointF(x(0), base));
    painter.drawText(QRectF(std::max(box.left(), x(0) - 70), box.top() - 4, 66, 16), Qt::AlignRight,
                     x(0) - box.left() > 40 ? tr("loose") : QString());
    painter.setPen(roles().muted);
    painter.drawText(QRectF(box.left(), box.top() - 34, box.width(), 16), Qt::AlignRight,
                     tr("%1 tight").arg(m_model.unit));
}

ClearanceSteps::ClearanceSteps(QWidget* parent) : QWidget(parent) {
    setObjectName("clearanceSteps");
    speakAs(*this, QAccessible::Graphic, tr("Clearance inside the bearing"));
    setMinimumSize(theme::tall(260), theme::tall(180));
}

void ClearanceSteps::show(std::vector<ClearanceStep> steps, const QString& unit, double perUnit_mm) {
    m_steps = std::move(steps);
    m_unit = unit;
    m_perUnit_mm = perUnit_mm;
    QStringList said;
    for (const auto& step : m_steps)
        said << QStringLiteral("%1 %2 %3").arg(step.label, step.value, unit);
    speak(*this, said.join("; "));
    update();
}

void ClearanceSteps::setScatter(std::vector<double> density, const Interval& window_mm) {
    m_density = std::move(density);
    m_window_mm = window_mm;
    update();
}

void ClearanceSteps::paintScatter(QPainter& painter, const QRectF& box, const std::function<double(double)>& y) const {
    const double peak = *std::max_element(m_density.begin(), m_density.end());
    if (!(peak > 0)) return;
    QPainterPath curve(QPointF(box.left(), y(m_window_mm.lower)));
    const double step = m_window_mm.width() / static_cast<double>(m_density.size());
    for (std::size_t i = 0; i < m_density.size(); ++i)
        curve.lineTo(box.left() + box.width() * m_density[i] / peak,
                     y(m_window_mm.lower + step * (static_cast<double>(i) + 0.5)));
    curve.lineTo(box.left(), y(m_window_mm.upper));
    painter.save();
    painter.setClipRect(box.adjusted(-1, -20, 2, 1));
    painter.fillPath(curve, roles().planPale);
    painter.setPen(QPen(roles().plan, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(curve);
    painter.restore();
}

void ClearanceSteps::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const theme::Drawn drawn(painter);
    const auto room = drawn.room(*this);
    heading(painter, room, tr("Clearance inside the bearing"));
    painter.fillRect(0, 0, theme::kHairline, room.height(), roles().rule);
    if (m_steps.empty()) return;
    const QRectF box(52, 46, room.width() - 66, room.height() - 84);
    double lo = 0, hi = 1e-3;
    for (const auto& s : m_steps) {
        lo = std::min(lo, s.from_mm);
        hi = std::max(hi, s.to_mm);
    }
    hi += (hi - lo) * 0.18;
    const auto y = [&](double v) { return box.bottom() - (v - lo) / (hi - lo) * box.height(); };
    painter.setFont(typeface(Text::Small));
    const double step = graduation(hi - lo, 4, m_perUnit_mm);
    for (double v = std::ceil(lo / step) * step; v <= hi; v += step) {
        painter.setPen(QPen(std::abs(v) < step / 2 ? roles().ink : roles().rule, 1));
        painter.drawLine(QPointF(box.left(), y(v)), QPointF(box.right(), y(v)));
        painter.setPen(roles().muted);
        painter.drawText(QRectF(0, y(v) - 9, 44, 18), Qt::AlignRight | Qt::AlignVCenter, shown(v, m_perUnit_mm));
    }
    const bool scatter = !m_density.empty();
    const double cell = box.width() / (static_cast<double>(m_steps.size()) + (scatter ? 0.7 : 0)), wide = cell * 0.62;
    if (scatter) paintScatter(painter, QRectF(box.right() - 0.72 * cell, box.top(), 0.66 * cell, box.height()), y);
    for (std::size_t i = 0; i < m_steps.size(); ++i) {
        const auto& s = m_steps[i];
        const double left = box.left() + cell * static_cast<double>(i) + (cell - wide) / 2;
        const QRectF bar(left, y(s.to_mm), wide, std::max(2.0, y(s.from_mm) - y(s.to_mm)));
        painter.fillRect(bar, s.tone == 0 ? roles().planPale : s.tone == 1 ? roles().steel : roles().cautionPale);
        painter.setPen(QPen(s.tone == 0 ? roles().plan : roles().muted, 1.2));
        painter.drawRect(bar);
        painter.setPen(QPen(roles().ink, 2.2));
        painter.drawLine(QPointF(left, y(s.likely_mm)), QPointF(left + wide, y(s.likely_mm)));
        painter.setFont(typeface(s.tone == 0 ? Text::Strong : Text::Small));
        painter.setPen(s.tone == 0 ? roles().ink : roles().muted);
        painter.drawText(QRectF(left - 12, bar.top() - 18, wide + 24, 16), Qt::AlignHCenter, s.value);
        painter.setFont(typeface(Text::Small));
        painter.drawText(QRectF(left - cell * 0.18, box.bottom() + 4, wide + cell * 0.36, 32),
                         Qt::AlignHCenter | Qt::TextWordWrap, s.label);
    }
    painter.setPen(roles().stop);
    painter.drawText(QRectF(box.left(), y(0) + 2, box.width(), 16), Qt::AlignRight,
                     lo < 0 ? tr("none left below this line") : QString());
    painter.setPen(roles().muted);
    painter.drawText(QRectF(box.left(), 12, box.width(), 16), Qt::AlignRight, m_unit);
}

} // namespace arbor::ui
