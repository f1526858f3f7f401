#include "ui/alarm/alarm_bar.h"

#include "ui/alarm/alarms.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/heat_words.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <numbers>

namespace arbor::ui {

namespace {

using job::AlarmKind;

constexpr int kBarHeight = 72, kShape = 40, kBesideShape = 76;

QColor colourOf(AlarmKind kind) {
    const auto& r = theme::roles();
    return kind == AlarmKind::Ready ? r.proven : kind == AlarmKind::Hurry ? r.caution : r.stop;
}

QPolygonF regular(int corners, QPointF centre, double radius, double turn) {
    QPolygonF out;
    for (int i = 0; i < corners; ++i) {
        const double at = turn + 2 * std::numbers::pi * i / corners;
        out << centre + radius * QPointF(std::sin(at), -std::cos(at));
    }
    return out;
}

/// A disc with a tick, a triangle, a triangle on its point, an octagon: told apart without colour.
void paintShape(QPainter& p, AlarmKind kind, QPointF centre) {
    constexpr double r = kShape / 2.0;
    p.setPen(Qt::NoPen);
    p.setBrush(theme::roles().onPlan);
    if (kind == AlarmKind::Ready) {
        p.drawEllipse(centre, r, r);
        p.setPen(QPen(colourOf(kind), 5));
        p.drawPolyline(QPolygonF({centre + QPointF(-9, 0), centre + QPointF(-2, 8), centre + QPointF(10, -8)}));
        return;
    }
    p.drawPolygon(kind == AlarmKind::Hurry     ? regular(3, centre + QPointF(0, 4), r, 0)
                  : kind == AlarmKind::TooLate ? regular(3, centre - QPointF(0, 4), r, std::numbers::pi)
                                               : regular(8, centre, r, std::numbers::pi / 8));
}

QString whatToDo(const Ticking& t) {
    switch (*t.calls) {
    case AlarmKind::Hurry:
        return QObject::tr("to the press now");
    case AlarmKind::TooLate:
        return QObject::tr("do not start it: heat it again");
    case AlarmKind::Stop:
        return QObject::tr("stop the ram, look at what it shows");
    case AlarmKind::Ready:
    case AlarmKind::Soon:
        break;
    }
    return QObject::tr("its time is up");
}

} // namespace

AlarmBar::AlarmBar(Alarms& alarms, QWidget* parent) : QWidget(parent), m_alarms(alarms) {
    setObjectName("alarmBar");
    setFixedHeight(kBarHeight);
    m_text = new QLabel(this);
    m_text->setObjectName("alarmText");
    m_text->setWordWrap(true);
    const auto button = [this](const char* name, const QString& text) {
        auto* made = new QPushButton(text, this);
        made->setObjectName(name);
        made->setMinimumHeight(theme::kTouch + 8);
        made->setFocusPolicy(Qt::TabFocus);
        return made;
    };
    m_go = button("alarmGo", tr("Go there"));
    m_mute = button("alarmMute", tr("Mute  Shift+F10"));
    m_acknowledge = button("alarmAcknowledge", tr("Acknowledge  F10"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(kBesideShape, 0, theme::kMargin, 0);
    layout->setSpacing(theme::kGap);
    layout->addWidget(m_text, 1);
    for (auto* each : {m_go, m_mute, m_acknowledge})
        layout->addWidget(each);
    connect(m_go, &QPushButton::clicked, this, [this] {
        if (const auto* t = m_alarms.first()) emit goTo(QString(t->path)); // its own: the list is another one then
    });
    connect(m_mute, &QPushButton::clicked, &alarms, &Alarms::mute);
    connect(m_acknowledge, &QPushButton::clicked, this, &AlarmBar::acknowledged);
    connect(&alarms, &Alarms::changed, this, &AlarmBar::show);
    hide();
}

QString AlarmBar::text() const {
    const auto* t = m_alarms.first();
    if (!t) return {};
    auto out = QStringLiteral("%1 %2: %3").arg(t->name, alarmWord(*t), whatToDo(*t));
    if (!t->job.isEmpty()) out = t->job + " · " + out;
    if (m_alarms.open() > 1) out += tr("  (%1 more)").arg(m_alarms.open() - 1);
    return out;
}

void AlarmBar::show() {
    const auto* t = m_alarms.first();
    setVisible(t != nullptr);
    if (!t) return;
    auto font = theme::typeface(theme::Text::Title);
    m_text->setFont(font);
    m_text->setStyleSheet(QStringLiteral("color:%1").arg(theme::roles().onPlan.name()));
    if (m_text->text() != text()) {
        m_text->setText(text());
        speakAs(*this, QAccessible::AlertMessage, tr("Alarm"));
        speak(*this, text());
    }
    m_go->setVisible(!t->job.isEmpty());
    m_mute->setVisible(!m_alarms.isMuted() && m_alarms.canBeHeard());
    update();
}

void AlarmBar::paintEvent(QPaintEvent*) {
    const auto* t = m_alarms.first();
    if (!t) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), colourOf(*t->calls));
    if (*t->calls >= AlarmKind::TooLate) { // hatched along its edge, as every stop is
        painter.setPen(QPen(theme::roles().onPlan, 3));
        for (int x = -8; x < width(); x += 14)
            painter.drawLine(x, 8, x + 8, 0);
    }
    paintShape(painter, *t->calls, QPointF(kBesideShape / 2.0, height() / 2.0));
}

} // namespace arbor::ui
