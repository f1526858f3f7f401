#pragma once

#include "core/catalog/rack.h"

#include <string>

namespace arbor::io {

/// A tool by its caliper sizes: "61.2 / 54.6 x 72" (outside / bore x length) or "50 x 20", each size as parseLength
/// reads it. A slash with blanks parts the sizes; without any it may stand in a fraction beside one that has them.
/// @return a tool of that kind without a number, with impossible sizes refused
/// @errors Malformed (not two or three sizes), those of parseLength, of checkTool with the column as field
Result<catalog::Tool> parseTool(const std::string& typed, catalog::ToolKind kind, double defaultUnitMm = 1.0);

} // namespace arbor::io
