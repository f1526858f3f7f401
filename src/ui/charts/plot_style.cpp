#include "ui/charts/plot_style.h"

#include "ui/theme/theme.h"

#include <qcustomplot.h>

namespace arbor::ui {

QCustomPlot* makePlot(QWidget* parent) {
    auto* plot = new QCustomPlot(parent);
    plot->setMinimumSize(60, 40);
    return plot;
}

void dressPlot(QCustomPlot& plot) {
    const auto& r = theme::roles();
    plot.setBackground(r.card);
    for (auto* axis : {plot.xAxis, plot.yAxis}) {
        axis->setBasePen(QPen(r.ink, 1));
        axis->setTickPen(QPen(r.ink, 1));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(r.muted);
        axis->setLabelColor(r.muted);
        axis->setTickLabelFont(theme::typeface(theme::Text::Small));
        axis->setLabelFont(theme::typeface(theme::Text::Small));
        axis->grid()->setPen(QPen(r.rule, 1));
        axis->grid()->setZeroLinePen(QPen(r.ink, 1));
    }
    plot.xAxis->grid()->setVisible(false);
    plot.axisRect()->setAutoMargins(QCP::msAll);
}

} // namespace arbor::ui
