#pragma once

#include <QLineF>
#include <QRectF>
#include <QString>
#include <QTransform>
#include <vector>

class QPainter;

namespace arbor::ui {

/// A size as it stands on a shop drawing. A diameter runs from rim to rim at one height, a length along the axis at one
/// radius; in mm.
struct Dimension {
    bool diameter = true;
    double from_mm = 0, to_mm = 0; ///< a diameter: -radius and radius; a length: lower and upper height
    double at_mm = 0;              ///< a diameter: the height of its wall; a length: the radius of the face
    QString text;
    bool chosen = false;
    bool proposed = false; ///< nobody has said it: paler
    bool wrong = false;    ///< it contradicts another one
    int id = 0;            ///< the caller's own
};

/// A dimension with its place on the screen.
struct PlacedDimension {
    const Dimension* of = nullptr;
    QLineF line;               ///< between its arrows
    QLineF witness1, witness2; ///< from the section to the line
    QRectF box;                ///< of its text
};

/// Where dimensions stand: diameters above and below the section, the smaller the nearer; lengths to its right, those
/// that do not overlap in one column.
class DimensionLayout {
public:
    /// @param dimensions  must outlive the layout  @param middle_mm  diameters from there up stand above
    DimensionLayout(const std::vector<Dimension>& dimensions, double middle_mm);

    /// Room they take round the section, in pixels.
    double above() const { return m_above.empty() ? 0 : static_cast<double>(m_above.size()) * kRow + kMargin; }
    double below() const { return m_below.empty() ? 0 : static_cast<double>(m_below.size()) * kRow + kMargin; }
    double beside() const { return m_columns.empty() ? 0 : static_cast<double>(m_columns.size()) * kColumn + kMargin; }
    /// @param section  the box of the section on the screen
    std::vector<PlacedDimension> placed(const QTransform& map, const QRectF& section) const;

private:
    static constexpr double kRow = 24, kColumn = 52, kMargin = 16;
    std::vector<const Dimension*> m_above, m_below;
    std::vector<std::vector<const Dimension*>> m_columns;
};

void paintDimensions(QPainter& painter, const std::vector<PlacedDimension>& dimensions);

} // namespace arbor::ui
