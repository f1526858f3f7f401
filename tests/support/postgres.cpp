#include "support/postgres.h"

#include <QDir>
#include <QProcess>
#include <QTcpServer>
#include <unistd.h>

namespace arbor::testing {

namespace {

constexpr int kLongest_ms = 60'000;

/// The newest of those installed.
QString binFolder() {
    const QDir versions("/usr/lib/postgresql");
    const auto all = versions.entryList(QDir::Dirs | QDir::NoDotAndDotDot, QDir::Name);
    return all.isEmpty() ? QString() : versions.filePath(all.back() + "/bin");
}

int freePort() {
    QTcpServer probe;
    probe.listen(QHostAddress::LocalHost);
    return probe.serverPort();
}

} // namespace

PostgresServer::PostgresServer() : m_port(freePort()) {
    if (geteuid() == 0) QProcess::execute("chown", {"postgres", m_folder.path()});
}

PostgresServer::~PostgresServer() {
    stop();
}

bool PostgresServer::run(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.setStandardOutputFile(m_folder.path() + "/../" + QDir(m_folder.path()).dirName() + ".log");
    process.setWorkingDirectory("/tmp");
    QStringList all{binFolder() + "/" + program};
    if (geteuid() == 0) all = QStringList{"runuser", "-u", "postgres", "--"} + all;
    all += arguments;
    process.start(all.front(), all.mid(1));
    const bool done = process.waitForFinished(kLongest_ms) && process.exitCode() == 0;
    if (!done) m_trouble = all.join(' ') + ": " + process.errorString();
    return done;
}

bool PostgresServer::start() {
    const auto data = m_folder.filePath("data");
    if (!m_made) m_made = run("initdb", {"-D", data, "-A", "trust", "-U", "postgres", "-N"});
    return m_made &&
           run("pg_ctl",
               {"-D", data, "-w", "-l", m_folder.filePath("server.log"), "-o",
                QStringLiteral("-p %1 -k %2 -c listen_addresses=127.0.0.1").arg(m_port).arg(m_folder.path()), "start"});
}

bool PostgresServer::stop() {
    return m_made && run("pg_ctl", {"-D", m_folder.filePath("data"), "-w", "-m", "immediate", "stop"});
}

bool PostgresServer::createDatabase(const QString& name) {
    return run("createdb", {"-h", "127.0.0.1", "-p", QString::number(m_port), "-U", "postgres", name});
}

QString PostgresServer::connection(const QString& database) const {
    return QStringLiteral("postgresql://postgres@127.0.0.1:%1/%2").arg(m_port).arg(database);
}

} // namespace arbor::testing
