#pragma once

class QCustomPlot;

namespace arbor::ui {

/// Colours, type and hairlines of the house for a plot.
void dressPlot(QCustomPlot& plot);

} // namespace arbor::ui
