#include "ui/charts/rim_chart.h"

#include "core/base/units.h"
#include "ui/charts/plot_style.h"
#include "ui/kit/spoken.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numbers>
#include <qcustomplot.h>

namespace arbor::ui {

namespace {

using theme::roles;

/// A crooked but flat ring may stay within plus or minus half the square limit of its middle.
void addAllowed(QCustomPlot& plot, double half) {
    auto* low = plot.addGraph();
    auto* high = plot.addGraph();
    for (const double x : {0.0, 360.0}) {
        low->addData(x, -half);
        high->addData(x, half);
    }
    low->setPen(Qt::NoPen);
    high->setPen(Qt::NoPen);
    high->setBrush(roles().provenPale);
    high->setChannelFillGraph(low);
}

} // namespace

RimChart::RimChart(QWidget* parent) : QWidget(parent), m_plot(makePlot(this)) {
    setObjectName("rimChart");
    speakAs(*this, QAccessible::Graphic, tr("Round the rim"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kGap, theme::tall(34), theme::kGap, 4);
    layout->addWidget(m_plot);
    m_plot->setFocusPolicy(Qt::NoFocus);
    QSharedPointer<QCPAxisTickerText> ticker(new QCPAxisTickerText);
    for (int hour = 0; hour <= 12; ++hour)
        ticker->addTick(hour * 30, QString::number(hour == 0 ? 12 : hour));
    m_plot->xAxis->setTicker(ticker);
}

/// Each reading above their mean, by the clock.
QString RimChart::said(const std::vector<seating::Reading>& heights, const seating::PlaneFit* plane,
                       const words::Display& d) {
    QStringList all;
    for (const auto& r : heights) {
        const auto value = d.fine(r.value_mm - (plane ? plane->mean_mm : 0)).text();
        all << tr("%1 o’clock: %2")
                   .arg(QString::fromStdString(seating::clockPosition(r.angle_deg)), QString::fromStdString(value));
    }
    return all.join("; ");
}

void RimChart::show(const std::vector<seating::Reading>& heights, const seating::PlaneFit* plane, double radius_mm,
                    double limit_mm, const words::Display& d) {
    m_plot->clearPlottables();
    dressPlot(*m_plot);
    addAllowed(*m_plot, d.fineValue(limit_mm / 2));
    double reach = d.fineValue(limit_mm);
    auto* points = m_plot->addGraph();
    points->setLineStyle(QCPGraph::lsNone);
    points->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, roles().ink, 7));
    for (const auto& r : heights) {
        const double y = d.fineValue(r.value_mm - (plane ? plane->mean_mm : 0));
        points->addData(r.angle_deg, y);
        reach = std::max(reach, std::abs(y) * 1.15);
    }
    if (plane) {
        auto* wave = m_plot->addGraph();
        for (int deg = 0; deg <= 360; deg += 4)
            wave->addData(deg, d.fineValue(radius_mm * (plane->slopeCos * std::cos(deg * kRadPerDeg) +
                                                        plane->slopeSin * std::sin(deg * kRadPerDeg))));
        wave->setPen(QPen(roles().plan, 1.8));
    }
    m_plot->xAxis->setRange(0, 360);
    m_plot->yAxis->setRange(-reach, reach);
    m_plot->yAxis->setLabel(QString::fromStdString(d.fine(0).unit));
    m_plot->replot();
    speak(*this, said(heights, plane, d));
}

void RimChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    theme::drawHeading(painter, *this, tr("Round the rim"),
                       tr("readings above their mean, fitted plane, allowed band"));
}

} // namespace arbor::ui
