#include "ui/alarm/clock_strip.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/heat_words.h"

#include <QPainter>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kPad = 10, kGap = 8, kHeight = 26;

int widthOf(const ClockStrip::Face& face) {
    return QFontMetrics(typeface(Text::Small)).horizontalAdvance(face.name) +
           QFontMetrics(typeface(Text::Strong)).horizontalAdvance(face.time) + 3 * kPad;
}

} // namespace

ClockStrip::ClockStrip(QWidget* parent) : QWidget(parent) {
    setObjectName("clockStrip");
    setAccessibleName(tr("Clocks"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
}

/// Of other jobs only those whose time is nearly up: the header holds few.
void ClockStrip::show(const std::vector<Ticking>& clocks) {
    m_faces.clear();
    for (const auto& t : clocks) {
        if (!t.clock || (!t.job.isEmpty() && !t.calls)) continue;
        const auto whose = t.job.isEmpty() ? QString() : t.job.section(QStringLiteral(" · "), 0, 0) + " · ";
        m_faces.push_back({whose + t.name, t.left_s > 0 ? q(words::clockFace(t.left_s)) : alarmWord(t), t.isHot(),
                           t.calls && t.left_s > 0, t.left_s <= 0});
    }
    QStringList spoken;
    for (const auto& face : m_faces)
        spoken << face.name + " " + face.time;
    setAccessibleDescription(spoken.join(", "));
    updateGeometry();
    update();
}

QSize ClockStrip::sizeHint() const {
    int width = 0;
    for (const auto& face : m_faces)
        width += widthOf(face) + kGap;
    return {width, kHeight};
}

void ClockStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    int x = 0;
    const int y = (height() - kHeight) / 2;
    for (const auto& face : m_faces) {
        const QRect box(x, y, widthOf(face), kHeight);
        painter.fillRect(box, face.hot ? roles().cautionPale : roles().planPale);
        if (face.soon || face.due) { // told without colour too
            painter.setPen(QPen(face.due ? roles().stop : roles().caution, 2));
            painter.drawRect(box.adjusted(1, 1, -1, -1));
        }
        painter.setPen(face.hot ? roles().caution : roles().plan);
        painter.setFont(typeface(Text::Small));
        painter.drawText(box.adjusted(kPad, 0, 0, 0), Qt::AlignVCenter, face.name);
        painter.setFont(typeface(Text::Strong));
        painter.setPen(face.due ? roles().stop : face.hot ? roles().caution : roles().plan);
        painter.drawText(box.adjusted(0, 0, -kPad, 0), Qt::AlignVCenter | Qt::AlignRight, face.time);
        x += box.width() + kGap;
    }
}

} // namespace arbor::ui
