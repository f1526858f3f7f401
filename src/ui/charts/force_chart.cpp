#include "ui/charts/force_chart.h"

#include "ui/charts/plot_style.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <qcustomplot.h>

namespace arbor::ui {

namespace {

using theme::roles;

/// Beyond home the stack stiffens: the band is led on to the hold force over this travel.
constexpr double kShownBeyond_mm = 2.0;

void addBand(QCustomPlot& plot, const trace::Expected& e, const words::Display& d) {
    auto* low = plot.addGraph();
    auto* high = plot.addGraph();
    auto* likely = plot.addGraph();
    for (const auto& p : e.points) {
        const double x = d.sizeValue(p.travel_mm);
        low->addData(x, d.forceValue(p.force_N.least));
        high->addData(x, d.forceValue(p.force_N.most));
        likely->addData(x, d.forceValue(p.force_N.likely));
    }
    low->setPen(QPen(roles().plan, 1));
    high->setPen(QPen(roles().plan, 1));
    likely->setPen(QPen(roles().plan, 1, Qt::DashLine));
    high->setBrush(roles().planPale);
    high->setChannelFillGraph(low);
}

void addHome(QCustomPlot& plot, const trace::Expected& e, const words::Display& d, double top) {
    auto* line = new QCPItemStraightLine(&plot);
    const double x = d.sizeValue(e.homeTravel_mm);
    line->point1->setCoords(x, 0);
    line->point2->setCoords(x, 1);
    line->setPen(QPen(roles().proven, 1.5, Qt::DashLine));
    auto* label = new QCPItemText(&plot);
    label->setText(QObject::tr("home expected "));
    label->setFont(theme::typeface(theme::Text::Small));
    label->setColor(roles().proven);
    label->setPositionAlignment(Qt::AlignRight | Qt::AlignTop);
    label->position->setCoords(x, top);
}

void addTrace(QCustomPlot& plot, const trace::Trace& t, const words::Display& d) {
    auto* curve = new QCPCurve(plot.xAxis, plot.yAxis); // travel may stand still or go back, so not a function of it
    QVector<double> x, y;
    for (const auto& s : t) {
        x.push_back(d.sizeValue(s.travel_mm));
        y.push_back(d.forceValue(s.force_N));
    }
    curve->setData(x, y);
    curve->setPen(QPen(roles().ink, 2));
}

} // namespace

ForceChart::ForceChart(QWidget* parent) : QWidget(parent), m_plot(new QCustomPlot(this)) {
    setObjectName("forceChart");
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kGap, 34, theme::kGap, 4);
    layout->addWidget(m_plot);
    m_plot->setFocusPolicy(Qt::NoFocus);
}

void ForceChart::clear() {
    m_plot->clearPlottables();
    m_plot->clearItems();
    m_plot->replot();
}

void ForceChart::show(const trace::Expected& e, const std::optional<trace::Trace>& measured, const words::Display& d) {
    m_plot->clearPlottables();
    m_plot->clearItems();
    dressPlot(*m_plot);
    double top = d.forceValue(std::max(e.end_N.most, e.hold_N.most)) * 1.25;
    double right = d.sizeValue(e.homeTravel_mm + kShownBeyond_mm);
    addBand(*m_plot, e, d);
    if (measured) {
        for (const auto& s : *measured) {
            top = std::max(top, d.forceValue(s.force_N) * 1.1);
            right = std::max(right, d.sizeValue(s.travel_mm) * 1.02);
        }
        addTrace(*m_plot, *measured, d);
    }
    m_plot->xAxis->setRange(0, right);
    m_plot->yAxis->setRange(0, std::max(top, 1e-6));
    m_plot->xAxis->setLabel(QString::fromStdString(d.size(0).unit) + QObject::tr(" travel"));
    m_plot->yAxis->setLabel(QString::fromStdString(d.force(0).unit));
    addHome(*m_plot, e, d, m_plot->yAxis->range().upper * 0.98);
    m_plot->replot();
}

void ForceChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), roles().card);
    painter.setFont(theme::typeface(theme::Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, 300, 20), Qt::AlignVCenter, tr("Force against travel"));
    painter.setFont(theme::typeface(theme::Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRect(0, 10, width() - theme::kMargin, 20), Qt::AlignVCenter | Qt::AlignRight,
                     tr("band: what this seat should take"));
}

} // namespace arbor::ui
