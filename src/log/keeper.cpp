#include "log/keeper.h"

#include "log/damage.h"
#include "log/deadline.h"
#include "log/entry_json.h"

#include <QFileInfo>
#include <QLockFile>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>
#include <sys/stat.h>
#include <utility>

namespace arbor::log {

namespace {

tl::unexpected<Problem> failed(const QString& file, const QSqlError& error) {
    return refuseAs(ProblemCode::Unwritable, file.toStdString(), error.databaseText().trimmed().toStdString());
}

/// The file of what waits, open as long as this lives.
class Waiting {
public:
    explicit Waiting(const QString& file) : m_file(file), m_name(QUuid::createUuid().toString()) {}
    ~Waiting() {
        QSqlDatabase::database(m_name, false).close();
        QSqlDatabase::removeDatabase(m_name);
    }
    Waiting(const Waiting&) = delete;
    Waiting& operator=(const Waiting&) = delete;

    Result<void> open() {
        auto db = QSqlDatabase::addDatabase("QSQLITE", m_name);
        db.setDatabaseName(m_file);
        db.setConnectOptions("QSQLITE_BUSY_TIMEOUT=3000");
        if (!db.open()) return failed(m_file, db.lastError());
        for (const char* statement :
             {"PRAGMA journal_mode=WAL", "PRAGMA synchronous=FULL",
              "CREATE TABLE IF NOT EXISTS waiting (id TEXT PRIMARY KEY, entry TEXT NOT NULL, since INTEGER)"})
            if (QSqlQuery query(db); !query.exec(statement)) return failed(m_file, query.lastError());
        return {};
    }
    Result<void> add(const Entry& entry) {
        QSqlQuery query(QSqlDatabase::database(m_name, false));
        query.prepare(
            "INSERT INTO waiting (id, entry, since) VALUES (?, ?, (SELECT coalesce(max(since), 0) + 1 FROM waiting)) "
            "ON CONFLICT (id) DO UPDATE SET entry = excluded.entry");
        query.addBindValue(QString::fromStdString(entry.id));
        query.addBindValue(QString::fromStdString(toJson(entry).dump()));
        return query.exec() ? Result<void>() : failed(m_file, query.lastError());
    }
    Result<std::vector<Entry>> all() {
        QSqlQuery query(QSqlDatabase::database(m_name, false));
        if (!query.exec("SELECT entry FROM waiting ORDER BY since")) return failed(m_file, query.lastError());
        std::vector<Entry> out;
        while (query.next()) {
            // One that cannot be read stays where it is, and holds up no other.
            auto entry = entryFromJson(nlohmann::json::parse(query.value(0).toString().toStdString(), nullptr, false));
            if (entry) out.push_back(std::move(*entry));
        }
        return out;
    }
    Result<std::size_t> count() {
        QSqlQuery query(QSqlDatabase::database(m_name, false));
        if (!query.exec("SELECT count(*) FROM waiting") || !query.next()) return failed(m_file, query.lastError());
        return static_cast<std::size_t>(query.value(0).toLongLong());
    }
    Result<void> remove(const std::string& id) {
        QSqlQuery query(QSqlDatabase::database(m_name, false));
        query.prepare("DELETE FROM waiting WHERE id = ?");
        query.addBindValue(QString::fromStdString(id));
        return query.exec() ? Result<void>() : failed(m_file, query.lastError());
    }

private:
    QString m_file;
    QString m_name;
};

/// Which file it is, whatever its name; 0: none.
quint64 fileNumber(const QString& file) {
    struct stat found {};
    return !file.isEmpty() && ::stat(QFile::encodeName(file).constData(), &found) == 0 ? found.st_ino : 0;
}

} // namespace

Keeper::Keeper(QString connection, QString waitingFile, OfTheJobs ofTheJobs)
    : m_connection(std::move(connection)), m_waitingFile(std::move(waitingFile)), m_ofTheJobs(std::move(ofTheJobs)) {}

Result<void> Keeper::store(const Entry& entry) {
    if (auto ok = mendWaiting(); !ok) return ok;
    const auto add = [&]() -> Result<void> {
        Waiting waiting(m_waitingFile);
        if (auto ok = waiting.open(); !ok) return ok;
        return waiting.add(entry);
    };
    // SQLite takes an interrupted call for a broken disk: what is asked again then is there.
    auto ok = add();
    return ok ? ok : add();
}

Result<void> Keeper::keep(const Entry& entry) {
    if (auto ok = store(entry); !ok) return ok;
    // A logbook that is not there now is no harm: the press waits.
    static_cast<void>(deliver());
    return {};
}

/// A press the logbook has already is put right there, so one that was taken but not crossed off is not there twice.
Result<std::size_t> Keeper::deliver() {
    if (!QFileInfo::exists(m_waitingFile)) return std::size_t{0}; // nothing ever waited: nothing is made
    if (auto ok = mendWaiting(); !ok) return tl::unexpected(ok.error());
    Waiting waiting(m_waitingFile);
    if (auto ok = waiting.open(); !ok) return tl::unexpected(ok.error());
    const auto all = waiting.all();
    if (!all) return tl::unexpected(all.error());
    if (all->empty()) return std::size_t{0};
    const auto book = this->book();
    if (!book) return tl::unexpected(book.error());
    std::size_t delivered = 0;
    for (const auto& entry : *all) {
        if (auto ok = (*book)->correct(entry); !ok) {
            hangUp();
            return tl::unexpected(ok.error());
        }
        if (auto ok = waiting.remove(entry.id); !ok) return tl::unexpected(ok.error());
        ++delivered;
    }
    return delivered;
}

Result<std::size_t> Keeper::waiting() {
    if (!QFileInfo::exists(m_waitingFile)) return std::size_t{0};
    Waiting waiting(m_waitingFile);
    if (auto ok = waiting.open(); !ok) return tl::unexpected(ok.error());
    return waiting.count();
}

Result<Logbook*> Keeper::book() {
    if (m_book && m_bookFile != fileNumber(Logbook::fileOf(m_connection))) hangUp();
    if (m_book) return m_book.get();
    if (auto ok = mendBook(); !ok) return tl::unexpected(ok.error());
    if (!m_book) {
        auto opened = Logbook::open(m_connection);
        if (!opened) return tl::unexpected(opened.error());
        m_book = std::move(*opened);
    }
    m_bookFile = fileNumber(Logbook::fileOf(m_connection));
    return m_book.get();
}

/// One window at a time: another one would take what is just being made for damaged.
Result<void> Keeper::mendBook() {
    const auto file = Logbook::fileOf(m_connection);
    if (!m_ofTheJobs || file.isEmpty() || !QFileInfo::exists(file)) return {};
    QLockFile lock(file + ".lock");
    lock.tryLock(kDeadline);
    if (!isDamaged(file)) return {};
    const auto aside = setAside(file);
    if (!aside) return tl::unexpected(aside.error());
    m_mended.push_back({file, *aside});
    return beginAnew();
}

Result<void> Keeper::beginAnew() {
    auto opened = Logbook::open(m_connection);
    if (!opened) return tl::unexpected(opened.error());
    const auto entries = m_ofTheJobs();
    if (auto ok = (*opened)->write(entries); !ok) return ok;
    m_mended.back().entries = entries.size();
    m_book = std::move(*opened);
    return {};
}

/// What waited in a torn file is in the jobs too, and goes to the logbook from there.
Result<void> Keeper::mendWaiting() {
    if (std::exchange(m_waitingSeen, true) || !m_ofTheJobs || !isDamaged(m_waitingFile)) return {};
    const auto aside = setAside(m_waitingFile);
    if (!aside) return tl::unexpected(aside.error());
    m_mended.push_back({m_waitingFile, *aside});
    const auto entries = m_ofTheJobs();
    m_mended.back().entries = entries.size();
    Waiting waiting(m_waitingFile);
    if (auto ok = waiting.open(); !ok) return ok;
    for (const auto& entry : entries)
        if (auto ok = waiting.add(entry); !ok) return ok;
    return {};
}

} // namespace arbor::log
