#include "device/press_recorder.h"

#include "device/instrument_line.h"

#include <QDir>
#include <QFileInfo>
#include <QTimer>
#include <cerrno>
#include <cstring>
#include <unistd.h>

namespace arbor::device {

namespace {

constexpr int kFlush_ms = 100;
constexpr double kJump_s = 5; // a transducer that goes on sends far more often

/// However often the system is interrupted at it. @return empty: it is on the disk
QString whyNotSynced(int file) {
    while (::fdatasync(file) != 0)
        if (errno != EINTR) return QString::fromLocal8Bit(std::strerror(errno));
    return {};
}

} // namespace

PressRecorder::PressRecorder(QObject* parent) : QObject(parent), m_flush(new QTimer(this)) {
    m_flush->setInterval(kFlush_ms);
    connect(m_flush, &QTimer::timeout, this, &PressRecorder::flush);
}

PressRecorder::~PressRecorder() {
    stop();
}

Result<void> PressRecorder::start(const QString& path) {
    stop();
    QDir().mkpath(QFileInfo(path).path());
    m_path = path;
    m_file.setFileName(path + kUnkept);
    if (!m_file.open(QIODevice::WriteOnly | QIODevice::NewOnly | QIODevice::Unbuffered))
        return refuseAs(ProblemCode::Unwritable, path.toStdString(), m_file.errorString().toStdString());
    m_pending = "t_s,travel_mm,force_N\n";
    m_writeTrouble.clear();
    m_trace.clear();
    m_bad = m_jumps = 0;
    m_flush->start();
    return {};
}

void PressRecorder::stop() {
    if (!recording()) return;
    if (const auto last = m_trace.finish()) write(*last);
    flush();
    m_flush->stop();
    m_file.close();
}

Result<void> PressRecorder::keep() {
    if (recording())
        if (const auto last = m_trace.finish()) write(*last);
    const bool whole = !recording() || flush();
    if (!whole) return refuseAs(ProblemCode::Unwritable, m_path.toStdString(), m_writeTrouble.toStdString());
    stop();
    if (!m_file.rename(m_path))
        return refuseAs(ProblemCode::Unwritable, m_path.toStdString(), m_file.errorString().toStdString());
    return {};
}

bool PressRecorder::flush() {
    if (!recording()) return m_pending.isEmpty();
    const auto taken = m_file.write(m_pending);
    if (taken > 0) m_pending.remove(0, taken);
    const auto trouble = m_pending.isEmpty() ? whyNotSynced(m_file.handle()) : m_file.errorString();
    if (trouble != m_writeTrouble) {
        m_writeTrouble = trouble;
        emit troubled();
    }
    return trouble.isEmpty();
}

void PressRecorder::record(const trace::Sample& s) {
    const auto before = m_trace.last();
    const auto kept = m_trace.take(s);
    if (kept.before) write(*kept.before);
    if (before && s.t_s - before->t_s > trace::kGap_s)
        m_pending += "# nothing for " + QByteArray::number(s.t_s - before->t_s, 'f', 1) + " s\n";
    if (kept.now) write(*kept.now);
}

void PressRecorder::write(const trace::Sample& s) {
    m_pending += QByteArray::number(s.t_s, 'f', 4) + ',' + QByteArray::number(s.travel_mm, 'f', 4) + ',' +
                 QByteArray::number(s.force_N, 'f', 1) + '\n';
}

void PressRecorder::zero() {
    if (!m_last) return;
    m_zeroTravel_mm += m_last->travel_mm;
    m_zeroForce_N += m_last->force_N;
    m_last->travel_mm = m_last->force_N = 0;
    emit sampled();
}

void PressRecorder::take(const QString& line) {
    const auto said = readInstrumentLine(line);
    if (!said) {
        ++m_bad;
        m_lastBad = line;
        emit troubled();
        return;
    }
    const auto* sample = std::get_if<trace::Sample>(&*said);
    if (!sample) return;
    const bool jumped = m_last && (sample->t_s < m_lastClock_s || sample->t_s > m_lastClock_s + kJump_s);
    if (jumped) {
        ++m_jumps;
        m_clockShift_s += m_lastClock_s - sample->t_s;
        emit troubled();
    }
    m_lastClock_s = sample->t_s;
    m_last = trace::Sample{sample->t_s + m_clockShift_s, sample->travel_mm - m_zeroTravel_mm,
                           sample->force_N - m_zeroForce_N};
    ++m_samples;
    if (recording()) record(*m_last);
    emit sampled();
}

} // namespace arbor::device
