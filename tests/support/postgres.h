#pragma once

#include <QString>
#include <QTemporaryDir>

namespace arbor::testing {

/// A PostgreSQL server of the test's own, from Debian's package, in a folder that goes with it. Started as the user
/// "postgres" where the test runs as root, since the server refuses to.
class PostgresServer {
public:
    PostgresServer();
    ~PostgresServer();

    bool start();
    bool stop(); ///< at once, as if somebody had pulled the plug
    /// For Logbook::open.
    QString connection(const QString& database = "postgres") const;
    bool createDatabase(const QString& name);
    QString trouble() const { return m_trouble; }

private:
    bool run(const QString& program, const QStringList& arguments);

    QTemporaryDir m_folder;
    int m_port = 0;
    bool m_made = false;
    QString m_trouble;
};

} // namespace arbor::testing
