#include "app/program_log.h"

#include "app/crash_report.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QLoggingCategory>
#include <QMutex>
#include <cstdio>

namespace arbor::app {

namespace {

constexpr qint64 kLongest_bytes = 1 << 20;
constexpr const char* kActions = "arbor.action"; // a crash report names the last of them

struct Log {
    QMutex mutex;
    QFile file;
    bool verbose = false;
};
Log& log() {
    static Log one;
    return one;
}

const char* levelOf(QtMsgType type) {
    switch (type) {
    case QtDebugMsg:
        return "debug";
    case QtInfoMsg:
        return "info";
    case QtWarningMsg:
        return "warning";
    case QtCriticalMsg:
        return "critical";
    case QtFatalMsg:
        return "fatal";
    }
    return "";
}

void take(QtMsgType type, const QMessageLogContext& context, const QString& text) {
    const auto line = QStringLiteral("%1 %2 %3: %4\n")
                          .arg(QDateTime::currentDateTime().toString(Qt::ISODateWithMs), levelOf(type),
                               context.category ? context.category : "default", text)
                          .toUtf8();
    if (context.category && qstrcmp(context.category, kActions) == 0) noteAction(line);
    auto& to = log();
    const QMutexLocker lock(&to.mutex);
    to.file.write(line);
    to.file.flush();
    const bool told = to.verbose || (type != QtDebugMsg && type != QtInfoMsg);
    if (told) std::fwrite(line.constData(), 1, static_cast<std::size_t>(line.size()), stderr);
}

} // namespace

QString stateFolder() {
    const auto state = qEnvironmentVariable("XDG_STATE_HOME");
    return (state.isEmpty() ? QDir::homePath() + "/.local/state" : state) + "/brisk-arbor";
}

void keepLogIn(const QString& folder, bool verbose) {
    QLoggingCategory::setFilterRules(verbose ? "arbor.*=true" : "arbor.*.info=true");
    auto& to = log();
    to.verbose = verbose;
    const auto name = folder + "/brisk-arbor.log";
    QDir().mkpath(folder);
    if (QFileInfo(name).size() > kLongest_bytes) {
        QFile::remove(name + ".1");
        QFile::rename(name, name + ".1");
    }
    to.file.setFileName(name);
    // A log that cannot be written must not keep anybody from working.
    if (to.file.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Text))
        to.file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    qInstallMessageHandler(take);
}

} // namespace arbor::app
