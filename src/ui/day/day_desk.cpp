#include "ui/day/day_desk.h"

#include "core/day/clock.h"
#include "solver/plan_board.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QTimer>
#include <algorithm>

namespace arbor::ui {

namespace {

bool isFixedOnBoard(const day::Day& day, const day::Key& key) {
    return std::any_of(day.pieces.begin(), day.pieces.end(),
                       [&](const day::Piece& piece) { return piece.key == key && piece.fixed; });
}

} // namespace

DayDesk::DayDesk(Clock now, QObject* parent) : QObject(parent), m_now(std::move(now)), m_ready(new QTimer(this)) {
    constexpr int kLook_ms = 30;
    m_ready->setInterval(kLook_ms);
    connect(m_ready, &QTimer::timeout, this, &DayDesk::take);
}

DayDesk::~DayDesk() {
    m_stop = true;
    if (m_coming.valid()) m_coming.wait();
}

void DayDesk::read(const QString& folder, std::shared_ptr<const tables::Tables> tables) {
    if (m_folder != folder) m_board = {};
    m_folder = folder;
    m_tables = std::move(tables);
    const auto kept = io::loadDay(folder.toStdString());
    m_trouble = kept ? QString() : q(words::say(kept.error()));
    m_kept = kept.value_or(io::DayFile{});
    start();
}

void DayDesk::readAgain() {
    if (m_tables) start();
}

void DayDesk::start() {
    m_again = isBusy();
    if (m_again) return;
    const auto now = m_now();
    // What was planned for yesterday has not moved today.
    if (m_kept.date != now.substr(0, 10)) m_kept.plan.clear();
    m_coming = std::async(std::launch::async, [folder = m_folder.toStdString(), tables = m_tables, kept = m_kept, now,
                                               effort = day::Effort{.seconds = m_seconds, .stop = &m_stop}] {
        auto board = io::readBoard(folder, *tables, kept, now);
        day::planBoard(board, kept.plan, effort);
        return board;
    });
    m_ready->start();
    emit changed();
}

void DayDesk::take() {
    using namespace std::chrono_literals;
    if (m_coming.wait_for(0s) != std::future_status::ready) return;
    m_ready->stop();
    m_board = m_coming.get();
    if (m_again) return start();
    if (m_board.plan)
        keep([this](io::DayFile& file) {
            file.plan = day::kept(m_board.day, *m_board.plan);
            file.date = m_board.date;
            // A start is over when its job is here and its piece is not, or runs.
            std::erase_if(file.starts, [&](const auto& start) {
                return m_board.files.contains(start.first.job) && !isFixedOnBoard(m_board.day, start.first);
            });
        });
    emit changed();
}

void DayDesk::keep(const std::function<void(io::DayFile&)>& change) {
    const auto folder = m_folder.toStdString();
    auto file = io::loadDay(folder);
    m_trouble = file ? QString() : q(words::say(file.error()));
    if (!file) return;
    change(*file);
    m_kept = *file;
    if (const auto saved = io::saveDay(folder, m_kept); !saved) m_trouble = q(words::say(saved.error()));
}

void DayDesk::fix(const day::Key& key, std::optional<day::Minute> start_) {
    keep([&](io::DayFile& file) {
        if (start_)
            file.starts[key] = day::instantOf(*start_, m_board.date);
        else
            file.starts.erase(key);
    });
    readAgain();
}

void DayDesk::look() {
    if (!m_board.plan || isBusy()) return;
    const auto now = day::minuteOf(m_now(), m_board.date);
    if (!now) return;
    constexpr day::Minute kPatience = 5; // what moves by less would never be told
    for (std::size_t i = 0; i < m_board.day.pieces.size(); ++i) {
        const auto& at = m_board.plan->at[i];
        const bool overdue = m_board.day.pieces[i].began ? at.end + kPatience < *now : at.start + kPatience < *now;
        if (overdue) return readAgain();
    }
}

} // namespace arbor::ui
