#pragma once

#include "core/plan/heat_plan.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

class QCustomPlot;

namespace arbor::ui {

/// Clearance between bore and ring against the time since it left the oven: the band while apart, the room in which it
/// is safe to start, what happens once it is in, and now.
class GapChart : public QWidget {
    Q_OBJECT
public:
    explicit GapChart(QWidget* parent = nullptr);

    /// @param now_s  since it left the oven; nothing: it has not
    void show(const plan::HeatPlan& plan, const plan::HeatCourse& course, std::optional<double> now_s,
              const words::Display& display);
    void clear(const QString& why);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    static QString said(const plan::HeatCourse& course, std::optional<double> now_s);

    QCustomPlot* m_plot;
    QString m_why;
};

} // namespace arbor::ui
