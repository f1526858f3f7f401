#pragma once

#include "core/base/range.h"

#include <QWidget>
#include <functional>
#include <optional>
#include <vector>

namespace arbor::ui {

/// Tolerance zones of bore and ring on one scale, and how the interference scatters.
struct ZoneModel {
    QString nominal;
    QString unit;
    double perUnit_mm = 1e-3; ///< millimetres in one shown unit
    QString holeName;
    QString ringName;
    Interval hole_mm;
    Interval ring_mm;
    std::optional<double> measured_mm; ///< deviation
    double measuredUncertainty_mm = 0;
    std::vector<double> density;
    Interval densityWindow_mm;
    Range interference_mm;
};

class ZoneDrawing : public QWidget {
public:
    explicit ZoneDrawing(QWidget* parent = nullptr);
    void show(const ZoneModel& model);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void paintZones(class QPainter& painter, const QRectF& box) const;
    void paintDensity(class QPainter& painter, const QRectF& box) const;
    ZoneModel m_model;
};

/// What each step takes from the bearing's clearance, from "as made" to "left in service".
struct ClearanceStep {
    QString label;
    QString value;
    double from_mm = 0; ///< band
    double to_mm = 0;
    double likely_mm = 0;
    int tone = 0; ///< 0 ends, 1 fits, 2 heat
};

class ClearanceSteps : public QWidget {
public:
    explicit ClearanceSteps(QWidget* parent = nullptr);
    void show(std::vector<ClearanceStep> steps, const QString& unit, double perUnit_mm);
    /// How what is left scatters, drawn beside the last step. Empty: nothing.
    void setScatter(std::vector<double> density, const Interval& window_mm);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void paintScatter(class QPainter& painter, const QRectF& box, const std::function<double(double)>& y) const;

    std::vector<ClearanceStep> m_steps;
    std::vector<double> m_density;
    Interval m_window_mm;
    QString m_unit;
    double m_perUnit_mm = 1e-3;
};

} // namespace arbor::ui
