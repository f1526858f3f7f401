#include "ui/session/shop.h"

#include "io/shop_path.h"
#include "io/table_files.h"
#include "io/text_file.h"
#include "log/records.h"

#include <QFileInfo>
#include <QLockFile>
#include <QRegularExpression>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kPatience_ms = 2000; // another window is writing

/// Every press the jobs of a folder have on record, as the logbook has them.
std::vector<log::Entry> entriesIn(const std::string& folder, const tables::Tables& tables) {
    std::vector<log::Entry> out;
    for (const auto& path : io::jobFiles(folder)) {
        const auto text = io::readText(path);
        const auto document = text ? io::parseJob(*text) : tl::unexpected(text.error());
        if (!document) continue;
        for (auto& entry : log::entriesOf(document->job, tables, *text))
            out.push_back(std::move(entry));
    }
    return out;
}

} // namespace

Shop::Shop(QString logbook) : m_logbook(std::move(logbook)) {}

Result<void> Shop::open(const QString& folder) {
    auto read = io::readShop(folder.toStdString());
    if (!read) return tl::unexpected(read.error());
    m_unread = std::move(read->unread);
    m_skipped = std::move(read->skipped);
    m_folder = QDir(folder);
    m_tables = std::make_shared<const tables::Tables>(std::move(read->tables));
    openDesk();
    learn();
    m_jobs->read(m_folder.path());
    return {};
}

QString Shop::logbook() const {
    return m_logbook.isEmpty() ? "sqlite:" + m_folder.filePath("logbook.sqlite") : m_logbook;
}

/// The one before goes on with what was given to it, and answers nobody any more.
void Shop::openDesk() {
    if (m_desk) {
        m_desk->leave();
        m_desk->disconnect();
        m_left.push_back(std::move(m_desk));
    }
    std::erase_if(m_left, [](const auto& desk) { return !desk->isBusy(); });
    m_desk = std::make_unique<log::Desk>(
        logbook(), m_folder.filePath("logbook-waiting.sqlite"),
        [folder = m_folder.path().toStdString(), tables = m_tables] { return entriesIn(folder, *tables); });
    m_desk->deliver();
    m_told(*m_desk);
}

/// From the closed jobs, then from the logbook, beside the window: a shop may have thousands. A logbook that does not
/// answer, or knows no more, changes nothing, so that nothing is worked out anew for it.
void Shop::learn() {
    m_desk->ask(
        m_desk.get(), [folder = m_folder.path().toStdString()](log::Keeper&) { return io::closedRecords(folder); },
        [this](const std::vector<job::Record>& records) {
            if (!records.empty()) goOnWith(records);
            // Looking must not make a logbook.
            if (!m_logbook.isEmpty() || QFileInfo::exists(m_folder.filePath("logbook.sqlite"))) learnFromLog();
        });
}

void Shop::learnFromLog() {
    m_desk->ask(
        m_desk.get(),
        [records = m_tables->records](log::Keeper& keeper) {
            auto all = records;
            if (const auto book = keeper.book()) log::learnFrom(**book, all);
            return all;
        },
        [this](const std::vector<job::Record>& records) {
            if (records.size() > m_tables->records.size()) goOnWith(records);
        });
}

void Shop::goOnWith(const std::vector<job::Record>& records) {
    auto tables = std::make_shared<tables::Tables>(*m_tables);
    tables->records = records;
    m_tables = std::move(tables);
    m_learned();
}

const Problem* Shop::troubleOf(io::ShopList list) const {
    const auto file = m_folder.filePath(io::fileOf(list)).toStdString();
    const auto at =
        std::find_if(m_unread.begin(), m_unread.end(), [&](const Problem& problem) { return problem.file == file; });
    return at == m_unread.end() ? nullptr : &*at;
}

bool Shop::isWhole(io::ShopList list) const {
    return !troubleOf(list);
}

Result<catalog::MergedTools> Shop::saveTools(const std::vector<catalog::Tool>& tools) {
    if (const auto* trouble = troubleOf(io::ShopList::Rack)) return tl::unexpected(*trouble);
    const auto folder = m_folder.path().toStdString();
    QLockFile lock(m_folder.filePath("rack.csv.lock"));
    lock.tryLock(kPatience_ms);
    const auto onDisk = io::loadRack(folder);
    const auto& base = m_tables->rack.tools;
    auto merged = onDisk ? catalog::mergeTools(base, tools, onDisk->tools) : catalog::MergedTools{tools, {}};
    if (onDisk && onDisk->tools == base) merged.tools = tools; // nobody else: the order is ours
    auto tables = std::make_shared<tables::Tables>(*m_tables);
    tables->rack.tools = merged.tools;
    if (auto saved = io::saveList(folder, io::ShopList::Rack, *tables); !saved) return tl::unexpected(saved.error());
    m_tables = std::move(tables);
    return merged;
}

Result<void> Shop::change(io::ShopList list, const std::function<void(tables::Tables&)>& change) {
    if (const auto* trouble = troubleOf(list)) return tl::unexpected(*trouble);
    auto tables = std::make_shared<tables::Tables>(*m_tables);
    change(*tables);
    if (auto saved = io::saveList(m_folder.path().toStdString(), list, *tables); !saved) return saved;
    m_tables = std::move(tables);
    return {};
}

std::optional<Problem> Shop::whyNotNumber(const std::string& number) const {
    static const QRegularExpression name("^[\\w][\\w .-]{0,63}$", QRegularExpression::UseUnicodePropertiesOption);
    if (!name.match(QString::fromStdString(number)).hasMatch())
        return Problem{ProblemCode::Malformed, "number", number, wanted("letters, figures, blanks, points and dashes")};
    if (isOpen() && (m_jobs->hasNumber(number) || QFileInfo::exists(fileOf(number))))
        return Problem{ProblemCode::Duplicate, "number", number, wanted("a number that no other job has")};
    return std::nullopt;
}

QString Shop::fileOf(const std::string& number) const {
    return m_folder.filePath(QString::fromStdString(number) + ".arbor.json");
}

Result<QString> Shop::createJob(const io::JobDocument& document) {
    if (const auto why = whyNotNumber(document.job.id)) return tl::unexpected(*why);
    const auto file = fileOf(document.job.id);
    if (auto saved = io::saveJob(file.toStdString(), document); !saved) return tl::unexpected(saved.error());
    m_jobs->added(file);
    return file;
}

Result<QString> Shop::addJob(io::JobDocument document, const QString& likeId) {
    QString name, file;
    for (int number = 1; file.isEmpty() || QFileInfo::exists(file); ++number) {
        name = QStringLiteral("%1-%2").arg(likeId).arg(number);
        file = m_folder.filePath(name + ".arbor.json");
    }
    document.job.id = name.toStdString();
    if (auto saved = io::saveJob(file.toStdString(), document); !saved) return tl::unexpected(saved.error());
    m_jobs->added(file);
    return file;
}

std::optional<job::Job> Shop::jobNumbered(const std::string& id) const {
    for (const auto& entry : io::listJobs(m_folder.path().toStdString()))
        if (entry.document && entry.document->job.id == id) return entry.document->job;
    return std::nullopt;
}

/// It is read as the trace it is said to be, from below their folder; its name is all that is taken of its path.
Result<QString> Shop::bringTrace(const QString& trace, const QDir& from) const {
    const auto source = io::pathInShop(from.path().toStdString(), trace.toStdString());
    if (!source) return tl::unexpected(source.error());
    // Points of a gauge need a piston to be forces: any will do to see that it is a trace.
    catalog::Press any;
    any.pistonDia_mm = 1;
    if (const auto read = io::loadTrace(*source, &any); !read) return tl::unexpected(read.error());
    const QFileInfo file(QString::fromStdString(*source));
    m_folder.mkpath("traces");
    auto name = "traces/" + file.fileName();
    for (int n = 2; QFileInfo::exists(m_folder.filePath(name)); ++n)
        name = QStringLiteral("traces/%1-%2.csv").arg(file.completeBaseName()).arg(n);
    if (!QFile::copy(file.filePath(), m_folder.filePath(name)))
        return refuse(ProblemCode::Unwritable, "trace/file", name.toStdString(),
                      wanted("a folder that can be written"));
    return name;
}

Result<QString> Shop::takeIn(io::JobDocument document, const QString& file) {
    for (auto& [key, step] : document.job.steps) {
        if (step.traceFile.empty()) continue;
        const auto brought = bringTrace(QString::fromStdString(step.traceFile), QFileInfo(file).dir());
        if (!brought) return tl::unexpected(brought.error());
        step.traceFile = brought->toStdString();
    }
    const auto id = QString::fromStdString(document.job.id);
    return addJob(std::move(document), id);
}

Result<void> Shop::keepRecord(const JobSession& session) {
    const auto text = io::readText(session.path());
    if (!text) return tl::unexpected(text.error());
    m_desk->keep([job = session.job(), tables = m_tables, text = *text] { return log::entriesOf(job, *tables, text); },
                 QFile::permissions(QString::fromStdString(session.path())));
    return {};
}

} // namespace arbor::ui
