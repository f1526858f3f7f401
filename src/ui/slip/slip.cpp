#include "ui/slip/slip.h"

#include "ui/slip/slip_body.h"
#include "ui/theme/theme.h"

#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace arbor::ui {

Slip::Slip(QWidget* parent) : QWidget(parent) {
    setObjectName("slip");
    setFixedWidth(theme::kSlipWidth);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, 16, theme::kMargin, 14);
    layout->setSpacing(theme::kGap);
    auto* body = new SlipBody(this);
    body->setObjectName("slipBody");
    m_body = body;
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(body);
    layout->addWidget(scroll, 1);
    m_action = new QPushButton(this);
    m_action->setObjectName("slipAction");
    m_action->setProperty("primary", true);
    m_action->setMinimumHeight(theme::kTouch + 2);
    connect(m_action, &QPushButton::clicked, this, &Slip::actionTaken);
    layout->addWidget(m_action);
    m_caution = new QLabel(this);
    m_caution->setObjectName("slipCaution");
    m_caution->setWordWrap(true);
    m_caution->setFont(theme::typeface(theme::Text::Small));
    layout->addWidget(m_caution);
}

void Slip::show(const SlipModel& model) {
    m_model = model;
    static_cast<SlipBody*>(m_body)->show(model);
    m_action->setVisible(!model.action.isEmpty());
    m_action->setText(model.action);
    m_action->setEnabled(model.actionEnabled);
    m_caution->setVisible(!model.caution.isEmpty());
    m_caution->setText(model.caution);
    m_caution->setStyleSheet(QStringLiteral("color:%1").arg(theme::roles().stop.name()));
}

void Slip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().card);
    painter.fillRect(0, 0, theme::kHairline, height(), theme::roles().rule);
}

} // namespace arbor::ui
