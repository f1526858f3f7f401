#include "ui/shell/clock_strip.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/warm/warm_state.h"
#include "words/heat_words.h"
#include "words/shipped_names.h"

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

QString dueWord(job::Clock::What what) {
    switch (what) {
    case job::Clock::What::Outer:
    case job::Clock::What::Inner:
        return QObject::tr("ready");
    case job::Clock::What::Carry:
        return QObject::tr("too late");
    case job::Clock::What::Together:
        return QObject::tr("let go");
    case job::Clock::What::Cool:
        return QObject::tr("measure");
    }
    return {};
}

} // namespace

ClockStrip::ClockStrip(QWidget* parent) : QWidget(parent) {
    setObjectName("clockStrip");
    setAccessibleName(tr("Clocks"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
}

void ClockStrip::show(const JobSession* session) {
    m_faces.clear();
    if (session) {
        const auto now = session->now();
        for (const auto& step : session->plan().steps) {
            const auto* plan = plan::heatOf(step.step, session->plan().heats);
            for (const auto& clock : job::stepOf(session->job(), step.step.id).heat.clocks) {
                const double left = leftOn(clock, now);
                const bool hot = clock.what != job::Clock::What::Inner;
                const auto whose =
                    &step == session->step() ? QString() : q(words::shippedName(step.step.label)) + " · ";
                m_faces.push_back({whose + q(words::clockName(clock.what, plan)),
                                   left > 0 ? q(words::clockFace(left)) : dueWord(clock.what), hot, left <= 0});
            }
        }
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
