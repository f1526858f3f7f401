#pragma once

class QCustomPlot;
class QWidget;

namespace arbor::ui {

/// A plot that has some room from the beginning: without any it cannot paint, and says so aloud.
QCustomPlot* makePlot(QWidget* parent);

/// Colours, type and hairlines of the house for a plot.
void dressPlot(QCustomPlot& plot);

} // namespace arbor::ui
