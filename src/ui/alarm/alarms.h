#pragma once

#include "ui/alarm/sounder.h"
#include "ui/session/job_index.h"
#include "ui/session/job_session.h"

#include <QObject>
#include <QSettings>
#include <vector>

namespace arbor::ui {

/// A clock of any job of the shop, or a stop sign of a press.
struct Ticking {
    QString path; ///< of its job's file
    QString job;  ///< its title; empty: the job in front
    QString name; ///< what is timed
    job::StepKey step;
    std::optional<job::Clock> clock;     ///< nothing: a stop sign
    std::string began;                   ///< ISO 8601
    double left_s = 0;                   ///< negative: past
    std::optional<job::AlarmKind> calls; ///< nothing: it runs
    bool heard = false;                  ///< somebody has acknowledged that

    bool isHot() const { return clock && clock->what != job::Clock::What::Inner; }
    bool isOpen() const { return calls && *calls != job::AlarmKind::Soon && !heard; } ///< somebody is called
};

/// Watches every clock of every open job of the shop, whichever job is in front, and calls until somebody answers. What
/// was acknowledged is written into its step.
class Alarms : public QObject {
    Q_OBJECT
public:
    /// @param count  of the machine; running times of jobs that are not open go by it too
    Alarms(QSettings& settings, std::unique_ptr<Sounder> sounder, JobSession::Clock now,
           std::function<MachineCount()> count, QObject* parent = nullptr);

    /// @param session  the job in front; null: none
    void follow(JobSession* session, const JobIndex* jobs);
    const std::vector<Ticking>& all() const { return m_all; } ///< the job in front first
    const Ticking* first() const;                             ///< the worst that nobody has answered; null: none
    std::size_t open() const;                                 ///< how many call

    void look();      ///< what the clocks say now
    void raiseStop(); ///< the press in front shows a stop sign
    void dropStop();  ///< its step is another, or it was pressed anew
    /// Answers the worst, in its job's file. @errors those of writing that file; it is quiet nevertheless
    Result<void> acknowledge();
    void mute(); ///< the sound of the worst, until the next
    bool isMuted() const;

    double volume() const; ///< 0 to 1
    void setVolume(double volume);
    double ahead_s() const; ///< how long before its time is up a clock is told
    void setAhead(double seconds);
    void test(job::AlarmKind kind);
    bool canBeHeard() const { return m_sounder->isThere(); }

signals:
    void changed();
    void notHeard(); ///< the first alarm that nobody can hear: there is no sound

private:
    void addSession();
    void addOthers(const JobIndex& jobs);
    void add(const job::StepKey& key, const job::StepRecord& step, Ticking like);
    void sound();

    QSettings& m_settings;
    std::unique_ptr<Sounder> m_sounder;
    JobSession::Clock m_now;
    std::function<MachineCount()> m_count;
    JobSession* m_session = nullptr;
    const JobIndex* m_jobs = nullptr;
    std::vector<Ticking> m_all;
    std::optional<Ticking> m_stop;
    std::set<std::string> m_answered; ///< in this window; of files that could not be written too
    std::string m_muted, m_sounded;   ///< which alarm, by its mark
    std::string m_soundedAt;
    bool m_toldNotHeard = false;
};

/// How it is called for, in a word or two.
QString alarmWord(const Ticking& ticking);

} // namespace arbor::ui
