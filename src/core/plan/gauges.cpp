#include "core/plan/gauges.h"

#include <algorithm>

namespace arbor::plan {

AdviceList sayOfGauge(const job::GaugeUsed& used, std::initializer_list<catalog::GaugeKind> kinds,
                      const tables::Tables& tables) {
    constexpr const char* kSource = "HB3.12";
    if (used.number.empty()) {
        const bool some = std::any_of(tables.gauges.begin(), tables.gauges.end(), [&](const catalog::Gauge& gauge) {
            return std::find(kinds.begin(), kinds.end(), gauge.kind) != kinds.end();
        });
        return some ? AdviceList{{found::GaugeNotNamed{}, Severity::Info, kSource}} : AdviceList{};
    }
    if (tables.gauges.empty()) return {};
    const auto* gauge = catalog::findGauge(tables.gauges, used.number);
    if (!gauge) return {{found::GaugeNotOurs{used.number}, Severity::Check, kSource}};
    if (!catalog::isOverdue(*gauge, used.on.empty() ? tables.today : used.on)) return {};
    return {{found::GaugeOverdue{gauge->id, gauge->calibrationDue}, Severity::Check, kSource}};
}

} // namespace arbor::plan
