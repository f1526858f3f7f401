#include "ui/warm/warm_page.h"

#include "device/instrument_line.h"
#include "ui/charts/gap_chart.h"
#include "ui/kit/beside.h"
#include "ui/kit/offered.h"
#include "ui/kit/scrolled.h"
#include "ui/session/instant.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/gauge_line.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "ui/warm/limit_bars.h"
#include "ui/warm/warm_state.h"
#include "words/sentences.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollArea>
#include <QTime>
#include <QTimer>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

using What = job::Clock::What;

constexpr Interval kPartRange_C{-200, 500}, kRoomRange_C{-20, 50};

} // namespace

WarmPage::WarmPage(device::LineClient& probe, QWidget* parent) : StationPage(parent), m_probe(probe) {
    setObjectName("warmPage");
    setProperty("touched", true);
    m_chart = new GapChart(this);
    m_bars = new LimitBars(this);
    m_scroll = scrolled(nullptr, this, "warmScroll");
    auto* lower = new Beside(m_scroll, scrolled(m_bars, this, "limitScroll"), {.sheet = Beside::Sheet::Right}, this);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_chart, 11);
    layout->addWidget(lower, 10);
    connect(&m_probe, &device::LineClient::line, this, &WarmPage::hear);
    connect(&m_probe, &device::LineClient::stateChanged, this, [this] {
        if (m_sheet) m_sheet->refresh();
    });
    m_second = new QTimer(this);
    m_second->setInterval(1000);
    connect(m_second, &QTimer::timeout, this, [this] {
        if (m_session && isInHand() && !m_session->record().heat.clocks.empty()) showCourse();
    });
    m_second->start();
}

void WarmPage::open(JobSession* session) {
    m_session = session;
    buildSheet();
    refresh();
}

void WarmPage::changeOverrides(const QString& text, const std::function<void(job::HeatOverrides&)>& change) {
    m_session->editStep(text, [&](job::StepRecord& r) { change(r.heat.overrides); });
}

/// Source and temperature of one part; both are the program's until something is typed, and again when it is emptied.
void WarmPage::addSide(bool outer) {
    const auto side = [this, outer]() -> const plan::HeatSide* {
        const auto* heat = m_session->plan().heat();
        return !heat ? nullptr : outer ? &heat->outer : &heat->inner;
    };
    const auto source = outer ? &job::HeatOverrides::outerSource : &job::HeatOverrides::innerSource;
    const auto temp = outer ? &job::HeatOverrides::outer_C : &job::HeatOverrides::inner_C;
    QStringList texts{tr("default")}, values{QString()};
    for (const auto& s : m_session->tables().heatSources) {
        texts << q(s.name);
        values << q(s.id);
    }
    const auto title = outer ? tr("Outer part") : tr("Inner part");
    const auto overridesNow = [this]() -> const job::HeatOverrides& { return m_session->record().heat.overrides; };
    m_sheet->addChoice(
        outer ? "heatOuterSource" : "heatInnerSource", title + tr(" in"), texts, values,
        [this, source](const QString& id) {
            changeOverrides(tr("Choose a source"), [&](job::HeatOverrides& w) {
                w.*source = id.isEmpty() ? std::nullopt : std::optional(id.toStdString());
            });
        },
        [overridesNow, source] { return q((overridesNow().*source).value_or("")); });
    m_sheet->addField(
        outer ? "heatOuterTemp" : "heatInnerTemp", title + tr(" to"),
        [this, temp](const QString& typed) -> EntrySheet::Understood {
            if (typed.trimmed().isEmpty()) {
                changeOverrides(tr("Default temperature"), [&](job::HeatOverrides& w) { w.*temp = std::nullopt; });
                return {};
            }
            const auto value = temperatureIn(typed, *m_session, kPartRange_C);
            if (!value) return {false, temperatureRange(kPartRange_C, *m_session)};
            changeOverrides(tr("Set a temperature"), [&](job::HeatOverrides& w) { w.*temp = value; });
            return {};
        },
        [this, overridesNow, temp] {
            const auto wanted = overridesNow().*temp;
            return wanted ? q(m_session->display().temperature(*wanted).number) : QString();
        },
        [this, side] {
            const auto* s = side();
            return s ? q(m_session->display().temperature(s->temp_C).text()) : QString();
        });
}

void WarmPage::addRoom() {
    const auto number = [this](const char* name, const QString& label, double job::Heat::*value, const Interval& range,
                               const QString& unit, double typed = 1) {
        m_sheet->addField(
            name, label,
            [this, value, range, typed](const QString& text) -> EntrySheet::Understood {
                const auto n = numberIn(text);
                if (!n || *n * typed < range.lower || *n * typed > range.upper)
                    return {false, tr("%1 to %2").arg(range.lower / typed).arg(range.upper / typed)};
                m_session->edit(tr("Change the transfer"), [&](job::Job& j) { j.heat.*value = *n * typed; });
                return {};
            },
            [this, value, typed] { return numberTyped(m_session->job().heat.*value / typed); },
            [unit] { return unit; });
    };
    m_sheet->addChoice(
        "triedCold", tr("Stack tried cold"), {tr("not yet"), tr("yes: sleeve, support, stroke and reach")}, {"0", "1"},
        [this](const QString& value) {
            m_session->editStep(tr("Stack tried cold"), [&](job::StepRecord& r) { r.heat.triedCold = value == "1"; });
        },
        [this] { return QString(m_session->record().heat.triedCold ? "1" : "0"); });
    m_sheet->addHeading(tr("Transfer time and oven error"));
    number("walk", tr("Transfer"), &job::Heat::walk_s, {0, 600}, tr("s"));
    const auto d = m_session->display();
    number("ovenOff", tr("Oven error"), &job::Heat::off_K, {-50, 50}, q(d.temperatureRise(0).unit), d.riseTyped_K());
    m_sheet->addField(
        "heatRoom", tr("Ambient"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto value = temperatureIn(typed, *m_session, kRoomRange_C);
            if (!value) return {false, temperatureRange(kRoomRange_C, *m_session)};
            m_session->edit(tr("Change ambient"), [&](job::Job& j) { j.heat.room_C = *value; });
            return {};
        },
        [this] { return q(m_session->display().temperature(m_session->job().heat.room_C).number); },
        [this] { return q(m_session->display().temperature(0).unit); });
    m_sheet->addField(
        "pressAt", tr("Press at"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto time = QTime::fromString(typed.trimmed(), "H:mm");
            if (!typed.trimmed().isEmpty() && !time.isValid()) return {false, tr("a time, 14:30")};
            const auto day = m_session->now().substr(0, 10);
            m_session->editStep(tr("Plan the press"), [&](job::StepRecord& r) {
                r.heat.pressAt = typed.trimmed().isEmpty() ? "" : day + "T" + time.toString("HH:mm:ss").toStdString();
            });
            return {};
        },
        [this] {
            const auto& at = m_session->record().heat.pressAt;
            return at.empty() ? QString() : q(timeOfDay(at));
        },
        [] { return QString(); });
}

void WarmPage::addThermometer() {
    m_sheet->addField(
        "thermometer", tr("Thermometer"),
        [this](const QString& typed) -> EntrySheet::Understood {
            if (typed.trimmed().isEmpty()) return {};
            const auto value = temperatureIn(typed, *m_session, kPartRange_C);
            if (!value) return {false, temperatureRange(kPartRange_C, *m_session)};
            if (warmState(*m_session).phase != WarmPhase::Carried) return {false, tr("while it is carried")};
            m_session->addHeatReading(*value);
            return {};
        },
        [] { return QString(); }, [this] { return tr("%1 readings").arg(m_session->record().heat.readings.size()); });
    offer(m_sheet->addField(
              "thermometerNumber", tr("Thermometer no."),
              [this](const QString& typed) -> EntrySheet::Understood {
                  const auto used = gaugeTyped(typed, *m_session);
                  m_session->editStep(tr("Thermometer no."), [&](job::StepRecord& r) { r.heat.thermometer = used; });
                  return {};
              },
              [this] { return q(m_session->record().heat.thermometer.number); },
              [this] { return gaugeSaid(m_session->record().heat.thermometer, *m_session); }),
          [this] { return gaugesFor({catalog::GaugeKind::Thermometer}, *m_session); });
    m_sheet->addField(
        "probeLine", tr("or its line"),
        [this](const QString& typed) -> EntrySheet::Understood {
            m_probe.connectTo(typed);
            return {};
        },
        [this] { return m_probe.address(); },
        [this] {
            using State = device::LineClient::State;
            return m_probe.state() == State::On       ? tr("connected")
                   : m_probe.state() == State::Failed ? m_probe.reason()
                                                      : QString();
        });
}

/// One reading every few seconds is enough to see how it cools.
void WarmPage::hear(const QString& line) {
    constexpr double kApart_s = 5;
    const auto said = device::readInstrumentLine(line);
    const auto* temp = said ? std::get_if<device::Temperature>(&*said) : nullptr;
    if (!temp || !m_session || warmState(*m_session).phase != WarmPhase::Carried) return;
    const auto& seen = m_session->record().heat.readings;
    if (!seen.empty() && secondsBetween(seen.back().when, m_session->now()) < kApart_s) return;
    const auto gauge = m_probe.gauge();
    if (!gauge.isEmpty() && gauge != q(m_session->record().heat.thermometer.number))
        m_session->editStep(tr("Thermometer no."),
                            [&](job::StepRecord& r) { r.heat.thermometer = gaugeTyped(gauge, *m_session); });
    m_session->addHeatReading(temp->temp_C);
}

void WarmPage::buildSheet() {
    m_sheet = new EntrySheet(this);
    addSide(true);
    addSide(false);
    addRoom();
    addThermometer();
    m_scroll->setWidget(m_sheet); // the old one goes
}

void WarmPage::refresh() {
    if (!m_session) return;
    m_sheet->refresh();
    showCourse();
}

void WarmPage::showCourse() {
    const auto* heat = m_session->heat();
    const auto& course = m_session->heatCourse();
    const auto d = m_session->display();
    const auto state = warmState(*m_session);
    const bool out = m_session->step() && m_session->step()->step.out;
    if (heat && course && (heat->needed() || heat->byUser) && !m_session->record().heat.pressCold)
        m_chart->show(*heat, *course, state.phase == WarmPhase::Carried ? state.since_s : std::nullopt, d);
    else
        m_chart->clear(out                                  ? tr("It comes out at room temperature.")
                       : !heat                              ? tr("Finish Fit first.")
                       : m_session->record().heat.pressCold ? tr("It is pressed cold.")
                       : m_session->heatTrouble()           ? tr("How long it stays open cannot be worked out.")
                                                            : tr("No heating needed: there is nothing to expand."));
    m_bars->show(heat ? limitBars(*heat, d) : std::vector<LimitBars::Bar>{});
    emit slipChanged();
}

words::Sheet WarmPage::sheet() const {
    const auto* step = m_session->step();
    return step ? words::warmSheet(m_session->told(), *step, heatTold(*m_session))
                : words::brokenSheet(m_session->told(), words::tr("Not worked out yet"));
}

StationPage::Far WarmPage::far() const {
    return {setupScene(*m_session, 0), {}, false};
}

QString WarmPage::keys() const {
    if (!m_session->heat()) return {};
    if (m_session->record().heat.pressCold) return tr("C: heat or chill it after all.");
    switch (warmState(*m_session).phase) {
    case WarmPhase::Carried:
        return tr("Space, as soon as it sits on its shoulder.");
    case WarmPhase::Together:
        return tr("X: clear the clocks.");
    case WarmPhase::Idle:
    case WarmPhase::Soaking:
        break;
    }
    return tr("C: press it cold. X: clear the clocks.");
}

void WarmPage::startSoaking(bool outer) {
    const auto& heat = *m_session->plan().heat();
    const auto& side = outer ? heat.outer : heat.inner;
    m_session->editStep(tr("Start a clock"), [&](job::StepRecord& r) {
        r.heat.clocks.push_back({outer ? What::Outer : What::Inner, m_session->now(), side.soak->time_s()});
    });
}

void WarmPage::startCarry() {
    const auto& course = m_session->heatCourse();
    m_session->editStep(tr("Transfer it"), [&](job::StepRecord& r) {
        r.heat.clocks.push_back({What::Carry, m_session->now(), course ? course->lastStart_s.value_or(3600) : 0});
        r.heat.readings.clear();
    });
}

void WarmPage::putTogether() {
    const auto state = warmState(*m_session);
    const auto course = plan::followHeat(*m_session->heat(), *state.since_s, m_session->job().heat.off_K);
    if (!course) return emit trouble(q(words::say(course.error())));
    m_session->editStep(tr("It is in"), [&](job::StepRecord& r) {
        const auto now = m_session->now();
        r.heat.clocks = {{What::Together, now, course->gripLast_s.value_or(course->ready_s.value_or(0))}};
        if (course->ready_s) r.heat.clocks.push_back({What::Cool, now, *course->ready_s});
    });
}

bool WarmPage::act() {
    const auto* heat = m_session->plan().heat();
    if (!heat) return m_session->step() && m_session->step()->step.out;
    const bool nothing = m_session->record().heat.pressCold || (!heat->needed() && !heat->byUser);
    if (nothing) return true;
    switch (warmState(*m_session).phase) {
    case WarmPhase::Carried:
        putTogether();
        return false;
    case WarmPhase::Together:
        m_session->setDone(job::Station::Warm, true);
        return true;
    case WarmPhase::Idle:
    case WarmPhase::Soaking:
        break;
    }
    if (heat->outer.soak && !clockOf(m_session->record().heat, What::Outer))
        startSoaking(true);
    else if (heat->inner.soak && !clockOf(m_session->record().heat, What::Inner))
        startSoaking(false);
    else
        startCarry();
    return false;
}

void WarmPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_C && event->modifiers() == Qt::NoModifier)
        return m_session->editStep(tr("Press it cold, or not"),
                                   [](job::StepRecord& r) { r.heat.pressCold = !r.heat.pressCold; });
    if (event->key() == Qt::Key_X && event->modifiers() == Qt::NoModifier)
        return m_session->editStep(tr("Clear the clocks"), [](job::StepRecord& r) {
            r.heat.clocks.clear();
            r.heat.readings.clear();
            r.done.erase(job::Station::Warm);
        });
    StationPage::keyPressEvent(event);
}

QWidget* WarmPage::firstFocus() {
    return this;
}

} // namespace arbor::ui
