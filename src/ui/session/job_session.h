#pragma once

#include "core/plan/plan.h"
#include "core/plan/work_steps.h"
#include "io/job_file.h"
#include "ui/session/instant.h"
#include "words/sheets/sheets.h"

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <set>

namespace arbor::ui {

/// One open job: the document, its plan, its undo stack and its file. Every edit goes through here, is worked out and
/// saved.
class JobSession : public QObject {
    Q_OBJECT
public:
    using Clock = std::function<std::string()>; ///< ISO 8601 now; replaced in tests

    /// @param tables  shared with the window; must outlive the session
    JobSession(std::string path, io::JobDocument document, std::shared_ptr<const tables::Tables> tables, Clock clock,
               std::function<MachineCount()> count = {});

    const job::Job& job() const { return m_document.job; }
    const plan::Plan& plan() const { return m_plan; }
    const tables::Tables& tables() const { return *m_tables; }
    /// With the tools and the press of every step, as paper needs them. Points into the tables.
    const plan::Plan& wholePlan() const;
    /// The step in hand, that Tooling, Warm, Press and Seat speak of; null: nothing is pressed, or nothing worked out.
    const plan::StepPlan* step() const { return m_plan.now(); }
    void lookAt(const job::StepKey& step);                         ///< a way of looking, so neither saved nor undone
    void lookBy(int steps);                                        ///< the step so many further on, or back
    int inHand() const { return static_cast<int>(m_plan.inHand); } ///< its place in their row, from 0
    const job::StepRecord& record() const;                         ///< what is kept of the step in hand
    /// Edits what is kept of the step in hand.
    void editStep(const QString& text, const std::function<void(job::StepRecord&)>& change,
                  const QString& mergeKey = {});
    std::set<job::Station> done() const; ///< of the job, and of the step in hand
    /// Goes on with another rack; the job is worked out anew.
    void useTables(std::shared_ptr<const tables::Tables> tables);
    /// Warming and chilling with what the thermometer said since it left the heat; null: not worked out.
    const plan::HeatPlan* heat() const;
    const std::optional<plan::HeatCourse>& heatCourse() const; ///< worked out when it is asked for
    /// Why the course could not be worked out where it is needed; nothing: it was, or nothing is to be warmed.
    const std::optional<Problem>& heatTrouble() const;
    void addHeatReading(double temp_C); ///< of the outer part, now
    std::string now() const { return m_clock(); }
    /// Whether the running times are sure; false: the machine was started anew since, and its wall clock has to do.
    bool timesAreSure() const { return m_timesAreSure; }
    const trace::Trace* traceOf(const job::StepKey& step) const; ///< null: there is none
    const trace::Trace* measuredTrace() const;                   ///< of the step in hand
    const std::string& path() const { return m_path; }
    words::Display display() const { return words::Display(job().units); }
    words::SheetInput told() const { return {job(), m_plan, false}; } ///< what the slip's sheets are made from
    QUndoStack& undoStack() { return m_undo; }

    /// Applies one edit as one undo step; edits with the same non-empty `mergeKey` in a row become one.
    void edit(const QString& text, const std::function<void(job::Job&)>& change, const QString& mergeKey = {});
    void setDone(job::Station station, bool done); ///< of the step in hand, where it belongs to one
    /// Its time counts from now, where it does not yet.
    void begin(const job::Worked& work);
    void writeRecord(); ///< from the draft and the plan as they stand

    const catalog::Person* person(const std::string& name) const; ///< of this shop; null: nobody of that name
    /// @param who  empty: the release is taken back. @errors UnknownName (may not release by This shop)
    Result<void> release(const std::string& who);
    bool isLocked() const; ///< recorded and released: only a revision changes it
    /// Keeps the released file whole beside the job and opens the job again, as its next revision.
    /// @errors Missing (who, reason), Unwritable
    Result<void> revise(const std::string& who, const std::string& reason);

    /// Loads a trace of the step in hand and keeps a copy of it beside the job. @errors those of the trace file, or of
    /// copying
    Result<void> attachTrace(const std::string& file);

    /// Keeps a copy of a picture beside the job and lists it. @errors Unreadable (no picture), Unwritable
    Result<void> attachPhoto(const std::string& file);
    Result<void> attachPhotoOf(const std::string& part, const std::string& file); ///< as it was found
    Result<void> attachProof(const std::string& file); ///< of the step in hand, as it was proven

    /// What is on the screen is not on the disk: the last save failed.
    bool isUnsaved() const { return m_unsaved; }
    bool saveAgain(); ///< @return whether all is on the disk now
    /// What went wrong when saving or reading the trace last; empty when all is well.
    const QString& trouble() const { return m_trouble; }

signals:
    void changed();
    void recorded(); ///< the record was written and saved

private:
    friend class JobEdit;
    Result<QString> keepPhoto(const std::string& file);
    Result<QString> keepBeside(const QString& file, const QString& folder, const QString& name = {});
    void replaceJob(const job::Job& job);
    QString whyLocked() const;
    void change(const QString& text, const std::function<void(job::Job&)>& change, const QString& mergeKey = {});
    bool isDraftAlone(const job::Job& job) const;
    void reloadTraces();
    void workOut();
    job::Record recordOf(const plan::StepPlan& step, const std::string& who) const;
    void save();
    QString newerWords() const;

    std::string m_path;
    io::JobDocument m_document;
    std::shared_ptr<const tables::Tables> m_tables;
    Clock m_clock;
    std::function<MachineCount()> m_count;
    bool m_timesAreSure = true;
    plan::Asked m_asked = {{}, {}, false, std::make_shared<plan::ToolMemory>()}; ///< traces as read, step in hand
    std::map<job::StepKey, std::string> m_tracesFrom;
    plan::Plan m_plan;
    mutable std::optional<plan::Plan> m_whole;
    mutable std::optional<plan::HeatPlan> m_heat;
    mutable std::optional<plan::HeatCourse> m_heatCourse;
    mutable std::optional<Problem> m_heatTrouble;
    QUndoStack m_undo;
    QString m_trouble;
    bool m_unsaved = false;
};

} // namespace arbor::ui
