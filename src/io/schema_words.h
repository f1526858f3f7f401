#pragma once

#include "core/base/result.h"

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace arbor::io {

/// What a validator found wrong with a document, as this program says it: the place, what stands there, what would do.
/// @param steps  the validator's, from "<root>" to the place  @param said  its own words
Problem schemaProblem(const std::vector<std::string>& steps, const std::string& said, const nlohmann::json& document,
                      const nlohmann::json& schema);

} // namespace arbor::io
