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

std::vector<job::GaugeUsed> gaugesUsed(const job::Job& job) {
    std::vector<job::GaugeUsed> out;
    const auto add = [&](const job::GaugeUsed& used) {
        if (!used.number.empty() && std::find(out.begin(), out.end(), used) == out.end()) out.push_back(used);
    };
    for (const auto& [seat, card] : job.measured.seats) {
        add(card.hole.gaugeUsed);
        add(card.shaft.gaugeUsed);
    }
    for (const auto& [key, step] : job.steps) {
        add(step.heat.thermometer);
        add(step.readings.gauge);
    }
    add(job.adjust.gauge);
    add(job.closing.wrench);
    return out;
}

} // namespace arbor::plan
