#include "device/press_recorder.h"

#include "device/instrument_line.h"

#include <QDir>
#include <QFileInfo>
#include <QTimer>

namespace arbor::device {

namespace {

constexpr int kFlush_ms = 100;
constexpr double kJump_s = 5; // a transducer that goes on sends far more often

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
    if (!m_file.open(QIODevice::WriteOnly | QIODevice::NewOnly))
        return refuse(ProblemCode::Unwritable, path.toStdString(), {}, m_file.errorString().toStdString());
    m_file.write("t_s,travel_mm,force_N\n");
    m_trace.clear();
    m_written = 0;
    m_bad = m_jumps = 0;
    m_flush->start();
    return {};
}

void PressRecorder::stop() {
    if (!recording()) return;
    flush();
    m_flush->stop();
    m_file.close();
}

Result<void> PressRecorder::keep() {
    stop();
    if (!m_file.rename(m_path))
        return refuse(ProblemCode::Unwritable, m_path.toStdString(), {}, m_file.errorString().toStdString());
    return {};
}

void PressRecorder::flush() {
    if (!recording()) return;
    QByteArray rows;
    for (; m_written < m_trace.size(); ++m_written) {
        const auto& s = m_trace[m_written];
        rows += QByteArray::number(s.t_s, 'f', 4) + ',' + QByteArray::number(s.travel_mm, 'f', 4) + ',' +
                QByteArray::number(s.force_N, 'f', 1) + '\n';
    }
    if (m_file.write(rows) != rows.size() || !m_file.flush()) {
        m_lastBad = m_file.errorString();
        emit troubled();
    }
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
    if (recording()) m_trace.push_back(*m_last);
    emit sampled();
}

} // namespace arbor::device
