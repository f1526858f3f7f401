#include "ui/day/day_view.h"

#include "core/catalog/gauge.h"
#include "core/day/clock.h"
#include "core/day/durations.h"
#include "ui/day/day_chart.h"
#include "ui/kit/scrolled.h"
#include "ui/slip/slip.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/day_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

DayView::DayView(DayDesk::Clock now, QWidget* parent) : QWidget(parent), m_now(now), m_desk(std::move(now)) {
    setObjectName("dayView");
    setProperty("touched", true);
    build();
    connect(&m_desk, &DayDesk::changed, this, &DayView::showBoard);
    connect(m_chart, &DayChart::chosenChanged, this, &DayView::showChosen);
    connect(m_chart, &DayChart::opened, this, &DayView::takeUp);
    connect(m_chart, &DayChart::moved, this,
            [this](std::size_t piece, int start) { m_desk.fix(m_desk.board().day.pieces[piece].key, start); });
    connect(m_chart, &DayChart::freed, this,
            [this](std::size_t piece) { m_desk.fix(m_desk.board().day.pieces[piece].key, {}); });
    connect(m_slip, &Slip::actionTaken, this, [this] {
        if (const auto next = words::nextPiece(m_desk.board())) takeUp(*next);
    });
    connect(m_by, &QLineEdit::editingFinished, this, &DayView::takeWanted);
    connect(m_rank, &QComboBox::activated, this, &DayView::takeWanted);
    auto* minute = new QTimer(this);
    connect(minute, &QTimer::timeout, this, [this] {
        if (!isVisible()) return;
        m_desk.look();
        showBoard();
    });
    constexpr int kMinute_ms = 60'000;
    minute->start(kMinute_ms);
}

void DayView::build() {
    m_chart = new DayChart(this);
    m_slip = new Slip(this);
    m_slip->setObjectName("daySlip");
    m_slip->actionButton()->setObjectName("dayAction");
    m_slip->setFixedWidth(theme::wide(theme::kSlipWidth));
    m_said = new QLabel(this);
    m_said->setObjectName("dayChosen");
    m_busy = new QLabel(tr("planning…"), this);
    m_busy->setObjectName("dayBusy");
    auto* byLabel = new QLabel(tr("Wanted by"), this);
    m_by = new QLineEdit(this);
    m_by->setObjectName("dayWanted");
    m_by->setAccessibleName(tr("Wanted by"));
    m_by->setPlaceholderText(tr("12:00"));
    m_by->setFixedWidth(theme::wide(96));
    m_rank = new QComboBox(this);
    m_rank->setObjectName("dayRank");
    m_rank->setAccessibleName(tr("Rank"));
    m_rank->addItems({tr("first"), tr("usual", "rank"), tr("when there is time")});
    auto* line = new QHBoxLayout;
    line->setContentsMargins(18, theme::kGap, theme::kGap, theme::kGap);
    line->addWidget(m_said, 1);
    line->addWidget(m_busy);
    for (auto* widget : std::initializer_list<QWidget*>{byLabel, m_by, m_rank})
        line->addWidget(widget);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    left->addWidget(scrolled(m_chart, this, "dayScroll"), 1);
    left->addLayout(line);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(left, 1);
    layout->addWidget(m_slip);
}

void DayView::open(const QString& folder, std::shared_ptr<const tables::Tables> tables) {
    m_desk.read(folder, std::move(tables));
    m_chart->setFocus();
}

void DayView::readAgain() {
    m_desk.readAgain();
}

void DayView::showBoard() {
    const auto& board = m_desk.board();
    m_busy->setVisible(m_desk.isBusy());
    if (!m_desk.trouble().isEmpty()) emit trouble(m_desk.trouble());
    if (m_desk.isBusy()) return; // what stands there is what was known; what was typed is on its way
    m_chart->show(board, day::minuteOf(m_now(), board.date).value_or(board.day.now));
    m_slip->show(words::daySheet(board),
                 tr("Enter opens the bar you stand on. Shift with ← or →, or drawn along: its start is fixed; Delete "
                    "clears it. R plans again, P prints."));
}

const day::Wanted* DayView::chosenJob() const {
    const auto piece = m_chart->chosen();
    if (!piece) return nullptr;
    const auto& day = m_desk.board().day;
    const auto at = std::find_if(day.jobs.begin(), day.jobs.end(),
                                 [&](const day::Wanted& w) { return w.job == day.pieces[*piece].key.job; });
    return at == day.jobs.end() ? nullptr : &*at;
}

void DayView::showChosen() {
    const auto& board = m_desk.board();
    const auto piece = m_chart->chosen();
    const auto* job = chosenJob();
    m_by->setEnabled(job);
    m_rank->setEnabled(job);
    if (!piece || !job || !board.plan) return m_said->clear();
    const auto& at = board.plan->at[*piece];
    const auto title = board.titles.find(job->job);
    m_said->setText(QStringLiteral("%1  %2 – %3  %4")
                        .arg(q(job->job), q(words::timeWords(board.day, at.start)),
                             q(words::timeWords(board.day, at.end)),
                             title == board.titles.end() ? QString() : q(title->second)));
    if (!m_by->hasFocus()) m_by->setText(job->by ? q(words::timeWords(board.day, *job->by)) : QString());
    m_rank->setCurrentIndex(job->rank - 1);
}

/// A time of today, or a day and a time as ISO 8601.
void DayView::takeWanted() {
    const auto* job = chosenJob();
    if (!job) return;
    const auto& board = m_desk.board();
    const auto typed = m_by->text().trimmed().toStdString();
    std::optional<day::Minute> by;
    if (!typed.empty()) {
        by = catalog::minuteOfDay(typed);
        if (!by) by = day::minuteOf(typed, board.date);
        if (!by && job->by && typed == words::timeWords(board.day, *job->by)) by = job->by; // as it is shown
        if (!by) {
            m_by->setText(job->by ? q(words::timeWords(board.day, *job->by)) : QString());
            return emit trouble(tr("“%1” is no time: 12:00, or another day as 2027-03-31T12:00.").arg(q(typed)));
        }
    }
    const int rank = m_rank->currentIndex() + 1;
    if (by == job->by && rank == job->rank) return;
    emit trouble({});
    emit wanted(q(board.files.at(job->job)), by ? q(day::instantOf(*by, board.date)) : QString(), rank);
}

void DayView::takeUp(std::size_t piece) {
    const auto& board = m_desk.board();
    const auto& p = board.day.pieces[piece];
    const auto file = board.files.find(p.key.job);
    if (file == board.files.end() || !board.plan) return;
    job::Worked work;
    work.what = p.key.work;
    work.step = p.key.step;
    if (p.byHand) work.who = board.day.people[board.plan->at[piece].who].name;
    constexpr double kSecond = 60;
    work.planned_s = p.lasts * kSecond;
    work.usual_s = p.usual_min * kSecond;
    emit taken(q(file->second), work);
}

void DayView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Escape:
        return emit left();
    case Qt::Key_R:
        return m_desk.readAgain();
    case Qt::Key_P:
        return emit printed();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace arbor::ui
