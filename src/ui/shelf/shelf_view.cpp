#include "ui/shelf/shelf_view.h"

#include "core/plan/plan_job.h"
#include "io/table_files.h"
#include "ui/bench/sketch.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/theme/tones.h"
#include "words/sentences.h"

#include <QFileInfo>
#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kHead = 52;
constexpr int kRow = 84;
constexpr int kStationCount = static_cast<int>(std::size(job::kStations));

int stationIndex(job::Station s) {
    return static_cast<int>(std::find(std::begin(job::kStations), std::end(job::kStations), s) -
                            std::begin(job::kStations));
}

struct Columns {
    int title, next, rule, state;
};
Columns columns(int width) {
    return {112, std::max(390, width * 37 / 100), std::max(640, width * 61 / 100), std::max(900, width * 86 / 100)};
}

} // namespace

ShelfView::ShelfView(QWidget* parent) : QWidget(parent) {
    setObjectName("shelf");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::List, tr("Jobs"));
}

QString ShelfView::spokenNow() const {
    if (m_chosen < 0 || m_chosen >= static_cast<int>(m_paths.size())) return tr("no job");
    const auto& row = rowAt(static_cast<std::size_t>(m_chosen));
    return QStringLiteral("%1, %2: %3. %4").arg(row.title, row.state, row.next, row.nextLine);
}

void ShelfView::changed() {
    speak(*this, spokenNow());
    update();
}

ShelfView::RowModel ShelfView::readRow(const io::ShelfEntry& entry) const {
    RowModel row;
    row.path = entry.path;
    if (!entry.document) {
        row.title = QFileInfo(q(entry.path)).fileName();
        row.nextLine = q(words::say(entry.document.error()));
        row.state = tr("Cannot be read");
        row.tone = static_cast<int>(Tone::Stop);
        row.readable = false;
        return row;
    }
    const auto& job = entry.document->job;
    auto kept = io::loadTraces(job, QFileInfo(q(entry.path)).path().toStdString(), m_tables->rack);
    const auto plan = plan::planJob(job, *m_tables, {std::move(kept.traces), {}, false});
    const auto done = job::doneOf(job, plan.now() ? &plan.now()->step.id : nullptr);
    const words::Display d(job.units);
    row.title = q(job.title);
    row.line = q(job.id) + " · " + q(job.customer);
    const auto stop =
        std::find_if(plan.marks.begin(), plan.marks.end(), [](const auto& m) { return m.second == plan::Mark::Stop; });
    const bool stopped = stop != plan.marks.end();
    // What stands in the way is what comes next, even when earlier stations are open still.
    const auto next = stopped ? stop->first : plan.next(done);
    const bool closed = job.record.has_value() && !stopped;
    row.station = closed ? kStationCount : stationIndex(next);
    row.next = closed ? tr("Closed %1").arg(q(job.record->when).left(10)) : q(words::stationTitle(next));
    row.nextLine = plan.marks.at(next) == plan::Mark::Stop
                       ? q(words::stopReason(next, plan, d))
                       : q(words::stationLine(closed ? job::Station::Seat : next, job, plan, d));
    row.state = stopped ? tr("Stopped") : closed ? tr("Closed") : done.empty() ? tr("Waiting") : tr("On the bench");
    row.tone = static_cast<int>(stopped ? Tone::Stop : closed ? Tone::Proven : done.empty() ? Tone::Plain : Tone::Plan);
    row.sketch = arrangement::bodiesOf(plan.strip.assembly);
    return row;
}

void ShelfView::show(std::vector<std::string> paths, const std::string& folder,
                     std::shared_ptr<const tables::Tables> tables) {
    const auto keep = chosenPath();
    m_folder = folder;
    m_tables = std::move(tables);
    m_rows.clear();
    m_paths = std::move(paths);
    const auto same = std::find(m_paths.begin(), m_paths.end(), keep);
    m_chosen = same == m_paths.end() ? 0 : static_cast<int>(same - m_paths.begin());
    setMinimumHeight(kHead + static_cast<int>(m_paths.size()) * kRow + 60);
    changed();
}

std::string ShelfView::chosenPath() const {
    return m_chosen >= 0 && m_chosen < static_cast<int>(m_paths.size()) ? m_paths[static_cast<std::size_t>(m_chosen)]
                                                                        : std::string{};
}

const ShelfView::RowModel& ShelfView::rowAt(std::size_t row) const {
    const auto known = m_rows.find(row);
    if (known != m_rows.end()) return known->second;
    const auto& path = m_paths.at(row);
    return m_rows.emplace(row, readRow({path, io::loadJob(path)})).first->second;
}

QRect ShelfView::rowBox(std::size_t row) const {
    return {24, kHead + static_cast<int>(row) * kRow, width() - 48, kRow};
}

void ShelfView::paintEvent(QPaintEvent* event) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    const auto c = columns(width());
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    for (const auto& [x, text] : {std::pair{24, tr("Job")},
                                  {c.next, tr("What is next")},
                                  {c.rule, tr("Where it stands")},
                                  {c.state, tr("State")}})
        painter.drawText(x, kHead - 14, text);
    painter.fillRect(24, kHead - 1, width() - 48, theme::kHairline, roles().muted);
    for (std::size_t row = 0; row < m_paths.size(); ++row)
        if (rowBox(row).intersects(event->rect())) paintRow(painter, row); // the others are not even read
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    const int foot = kHead + static_cast<int>(m_paths.size()) * kRow + 32;
    painter.drawText(24, foot,
                     m_paths.empty() ? tr("No jobs in %1.").arg(q(m_folder))
                                     : tr("Enter opens · N new job · C one like it · A put away · Delete throw away · "
                                          "Ctrl+Z takes back · F find"));
}

void ShelfView::paintRow(QPainter& painter, std::size_t index) const {
    const auto& row = rowAt(index);
    const auto box = rowBox(index);
    const auto c = columns(width());
    const auto colour =
        row.tone == static_cast<int>(Tone::Plain) ? roles().muted : toneColour(static_cast<Tone>(row.tone));
    if (static_cast<int>(index) == m_chosen) {
        painter.fillRect(box, roles().card);
        painter.fillRect(box.left(), box.top(), 5, box.height(), roles().plan);
    }
    drawSketch(painter, QRectF(37, box.top() + 9, 62, 66), row.sketch);
    const auto two = [&](int x, int right, const QString& head, const QString& line, const QColor& lineColour) {
        painter.setFont(typeface(Text::Strong));
        painter.setPen(roles().ink);
        theme::drawElided(painter, QRect(x, box.top() + 20, right - x - 12, 20), Qt::AlignVCenter, head);
        painter.setFont(typeface(Text::Small));
        painter.setPen(lineColour);
        theme::drawElided(painter, QRect(x, box.top() + 42, right - x - 12, 20), Qt::AlignVCenter, line);
    };
    two(c.title, c.next, row.title, row.line, roles().muted);
    two(c.next, row.readable ? c.rule : c.state, row.next, row.nextLine,
        row.tone == static_cast<int>(Tone::Stop) ? roles().stop : roles().muted);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(colour);
    painter.drawText(QRect(c.state, box.top() + 20, box.right() - c.state, 20), Qt::AlignVCenter, row.state);
    painter.fillRect(box.left(), box.bottom(), box.width(), theme::kHairline, roles().rule);
    if (!row.readable) return;
    const int wide = c.state - c.rule - 50, y = box.top() + 30;
    for (int i = 0; i <= kStationCount; ++i) {
        const int x = c.rule + wide * i / kStationCount;
        const bool here = i == row.station;
        painter.setPen(QPen(here ? colour : i < row.station ? roles().ink : roles().rule, here ? 3 : 1.6));
        painter.drawLine(x, y, x, y + (here ? 26 : 16));
        if (i < kStationCount) {
            painter.setPen(QPen(i < row.station ? roles().ink : roles().rule, i < row.station ? 2.4 : 1.2));
            painter.drawLine(x, y, c.rule + wide * (i + 1) / kStationCount, y);
        }
    }
}

void ShelfView::choose(int row) {
    m_chosen = std::clamp(row, 0, std::max(0, static_cast<int>(m_paths.size()) - 1));
    changed();
}

void ShelfView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Down:
        return choose(m_chosen + 1);
    case Qt::Key_Up:
        return choose(m_chosen - 1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Space:
        if (!chosenPath().empty()) emit opened(q(chosenPath()));
        return;
    case Qt::Key_N:
        return emit newAsked();
    case Qt::Key_C:
        if (!chosenPath().empty()) emit copyAsked(q(chosenPath()));
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

void ShelfView::mousePressEvent(QMouseEvent* event) {
    for (std::size_t row = 0; row < m_paths.size(); ++row)
        if (rowBox(row).contains(event->position().toPoint())) choose(static_cast<int>(row));
}

void ShelfView::mouseDoubleClickEvent(QMouseEvent*) {
    if (!chosenPath().empty()) emit opened(q(chosenPath()));
}

} // namespace arbor::ui
