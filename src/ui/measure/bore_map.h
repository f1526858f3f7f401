#pragma once

#include "core/plan/surface_plan.h"
#include "words/display.h"

#include <QWidget>

namespace arbor::ui {

/// A measured surface, its form enlarged: across (polar, one line a depth) and along the depth, beside the limits of
/// its class.
class BoreMap : public QWidget {
public:
    explicit BoreMap(QWidget* parent = nullptr);
    /// @param hole  the metal lies outside a hole, inside a journal
    void show(const plan::SurfacePlan& surface, double nominal_mm, double length_mm, bool hole,
              const words::Display& display);
    /// How much larger than true the form is drawn; 0: nothing is drawn.
    double enlarged() const { return m_enlarged; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void paintAcross(QPainter& painter, const QRectF& box) const;
    void paintAlong(QPainter& painter, const QRectF& box) const;
    Interval span() const; ///< deviations that must be in sight

    plan::SurfacePlan m_surface;
    double m_nominal_mm = 0;
    double m_length_mm = 0;
    bool m_hole = true;
    words::Display m_display;
    double m_enlarged = 0;
};

} // namespace arbor::ui
