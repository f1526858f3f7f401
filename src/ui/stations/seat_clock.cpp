#include "ui/stations/seat_clock.h"

#include "core/base/units.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QKeyEvent>
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

constexpr double kWordsRad = 62; // the words in the middle keep the arrow off

} // namespace

SeatClock::SeatClock(QWidget* parent) : QWidget(parent) {
    setObjectName("seatClock");
    setProperty("typedOn", true);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(320, 300);
    speakAs(*this, QAccessible::Table, tr("Readings on a clock face"));
}

QString SeatClock::spokenNow() const {
    const double angle = angleOf(m_current);
    const auto* reading = readingAt(angle);
    return tr("%1 o’clock: %2")
        .arg(q(seating::clockPosition(angle)), reading ? q(m_display.size(reading->value_mm).text()) : tr("empty"));
}

void SeatClock::changed() {
    speak(*this, spokenNow());
    update();
    emit moved();
}

void SeatClock::show(const std::vector<seating::Reading>& readings, const seating::Seating* seating,
                     seating::ReadingKind kind, const words::Display& display) {
    m_readings = readings;
    m_seating = seating ? std::optional(*seating) : std::nullopt;
    m_kind = kind;
    m_display = display;
    changed();
}

void SeatClock::setWords(const QString& heading, const QString& line) {
    m_heading = heading;
    m_line = line;
}

void SeatClock::setPlaces(int places) {
    m_places = std::clamp(places, 3, 12);
    m_current = std::min(m_current, m_places - 1);
    m_typing.clear();
    changed();
}

void SeatClock::start() {
    m_current = 0;
    m_typing.clear();
    changed();
}

double SeatClock::faceRadius() const {
    return std::min(width() - 150.0, height() - m_head - 108.0) / 2;
}

QPointF SeatClock::spot(double angle_deg, double radius) const {
    const QPointF centre(width() / 2.0, m_head + (height() - m_head) / 2.0 + 4);
    return centre + QPointF(radius * std::sin(angle_deg * kRadPerDeg), -radius * std::cos(angle_deg * kRadPerDeg));
}

const seating::Reading* SeatClock::readingAt(double angle_deg) const {
    for (const auto& r : m_readings)
        if (std::abs(r.angle_deg - angle_deg) < kSame_deg) return &r;
    return nullptr;
}

void SeatClock::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    paintFace(painter);
    paintPlaces(painter);
    paintHighSide(painter);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 12, width() - 40, 20), Qt::AlignVCenter,
                     m_heading.isEmpty() ? tr("Is it home, and is it square?") : m_heading);
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    const auto what = m_kind == seating::ReadingKind::Depth ? tr("Depth, housing face to ring (%1).")
                      : m_kind == seating::ReadingKind::Feeler
                          ? tr("Feeler gap between ring and shoulder (%1).")
                          : tr("Rise of the ring’s face under the indicator (%1).");
    theme::drawElided(painter, QRect(theme::kMargin, 32, width() - 40, 18), Qt::AlignVCenter,
                      (m_line.isEmpty() ? what.arg(q(m_display.size(0).unit)) : m_line) +
                          tr(" Arrows, digits, + and − %1 places.").arg(m_places));
}

void SeatClock::paintFace(QPainter& painter) const {
    const double r = faceRadius();
    const auto centre = spot(0, 0);
    painter.setBrush(roles().card);
    painter.setPen(QPen(roles().rule, 1.2));
    painter.drawEllipse(centre, r, r);
    for (int minute = 0; minute < 60; ++minute) {
        painter.setPen(QPen(roles().muted, minute % 5 ? 0.8 : 1.6));
        painter.drawLine(spot(minute * 6, r), spot(minute * 6, r - (minute % 5 ? 5 : 10)));
    }
    painter.setBrush(roles().hardened);
    painter.setPen(QPen(roles().ink, 1.5));
    QPainterPath ring;
    ring.addEllipse(centre, r * 0.86, r * 0.86);
    ring.addEllipse(centre, r * 0.7, r * 0.7);
    painter.drawPath(ring);
}

void SeatClock::paintPlaces(QPainter& painter) const {
    const double r = faceRadius();
    for (int place = 0; place < m_places; ++place) {
        const double angle = angleOf(place);
        const bool current = place == m_current;
        const auto* reading = readingAt(angle);
        const auto at = spot(angle, r * 0.78);
        painter.setBrush(current ? roles().plan : reading ? roles().ink : roles().card);
        painter.setPen(QPen(current ? roles().plan : roles().ink, 1.8));
        painter.drawEllipse(at, current ? 11 : 6, current ? 11 : 6);
        auto text = reading ? q(m_display.size(reading->value_mm).number) : QStringLiteral("–");
        if (current && !m_typing.isEmpty()) text = m_typing + "▏";
        painter.setFont(typeface(current ? Text::Title : Text::Body));
        painter.setPen(current ? roles().plan : reading ? roles().ink : roles().muted);
        const auto label = spot(angle, r + 34);
        painter.drawText(QRectF(label.x() - 60, label.y() - 14, 120, 28), Qt::AlignCenter, text);
    }
    // Readings taken at other places than the ones offered now are kept and shown.
    painter.setBrush(roles().ink);
    painter.setPen(Qt::NoPen);
    for (const auto& reading : m_readings)
        painter.drawEllipse(spot(reading.angle_deg, r * 0.78), 3, 3);
}

void SeatClock::paintHighSide(QPainter& painter) const {
    const auto centre = spot(0, 0);
    painter.setFont(typeface(Text::Small));
    if (!m_seating && !m_heading.isEmpty()) return;
    if (!m_seating || !m_seating->plane) {
        painter.setPen(roles().muted);
        painter.drawText(QRectF(centre.x() - kWordsRad, centre.y() - 40, 2 * kWordsRad, 80),
                         Qt::AlignCenter | Qt::TextWordWrap, tr("%1 of at least 3 readings").arg(m_readings.size()));
        return;
    }
    const auto& plane = *m_seating->plane;
    const double r = faceRadius(), high = plane.highAngle_deg;
    const bool level = plane.rise_mm < 1e-6;
    if (!level) {
        const auto tip = spot(high, r * 0.6), tail = spot(high, std::max(r * 0.26, kWordsRad));
        const bool tilted = m_seating->verdict == seating::SeatVerdict::Tilted;
        const auto colour = tilted ? roles().stop : roles().plan;
        painter.setPen(QPen(colour, 4));
        painter.drawLine(tail, spot(high, r * 0.54));
        QPainterPath head(tip);
        head.lineTo(spot(high - 5, r * 0.5));
        head.lineTo(spot(high + 5, r * 0.5));
        head.closeSubpath();
        painter.fillPath(head, colour);
    }
    painter.setPen(roles().muted);
    painter.drawText(QRectF(centre.x() - 80, centre.y() - 26, 160, 18), Qt::AlignCenter,
                     level ? tr("level") : tr("high side at"));
    painter.setFont(typeface(Text::Title));
    painter.setPen(roles().ink);
    if (!level)
        painter.drawText(QRectF(centre.x() - 80, centre.y() - 8, 160, 26), Qt::AlignCenter,
                         tr("%1 o’clock").arg(q(seating::clockPosition(high))));
}

void SeatClock::take(const QString& reading) {
    m_typing = reading;
    go(1);
}

void SeatClock::go(int by) {
    keep();
    m_current = (m_current + by + m_places) % m_places;
    changed();
}

void SeatClock::keep() {
    if (m_typing.isEmpty()) return;
    const auto typed = std::exchange(m_typing, QString());
    emit entered(angleOf(m_current), typed);
}

void SeatClock::keyPressEvent(QKeyEvent* event) {
    const auto text = event->text();
    if (!text.isEmpty() && (text[0].isDigit() || text[0] == '.' || text[0] == ',')) {
        m_typing += text[0] == ',' ? QChar('.') : text[0];
        return changed();
    }
    switch (event->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down:
        return go(1);
    case Qt::Key_Left:
    case Qt::Key_Up:
        return go(-1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_typing.isEmpty()) break; // nothing typed: Enter is the slip's action
        return go(1);
    case Qt::Key_Backspace:
        m_typing.chop(1);
        return changed();
    case Qt::Key_Delete:
        m_typing.clear();
        emit entered(angleOf(m_current), {});
        return changed();
    case Qt::Key_Plus:
        return setPlaces(m_places + 1);
    case Qt::Key_Minus:
        return setPlaces(m_places - 1);
    default:
        break;
    }
    QWidget::keyPressEvent(event);
}

void SeatClock::mousePressEvent(QMouseEvent* event) {
    setFocus();
    keep();
    const double r = faceRadius();
    for (int place = 0; place < m_places; ++place)
        if (QLineF(spot(angleOf(place), r * 0.78), event->position()).length() < theme::kTouch / 2.0) m_current = place;
    changed();
}

} // namespace arbor::ui
