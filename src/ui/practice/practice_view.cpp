#include "ui/practice/practice_view.h"

#include "core/job/names.h"
#include "core/plan/plan.h"
#include "ui/charts/force_chart.h"
#include "ui/kit/spoken.h"
#include "ui/practice/practice_slip.h"
#include "ui/slip/slip.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kTick_ms = 20, kShownEvery = 4; // ticks
constexpr double kLongest_s = 0.25;           // the ram waits for a machine that was busy longer
constexpr int kColumns = 3;

QString settingsKey(trace::Verdict sign, const char* what) {
    return QStringLiteral("practice/%1/%2").arg(q(std::string(job::name(sign))), what);
}

} // namespace

PracticeView::PracticeView(QSettings& settings, QWidget* parent)
    : QWidget(parent), m_settings(settings), m_hand(std::random_device{}()), m_timer(new QTimer(this)) {
    setObjectName("practiceView");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::Graphic, tr("Practice press"));
    m_title = new QLabel(this);
    m_title->setObjectName("practiceTitle");
    m_title->setFont(theme::typeface(theme::Text::Title));
    m_told = new QLabel(this);
    m_told->setObjectName("practiceTold");
    m_told->setWordWrap(true);
    m_chart = new ForceChart(this);
    m_slip = new Slip(this);
    m_slip->actionButton()->setObjectName("practiceAction");
    m_slip->actionButton()->setFocusPolicy(Qt::NoFocus); // the keys stay with the ram
    auto* left = new QVBoxLayout;
    left->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    left->setSpacing(theme::kGap);
    left->addWidget(m_title);
    left->addWidget(m_told);
    left->addWidget(m_chart, 1);
    left->addLayout(buildCalls());
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(left, 1);
    layout->addWidget(m_slip);
    connect(m_slip, &Slip::actionTaken, this, &PracticeView::act);
    connect(m_timer, &QTimer::timeout, this, &PracticeView::tick);
    readScore();
}

/// One button for home, the others for what may be wrong, each with its key and how often it was known.
QLayout* PracticeView::buildCalls() {
    auto* grid = new QGridLayout;
    grid->setSpacing(theme::kGap);
    for (const auto verdict : practice::kCalls) {
        const auto number = m_calls.size();
        auto* button = new QPushButton(this);
        button->setObjectName(QStringLiteral("call%1").arg(number));
        button->setMinimumHeight(theme::kTouch);
        button->setFocusPolicy(Qt::NoFocus); // Space stays the ram's
        connect(button, &QPushButton::clicked, this, [this, verdict] { call(verdict); });
        m_calls.push_back(button);
        if (number == 0)
            grid->addWidget(button, 0, 0, 1, kColumns);
        else
            grid->addWidget(button, 1 + static_cast<int>(number - 1) / kColumns,
                            static_cast<int>(number - 1) % kColumns);
    }
    return grid;
}

void PracticeView::open(const words::Display& display) {
    m_display = display;
    if (!m_drill) next();
    m_timer->start(kTick_ms);
    m_sinceTick.start();
    refresh();
    setFocus();
}

void PracticeView::close() {
    m_timer->stop();
    if (m_drill) m_drill->push(false);
}

void PracticeView::begin(const practice::Exercise& exercise, unsigned seed) {
    m_drill = std::make_unique<practice::Drill>(exercise, seed);
    refresh();
}

void PracticeView::next() {
    const auto exercise = practice::nextExercise(m_hand);
    begin(exercise, static_cast<unsigned>(m_hand()));
}

void PracticeView::act() {
    if (m_drill->outcome())
        next();
    else
        push(!m_drill->pushing());
    setFocus();
}

void PracticeView::push(bool on) {
    m_drill->push(on);
    refresh();
}

void PracticeView::call(trace::Verdict verdict) {
    if (m_drill->outcome()) return;
    m_drill->call(verdict);
    m_score.add(*m_drill->outcome());
    writeScore();
    refresh();
}

void PracticeView::tick() {
    run(std::min(static_cast<double>(m_sinceTick.restart()) / 1000, kLongest_s));
}

void PracticeView::run(double seconds) {
    if (m_drill->outcome()) return;
    m_drill->run(seconds);
    if (++m_ticks % kShownEvery == 0) refresh();
}

void PracticeView::refresh() {
    const auto& e = m_drill->exercise();
    const auto d = m_display;
    m_title->setText(tr("A ring of %1, %2 wide, into its bore")
                         .arg(q(d.size(e.seat.dia_mm).text()), q(d.size(e.seat.length_mm).text())));
    m_told->setText(
        tr("It stands in the mouth of the bore. By the drawing it takes %1 %2 just before home, at %3; hold "
           "it once with %4. The relief valve opens a little above that.")
            .arg(q(d.forceRange(e.expected.end_N.least, e.expected.end_N.most)), q(d.force(0).unit),
                 q(d.size(e.expected.homeTravel_mm).text()), q(d.force(e.expected.hold_N.likely).text())));
    m_chart->show(e.expected, m_drill->trace(), m_drill->outcome() ? &m_drill->outcome()->analysis : nullptr, d);
    m_slip->show(practiceSheet(*m_drill, m_score, d), practiceKeys(*m_drill));
    speak(*this, q(m_slip->sheet().title) + ". " + q(m_slip->sheet().verdict));
    for (std::size_t i = 0; i < m_calls.size(); ++i) {
        const auto sign = practice::kCalls[i];
        const auto tally = m_score.signs.find(sign);
        const auto known = tally == m_score.signs.end()
                               ? QString()
                               : tr("   %1 of %2 known").arg(tally->second.known).arg(tally->second.met);
        const auto keyName = i == 0 ? tr("Enter") : QString::number(i);
        m_calls[i]->setText(keyName + "   " + q(callName(sign)) + known);
        m_calls[i]->setEnabled(!m_drill->outcome());
    }
}

void PracticeView::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (key == Qt::Key_Space) {
        if (!event->isAutoRepeat() && !m_drill->outcome()) push(true);
    } else if (key == Qt::Key_Escape) {
        emit left();
    } else if (m_drill->outcome()) {
        if (key == Qt::Key_N) next();
    } else if (key == Qt::Key_Return || key == Qt::Key_Enter) {
        call(trace::Verdict::Home);
    } else if (key >= Qt::Key_1 && key <= Qt::Key_9) {
        call(practice::kCalls[key - Qt::Key_0]);
    } else {
        QWidget::keyPressEvent(event);
    }
}

void PracticeView::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Space) return QWidget::keyReleaseEvent(event);
    if (!event->isAutoRepeat() && !m_drill->outcome()) push(false);
}

/// Nobody at the keys: the ram stands.
void PracticeView::focusOutEvent(QFocusEvent* event) {
    if (m_drill) push(false);
    QWidget::focusOutEvent(event);
}

void PracticeView::readScore() {
    for (const auto sign : practice::kCalls) {
        const int met = m_settings.value(settingsKey(sign, "met"), 0).toInt();
        if (met > 0) m_score.signs[sign] = {met, m_settings.value(settingsKey(sign, "known"), 0).toInt()};
    }
    m_score.points = m_settings.value("practice/points", 0).toInt();
}

void PracticeView::writeScore() {
    for (const auto& [sign, tally] : m_score.signs) {
        m_settings.setValue(settingsKey(sign, "met"), tally.met);
        m_settings.setValue(settingsKey(sign, "known"), tally.known);
    }
    m_settings.setValue("practice/points", m_score.points);
}

} // namespace arbor::ui
