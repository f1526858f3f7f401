#include "backup/backup.h"

#include "backup/archive.h"
#include "core/base/json_text.h"
#include "io/shop_path.h"
#include "io/text_file.h"
#include "log/copy.h"
#include "log/logbook.h"

#include <QCryptographicHash>
#include <QDateTime>
#include <QTemporaryDir>
#include <algorithm>
#include <filesystem>
#include <fstream>
#include <map>
#include <regex>

namespace arbor::backup {

namespace {

namespace fs = std::filesystem;
using nlohmann::json;

constexpr const char* kList = "backup.json";
constexpr const char* kFormat = "brisk-arbor/backup";
constexpr int kVersion = 1;
constexpr const char* kExport = "logbook.json"; // of a server's

std::string hashOf(const std::string& content) {
    QCryptographicHash hash(QCryptographicHash::Sha256);
    hash.addData({content.data(), static_cast<qsizetype>(content.size())});
    return hash.result().toHex().toStdString();
}

Result<std::string> contentOf(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    std::string out{std::istreambuf_iterator<char>(in), {}};
    if (!in.good() && !in.eof()) return refuseAs(ProblemCode::Unreadable, file.string(), {});
    return out;
}

bool isOfADatabase(const std::string& name) {
    return name.find(".sqlite") != std::string::npos;
}

/// Whoever keeps archives in the shop does not want each in the next: they would double every day.
bool isEarlierBackup(const fs::path& file, const std::string& shop) {
    static const std::regex dated("-[0-9]{4}-[0-9]{2}-[0-9]{2}(-[0-9]+)?\\.tar\\.gz(\\.part)?");
    const auto name = file.filename().string();
    return name.rfind(shop, 0) == 0 && std::regex_match(name.substr(shop.size()), dated);
}

/// The ordinary files below a shop, by their names from there; databases are copied in another way. Links are left.
/// @param name  of the shop, that its backups begin with
Result<std::vector<std::string>> filesOf(const fs::path& shop, const std::string& name) {
    std::vector<std::string> out;
    std::error_code error;
    for (fs::recursive_directory_iterator it(shop, error), end; !error && it != end; it.increment(error)) {
        const auto file = fs::relative(it->path(), shop, error).generic_string();
        const bool passing = it->path().extension() == ".lock" || isEarlierBackup(it->path(), name);
        if (it->is_symlink() || !it->is_regular_file() || passing || file == kList || isOfADatabase(file)) continue;
        out.push_back(file);
    }
    if (error) return refuseAs(ProblemCode::Unreadable, shop.string(), error.message());
    std::sort(out.begin(), out.end());
    return out;
}

/// Files with their list, as they go into an archive.
class Packer {
public:
    Packer(ArchiveWriter writer, std::string shop) : m_writer(std::move(writer)) {
        m_list = {{"format", kFormat},
                  {"version", kVersion},
                  {"shop", std::move(shop)},
                  {"made", QDateTime::currentDateTime().toString(Qt::ISODate).toStdString()},
                  {"files", json::object()}};
    }
    Result<void> add(const std::string& name, const fs::path& file) {
        const auto content = contentOf(file);
        if (!content) return tl::unexpected(content.error());
        std::error_code error;
        return add(name, *content, static_cast<unsigned>(fs::status(file, error).permissions()));
    }
    Result<void> add(const std::string& name, const std::string& content, unsigned mode) {
        m_list["files"][name] = {{"bytes", content.size()}, {"sha256", hashOf(content)}};
        return m_writer.add(name, content, mode);
    }
    Result<void> close() {
        if (auto ok = m_writer.add(kList, m_list.dump(1), 0600); !ok) return ok;
        return m_writer.close();
    }

private:
    ArchiveWriter m_writer;
    json m_list;
};

/// The logbook and what waits for it, as they are now, whoever is writing them.
Result<void> addLogbook(Packer& packer, const fs::path& shop, const QString& connection) {
    const QTemporaryDir between;
    std::map<std::string, fs::path> databases{{"logbook-waiting.sqlite", shop / "logbook-waiting.sqlite"}};
    const auto file = log::Logbook::fileOf(connection);
    if (!file.isEmpty()) databases["logbook.sqlite"] = file.toStdString();
    for (const auto& [name, from] : databases) {
        if (!fs::exists(from)) continue;
        const auto copy = between.filePath(QString::fromStdString(name));
        if (auto ok = log::copyDatabase(QString::fromStdString(from.string()), copy); !ok) return ok;
        std::error_code error;
        const auto mode = static_cast<unsigned>(fs::status(from, error).permissions());
        const auto content = contentOf(copy.toStdString());
        if (!content) return tl::unexpected(content.error());
        if (auto ok = packer.add(name, *content, mode); !ok) return ok;
    }
    if (!file.isEmpty()) return {};
    const auto book = log::Logbook::open(connection);
    const auto all = book ? (*book)->exported({}, log::Logbook::Format::Json) : tl::unexpected(book.error());
    return all ? packer.add(kExport, *all, 0600) : tl::unexpected(all.error());
}

std::string freeName(const fs::path& into, const std::string& shop) {
    const auto base = shop + "-" + QDate::currentDate().toString(Qt::ISODate).toStdString();
    auto file = into / (base + ".tar.gz");
    for (int n = 2; fs::exists(file); ++n)
        file = into / (base + "-" + std::to_string(n) + ".tar.gz");
    return file.string();
}

tl::unexpected<Problem> notWanted() {
    return refuse(ProblemCode::NotDefined, "backup", {}, wanted("to be left to its end"));
}

Result<void> pack(Packer& packer, const fs::path& shop, const std::string& name, const QString& connection,
                  const Progress& progress) {
    const auto files = filesOf(shop, name);
    if (!files) return tl::unexpected(files.error());
    for (std::size_t i = 0; i < files->size(); ++i) {
        if (progress && !progress(i, files->size())) return notWanted();
        if (auto ok = packer.add((*files)[i], shop / (*files)[i]); !ok) return ok;
    }
    if (auto ok = addLogbook(packer, shop, connection); !ok) return ok;
    return packer.close();
}

/// A list is the last file of its archive.
Result<Contents> compared(const std::map<std::string, std::pair<std::string, unsigned long long>>& found,
                          const std::string& list, const std::string& archive) {
    const auto document = parseJson(list);
    if (!document || document->value("format", "") != kFormat)
        return refuse(ProblemCode::Malformed, archive, {}, wanted("a backup of a shop"));
    if (document->value("version", 0) > kVersion)
        return refuse(ProblemCode::OutOfRange, archive, std::to_string(document->value("version", 0)),
                      wanted("version {1} or older", std::to_string(kVersion)));
    try {
        Contents out{document->at("shop"), document->at("made")};
        const auto& files = document->at("files");
        for (const auto& [name, said] : files.items()) {
            const auto at = found.find(name);
            if (at == found.end()) return refuse(ProblemCode::Missing, archive, name);
            if (at->second.first != said.at("sha256").get<std::string>())
                return refuse(ProblemCode::Unreadable, archive, name, wanted("the file as it was put in"));
            out.bytes += at->second.second;
            ++out.files;
        }
        for (const auto& [name, hash] : found)
            if (!files.contains(name))
                return refuse(ProblemCode::UnknownName, archive, name, wanted("a file of its list"));
        return out;
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

} // namespace

Result<std::string> backUp(const std::string& shop, const std::string& into, const QString& connection,
                           const Progress& progress) {
    const auto folder = fs::absolute(shop).lexically_normal();
    if (!fs::is_directory(folder)) return refuse(ProblemCode::Unreadable, shop, {}, wanted("a folder of jobs"));
    const auto name = (folder.has_filename() ? folder : folder.parent_path()).filename().string();
    const auto file = freeName(into, name);
    const auto part = file + ".part";
    const auto written = [&]() -> Result<void> {
        auto writer = ArchiveWriter::to(part);
        if (!writer) return tl::unexpected(writer.error());
        Packer packer(std::move(*writer), name);
        return pack(packer, folder, name, connection, progress);
    }();
    std::error_code error;
    // What cannot be read back is no backup.
    const auto good = written ? check(part) : tl::unexpected(written.error());
    if (good) {
        fs::permissions(part, fs::perms::owner_read | fs::perms::owner_write, error);
        fs::rename(part, file, error);
        if (!error) return file;
    }
    fs::remove(part, error);
    return good ? refuseAs(ProblemCode::Unwritable, file, error.message()) : tl::unexpected(good.error());
}

Result<Contents> check(const std::string& archive, const Progress& progress) {
    std::map<std::string, std::pair<std::string, unsigned long long>> found;
    std::string list;
    const auto read = readArchive(archive, [&](ArchivedFile one) -> Result<void> {
        if (progress && !progress(found.size(), 0)) return notWanted();
        if (one.name == kList)
            list = std::move(one.content);
        else
            found[one.name] = {hashOf(one.content), one.content.size()};
        return {};
    });
    if (!read) return tl::unexpected(read.error());
    return compared(found, list, archive);
}

Result<Contents> restore(const std::string& archive, const std::string& folder, const Progress& progress) {
    auto contents = check(archive, progress);
    if (!contents) return contents;
    std::error_code error;
    if (fs::exists(folder, error) && !fs::is_empty(folder, error))
        return refuse(ProblemCode::Duplicate, folder, {}, wanted("a folder that is new or empty"));
    const bool made = fs::create_directories(folder, error);
    if (error) return refuseAs(ProblemCode::Unwritable, folder, error.message());
    std::size_t done = 0;
    const auto laid = readArchive(archive, [&](const ArchivedFile& one) -> Result<void> {
        if (progress && !progress(done++, contents->files)) return notWanted();
        if (one.name == kList) return {};
        const auto path = io::pathInShop(folder, one.name);
        if (!path) return tl::unexpected(path.error());
        std::error_code failed;
        fs::create_directories(fs::path(*path).parent_path(), failed);
        if (auto ok = io::writeText(*path, one.content); !ok) return ok;
        fs::permissions(*path, static_cast<fs::perms>(one.mode & 0777), failed);
        return {};
    });
    if (laid) return contents;
    for (const auto& entry : fs::directory_iterator(folder, error))
        fs::remove_all(entry.path(), error);
    if (made) fs::remove(folder, error);
    return tl::unexpected(laid.error());
}

} // namespace arbor::backup
