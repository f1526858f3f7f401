#pragma once

#include "ui/report/paper.h"
#include "words/sheet.h"

namespace arbor::ui {

/// Figures and lists of a sheet, a line each.
void setNumbers(Paper& paper, const words::Sheet& sheet, int indent = 0);
/// Its notes: what stops and what hurts in a frame, the rest as text.
void setNotes(Paper& paper, const words::Sheet& sheet, int indent = 0);
/// Verdict, numbers, notes and caution.
void setSheet(Paper& paper, const words::Sheet& sheet, int indent = 0);

} // namespace arbor::ui
