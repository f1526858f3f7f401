#include "ui/alarm/alarms.h"

#include "core/job/names.h"
#include "core/job/step_name.h"
#include "io/job_file.h"
#include "ui/session/running_times.h"
#include "ui/text.h"
#include "words/heat_words.h"
#include "words/shipped_names.h"

#include <algorithm>

namespace arbor::ui {

namespace {

using job::AlarmKind;

constexpr double kAgain_s = 4; // until the sound of one that nobody answers comes again
constexpr double kAhead_s = 60, kVolume = 0.8;
const QString kVolumeSetting = QStringLiteral("alarm/volume"), kAheadSetting = QStringLiteral("alarm/ahead_s");

/// What tells one call from every other.
std::string markOf(const Ticking& t) {
    return t.path.toStdString() + job::nameOf(t.step) + t.began +
           (t.clock ? std::string(job::name(t.clock->what)) : std::string()) +
           (t.calls ? std::string(job::name(*t.calls)) : std::string());
}

bool isHeard(const job::StepRecord& step, const Ticking& t) {
    return std::any_of(step.heard.begin(), step.heard.end(), [&](const job::HeardAlarm& h) {
        return h.kind == t.calls && h.began == t.began &&
               h.clock == (t.clock ? std::optional(t.clock->what) : std::nullopt);
    });
}

void noteHeard(job::Job& job, const Ticking& t, const std::string& now) {
    job::changeStep(job, t.step, [&](job::StepRecord& r) {
        r.heard.push_back({*t.calls, t.clock ? std::optional(t.clock->what) : std::nullopt, t.began, now});
    });
}

} // namespace

QString alarmWord(const Ticking& ticking) {
    using What = job::Clock::What;
    if (!ticking.calls) return {};
    switch (*ticking.calls) {
    case AlarmKind::Soon:
        return QObject::tr("soon");
    case AlarmKind::Hurry:
        return QObject::tr("hurry");
    case AlarmKind::TooLate:
        return QObject::tr("too late");
    case AlarmKind::Stop:
        return QObject::tr("stop");
    case AlarmKind::Ready:
        break;
    }
    return ticking.clock && ticking.clock->what == What::Together ? QObject::tr("let go")
           : ticking.clock && ticking.clock->what == What::Cool   ? QObject::tr("measure")
                                                                  : QObject::tr("ready");
}

Alarms::Alarms(QSettings& settings, std::unique_ptr<Sounder> sounder, JobSession::Clock now,
               std::function<MachineCount()> count, QObject* parent)
    : QObject(parent), m_settings(settings), m_sounder(std::move(sounder)), m_now(std::move(now)),
      m_count(std::move(count)) {}

void Alarms::follow(JobSession* session, const JobIndex* jobs) {
    if (session != m_session) m_stop.reset();
    m_session = session;
    m_jobs = jobs;
    look();
}

const Ticking* Alarms::first() const {
    const Ticking* worst = nullptr;
    for (const auto& t : m_all)
        if (t.isOpen() && (!worst || *t.calls > *worst->calls)) worst = &t;
    return worst;
}

std::size_t Alarms::open() const {
    return static_cast<std::size_t>(
        std::count_if(m_all.begin(), m_all.end(), [](const auto& t) { return t.isOpen(); }));
}

void Alarms::add(const job::StepKey& key, const job::StepRecord& step, Ticking like) {
    like.step = key;
    for (const auto& clock : step.heat.clocks) {
        auto t = like;
        const auto* heat = m_session && t.job.isEmpty() ? m_session->plan().step(key) : nullptr;
        t.name = q(words::clockName(clock.what, heat ? plan::heatOf(heat->step, m_session->plan().heats) : nullptr));
        t.clock = clock;
        t.began = clock.started;
        t.left_s = clock.lasts_s - secondsBetween(clock.started, m_now());
        t.calls = job::alarmOf(clock.what, t.left_s, ahead_s());
        t.heard = isHeard(step, t) || m_answered.contains(markOf(t));
        m_all.push_back(std::move(t));
    }
}

void Alarms::addSession() {
    Ticking like;
    like.path = q(m_session->path());
    for (const auto& step : m_session->plan().steps)
        add(step.step.id, job::stepOf(m_session->job(), step.step.id), like);
    for (auto& t : m_all)
        if (const auto* step = m_session->plan().step(t.step); step && step != m_session->step())
            t.name = q(words::shippedName(step->step.label)) + " · " + t.name;
}

/// As their files had it when the list was read last; a job that is closed times nothing any more.
void Alarms::addOthers(const JobIndex& jobs) {
    for (const auto& glance : jobs.jobs()) {
        if (glance.ticking.empty() || !glance.closed.empty() || (m_session && glance.path == m_session->path()))
            continue;
        job::Job job;
        job.steps = glance.ticking;
        if (m_count) resumeTimes(job, m_now(), m_count());
        Ticking like;
        like.path = q(glance.path);
        like.job = q(glance.title);
        for (const auto& [key, step] : job.steps)
            add(key, step, like);
    }
}

void Alarms::look() {
    m_all.clear();
    if (m_session) addSession();
    if (m_jobs) addOthers(*m_jobs);
    if (m_stop) m_all.push_back(*m_stop);
    sound();
    emit changed();
}

void Alarms::sound() {
    const auto* worst = first();
    if (!worst) {
        if (!m_sounded.empty()) m_sounder->quiet();
        m_sounded.clear();
        return;
    }
    const auto mark = markOf(*worst), now = m_now();
    if (mark == m_muted || (mark == m_sounded && secondsBetween(m_soundedAt, now) < kAgain_s)) return;
    m_sounded = mark;
    m_soundedAt = now;
    if (!m_sounder->isThere() && !std::exchange(m_toldNotHeard, true)) emit notHeard();
    m_sounder->play(*worst->calls, volume());
}

void Alarms::raiseStop() {
    if (!m_session || !m_session->step()) return;
    Ticking t;
    t.path = q(m_session->path());
    t.name = tr("Press");
    t.step = m_session->step()->step.id;
    t.began = m_now();
    t.calls = AlarmKind::Stop;
    m_stop = t;
    look();
}

void Alarms::dropStop() {
    if (!std::exchange(m_stop, std::nullopt)) return;
    look();
}

/// In the job in front as an edit of its own; in another one straight in its file, which nobody has in hand here.
Result<void> Alarms::acknowledge() {
    if (!first()) return {};
    const auto t = *first();
    m_answered.insert(markOf(t));
    m_sounder->quiet();
    Result<void> kept;
    if (t.job.isEmpty()) {
        if (!t.clock) m_stop.reset();
        m_session->edit(tr("Acknowledge the alarm"), [&](job::Job& j) { noteHeard(j, t, m_now()); });
    } else if (auto document = io::loadJob(t.path.toStdString()); !document) {
        kept = tl::unexpected(document.error());
    } else {
        noteHeard(document->job, t, m_now());
        kept = io::saveJob(t.path.toStdString(), *document);
    }
    look();
    return kept;
}

void Alarms::mute() {
    if (!first()) return;
    m_muted = markOf(*first());
    m_sounder->quiet();
    emit changed();
}

bool Alarms::isMuted() const {
    return first() && markOf(*first()) == m_muted;
}

double Alarms::volume() const {
    return m_settings.value(kVolumeSetting, kVolume).toDouble();
}
void Alarms::setVolume(double volume) {
    m_settings.setValue(kVolumeSetting, std::clamp(volume, 0.0, 1.0));
}
double Alarms::ahead_s() const {
    return m_settings.value(kAheadSetting, kAhead_s).toDouble();
}
void Alarms::setAhead(double seconds) {
    m_settings.setValue(kAheadSetting, std::clamp(seconds, 0.0, 3600.0));
    look();
}

void Alarms::test(AlarmKind kind) {
    if (!m_sounder->isThere()) emit notHeard();
    m_sounder->play(kind, volume());
}

} // namespace arbor::ui
