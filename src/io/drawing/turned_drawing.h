#pragma once

#include "core/tooling/turned.h"

#include <string>
#include <vector>

namespace arbor::io {

/// What stands in the title block of a drawing.
struct TitleBlock {
    std::string title;
    std::string job;
    std::string shop;
};

enum class Pen { Outline, Axis, Frame };
struct DrawnLine {
    double x1, y1, x2, y2;
    Pen pen = Pen::Outline;
};
/// Between two points, its line through (atX, atY). `after`: the deviations.
struct Dimension {
    double x1, y1, x2, y2;
    double atX, atY;
    bool across = false; ///< measured along y
    bool diameter = false;
    std::string after = {};

    double size_mm() const;
};
struct DrawnText {
    double x, y;
    std::string text;
};
inline constexpr double kDrawingText_mm = 3.5;

/// A drawing in millimetres, y upwards; every format is written from it.
struct Drawing {
    std::vector<DrawnLine> lines;
    std::vector<Dimension> dimensions;
    std::vector<DrawnText> texts;
};

/// The dimensioned section of a turned tool: its axis along x, the pushing face (or the pilot's end) at x = 0.
Drawing drawTurned(const tooling::TurnedSleeve& sleeve, const TitleBlock& block);

/// Layers OUTLINE, AXIS, DIMENSIONS and TEXT. @errors Unwritable
Result<void> writeDxf(const std::string& path, const Drawing& drawing);

/// The drawing on one white sheet, one unit a millimetre.
std::string svgOf(const Drawing& drawing);

/// By the name's ending: .dxf or .svg. @errors Unwritable, UnknownName (another ending)
Result<void> writeDrawing(const std::string& path, const Drawing& drawing);

} // namespace arbor::io
