#include "ui/charts/force_chart.h"

#include "ui/charts/plot_style.h"
#include "ui/kit/spoken.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
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

/// Of a ring on its way out: the force falls, and at the end it is free.
bool comesOut(const trace::Expected& e) {
    return !e.points.empty() && e.points.front().force_N.most > e.points.back().force_N.most;
}

double most_N(const trace::Expected& e) {
    double most = std::max(e.end_N.most, e.hold_N.most);
    for (const auto& point : e.points)
        most = std::max(most, point.force_N.most);
    return most;
}

void addHome(QCustomPlot& plot, const trace::Expected& e, const words::Display& d, double top) {
    auto* line = new QCPItemStraightLine(&plot);
    const double x = d.sizeValue(e.homeTravel_mm);
    line->point1->setCoords(x, 0);
    line->point2->setCoords(x, 1);
    line->setPen(QPen(roles().proven, 1.5, Qt::DashLine));
    auto* label = new QCPItemText(&plot);
    label->setText(comesOut(e) ? QObject::tr("free expected ") : QObject::tr("home expected "));
    label->setFont(theme::typeface(theme::Text::Small));
    label->setColor(roles().proven);
    label->setPositionAlignment(Qt::AlignRight | Qt::AlignTop);
    label->position->setCoords(x, top);
}

/// Samples nearer to the last drawn one than a hair are left out: a thousand a second would hold the screen up.
void addTrace(QCustomPlot& plot, const trace::Trace& t, const words::Display& d, double right, double top) {
    auto* curve = new QCPCurve(plot.xAxis, plot.yAxis); // travel may stand still or go back, so not a function of it
    QVector<double> x, y;
    const double hairX = right / 1500, hairY = top / 600;
    for (std::size_t i = 0; i < t.size(); ++i) {
        const double px = d.sizeValue(t[i].travel_mm), py = d.forceValue(t[i].force_N);
        const bool near = !x.isEmpty() && std::abs(px - x.back()) < hairX && std::abs(py - y.back()) < hairY;
        if (near && i + 1 < t.size()) continue;
        x.push_back(px);
        y.push_back(py);
    }
    curve->setData(x, y);
    curve->setPen(QPen(roles().ink, 2));
}

void addEvidence(QCustomPlot& plot, const trace::Analysis& a, const words::Display& d) {
    auto* marks = plot.addGraph();
    marks->setLineStyle(QCPGraph::lsNone);
    const bool stop = a.stop();
    const auto colour = stop ? roles().stop : roles().proven;
    marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(colour, 2.4), roles().card, 11));
    for (const auto& e : a.evidence)
        marks->addData(d.sizeValue(e.travel_mm), d.forceValue(e.force_N + a.baseline_N));
    if (a.evidence.empty()) return;
    const auto& e = a.evidence.front();
    auto* label = new QCPItemText(&plot);
    label->setText(QString::fromStdString(words::verdict(a, d).head));
    label->setFont(theme::typeface(theme::Text::Strong));
    label->setColor(colour);
    label->setPadding(QMargins(8, 0, 8, 6));
    // Beyond the middle the words go to the left of their mark.
    const double x = d.sizeValue(e.travel_mm);
    const bool left = x > 0.6 * plot.xAxis->range().upper;
    label->setPositionAlignment((left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignBottom);
    label->position->setCoords(x, d.forceValue(e.force_N + a.baseline_N));
}

} // namespace

ForceChart::ForceChart(QWidget* parent) : QWidget(parent), m_plot(makePlot(this)) {
    setObjectName("forceChart");
    speakAs(*this, QAccessible::Graphic, tr("Force against travel"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kGap, theme::tall(34), theme::kGap, 4);
    layout->addWidget(m_plot);
    m_plot->setFocusPolicy(Qt::NoFocus);
}

void ForceChart::clear() {
    m_plot->clearPlottables();
    m_plot->clearItems();
    m_plot->replot();
    speak(*this, {});
}

/// What the band ends at, what was measured, and what it shows.
QString ForceChart::said(const trace::Expected& e, const trace::Trace& measured, const trace::Analysis* analysis,
                         const words::Display& d) {
    const auto q = [](const std::string& text) { return QString::fromStdString(text); };
    QStringList all{
        tr("%1 %2 at %3")
            .arg(q(d.forceRange(e.end_N.least, e.end_N.most)), q(d.force(0).unit), q(d.size(e.homeTravel_mm).text()))};
    if (!measured.empty()) {
        const auto by = [](const auto& a, const auto& b) { return a.force_N < b.force_N; };
        const auto peak = std::max_element(measured.begin(), measured.end(), by);
        all << tr("peak %1 at the end of %2")
                   .arg(q(d.force(peak->force_N).text()), q(d.size(measured.back().travel_mm).text()));
    }
    if (analysis) all << q(words::verdict(*analysis, d).head);
    return all.join("; ");
}

void ForceChart::show(const trace::Expected& e, const trace::Trace& measured, const trace::Analysis* analysis,
                      const words::Display& d) {
    m_plot->clearPlottables();
    m_plot->clearItems();
    dressPlot(*m_plot);
    double top = d.forceValue(most_N(e)) * 1.25;
    double right = d.sizeValue(e.homeTravel_mm + kShownBeyond_mm);
    addBand(*m_plot, e, d);
    for (const auto& s : measured) {
        top = std::max(top, d.forceValue(s.force_N) * 1.1);
        right = std::max(right, d.sizeValue(s.travel_mm) * 1.02);
    }
    m_plot->xAxis->setRange(0, right);
    m_plot->yAxis->setRange(0, std::max(top, 1e-6));
    if (!measured.empty()) addTrace(*m_plot, measured, d, right, top);
    if (analysis) addEvidence(*m_plot, *analysis, d);
    m_plot->xAxis->setLabel(QString::fromStdString(d.size(0).unit) + QObject::tr(" travel"));
    m_plot->yAxis->setLabel(QString::fromStdString(d.force(0).unit));
    addHome(*m_plot, e, d, m_plot->yAxis->range().upper * 0.98);
    m_plot->replot();
    speak(*this, said(e, measured, analysis, d));
}

void ForceChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    theme::drawHeading(painter, *this, tr("Force against travel"), tr("band: what this seat should take"));
}

} // namespace arbor::ui
