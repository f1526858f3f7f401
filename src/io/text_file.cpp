#include "io/text_file.h"

#include <QFile>
#include <QFileInfo>
#include <QStringConverter>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <sys/stat.h>

namespace arbor::io {

namespace {

namespace fs = std::filesystem;

tl::unexpected<Problem> unwritable(const std::string& path, int error) {
    return inFile({ProblemCode::Unwritable, {}, {}, {}, {}, std::strerror(error)}, path);
}

/// A file that is closed and, unless it was put in its place, removed again.
class Draft {
public:
    explicit Draft(const std::string& target)
        : m_path(target + ".XXXXXX"), m_fd(::mkostemp(m_path.data(), O_CLOEXEC)) {}
    ~Draft() {
        close();
        if (!m_placed && !m_path.empty()) ::unlink(m_path.c_str());
    }
    Draft(const Draft&) = delete;
    Draft& operator=(const Draft&) = delete;

    bool open() const { return m_fd >= 0; }
    int fd() const { return m_fd; }
    const char* path() const { return m_path.c_str(); }
    bool close() {
        const bool ok = m_fd < 0 || ::close(m_fd) == 0;
        m_fd = -1;
        return ok;
    }
    void placed() { m_placed = true; }

private:
    std::string m_path;
    int m_fd;
    bool m_placed = false;
};

/// A disk may take less than it is given: then the rest is asked again, and it says why. @return 0 or the error
int writeAll(int fd, std::string_view text, const WriteCalls& calls) {
    while (!text.empty()) {
        const auto taken = calls.write(fd, text.data(), text.size());
        if (taken < 0 && errno == EINTR) continue;
        if (taken < 0) return errno;
        if (taken == 0) return ENOSPC;
        text.remove_prefix(static_cast<std::size_t>(taken));
    }
    while (calls.sync(fd) != 0)
        if (errno != EINTR) return errno;
    return 0;
}

/// As the old file's; a new one as the user's mask has it.
void takePermissions(int fd, const std::string& target) {
    struct stat old {};
    const mode_t mask = ::umask(0);
    ::umask(mask);
    ::fchmod(fd, ::stat(target.c_str(), &old) == 0 ? old.st_mode & 07777 : 0666 & ~mask);
}

void syncFolder(const std::string& target, const WriteCalls& calls) {
    const auto folder = fs::path(target).parent_path();
    const int fd = ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (fd < 0) return;
    calls.sync(fd); // the file itself is safe; some file systems cannot sync a folder
    ::close(fd);
}

} // namespace

Result<std::string> readText(const std::string& path, long long largest_bytes) {
    QFile file(QString::fromStdString(path));
    const bool shipped = path.starts_with(":/");
    std::error_code none;
    if (!shipped && fs::exists(path, none) && !fs::is_regular_file(path, none))
        return inFile({ProblemCode::Unreadable,
                       {},
                       {},
                       fs::is_directory(path, none) ? wanted("a file, this is a folder")
                                                    : wanted("a file, this is a pipe or a device")},
                      path);
    if (!file.open(QIODevice::ReadOnly))
        return inFile({ProblemCode::Unreadable, {}, {}, {}, {}, file.errorString().toStdString()}, path);
    if (file.size() > largest_bytes)
        return inFile({ProblemCode::OutOfRange, "size", std::to_string(file.size()),
                       wanted("up to {1} MiB", std::to_string(largest_bytes >> 20))},
                      path);
    auto bytes = file.readAll();
    if (bytes.startsWith("\xEF\xBB\xBF")) bytes.remove(0, 3);
    if (bytes.startsWith("\xFF\xFE") || bytes.startsWith("\xFE\xFF"))
        bytes = QString(QStringDecoder(QStringConverter::Utf16).decode(bytes)).toUtf8(); // as spreadsheets write text
    return (bytes.isValidUtf8() ? bytes : QString::fromLatin1(bytes).toUtf8()).toStdString();
}

bool isLatin1(const std::string& path) {
    std::error_code none;
    if (!fs::is_regular_file(path, none)) return false;
    QFile file(QString::fromStdString(path));
    return file.open(QIODevice::ReadOnly) && !file.read(kLargestJob_bytes).isValidUtf8();
}

Result<void> writeText(const std::string& path, std::string_view text, const WriteCalls& calls) {
    std::error_code none;
    const auto target = fs::is_symlink(path, none) ? fs::canonical(path, none).string() : path;
    Draft draft(target.empty() ? path : target);
    if (!draft.open()) return unwritable(path, errno);
    takePermissions(draft.fd(), target);
    if (const int error = writeAll(draft.fd(), text, calls)) return unwritable(path, error);
    if (!draft.close()) return unwritable(path, errno);
    if (calls.rename(draft.path(), target.c_str()) != 0) return unwritable(path, errno);
    draft.placed();
    syncFolder(target, calls);
    return {};
}

Result<void> writeTextKeeping(const std::string& path, std::string_view text, const WriteCalls& calls) {
    const auto before = path + kBefore;
    std::error_code none; // a file system without links keeps nothing; that is no reason not to save
    if (fs::is_regular_file(path, none)) {
        fs::remove(before, none);
        fs::create_hard_link(path, before, none);
    }
    return writeText(path, text, calls);
}

bool hasVersionBefore(const std::string& path) {
    std::error_code none;
    return fs::is_regular_file(path + kBefore, none);
}

Result<void> lookFor(const std::string& path) {
    std::error_code error;
    if (fs::exists(path, error) || hasVersionBefore(path)) return {};
    return inFile({ProblemCode::Unreadable, {}, {}, {}, {}, std::strerror(error ? error.value() : ENOENT)}, path);
}

Result<void> bringBack(const std::string& path) {
    const auto text = readText(path + kBefore);
    if (!text) return tl::unexpected(text.error());
    std::error_code error;
    fs::rename(path, path + ".unreadable", error);
    if (error) return unwritable(path, error.value());
    return writeText(path, *text);
}

} // namespace arbor::io
