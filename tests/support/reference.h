#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace arbor::testing {

/// Cases of one topic from tests/data/reference.json: values worked out independently, each by two routes.
std::vector<nlohmann::json> referenceCases(const std::string& topic);

/// Checks `value` against the case's expected `key` with the case's own tolerance.
void expectReference(const nlohmann::json& referenceCase, const std::string& key, double value);

} // namespace arbor::testing
