#include "ui/tour/tour.h"

#include "ui/theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>

namespace arbor::ui {

namespace {

constexpr int kLook_ms = 150; // whether a stop is done

} // namespace

Tour::Tour(QWidget* parent) : QWidget(parent), m_timer(new QTimer(this)) {
    setObjectName("tour");
    setAttribute(Qt::WA_StyledBackground);
    m_head = new QLabel(this);
    m_head->setObjectName("tourHead");
    m_head->setFont(theme::typeface(theme::Text::Strong));
    m_text = new QLabel(this);
    m_text->setObjectName("tourText");
    m_text->setWordWrap(true);
    m_begin = new QPushButton(tr("Begin the tour"), this);
    m_begin->setObjectName("tourBegin");
    m_leave = new QPushButton(this);
    m_leave->setObjectName("tourLeave");
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    words->addWidget(m_head);
    words->addWidget(m_text);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    row->setSpacing(theme::kMargin);
    row->addLayout(words, 1);
    for (auto* button : {m_begin, m_leave}) {
        button->setMinimumHeight(theme::kTouch);
        button->setFocusPolicy(Qt::TabFocus); // what it tells to press goes elsewhere
        row->addWidget(button);
    }
    connect(m_begin, &QPushButton::clicked, this, &Tour::wanted);
    connect(m_leave, &QPushButton::clicked, this, &Tour::leave);
    connect(m_timer, &QTimer::timeout, this, &Tour::look);
    hide();
}

void Tour::show(const QString& head, const QString& text) {
    m_head->setText(head);
    m_text->setText(text);
    setStyleSheet(QStringLiteral("#tour { background:%1; border-top:2px solid %2; }")
                      .arg(theme::roles().planPale.name(), theme::roles().plan.name()));
    QWidget::show();
}

void Tour::offer(const QString& text) {
    m_begin->show();
    m_leave->setText(tr("Not now"));
    show(tr("A tour?"), text);
}

void Tour::start(std::vector<Stop> stops) {
    m_stops = std::move(stops);
    m_at = 0;
    m_begin->hide();
    m_leave->setText(tr("Leave the tour"));
    m_timer->start(kLook_ms);
    m_stops.front().begin();
    look();
}

void Tour::look() {
    if (!isRunning()) return;
    if (m_at < m_stops.size() && m_stops[m_at].done()) {
        ++m_at;
        if (m_at < m_stops.size()) m_stops[m_at].begin();
    }
    if (m_at == m_stops.size()) {
        m_timer->stop();
        m_leave->setText(tr("Close"));
        return show(tr("That was one press."),
                    tr("Every other step of every job goes the same way. F1 explains the place you are in, Ctrl+J goes "
                       "anywhere by its name, Ctrl+N begins a job of your own."));
    }
    const auto head = tr("Stop %1 of %2 · %3").arg(m_at + 1).arg(m_stops.size()).arg(m_stops[m_at].head);
    if (m_head->text() != head || isHidden()) show(head, m_stops[m_at].text);
}

void Tour::leave() {
    m_timer->stop();
    m_stops.clear();
    hide();
    emit left();
}

} // namespace arbor::ui
