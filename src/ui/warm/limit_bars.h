#pragma once

#include "core/plan/heat_plan.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// What must not get too hot, or too cold: one line for each part and what it protects, with where it is taken and
/// where it must stop.
class LimitBars : public QWidget {
    Q_OBJECT
public:
    struct Bar {
        QString part;
        QString how;
        double from_C = 20; ///< the room
        double to_C = 20;
        std::optional<double> limit_C;
        bool hot = true;
        bool broken = false;
        QString toText, limitText;
    };
    explicit LimitBars(QWidget* parent = nullptr);
    void show(std::vector<Bar> bars);
    const std::vector<Bar>& bars() const { return m_bars; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Bar> m_bars;
};

/// The bars of a plan: each ceiling and floor that is near enough to matter.
std::vector<LimitBars::Bar> limitBars(const plan::HeatPlan& plan, const words::Display& display);

} // namespace arbor::ui
