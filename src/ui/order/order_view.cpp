#include "ui/order/order_view.h"

#include "core/route/order.h"
#include "ui/bench/bench_view.h"
#include "ui/order/step_list.h"
#include "ui/stations/slips.h"
#include "ui/theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

constexpr int kListWidth = 430;
constexpr double kDrawnAway = 0.14; // of the height of the work: how far what moves is drawn from its place

double heightOf(const arrangement::Assembly& a) {
    double lo = INFINITY, hi = -INFINITY;
    for (const auto& part : a.parts)
        for (const auto& body : part.bodies) {
            lo = std::min(lo, body.bottom());
            hi = std::max(hi, body.top());
        }
    return hi - lo;
}

} // namespace

OrderView::OrderView(QWidget* parent) : QWidget(parent) {
    setObjectName("orderView");
    m_list = new StepList(this);
    m_bench = new BenchView(this);
    m_bench->setObjectName("orderBench");
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName("orderScroll");
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(m_list);
    auto* direction = new QPushButton(this);
    direction->setObjectName("orderDirection");
    direction->setMinimumHeight(theme::kTouch);
    auto* side = new QWidget(this);
    side->setFixedWidth(kListWidth);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, theme::kGap);
    column->addWidget(scroll, 1);
    column->addWidget(direction, 0, Qt::AlignHCenter);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(side);
    layout->addWidget(m_bench, 1);
    connect(m_list, &StepList::chosen, this, &OrderView::go);
    connect(direction, &QPushButton::clicked, this, [this] { setTogether(!m_together); });
}

void OrderView::show(arrangement::Arrangement arrangement) {
    m_arrangement = std::move(arrangement);
    setTogether(false);
    m_bench->setFocus();
}

void OrderView::setTogether(bool together) {
    m_together = together;
    const auto order = route::takeApart(m_arrangement.assembly);
    m_lines =
        together ? words::fitLines(m_arrangement.assembly, order) : words::stripLines(m_arrangement.assembly, order);
    findChild<QPushButton*>("orderDirection")
        ->setText(together ? tr("Show taking apart (D)") : tr("Show putting together (D)"));
    go(0);
}

void OrderView::go(std::size_t line) {
    m_current = m_lines.empty() ? 0 : std::min(line, m_lines.size() - 1);
    m_list->show(m_lines, m_current);
    if (!m_lines.empty()) {
        const auto box = m_list->boxOf(m_current);
        findChild<QScrollArea*>("orderScroll")->ensureVisible(box.center().x(), box.center().y(), 0, box.height());
    }
    showSection();
}

void OrderView::showSection() {
    BenchScene scene;
    scene.title = m_together ? tr("Putting together: %1").arg(q(m_arrangement.title))
                             : tr("Taking apart: %1").arg(q(m_arrangement.title));
    scene.subtitle = tr("Up and down go through the steps, D turns the direction, Escape goes back to the job.");
    if (m_lines.empty()) {
        scene.emptyText = tr("Nothing to take apart.");
        return m_bench->show(std::move(scene));
    }
    const auto& line = m_lines[m_current];
    const double away = kDrawnAway * heightOf(m_arrangement.assembly) * (line.way == route::Way::Up ? 1 : -1);
    for (std::size_t p = 0; p < m_arrangement.assembly.parts.size(); ++p) {
        if (!(line.here & route::only(p))) continue;
        const bool moves = line.moving & route::only(p);
        for (auto body : m_arrangement.assembly.parts[p].bodies) {
            body.z_mm += moves ? away : 0;
            scene.bodies.push_back(std::move(body));
            scene.faded.push_back(line.moving != 0 && !moves);
        }
    }
    m_bench->show(std::move(scene));
}

void OrderView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Down:
    case Qt::Key_Right:
    case Qt::Key_Space:
        return go(m_current + 1);
    case Qt::Key_Up:
    case Qt::Key_Left:
        return go(m_current == 0 ? 0 : m_current - 1);
    case Qt::Key_D:
        return setTogether(!m_together);
    case Qt::Key_Escape:
        return emit left();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace arbor::ui
