#pragma once

#include "core/seating/seating.h"
#include "words/display.h"

#include <QWidget>

class QCustomPlot;

namespace arbor::ui {

/// Readings round the rim with the fitted plane and the allowed band.
class RimChart : public QWidget {
public:
    explicit RimChart(QWidget* parent = nullptr);
    /// @param heights  readings as height above the mean plane position [mm]
    void show(const std::vector<seating::Reading>& heights, const seating::PlaneFit* plane, double radius_mm,
              double limit_mm, const words::Display& display);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    static QString said(const std::vector<seating::Reading>& heights, const seating::PlaneFit* plane,
                        const words::Display& d);
    QCustomPlot* m_plot;
};

} // namespace arbor::ui
