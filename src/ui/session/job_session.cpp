#include "ui/session/job_session.h"
#include "core/plan/plan_job.h"
#include "core/plan/step_record.h"

#include "core/job/step_name.h"
#include "io/file_hash.h"
#include "io/job_json.h"
#include "io/logging.h"
#include "io/merge.h"
#include "io/table_files.h"
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
    void redo() override {
        m_session.replaceJob(m_wasDone ? io::rebased(m_before, m_after, m_session.job()) : m_after);
        m_wasDone = true;
    }
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
    bool m_wasDone = false;
};

JobSession::JobSession(std::string path, io::JobDocument document, std::shared_ptr<const tables::Tables> tables,
                       Clock clock, std::function<MachineCount()> count)
    : m_path(std::move(path)), m_document(std::move(document)), m_tables(std::move(tables)), m_clock(std::move(clock)),
      m_count(count ? std::move(count) : [] { return MachineCount{}; }),
      m_timesAreSure(resumeTimes(m_document.job, m_clock(), m_count())) {
    reloadTraces();
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
    m_whole.reset();
    m_heat.reset();
    m_heatCourse.reset();
    m_heatTrouble.reset();
    m_plan = plan::planJob(m_document.job, *m_tables, m_asked);
}

const plan::Plan& JobSession::wholePlan() const {
    if (!m_whole) {
        auto asked = m_asked;
        asked.everyStep = true;
        m_whole = plan::planJob(job(), *m_tables, asked);
    }
    return *m_whole;
}

void JobSession::lookAt(const job::StepKey& step) {
    m_asked.inHand = step;
    workOut();
    emit changed();
}

void JobSession::lookBy(int steps) {
    if (!step()) return;
    const auto last = static_cast<int>(m_plan.steps.size()) - 1;
    const auto to = std::clamp(static_cast<int>(m_plan.inHand) + steps, 0, last);
    lookAt(job::StepKey(m_plan.steps[static_cast<std::size_t>(to)].step.id));
}

const job::StepRecord& JobSession::record() const {
    static const job::StepRecord none;
    return step() ? job::stepOf(job(), step()->step.id) : none;
}

void JobSession::editStep(const QString& text, const std::function<void(job::StepRecord&)>& change,
                          const QString& mergeKey) {
    if (!step()) return;
    const auto key = step()->step.id; // the step itself is worked out anew
    edit(
        text, [&](job::Job& j) { job::changeStep(j, key, change); }, mergeKey);
}

std::set<job::Station> JobSession::done() const {
    return job::doneOf(job(), step() ? &step()->step.id : nullptr);
}

const trace::Trace* JobSession::measuredTrace() const {
    return step() ? traceOf(step()->step.id) : nullptr;
}

const trace::Trace* JobSession::traceOf(const job::StepKey& step) const {
    const auto found = m_asked.traces.find(step);
    return found == m_asked.traces.end() ? nullptr : &found->second;
}

const plan::HeatPlan* JobSession::heat() const {
    if (!m_heat && m_plan.heat()) {
        std::vector<plan::Measured_C> seen;
        const auto& heat = record().heat;
        for (const auto& clock : heat.clocks)
            for (const auto& reading : heat.readings)
                if (clock.what == job::Clock::What::Carry)
                    seen.push_back({secondsBetween(clock.started, reading.when), reading.temp_C});
        m_heat = plan::correctedBy(*m_plan.heat(), seen);
    }
    return m_heat ? &*m_heat : nullptr;
}

const std::optional<plan::HeatCourse>& JobSession::heatCourse() const {
    // Carried for longer than the walk was thought to take: it goes in now at the earliest.
    constexpr double kRefresh_s = 5;
    double walk = job().heat.walk_s;
    for (const auto& clock : record().heat.clocks)
        if (clock.what == job::Clock::What::Carry)
            walk = std::max(walk, std::ceil(secondsBetween(clock.started, now()) / kRefresh_s) * kRefresh_s);
    if (m_heatCourse && m_heatCourse->walk_s != walk) m_heatCourse.reset();
    if (!m_heatCourse && heat()) {
        // What the oven is off is in the thermometer's readings already.
        const double off = record().heat.readings.empty() ? job().heat.off_K : 0;
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
    editStep(
        tr("Read the thermometer"),
        [&](job::StepRecord& r) {
            r.heat.readings.push_back({now(), temp_C});
        },
        "thermometer");
}

void JobSession::useTables(std::shared_ptr<const tables::Tables> tables) {
    m_whole.reset(); // they point into the old one
    m_plan = {};
    m_tables = std::move(tables);
    m_asked.memory->forget();
    workOut();
    emit changed();
}

void JobSession::edit(const QString& text, const std::function<void(job::Job&)>& change, const QString& mergeKey) {
    const auto why = m_document.newer() ? newerWords() : whyLocked();
    if (why.isEmpty()) return this->change(text, change, mergeKey);
    m_trouble = why;
    emit changed();
}

void JobSession::change(const QString& text, const std::function<void(job::Job&)>& change, const QString& mergeKey) {
    auto after = job();
    change(after);
    bool running = false;
    for (auto& [key, step] : after.steps) {
        const auto& was = job::stepOf(job(), key).heat;
        if (step.heat.clocks != was.clocks || step.heat.readings != was.readings)
            noteCount(step.heat, now(), m_count());
        running = running || !step.heat.clocks.empty();
    }
    if (!running) m_timesAreSure = true;
    m_undo.push(new JobEdit(*this, text, std::move(after), mergeKey));
    if (isLocked()) m_undo.clear(); // nobody takes a release back by accident
}

void JobSession::setDone(job::Station station, bool done) {
    const auto key = step() ? std::optional(step()->step.id) : std::nullopt;
    const bool leaves = station == job::Station::Press && step() && step()->step.out;
    const auto part = leaves ? m_plan.strip.assembly.parts[step()->step.part].id : std::string();
    edit(done ? tr("Finish %1").arg(QString::fromStdString(words::stationTitle(station)))
              : tr("Reopen %1").arg(QString::fromStdString(words::stationTitle(station))),
         [&](job::Job& j) {
             job::setDone(j, station, key ? &*key : nullptr, done);
             if (!part.empty() && done) j.strip.out.insert(part);
             if (done) job::endWork(j, station, key ? step()->step.key : std::string(), now());
         });
}

void JobSession::begin(const job::Worked& work) {
    const auto& all = job().worked;
    const bool runs = std::any_of(all.begin(), all.end(), [&](const job::Worked& w) {
        return w.ended.empty() && w.what == work.what && w.step == work.step;
    });
    if (runs || m_document.newer() || isLocked()) return;
    edit(tr("Begin work"), [&](job::Job& j) {
        j.worked.push_back(work);
        j.worked.back().began = now();
    });
}

/// Until the job is released, writing again corrects; after that it is another press.
job::Record JobSession::recordOf(const plan::StepPlan& step, const std::string& who) const {
    auto out = plan::makeRecord(job(), wholePlan(), step, who, m_clock(), job().draft.notes);
    const auto& before = job::stepOf(job(), step.step.id).record;
    const bool released = !job().closing.releasedBy.empty();
    if (before && !released)
        out.entry = before->entry;
    else
        out.entry = job().id + "@" + out.when + " " + job::nameOf(step.step.id);
    return out;
}

void JobSession::writeRecord() {
    if (m_document.newer() || isLocked()) return setDone(job::Station::Close, true); // says why not
    const auto who = QString::fromStdString(job().draft.who).trimmed().toStdString();
    std::map<job::StepKey, job::Record> records;
    const auto& plan = wholePlan();
    for (const auto& s : plan.steps)
        if (plan::wasWorked(job(), s)) records[s.step.id] = recordOf(s, who);
    const auto whole = plan::recordOfJob(job(), plan, who, m_clock(), job().draft.notes);
    edit(tr("Write the record"), [&](job::Job& j) {
        for (const auto& written : records)
            job::changeStep(j, written.first, [&](job::StepRecord& r) { r.record = written.second; });
        j.record = whole;
        job::setDone(j, job::Station::Close, nullptr, true);
        job::endWork(j, job::Station::Close, {}, now());
    });
    emit recorded();
}

/// Copies a file into a folder beside the job, under its own name. @return the path from the job
Result<QString> JobSession::keepBeside(const QString& file, const QString& folder, const QString& name) {
    if (!whyLocked().isEmpty())
        return refuse(ProblemCode::Unwritable, m_path, {}, wanted("a job that is not released: open a revision first"));
    const QFileInfo source(file);
    const QDir home = QFileInfo(QString::fromStdString(m_path)).dir();
    const auto relative = folder + "/" + (name.isEmpty() ? source.fileName() : name);
    const auto target = home.filePath(relative);
    if (source.absoluteFilePath() == QFileInfo(target).absoluteFilePath()) return relative;
    if (QFileInfo::exists(target))
        return refuse(ProblemCode::Unwritable, target.toStdString(), {},
                      wanted("another name: a file of this name is kept already"));
    if (!home.mkpath(folder) || !QFile::copy(source.filePath(), target))
        return refuse(ProblemCode::Unwritable, target.toStdString(), {}, wanted("a folder that can be written"));
    return relative;
}

Result<void> JobSession::attachTrace(const std::string& file) {
    const auto trace = io::loadTrace(file, plan::pressAtHand(job(), m_tables->rack));
    if (!trace) return tl::unexpected(trace.error());
    const auto kept = keepBeside(QString::fromStdString(file), QStringLiteral("traces"));
    if (!kept) return tl::unexpected(kept.error());
    editStep(tr("Load trace"), [&](job::StepRecord& r) { r.traceFile = kept->toStdString(); });
    return {};
}

Result<void> JobSession::attachPhoto(const std::string& file) {
    const auto kept = keepPhoto(file);
    if (!kept) return tl::unexpected(kept.error());
    edit(tr("Attach photo"), [&](job::Job& j) { j.intake.photos.push_back(kept->toStdString()); });
    return {};
}

Result<void> JobSession::attachPhotoOf(const std::string& part, const std::string& file) {
    const auto kept = keepPhoto(file);
    if (!kept) return tl::unexpected(kept.error());
    edit(tr("Attach photo"), [&](job::Job& j) { j.strip.parts[part].photo = kept->toStdString(); });
    return {};
}

Result<void> JobSession::attachProof(const std::string& file) {
    if (!step()) return tl::unexpected(Problem{ProblemCode::Missing, "step", {}, {}});
    const auto kept = keepPhoto(file);
    if (!kept) return tl::unexpected(kept.error());
    editStep(tr("Attach photo"), [&](job::StepRecord& r) { r.photos.push_back(kept->toStdString()); });
    return {};
}

/// Cameras begin their numbers anew: another picture of a name that is taken gets one of its own.
Result<QString> JobSession::keepPhoto(const std::string& file) {
    const auto from = QString::fromStdString(file);
    if (!QImageReader(from).canRead())
        return refuse(ProblemCode::Unreadable, file, {}, wanted("a picture (PNG or JPEG)"));
    const QFileInfo info(from);
    const QDir photos(QFileInfo(QString::fromStdString(m_path)).dir().filePath("photos"));
    auto name = info.fileName();
    for (int n = 2; photos.exists(name) && photos.filePath(name) != info.absoluteFilePath(); ++n) {
        if (io::sha256Of(photos.filePath(name).toStdString()).value_or("there") == io::sha256Of(file).value_or("new"))
            return "photos/" + name; // it is there
        name = QStringLiteral("%1-%2.%3").arg(info.completeBaseName()).arg(n).arg(info.suffix());
    }
    return keepBeside(from, QStringLiteral("photos"), name);
}

/// What is typed for the record changes nothing that is worked out.
bool JobSession::isDraftAlone(const job::Job& job) const {
    auto same = m_document.job;
    same.draft = job.draft;
    return io::jobToJson(same) == io::jobToJson(job);
}

void JobSession::replaceJob(const job::Job& job) {
    const bool asItWas = isDraftAlone(job);
    m_document.job = job;
    m_trouble.clear();
    save();
    if (!asItWas || !isDraftAlone(job)) { // or another window's was merged into it
        reloadTraces();
        workOut();
    }
    emit changed();
}

void JobSession::reloadTraces() {
    std::map<job::StepKey, std::string> files;
    for (const auto& [key, step] : job().steps)
        if (!step.traceFile.empty()) files[key] = step.traceFile;
    if (files == m_tracesFrom) return;
    m_tracesFrom = std::move(files);
    auto kept = io::loadTraces(job(), QFileInfo(QString::fromStdString(m_path)).path().toStdString(), m_tables->rack);
    m_asked.traces = std::move(kept.traces);
    if (kept.problem) m_trouble = QString::fromStdString(words::say(*kept.problem));
}

void JobSession::save() {
    auto saved = io::saveJobOver(m_path, m_document);
    m_unsaved = !saved;
    if (!saved) {
        qCWarning(fileLog) << "a job was not saved:" << saved.error().limit.english().c_str();
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
