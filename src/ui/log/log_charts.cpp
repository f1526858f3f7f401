#include "ui/log/log_charts.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/display.h"
#include "words/strip_words.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kTop = 40, kRow = 21, kNames = 160, kRows = 8;

QString shape(const std::string& letter) {
    return letter.empty() ? QObject::tr("not said") : q(words::shapeName(letter));
}

void heading(QPainter& p, const QRectF& box, const QString& text) {
    p.setFont(typeface(Text::Strong));
    p.setPen(roles().ink);
    theme::drawElided(p, QRectF(box.left(), 10, box.width(), 22), Qt::AlignVCenter, text);
    p.setFont(typeface(Text::Small));
}

QString place(const log::Statistics::Repeat& row) {
    return row.position.empty() ? q(row.title) : q(row.title) + ", " + q(row.position);
}

/// A bar from least to most with the mean on it, over a line to scale.
void spreads(QPainter& p, const QRectF& box, const std::vector<log::Statistics::Spread>& rows, double mark, int places,
             const QString& unit) {
    double most = mark * 1.2;
    for (const auto& row : rows)
        most = std::max(most, row.range.most * 1.05);
    const double left = box.left() + kNames, width = box.width() - kNames - 60;
    const auto x = [&](double v) { return left + width * std::clamp(v / most, 0.0, 1.0); };
    double y = kTop;
    for (std::size_t i = 0; i < std::min<std::size_t>(rows.size(), kRows); ++i, y += kRow) {
        const auto& row = rows[i];
        p.setPen(roles().ink);
        theme::drawElided(p, QRectF(box.left(), y, kNames - 6, kRow), Qt::AlignVCenter, shape(row.shape));
        p.fillRect(
            QRectF(x(row.range.least), y + kRow / 2.0 - 4, std::max(2.0, x(row.range.most) - x(row.range.least)), 8),
            roles().planPale);
        p.fillRect(QRectF(x(row.range.likely) - 1.5, y + kRow / 2.0 - 8, 3, 16), roles().plan);
        p.setPen(roles().muted);
        p.drawText(QRectF(left + width + 6, y, 60, kRow), Qt::AlignVCenter,
                   q(words::decimals(row.range.likely, places)) + unit);
    }
    if (mark > 0 && !rows.empty()) {
        p.setPen(QPen(roles().proven, 1.5, Qt::DashLine));
        p.drawLine(QPointF(x(mark), kTop), QPointF(x(mark), y));
    }
}

} // namespace

LogCharts::LogCharts(QWidget* parent) : QWidget(parent) {
    setObjectName("logCharts");
    setAccessibleName(tr("What the presses come to"));
    setFixedHeight(kTop + kRows * kRow + 12);
}

void LogCharts::show(const log::Statistics& statistics) {
    m_statistics = statistics;
    QStringList spoken;
    for (const auto& row : statistics.force)
        spoken << tr("%1: %2 presses, force %3 of what was expected")
                      .arg(shape(row.shape))
                      .arg(row.presses)
                      .arg(q(words::decimals(row.range.likely, 2)));
    for (const auto& row : statistics.repeats)
        spoken << tr("%1: %2 of %3 went wrong").arg(place(row)).arg(row.bad).arg(row.presses);
    setAccessibleDescription(spoken.join('\n'));
    update();
}

void LogCharts::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), roles().card);
    const double third = (width() - 2.0 * theme::kMargin - 2 * 24) / 3;
    const auto box = [&](int n) { return QRectF(theme::kMargin + n * (third + 24), 0, third, height()); };
    heading(p, box(0), tr("Force over what was expected"));
    spreads(p, box(0), m_statistics.force, 1, 2, {});
    heading(p, box(1), tr("How long it takes"));
    spreads(p, box(1), m_statistics.minutes, 0, 0, tr(" min"));
    heading(p, box(2), tr("Went wrong more than once"));
    double y = kTop;
    for (std::size_t i = 0; i < std::min<std::size_t>(m_statistics.repeats.size(), kRows); ++i, y += kRow) {
        const auto& row = m_statistics.repeats[i];
        p.setPen(roles().ink);
        theme::drawElided(p, QRectF(box(2).left(), y, third - 70, kRow), Qt::AlignVCenter, place(row));
        p.setPen(roles().stop);
        p.drawText(QRectF(box(2).right() - 66, y, 66, kRow), Qt::AlignVCenter | Qt::AlignRight,
                   tr("%1 of %2").arg(row.bad).arg(row.presses));
    }
    if (m_statistics.repeats.empty()) {
        p.setPen(roles().muted);
        p.drawText(QRectF(box(2).left(), kTop, third, kRow), Qt::AlignVCenter, tr("nothing"));
    }
}

} // namespace arbor::ui
