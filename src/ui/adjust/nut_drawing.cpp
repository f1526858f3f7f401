#include "ui/adjust/nut_drawing.h"

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

constexpr int kDialTop = 58;
constexpr std::size_t kNeighbours = 2; // places shown on either side of where it stands

void hatchedTube(QPainter& p, const QRectF& box, double bore, const QColor& fill) {
    p.setPen(QPen(roles().ink, 1.5));
    for (const bool left : {true, false}) {
        const double wall = (box.width() - bore) / 2;
        const QRectF half(left ? box.left() : box.right() - wall, box.top(), wall, box.height());
        p.fillRect(half, fill);
        p.setBrush(QBrush(roles().muted, left ? Qt::BDiagPattern : Qt::FDiagPattern));
        p.drawRect(half);
    }
    p.setBrush(Qt::NoBrush);
}

} // namespace

NutDrawing::NutDrawing(QWidget* parent) : QWidget(parent) {
    setObjectName("nutDrawing");
    setAccessibleName(tr("The nut and where it can be locked"));
    setMinimumHeight(260);
}

void NutDrawing::show(const plan::AdjustPlan* plan, const job::Adjust& overrides, const words::Display& display) {
    m_plan = plan ? std::optional(*plan) : std::nullopt;
    m_overrides = overrides;
    m_display = display;
    QStringList spoken{headLine()};
    if (m_plan && m_plan->choice)
        for (const auto& place : m_plan->choice->places)
            spoken << tr("%1 degrees: %2").arg(place.turn_deg, 0, 'f', 0).arg(q(m_display.fine(place.play_mm).text()));
    setAccessibleDescription(spoken.join('\n'));
    update();
}

double NutDrawing::radius() const {
    return std::max(50.0, std::min(width() - 200.0, height() - kDialTop - 110.0) / 2);
}

QPointF NutDrawing::spot(double angle_deg, double r) const {
    const QPointF centre(width() / 2.0, kDialTop + (height() - kDialTop) / 2.0 + 14);
    return centre + QPointF(r * std::sin(angle_deg * kRadPerDeg), -r * std::cos(angle_deg * kRadPerDeg));
}

QString NutDrawing::headLine() const {
    if (!m_plan) return tr("No pair of bearings here is set against each other.");
    if (m_plan->onSpacer())
        return tr("%1 keeps the rings apart: its length sets the end play at full torque.").arg(q(m_plan->pair.spacer));
    const auto step =
        m_plan->choice ? tr(", %1 a place").arg(q(m_display.fine(m_plan->choice->step_mm).text())) : QString();
    const auto holes = m_overrides.nut.holes().size();
    return tr("Pitch %1, %2 slots, %3%4.")
        .arg(q(m_display.size(m_overrides.nut.pitch_mm).text()))
        .arg(m_overrides.nut.slotCount)
        .arg(holes == 1 ? tr("one hole") : tr("%1 holes").arg(holes), step);
}

void NutDrawing::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    const bool spacer = m_plan && m_plan->onSpacer();
    painter.drawText(QRect(theme::kMargin, 12, width() - 40, 20), Qt::AlignVCenter,
                     !m_plan  ? tr("Nothing to set")
                     : spacer ? tr("Which spacer length gives the end play wanted")
                              : tr("Which slot gives the end play wanted"));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    theme::drawElided(painter, QRect(theme::kMargin, 32, width() - 40, 18), Qt::AlignVCenter, headLine());
    if (!m_plan) return;
    if (spacer) return paintStack(painter);
    paintNut(painter);
    paintPlaces(painter);
}

void NutDrawing::paintNut(QPainter& p) const {
    const double r = radius(), first = m_overrides.nut.holes().front() + m_overrides.toNext_deg;
    QPainterPath hex;
    for (int i = 0; i < 6; ++i) {
        const auto at = spot(60.0 * i, r);
        i == 0 ? hex.moveTo(at) : hex.lineTo(at);
    }
    hex.closeSubpath();
    p.setPen(QPen(roles().ink, 1.5));
    p.fillPath(hex, roles().steel);
    p.setBrush(QBrush(roles().muted, Qt::BDiagPattern));
    p.drawPath(hex);
    p.setBrush(roles().card);
    p.drawEllipse(spot(0, 0), 0.78 * r, 0.78 * r);
    for (int i = 0; i < m_overrides.nut.slotCount; ++i) {
        p.save();
        p.translate(spot(0, 0));
        p.rotate(first + 360.0 * i / m_overrides.nut.slotCount);
        p.setBrush(roles().paper);
        p.drawRect(QRectF(-0.07 * r, -0.82 * r, 0.14 * r, 0.36 * r));
        p.restore();
    }
    p.setBrush(roles().planPale);
    p.drawEllipse(spot(0, 0), 0.46 * r, 0.46 * r);
    p.setBrush(QBrush(roles().plan, Qt::FDiagPattern));
    p.drawEllipse(spot(0, 0), 0.46 * r, 0.46 * r);
    for (const double hole : m_overrides.nut.holes()) {
        p.save();
        p.translate(spot(0, 0));
        p.rotate(hole);
        p.setBrush(roles().card);
        p.drawRect(QRectF(-0.045 * r, -0.46 * r, 0.09 * r, 0.92 * r));
        p.restore();
    }
}

/// To the left on, to the right back; the one to take is marked.
void NutDrawing::paintPlaces(QPainter& p) const {
    if (!m_plan->choice) return;
    const auto& places = m_plan->choice->places;
    const auto at =
        std::find_if(places.begin(), places.end(), [](const auto& place) { return place.turn_deg > -1e-6; });
    const auto zero = static_cast<std::size_t>(at - places.begin());
    const auto from = zero > kNeighbours ? zero - kNeighbours : 0;
    const double r = radius();
    for (auto i = from; i < std::min(places.size(), zero + kNeighbours + 1); ++i) {
        const auto& place = places[i];
        const bool best = m_plan->choice->best == i, now = std::abs(place.turn_deg) < 1e-6;
        const auto colour = best                ? roles().proven
                            : place.play_mm < 0 ? roles().stop
                            : now               ? roles().ink
                                                : roles().muted;
        // Spread over the upper half: steps are often too small to be told apart where they are.
        const double shown = (static_cast<double>(i) - static_cast<double>(zero)) * 42;
        p.setPen(QPen(colour, best || now ? 4 : 2));
        p.drawLine(spot(shown, r * 1.03), spot(shown, r * 1.14));
        const auto label = spot(shown, r + 46);
        p.setFont(typeface(best || now ? Text::Title : Text::Strong));
        p.drawText(QRectF(label.x() - 80, label.y() - 22, 160, 24), Qt::AlignCenter,
                   place.play_mm < 0 ? tr("none") : q(m_display.fine(place.play_mm).text()));
        p.setFont(typeface(Text::Small));
        p.drawText(QRectF(label.x() - 80, label.y(), 160, 18), Qt::AlignCenter,
                   now                  ? tr("now")
                   : place.turn_deg < 0 ? tr("on %1°").arg(-place.turn_deg, 0, 'f', 0)
                                        : tr("back %1°").arg(place.turn_deg, 0, 'f', 0));
    }
}

void NutDrawing::paintStack(QPainter& p) const {
    const auto& pair = m_plan->pair;
    const double h = height() - kDialTop - 40, w = std::min(200.0, width() * 0.35), x = 2.0 * theme::kMargin;
    const double ring = h * 0.24, top = kDialTop + 16;
    hatchedTube(p, QRectF(x, top, w, ring), w * 0.5, roles().hardened);
    hatchedTube(p, QRectF(x + w * 0.12, top + ring, w * 0.76, h - 2 * ring), w * 0.5, roles().steel);
    hatchedTube(p, QRectF(x, top + h - ring, w, ring), w * 0.5, roles().hardened);
    p.setPen(roles().ink);
    p.setFont(typeface(Text::Strong));
    const auto say = [&](double y, const QString& head, const QString& under) {
        p.setFont(typeface(Text::Strong));
        p.setPen(roles().ink);
        p.drawText(QRectF(x + w + 24, y, 260, 20), Qt::AlignVCenter, head);
        p.setFont(typeface(Text::Small));
        p.setPen(roles().muted);
        p.drawText(QRectF(x + w + 24, y + 20, 260, 18), Qt::AlignVCenter, under);
    };
    say(top + ring / 2 - 20, q(pair.second), q(m_display.size(pair.secondBearing->innerWidth_mm).text()));
    say(top + h / 2 - 20, q(pair.spacer) + " " + q(m_display.size(pair.spacerLength_mm).text()),
        m_plan->neededSpacer_mm ? tr("needed %1").arg(q(m_display.size(m_plan->neededSpacer_mm->mid()).text()))
                                : tr("measure end play to know its length"));
    say(top + h - ring / 2 - 20, q(pair.first), q(m_display.size(pair.firstBearing->innerWidth_mm).text()));
}

} // namespace arbor::ui
