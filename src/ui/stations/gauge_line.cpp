#include "ui/stations/gauge_line.h"

#include "ui/text.h"

#include <algorithm>

namespace arbor::ui {

job::GaugeUsed gaugeTyped(const QString& typed, const JobSession& session) {
    constexpr std::size_t kDay = 10; // characters of an instant that say its day
    const auto number = typed.trimmed().toStdString();
    return number.empty() ? job::GaugeUsed{} : job::GaugeUsed{number, session.now().substr(0, kDay)};
}

const catalog::Gauge* gaugeKnown(const job::GaugeUsed& used, const JobSession& session) {
    return catalog::findGauge(session.tables().gauges, used.number);
}

QStringList gaugesFor(const std::vector<catalog::GaugeKind>& kinds, const JobSession& session) {
    QStringList out;
    for (const auto& gauge : session.tables().gauges)
        if (std::find(kinds.begin(), kinds.end(), gauge.kind) != kinds.end()) out << q(gauge.id);
    return out;
}

QString gaugeSaid(const job::GaugeUsed& used, const JobSession& session) {
    const auto* gauge = gaugeKnown(used, session);
    if (!gauge) return {};
    const auto sure =
        gauge->uncertainty_mm > 0 ? "±" + q(session.display().fine(gauge->uncertainty_mm).text()) : QString();
    return gauge->name.empty() ? sure : sure.isEmpty() ? q(gauge->name) : q(gauge->name) + ", " + sure;
}

QStringList namesOfPeople(const JobSession& session) {
    QStringList out;
    for (const auto& person : session.tables().people)
        out << q(person.name);
    return out;
}

} // namespace arbor::ui
