#include "log/logbook.h"

#include "log/deadline.h"
#include "log/entry_fields.h"
#include "log/entry_json.h"
#include "log/schema.h"

#include <QDate>
#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlDriver>
#include <QSqlError>
#include <QSqlQuery>
#include <QThread>
#include <QUrl>
#include <QUrlQuery>
#include <QUuid>
#include <QVariant>
#include <libpq-fe.h>

namespace arbor::log {

namespace {

constexpr const char* kSqlite = "sqlite:";
constexpr int kBusy_ms = kDeadline.count(); // another bench is writing

/// So SQLite begins with its index of words.
constexpr const char* kWithWords = "press_text JOIN press ON press.rowid = press_text.rowid";

/// The columns in the order of the insert and of what is read back.
const QStringList& columns() {
    static const QStringList all = [] {
        QStringList out;
        const auto add = [&](const FieldName& name, const auto&) { out << name.column; };
        const Entry entry;
        eachField(entry, add, add);
        return out;
    }();
    return all;
}

QString q(const std::string& text) {
    return QString::fromStdString(text);
}

Entry entryIn(const QSqlQuery& row) {
    Entry e;
    int column = 0;
    eachField(
        e, [&](const FieldName&, std::string& text) { text = row.value(column++).toString().toStdString(); },
        [&](const FieldName&, std::optional<double>& number) {
            const auto value = row.value(column++);
            if (!value.isNull()) number = value.toDouble();
        });
    return e;
}

/// The force it took against what was expected; nothing where one of them is not known.
std::optional<double> forceRatio(const Entry& e) {
    if (!(e.peak_N.value_or(0) > 0) || !(e.expected_N.value_or(0) > 0)) return std::nullopt;
    return *e.peak_N / *e.expected_N;
}

/// What a free search looks through.
QString wordsOf(const Entry& e) {
    QStringList all;
    for (const auto& text : {e.jobId, e.title, e.position, e.customer, e.bearing, e.family, e.bore, e.who, e.notes,
                             e.tools, e.verdict, e.pressVerdict, e.seatMaterial})
        all << q(text);
    return all.join(' ');
}

/// Letters and digits only: what is typed is never taken for the search language of a database.
QStringList plainWords(const std::string& typed) {
    QStringList out;
    QString word;
    for (const QChar c : q(typed) + " ") {
        if (c.isLetterOrNumber()) {
            word += c.toLower();
        } else if (!word.isEmpty()) {
            out << word;
            word.clear();
        }
    }
    return out;
}

/// Beginnings of what is looked for, and a tool's number whole, in the language of the database.
QString textQuery(const Query& wanted, bool server) {
    QStringList out;
    for (const auto& word : plainWords(wanted.text))
        out << (server ? "'" + word + "':*" : "\"" + word + "\"*");
    for (const auto& word : plainWords(wanted.tool))
        out << (server ? "'" + word + "'" : "\"" + word + "\"");
    return out.join(server ? " & " : " ");
}

/// For LIKE: what is typed stands for itself.
QString literally(const std::string& text) {
    return q(text).replace('\\', "\\\\").replace('%', "\\%").replace('_', "\\_");
}

QDate dayOf(const std::string& text) {
    return QDate::fromString(q(text), Qt::ISODate);
}

/// A row of shape, count, mean, least, most.
Statistics::Spread spreadIn(const QSqlQuery& row) {
    return {row.value(0).toString().toStdString(),
            row.value(1).toInt(),
            {row.value(3).toDouble(), row.value(2).toDouble(), row.value(4).toDouble()}};
}

/// Both spellings that PostgreSQL's own programs take.
bool isServer(const QString& connection) {
    return connection.startsWith("postgresql://") || connection.startsWith("postgres://");
}

void point(QSqlDatabase& db, const QString& connection) {
    if (!isServer(connection)) {
        db.setDatabaseName(Logbook::fileOf(connection));
        db.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=%1").arg(kBusy_ms));
        return;
    }
    const QUrl url(connection);
    db.setHostName(url.host());
    db.setPort(url.port(5432));
    db.setUserName(url.userName());
    db.setDatabaseName(url.path().mid(1)); // its password comes from PGPASSWORD or ~/.pgpass, which the driver reads
    QStringList options{QStringLiteral("connect_timeout=%1").arg(kDeadline / std::chrono::seconds(1))};
    const QUrlQuery asked(url);
    for (const auto* key : {"sslmode", "sslrootcert", "sslcert", "sslkey"})
        if (asked.hasQueryItem(key))
            options << QStringLiteral("%1=%2").arg(key, asked.queryItemValue(key, QUrl::FullyDecoded));
    db.setConnectOptions(options.join(';'));
}

} // namespace

/// A statement that ends by the connection's deadline, what the driver asks of the server before and after it included.
class Logbook::Statement : Deadline::Call, public QSqlQuery {
public:
    explicit Statement(const Logbook& book)
        : Call(book.m_deadline.get()), QSqlQuery(QSqlDatabase::database(book.m_name, false)) {}
};

Logbook::Logbook(const QString& name, bool server) : m_name(name), m_server(server) {}

QString Logbook::fileOf(const QString& connection) {
    return connection.startsWith(kSqlite) ? connection.mid(static_cast<int>(std::char_traits<char>::length(kSqlite)))
                                          : QString();
}

tl::unexpected<Problem> Logbook::failed(ProblemCode code, const QSqlError& error) const {
    if (m_deadline && m_deadline->isOver()) return refuse(code, "logbook", {}, wanted("an answer within 3 s"));
    const auto said = error.databaseText().isEmpty() ? error.driverText() : error.databaseText();
    return refuseAs(code, "logbook", said.trimmed().toStdString());
}

/// From now on none of its calls hangs.
void Logbook::watch() {
    const auto handle = QSqlDatabase::database(m_name, false).driver()->handle();
    if (!m_server || !QByteArray(handle.typeName()).endsWith("conn*")) return; // as the driver says PGconn*
    if (auto* connection = *static_cast<PGconn* const*>(handle.constData()))
        m_deadline = std::make_unique<Deadline>(PQsocket(connection));
}

Logbook::~Logbook() {
    m_deadline.reset(); // it must not shut a socket that is another's by then
    QSqlDatabase::database(m_name, false).close();
    QSqlDatabase::removeDatabase(m_name);
}

Result<void> Logbook::understands(const QString& connection) {
    const QUrl url(connection);
    if (!url.password().isEmpty()) // everybody on this machine sees it in the list of its programs
        return refuse(ProblemCode::Malformed, "logbook", url.toString(QUrl::RemovePassword).toStdString(),
                      wanted("no password in it: PGPASSWORD or ~/.pgpass"));
    const bool server = isServer(connection) && url.isValid() && !url.host().isEmpty() && url.path().size() >= 2;
    if (server || !Logbook::fileOf(connection).isEmpty()) return {};
    return refuse(ProblemCode::Malformed, "logbook", connection.toStdString(),
                  wanted("sqlite:/path/to/file or postgresql://user@host:port/database"));
}

Result<std::unique_ptr<Logbook>> Logbook::open(const QString& connection) {
    if (auto ok = understands(connection); !ok) return tl::unexpected(ok.error());
    const bool server = isServer(connection);
    const auto name = QUuid::createUuid().toString();
    std::unique_ptr<Logbook> book(new Logbook(name, server));
    {
        auto db = QSqlDatabase::addDatabase(server ? "QPSQL" : "QSQLITE", name);
        point(db, connection);
        if (!db.open()) return book->failed(ProblemCode::Unreadable, db.lastError());
    }
    book->watch();
    if (server) // one that is slow is left, and the press waits
        if (auto ok = book->run("SET statement_timeout = 3000"); !ok) return tl::unexpected(ok.error());
    if (auto ok = book->migrate(); !ok) return tl::unexpected(ok.error());
    return book;
}

Result<void> Logbook::run(const char* statement) {
    Statement query(*this);
    if (!query.exec(statement)) return failed(ProblemCode::Unwritable, query.lastError());
    return {};
}

Result<std::size_t> Logbook::version() const {
    Statement query(*this);
    if (!query.exec("SELECT max(version) FROM log_version")) return failed(ProblemCode::Unreadable, query.lastError());
    return query.next() ? static_cast<std::size_t>(query.value(0).toInt()) : 0;
}

/// From the version that is there to the one of this program. The transaction around it is the caller's.
Result<void> Logbook::bringUpToDate() {
    if (m_server)
        if (auto ok = run("SELECT pg_advisory_xact_lock(20261126)"); !ok) return ok;
    if (auto ok = run("CREATE TABLE IF NOT EXISTS log_version (version INTEGER NOT NULL)"); !ok) return ok;
    const auto there = version();
    if (!there) return tl::unexpected(there.error());
    const auto& all = migrations();
    if (*there > all.size())
        return refuse(ProblemCode::OutOfRange, "logbook", std::to_string(*there),
                      wanted("version {1} or older", std::to_string(all.size())));
    for (auto v = *there; v < all.size(); ++v)
        for (const char* statement : m_server ? all[v].postgres : all[v].sqlite)
            if (auto ok = run(statement); !ok) return ok;
    if (auto ok = run("DELETE FROM log_version"); !ok) return ok;
    return run(("INSERT INTO log_version VALUES (" + std::to_string(all.size()) + ")").c_str());
}

/// SQLite lets nobody wait for this one: while another bench makes the same file it is refused at once, and asked
/// again.
Result<void> Logbook::writeAhead() {
    constexpr int kLocked = 5, kLowByte = 0xff; // SQLITE_BUSY, in the low byte of what may say more
    constexpr unsigned long kAgain_ms = 20;
    Statement query(*this);
    QElapsedTimer waited;
    waited.start();
    while (!query.exec("PRAGMA journal_mode=WAL")) {
        const bool locked = (query.lastError().nativeErrorCode().toInt() & kLowByte) == kLocked;
        if (!locked || waited.elapsed() > kBusy_ms) return failed(ProblemCode::Unwritable, query.lastError());
        QThread::msleep(kAgain_ms);
    }
    return run("PRAGMA synchronous=FULL");
}

/// All or nothing; two benches that come at once take turns.
Result<void> Logbook::migrate() {
    if (!m_server)
        if (auto ok = writeAhead(); !ok) return ok;
    // One that is up to date is only looked at: a bench has no right to make tables.
    if (const auto there = version(); there && *there == migrations().size()) return {};
    return inTransaction([this] { return bringUpToDate(); });
}

Result<void> Logbook::inTransaction(const std::function<Result<void>()>& work) {
    if (auto ok = run(m_server ? "BEGIN" : "BEGIN IMMEDIATE"); !ok) return ok;
    if (auto ok = work(); !ok) {
        static_cast<void>(run("ROLLBACK"));
        return ok;
    }
    return run("COMMIT");
}

Result<void> Logbook::insert(const Entry& entry) {
    Statement query(*this);
    QStringList marks;
    marks.fill("?", columns().size());
    query.prepare(QStringLiteral("INSERT INTO press (%1, force_ratio) VALUES (%2, ?) ON CONFLICT (id) DO NOTHING")
                      .arg(columns().join(", "), marks.join(", ")));
    const auto bind = [&](const std::optional<double>& number) {
        query.addBindValue(number ? QVariant(*number) : QVariant(QMetaType(QMetaType::Double)));
    };
    eachField(
        entry, [&](const FieldName&, const std::string& text) { query.addBindValue(q(text)); },
        [&](const FieldName&, const std::optional<double>& number) { bind(number); });
    bind(forceRatio(entry));
    if (!query.exec()) return failed(ProblemCode::Unwritable, query.lastError());
    if (query.numRowsAffected() != 1) return {}; // it was there
    Statement document(*this);
    document.prepare("INSERT INTO press_document (id, document) VALUES (?, ?)");
    document.addBindValue(q(entry.id));
    document.addBindValue(q(entry.document));
    if (!document.exec()) return failed(ProblemCode::Unwritable, document.lastError());
    Statement words(*this);
    words.prepare(m_server ? "INSERT INTO press_text (id, words) VALUES (?, to_tsvector('simple', ?))"
                           : "INSERT INTO press_text (rowid, words) SELECT rowid, ? FROM press WHERE id = ?");
    const auto text = wordsOf(entry);
    if (m_server) {
        words.addBindValue(q(entry.id));
        words.addBindValue(text);
    } else {
        words.addBindValue(text);
        words.addBindValue(q(entry.id));
    }
    if (!words.exec()) return failed(ProblemCode::Unwritable, words.lastError());
    return {};
}

Result<void> Logbook::write(const Entry& entry) {
    return write(std::vector<Entry>{entry});
}

Result<void> Logbook::write(const std::vector<Entry>& entries) {
    return inTransaction([&]() -> Result<void> {
        for (const auto& entry : entries)
            if (auto ok = insert(entry); !ok) return ok;
        return {};
    });
}

Result<void> Logbook::remove(const std::string& id) {
    for (const char* statement :
         {m_server ? "DELETE FROM press_text WHERE id = ?"
                   : "DELETE FROM press_text WHERE rowid = (SELECT rowid FROM press WHERE id = ?)",
          "DELETE FROM press_document WHERE id = ?", "DELETE FROM press WHERE id = ?"}) {
        Statement query(*this);
        query.prepare(statement);
        query.addBindValue(q(id));
        if (!query.exec()) return failed(ProblemCode::Unwritable, query.lastError());
    }
    return {};
}

Result<void> Logbook::correct(const Entry& entry) {
    return inTransaction([&]() -> Result<void> {
        if (auto ok = remove(entry.id); !ok) return ok;
        return insert(entry);
    });
}

Result<std::vector<Entry>> Logbook::find(const Query& filter) const {
    QStringList where;
    std::vector<QVariant> values;
    const auto ask = [&](const QString& condition, const QString& value) {
        where << condition;
        values.emplace_back(value);
    };
    if (const auto text = textQuery(filter, m_server); !text.isEmpty())
        ask(m_server ? "id IN (SELECT id FROM press_text WHERE words @@ to_tsquery('simple', ?))"
                     : "press_text MATCH ?",
            text);
    if (!filter.bearing.empty()) ask("bearing = ?", q(filter.bearing));
    if (!filter.step.empty()) ask("step = ?", q(filter.step));
    if (!filter.tool.empty()) ask("(' ' || tools || ' ') LIKE ? ESCAPE '\\'", "% " + literally(filter.tool) + " %");
    if (!filter.verdict.empty()) {
        where << "(verdict = ? OR press_verdict = ?)";
        values.insert(values.end(), 2, q(filter.verdict));
    }
    for (const auto& [name, day] : {std::pair{"from", filter.from}, {"to", filter.to}})
        if (!day.empty() && !dayOf(day).isValid())
            return refuse(ProblemCode::Malformed, name, day, wanted("a date: 2026-01-31"));
    if (!filter.from.empty()) ask("done_at >= ?", dayOf(filter.from).toString(Qt::ISODate));
    if (!filter.to.empty()) ask("done_at < ?", dayOf(filter.to).addDays(1).toString(Qt::ISODate));
    Statement query(*this);
    query.setForwardOnly(true);
    const bool joined = !m_server && !textQuery(filter, false).isEmpty();
    query.prepare(QStringLiteral("SELECT %1 FROM %2%3 ORDER BY done_at DESC, id LIMIT %4")
                      .arg(columns().join(", "), joined ? kWithWords : "press",
                           where.isEmpty() ? QString() : " WHERE " + where.join(" AND "))
                      .arg(filter.most));
    for (const auto& value : values)
        query.addBindValue(value);
    if (!query.exec()) return failed(ProblemCode::Unreadable, query.lastError());
    std::vector<Entry> out;
    while (query.next())
        out.push_back(entryIn(query));
    return out;
}

Result<std::string> Logbook::document(const std::string& id) const {
    Statement query(*this);
    query.prepare("SELECT document FROM press_document WHERE id = ?");
    query.addBindValue(q(id));
    if (!query.exec()) return failed(ProblemCode::Unreadable, query.lastError());
    if (!query.next()) return refuse(ProblemCode::UnknownName, "logbook", id, wanted("a press of the logbook"));
    return query.value(0).toString().toStdString();
}

Result<std::string> Logbook::exported(Query query, Format format) const {
    query.most = kAll;
    auto found = find(query);
    if (!found) return tl::unexpected(found.error());
    if (format == Format::Csv) return toCsv(*found);
    nlohmann::ordered_json out{{"format", kExportFormat}, {"version", kExportVersion}};
    auto& all = out["presses"] = nlohmann::ordered_json::array();
    for (auto& entry : *found) {
        auto whole = document(entry.id);
        if (!whole) return tl::unexpected(whole.error());
        entry.document = std::move(*whole);
        all.push_back(toJson(entry));
    }
    return out.dump(2, ' ', false, nlohmann::ordered_json::error_handler_t::replace) + "\n";
}

Result<Statistics> Logbook::statistics() const {
    Statistics out;
    const auto each = [&](const char* statement, auto use) -> Result<void> {
        Statement query(*this);
        query.setForwardOnly(true);
        if (!query.exec(statement)) return failed(ProblemCode::Unreadable, query.lastError());
        while (query.next())
            use(query);
        return {};
    };
    auto ok = each("SELECT shape, count(*), avg(force_ratio), min(force_ratio), max(force_ratio) "
                   "FROM press WHERE force_ratio IS NOT NULL GROUP BY shape ORDER BY shape",
                   [&](const QSqlQuery& row) { out.force.push_back(spreadIn(row)); });
    if (ok)
        // Those that went wrong first: they are few. Only the worst are then counted whole.
        ok = each("SELECT title, position, "
                  "(SELECT count(*) FROM press AS p WHERE p.title = b.title AND p.position = b.position), bad "
                  "FROM (SELECT title, position, count(*) AS bad FROM press WHERE verdict <> 'home_and_square' AND "
                  "verdict <> 'out' "
                  "GROUP BY title, position HAVING count(*) > 1 ORDER BY bad DESC, title, position LIMIT 20) AS b "
                  "ORDER BY bad DESC, title, position",
                  [&](const QSqlQuery& row) {
                      out.repeats.push_back({row.value(0).toString().toStdString(),
                                             row.value(1).toString().toStdString(), row.value(2).toInt(),
                                             row.value(3).toInt()});
                  });
    if (ok)
        ok = each("SELECT shape, count(*), avg(minutes), min(minutes), max(minutes) FROM press WHERE minutes > 0 "
                  "GROUP BY shape ORDER BY shape",
                  [&](const QSqlQuery& row) { out.minutes.push_back(spreadIn(row)); });
    if (!ok) return tl::unexpected(ok.error());
    return out;
}

Result<std::size_t> Logbook::size() const {
    Statement query(*this);
    if (!query.exec("SELECT count(*) FROM press") || !query.next())
        return failed(ProblemCode::Unreadable, query.lastError());
    return static_cast<std::size_t>(query.value(0).toULongLong());
}

} // namespace arbor::log
