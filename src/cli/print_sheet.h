#pragma once

#include "words/sheet.h"

#include <iosfwd>

namespace arbor::cli {

/// A sheet as text, a line each: figures, lists, notes marked STOP, check or -, the next action, the caution.
/// @param aside  with what the window has no room for
void printSheet(std::ostream& out, const words::Sheet& sheet, bool aside);

} // namespace arbor::cli
