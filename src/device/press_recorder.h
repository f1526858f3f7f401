#pragma once

#include "core/base/result.h"
#include "core/trace/trace.h"

#include <QFile>
#include <QObject>
#include <QString>
#include <optional>

class QTimer;

namespace arbor::device {

/// Takes the lines of a press transducer into a trace and onto the disk as they come, so that nothing is lost when the
/// instrument, or the program, is gone. A clock that jumps back goes on from where it was; a line that says nothing
/// sensible is counted and left out.
class PressRecorder : public QObject {
    Q_OBJECT
public:
    explicit PressRecorder(QObject* parent = nullptr);
    ~PressRecorder() override;

    /// Starts a recording. Until it is kept it lies beside its file, under kUnkept. @errors Unwritable
    Result<void> start(const QString& path);
    void stop(); ///< whole on the disk, but not kept
    /// Stops it and gives it its name. @errors Unwritable
    Result<void> keep();
    static constexpr const char* kUnkept = ".part"; ///< what is added to its name
    bool recording() const { return m_file.isOpen(); }
    const QString& path() const { return m_path; } ///< it will have when it is kept

    void take(const QString& line);
    /// From now on travel and force count from what is shown now.
    void zero();

    const trace::Trace& trace() const { return m_trace; } ///< of the recording
    const std::optional<trace::Sample>& last() const { return m_last; }
    int badLines() const { return m_bad; }
    const QString& lastBad() const { return m_lastBad; }
    int clockJumps() const { return m_jumps; }

signals:
    void sampled();
    void troubled(); ///< a bad line, a jump of the clock, or a full disk

private:
    void flush();

    QString m_path;
    QFile m_file;
    QTimer* m_flush;
    trace::Trace m_trace;
    std::size_t m_written = 0;
    std::optional<trace::Sample> m_last;
    double m_lastClock_s = 0;
    double m_clockShift_s = 0;
    double m_zeroTravel_mm = 0;
    double m_zeroForce_N = 0;
    int m_bad = 0;
    int m_jumps = 0;
    QString m_lastBad;
};

} // namespace arbor::device
