#pragma once

#include "core/force/path.h"
#include "core/section/body.h"

#include <QPainterPath>
#include <QTransform>
#include <vector>

class QPainter;

namespace arbor::ui {

/// Paints bodies of revolution in full section, after drafting convention, and the way the force takes through them.
/// World coordinates: x is the radius (both signs), y the height, both in mm.
class SectionPainter {
public:
    SectionPainter(QPainter& painter, const QTransform& toScreen);

    void body(const section::Body& body, bool faded, bool picked);
    void axis(double fromZ_mm, double toZ_mm);
    /// The force as a thick line on both halves; across parts that must not carry it turns into a hatched zigzag.
    void path(const force::Path& path, const std::vector<section::Body>& bodies);

private:
    QPainter& m_painter;
    QTransform m_toScreen;
};

/// The way of the force through one body of the path, right half, in world coordinates: along the axis, across at one
/// height, along the axis again, so that it stays inside the section. Across parts that must not carry: straight.
std::vector<QPointF> legThrough(const force::Path& path, std::size_t leg, const std::vector<section::Body>& bodies);

/// Outline of one half of a body, mirrored when `side` is -1.
QPainterPath outline(const section::Body& body, int side);
/// What is drawn: two halves, or one outline for a body that is closed at the top.
std::vector<QPainterPath> outlines(const section::Body& body);

} // namespace arbor::ui
