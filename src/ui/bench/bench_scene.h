#pragma once

#include "core/force/path.h"
#include "core/section/body.h"
#include "ui/bench/dimensions.h"
#include "ui/theme/tones.h"

#include <QPointF>
#include <QString>
#include <optional>
#include <vector>

namespace arbor::ui {

/// What is said of a part that is picked.
struct PartNote {
    QString head;
    QString detail;
};

/// A label with a leader to a point of the section, given as radius and height in mm. Negative radius: left half.
struct Callout {
    QPointF at;
    QString head;
    QString detail;
    Tone tone = Tone::Plain;
};

/// A vertical scale beside the section showing how much of the ram's stroke is used.
struct StrokeScale {
    double used_mm = 0;
    double there_mm = 0;
    QString label;
};

/// A spot of the section drawn larger in a circle of its own.
struct Loupe {
    QPointF at; ///< radius and height in mm; negative radius: left half
    double halfWidth_mm = 10;
};

/// What the bench draws: the very bodies that were checked, and what is said about them.
struct BenchScene {
    QString title;
    QString subtitle;
    std::vector<section::Body> bodies;
    std::vector<bool> faded; ///< same length as bodies, or empty
    std::optional<force::Path> path;
    std::vector<Callout> callouts;
    std::vector<Dimension> dimensions; ///< sizes that stand on the drawing
    bool roomForCallouts = false;      ///< keep their room even while there are none
    std::optional<double> keepUpTo_mm; ///< room is kept to this height, so that what moves does not change the scale
    std::optional<StrokeScale> stroke;
    std::optional<Loupe> loupe;
    QString emptyText; ///< shown when there are no bodies
};

} // namespace arbor::ui
