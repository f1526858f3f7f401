#include "log/damage.h"

#include <QDateTime>
#include <QFile>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>

namespace arbor::log {

namespace {

constexpr int kCorrupt = 11, kNoDatabase = 26, kPrimary = 0xff; // of SQLite, in the low byte of what may say more

bool saysDamage(const QSqlError& error) {
    const int code = error.nativeErrorCode().toInt() & kPrimary;
    return code == kCorrupt || code == kNoDatabase;
}

bool holdsTogether(QSqlDatabase db) {
    if (!db.open()) return !saysDamage(db.lastError());
    QSqlQuery query(db);
    if (!query.exec("PRAGMA quick_check(1)") || !query.next()) return !saysDamage(query.lastError());
    return query.value(0).toString() == "ok";
}

} // namespace

bool isDamaged(const QString& file) {
    QFile raw(file);
    if (!QFileInfo(file).isFile() || !raw.open(QIODevice::ReadOnly)) return false;
    // Somebody's letter under --logbook is not a torn logbook.
    const auto head = raw.read(16);
    if (!head.isEmpty() && !head.startsWith("SQLite format 3") && !file.endsWith(".sqlite")) return false;
    if (head.isEmpty()) return true;
    raw.close();
    const auto name = QUuid::createUuid().toString();
    bool good = true;
    {
        auto db = QSqlDatabase::addDatabase("QSQLITE", name);
        db.setDatabaseName(file);
        db.setConnectOptions("QSQLITE_BUSY_TIMEOUT=3000");
        good = holdsTogether(db);
        db.close();
    }
    QSqlDatabase::removeDatabase(name);
    return !good;
}

Result<QString> setAside(const QString& file) {
    const auto base = file + ".damaged-" + QDateTime::currentDateTime().toString("yyyyMMdd-HHmmss");
    auto aside = base;
    for (int n = 2; QFileInfo::exists(aside); ++n)
        aside = QStringLiteral("%1-%2").arg(base).arg(n);
    if (!QFile::rename(file, aside))
        return refuse(ProblemCode::Unwritable, "logbook", aside.toStdString(), wanted("a folder that can be written"));
    for (const auto* with : {"-wal", "-shm"})
        QFile::rename(file + with, aside + with);
    return aside;
}

} // namespace arbor::log
