#include "io/drawing/turned_drawing.h"

#include "io/text_file.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace arbor::io {

namespace {

std::string deviations(const Interval& d) {
    return fmt::format("{:+.2f}/{:+.2f}", d.upper, d.lower);
}

/// Both halves of the section: pushing face at x = 0 (behind the pilot, where there is one), head at the right.
void outline(Drawing& out, const tooling::TurnedSleeve& s) {
    const auto& t = s.tool;
    const double tube = t.length_mm - t.headThick_mm, pilot = t.pilotLength_mm, c = s.chamfer_mm;
    const double headBore = t.headThick_mm > 0 ? t.headBoreDia_mm / 2 : t.boreDia_mm / 2;
    for (const double side : {1.0, -1.0}) {
        const double outer = side * t.outsideDia_mm / 2, inner = side * t.boreDia_mm / 2,
                     head = side * std::max(t.headDia_mm, t.outsideDia_mm) / 2, nose = side * t.pilotDia_mm / 2,
                     through = side * headBore;
        const auto line = [&](double x1, double y1, double x2, double y2) {
            if (x1 != x2 || y1 != y2) out.lines.push_back({x1, y1, x2, y2});
        };
        if (pilot > 0) {
            line(0, inner, 0, nose);
            line(0, nose, pilot, nose);
            line(pilot, nose, pilot, outer - side * c);
        } else {
            line(0, inner, 0, outer - side * c);
        }
        line(pilot, outer - side * c, pilot + c, outer);
        line(pilot + c, outer, tube, outer);
        line(tube, outer, tube, head);
        line(tube, head, t.length_mm, head);
        line(t.length_mm, head, t.length_mm, through);
        line(0, inner, tube, inner);
        line(tube, inner, tube, through);
        if (headBore > 0) line(tube, through, t.length_mm, through);
    }
    out.lines.push_back({-5, 0, t.length_mm + 5, 0, Pen::Axis});
}

void dimensions(Drawing& out, const tooling::TurnedSleeve& s) {
    const auto& t = s.tool;
    const double outer = t.outsideDia_mm / 2, inner = t.boreDia_mm / 2, head = std::max(t.headDia_mm / 2, outer);
    const double tube = t.length_mm - t.headThick_mm, below = -head - 12, pilot = t.pilotLength_mm;
    if (inner > 0) out.dimensions.push_back({0, -inner, 0, inner, -12, 0, true, true, deviations(s.bore_mm)});
    out.dimensions.push_back({pilot, -outer, pilot, outer, -24, 0, true, true, deviations(s.outside_mm)});
    if (t.headThick_mm > 0 && head > outer)
        out.dimensions.push_back({t.length_mm, -head, t.length_mm, head, t.length_mm + 14, 0, true, true});
    if (t.headThick_mm > 0) out.dimensions.push_back({tube, -head, t.length_mm, -head, tube, below, false, false});
    if (pilot > 0) {
        const double nose = t.pilotDia_mm / 2;
        out.dimensions.push_back({0, -nose, 0, nose, -12, 0, true, true, deviations({-0.1, -0.05})});
        out.dimensions.push_back({0, -nose, pilot, -nose, 0, below, false, false});
    }
    out.dimensions.push_back({0, -outer, t.length_mm, -head, 0, below - 12, false, false, deviations(s.length_mm)});
}

void titleBlock(Drawing& out, const tooling::TurnedSleeve& s, const TitleBlock& block) {
    const double top = -std::max(s.tool.headDia_mm, s.tool.outsideDia_mm) / 2 - 40;
    const std::string lines[] = {
        block.title,
        block.job + "   " + block.shop,
        fmt::format("carbon steel, round bar {:g} x {:g} mm", s.barDia_mm, s.barLength_mm),
        fmt::format("both faces square to the axis and parallel within {:g} mm,", s.square_mm),
        fmt::format("edges broken, pushing face chamfered {:g} mm", s.chamfer_mm),
        "sizes in mm; advises and does not certify",
    };
    double y = top;
    for (const auto& text : lines) {
        out.texts.push_back({-24, y, text});
        y -= 2 * kDrawingText_mm;
    }
    out.lines.push_back({-28, top + 2 * kDrawingText_mm, s.tool.length_mm + 40, top + 2 * kDrawingText_mm, Pen::Frame});
}

} // namespace

double Dimension::size_mm() const {
    return across ? std::abs(y2 - y1) : std::abs(x2 - x1);
}

Drawing drawTurned(const tooling::TurnedSleeve& sleeve, const TitleBlock& block) {
    Drawing out;
    outline(out, sleeve);
    dimensions(out, sleeve);
    titleBlock(out, sleeve, block);
    return out;
}

Result<void> writeDrawing(const std::string& path, const Drawing& drawing) {
    if (path.ends_with(".dxf")) return writeDxf(path, drawing);
    if (path.ends_with(".svg")) return writeText(path, svgOf(drawing));
    return refuse(ProblemCode::UnknownName, "out", path, wanted("a name ending in .dxf or .svg"));
}

} // namespace arbor::io
