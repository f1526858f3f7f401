#include "ui/session/instant.h"

#include <QFile>
#include <ctime>
#include <utility>

namespace arbor::ui {

namespace {

const auto kCivil = QStringLiteral("yyyy-MM-ddTHH:mm:ss");

/// As civil time, without the jumps of summer time: what is compared was said by one clock that makes none.
QDateTime at(const std::string& iso) {
    auto out = QDateTime::fromString(QString::fromStdString(iso), Qt::ISODateWithMs);
    if (out.timeSpec() == Qt::LocalTime) out = QDateTime(out.date(), out.time(), Qt::UTC);
    return out;
}

double sinceBoot_s() {
    timespec count{};
    ::clock_gettime(CLOCK_BOOTTIME, &count);
    constexpr double kNano = 1e-9;
    return static_cast<double>(count.tv_sec) + kNano * static_cast<double>(count.tv_nsec);
}

} // namespace

MachineCount machineCount() {
    QFile id(QStringLiteral("/proc/sys/kernel/random/boot_id"));
    const auto boot = id.open(QIODevice::ReadOnly) ? id.readLine().trimmed() : QByteArray();
    return {boot.toStdString(), sinceBoot_s()};
}

SteadyClock::SteadyClock() : SteadyClock(QDateTime::currentDateTime(), sinceBoot_s) {}

SteadyClock::SteadyClock(const QDateTime& wall, std::function<double()> counted_s)
    : m_start(wall.date(), wall.time(), Qt::UTC), m_counted_s(std::move(counted_s)), m_startCount_s(m_counted_s()) {}

std::string SteadyClock::operator()() const {
    const double passed_s = m_counted_s() - m_startCount_s;
    return m_start.addMSecs(static_cast<qint64>(passed_s * 1000)).toString(kCivil).toStdString();
}

double secondsBetween(const std::string& from, const std::string& to) {
    const auto a = at(from), b = at(to);
    return a.isValid() && b.isValid() ? static_cast<double>(a.msecsTo(b)) / 1000 : 0;
}

std::string later(const std::string& from, double seconds) {
    return at(from).addMSecs(static_cast<qint64>(seconds * 1000)).toString(kCivil).toStdString();
}

std::string timeOfDay(const std::string& instant) {
    return at(instant).toString(QStringLiteral("HH:mm")).toStdString();
}

} // namespace arbor::ui
