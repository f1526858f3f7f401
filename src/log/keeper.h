#pragma once

#include "log/logbook.h"

namespace arbor::log {

/// Keeps presses whatever happens to the logbook: each is written beside it first and stays there until the logbook has
/// it. What could not be delivered is delivered later, once.
class Keeper {
public:
    /// @param connection  as Logbook::open  @param waitingFile  SQLite, on this machine
    Keeper(QString connection, QString waitingFile);

    /// Safe on the disk when it returns, delivered or not. @errors Unwritable (not even here)
    Result<void> keep(const Entry& entry);
    /// Takes to the logbook what waits. @return how many it took @errors those of the logbook; then they wait on
    Result<std::size_t> deliver();
    Result<std::size_t> waiting();
    /// The logbook, opened when it is asked for. @errors those of Logbook::open
    Result<Logbook*> book();
    void hangUp() { m_book.reset(); } ///< what was lost is opened anew

private:
    QString m_connection;
    QString m_waitingFile;
    std::unique_ptr<Logbook> m_book;
};

} // namespace arbor::log
