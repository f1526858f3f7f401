#include "io/job_code.h"

#include <QString>

namespace arbor::io {

namespace {

const QString kMark = QStringLiteral("%ARBOR");

/// Capitals and digits; everything else is one dash.
QString inCode(const std::string& name) {
    QString out;
    for (const auto c : QString::fromStdString(name).toUpper().normalized(QString::NormalizationForm_KD)) {
        const bool kept = (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9');
        if (c.isMark()) continue;
        if (kept || !out.endsWith('-')) out += kept ? c : QChar('-');
    }
    return out;
}

/// What it has in common however a scanner types it.
QString asTyped(const std::string& name) {
    auto text = QString::fromStdString(name);
    text.replace(QChar(0xDF), QChar('-')); // ß, before capitals make SS of it
    return inCode(text.toStdString()).replace('Z', 'Y');
}

} // namespace

std::string jobCode(const std::string& shop, const std::string& id) {
    return (kMark + ' ' + inCode(id) + ' ' + inCode(shop)).toStdString();
}

std::optional<ScannedJob> readJobCode(const std::string& typed) {
    const auto parts = QString::fromStdString(typed).trimmed().split(' ');
    if (parts.size() != 3 || parts[0].compare(kMark, Qt::CaseInsensitive) != 0) return std::nullopt;
    if (parts[1].isEmpty() || parts[2].isEmpty()) return std::nullopt;
    return ScannedJob{parts[1].toStdString(), parts[2].toStdString()};
}

bool isSameScanned(const std::string& scanned, const std::string& name) {
    return asTyped(scanned) == asTyped(name);
}

} // namespace arbor::io
