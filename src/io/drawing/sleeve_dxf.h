#pragma once

#include "core/tooling/turned.h"

#include <string>

namespace arbor::io {

/// What stands in the title block of a drawing.
struct TitleBlock {
    std::string title;
    std::string job;
    std::string shop;
};

/// Writes a dimensioned section of a sleeve as DXF, in millimetres: its axis along x, the pushing face at x = 0,
/// outline on layer OUTLINE, dimensions on DIMENSIONS, words on TEXT.
/// @errors Unwritable
Result<void> writeSleeveDxf(const std::string& path, const tooling::TurnedSleeve& sleeve, const TitleBlock& block);

} // namespace arbor::io
