#include "ui/session/instant.h"

#include <QDateTime>

namespace arbor::ui {

namespace {

QDateTime at(const std::string& iso) {
    return QDateTime::fromString(QString::fromStdString(iso), Qt::ISODateWithMs);
}

} // namespace

double secondsBetween(const std::string& from, const std::string& to) {
    const auto a = at(from), b = at(to);
    return a.isValid() && b.isValid() ? static_cast<double>(a.msecsTo(b)) / 1000 : 0;
}

std::string later(const std::string& from, double seconds) {
    return at(from).addMSecs(static_cast<qint64>(seconds * 1000)).toString(Qt::ISODate).toStdString();
}

std::string timeOfDay(const std::string& instant) {
    return at(instant).toString(QStringLiteral("HH:mm")).toStdString();
}

} // namespace arbor::ui
