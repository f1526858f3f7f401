#include "ui/fit/what_if.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kTop = 50, kBesideEachOther = 480;
constexpr std::size_t kMostMoves = 6;

} // namespace

WhatIf::WhatIf(QWidget* parent) : QWidget(parent) {
    setObjectName("whatIf");
    setMinimumSize(theme::tall(310), theme::tall(180));
}

void WhatIf::show(Model model) {
    m_model = std::move(model);
    update();
}

void WhatIf::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    const theme::Drawn drawn(painter);
    const auto room = drawn.room(*this);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    const bool beside = room.width() >= kBesideEachOther;
    // Beside each other, or below where the columns would run into each other.
    const double share = beside ? 0.62 : 0.55;
    const QRectF classes(0, 0, room.width() * (beside ? share : 1), room.height() * (beside ? 1 : share));
    const QRectF moves(QPointF(beside ? classes.right() : theme::kGap, beside ? 0 : classes.bottom()),
                       QPointF(room.width(), room.height()));
    painter.drawText(classes.adjusted(theme::kMargin, 10, 0, 0), tr("Other classes, %1").arg(m_model.side));
    painter.drawText(moves.adjusted(12, 10, 0, 0), tr("What moves the clearance"));
    paintClasses(painter, classes.adjusted(theme::kMargin, kTop, -12, -6));
    paintMoves(painter, moves.adjusted(12, kTop - 12, -18, -12));
}

void WhatIf::paintClasses(QPainter& painter, const QRectF& box) const {
    if (m_model.classes.empty()) return;
    double lo = 0, hi = 1e-3;
    for (const auto& a : m_model.classes) {
        lo = std::min(lo, a.fit.interferenceWorst_mm.lower);
        hi = std::max(hi, a.fit.interferenceWorst_mm.upper);
    }
    const double tall = std::min(24.0, box.height() / static_cast<double>(m_model.classes.size()));
    const QRectF bars(box.left() + 62, box.top(), box.width() - 62 - 196, box.height());
    const auto x = [&](double v) { return bars.left() + (v - lo) / (hi - lo) * bars.width(); };
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    const auto& d = m_model.display;
    const QRectF heads(bars.left(), box.top() - 20, bars.width(), 16);
    painter.drawText(heads, Qt::AlignLeft, tr("interference, %1").arg(q(d.fine(0).unit)));
    painter.drawText(QRectF(bars.right() + 6, heads.top(), 60, 16), Qt::AlignRight, tr("force"));
    painter.drawText(QRectF(bars.right() + 66, heads.top(), 130, 16), Qt::AlignRight, tr("clearance left"));
    painter.drawLine(QPointF(x(0), box.top() - 4),
                     QPointF(x(0), box.top() + tall * static_cast<double>(m_model.classes.size())));
    for (std::size_t i = 0; i < m_model.classes.size(); ++i) {
        const auto& a = m_model.classes[i];
        const QRectF row(box.left(), box.top() + tall * static_cast<double>(i), box.width(), tall);
        const auto name = a.toleranceClass.text();
        const bool now = name == m_model.now, proposed = name == m_model.proposed;
        if (now) painter.fillRect(row, roles().planPale);
        painter.setFont(typeface(now || proposed ? Text::Strong : Text::Small));
        painter.setPen(roles().ink);
        painter.drawText(row, Qt::AlignVCenter, q(name) + (proposed ? QStringLiteral(" ◂") : QString()));
        const auto& worst = a.fit.interferenceWorst_mm;
        painter.setPen(QPen(roles().muted, 1));
        painter.drawLine(QPointF(x(worst.lower), row.center().y()), QPointF(x(worst.upper), row.center().y()));
        const auto& band = a.fit.interference_mm;
        painter.fillRect(QRectF(x(band.least), row.top() + 5, std::max(2.0, x(band.most) - x(band.least)), tall - 10),
                         band.likely > 0 ? roles().plan : roles().caution);
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().ink);
        painter.drawText(QRectF(bars.right() + 6, row.top(), 60, tall), Qt::AlignVCenter | Qt::AlignRight,
                         q(d.force(a.fit.pressForce_N.likely).text()));
        if (!a.clearance) continue;
        painter.setPen(a.clearance->shareBelowZero > 0.05 ? roles().stop : roles().ink);
        painter.drawText(QRectF(bars.right() + 66, row.top(), 130, tall), Qt::AlignVCenter | Qt::AlignRight,
                         q(d.fineRange(a.clearance->left_mm.least, a.clearance->left_mm.most)) +
                             (a.clearance->shareBelowZero > 0.001 ? QStringLiteral(" ▲") : QString()));
    }
}

void WhatIf::paintMoves(QPainter& painter, const QRectF& box) const {
    painter.setFont(typeface(Text::Small));
    if (m_model.moves.empty()) {
        painter.setPen(roles().muted);
        painter.drawText(box, Qt::AlignLeft | Qt::TextWordWrap,
                         tr("This seat takes nothing from a clearance that is made in."));
        return;
    }
    const double tall = std::min(26.0, box.height() / static_cast<double>(kMostMoves));
    const double most = m_model.moves.front().by_mm;
    for (std::size_t i = 0; i < std::min(kMostMoves, m_model.moves.size()); ++i) {
        const auto& m = m_model.moves[i];
        const QRectF row(box.left(), box.top() + tall * static_cast<double>(i), box.width(), tall);
        painter.fillRect(QRectF(row.left(), row.bottom() - 7, row.width() * m.by_mm / most, 4), roles().plan);
        painter.setPen(roles().ink);
        painter.drawText(row.adjusted(0, 0, 0, -6), Qt::AlignVCenter | Qt::AlignLeft, q(words::subjectWord(m.subject)));
        painter.drawText(row.adjusted(0, 0, 0, -6), Qt::AlignVCenter | Qt::AlignRight,
                         QStringLiteral("±") + q(m_model.display.fine(m.by_mm).text()));
    }
}

} // namespace arbor::ui
