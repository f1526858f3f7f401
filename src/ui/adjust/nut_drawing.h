#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

class QPainter;

namespace arbor::ui {

/// The nut from its own side, its slots over the holes of the shaft, and what end play each place that can be reached
/// would give. Of a clamped pair the stack of rings and spacer instead.
class NutDrawing : public QWidget {
    Q_OBJECT
public:
    explicit NutDrawing(QWidget* parent = nullptr);
    /// @param plan  null: nothing to set
    void show(const plan::AdjustPlan* plan, const job::Adjust& overrides, const words::Display& display);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QPointF spot(double angle_deg, double radius) const;
    double radius() const;
    void paintNut(QPainter& painter) const;
    void paintPlaces(QPainter& painter) const;
    void paintStack(QPainter& painter) const;
    QString headLine() const;

    std::optional<plan::AdjustPlan> m_plan;
    job::Adjust m_overrides;
    words::Display m_display;
};

} // namespace arbor::ui
