#include "core/force/gauge.h"

#include <numbers>

namespace arbor::force {

namespace {

/// Newtons per unit of the gauge.
std::optional<double> forcePerUnit(const catalog::Press& press) {
    const double area_mm2 = std::numbers::pi / 4 * press.pistonDia_mm * press.pistonDia_mm;
    switch (press.gaugeUnit) {
    case catalog::GaugeUnit::TonneForce:
        return 9806.65;
    case catalog::GaugeUnit::ShortTon:
        return 8896.443230521;
    case catalog::GaugeUnit::Bar:
        return area_mm2 > 0 ? std::optional(0.1 * area_mm2) : std::nullopt;
    case catalog::GaugeUnit::MegaPascal:
        return area_mm2 > 0 ? std::optional(area_mm2) : std::nullopt;
    case catalog::GaugeUnit::Psi:
        return area_mm2 > 0 ? std::optional(0.006894757293168 * area_mm2) : std::nullopt;
    }
    return std::nullopt;
}

} // namespace

std::optional<double> gaugeReading(const catalog::Press& press, double force_N) {
    const auto unit = forcePerUnit(press);
    return unit ? std::optional(force_N / *unit) : std::nullopt;
}

std::optional<double> gaugeForce(const catalog::Press& press, double reading) {
    const auto unit = forcePerUnit(press);
    return unit ? std::optional(reading * *unit) : std::nullopt;
}

double storedEnergy_J(double force_N, double stiffness_N_per_mm) {
    return force_N * force_N / (2 * stiffness_N_per_mm) / 1000;
}

} // namespace arbor::force
