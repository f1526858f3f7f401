#include "ui/session/job_session.h"

#include "io/library_files.h"
#include "io/merge.h"
#include "ui/session/running_times.h"
#include "words/sentences.h"

#include <QDir>
#include <QFileInfo>
#include <QImageReader>
#include <QUndoCommand>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

/// Keeps the whole job before and after: a job is small, and nothing can be forgotten that way.
class JobEdit : public QUndoCommand {
public:
    JobEdit(JobSession& session, const QString& text, job::Job after, QString mergeKey)
        : QUndoCommand(text), m_session(session), m_before(session.job()), m_after(std::move(after)),
          m_mergeKey(std::move(mergeKey)) {}

    // What another window saved meanwhile stays.
    void undo() override { m_session.replaceJob(io::rebased(m_after, m_before, m_session.job())); }
    void redo() override { m_session.replaceJob(io::rebased(m_before, m_after, m_session.job())); }
    int id() const override { return m_mergeKey.isEmpty() ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const JobEdit*>(other);
        if (next->m_mergeKey != m_mergeKey) return false;
        m_after = next->m_after;
        return true;
    }

private:
    JobSession& m_session;
    job::Job m_before;
    job::Job m_after;
    QString m_mergeKey;
};

JobSession::JobSession(std::string path, io::JobDocument document, std::shared_ptr<const plan::Library> library,
                       Clock clock, std::function<MachineCount()> count)
    : m_path(std::move(path)), m_document(std::move(document)), m_library(std::move(library)),
      m_clock(std::move(clock)), m_count(count ? std::move(count) : [] { return MachineCount{}; }),
      m_timesAreSure(resumeTimes(m_document.job.heat, m_clock(), m_count())) {
    reloadTrace();
    workOut();
    if (m_document.newer()) m_trouble = newerWords();
}

QString JobSession::newerWords() const {
    return tr("This job was written by a newer program (version %1 of the file, %2 is known here): it is open to be "
              "read, "
              "and nothing is written over it.")
        .arg(m_document.version)
        .arg(io::kJobVersion);
}

void JobSession::workOut() {
    m_stepTools.reset();
    m_steps.reset();
    m_heat.reset();
    m_heatCourse.reset();
    m_heatTrouble.reset();
    m_plan = plan::planJob(m_document.job, *m_library, m_trace);
}

const std::vector<plan::WorkStep>& JobSession::steps() const {
    if (!m_steps) m_steps = plan::workSteps(job(), m_plan, *m_library);
    return *m_steps;
}

const plan::WorkStep* JobSession::step() const {
    const auto& all = steps();
    auto found = std::find_if(all.begin(), all.end(), [&](const plan::WorkStep& s) { return s.key == m_stepKey; });
    if (found == all.end())
        found = std::find_if(all.begin(), all.end(), [](const plan::WorkStep& s) { return s.focus; });
    if (found == all.end()) found = all.begin();
    return found == all.end() ? nullptr : &*found;
}

void JobSession::lookAt(const std::string& stepKey) {
    m_stepKey = stepKey;
    m_stepTools.reset();
    emit changed();
}

const plan::HeatPlan* JobSession::heat() const {
    if (!m_heat && m_plan.heat) {
        std::vector<plan::Measured_C> seen;
        const auto& heat = job().heat;
        for (const auto& clock : heat.clocks)
            for (const auto& reading : heat.readings)
                if (clock.what == job::Clock::What::Carry)
                    seen.push_back({secondsBetween(clock.started, reading.when), reading.temp_C});
        m_heat = plan::correctedBy(*m_plan.heat, seen);
    }
    return m_heat ? &*m_heat : nullptr;
}

const std::optional<plan::HeatCourse>& JobSession::heatCourse() const {
    // Carried for longer than the walk was thought to take: it goes in now at the earliest.
    constexpr double kRefresh_s = 5;
    double walk = job().heat.walk_s;
    for (const auto& clock : job().heat.clocks)
        if (clock.what == job::Clock::What::Carry)
            walk = std::max(walk, std::ceil(secondsBetween(clock.started, now()) / kRefresh_s) * kRefresh_s);
    if (m_heatCourse && m_heatCourse->walk_s != walk) m_heatCourse.reset();
    if (!m_heatCourse && heat()) {
        // What the oven is off is in the thermometer's readings already.
        const double off = job().heat.readings.empty() ? job().heat.off_K : 0;
        auto course = plan::followHeat(*heat(), walk, off);
        m_heatTrouble = course || !heat()->needed() ? std::nullopt : std::optional(course.error());
        if (course) m_heatCourse = std::move(*course);
    }
    return m_heatCourse;
}

const std::optional<Problem>& JobSession::heatTrouble() const {
    heatCourse();
    return m_heatTrouble;
}

void JobSession::addHeatReading(double temp_C) {
    edit(
        tr("Read the thermometer"),
        [&](job::Job& j) {
            j.heat.readings.push_back({now(), temp_C});
        },
        "thermometer");
}

const plan::StepTools& JobSession::stepTools() const {
    if (!m_stepTools) m_stepTools = step() ? plan::toolsFor(*step(), job(), m_plan, *m_library) : plan::StepTools{};
    return *m_stepTools;
}

void JobSession::useLibrary(std::shared_ptr<const plan::Library> library) {
    m_stepTools.reset(); // it points into the old one
    m_steps.reset();
    m_plan = {};
    m_library = std::move(library);
    workOut();
    emit changed();
}

void JobSession::edit(const QString& text, const std::function<void(job::Job&)>& change, const QString& mergeKey) {
    if (m_document.newer()) {
        m_trouble = newerWords();
        emit changed();
        return;
    }
    auto after = job();
    change(after);
    if (after.heat.clocks != job().heat.clocks || after.heat.readings != job().heat.readings)
        noteCount(after.heat, now(), m_count());
    if (after.heat.clocks.empty()) m_timesAreSure = true;
    m_undo.push(new JobEdit(*this, text, std::move(after), mergeKey));
}

void JobSession::setDone(job::Station station, bool done) {
    edit(done ? tr("Finish %1").arg(QString::fromStdString(words::stationTitle(station)))
              : tr("Reopen %1").arg(QString::fromStdString(words::stationTitle(station))),
         [&](job::Job& j) {
             if (done)
                 j.done.insert(station);
             else
                 j.done.erase(station);
         });
}

void JobSession::writeRecord() {
    if (m_document.newer()) return setDone(job::Station::Close, true); // says why not
    const auto who = QString::fromStdString(job().draft.who).trimmed().toStdString();
    const auto record = plan::makeRecord(job(), m_plan, who, m_clock(), job().draft.notes);
    edit(tr("Write the record"), [&](job::Job& j) {
        j.record = record;
        j.done.insert(job::Station::Close);
    });
    emit recorded();
}

/// Copies a file into a folder beside the job, under its own name. @return the path from the job
Result<QString> JobSession::keepBeside(const QString& file, const QString& folder) {
    const QFileInfo source(file);
    const QDir home = QFileInfo(QString::fromStdString(m_path)).dir();
    const auto relative = folder + "/" + source.fileName();
    const auto target = home.filePath(relative);
    if (source.absoluteFilePath() == QFileInfo(target).absoluteFilePath()) return relative;
    if (QFileInfo::exists(target))
        return refuse(ProblemCode::Unwritable, target.toStdString(), {},
                      "another name: a file of this name is kept already");
    if (!home.mkpath(folder) || !QFile::copy(source.filePath(), target))
        return refuse(ProblemCode::Unwritable, target.toStdString(), {}, "a folder that can be written");
    return relative;
}

Result<void> JobSession::attachTrace(const std::string& file) {
    const auto trace = io::loadTrace(file, m_library->rack.press(job().tooling.press));
    if (!trace) return tl::unexpected(trace.error());
    const auto kept = keepBeside(QString::fromStdString(file), QStringLiteral("traces"));
    if (!kept) return tl::unexpected(kept.error());
    edit(tr("Load trace"), [&](job::Job& j) { j.traceFile = kept->toStdString(); });
    return {};
}

Result<void> JobSession::attachPhoto(const std::string& file) {
    if (!QImageReader(QString::fromStdString(file)).canRead())
        return refuse(ProblemCode::Unreadable, file, {}, "a picture (PNG or JPEG)");
    const auto kept = keepBeside(QString::fromStdString(file), QStringLiteral("photos"));
    if (!kept) return tl::unexpected(kept.error());
    edit(tr("Attach photo"), [&](job::Job& j) { j.intake.photos.push_back(kept->toStdString()); });
    return {};
}

void JobSession::replaceJob(const job::Job& job) {
    m_document.job = job;
    m_trouble.clear();
    save();
    reloadTrace();
    workOut();
    emit changed();
}

void JobSession::reloadTrace() {
    if (job().traceFile == m_traceLoadedFrom) return;
    m_traceLoadedFrom = job().traceFile;
    m_trace.reset();
    if (job().traceFile.empty()) return;
    const QDir folder = QFileInfo(QString::fromStdString(m_path)).dir();
    auto loaded = io::loadTrace(folder.filePath(QString::fromStdString(job().traceFile)).toStdString(),
                                m_library->rack.press(job().tooling.press));
    if (loaded)
        m_trace = std::move(*loaded);
    else
        m_trouble = QString::fromStdString(words::say(loaded.error()));
}

void JobSession::save() {
    auto saved = io::saveJobOver(m_path, m_document);
    m_unsaved = !saved;
    if (!saved) {
        m_trouble = tr("Not saved. %1").arg(QString::fromStdString(words::say(saved.error())));
        return;
    }
    m_document = std::move(saved->document);
    if (!saved->others) return;
    m_trouble = tr("Another window saved this job too; both are kept.");
    constexpr int kMostShown = 40; // a section is long; theirs is whole in its file
    const auto shown = [](const std::string& value) {
        const auto text = QString::fromStdString(value);
        return text.size() > kMostShown ? text.left(kMostShown) + QStringLiteral("…") : text;
    };
    for (const auto& both : saved->both)
        m_trouble +=
            tr(" %1: here %2, there %3.").arg(QString::fromStdString(both.place), shown(both.here), shown(both.there));
    if (!saved->keptTheirs.empty())
        m_trouble += tr(" Theirs is whole in %1.").arg(QFileInfo(QString::fromStdString(saved->keptTheirs)).fileName());
}

bool JobSession::saveAgain() {
    if (!m_unsaved) return true;
    m_trouble.clear();
    save();
    emit changed();
    return !m_unsaved;
}

} // namespace arbor::ui
