#pragma once

#include "core/trace/analysis.h"
#include "device/line_client.h"
#include "device/press_recorder.h"

#include <QElapsedTimer>
#include <QObject>
#include <QStringList>

class QTimer;

namespace arbor::ui {

class JobSession;

/// The press transducer of one job: its line, its recording, and what is to be said of it while it runs.
class LivePress : public QObject {
    Q_OBJECT
public:
    /// @param line  of the transducer, whoever else listens to it
    explicit LivePress(device::LineClient& line, QObject* parent = nullptr);
    void open(JobSession* session);

    void connectTo(const QString& address);
    device::LineClient::State state() const { return m_line.state(); }
    QString stateText() const;
    const QString& address() const { return m_line.address(); }
    bool connected() const { return state() == device::LineClient::State::On; }

    Result<void> start();                     ///< a new recording beside the job
    Result<void> keep();                      ///< ends it and makes it the job's trace
    const plan::PressPlan* predicted() const; ///< of the step that is recorded, else of that in hand; null: not known
    /// How far of its travel the step in hand has gone, 0 to 1; nothing: it is not the one that is recorded.
    std::optional<double> gone() const;
    /// Recordings of this job that were begun and never kept: the program was gone, or another job was opened.
    const QStringList& unkept() const { return m_unkept; }
    Result<void> takeOver(const QString& file); ///< makes it the job's trace
    Result<void> setAside(const QString& file); ///< keeps the file, but not as the job's trace
    bool recording() const { return m_recorder.recording(); }
    void zero() { m_recorder.zero(); }

    const std::optional<trace::Sample>& last() const { return m_recorder.last(); }
    /// How old the last reading is where that is too old to be shown as now [s]: the transducer, its cable or its line
    /// is dead, whatever the connection says. Nothing: it is fresh, or there never was one.
    std::optional<double> staleFor_s() const;
    const trace::Trace& trace() const { return m_recorder.trace(); }
    const trace::Analysis& analysis() const { return m_analysis; }
    const QStringList& rawLines() const { return m_raw; } ///< the last ones, as they came
    const QString& trouble() const { return m_trouble; }  ///< of the line: bad lines, jumps of the clock

signals:
    void stateChanged();
    void refreshed();   ///< ten times a second while samples come, and while they should
    void stopCertain(); ///< a stop sign has just become certain

private:
    void look();
    void lookForUnkept();

    JobSession* m_session = nullptr;
    device::LineClient& m_line;
    device::PressRecorder m_recorder;
    QElapsedTimer m_sinceSample; ///< monotonic
    QTimer* m_timer;
    trace::Analysis m_analysis;
    QStringList m_raw;
    QStringList m_unkept;
    QString m_trouble;
    bool m_fresh = false;
    std::optional<job::StepKey> m_step; ///< that is recorded
    double m_readTo_s = -1;             ///< time of the last sample the analysis has seen
};

} // namespace arbor::ui
