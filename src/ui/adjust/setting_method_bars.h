#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

namespace arbor::ui {

/// What each setting method gives on this thread, beside the band that is wanted.
class SettingMethodBars : public QWidget {
    Q_OBJECT
public:
    explicit SettingMethodBars(QWidget* parent = nullptr);
    void show(const plan::AdjustPlan* plan, adjust::SettingMethod chosen, const words::Display& display);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::optional<plan::AdjustPlan> m_plan;
    adjust::SettingMethod m_chosen = adjust::SettingMethod::Indicator;
    words::Display m_display;
};

} // namespace arbor::ui
