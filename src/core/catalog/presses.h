#pragma once

#include "core/catalog/rack.h"

namespace arbor::catalog {

/// "bar", "MPa", "psi", "tf", "short_ton": as files and tables have it.
std::string_view name(GaugeUnit unit);
/// @errors UnknownName
Result<GaugeUnit> gaugeUnit(const std::string& text);

/// What is wrong with a press: the field as its file has it, what it says, what would do.
/// @errors Missing (id), NotPositive, OutOfRange
Result<void> checkPress(const Press& press);

/// The presses as their file has them, which parsePresses reads.
std::string writePresses(const std::vector<Press>& presses);

} // namespace arbor::catalog
