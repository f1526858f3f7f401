#pragma once

#include "core/base/result.h"

#include <optional>
#include <string_view>

namespace arbor::device {

/// One line of a gauge that sends what it shows: `61.978`, `61.978 mm`, `2.44007 in`, or with the name of what is
/// measured before it, `dia 61.978 mm`. Blank lines and lines that start with # say nothing.
/// @return the size [mm]; nothing for a line that says nothing
/// @errors Malformed with the line, NotPositive, OutOfRange (over 3000 mm)
Result<std::optional<double>> parseGaugeLine(std::string_view line);

} // namespace arbor::device
