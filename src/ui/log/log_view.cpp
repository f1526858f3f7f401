#include "ui/log/log_view.h"

#include "core/job/names.h"
#include "io/text_file.h"
#include "ui/log/log_charts.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/display.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QDate>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <utility>

namespace arbor::ui {

namespace {

enum Column { When, Job, Title, Step, Bearing, Force, Verdict, Trace, Tools, Who, Columns };

QString spaced(const std::string& name) {
    return q(name).replace('_', ' ');
}

/// "in · upper bearing, spindle" of a step's key.
QString stepText(const std::string& key) {
    return spaced(key).replace(':', QStringLiteral(" · ")).replace('+', QStringLiteral(", "));
}

constexpr std::array kScopeKeys{Qt::Key_F3, Qt::Key_F5, Qt::Key_F6, Qt::Key_F7, Qt::Key_F8}; // F4: job details
constexpr int kStepScope = 0, kPlaceScope = 1;

} // namespace

LogView::LogView(QWidget* parent) : QWidget(parent) {
    setObjectName("logView");
    setAttribute(Qt::WA_StyledBackground);
    m_table = new QTableWidget(0, Columns, this);
    m_table->setObjectName("logTable");
    m_table->setAccessibleName(tr("Past presses"));
    m_table->setHorizontalHeaderLabels({tr("when"), tr("job"), tr("what"), tr("step"), tr("bearing"), tr("peak force"),
                                        tr("verdict"), tr("trace"), tr("tools"), tr("who")});
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->verticalHeader()->hide();
    m_table->setShowGrid(false);
    m_table->setFrameShape(QFrame::NoFrame);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_charts = new LogCharts(this);
    m_message = new QLabel(this);
    m_message->setObjectName("logMessage");
    m_message->setMargin(theme::kGap);
    m_message->hide();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildFilter());
    layout->addWidget(buildScopes());
    layout->addWidget(m_message);
    auto* framed = new QHBoxLayout;
    framed->setContentsMargins(theme::kMargin, 0, theme::kMargin, 0);
    framed->addWidget(m_table);
    layout->addLayout(framed, 1);
    m_told = new QLabel(this);
    m_told->setObjectName("logTold");
    m_told->setWordWrap(true);
    m_told->setTextFormat(Qt::PlainText);
    m_told->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    layout->addWidget(m_told);
    layout->addWidget(m_charts);
    connect(m_table, &QTableWidget::currentCellChanged, this, &LogView::tell);
}

/// What is looked for in one keypress, narrowest first.
QWidget* LogView::buildScopes() {
    auto* bar = new QWidget(this);
    auto* line = new QHBoxLayout(bar);
    line->setContentsMargins(theme::kMargin, 0, theme::kMargin, 8);
    line->setSpacing(theme::kGap);
    for (const auto& text :
         {tr("This step"), tr("This place"), tr("This machine"), tr("This bearing"), tr("Everything")}) {
        const int scope = static_cast<int>(m_scopes.size());
        auto* button = new QPushButton(text + "   " + QKeySequence(kScopeKeys[m_scopes.size()]).toString(), bar);
        button->setObjectName(QStringLiteral("logScope%1").arg(scope));
        connect(button, &QPushButton::clicked, this, [this, scope] { look(attemptsAt(scope)); });
        line->addWidget(button);
        m_scopes.push_back(button);
    }
    m_scopes[kStepScope]->setCheckable(true); // the words alone do not show it
    line->addStretch(1);
    return bar;
}

std::vector<LogView::Attempt> LogView::attemptsAt(int scope) const {
    const QString words[] = {m_like.position, m_like.position, m_like.machine, m_like.bearing, QString()};
    std::vector<Attempt> out{{scope, words[scope], wanted()}};
    // Whoever wrote the place differently last time is found by the machine's place alone.
    if (scope <= kPlaceScope) out.push_back({scope, m_like.place, wanted()});
    for (auto& attempt : out) {
        attempt.query.text = attempt.words.toStdString();
        attempt.query.step = scope == kStepScope ? m_like.step : std::string();
    }
    return out;
}

void LogView::look(std::vector<Attempt> attempts) {
    m_next = std::move(attempts);
    if (!m_asking && !m_next.empty()) ask();
}

/// Whoever types on while the desk answers is asked once, with all that was typed.
void LogView::ask() {
    m_asking = true;
    const auto attempts = std::exchange(m_next, {});
    using Found = Result<std::pair<std::size_t, std::vector<log::Entry>>>; // by which of them
    m_desk->ask(
        this,
        [attempts](log::Keeper& keeper) -> Found {
            const auto book = keeper.book();
            if (!book) return tl::unexpected(book.error());
            for (std::size_t i = 0; i < attempts.size(); ++i) {
                auto found = (*book)->find(attempts[i].query);
                if (!found) {
                    keeper.hangUp(); // what was lost is opened anew
                    return tl::unexpected(found.error());
                }
                if (!found->empty() || i + 1 == attempts.size()) return std::pair(i, std::move(*found));
            }
            return std::pair(std::size_t{0}, std::vector<log::Entry>());
        },
        [this, attempts, desk = m_desk](const Found& found) {
            if (desk != m_desk) return; // of a shop that was open before
            m_asking = false;
            if (!m_next.empty()) return ask();
            found ? show(attempts[found->first], found->second) : away(found.error());
        });
}

void LogView::show(const Attempt& attempt, std::vector<log::Entry> found) {
    if (std::exchange(m_away, false)) m_message->hide();
    m_found = std::move(found);
    if (attempt.scope != kTyped) {
        m_scopes[kStepScope]->setChecked(attempt.scope == kStepScope);
        const QSignalBlocker quiet(m_search);
        m_search->setText(attempt.words);
        m_search->selectAll();
    }
    fill();
}

/// What was used, and what came of it.
void LogView::tell() {
    const int row = std::max(0, m_table->currentRow());
    if (row >= static_cast<int>(m_found.size())) return m_told->clear();
    const auto& e = m_found[static_cast<std::size_t>(row)];
    QStringList said{tr("%1, %2").arg(q(e.when).left(10), q(e.title))};
    if (!e.position.empty()) said << q(e.position);
    said << (e.tools.empty() ? tr("no setup on record") : tr("setup %1").arg(q(e.tools)));
    if (e.peak_N)
        said << (e.expected_N ? tr("%1 of %2 expected")
                                    .arg(q(m_display.force(*e.peak_N).text()), q(m_display.force(*e.expected_N).text()))
                              : q(m_display.force(*e.peak_N).text()));
    if (e.friction) said << tr("friction %1").arg(q(words::decimals(*e.friction, 3)));
    // A press without temperatures was cold, or nobody wrote them down.
    if (e.outer_C) said << tr("outer part at %1").arg(q(m_display.temperature(*e.outer_C).text()));
    if (e.inner_C) said << tr("inner part at %1").arg(q(m_display.temperature(*e.inner_C).text()));
    if (e.rise_um) said << tr("%1 out of square").arg(q(m_display.fine(*e.rise_um / 1000).text()));
    if (e.minutes) said << tr("%1 min").arg(*e.minutes, 0, 'f', 0);
    if (!e.notes.empty()) said << QStringLiteral("“%1”").arg(q(e.notes));
    m_told->setText(said.join(QStringLiteral("  ·  ")));
}

QWidget* LogView::buildFilter() {
    auto* bar = new QWidget(this);
    auto* line = new QHBoxLayout(bar);
    line->setContentsMargins(theme::kMargin, 10, theme::kMargin, 10);
    line->setSpacing(theme::kGap);
    const auto field = [&](const char* name, const QString& label, const QString& hint, int width) {
        auto* edit = new QLineEdit(bar);
        edit->setObjectName(name);
        edit->setAccessibleName(label);
        edit->setPlaceholderText(hint);
        edit->setMinimumHeight(theme::kTouch - 8);
        if (width > 0) edit->setFixedWidth(width);
        line->addWidget(edit, width > 0 ? 0 : 1);
        connect(edit, &QLineEdit::textChanged, this, &LogView::refresh);
        return edit;
    };
    m_search = field("logSearch", tr("Search"), tr("words: machine, bearing, tool, who, notes"), 0);
    m_verdict = new QComboBox(bar);
    m_verdict->setObjectName("logVerdict");
    m_verdict->setAccessibleName(tr("Verdict"));
    m_verdict->setMinimumHeight(theme::kTouch - 8);
    m_verdict->addItem(tr("any verdict"), QString());
    for (const auto verdict :
         {seating::SeatVerdict::HomeAndSquare, seating::SeatVerdict::NotHome, seating::SeatVerdict::Tilted,
          seating::SeatVerdict::ReadingsDisagree, seating::SeatVerdict::NotJudged})
        m_verdict->addItem(q(words::recordedVerdict(std::string(job::name(verdict)))),
                           q(std::string(job::name(verdict))));
    for (const auto verdict : trace::kVerdicts)
        m_verdict->addItem(tr("trace: ") + q(words::recordedVerdict(std::string(job::name(verdict)))),
                           q(std::string(job::name(verdict))));
    line->addWidget(m_verdict);
    m_from = field("logFrom", tr("From"), tr("from 2026-01-31"), 130);
    m_to = field("logTo", tr("To"), tr("to"), 110);
    m_count = new QLabel(bar);
    m_count->setObjectName("logCount");
    line->addWidget(m_count);
    m_export = new QPushButton(tr("Export…"), bar);
    m_export->setObjectName("logExport");
    m_export->setMinimumHeight(theme::kTouch - 8);
    line->addWidget(m_export);
    connect(m_verdict, &QComboBox::currentIndexChanged, this, &LogView::refresh);
    connect(m_export, &QPushButton::clicked, this, &LogView::askFile);
    return bar;
}

void LogView::open(log::Desk& desk, const words::Display& display, const Like& like) {
    m_like = like;
    if (m_desk != &desk) m_asking = false;
    m_desk = &desk;
    m_display = display;
    m_message->hide();
    m_found.clear();
    fill();
    count();
    const int everything = static_cast<int>(m_scopes.size()) - 1;
    const bool asked[] = {!like.place.isEmpty() && !like.step.empty(), !like.place.isEmpty(), !like.machine.isEmpty(),
                          !like.bearing.isEmpty()};
    std::vector<Attempt> attempts;
    for (int scope = 0; scope < everything; ++scope) {
        m_scopes[static_cast<std::size_t>(scope)]->setEnabled(asked[scope]);
        if (asked[scope])
            for (auto& attempt : attemptsAt(scope))
                attempts.push_back(std::move(attempt));
    }
    look(like.place.isEmpty() ? attemptsAt(everything) : std::move(attempts));
    m_search->setFocus();
}

void LogView::away(const Problem& problem) {
    m_away = true;
    m_found.clear();
    fill();
    m_message->setText(tr("The logbook is not there: %1. What is recorded meanwhile waits here and is delivered later.")
                           .arg(q(words::say(problem))));
    m_message->show();
}

/// Over all presses, once when it is opened.
void LogView::count() {
    m_desk->ask(
        this,
        [](log::Keeper& keeper) -> Result<log::Statistics> {
            const auto book = keeper.book();
            return book ? (*book)->statistics() : tl::unexpected(book.error());
        },
        [this](const Result<log::Statistics>& figures) {
            if (figures) m_charts->show(*figures);
        });
}

log::Query LogView::wanted() const {
    const auto date = [](const QLineEdit* edit) {
        const auto day = QDate::fromString(edit->text().trimmed(), Qt::ISODate);
        return day.isValid() ? day.toString(Qt::ISODate).toStdString() : std::string();
    };
    log::Query out;
    out.text = m_search->text().toStdString();
    if (m_scopes[kStepScope]->isChecked()) out.step = m_like.step;
    out.verdict = m_verdict->currentData().toString().toStdString();
    out.from = date(m_from);
    out.to = date(m_to);
    return out;
}

void LogView::refresh() {
    if (m_desk) look({{kTyped, m_search->text(), wanted()}});
}

void LogView::fill() {
    m_table->setRowCount(static_cast<int>(m_found.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto& e = m_found[static_cast<std::size_t>(row)];
        const auto put = [&](Column column, const QString& text) {
            m_table->setItem(row, column, new QTableWidgetItem(text));
        };
        put(When, q(e.when).left(16).replace('T', ' '));
        put(Job, q(e.jobId));
        put(Title, q(e.title));
        put(Step, stepText(e.step));
        put(Bearing, q(e.bearing));
        put(Force, e.peak_N ? q(m_display.force(*e.peak_N).text()) : QString("–"));
        put(Verdict, q(words::recordedVerdict(e.verdict)));
        put(Trace, e.pressVerdict.empty() ? QString("–") : q(words::recordedVerdict(e.pressVerdict)));
        put(Tools, q(e.tools));
        put(Who, q(e.who));
    }
    m_table->resizeColumnsToContents();
    m_count->setText(m_found.size() < log::kMostShown
                         ? tr("%1 presses").arg(m_found.size())
                         : tr("the latest %1 presses; exports hold all").arg(m_found.size()));
    m_export->setEnabled(!m_found.empty());
    m_table->setCurrentCell(m_found.empty() ? -1 : 0, When);
    tell();
}

void LogView::exportTo(const QString& file) {
    const auto format = file.endsWith(".json") ? log::Logbook::Format::Json : log::Logbook::Format::Csv;
    m_desk->ask(
        this,
        [file = file.toStdString(), format, query = wanted()](log::Keeper& keeper) -> Result<void> {
            const auto book = keeper.book();
            if (!book) return tl::unexpected(book.error());
            const auto whole = (*book)->exported(query, format);
            return whole ? io::writeText(file, *whole) : tl::unexpected(whole.error());
        },
        [this, file](const Result<void>& written) {
            m_message->setText(written ? tr("Written: %1").arg(file) : q(words::say(written.error())));
            m_message->show();
        });
}

void LogView::askFile() {
    auto* dialog = new QFileDialog(this, tr("Export"), "presses.csv", tr("Table (*.csv);;All of it (*.json)"));
    dialog->setAcceptMode(QFileDialog::AcceptSave);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &LogView::exportTo);
    dialog->open();
}

void LogView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    const auto key = std::find(kScopeKeys.begin(), kScopeKeys.end(), event->key());
    const auto scope = static_cast<std::size_t>(key - kScopeKeys.begin());
    if (scope < m_scopes.size() && m_scopes[scope]->isEnabled()) return look(attemptsAt(static_cast<int>(scope)));
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
