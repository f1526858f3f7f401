#pragma once

#include "core/catalog/rack.h"

#include <optional>

namespace arbor::force {

/// What the press gauge shows for a force at the ram, in the gauge's own unit; nothing when the press has no gauge.
/// Pressure gauges: pressure = force / piston area; force gauges show tonne-force (9806.65 N) or short ton-force
/// (8896.443 N).
/// @source [HB4.8]
std::optional<double> gaugeReading(const catalog::Press& press, double force_N);

/// Force at the ram for a reading: the inverse of gaugeReading.
std::optional<double> gaugeForce(const catalog::Press& press, double reading);

/// Elastic energy in frame and stack, given back at breakaway [J]: F^2 / (2 k). @source [HB4.6]
double storedEnergy_J(double force_N, double stiffness_N_per_mm);

} // namespace arbor::force
