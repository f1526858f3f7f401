#pragma once

#include "io/drawing/turned_drawing.h"

namespace arbor::io {

/// A drawing taken apart into what a pen does, on a sheet whose upper left corner is the origin; y downwards, mm.
struct Flat {
    struct Stroke {
        double x1, y1, x2, y2;
        Pen pen;
    };
    struct Arrow {
        double tipX, tipY;
        double leftX, leftY;
        double rightX, rightY;
    };
    struct Words {
        double x, y; ///< of the base line: its start, or its middle
        std::string text;
        bool middle = false;
        bool upright = false; ///< read from the right, turned against the clock
    };
    double width = 0;
    double height = 0;
    std::vector<Stroke> strokes;
    std::vector<Arrow> arrows;
    std::vector<Words> words;
};

/// Dimensions become lines, arrow heads and figures; the sheet is as large as it takes, with a margin.
Flat flatten(const Drawing& drawing);

/// One dimension alone, where it stands in its drawing: y upwards.
Flat flatten(const Dimension& dimension);
/// What stands over its line: "Ø62 +0.1/0".
std::string figures(const Dimension& dimension);

/// Width of a line by its pen [mm].
double penWidth_mm(Pen pen);

} // namespace arbor::io
