#include "ui/shell/job_view.h"

#include "core/job/names.h"
#include "io/logging.h"
#include "ui/instruments/instruments.h"

#include "ui/adjust/adjust_page.h"
#include "ui/fit/fit_page.h"
#include "ui/measure/measure_page.h"
#include "ui/press/press_page.h"
#include "ui/shell/route_rule.h"
#include "ui/shell/step_bar.h"
#include "ui/slip/slip.h"
#include "ui/stations/close_page.h"
#include "ui/stations/intake_page.h"
#include "ui/stations/seat_page.h"
#include "ui/strip/strip_page.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/tooling_page.h"
#include "ui/warm/warm_page.h"
#include "words/sentences.h"
#include "words/shipped_names.h"
#include "words/tooling_words.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

StationPage* makePage(job::Station station, Instruments& instruments, QWidget* parent) {
    using job::Station;
    switch (station) {
    case Station::Intake:
        return new IntakePage(parent);
    case Station::Strip:
        return new StripPage(parent);
    case Station::Measure:
        return new MeasurePage(instruments.line(Instrument::BoreGauge), parent);
    case Station::Fit:
        return new FitPage(parent);
    case Station::Tooling:
        return new ToolingPage(parent);
    case Station::Warm:
        return new WarmPage(instruments.line(Instrument::Thermometer), parent);
    case Station::Press:
        return new PressPage(instruments.line(Instrument::Press), parent);
    case Station::Seat:
        return new SeatPage(instruments.line(Instrument::Indicator), parent);
    case Station::Adjust:
        return new AdjustPage(parent);
    case Station::Close:
        return new ClosePage(parent);
    }
    return nullptr;
}

} // namespace

JobView::JobView(Instruments& instruments, QWidget* parent) : QWidget(parent), m_instruments(instruments) {
    setObjectName("jobView");
    m_rule = new RouteRule(this);
    m_pages = new QStackedWidget(this);
    m_slip = new Slip(this);
    m_bar = new StepBar(this);
    m_ruleScroll = new QScrollArea(this);
    m_ruleScroll->setWidget(m_rule);
    m_ruleScroll->setWidgetResizable(true);
    m_ruleScroll->setFixedWidth(theme::wide(theme::kRuleWidth));
    m_ruleScroll->setFrameShape(QFrame::NoFrame);
    m_ruleScroll->setFocusPolicy(Qt::NoFocus);
    m_ruleScroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_ruleScroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff); // it follows what is in hand
    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(m_bar);
    middle->addWidget(m_pages, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_ruleScroll);
    layout->addLayout(middle, 1);
    layout->addWidget(m_slip);
    connect(m_rule, &RouteRule::chosen, this, &JobView::take);
    connect(m_bar, &StepBar::chosen, this, &JobView::go);
    connect(m_slip, &Slip::actionTaken, this, &JobView::takeAction);
}

StationPage* JobView::page() {
    auto& made = m_pageOf[m_current];
    if (made) return made;
    made = makePage(m_current, m_instruments, this);
    m_pages->addWidget(made);
    connect(made, &StationPage::trouble, this, &JobView::trouble);
    connect(made, &StationPage::toolMade, this, &JobView::toolMade);
    connect(made, &StationPage::stopSign, this, &JobView::stopSign);
    connect(made, &StationPage::slipChanged, this, [this, changedPage = made] {
        if (m_session && changedPage == m_pages->currentWidget()) showSlip();
    });
    if (m_session) made->open(m_session);
    made->sayDelivery(m_delivery);
    return made;
}

void JobView::sayDelivery(const QString& line) {
    m_delivery = line;
    for (const auto& [station, page] : m_pageOf)
        if (page) page->sayDelivery(line);
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
    take(plan::firstOpen(session->job(), session->plan()));
    if (!session->trouble().isEmpty()) emit trouble(session->trouble());
}

void JobView::go(job::Station station) {
    qCInfo(actionLog) << "station" << job::name(station).data();
    m_current = station;
    page(); // it may have to be made
    standBehindBig(m_behindBig);
    page()->refresh();
    m_pages->setCurrentWidget(page());
    showRule();
    showSlip();
    if (!isHidden()) page()->firstFocus()->setFocus(); // else the keys are the big view's
}

/// Where it stands: the step in hand, where the station belongs to one.
plan::Place JobView::here() const {
    const bool step = job::isOfStep(m_current) && m_session->step();
    return {m_current, step ? std::optional(m_session->plan().inHand) : std::nullopt};
}

void JobView::take(plan::Place place) {
    if (place.step && *place.step != m_session->plan().inHand)
        m_session->lookAt(job::StepKey(m_session->plan().steps[*place.step].step.id));
    go(place.station);
}

void JobView::goBy(int stations) {
    std::vector<plan::Place> all;
    for (const auto& place : plan::routeOf(m_session->plan()))
        for (const auto station : job::kStations) {
            const auto* step = place.step ? &m_session->plan().steps[*place.step] : nullptr;
            const bool belongs = step ? job::isOfStep(station) && step->marks.at(station) != plan::Mark::NotNeeded
                                      : station == place.station;
            if (belongs || (step && plan::Place{station, place.step} == here())) all.push_back({station, place.step});
        }
    const auto at = static_cast<int>(std::find(all.begin(), all.end(), here()) - all.begin());
    take(all[static_cast<std::size_t>(std::clamp(at + stations, 0, static_cast<int>(all.size()) - 1))]);
}

void JobView::takeAction() {
    const auto& sheet = m_slip->sheet();
    if (sheet.action.empty() || !sheet.waitsFor.empty()) return;
    emit trouble({});
    if (page()->act()) take(plan::placeAfter(m_session->job(), m_session->plan(), here()));
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
    const auto& job = m_session->job();
    const auto& plan = m_session->plan();
    const auto d = m_session->display();
    std::vector<RouteRule::Stop> stops;
    std::size_t current = 0;
    for (const auto& place : plan::routeOf(plan)) {
        const auto* step = place.step ? &plan.steps[*place.step] : nullptr;
        const auto reason = step ? q(words::stopReason(*step, plan, d)) : q(words::stopReason(place.station, plan, d));
        const auto line = step ? words::stepLine(*step, job, plan, d) : words::stationLine(place.station, job, plan, d);
        if (step ? job::isOfStep(m_current) && place.step == plan.inHand : place.station == m_current)
            current = stops.size();
        stops.push_back({place, step ? (step->step.out ? tr("out") : tr("in")) : QString(),
                         step ? q(words::shippedName(step->step.label)) : q(words::stationTitle(place.station)),
                         reason.isEmpty() ? q(line) : reason, plan::markOf(job, plan, place)});
    }
    m_rule->show(std::move(stops), current);
    const auto box = m_rule->boxOf(current);
    m_ruleScroll->ensureVisible(box.center().x(), box.center().y(), 0, box.height());
    m_bar->show(*m_session, m_current);
}

void JobView::showSlip() {
    m_slip->show(page()->sheet(), page()->keys());
    emit shown();
}

BigScene JobView::bigScene() const {
    const auto* page = m_pageOf.at(m_current);
    const auto* step = m_session->step();
    const bool ofStep = job::isOfStep(m_current) && step;
    const auto title = q(words::stationTitle(m_current));
    auto far = page->far();
    return {q(m_session->job().title),
            ofStep ? title + " · " + q(words::stepTitle(step->step)) : title,
            m_slip->sheet(),
            std::move(far.bench),
            far.entry,
            far.moving,
            {}};
}

/// While a ring moves it only stops; else it does what answers for nothing.
void JobView::tread() {
    if (page()->far().moving || m_slip->sheet().footMayAct()) return takeAction();
    emit trouble(tr("A switch answers for no check, no stop and no release: Enter, when you have looked."));
}

void JobView::standBehindBig(bool behind) {
    m_behindBig = behind;
    for (const auto& [of, made] : m_pageOf)
        made->setBehindBig(behind && of == m_current);
}

Result<void> JobView::takePhoto(const std::string& file) {
    return page()->takePhoto(*m_session, file);
}

void JobView::mark() {
    page()->mark();
}

void JobView::typeInto(QKeyEvent* event) {
    QCoreApplication::sendEvent(page()->firstFocus(), event);
    showSlip();
}

} // namespace arbor::ui
