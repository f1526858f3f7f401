#pragma once

#include "core/day/board.h"

class QPagedPaintDevice;

namespace arbor::ui {

/// The plan of a day to hang beside the press: the board, then what begins when, where and by whom, a line each to
/// tick.
/// @param board  with a plan
void paintDay(QPagedPaintDevice& device, const day::Board& board);

} // namespace arbor::ui
