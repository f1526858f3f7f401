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
    scroll->setObjectName("slipScroll");
    scroll->setFocusPolicy(Qt::TabFocus);
    scroll->setWidget(body);
    layout->addWidget(scroll, 1);
    m_action = new QPushButton(this);
    m_action->setObjectName("slipAction");
    m_action->setProperty("primary", true);
    m_action->setMinimumHeight(theme::kTouch + 2);
    connect(m_action, &QPushButton::clicked, this, &Slip::actionTaken);
    layout->addWidget(m_action);
    m_hint = addLine("slipHint");
    m_caution = addLine("slipCaution");
}

QLabel* Slip::addLine(const char* name) {
    auto* label = new QLabel(this);
    label->setObjectName(name);
    label->setWordWrap(true);
    label->setFont(theme::typeface(theme::Text::Small));
    layout()->addWidget(label);
    return label;
}

void Slip::show(const SlipModel& model) {
    m_model = worstFirst(model);
    static_cast<SlipBody*>(m_body)->show(m_model);
    m_action->setVisible(!model.action.isEmpty());
    m_action->setText(model.action);
    m_action->setEnabled(model.actionEnabled);
    const auto say = [](QLabel& label, const QString& text, const QColor& colour) {
        label.setVisible(!text.isEmpty());
        label.setText(text);
        label.setStyleSheet(QStringLiteral("color:%1").arg(colour.name()));
    };
    say(*m_hint, model.hint, theme::roles().muted);
    say(*m_caution, model.caution, theme::roles().stop);
}

void Slip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().card);
    painter.fillRect(0, 0, theme::kHairline, height(), theme::roles().rule);
}

} // namespace arbor::ui
