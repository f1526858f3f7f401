#include "io/drawing/flat.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace arbor::io {

namespace {

constexpr double kMargin_mm = 12;
constexpr double kArrow_mm = 2.2;
constexpr double kOffLine_mm = 1.2; // of figures over their line
constexpr double kGlyph = 0.62;     // of the text height: mean width of a letter

struct Box {
    double left = 1e9, right = -1e9, bottom = 1e9, top = -1e9;

    void take(double x, double y) {
        left = std::min(left, x);
        right = std::max(right, x);
        bottom = std::min(bottom, y);
        top = std::max(top, y);
    }
};

Box boxOf(const Drawing& drawing) {
    Box box;
    for (const auto& l : drawing.lines) {
        box.take(l.x1, l.y1);
        box.take(l.x2, l.y2);
    }
    for (const auto& d : drawing.dimensions)
        box.take(d.atX, d.atY);
    for (const auto& t : drawing.texts)
        box.take(t.x + kGlyph * kDrawingText_mm * static_cast<double>(t.text.size()), t.y);
    return box;
}

/// y of a drawing counts upwards, of a sheet downwards.
class Flattening {
public:
    Flattening() : m_top(0), m_left(0), m_down(1) {} ///< as it is drawn
    explicit Flattening(const Box& box) : m_top(box.top + kMargin_mm), m_left(box.left - kMargin_mm), m_down(-1) {
        out.width = box.right - box.left + 2 * kMargin_mm;
        out.height = box.top - box.bottom + 2 * kMargin_mm;
    }

    void line(double x1, double y1, double x2, double y2, Pen pen) {
        out.strokes.push_back({x(x1), y(y1), x(x2), y(y2), pen});
    }
    void words(double atX, double atY, const std::string& text, bool middle, bool upright) {
        out.words.push_back({x(atX), y(atY), text, middle, upright});
    }
    void dimension(const Dimension& d) {
        if (d.across) {
            const double way = d.y1 < d.y2 ? 1 : -1;
            line(d.x1, d.y1, d.atX, d.y1, Pen::Frame);
            line(d.x2, d.y2, d.atX, d.y2, Pen::Frame);
            line(d.atX, d.y1, d.atX, d.y2, Pen::Frame);
            arrow(d.atX, d.y1, 0, way);
            arrow(d.atX, d.y2, 0, -way);
            words(d.atX - kOffLine_mm, (d.y1 + d.y2) / 2, figures(d), true, true);
        } else {
            const double way = d.x1 < d.x2 ? 1 : -1;
            line(d.x1, d.y1, d.x1, d.atY, Pen::Frame);
            line(d.x2, d.y2, d.x2, d.atY, Pen::Frame);
            line(d.x1, d.atY, d.x2, d.atY, Pen::Frame);
            arrow(d.x1, d.atY, way, 0);
            arrow(d.x2, d.atY, -way, 0);
            words((d.x1 + d.x2) / 2, d.atY + kOffLine_mm, figures(d), true, false);
        }
    }

    Flat out;

private:
    /// Its tip where the dimension ends, its back on the side of (dx, dy).
    void arrow(double tipX, double tipY, double dx, double dy) {
        const double backX = tipX + kArrow_mm * dx, backY = tipY + kArrow_mm * dy;
        const double sideX = kArrow_mm / 6 * dy, sideY = kArrow_mm / 6 * dx;
        out.arrows.push_back(
            {x(tipX), y(tipY), x(backX + sideX), y(backY + sideY), x(backX - sideX), y(backY - sideY)});
    }
    double x(double v) const { return v - m_left; }
    double y(double v) const { return m_top + m_down * v; }

    double m_top;
    double m_left;
    double m_down; ///< −1: y downwards
};

} // namespace

std::string figures(const Dimension& d) {
    return fmt::format("{}{:g}{}", d.diameter ? "Ø" : "", std::round(d.size_mm() * 100) / 100,
                       d.after.empty() ? "" : " " + d.after);
}

Flat flatten(const Dimension& dimension) {
    Flattening flat;
    flat.dimension(dimension);
    return std::move(flat.out);
}

double penWidth_mm(Pen pen) {
    return pen == Pen::Outline ? 0.5 : 0.18;
}

Flat flatten(const Drawing& drawing) {
    Flattening flat(boxOf(drawing));
    for (const auto& l : drawing.lines)
        flat.line(l.x1, l.y1, l.x2, l.y2, l.pen);
    for (const auto& d : drawing.dimensions)
        flat.dimension(d);
    for (const auto& t : drawing.texts)
        flat.words(t.x, t.y, t.text, false, false);
    return std::move(flat.out);
}

} // namespace arbor::io
