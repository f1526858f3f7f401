#pragma once

#include "log/logbook.h"

#include <functional>

namespace arbor::log {

/// A file that was damaged: where it is kept now, and what was put in its place.
struct Mended {
    QString file;
    QString aside;
    std::size_t entries = 0; ///< of the shop's jobs, that the new one begins with
};

/// Keeps presses whatever happens to the logbook: each is written beside it first and stays there until the logbook has
/// it. What could not be delivered is delivered later, once. A file that is damaged is set aside and made anew.
class Keeper {
public:
    /// Every press that the shop's jobs have on record.
    using OfTheJobs = std::function<std::vector<Entry>()>;

    /// @param connection  as Logbook::open  @param waitingFile  SQLite, on this machine
    /// @param ofTheJobs  what a damaged file is made anew from; none: it is left as it is
    Keeper(QString connection, QString waitingFile, OfTheJobs ofTheJobs = {});

    /// Safe on the disk when it returns, not delivered yet. @errors Unwritable (not even here)
    Result<void> store(const Entry& entry);
    /// The same, and delivered where the logbook is there.
    Result<void> keep(const Entry& entry);
    /// Takes to the logbook what waits. @return how many it took @errors those of the logbook; then they wait on
    Result<std::size_t> deliver();
    Result<std::size_t> waiting();
    /// The logbook, opened when it is asked for. @errors those of Logbook::open
    Result<Logbook*> book();
    const QString& waitingFile() const { return m_waitingFile; }
    void hangUp() { m_book.reset(); } ///< what was lost is opened anew
    /// What was made anew since this was asked last.
    std::vector<Mended> mended() { return std::exchange(m_mended, {}); }

private:
    Result<void> mendBook();
    Result<void> mendWaiting();
    Result<void> beginAnew();

    QString m_connection;
    QString m_waitingFile;
    OfTheJobs m_ofTheJobs;
    std::unique_ptr<Logbook> m_book;
    quint64 m_bookFile = 0;       ///< which file of the disk that is: another window may have set it aside
    bool m_waitingSeen = false;   ///< it was looked through
    std::vector<Mended> m_mended; ///< not told yet
};

} // namespace arbor::log
