#include "ui/shell/step_bar.h"

#include "core/job/names.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"
#include "words/tooling_words.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace arbor::ui {

namespace {

QString signOf(plan::Mark mark) {
    switch (mark) {
    case plan::Mark::Done:
        return QStringLiteral("  ✓");
    case plan::Mark::Check:
        return QStringLiteral("  △");
    case plan::Mark::Stop:
        return QStringLiteral("  ▨");
    case plan::Mark::NotNeeded:
        return QStringLiteral("  –");
    case plan::Mark::Open:
        return {};
    }
    return {};
}

QString nameOf(job::Station station) {
    switch (station) {
    case job::Station::Warm:
        return QObject::tr("2  Warm");
    case job::Station::Press:
        return QObject::tr("3  Press");
    case job::Station::Seat:
        return QObject::tr("4  Prove");
    case job::Station::Tooling:
        return QObject::tr("1  Set up");
    case job::Station::Intake:
    case job::Station::Strip:
    case job::Station::Measure:
    case job::Station::Fit:
    case job::Station::Adjust:
    case job::Station::Close:
        break; // of no step
    }
    return {};
}

/// Tabs: the one in hand filled, the others outlined.
QString tabStyle() {
    const auto& r = theme::roles();
    return QStringLiteral(
               "QPushButton { text-align:left; padding-left:12px; background:%1; color:%2; border:1px solid %3; "
               "border-radius:3px } QPushButton:checked { background:%4; color:%5; border-color:%4 }")
        .arg(r.card.name(), r.ink.name(), r.rule.name(), r.plan.name(), r.onPlan.name());
}

} // namespace

StepBar::StepBar(QWidget* parent) : QWidget(parent) {
    setObjectName("stepBar");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    row->setSpacing(theme::kGap);
    for (const auto station : {job::Station::Tooling, job::Station::Warm, job::Station::Press, job::Station::Seat}) {
        auto* button = new QPushButton(this);
        button->setObjectName("step_" + QString::fromStdString(std::string(job::name(station))));
        button->setMinimumHeight(theme::kTouch);
        button->setMinimumWidth(theme::wide(108));
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, station] { emit chosen(station); });
        m_buttons[station] = button;
        row->addWidget(button);
    }
    m_title = new QLabel(this);
    m_title->setObjectName("stepTitle");
    m_title->setFont(theme::typeface(theme::Text::Small));
    m_title->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(m_title, 1);
}

void StepBar::show(const JobSession& session, job::Station current) {
    const auto* step = session.step();
    setVisible(step && job::isOfStep(current));
    if (!step) return;
    setStyleSheet(tabStyle());
    for (const auto& [station, button] : m_buttons) {
        const auto mark = step->marks.at(station);
        button->setText(nameOf(station) + signOf(mark));
        button->setAccessibleName(q(words::stationTitle(station)) + ", " + q(words::markWord(mark)));
        button->setChecked(station == current);
    }
    m_title->setText(tr("%1 of %2").arg(session.plan().inHand + 1).arg(session.plan().steps.size()));
    m_title->setToolTip(q(words::stepTitle(step->step)));
}

} // namespace arbor::ui
