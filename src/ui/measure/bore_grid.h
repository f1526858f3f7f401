#pragma once

#include "core/plan/surface_plan.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

inline constexpr double kSame = 1e-6; ///< depths and directions closer than this are one place

/// Where a surface is measured: depths from the open end, directions across.
struct BorePlaces {
    std::vector<double> depths_mm;
    std::vector<double> directions_deg;
};
/// Three depths and four directions, and every place where there is a reading already.
BorePlaces placesFor(double length_mm, const std::vector<measure::DiameterReading>& readings, int depths,
                     int directions);

/// Readings of one surface, depth by depth: arrows go, digits enter, Enter keeps and goes on, Delete empties, + and -
/// change the directions, * and / the depths.
class BoreGrid : public QWidget {
    Q_OBJECT
public:
    explicit BoreGrid(QWidget* parent = nullptr);

    void show(const BorePlaces& places, const std::vector<measure::DiameterReading>& readings,
              const plan::SurfacePlan& surface, double nominal_mm, const words::Display& display);
    int row() const { return m_row; }
    int column() const { return m_column; }
    void goTo(int row, int column);
    double depth() const { return m_places.depths_mm[static_cast<std::size_t>(m_row)]; }
    double direction() const { return m_places.directions_deg[static_cast<std::size_t>(m_column)]; }
    /// Round the directions of one depth, then to the next depth: as the gauge is turned in the bore.
    void goOn();

signals:
    /// What was typed at a place; the page reads it. An empty text takes the reading away.
    void entered(double depth_mm, double direction_deg, const QString& typed);
    void placesWanted(int depthsBy, int directionsBy);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    QString spokenNow() const; ///< the cell one stands in
    void changed();            ///< repaints, and tells a screen reader where it stands
    QRectF cell(int row, int column) const;
    const measure::DiameterReading* readingAt(int row, int column) const;
    int rows() const { return static_cast<int>(m_places.depths_mm.size()); }
    int columns() const { return static_cast<int>(m_places.directions_deg.size()); }
    bool beyond(double dia_mm) const; ///< outside the limits of the class
    void keep();
    void paintCell(QPainter& painter, int row, int column) const;

    BorePlaces m_places;
    std::vector<measure::DiameterReading> m_readings;
    plan::SurfacePlan m_surface;
    double m_nominal_mm = 0;
    words::Display m_display;
    int m_row = 0;
    int m_column = 0;
    QString m_typing;
};

} // namespace arbor::ui
