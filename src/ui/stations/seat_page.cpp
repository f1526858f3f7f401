#include "ui/stations/seat_page.h"

#include "core/plan/proof_plan.h"
#include "device/instrument_line.h"
#include "io/entry/size_entry.h"
#include "ui/charts/rim_chart.h"
#include "ui/stations/proof_sheet.h"
#include "ui/stations/seat_clock.h"
#include "ui/stations/slips.h"
#include "ui/theme/theme.h"
#include "words/adjust_words.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr double kSame_deg = 0.5;
constexpr double kMost_mm = 1000;
constexpr int kProofWidth = 244;

} // namespace

SeatPage::SeatPage(QWidget* parent) : StationPage(parent) {
    setObjectName("seatPage");
    m_clock = new SeatClock(this);
    m_rim = new RimChart(this);
    m_rim->setMinimumHeight(170);
    m_kind = new QComboBox(m_clock);
    m_kind->setObjectName("readingKind");
    m_kind->addItems({tr("depth gauge"), tr("feelers"), tr("indicator")});
    m_kind->setAccessibleName(tr("Kind of reading"));
    m_kind->setMinimumHeight(theme::kTouch - 8);
    m_kind->move(theme::kMargin, 62);
    m_proof = new ProofSheet(this);
    m_proof->setFixedWidth(kProofWidth);
    connect(m_proof, &ProofSheet::trouble, this, &SeatPage::trouble);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(0);
    upper->addWidget(m_clock, 1);
    upper->addWidget(m_proof);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(upper, 7);
    layout->addWidget(m_rim, 3);
    layout->addLayout(buildLine());
    m_line.setPersistent(true);
    connect(&m_line, &device::LineClient::line, this, &SeatPage::hear);
    connect(m_clock, &SeatClock::entered, this, &SeatPage::enter);
    connect(m_kind, &QComboBox::activated, this, [this](int index) {
        m_session->edit(tr("Change kind of reading"), [&](job::Job& j) {
            j.seating.kind = static_cast<seat::ReadingKind>(index);
            j.done.erase(job::Station::Seat);
        });
    });
}

QLayout* SeatPage::buildLine() {
    m_address = new QLineEdit(this);
    m_address->setObjectName("dialLine");
    m_address->setPlaceholderText(tr("indicator on a line: 127.0.0.1:port or /dev/tty…"));
    m_address->setAccessibleName(tr("Line of the indicator"));
    m_address->setMinimumHeight(theme::kTouch - 8);
    m_lineState = new QLabel(tr("Each push of its button fills the next place."), this);
    m_lineState->setObjectName("dialLineState");
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::kMargin, 4, theme::kMargin, theme::kGap);
    line->setSpacing(theme::kGap);
    line->addWidget(m_address, 1);
    line->addWidget(m_lineState, 1);
    connect(m_address, &QLineEdit::returnPressed, this, [this] {
        m_line.connectTo(m_address->text());
        QTimer::singleShot(0, m_clock, [this] { m_clock->setFocus(); });
    });
    connect(&m_line, &device::LineClient::stateChanged, this, [this] {
        using State = device::LineClient::State;
        m_lineState->setText(m_line.state() == State::On       ? tr("connected")
                             : m_line.state() == State::Failed ? m_line.reason()
                                                               : tr("no indicator"));
    });
    return line;
}

/// What the indicator sends goes where the clock stands.
void SeatPage::hear(const QString& line) {
    const auto said = device::readInstrumentLine(line);
    if (!said) return emit trouble(tr("The indicator sent “%1”").arg(line.left(40)));
    const auto* dial = std::get_if<device::Dial>(&*said);
    if (!dial || !m_session || !isVisible()) return;
    m_clock->take(QString::number(dial->value_mm, 'f', 4) + " mm");
}

void SeatPage::open(JobSession* session) {
    m_session = session;
    m_proof->open(session);
    const auto& readings = session->job().seating.readings;
    if (readings.size() >= 3 && readings.size() <= 12) m_clock->setPlaces(static_cast<int>(readings.size()));
    refresh();
}

void SeatPage::refresh() {
    if (!m_session) return;
    m_proof->refresh();
    const auto& seating = m_session->job().seating;
    const auto& plan = m_session->plan();
    m_kind->setCurrentIndex(static_cast<int>(seating.kind));
    m_clock->show(seating.readings, plan.seating ? &*plan.seating : nullptr, seating.kind, m_session->display());
    auto heights = seating.readings;
    const double home = plan.arrangement ? plan.arrangement->homeFaceDepth_mm() : 0;
    double mean = 0;
    for (auto& r : heights) {
        r.value_mm = seating.kind == seat::ReadingKind::Depth ? home - r.value_mm : r.value_mm;
        mean += r.value_mm / static_cast<double>(heights.size());
    }
    const auto* plane = plan.seating && plan.seating->plane ? &*plan.seating->plane : nullptr;
    if (!plane)
        for (auto& r : heights)
            r.value_mm -= mean;
    const double dia = plan.arrangement ? plan.arrangement->bearing.outsideDia_mm : 1;
    const double radius =
        plan.arrangement
            ? (plan.arrangement->bearing.outerFaceInnerDia_mm() + plan.arrangement->bearing.outerFaceOuterDia_mm()) / 4
            : 1;
    const auto square = standards::gradeWidth(m_session->library().iso286, dia, 5);
    m_rim->show(heights, plane, radius, square.value_or(0.01), m_session->display());
    emit slipChanged();
}

void SeatPage::enter(double angle_deg, const QString& typed) {
    const auto same = [&](const seat::Reading& r) { return std::abs(r.angle_deg - angle_deg) < kSame_deg; };
    if (typed.isEmpty()) {
        m_session->edit(tr("Take reading away"), [&](job::Job& j) {
            std::erase_if(j.seating.readings, same);
            j.done.erase(job::Station::Seat);
        });
        return;
    }
    const double unit = m_session->job().units == job::Units::Inch ? 25.4 : 1.0;
    const auto value = io::parseLength(typed.toStdString(), unit);
    const double least = m_session->job().seating.kind == seat::ReadingKind::Indicator ? -kMost_mm : 0;
    if (!value || !(*value >= least && *value <= kMost_mm)) {
        emit trouble(value
                         ? tr("Reading at %1 o’clock: %2 is out of range").arg(q(seat::clockPosition(angle_deg)), typed)
                         : q(words::say(value.error())));
        return;
    }
    m_session->edit(tr("Reading at %1 o’clock").arg(q(seat::clockPosition(angle_deg))), [&](job::Job& j) {
        auto& list = j.seating.readings;
        std::erase_if(list, same);
        list.push_back({angle_deg, *value});
        std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) { return a.angle_deg < b.angle_deg; });
        j.done.erase(job::Station::Seat);
    });
}

SlipModel SeatPage::slip() const {
    return seatSlip(*m_session);
}

bool SeatPage::look(bool good) {
    const auto next = plan::nextLook(m_session->job(), m_session->plan());
    if (!next || (!good && !next->check)) return false;
    const auto text = next->check ? q(words::seatCheck(*next->check).head) : tr("Ring at %1 o’clock").arg(next->hour);
    m_session->edit(text, [&](job::Job& j) {
        if (next->check)
            j.proof.checks[*next->check] = good;
        else
            j.proof.probed.insert(next->hour);
        j.done.erase(job::Station::Seat);
    });
    return true;
}

/// N: what is asked for is not so.
void SeatPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_N && event->modifiers() == Qt::NoModifier && look(false)) return;
    StationPage::keyPressEvent(event);
}

bool SeatPage::act() {
    if (!plan::isSigned(m_session->job().proof) && look(true)) return false;
    m_session->setDone(job::Station::Seat, true);
    return true;
}

QWidget* SeatPage::firstFocus() {
    return m_clock;
}

} // namespace arbor::ui
