#include "ui/strip/way_round_picture.h"

#include "ui/bench/section_painter.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/strip_words.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;

constexpr int kHeight = 118;
constexpr int kPicture = 150; // width of the drawing, the words stand beside it
constexpr int kArrow = 22;

struct Box {
    double rad = 1, lo = 0, hi = 1;
};
Box boxOf(const arrangement::Part& part) {
    Box box{1, 1e9, -1e9};
    for (const auto& body : part.bodies) {
        box.rad = std::max(box.rad, body.outsideDia() / 2);
        box.lo = std::min(box.lo, body.bottom());
        box.hi = std::max(box.hi, body.top());
    }
    return box;
}

} // namespace

WayRoundPicture::WayRoundPicture(QWidget* parent) : QWidget(parent) {
    setObjectName("wayRound");
    setFixedHeight(kHeight);
}

void WayRoundPicture::show(arrangement::Part part, bool seen) {
    m_part = std::move(part);
    m_seen = seen;
    const auto said = words::wayRound(*m_part);
    setAccessibleName(q(said.line()));
    setVisible(!said.head.empty());
    update();
}

void WayRoundPicture::paintEvent(QPaintEvent*) {
    if (!m_part) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    painter.fillRect(0, 0, width(), theme::kHairline, roles().rule);
    const auto box = boxOf(*m_part);
    const double scale = std::min((kPicture - 16) / (2 * box.rad), (kHeight - 2.0 * kArrow - 8) / (box.hi - box.lo));
    QTransform map;
    map.translate(theme::kMargin + kPicture / 2.0, kHeight / 2.0);
    map.scale(scale, -scale);
    map.translate(0, -(box.lo + box.hi) / 2);
    SectionPainter section(painter, map);
    for (const auto& body : m_part->bodies)
        section.body(body, false, false);
    if (m_part->wayRound) {
        const bool up = m_part->wayRound->up;
        const double y = map.map(QPointF(0, up ? box.hi : box.lo)).y(), out = up ? -1 : 1;
        const double left = theme::kMargin + kPicture / 2.0 - box.rad * scale;
        painter.setPen(QPen(roles().plan, 3));
        painter.drawLine(QPointF(left, y), QPointF(left + 2 * box.rad * scale, y));
        const QPointF tip(theme::kMargin + kPicture / 2.0, y + out * kArrow);
        painter.drawLine(QPointF(tip.x(), y), tip);
        painter.drawPolyline(QPolygonF({tip + QPointF(-6, -out * 7), tip, tip + QPointF(6, -out * 7)}));
    }
    const auto said = words::wayRound(*m_part);
    const QRect text(theme::kMargin + kPicture + 10, 10, width() - kPicture - 2 * theme::kMargin - 6, kHeight - 16);
    painter.setFont(theme::typeface(theme::Text::Strong));
    painter.setPen(m_seen ? roles().proven : roles().ink);
    QRect used;
    painter.drawText(text, Qt::TextWordWrap, q(said.head), &used);
    painter.setFont(theme::typeface(theme::Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(text.adjusted(0, used.height() + 4, 0, 0), Qt::TextWordWrap,
                     m_seen ? tr("Checked and right.") : q(said.detail));
}

} // namespace arbor::ui
