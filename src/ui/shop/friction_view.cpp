#include "ui/shop/friction_view.h"

#include "core/tables/friction.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/display.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using catalog::FrictionFamily;
using catalog::Lubricant;
using theme::roles;

constexpr double kMost = 0.3; // no band of the book ends further out
constexpr int kTop = 132, kNames = 210, kSays = 330, kRow = 58, kBar = 18;

QString seatName(FrictionFamily family) {
    switch (family) {
    case FrictionFamily::Steel:
        return QObject::tr("Steel in steel");
    case FrictionFamily::CastIron:
        return QObject::tr("Steel in cast iron");
    case FrictionFamily::Aluminium:
        return QObject::tr("Steel in aluminium");
    }
    return {};
}

QString lubricantName(Lubricant lubricant) {
    switch (lubricant) {
    case Lubricant::Dry:
        return QObject::tr("dry");
    case Lubricant::LightOil:
        return QObject::tr("light oil");
    case Lubricant::Grease:
        return QObject::tr("grease or paste");
    }
    return {};
}

QString three(double value) {
    return q(words::decimals(value, 3));
}

QString says(const tables::FrictionBand& f) {
    const auto book = QObject::tr("the book's %1…%2 stands").arg(three(f.book.lower), three(f.book.upper));
    if (f.found.empty()) return QObject::tr("No good press on record: %1.").arg(book);
    if (f.found.size() < force::kLeastPresses)
        return QObject::tr("%1 of the %2 presses it takes: %3.")
            .arg(f.found.size())
            .arg(force::kLeastPresses)
            .arg(book);
    if (!f.learned)
        return QObject::tr("%1 presses, and their mean lies outside the book: %2. Something else is wrong.")
            .arg(f.found.size())
            .arg(book);
    return QObject::tr("%1 presses, mean %2, each ±%3: the next one takes %4…%5.")
        .arg(f.learned->presses)
        .arg(three(f.learned->mean), three(f.learned->scatter), three(f.band.lower), three(f.band.upper));
}

/// Friction coefficients along the middle of the view.
struct Scale {
    double left, width;
    double at(double mu) const { return left + width * mu / kMost; }
};

void drawRow(QPainter& p, const FrictionView::Row& row, const Scale& scale, int y, int viewWidth) {
    const auto& f = row.friction;
    p.setFont(theme::typeface(theme::Text::Strong));
    p.setPen(roles().ink);
    theme::drawElided(p, QRectF(theme::kMargin, y, kNames, kRow / 2.0), Qt::AlignBottom, row.seat);
    p.setFont(theme::typeface(theme::Text::Body));
    p.setPen(roles().muted);
    theme::drawElided(p, QRectF(theme::kMargin, y + kRow / 2.0, kNames, kRow / 2.0), Qt::AlignTop, row.lubricant);
    const double middle = y + kRow / 2.0;
    p.setPen(QPen(roles().rule, 1));
    p.drawLine(QPointF(scale.left, middle), QPointF(scale.left + scale.width, middle));
    p.fillRect(QRectF(scale.at(f.book.lower), middle - kBar, scale.at(f.book.upper) - scale.at(f.book.lower), 2 * kBar),
               roles().planPale);
    if (f.learned)
        p.fillRect(
            QRectF(scale.at(f.band.lower), middle - kBar / 2.0, scale.at(f.band.upper) - scale.at(f.band.lower), kBar),
            roles().plan);
    p.setPen(QPen(roles().card, 1));
    p.setBrush(roles().ink);
    for (const double mu : f.found)
        p.drawEllipse(QPointF(scale.at(std::min(mu, kMost)), middle), 4, 4);
    p.setPen(f.learned ? roles().ink : roles().muted);
    p.drawText(QRectF(viewWidth - kSays - theme::kMargin, y, kSays, kRow), Qt::AlignVCenter | Qt::TextWordWrap,
               row.says);
}

void drawScale(QPainter& p, const Scale& scale, int bottom) {
    p.setFont(theme::typeface(theme::Text::Small));
    for (int i = 0; i <= 6; ++i) {
        const double mu = kMost * i / 6, x = scale.at(mu);
        p.setPen(QPen(roles().rule, 1, Qt::DotLine));
        p.drawLine(QPointF(x, kTop - 6), QPointF(x, bottom));
        p.setPen(roles().muted);
        p.drawText(QRectF(x - 30, kTop - 26, 60, 18), Qt::AlignCenter, q(words::decimals(mu, 2)));
    }
}

} // namespace

FrictionView::FrictionView(QWidget* parent) : QWidget(parent) {
    setObjectName("frictionView");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::Chart, tr("Friction of this shop"));
}

void FrictionView::open(const tables::Tables& tables) {
    m_rows.clear();
    for (const auto& [pair, book] : tables.friction) {
        const auto friction = tables::frictionOf(tables, pair.first, pair.second);
        m_rows.push_back({seatName(pair.first), lubricantName(pair.second), friction, says(friction)});
    }
    QStringList all;
    for (const auto& row : m_rows)
        all << row.seat + ", " + row.lubricant + ": " + row.says;
    speak(*this, all.join('\n'));
    update();
}

void FrictionView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), roles().paper);
    p.setFont(theme::typeface(theme::Text::Title));
    p.setPen(roles().ink);
    p.drawText(QRect(theme::kMargin, 16, width(), 30), Qt::AlignVCenter, tr("Friction of this shop"));
    p.setFont(theme::typeface(theme::Text::Body));
    p.setPen(roles().muted);
    p.drawText(QRect(theme::kMargin, 46, width() - 2 * theme::kMargin, 44), Qt::TextWordWrap,
               tr("Pale: the band of the book. Dots: each good press on record. Blue: where the next press lies, 95 in "
                  "100, from %1 presses on. Bad presses are never counted. Esc goes back.")
                   .arg(force::kLeastPresses));
    const Scale scale{static_cast<double>(theme::kMargin + kNames),
                      static_cast<double>(width() - kNames - kSays - 4 * theme::kMargin)};
    const int row = std::min(kRow, (height() - kTop) / std::max(1, static_cast<int>(m_rows.size())));
    drawScale(p, scale, kTop + row * static_cast<int>(m_rows.size()));
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        drawRow(p, m_rows[i], scale, kTop + static_cast<int>(i) * row, width());
}

} // namespace arbor::ui
