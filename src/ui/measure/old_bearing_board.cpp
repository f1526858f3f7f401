#include "ui/measure/old_bearing_board.h"

#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/measure_words.h"

#include <QKeyEvent>
#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace arbor::ui {

namespace {

using measure::Sign;
using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kBoardTop = 56;

/// Spots that look scattered and are the same every time.
std::vector<QPointF> scattered(const QRectF& box, int count) {
    std::vector<QPointF> out;
    unsigned state = 7;
    const auto next = [&state] {
        state = state * 1664525U + 1013904223U;
        return static_cast<double>(state >> 8U) / static_cast<double>(1U << 24U);
    };
    for (int i = 0; i < count; ++i) {
        const double x = next(), y = next();
        out.emplace_back(box.left() + x * box.width(), box.top() + y * box.height());
    }
    return out;
}

/// A raceway unrolled: two lands with the track between them.
QRectF track(QPainter& painter, const QRectF& box, const QColor& fill) {
    painter.setPen(QPen(roles().ink, 1.2));
    painter.setBrush(roles().hardened);
    painter.drawRect(box);
    const QRectF groove = box.adjusted(0, box.height() * 0.26, 0, -box.height() * 0.26);
    painter.fillRect(groove, fill);
    painter.setPen(QPen(roles().muted, 1));
    painter.drawLine(groove.topLeft(), groove.topRight());
    painter.drawLine(groove.bottomLeft(), groove.bottomRight());
    return groove;
}

void dots(QPainter& painter, const QRectF& box, int count, double size, const QColor& colour) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    for (const auto& spot : scattered(box, count))
        painter.drawEllipse(spot, size, size * 0.8);
}

void paintDents(QPainter& painter, const QRectF& groove) {
    painter.setPen(QPen(roles().ink, 1));
    painter.setBrush(roles().muted);
    for (int i = 0; i < 5; ++i)
        painter.drawEllipse(QPointF(groove.left() + groove.width() * (i + 0.5) / 5, groove.center().y()), 4,
                            groove.height() * 0.34);
}

void paintHeat(QPainter& painter, const QRectF& groove) {
    QLinearGradient heat(groove.topLeft(), groove.topRight());
    heat.setColorAt(0, QColor("#E6D9A8"));
    heat.setColorAt(0.45, QColor("#B0783C"));
    heat.setColorAt(0.7, QColor("#6A4C7D"));
    heat.setColorAt(1, QColor("#34568B"));
    painter.fillRect(groove, heat);
}

void paintWander(QPainter& painter, const QRectF& groove) {
    QPainterPath path;
    for (int i = 0; i <= 40; ++i) {
        const double share = i / 40.0;
        const QPointF at(groove.left() + share * groove.width(),
                         groove.center().y() - groove.height() * 0.3 * std::cos(2 * std::numbers::pi * share));
        i == 0 ? path.moveTo(at) : path.lineTo(at);
    }
    painter.setPen(QPen(roles().ink, 7, Qt::SolidLine, Qt::FlatCap));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(path);
}

void paintFlake(QPainter& painter, const QRectF& groove) {
    const QPointF c = groove.center();
    const std::array<QPointF, 9> edge{QPointF(-26, -6), {-14, -12}, {-2, -7}, {8, -13}, {24, -5},
                                      {28, 7},          {10, 11},   {-8, 9},  {-22, 12}};
    QPolygonF hole;
    for (const auto& p : edge)
        hole << c + p;
    painter.setPen(QPen(roles().ink, 1.4));
    painter.setBrush(roles().ink);
    painter.drawPolygon(hole);
    dots(painter, QRectF(c.x() - 20, c.y() - 7, 40, 12), 26, 1.4, roles().hardened);
}

/// A cylinder seen from the side, bright where a ring ran on it or in it.
void paintPolished(QPainter& painter, const QRectF& box, bool bore) {
    painter.setPen(QPen(roles().ink, 1.2));
    painter.setBrush(roles().iron);
    painter.drawRect(box);
    const QRectF seat = bore ? box.adjusted(0, box.height() * 0.3, 0, -box.height() * 0.3)
                             : box.adjusted(box.width() * 0.12, 0, -box.width() * 0.12, 0);
    painter.fillRect(seat, roles().card);
    painter.setPen(QPen(roles().muted, 1));
    const int lines = 6;
    for (int i = 1; i < lines; ++i) {
        const double y = seat.top() + seat.height() * i / lines;
        painter.drawLine(QPointF(seat.left(), y), QPointF(seat.right(), y));
    }
    painter.setPen(QPen(roles().ink, 1.2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(seat);
}

void paintSealTrack(QPainter& painter, const QRectF& box) {
    painter.setPen(QPen(roles().ink, 1.2));
    painter.setBrush(roles().steel);
    painter.drawRect(box);
    const double x = box.left() + box.width() * 0.55;
    painter.fillRect(QRectF(x - 5, box.top(), 10, box.height()), roles().muted);
    painter.setPen(QPen(roles().ink, 1.6));
    for (const double by : {-5.0, 0.0, 5.0})
        painter.drawLine(QPointF(x + by, box.top()), QPointF(x + by, box.bottom()));
}

} // namespace

void paintSign(QPainter& painter, const QRectF& box, Sign sign) {
    painter.save();
    switch (sign) {
    case Sign::RustPits:
        track(painter, box, roles().steel);
        dots(painter, box.adjusted(8, 8, -8, -8), 34, 2.6, QColor("#7A3E1D"));
        break;
    case Sign::DentsAtPitch:
        paintDents(painter, track(painter, box, roles().card));
        break;
    case Sign::HeatColour:
        paintHeat(painter, track(painter, box, roles().steel));
        break;
    case Sign::OneSidedTrack:
        paintWander(painter, track(painter, box, roles().card));
        break;
    case Sign::PolishedOutside:
        paintPolished(painter, box, false);
        break;
    case Sign::PolishedBore:
        paintPolished(painter, box, true);
        break;
    case Sign::Flaking:
        paintFlake(painter, track(painter, box, roles().card));
        break;
    case Sign::SealTrackWorn:
        paintSealTrack(painter, box);
        break;
    case Sign::DullTracks: {
        const auto groove = track(painter, box, roles().muted);
        dots(painter, groove, 120, 0.9, roles().ink);
        break;
    }
    }
    painter.restore();
}

OldBearingBoard::OldBearingBoard(QWidget* parent) : QWidget(parent) {
    setObjectName("oldBearingBoard");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::List, tr("What the old bearing shows"));
}

QString OldBearingBoard::spokenNow() const {
    const auto sign = measure::kSigns[m_current];
    return QStringLiteral("%1: %2").arg(q(words::signWords(sign).head),
                                        m_seen.contains(sign) ? tr("seen") : tr("not seen"));
}

void OldBearingBoard::changed() {
    speak(*this, spokenNow());
    update();
}

void OldBearingBoard::show(const std::set<Sign>& seen) {
    m_seen = seen;
    changed();
}

std::size_t OldBearingBoard::columns() const {
    return width() < 520 ? 2 : 3;
}

QRectF OldBearingBoard::tile(std::size_t index) const {
    const std::size_t rows = (std::size(measure::kSigns) + columns() - 1) / columns();
    const double wide = (width() - 2.0 * theme::kMargin) / static_cast<double>(columns());
    const double tall = std::min(168.0, (height() - kBoardTop - 12.0) / static_cast<double>(rows));
    const std::size_t row = index / columns(), column = index % columns();
    return QRectF(theme::kMargin + wide * static_cast<double>(column), kBoardTop + tall * static_cast<double>(row),
                  wide, tall)
        .adjusted(4, 4, -4, -4);
}

void OldBearingBoard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, width() - 40, 20), Qt::AlignVCenter,
                     tr("What does the old bearing show?"));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    theme::drawElided(painter, QRect(theme::kMargin, 30, width() - 40, 18), Qt::AlignVCenter,
                      tr("Arrow keys move, Space marks it as seen. Use good light."));
    for (std::size_t i = 0; i < std::size(measure::kSigns); ++i)
        paintTile(painter, i);
}

void OldBearingBoard::paintTile(QPainter& painter, std::size_t index) const {
    const auto sign = measure::kSigns[index];
    const auto box = tile(index);
    const bool seen = m_seen.contains(sign), current = index == m_current && hasFocus();
    painter.setBrush(seen ? roles().cautionPale : roles().card);
    painter.setPen(QPen(current ? roles().plan : seen ? roles().caution : roles().rule, current || seen ? 2 : 1));
    painter.drawRect(box);
    paintSign(painter, QRectF(box.left() + 10, box.top() + 10, box.width() - 20, box.height() - 74), sign);
    const auto said = words::signWords(sign);
    painter.setPen(roles().ink);
    painter.setFont(typeface(Text::Strong));
    const QRectF words(box.left() + 10, box.bottom() - 60, box.width() - 20, 20);
    theme::drawElided(painter, words, Qt::AlignVCenter, (seen ? QStringLiteral("✓ ") : QString()) + q(said.head));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRectF(words.left(), words.bottom(), words.width(), 38), Qt::AlignTop | Qt::TextWordWrap,
                     q(said.detail));
}

void OldBearingBoard::keyPressEvent(QKeyEvent* event) {
    const auto go = [this](int by) {
        const int last = static_cast<int>(std::size(measure::kSigns)) - 1;
        m_current = static_cast<std::size_t>(std::clamp(static_cast<int>(m_current) + by, 0, last));
        changed();
    };
    switch (event->key()) {
    case Qt::Key_Right:
        return go(1);
    case Qt::Key_Left:
        return go(-1);
    case Qt::Key_Down:
        return go(static_cast<int>(columns()));
    case Qt::Key_Up:
        return go(-static_cast<int>(columns()));
    case Qt::Key_Space:
        return emit toggled(current());
    default:
        QWidget::keyPressEvent(event);
    }
}

void OldBearingBoard::mousePressEvent(QMouseEvent* event) {
    setFocus();
    for (std::size_t i = 0; i < std::size(measure::kSigns); ++i) {
        if (!tile(i).contains(event->position())) continue;
        m_current = i;
        emit toggled(current());
    }
}

} // namespace arbor::ui
