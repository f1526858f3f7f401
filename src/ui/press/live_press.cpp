#include "ui/press/live_press.h"

#include "ui/session/job_session.h"
#include "ui/text.h"
#include "words/display.h"

#include <QDir>
#include <QFileInfo>
#include <QTimer>
#include <algorithm>
#include <cstring>

namespace arbor::ui {

namespace {

constexpr int kLook_ms = 100, kRawLines = 12;

using Recorder = device::PressRecorder;

/// The name a recording has once it is no longer one that was left lying.
QString keptName(const QString& file) {
    return file.chopped(static_cast<int>(std::strlen(Recorder::kUnkept)));
}

} // namespace

LivePress::LivePress(device::LineClient& line, QObject* parent)
    : QObject(parent), m_line(line), m_timer(new QTimer(this)) {
    connect(&m_line, &device::LineClient::line, this, [this](const QString& text) {
        m_raw.append(text);
        if (m_raw.size() > kRawLines) m_raw.removeFirst();
        const auto before = m_recorder.samples();
        m_recorder.take(text);
        if (m_recorder.samples() != before) m_sinceSample.start(); // a line that says nothing is no sign of life
        m_fresh = true;
    });
    connect(&m_line, &device::LineClient::stateChanged, this, &LivePress::stateChanged);
    connect(&m_recorder, &device::PressRecorder::troubled, this, [this] {
        m_trouble = !m_recorder.writeTrouble().isEmpty()
                        ? tr("the disk takes nothing more (%1): what comes waits in memory, make room")
                              .arg(m_recorder.writeTrouble())
                    : m_recorder.lastBad().isEmpty()
                        ? tr("the instrument’s clock jumped %1 times").arg(m_recorder.clockJumps())
                        : tr("%1 lines could not be read, last “%2”")
                              .arg(m_recorder.badLines())
                              .arg(m_recorder.lastBad().left(40));
    });
    connect(m_timer, &QTimer::timeout, this, &LivePress::look);
    m_timer->start(kLook_ms);
}

void LivePress::open(JobSession* session) {
    m_recorder.stop();
    m_session = session;
    m_analysis = {};
    m_readTo_s = -1;
    lookForUnkept();
}

void LivePress::connectTo(const QString& address) {
    m_trouble.clear();
    m_raw.clear();
    m_line.connectTo(address);
}

QString LivePress::stateText() const {
    switch (state()) {
    case device::LineClient::State::Off:
        return tr("no instrument");
    case device::LineClient::State::Connecting:
        return tr("calling…");
    case device::LineClient::State::On:
        if (const auto silent = staleFor_s())
            return tr("connected, but silent for %1 s").arg(q(words::decimals(*silent, 1)));
        return m_trouble.isEmpty() ? tr("connected") : tr("connected; ") + m_trouble;
    case device::LineClient::State::Failed:
        return m_line.reason();
    }
    return {};
}

/// The recording lies beside the job from its first line on.
Result<void> LivePress::start() {
    const auto when = QString::fromStdString(m_session->now()).remove(':').remove('-');
    const auto folder = QFileInfo(QString::fromStdString(m_session->path())).dir();
    QString file;
    for (int n = 1; file.isEmpty() || QFileInfo::exists(file) || QFileInfo::exists(file + Recorder::kUnkept); ++n)
        file = folder.filePath(QStringLiteral("traces/%1-%2%3.csv")
                                   .arg(QString::fromStdString(m_session->job().id), when,
                                        n > 1 ? QStringLiteral("-%1").arg(n) : QString()));
    m_analysis = {};
    m_readTo_s = -1;
    m_step = m_session->step() ? std::optional(m_session->step()->step.id) : std::nullopt;
    return m_recorder.start(file);
}

Result<void> LivePress::keep() {
    if (auto kept = m_recorder.keep(); !kept) return kept;
    if (m_step) m_session->lookAt(*m_step); // it was recorded of that one, whatever was looked at meanwhile
    return m_session->attachTrace(m_recorder.path().toStdString());
}

const plan::PressPlan* LivePress::predicted() const {
    const auto* step = recording() && m_step ? m_session->plan().step(*m_step) : m_session->step();
    return step && step->press ? &*step->press : nullptr;
}

std::optional<double> LivePress::gone() const {
    const auto* press = predicted();
    const auto* inHand = m_session->step();
    if (!recording() || !press || !m_step || !inHand || inHand->step.id != *m_step || trace().empty())
        return std::nullopt;
    return std::clamp(trace().back().travel_mm / press->expected.homeTravel_mm, 0.0, 1.0);
}

void LivePress::lookForUnkept() {
    m_unkept.clear();
    const auto folder = QFileInfo(QString::fromStdString(m_session->path())).dir();
    const auto pattern = QString::fromStdString(m_session->job().id) + "-*.csv" + Recorder::kUnkept;
    const auto files = QDir(folder.filePath("traces")).entryInfoList({pattern}, QDir::Files, QDir::Name);
    for (const auto& file : files)
        m_unkept << file.filePath();
}

Result<void> LivePress::takeOver(const QString& file) {
    if (auto ok = setAside(file); !ok) return ok;
    return m_session->attachTrace(keptName(file).toStdString());
}

Result<void> LivePress::setAside(const QString& file) {
    QFile part(file);
    if (!part.rename(keptName(file)))
        return refuseAs(ProblemCode::Unwritable, file.toStdString(), part.errorString().toStdString());
    lookForUnkept();
    return {};
}

std::optional<double> LivePress::staleFor_s() const {
    constexpr double kMsPerS = 1000;
    if (!connected() || !last() || !m_sinceSample.isValid()) return std::nullopt;
    const double age = static_cast<double>(m_sinceSample.elapsed()) / kMsPerS;
    return age > trace::kGap_s ? std::optional(age) : std::nullopt;
}

void LivePress::look() {
    if (!m_session) return;
    if (!m_fresh) {
        if (staleFor_s()) {
            emit refreshed();
            emit stateChanged();
        }
        return;
    }
    m_fresh = false;
    const bool stopped = m_analysis.stop();
    // A standstill adds next to nothing: what was read of it holds.
    const auto* press = predicted();
    if (recording() && press && !trace().empty() && trace().back().t_s != m_readTo_s) {
        m_readTo_s = trace().back().t_s;
        trace::AnalysisInput in;
        in.ongoing = true;
        in.removal = press->out;
        m_analysis = trace::analyse(trace(), press->expected, in);
    }
    emit refreshed();
    if (!stopped && m_analysis.stop()) emit stopCertain();
}

} // namespace arbor::ui
