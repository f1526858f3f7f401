#include "io/file_hash.h"

#include <QCryptographicHash>
#include <QFile>

namespace arbor::io {

Result<std::string> sha256Of(const std::string& path) {
    QFile file(QString::fromStdString(path));
    QCryptographicHash hash(QCryptographicHash::Sha256);
    if (!file.open(QIODevice::ReadOnly) || !hash.addData(&file))
        return refuseAs(ProblemCode::Unreadable, path, file.errorString().toStdString());
    return hash.result().toHex().toStdString();
}

} // namespace arbor::io
