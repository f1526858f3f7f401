#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

namespace arbor::ui {

/// What each habit of setting a pair comes to on this thread, beside the band that is wanted.
class SchoolBars : public QWidget {
    Q_OBJECT
public:
    explicit SchoolBars(QWidget* parent = nullptr);
    void show(const plan::AdjustPlan* plan, adjust::School chosen, const words::Display& display);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::optional<plan::AdjustPlan> m_plan;
    adjust::School m_chosen = adjust::School::Indicator;
    words::Display m_display;
};

} // namespace arbor::ui
