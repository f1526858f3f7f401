#pragma once

#include "core/catalog/merge_tools.h"
#include "io/shop_tables.h"
#include "log/desk.h"
#include "ui/session/job_index.h"
#include "ui/session/job_session.h"

#include <QDir>
#include <functional>

namespace arbor::ui {

/// A folder of jobs with its rack, the tables that ship, and the logbook of what was pressed there.
class Shop {
public:
    /// @param logbook  as log::Logbook::open; empty: SQLite beside the jobs
    explicit Shop(QString logbook = {});

    /// A list of the shop that cannot be read is left alone, and what ships stands in its place. What past presses
    /// teach is read beside the window.
    /// @errors those of the tables that ship
    Result<void> open(const QString& folder);
    bool isOpen() const { return m_tables != nullptr; }
    const QDir& folder() const { return m_folder; }
    /// Shared: an open session points into the tables it was made with.
    const std::shared_ptr<const tables::Tables>& tables() const { return m_tables; }
    const Problems& unread() const { return m_unread; }   ///< a list each
    const Problems& skipped() const { return m_skipped; } ///< rows of the rack that make no tool
    log::Desk& desk() { return *m_desk; }
    QString logbook() const;                                   ///< as log::Logbook::open
    bool isBusy() const { return m_desk && m_desk->isBusy(); } ///< the logbook is asked, or past presses are read
    /// @param learned  past presses were read, the tables are others  @param desk  the logbook of the shop that is
    /// opened
    void tell(std::function<void()> learned, std::function<void(log::Desk&)> desk) {
        m_learned = std::move(learned);
        m_told = std::move(desk);
    }
    JobIndex& jobs() { return *m_jobs; }
    const JobIndex& jobs() const { return *m_jobs; }

    /// What could not be read must not be written over with what little was read of it.
    bool isWhole(io::ShopList list) const;
    /// Writes the rack beside the jobs, with what another window did to it meanwhile; goes on with both. @errors
    /// Unwritable
    Result<catalog::MergedTools> saveTools(const std::vector<catalog::Tool>& tools);

    /// Changes the tables, writes a list of them beside the jobs, and goes on with it. @errors Unwritable; why the list
    /// that is there cannot be read
    Result<void> change(io::ShopList list, const std::function<void(tables::Tables&)>& change);

    /// Writes a new job under its own number. @return its file
    /// @errors Unwritable; Duplicate, Malformed: the number
    Result<QString> createJob(const io::JobDocument& document);
    /// Why a job cannot have that number: another one has it, or it is no name for a file.
    std::optional<Problem> whyNotNumber(const std::string& number) const;

    /// Writes a job under the next free number after the one it is like. @return its file @errors Unwritable
    Result<QString> addJob(io::JobDocument document, const QString& likeId);
    std::optional<job::Job> jobNumbered(const std::string& id) const;
    /// Adds a job from elsewhere; its trace comes along, under a name of its own. @return its file
    /// @errors Unreadable (its trace: nothing was added), Unwritable
    Result<QString> takeIn(io::JobDocument document, const QString& file);

    /// The job as it was just saved goes to the logbook's desk. @errors Unreadable (the job)
    Result<void> keepRecord(const JobSession& session);

private:
    void openDesk();
    void learn();
    void learnFromLog();
    void goOnWith(const std::vector<job::Record>& records);
    const Problem* troubleOf(io::ShopList list) const;
    QString fileOf(const std::string& number) const;
    Result<QString> bringTrace(const QString& trace, const QDir& from) const;

    QString m_logbook;
    QDir m_folder;
    std::shared_ptr<const tables::Tables> m_tables;
    Problems m_unread;
    Problems m_skipped;
    std::function<void()> m_learned = [] {};
    std::function<void(log::Desk&)> m_told = [](log::Desk&) {};
    std::unique_ptr<log::Desk> m_desk;
    std::vector<std::unique_ptr<log::Desk>> m_left; ///< of shops that were open before, until they are done
    std::unique_ptr<JobIndex> m_jobs = std::make_unique<JobIndex>();
};

} // namespace arbor::ui
