#include "ui/slip/slip.h"

#include "ui/kit/broken.h"
#include "ui/kit/spoken.h"
#include "ui/slip/slip_body.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

int actionText() {
    return theme::wide(theme::kSlipWidth) - 2 * theme::kMargin - 44;
}

} // namespace

Slip::Slip(QWidget* parent) : QWidget(parent) {
    setObjectName("slip");
    setFixedWidth(theme::wide(theme::kSlipWidth));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, 16, theme::kMargin, 14);
    layout->setSpacing(theme::kGap);
    m_body = new SlipBody(this);
    m_body->setObjectName("slipBody");
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setObjectName("slipScroll");
    scroll->setFocusPolicy(Qt::TabFocus);
    scroll->setWidget(m_body);
    speakAs(*scroll, QAccessible::Document, tr("Job card"));
    m_scroll = scroll;
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

void Slip::show(const words::Sheet& sheet, const QString& keys) {
    m_sheet = sheet;
    m_body->show(sheet);
    m_action->setVisible(!sheet.action.empty());
    m_action->ensurePolished();
    m_action->setText(broken(q(sheet.action), m_action->fontMetrics(), actionText()));
    m_action->setEnabled(sheet.waitsFor.empty());
    const auto say = [](QLabel& label, const QString& text, const QColor& colour) {
        label.setVisible(!text.isEmpty());
        label.setText(text);
        const auto style = QStringLiteral("color:%1").arg(colour.name());
        if (label.styleSheet() != style) label.setStyleSheet(style); // a sheet is dear, and shown at every reading
    };
    say(*m_hint, sheet.waitsFor.empty() ? keys : q(sheet.waitsFor), theme::roles().muted);
    say(*m_caution, q(sheet.caution), theme::roles().stop);
    speak(*m_scroll, text());
}

QString Slip::text() const {
    QStringList lines{m_body->text()};
    for (const auto& line : {q(m_sheet.action), m_hint->text(), q(m_sheet.caution)})
        if (!line.isEmpty()) lines << line;
    return lines.join('\n');
}

void Slip::keyPressEvent(QKeyEvent* event) {
    if (!event->matches(QKeySequence::Copy)) return QWidget::keyPressEvent(event);
    QGuiApplication::clipboard()->setText(text());
}

void Slip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().card);
    painter.fillRect(0, 0, theme::kHairline, height(), theme::roles().rule);
}

} // namespace arbor::ui
