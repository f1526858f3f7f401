#include "ui/stations/step_box.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/tooling_words.h"

#include <QSignalBlocker>

namespace arbor::ui {

namespace {

/// A sign for what was proven of it, or found bad.
QString signOf(const plan::StepPlan& step) {
    if (!step.ring || !step.ring->read()) return {};
    return step.ring->seating.verdict == seat::SeatVerdict::HomeAndSquare ? QStringLiteral(" ✓") : QStringLiteral(" ✗");
}

} // namespace

StepBox::StepBox(const char* name, QWidget* parent) : QComboBox(parent) {
    setObjectName(name);
    setAccessibleName(tr("Step in hand (Ctrl+left, Ctrl+right)"));
    setToolTip(accessibleName());
    setMinimumHeight(theme::kTouch);
    setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    connect(this, &QComboBox::activated, this, [this](int row) {
        const auto step = m_steps.at(static_cast<std::size_t>(row)); // the list is filled anew meanwhile
        emit chosen(step);
    });
}

void StepBox::fill(const JobSession& session) {
    const QSignalBlocker quiet(this);
    clear();
    m_steps.clear();
    for (const auto& step : session.plan().steps) {
        m_steps.push_back(step.step.id);
        addItem(QStringLiteral("%1.  %2%3").arg(m_steps.size()).arg(q(words::stepTitle(step.step)), signOf(step)));
    }
    setCurrentIndex(m_steps.empty() ? -1 : static_cast<int>(session.plan().inHand));
    setVisible(!m_steps.empty());
}

} // namespace arbor::ui
