#include "ui/instruments/stand_in.h"

#include "ui/session/job_session.h"
#include "ui/text.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QProcess>
#include <QStandardPaths>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr const char* kProgram = "brisk-arbor-sim";
constexpr int kEndPatience_ms = 2000; // of one that is asked to end

/// Beside this program where both are installed; in its own room of a build.
QString programPath() {
    const auto here = QCoreApplication::applicationDirPath();
    for (const auto* place : {"/", "/../sim/", "/../src/sim/"})
        if (const QFileInfo file(here + place + kProgram); file.isExecutable()) return file.absoluteFilePath();
    return QStandardPaths::findExecutable(kProgram);
}

QString number(double value) {
    return QString::number(value, 'g', 12);
}

QStringList ofPress(const JobSession& session, const QString& fault) {
    const auto* seat = session.plan().seat();
    const auto* step = session.step();
    if (!seat || !seat->input || !seat->fit || !step || !step->press) return {};
    constexpr double kEndless_mm = 1e5; // a solid wall
    const auto& in = *seat->input;
    const double outside_mm = in.outer.otherDia_mm > 0 ? in.outer.otherDia_mm : kEndless_mm;
    const auto& expected = step->press->expected;
    QStringList out{"--dia",          number(in.dia_mm),
                    "--ring-bore",    number(in.inner.otherDia_mm),
                    "--outside",      number(outside_mm),
                    "--body-E",       number(in.outer.material.E_MPa),
                    "--interference", number(std::max(0.001, seat->fit->effectiveAtWork_mm.likely)),
                    "--friction",     number(in.friction.mid()),
                    "--length",       number(in.engagedLength_mm),
                    "--travel",       number(std::max(1.0, expected.homeTravel_mm)),
                    "--hold",         number(std::max(1.0, expected.hold_N.likely))};
    if (!fault.isEmpty()) out << "--fault" << fault;
    return out;
}

QStringList ofBoreGauge(const JobSession& session) {
    const auto* seat = session.plan().seat();
    if (!seat) return {};
    const auto& limits = seat->hole.size_mm;
    const double dia_mm = seat->dia_mm + (limits ? limits->mid() : 0);
    return {"--dia", number(dia_mm), "--length", number(std::max(2.0, seat->length_mm)), "--oval", "3", "--taper", "2"};
}

QStringList ofIndicator(const JobSession& session) {
    const auto* step = session.step();
    const double home_mm = step && step->ring ? step->ring->input.homeDepth_mm : 0;
    return {"--zero", number(home_mm), "--rise", "8"};
}

QStringList ofThermometer(const JobSession& session) {
    const auto* heat = session.plan().heat();
    if (!heat) return {};
    return {"--start", number(heat->outer.temp_C), "--room", number(heat->room_C), "--every", "500"};
}

} // namespace

std::vector<StandInFault> standInFaults() {
    return {{"none", QObject::tr("nothing wrong")},
            {"cocked", QObject::tr("cocked start")},
            {"dry", QObject::tr("seat dry")},
            {"tight", QObject::tr("bore too tight")},
            {"loose", QObject::tr("bore too loose")},
            {"galling", QObject::tr("galling")},
            {"chip", QObject::tr("chip under the ring")},
            {"wrong-ring", QObject::tr("sleeve on the other ring")},
            {"support", QObject::tr("support slips")},
            {"grips", QObject::tr("warm bore grips early")},
            {"no-shoulder", QObject::tr("no shoulder")}};
}

QStringList standInArguments(Instrument which, const JobSession* session, const QString& fault) {
    switch (which) {
    case Instrument::Press:
        return QStringList("press") + (session ? ofPress(*session, fault) : QStringList());
    case Instrument::BoreGauge:
        return QStringList("gauge") + (session ? ofBoreGauge(*session) : QStringList());
    case Instrument::Indicator:
        return QStringList("indicator") + (session ? ofIndicator(*session) : QStringList());
    case Instrument::Thermometer:
        return QStringList("thermometer") + (session ? ofThermometer(*session) : QStringList());
    }
    return {};
}

StandIns::StandIns(Instruments& instruments, QObject* parent) : QObject(parent), m_instruments(instruments) {}

StandIns::~StandIns() {
    for (auto& [which, process] : m_running) {
        process->disconnect(this);
        process->kill();
        process->waitForFinished(kEndPatience_ms);
    }
}

void StandIns::start(Instrument which, const JobSession* session, const QString& fault) {
    stop(which);
    auto process = std::make_unique<QProcess>();
    auto* made = process.get();
    connect(made, &QProcess::readyReadStandardOutput, this, [this, which] { hear(which); });
    connect(made, &QProcess::errorOccurred, this, [this, made](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart)
            emit trouble(tr("The stand-in could not be started: %1").arg(made->errorString()));
        emit changed();
    });
    connect(made, &QProcess::finished, this, [this, made] {
        const auto said = QString::fromUtf8(made->readAllStandardError()).trimmed();
        if (made->exitCode() != 0 && !said.isEmpty()) emit trouble(said);
        emit changed();
    });
    m_running[which] = std::move(process);
    const auto program = programPath();
    made->start(program.isEmpty() ? QString(kProgram) : program, standInArguments(which, session, fault));
    emit changed();
}

/// It says where it is on its first line.
void StandIns::hear(Instrument which) {
    auto& process = *m_running.at(which);
    if (!process.canReadLine()) return;
    m_instruments.line(which).connectTo(QString::fromUtf8(process.readLine()).trimmed());
    emit changed();
}

void StandIns::stop(Instrument which) {
    const auto at = m_running.find(which);
    if (at == m_running.end()) return;
    m_instruments.line(which).connectTo({});
    auto process = std::move(at->second);
    m_running.erase(at);
    process->disconnect(this);
    process->terminate();
    if (!process->waitForFinished(kEndPatience_ms)) process->kill();
    emit changed();
}

bool StandIns::isRunning(Instrument which) const {
    const auto at = m_running.find(which);
    return at != m_running.end() && at->second->state() != QProcess::NotRunning;
}

void StandIns::act(Instrument which) {
    if (isRunning(which)) m_running.at(which)->write("\n");
}

} // namespace arbor::ui
