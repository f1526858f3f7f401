#include "log/copy.h"

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>

namespace arbor::log {

Result<void> copyDatabase(const QString& from, const QString& to) {
    const auto name = QUuid::createUuid().toString();
    QSqlError error;
    {
        auto db = QSqlDatabase::addDatabase("QSQLITE", name);
        db.setDatabaseName(from);
        db.setConnectOptions("QSQLITE_BUSY_TIMEOUT=3000");
        if (db.open()) {
            QSqlQuery query(db);
            query.prepare("VACUUM INTO ?");
            query.addBindValue(to);
            query.exec();
            error = query.lastError();
        } else {
            error = db.lastError();
        }
    }
    QSqlDatabase::removeDatabase(name);
    if (!error.isValid()) return {};
    return refuseAs(ProblemCode::Unreadable, from.toStdString(), error.databaseText().trimmed().toStdString());
}

} // namespace arbor::log
