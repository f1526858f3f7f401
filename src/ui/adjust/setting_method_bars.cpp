#include "ui/adjust/setting_method_bars.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/adjust_words.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kBarsTop = 44, kRow = 44, kName = 22, kBar = 9, kTickApart = 34;

} // namespace

SettingMethodBars::SettingMethodBars(QWidget* parent) : QWidget(parent) {
    setObjectName("schoolBars");
    setAccessibleName(tr("What each setting method gives"));
    setMinimumHeight(kBarsTop + kRow * static_cast<int>(std::size(adjust::kSchools)) + 34);
}

void SettingMethodBars::show(const plan::AdjustPlan* plan, adjust::SettingMethod chosen,
                             const words::Display& display) {
    m_plan = plan ? std::optional(*plan) : std::nullopt;
    m_chosen = chosen;
    m_display = display;
    QStringList spoken;
    if (m_plan)
        for (const auto& [school, play] : m_plan->schools)
            spoken << q(words::settingMethodName(school) + ": " + m_display.fineRange(play.lower, play.upper));
    setAccessibleDescription(spoken.join('\n'));
    update();
}

void SettingMethodBars::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), roles().card);
    if (!m_plan || m_plan->onSpacer()) return;
    p.setFont(typeface(Text::Strong));
    p.setPen(roles().ink);
    theme::drawElided(p, QRect(theme::kMargin, 10, width() - 200, 22), Qt::AlignVCenter, tr("Setting methods here"));
    p.setFont(typeface(Text::Small));
    p.setPen(roles().muted);
    p.drawText(QRect(width() - 180 - theme::kMargin, 10, 180, 22), Qt::AlignVCenter | Qt::AlignRight,
               tr("%1; green is wanted").arg(q(m_display.fine(0).unit)));
    double least = 0, most = m_plan->target_mm.upper;
    for (const auto& [school, play] : m_plan->schools) {
        least = std::min(least, play.lower);
        most = std::max(most, play.upper);
    }
    const double left = theme::kMargin, wide = width() - 2.0 * theme::kMargin;
    const auto x = [&](double play) { return left + wide * (play - least) / (most * 1.05 - least); };
    const int bottom = kBarsTop + kRow * static_cast<int>(m_plan->schools.size());
    p.fillRect(QRectF(x(m_plan->target_mm.lower), kBarsTop - 4, x(m_plan->target_mm.upper) - x(m_plan->target_mm.lower),
                      bottom - kBarsTop + 8),
               roles().provenPale);
    int y = kBarsTop;
    for (const auto& [school, play] : m_plan->schools) {
        const bool chosen = school == m_chosen;
        p.setFont(typeface(chosen ? Text::Strong : Text::Body));
        p.setPen(roles().ink);
        theme::drawElided(p, QRectF(left, y, wide, kName), Qt::AlignVCenter, q(words::settingMethodName(school)));
        p.setPen(QPen(roles().rule, 1));
        const double middle = y + kName + 8;
        p.drawLine(QPointF(left, middle), QPointF(left + wide, middle));
        p.fillRect(QRectF(x(play.lower), middle - kBar / 2.0, x(play.upper) - x(play.lower), kBar),
                   chosen ? roles().proven : roles().plan);
        y += kRow;
    }
    p.setFont(typeface(Text::Small));
    p.setPen(roles().muted);
    double last = -kTickApart;
    for (const double play : {least, 0.0, m_plan->target_mm.upper, most}) {
        if (x(play) - last < kTickApart) continue;
        last = x(play);
        p.drawText(QRectF(x(play) - 40, bottom + 4, 80, 18), Qt::AlignCenter, q(m_display.fine(play).number));
    }
}

} // namespace arbor::ui
