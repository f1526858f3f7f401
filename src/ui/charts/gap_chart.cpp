#include "ui/charts/gap_chart.h"

#include "ui/charts/plot_style.h"
#include "ui/kit/spoken.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <qcustomplot.h>

namespace arbor::ui {

namespace {

using theme::roles;

constexpr double kAfterGrip_s = 20, kLongest_s = 600, kShortest_s = 60;

QCPGraph* line(QCustomPlot& plot, const thermal::ShrinkRun& run, double from, double to, const words::Display& d) {
    auto* graph = plot.addGraph();
    for (const auto& s : run.states)
        if (s.t_s >= from && s.t_s <= to) graph->addData(s.t_s, d.fineValue(s.clearance_mm));
    return graph;
}

void label(QCustomPlot& plot, const QString& text, double x, double y, const QColor& colour, Qt::Alignment align) {
    auto* item = new QCPItemText(&plot);
    item->setText(text);
    item->setFont(theme::typeface(theme::Text::Strong));
    item->setColor(colour);
    item->setPositionAlignment(align);
    item->setPadding(QMargins(6, 2, 6, 2));
    item->position->setCoords(x, y);
}

void upright(QCustomPlot& plot, double x, const QColor& colour, Qt::PenStyle style, double width) {
    auto* item = new QCPItemStraightLine(&plot);
    item->point1->setCoords(x, 0);
    item->point2->setCoords(x, 1);
    item->setPen(QPen(colour, width, style));
}

/// The stretch of time worth showing: the window, or the grip, whichever is later.
double shownUntil(const plan::HeatCourse& c) {
    double end = c.lastStart_s.value_or(kLongest_s) * 1.15;
    if (c.gripLast_s) end = std::max(end, c.walk_s + *c.gripLast_s + kAfterGrip_s);
    return std::clamp(end, std::max(kShortest_s, c.walk_s * 1.5), kLongest_s);
}

void addSafe(QCustomPlot& plot, const plan::HeatPlan& plan, const plan::HeatCourse& c, double end,
             const words::Display& d) {
    auto* safe = new QCPItemRect(&plot);
    safe->topLeft->setCoords(0, d.fineValue(1.3 * c.loose.apart.clearance_mm));
    safe->bottomRight->setCoords(std::min(end, c.lastStart_s.value_or(end)), d.fineValue(plan.least_mm));
    safe->setBrush(roles().provenPale);
    safe->setPen(Qt::NoPen);
    safe->setLayer("background");
}

} // namespace

GapChart::GapChart(QWidget* parent) : QWidget(parent), m_plot(makePlot(this)) {
    setObjectName("gapChart");
    speakAs(*this, QAccessible::Graphic, tr("Gap against time"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kGap, 54, theme::kGap, 4);
    layout->addWidget(m_plot);
    m_plot->setFocusPolicy(Qt::NoFocus);
}

void GapChart::clear(const QString& why) {
    m_why = why;
    m_plot->hide();
    update();
}

void GapChart::show(const plan::HeatPlan& plan, const plan::HeatCourse& c, std::optional<double> now_s,
                    const words::Display& d) {
    m_why.clear();
    m_plot->show();
    m_plot->clearPlottables();
    m_plot->clearItems();
    dressPlot(*m_plot);
    const double end = std::max(shownUntil(c), now_s.value_or(0) * 1.05);
    addSafe(*m_plot, plan, c, end, d);
    auto* low = line(*m_plot, c.tight.apart, 0, end, d);
    auto* high = line(*m_plot, c.loose.apart, 0, end, d);
    low->setPen(QPen(roles().plan, 1));
    high->setPen(QPen(roles().plan, 1));
    high->setBrush(roles().planPale);
    high->setChannelFillGraph(low);
    line(*m_plot, c.likely.apart, 0, end, d)->setPen(QPen(roles().plan, 2));
    auto* in = line(*m_plot, c.likely.together, c.walk_s, end, d);
    in->setPen(QPen(roles().caution, 2.4));
    double top = d.fineValue(c.loose.apart.clearance_mm) * 1.2, bottom = 0;
    for (const auto& s : c.likely.together.states)
        if (s.t_s <= end) bottom = std::min(bottom, d.fineValue(s.clearance_mm));
    m_plot->xAxis->setRange(0, end);
    m_plot->yAxis->setRange(bottom * 1.15, std::max(top, 1e-3));
    m_plot->xAxis->setLabel(tr("s since it left the heat"));
    m_plot->yAxis->setLabel(QString::fromStdString(d.fine(0).unit));
    label(*m_plot, tr("in at %1 s").arg(std::lround(c.walk_s)), c.walk_s, top * 0.98, roles().caution,
          Qt::AlignLeft | Qt::AlignTop);
    upright(*m_plot, c.walk_s, roles().caution, Qt::DashLine, 1.2);
    if (c.likely.together.grip_s && *c.likely.together.grip_s < end) {
        upright(*m_plot, *c.likely.together.grip_s, roles().stop, Qt::DashLine, 1.2);
        label(*m_plot, tr("grips"), *c.likely.together.grip_s, top * 0.86, roles().stop, Qt::AlignLeft | Qt::AlignTop);
    }
    label(*m_plot, tr("safe to start"), std::min(end, c.lastStart_s.value_or(end)), d.fineValue(plan.least_mm),
          roles().proven, Qt::AlignRight | Qt::AlignBottom);
    if (now_s) {
        upright(*m_plot, *now_s, roles().ink, Qt::SolidLine, 2.2);
        label(*m_plot, tr("now, %1 s").arg(std::lround(*now_s)), *now_s, top * 0.74, roles().ink,
              Qt::AlignLeft | Qt::AlignTop);
    }
    m_plot->replot();
    speak(*this, said(c, now_s));
}

QString GapChart::said(const plan::HeatCourse& c, std::optional<double> now_s) {
    QStringList all{tr("in at %1 s").arg(std::lround(c.walk_s))};
    if (c.lastStart_s) all << tr("safe to start up to %1 s").arg(std::lround(*c.lastStart_s));
    if (c.likely.together.grip_s) all << tr("grips at %1 s").arg(std::lround(*c.likely.together.grip_s));
    if (now_s) all << tr("now, %1 s").arg(std::lround(*now_s));
    return all.join("; ");
}

void GapChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), roles().card);
    painter.setFont(theme::typeface(theme::Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, width(), 20), Qt::AlignVCenter, tr("Gap against time"));
    painter.setFont(theme::typeface(theme::Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRect(theme::kMargin, 30, width() - 2 * theme::kMargin, 20), Qt::AlignVCenter,
                     m_why.isEmpty() ? tr("Blue: during the transfer, least to most. Brass: in its seat, as likely.")
                                     : m_why);
}

} // namespace arbor::ui
