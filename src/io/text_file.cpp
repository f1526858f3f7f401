#include "io/text_file.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

namespace arbor::io {

Result<std::string> readText(const std::string& path) {
    QFile file(QString::fromStdString(path));
    if (QFileInfo(file).isDir()) return inFile({ProblemCode::Unreadable, {}, {}, "a file, this is a folder"}, path);
    if (!file.open(QIODevice::ReadOnly))
        return inFile({ProblemCode::Unreadable, {}, {}, file.errorString().toStdString()}, path);
    if (file.size() > kLargestFile_bytes)
        return inFile({ProblemCode::OutOfRange, "size", std::to_string(file.size()), "up to 256 MiB"}, path);
    return file.readAll().toStdString();
}

Result<void> writeText(const std::string& path, const std::string& text) {
    QSaveFile file(QString::fromStdString(path));
    const auto fail = [&] { return inFile({ProblemCode::Unwritable, {}, {}, file.errorString().toStdString()}, path); };
    if (!file.open(QIODevice::WriteOnly)) return fail();
    if (file.write(text.data(), static_cast<qint64>(text.size())) != static_cast<qint64>(text.size()) || !file.commit())
        return fail();
    return {};
}

} // namespace arbor::io
