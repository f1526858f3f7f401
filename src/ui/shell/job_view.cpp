#include "ui/shell/job_view.h"

#include "ui/adjust/adjust_page.h"
#include "ui/fit/fit_page.h"
#include "ui/measure/measure_page.h"
#include "ui/press/press_page.h"
#include "ui/shell/route_rule.h"
#include "ui/slip/slip.h"
#include "ui/stations/close_page.h"
#include "ui/stations/intake_page.h"
#include "ui/stations/seat_page.h"
#include "ui/strip/strip_page.h"
#include "ui/text.h"
#include "ui/tooling/tooling_page.h"
#include "ui/warm/warm_page.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <algorithm>

namespace arbor::ui {

JobView::JobView(QWidget* parent) : QWidget(parent) {
    setObjectName("jobView");
    m_rule = new RouteRule(this);
    m_pages = new QStackedWidget(this);
    m_slip = new Slip(this);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_rule);
    layout->addWidget(m_pages, 1);
    layout->addWidget(m_slip);
    m_pageOf = {{job::Station::Intake, new IntakePage(this)},   {job::Station::Strip, new StripPage(this)},
                {job::Station::Measure, new MeasurePage(this)}, {job::Station::Fit, new FitPage(this)},
                {job::Station::Tooling, new ToolingPage(this)}, {job::Station::Warm, new WarmPage(this)},
                {job::Station::Press, new PressPage(this)},     {job::Station::Seat, new SeatPage(this)},
                {job::Station::Adjust, new AdjustPage(this)},   {job::Station::Close, new ClosePage(this)}};
    for (const auto& [station, widget] : m_pageOf) {
        m_pages->addWidget(widget);
        connect(widget, &StationPage::trouble, this, &JobView::trouble);
        connect(widget, &StationPage::toolMade, this, &JobView::toolMade);
        connect(widget, &StationPage::slipChanged, this, [this, changedPage = widget] {
            if (m_session && changedPage == page()) showSlip();
        });
    }
    connect(m_rule, &RouteRule::chosen, this, &JobView::go);
    connect(m_slip, &Slip::actionTaken, this, &JobView::takeAction);
}

StationPage* JobView::page() const {
    return m_pageOf.at(m_current);
}

void JobView::open(JobSession* session) {
    m_session = session;
    for (const auto& [station, widget] : m_pageOf)
        widget->open(session);
    connect(session, &JobSession::changed, this, [this] {
        // Only the page in sight is redrawn; the others are brought up to date when they are entered.
        page()->refresh();
        showRule();
        showSlip();
        emit trouble(m_session->trouble());
    });
    go(session->plan().next(session->done()));
    if (!session->trouble().isEmpty()) emit trouble(session->trouble());
}

void JobView::go(job::Station station) {
    m_current = station;
    page()->refresh();
    m_pages->setCurrentWidget(page());
    showRule();
    showSlip();
    page()->firstFocus()->setFocus();
}

void JobView::goBy(int stations) {
    const auto at = static_cast<int>(std::find(std::begin(job::kStations), std::end(job::kStations), m_current) -
                                     std::begin(job::kStations));
    const int last = static_cast<int>(std::size(job::kStations)) - 1;
    go(job::kStations[std::clamp(at + stations, 0, last)]);
}

void JobView::takeAction() {
    if (!m_slip->actionButton()->isVisible() || !m_slip->actionButton()->isEnabled()) return;
    emit trouble({});
    if (page()->act()) goBy(1);
}

/// Space and Enter do what the slip says, unless the focus is where text is typed or a choice is made.
void JobView::keyPressEvent(QKeyEvent* event) {
    const auto* focus = focusWidget();
    const bool typing = qobject_cast<const QLineEdit*>(focus) || qobject_cast<const QComboBox*>(focus) ||
                        qobject_cast<const QPlainTextEdit*>(focus);
    const bool acts = event->key() == Qt::Key_Space || event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (acts && !typing) return takeAction();
    QWidget::keyPressEvent(event);
}

void JobView::refresh() {
    if (!m_session) return;
    page()->refresh();
    showRule();
    showSlip();
}

void JobView::showRule() {
    std::vector<RouteRule::Stop> stops;
    for (const auto station : job::kStations) {
        const auto reason = q(words::stopReason(station, m_session->plan(), m_session->display()));
        stops.push_back({station, q(words::stationTitle(station)),
                         reason.isEmpty()
                             ? q(words::stationLine(station, m_session->job(), m_session->plan(), m_session->display()))
                             : reason,
                         m_session->plan().marks.at(station)});
    }
    m_rule->show(std::move(stops), m_current);
}

void JobView::showSlip() {
    m_slip->show(page()->slip());
}

} // namespace arbor::ui
