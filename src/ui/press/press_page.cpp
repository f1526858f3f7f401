#include "ui/press/press_page.h"

#include "ui/bench/bench_view.h"
#include "ui/charts/force_chart.h"
#include "ui/press/live_press.h"
#include "ui/press/live_slip.h"
#include "ui/press/manual_sheet.h"
#include "ui/stations/describe_part.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/sentences.h"
#include "words/tooling_words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>
#include <cmath>

namespace arbor::ui {

namespace {

/// How a press is measured, in the order of the box.
enum Means { File, Transducer, Gauge, Wrench, Hammer };
constexpr int kMeansWidth = 150;

/// What the step was measured with so far.
Means meansOf(const job::StepRecord& step) {
    if (!step.traceFile.empty() || step.hand == job::ManualPress{}) return File;
    return static_cast<Means>(Gauge + static_cast<int>(step.hand.means));
}

} // namespace

PressPage::PressPage(device::LineClient& line, QWidget* parent)
    : StationPage(parent), m_live(new LivePress(line, this)) {
    setObjectName("pressPage");
    setProperty("touched", true);
    m_bench = new BenchView(this);
    m_bench->setObjectName("pressBench");
    m_chart = new ForceChart(this);
    m_chart->setMinimumHeight(190);
    m_raw = new QPlainTextEdit(this);
    m_raw->setObjectName("rawLines");
    m_raw->setAccessibleName(tr("Raw data"));
    m_raw->setReadOnly(true);
    m_raw->setFocusPolicy(Qt::NoFocus);
    m_raw->setMaximumHeight(110);
    m_raw->hide();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_bench, 6);
    layout->addWidget(m_chart, 4);
    layout->addWidget(m_raw);
    layout->addLayout(buildMeans());
    connect(m_live, &LivePress::stateChanged, this, &PressPage::showLineState);
    connect(m_live, &LivePress::refreshed, this, &PressPage::showLive);
    connect(m_live, &LivePress::stopCertain, this, [this] { emit stopSign(true); });
}

/// What it is measured with, and beside it what belongs to that.
QLayout* PressPage::buildMeans() {
    m_means = new QComboBox(this);
    m_means->setObjectName("pressMeans");
    m_means->setAccessibleName(tr("Measured with"));
    m_means->addItems({tr("Trace file"), tr("Transducer"), tr("Gauge needle"), tr("Torque wrench"), tr("Hammer")});
    m_means->setMinimumHeight(theme::kTouch - 8);
    m_means->setFixedWidth(kMeansWidth);
    m_hand = new ManualSheet(this);
    connect(m_hand, &ManualSheet::trouble, this, &PressPage::trouble);
    m_lines = new QStackedWidget(this);
    m_lines->addWidget(buildFileLine());
    m_lines->addWidget(buildLiveLine());
    m_lines->addWidget(m_hand);
    m_lines->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::kMargin, 6, theme::kMargin, theme::kGap);
    line->setSpacing(theme::kGap);
    line->addWidget(m_means, 0, Qt::AlignTop);
    line->addWidget(m_lines, 1);
    connect(m_means, &QComboBox::activated, this, &PressPage::chooseMeans);
    return line;
}

/// Readings of one instrument mean nothing on another.
void PressPage::chooseMeans(int means) {
    m_lines->setCurrentIndex(std::min<int>(means, Gauge));
    if (means < Gauge) return;
    const auto hand = static_cast<job::ManualMeans>(means - Gauge);
    if (m_session->record().hand.means != hand)
        m_session->editStep(tr("Measure with the %1").arg(m_means->currentText().toLower()), [&](job::StepRecord& r) {
            r.hand = {hand, {}, {}, {}};
            r.done.erase(job::Station::Press);
        });
}

QWidget* PressPage::buildFileLine() {
    m_traceFile = new QLineEdit(this);
    m_traceFile->setObjectName("traceFile");
    m_traceFile->setPlaceholderText(tr("trace file: t_s,travel_mm,force_N, or points of a gauge: travel_mm,gauge_bar"));
    m_traceFile->setAccessibleName(tr("Trace file"));
    m_traceFile->setMinimumHeight(theme::kTouch - 8);
    m_browse = new QPushButton(tr("Choose a trace…"), this);
    m_browse->setObjectName("browseTrace");
    m_browse->setMinimumHeight(theme::kTouch - 8);
    auto* box = new QWidget(this);
    auto* line = new QHBoxLayout(box);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(theme::kGap);
    line->addWidget(m_traceFile, 1, Qt::AlignTop);
    line->addWidget(m_browse, 0, Qt::AlignTop);
    connect(m_traceFile, &QLineEdit::returnPressed, this, [this] { loadTrace(m_traceFile->text()); });
    connect(m_browse, &QPushButton::clicked, this, &PressPage::browse);
    return box;
}

QWidget* PressPage::buildLiveLine() {
    m_line = new QLineEdit(this);
    m_line->setObjectName("pressLine");
    m_line->setPlaceholderText(tr("127.0.0.1:port or /dev/tty…"));
    m_line->setAccessibleName(tr("Press transducer"));
    m_line->setMinimumHeight(theme::kTouch - 8);
    m_lineState = new QLabel(this);
    m_lineState->setObjectName("pressLineState");
    m_lineState->setMinimumHeight(theme::kTouch - 8);
    auto* raw = new QPushButton(tr("Raw data"), this);
    raw->setObjectName("showRaw");
    raw->setMinimumHeight(theme::kTouch - 8);
    raw->setCheckable(true);
    auto* box = new QWidget(this);
    auto* line = new QHBoxLayout(box);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(theme::kGap);
    line->addWidget(m_line, 2, Qt::AlignTop);
    line->addWidget(m_lineState, 3, Qt::AlignTop);
    line->addWidget(raw, 0, Qt::AlignTop);
    connect(m_line, &QLineEdit::returnPressed, this, [this] {
        m_line->setModified(false);
        m_live->connectTo(m_line->text());
        // Space and Z are for the press from here on, but this Enter is not.
        QTimer::singleShot(0, m_bench, [this] { m_bench->setFocus(); });
    });
    connect(raw, &QPushButton::toggled, m_raw, &QWidget::setVisible);
    return box;
}

void PressPage::showLineState() {
    if (!m_line->isModified()) m_line->setText(m_live->address());
    // Connected from wherever: it is what the press is measured with, unless something is there already.
    if (m_session && m_live->connected() && m_means->currentIndex() == File && m_session->record().traceFile.empty()) {
        m_means->setCurrentIndex(Transducer);
        m_lines->setCurrentIndex(Transducer);
    }
    m_lineState->setText(m_live->stateText());
    const bool bad = m_live->state() == device::LineClient::State::Failed;
    m_lineState->setStyleSheet(
        QStringLiteral("color:%1").arg((bad ? theme::roles().stop : theme::roles().muted).name()));
    emit slipChanged();
}

void PressPage::showLive() {
    m_lineState->setText(m_live->stateText());
    if (m_raw->isVisible()) m_raw->setPlainText(m_live->rawLines().join('\n'));
    if (const auto* press = m_live->predicted(); press && m_live->recording())
        m_chart->show(press->expected, m_live->trace(), &m_live->analysis(), m_session->display());
    followOnBench();
    emit slipChanged();
}

void PressPage::followOnBench() {
    constexpr double kSeen = 0.005; // of the travel: less moves no line of the drawing
    const auto gone = m_live->gone();
    if (gone == m_gone || (gone && m_gone && std::abs(*gone - *m_gone) < kSeen)) return;
    showBench();
}

void PressPage::open(JobSession* session) {
    m_session = session;
    m_live->open(session);
    m_hand->open(session);
    showLineState();
    m_shown.reset();
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

void PressPage::refresh() {
    if (!m_session) return;
    const auto* step = m_session->step();
    if (const auto key = step ? std::optional(step->step.id) : std::nullopt; key != m_shown) {
        m_shown = key;
        m_means->setCurrentIndex(m_live->connected() ? Transducer : meansOf(m_session->record()));
        m_lines->setCurrentIndex(std::min<int>(m_means->currentIndex(), Gauge));
        m_traceFile->setModified(false);
    }
    showBench();
    if (!step || !step->press)
        m_chart->clear();
    else if (!m_live->recording()) {
        const auto* measured = m_session->measuredTrace();
        m_chart->show(step->hand ? step->hand->expected : step->press->expected,
                      step->hand ? step->hand->trace
                      : measured ? *measured
                                 : trace::Trace{},
                      step->trace ? &*step->trace : nullptr, m_session->display());
    }
    m_hand->refresh();
    if (!m_traceFile->isModified()) m_traceFile->setText(q(m_session->record().traceFile));
    emit slipChanged();
}

void PressPage::showBench() {
    constexpr double kPartWay = 0.75; // of the travel, until the press runs
    const auto d = m_session->display();
    const auto* step = m_session->step();
    m_gone = m_live->gone();
    auto scene = setupScene(*m_session, m_gone.value_or(kPartWay));
    if (step) scene.title = q(words::stepTitle(step->step));
    scene.subtitle = tr("Ram above, bed below, three quarters of the way. Pick a part to see its sizes.");
    if (m_gone && step && step->press) {
        const double travel = step->press->expected.homeTravel_mm;
        scene.subtitle =
            tr("As it stands: %1 of %2.").arg(q(d.size(*m_gone * travel).number), q(d.size(travel).text()));
        for (const auto& body : setupScene(*m_session, 0).bodies)
            scene.keepUpTo_mm = std::max(scene.keepUpTo_mm.value_or(body.top()), body.top());
    }
    if (const auto* tools = step ? step->setup() : nullptr; tools && tools->choice) {
        const auto& s = tools->proof.stack;
        scene.stroke = StrokeScale{
            s.strokeUsed_mm, s.strokeThere_mm,
            tr("ram stroke %1 of %2").arg(q(d.size(s.strokeUsed_mm).number), q(d.size(s.strokeThere_mm).number))};
    }
    m_bench->show(std::move(scene));
}

void PressPage::loadTrace(const QString& file) {
    m_traceFile->setModified(false);
    if (file.trimmed().isEmpty()) {
        if (!m_session->record().traceFile.empty())
            m_session->editStep(tr("Remove trace"), [](job::StepRecord& r) { r.traceFile.clear(); });
        return;
    }
    const auto attached = m_session->attachTrace(file.trimmed().toStdString());
    if (!attached) emit trouble(q(words::say(attached.error())));
}

void PressPage::browse() {
    auto* dialog = new QFileDialog(this, tr("Choose a trace"), {}, tr("Traces (*.csv);;All files (*)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &PressPage::loadTrace);
    dialog->open();
}

bool PressPage::isLive() const {
    return m_live->recording() ||
           (m_live->connected() && m_means->currentIndex() == Transducer && m_session->record().traceFile.empty());
}

words::Sheet PressPage::sheet() const {
    const auto left = m_live->unkept();
    if (!left.isEmpty() && !m_live->recording()) return unkeptSheet(*m_session, left.front());
    if (isLive()) return liveSheet(*m_session, *m_live);
    const auto* step = m_session->step();
    if (!step || m_session->plan().problem())
        return words::brokenSheet(m_session->told(), words::tr("No prediction yet"));
    const auto wrench =
        step->press ? plan::onTheWrench(m_session->record().hand, m_session->tables().rack, step->press->force_N)
                    : std::nullopt;
    return words::pressSheet(m_session->told(), *step, wrench);
}

QString PressPage::keys() const {
    if (!m_live->unkept().isEmpty() && !m_live->recording()) return tr("Delete: discard it; the file stays.");
    if (!isLive()) return StationPage::keys();
    return m_live->recording() ? tr("Space. M: mark. Z: zero here.") : tr("Space. Z: zero here.");
}

/// Another press: what was marked of the one before, and its stop sign, are not of this one.
Result<void> PressPage::start() {
    emit stopSign(false);
    if (!m_session->record().marks.empty())
        m_session->editStep(tr("Record the press"), [](job::StepRecord& r) { r.marks.clear(); });
    return m_live->start();
}

void PressPage::mark() {
    if (!m_live->recording() || !m_live->last()) return;
    const auto at = *m_live->last();
    m_session->editStep(tr("Mark the press"), [&](job::StepRecord& r) {
        r.marks.push_back({at.travel_mm, at.force_N});
    });
}

StationPage::Far PressPage::far() const {
    return {m_bench->scene(), {}, m_live->recording()};
}

bool PressPage::act() {
    const auto left = m_live->unkept();
    if (!left.isEmpty() && !m_live->recording()) {
        if (const auto taken = m_live->takeOver(left.front()); !taken) emit trouble(q(words::say(taken.error())));
        emit slipChanged();
        return false;
    }
    if (isLive()) {
        const auto done = m_live->recording() ? m_live->keep() : start();
        if (!done) emit trouble(q(words::say(done.error())));
        emit slipChanged();
        return false;
    }
    m_session->setDone(job::Station::Press, true);
    return true;
}

void PressPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Z && event->modifiers() == Qt::NoModifier && m_live->connected()) return m_live->zero();
    const auto left = m_live->unkept();
    if (event->key() == Qt::Key_Delete && !left.isEmpty()) {
        if (const auto aside = m_live->setAside(left.front()); !aside) emit trouble(q(words::say(aside.error())));
        emit slipChanged();
        return;
    }
    if (event->key() == Qt::Key_M && event->modifiers() == Qt::NoModifier) return mark();
    StationPage::keyPressEvent(event);
}

QWidget* PressPage::firstFocus() {
    return m_bench;
}

} // namespace arbor::ui
