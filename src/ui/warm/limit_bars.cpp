#include "ui/warm/limit_bars.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/heat_words.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kTop = 44, kRow = 62, kThick = 6;

double placed(double temp_C, double from_C, double to_C, const QRectF& line) {
    return line.left() + std::clamp((temp_C - from_C) / (to_C - from_C), 0.0, 1.0) * line.width();
}

} // namespace

LimitBars::LimitBars(QWidget* parent) : QWidget(parent) {
    setObjectName("limitBars");
    setAccessibleName(tr("Limits of the parts"));
}

void LimitBars::show(std::vector<Bar> bars) {
    m_bars = std::move(bars);
    QStringList spoken;
    for (const auto& b : m_bars)
        spoken << b.part + ", " + b.how + ": " + b.toText + (b.limit_C ? tr(", limit ") + b.limitText : QString());
    setAccessibleDescription(spoken.join("; "));
    setMinimumHeight(kTop + static_cast<int>(m_bars.size()) * kRow);
    update();
}

void LimitBars::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), roles().card);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, width(), 22), Qt::AlignVCenter, tr("Temperature limits"));
    double coldest = 0, hottest = 100;
    for (const auto& b : m_bars) {
        coldest = std::min({coldest, b.to_C, b.limit_C.value_or(0)});
        hottest = std::max({hottest, b.to_C, b.limit_C.value_or(0)});
    }
    const int words = std::min(190, width() / 2);
    int y = kTop;
    for (const auto& b : m_bars) {
        painter.setFont(typeface(Text::Strong));
        painter.setPen(roles().ink);
        theme::drawElided(painter, QRectF(theme::kMargin, y, words - theme::kMargin, 20), Qt::AlignVCenter, b.part);
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().muted);
        theme::drawElided(painter, QRectF(theme::kMargin, y + 20, words - theme::kMargin, 18), Qt::AlignVCenter, b.how);
        const QRectF line(words + 18, y + 17, width() - words - 18 - 2 * theme::kMargin, kThick);
        painter.fillRect(line, roles().rule);
        const double from = placed(b.from_C, coldest, hottest, line), to = placed(b.to_C, coldest, hottest, line);
        painter.fillRect(QRectF(std::min(from, to), line.top(), std::abs(to - from), kThick), b.broken ? roles().stop
                                                                                              : b.hot  ? roles().caution
                                                                                                       : roles().plan);
        painter.fillRect(QRectF(to - 1, line.top() - 4, 2.4, kThick + 8), roles().ink);
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().ink);
        painter.drawText(QRectF(to - 50, line.top() - 22, 100, 16), Qt::AlignHCenter, b.toText);
        if (b.limit_C) {
            const double at = placed(*b.limit_C, coldest, hottest, line);
            painter.fillRect(QRectF(at - 1, line.top() - 4, 2.4, kThick + 8), roles().stop);
            painter.setPen(roles().stop);
            painter.drawText(QRectF(at - 50, line.bottom() + 5, 100, 16), Qt::AlignHCenter, b.limitText);
        }
        y += kRow;
    }
}

std::vector<LimitBars::Bar> limitBars(const plan::HeatPlan& plan, const words::Display& d) {
    std::vector<LimitBars::Bar> out;
    for (const auto* side : {&plan.outer, &plan.inner}) {
        const bool cold = side->temp_C < plan.room_C - 0.5;
        const auto& limits = cold ? side->floors : side->ceilings;
        // The part's own line, then what else is in it and would suffer first.
        for (const auto& limit : limits) {
            if (out.size() == 5) break;
            LimitBars::Bar bar;
            const bool metal = limit.what == plan::TempLimit::What::Metal;
            const auto& whose = limit.of.empty() ? side->label : limit.of;
            bar.part = q(words::capital(metal ? words::shippedName(whose) : words::protectedThing(limit)));
            bar.how = metal ? q(side->source
                                    ? words::shippedName(side->source->name) + ", " + words::shippedName(limit.subject)
                                    : words::shippedName(limit.subject))
                            : QObject::tr("in %1").arg(q(words::shippedName(side->label)));
            bar.from_C = plan.room_C;
            bar.to_C = side->temp_C;
            bar.hot = !cold;
            if (limit.temp_C > -150) bar.limit_C = limit.temp_C;
            bar.broken = cold ? side->temp_C < limit.temp_C : side->temp_C > limit.temp_C;
            bar.toText = q(d.temperature(side->temp_C).text());
            bar.limitText = q(d.temperature(limit.temp_C).number) + (limit.lowered ? QObject::tr(" yours") : QString());
            out.push_back(bar);
        }
    }
    return out;
}

} // namespace arbor::ui
