#pragma once

#include "core/catalog/merge_tools.h"
#include "log/keeper.h"
#include "ui/session/job_session.h"

#include <QDir>

namespace arbor::ui {

/// A folder of jobs with its rack, the tables that ship, and the logbook of what was pressed there.
class Shop {
public:
    /// @param logbook  as log::Logbook::open; empty: SQLite beside the jobs
    explicit Shop(QString logbook = {});

    /// Jobs can be read without a rack: then `rackTrouble` says what is wrong with it.
    /// @errors those of the tables that ship
    Result<void> open(const QString& folder);
    bool isOpen() const { return m_tables != nullptr; }
    const QDir& folder() const { return m_folder; }
    /// Shared: an open session points into the tables it was made with.
    const std::shared_ptr<const tables::Tables>& tables() const { return m_tables; }
    const std::optional<Problem>& rackTrouble() const { return m_rackTrouble; }
    const std::optional<Problem>& bandTrouble() const { return m_bandTrouble; } ///< of its own end play
    log::Keeper& keeper() { return *m_keeper; }

    /// A rack that could not be read must not be written over with what little was read of it.
    bool rackIsWhole() const;
    /// Writes the rack beside the jobs, with what another window did to it meanwhile; goes on with both. @errors
    /// Unwritable
    Result<catalog::MergedTools> saveTools(const std::vector<catalog::Tool>& tools);

    /// Writes the shop's own bands of end play beside the jobs; goes on with them. @errors Unwritable; what is
    /// wrong with those that are there, which are then left as they are
    Result<void> saveBands(const std::vector<adjust::PlayBand>& bands);

    /// Writes the presses beside the jobs; goes on with them. @errors Unwritable; what is wrong with the shop's files
    Result<void> savePresses(const std::vector<catalog::Press>& presses);

    /// Writes the shop's own materials beside the jobs; goes on with them. @errors Unwritable; what is wrong with the
    /// shop's files, which are then left as they are
    Result<void> saveMaterials(const catalog::Materials& materials);

    /// Writes a new job under its own number. @return its file
    /// @errors Unwritable; Duplicate, Malformed: the number
    Result<QString> createJob(const io::JobDocument& document);
    /// The next number after the highest that the jobs of the folder have: "J-0152" after "J-0151".
    std::string nextNumber() const;
    /// Why a job cannot have that number: another one has it, or it is no name for a file.
    std::optional<Problem> whyNotNumber(const std::string& number) const;

    /// Writes a job under the next free number after the one it is like. @return its file @errors Unwritable
    Result<QString> addJob(io::JobDocument document, const QString& likeId);
    std::optional<job::Job> jobNumbered(const std::string& id) const;
    /// Adds a job from elsewhere; its trace comes along, under a name of its own. @return its file
    /// @errors Unreadable (its trace: nothing was added), Unwritable
    Result<QString> takeIn(io::JobDocument document, const QString& file);

    /// The job as it was just saved goes into the logbook; when that is not there it waits. @errors Unwritable
    Result<void> keepRecord(const JobSession& session);

private:
    void learnFromLog(tables::Tables& tables);
    Result<QString> bringTrace(const QString& trace, const QDir& from) const;

    QString m_logbook;
    QDir m_folder;
    std::shared_ptr<const tables::Tables> m_tables;
    std::optional<Problem> m_rackTrouble;
    std::optional<Problem> m_bandTrouble;
    std::unique_ptr<log::Keeper> m_keeper;
};

} // namespace arbor::ui
