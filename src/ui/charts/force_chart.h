#pragma once

#include "core/trace/trace.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

class QCustomPlot;

namespace arbor::ui {

/// Force against travel: the predicted band, where home is expected, and the measured trace laid over it.
class ForceChart : public QWidget {
public:
    explicit ForceChart(QWidget* parent = nullptr);
    void show(const trace::Expected& expected, const std::optional<trace::Trace>& measured,
              const words::Display& display);
    void clear();
    QCustomPlot* plot() { return m_plot; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QCustomPlot* m_plot;
};

} // namespace arbor::ui
