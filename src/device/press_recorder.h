#pragma once

#include "core/base/result.h"
#include "core/trace/kept_trace.h"

#include <QByteArray>
#include <QFile>
#include <QObject>
#include <QString>
#include <optional>

class QTimer;

namespace arbor::device {

/// Takes the lines of a press transducer into a trace and onto the disk as they come, so that nothing is lost when the
/// instrument, or the program, is gone; of a standstill only what is worth keeping. A clock that jumps back goes on
/// from where it was; a line that says nothing sensible is counted and left out. What a full disk does not take waits
/// in memory and is written when it does; a silence of the instrument is marked in the file.
class PressRecorder : public QObject {
    Q_OBJECT
public:
    explicit PressRecorder(QObject* parent = nullptr);
    ~PressRecorder() override;

    /// Starts a recording. Until it is kept it lies beside its file, under kUnkept. @errors Unwritable
    Result<void> start(const QString& path);
    void stop(); ///< on the disk as far as it takes it, but not kept
    /// Stops it and gives it its name. @errors Unwritable: then it goes on lying there, and what waits goes on waiting
    Result<void> keep();
    static constexpr const char* kUnkept = ".part"; ///< what is added to its name
    bool recording() const { return m_file.isOpen(); }
    const QString& path() const { return m_path; } ///< it will have when it is kept

    void take(const QString& line);
    /// From now on travel and force count from what is shown now.
    void zero();

    const trace::Trace& trace() const { return m_trace.samples(); } ///< of the recording, standstills thinned out
    const std::optional<trace::Sample>& last() const { return m_last; }
    std::size_t samples() const { return m_samples; } ///< taken since it was made, recorded or not
    int badLines() const { return m_bad; }
    const QString& lastBad() const { return m_lastBad; }
    int clockJumps() const { return m_jumps; }
    const QString& writeTrouble() const { return m_writeTrouble; } ///< why the disk takes nothing; empty: it does

signals:
    void sampled();
    void troubled(); ///< a bad line, a jump of the clock, or a full disk

private:
    void record(const trace::Sample& sample);
    void write(const trace::Sample& sample);
    bool flush(); ///< @return whether all of it is on the disk

    QString m_path;
    QFile m_file;
    QTimer* m_flush;
    trace::KeptTrace m_trace;
    QByteArray m_pending; ///< rows that are not on the disk yet
    std::optional<trace::Sample> m_last;
    double m_lastClock_s = 0;
    double m_clockShift_s = 0;
    double m_zeroTravel_mm = 0;
    double m_zeroForce_N = 0;
    std::size_t m_samples = 0;
    int m_bad = 0;
    int m_jumps = 0;
    QString m_lastBad;
    QString m_writeTrouble;
};

} // namespace arbor::device
