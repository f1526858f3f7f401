#pragma once

#include "core/trace/analysis.h"
#include "words/display.h"

#include <QWidget>

class QCustomPlot;

namespace arbor::ui {

/// Force against travel: the predicted band, where home is expected, the measured trace laid over it, and on
/// that the places where a sign shows.
class ForceChart : public QWidget {
public:
    explicit ForceChart(QWidget* parent = nullptr);
    /// @param measured  empty: nothing yet  @param analysis  of it, for the marks of its evidence; null: none
    void show(const trace::Expected& expected, const trace::Trace& measured, const trace::Analysis* analysis,
              const words::Display& display);
    void clear();
    QCustomPlot* plot() { return m_plot; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    static QString said(const trace::Expected& e, const trace::Trace& measured, const trace::Analysis* analysis,
                        const words::Display& d);
    QCustomPlot* m_plot;
};

} // namespace arbor::ui
