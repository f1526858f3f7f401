#pragma once

#include "core/calc/calculation.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Inputs from a JSON object: numbers, texts, lists of numbers, materials by name or as {E_MPa, nu, alpha_per_K}.
/// @errors Malformed with the key
Result<calc::Values> valuesFromJson(const nlohmann::json& object);

/// Inputs as typed: number, true or false, list of numbers with commas, text.
calc::Value valueFromText(const calc::Calculation& calculation, const std::string& name, const std::string& typed);

nlohmann::ordered_json valuesJson(const calc::Calculation& calculation, const calc::Values& out);
/// Name, title, inputs with kind, unit, allowed range and preset, outputs and source.
nlohmann::ordered_json describeJson(const calc::Calculation& calculation);
/// A value as a person reads it, rounded by the quantity its field's name ends in.
std::string valueText(const std::string& fieldName, const calc::Value& value);
/// The unit a field's name ends in: "mm", "um", "MPa", "N", "Nm", "degC", ...; empty: none.
std::string unitOf(const std::string& fieldName);

} // namespace arbor::io
