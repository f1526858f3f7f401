#include "ui/stations/seat_page.h"

#include "core/plan/proof_plan.h"
#include "device/instrument_line.h"
#include "io/entry/size_entry.h"
#include "ui/charts/rim_chart.h"
#include "ui/stations/gauge_line.h"
#include "ui/stations/proof_sheet.h"
#include "ui/stations/seat_clock.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/adjust_words.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr double kMost_mm = 1000;
constexpr int kProofWidth = 244;
constexpr int kChoiceTop = 62, kChoiceWidth = 152, kHomeLabelWidth = 92, kHomeWidth = 76;

} // namespace

SeatPage::SeatPage(device::LineClient& line, QWidget* parent) : StationPage(parent), m_line(line) {
    setObjectName("seatPage");
    setProperty("touched", true);
    m_clock = new SeatClock(this);
    m_rim = new RimChart(this);
    m_rim->setMinimumHeight(170);
    buildChoice();
    m_proof = new ProofSheet(this);
    connect(m_proof, &ProofSheet::trouble, this, &SeatPage::trouble);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(0);
    upper->addWidget(m_clock, 1);
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(kProofWidth);
    scroll->setWidget(m_proof);
    upper->addWidget(scroll);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(upper, 7);
    layout->addWidget(m_rim, 3);
    layout->addLayout(buildLine());
    connect(&m_line, &device::LineClient::line, this, &SeatPage::hear);
    connect(m_clock, &SeatClock::entered, this, &SeatPage::enter);
    connect(m_clock, &SeatClock::moved, this, &SeatPage::slipChanged);
}

/// Which ring is read, how, and how deep it should stand: beside the clock.
void SeatPage::buildChoice() {
    const auto place = [](QWidget* widget, const char* name, const QString& spoken, const QRect& where) {
        widget->setObjectName(name);
        widget->setAccessibleName(spoken);
        widget->setFixedSize(where.size());
        widget->move(where.topLeft());
    };
    const int high = theme::kTouch - 8;
    QRect where(theme::kMargin, kChoiceTop, kChoiceWidth, high);
    m_kind = new QComboBox(m_clock);
    m_kind->addItems({tr("depth gauge"), tr("feelers"), tr("indicator")});
    place(m_kind, "readingKind", tr("Kind of reading"), where);
    where = QRect(where.right() + 16, kChoiceTop, kHomeLabelWidth, high);
    m_homeLabel = new QLabel(tr("home at"), m_clock);
    place(m_homeLabel, "ringHomeLabel", tr("home at"), where);
    m_home = new QLineEdit(m_clock);
    place(m_home, "ringHome", tr("Depth by the drawing; empty: as it is drawn here"),
          QRect(where.right() + 1, kChoiceTop, kHomeWidth, high));
    m_clock->setHead(kChoiceTop + theme::kTouch);
    m_clock->installEventFilter(this);
    connect(m_kind, &QComboBox::activated, this, [this](int index) {
        edit(tr("Change kind of reading"),
             [&](job::SeatReadings& r) { r.kind = static_cast<seating::ReadingKind>(index); });
    });
    connect(m_home, &QLineEdit::editingFinished, this, &SeatPage::takeHome);
}

/// Beside each other; below each other where the clock is narrow.
void SeatPage::placeChoice() {
    const bool beside = m_clock->width() > m_home->width() + m_homeLabel->width() + m_kind->geometry().right() + 16;
    const int left = beside ? m_kind->geometry().right() + 16 : theme::kMargin;
    const int top = beside ? kChoiceTop : m_kind->geometry().bottom() + 4;
    m_homeLabel->move(left, top);
    m_home->move(left + m_homeLabel->width(), top);
    m_clock->setHead(top + theme::kTouch);
}

bool SeatPage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == m_clock && event->type() == QEvent::Resize) placeChoice();
    return StationPage::eventFilter(watched, event);
}

QLayout* SeatPage::buildLine() {
    m_address = new QLineEdit(this);
    m_address->setObjectName("dialLine");
    m_address->setPlaceholderText(tr("indicator on a line: 127.0.0.1:port or /dev/tty…"));
    m_address->setAccessibleName(tr("Line of the indicator"));
    m_address->setMinimumHeight(theme::kTouch - 8);
    m_lineState = new QLabel(this);
    m_lineState->setObjectName("dialLineState");
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::kMargin, 4, theme::kMargin, theme::kGap);
    line->setSpacing(theme::kGap);
    line->addWidget(m_address, 1);
    line->addWidget(m_lineState, 1);
    connect(m_address, &QLineEdit::returnPressed, this, [this] {
        m_address->setModified(false);
        m_line.connectTo(m_address->text());
        QTimer::singleShot(0, m_clock, [this] { m_clock->setFocus(); });
    });
    connect(&m_line, &device::LineClient::stateChanged, this, &SeatPage::showLine);
    return line;
}

void SeatPage::showLine() {
    using State = device::LineClient::State;
    if (!m_address->isModified()) m_address->setText(m_line.address());
    m_lineState->setText(m_line.state() == State::On       ? tr("connected")
                         : m_line.state() == State::Failed ? m_line.reason()
                                                           : tr("no indicator"));
}

/// What the indicator sends goes where the clock stands.
void SeatPage::hear(const QString& line) {
    const auto said = device::readInstrumentLine(line);
    if (!said) return emit trouble(tr("The indicator sent “%1”").arg(line.left(40)));
    const auto* dial = std::get_if<device::Dial>(&*said);
    if (!dial || !m_session || !isInHand()) return;
    m_heardFrom = m_line.gauge();
    m_clock->take(QString::number(dial->value_mm, 'f', 4) + " mm");
    m_heardFrom.clear();
}

void SeatPage::open(JobSession* session) {
    m_session = session;
    m_shown.reset();
    m_proof->open(session);
    showLine();
    refresh();
}

const plan::RingPlan* SeatPage::ring() const {
    const auto* step = m_session->step();
    return step && step->ring ? &*step->ring : nullptr;
}

void SeatPage::startOver() {
    m_shown = m_session->step() ? std::optional(m_session->step()->step.id) : std::nullopt;
    m_home->setModified(false);
    const auto count = m_session->record().readings.readings.size();
    if (count >= 3 && count <= 12) m_clock->setPlaces(static_cast<int>(count));
    m_clock->start();
}

void SeatPage::edit(const QString& text, const Change& change) {
    if (!m_shown) return;
    const auto step = *m_shown;
    m_session->edit(text, [&](job::Job& j) {
        job::changeStep(j, step, [&](job::StepRecord& r) {
            change(r.readings);
            r.done.erase(job::Station::Seat);
        });
    });
}

/// How deep the ring stands when it is home, where the drawing says something else than the arrangement.
void SeatPage::takeHome() {
    if (!ring() || !m_home->isModified()) return;
    const auto text = m_home->text().trimmed();
    const auto depth = io::parseLength(text.toStdString(), typedUnit_mm(*m_session));
    if (!text.isEmpty() && (!depth || !(*depth >= 0 && *depth <= kMost_mm)))
        return emit trouble(depth ? tr("Depth %1 is out of range").arg(text) : q(words::say(depth.error())));
    m_home->setModified(false);
    edit(tr("Depth by the drawing"),
         [&](job::SeatReadings& r) { r.home_mm = text.isEmpty() ? std::nullopt : std::optional(*depth); });
}

void SeatPage::refresh() {
    if (!m_session) return;
    const auto another = [this] { return !m_session->step() || m_session->step()->step.id != m_shown; };
    if (another() && m_shown) m_clock->keep(); // still of the ring before
    if (another()) startOver();
    m_proof->refresh();
    const seating::SeatingInput none;
    const auto* ring = this->ring();
    const auto& in = ring ? ring->input : none;
    m_kind->setCurrentIndex(static_cast<int>(in.kind));
    m_kind->setEnabled(ring != nullptr);
    for (auto* widget : std::initializer_list<QWidget*>{m_homeLabel, m_home})
        widget->setVisible(ring && in.kind == seating::ReadingKind::Depth);
    if (!m_home->isModified()) m_home->setText(q(m_session->display().size(in.homeDepth_mm).number));
    m_clock->setWords(ring ? tr("%1: home, and square?").arg(q(ring->label)) : tr("Nothing to prove: it comes out"),
                      {});
    m_clock->show(in.readings, ring ? &ring->seating : nullptr, in.kind, m_session->display());
    showRim(in);
    emit slipChanged();
}

/// The readings as heights along the rim, with the plane through them.
void SeatPage::showRim(const seating::SeatingInput& in) {
    const auto* plane = ring() && ring()->seating.plane ? &*ring()->seating.plane : nullptr;
    auto heights = in.readings;
    double mean = 0;
    for (auto& r : heights) {
        r.value_mm = in.kind == seating::ReadingKind::Depth ? in.homeDepth_mm - r.value_mm : r.value_mm;
        mean += r.value_mm / static_cast<double>(heights.size());
    }
    if (!plane)
        for (auto& r : heights)
            r.value_mm -= mean;
    m_rim->show(heights, plane, in.readingRad_mm > 0 ? in.readingRad_mm : 1,
                in.squareLimit_mm > 0 ? in.squareLimit_mm : 0.01, m_session->display());
}

void SeatPage::enter(double angle_deg, const QString& typed) {
    const auto same = [&](const seating::Reading& r) { return std::abs(r.angle_deg - angle_deg) < kSame_deg; };
    if (typed.isEmpty())
        return edit(tr("Clear reading"), [&](job::SeatReadings& r) { std::erase_if(r.readings, same); });
    const auto value = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
    if (!ring()) return emit trouble(tr("Nothing is read of what comes out"));
    const double least = ring()->input.kind == seating::ReadingKind::Indicator ? -kMost_mm : 0;
    if (!value || !(*value >= least && *value <= kMost_mm)) {
        emit trouble(
            value ? tr("Reading at %1 o’clock: %2 is out of range").arg(q(seating::clockPosition(angle_deg)), typed)
                  : q(words::say(value.error())));
        return;
    }
    edit(tr("Reading at %1 o’clock").arg(q(seating::clockPosition(angle_deg))), [&](job::SeatReadings& r) {
        if (!m_heardFrom.isEmpty()) r.gauge = gaugeTyped(m_heardFrom, *m_session);
        std::erase_if(r.readings, same);
        r.readings.push_back({angle_deg, *value});
        std::sort(r.readings.begin(), r.readings.end(),
                  [](const auto& a, const auto& b) { return a.angle_deg < b.angle_deg; });
    });
}

words::Sheet SeatPage::sheet() const {
    const auto* step = m_session->step();
    return step ? words::seatSheet(m_session->told(), *step)
                : words::brokenSheet(m_session->told(), words::tr("Seat not judged"));
}

QString SeatPage::keys() const {
    const auto* step = m_session->step();
    const auto& proof = m_session->record().proof;
    const auto next = step && step->ring && !plan::isSigned(proof)
                          ? plan::nextLook(proof, m_session->plan().steps, *step)
                          : std::nullopt;
    if (!next) return StationPage::keys();
    if (next->otherStep) return tr("It was pressed as well, and is proven by readings of its own.");
    return next->check ? tr("%1. Space: yes. N: no.").arg(q(words::seatCheck(*next->check).detail))
                       : tr("In its groove there: Space.");
}

/// The place on the clock and what is typed there, until the readings prove it.
StationPage::Far SeatPage::far() const {
    Far out;
    if (!ring()) return out;
    out.bench = setupScene(*m_session, 1.0);
    const auto& input = ring()->input;
    const bool reads = static_cast<int>(input.readings.size()) < m_clock->places() || !m_clock->typing().isEmpty();
    if (!reads) return out;
    const auto at = m_clock->angleOf(m_clock->current());
    const auto read = std::find_if(input.readings.begin(), input.readings.end(),
                                   [&](const auto& r) { return std::abs(r.angle_deg - at) < kSame_deg; });
    const auto there = !m_clock->typing().isEmpty()   ? m_clock->typing() + "_"
                       : read != input.readings.end() ? q(m_session->display().size(read->value_mm).number)
                                                      : QStringLiteral("_");
    out.entry = tr("%1 o’clock:  %2").arg(q(seating::clockPosition(at)), there);
    return out;
}

bool SeatPage::look(bool good) {
    if (!ring()) return false;
    const auto next = plan::nextLook(m_session->record().proof, m_session->plan().steps, *m_session->step());
    if (!next || (!good && !next->check)) return false;
    if (next->otherStep) {
        m_session->lookAt(job::StepKey(m_session->plan().steps[*next->otherStep].step.id));
        m_clock->setFocus();
        return true;
    }
    const auto text = next->check ? q(words::seatCheck(*next->check).head) : tr("Ring at %1 o’clock").arg(next->hour);
    m_session->editStep(text, [&](job::StepRecord& r) {
        if (next->check)
            r.proof.checks[*next->check] = good;
        else
            r.proof.probed.insert(next->hour);
        r.done.erase(job::Station::Seat);
    });
    return true;
}

/// N: what is asked for is not so.
void SeatPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_N && event->modifiers() == Qt::NoModifier && look(false)) return;
    StationPage::keyPressEvent(event);
}

bool SeatPage::act() {
    if (!ring()) return true;
    if (!plan::isSigned(m_session->record().proof) && look(true)) return false;
    m_session->setDone(job::Station::Seat, true);
    return true;
}

QWidget* SeatPage::firstFocus() {
    return m_clock;
}

} // namespace arbor::ui
