#pragma once

#include "core/plan/plan.h"

#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

namespace arbor::io {

/// One plan, or the named stations of it, as JSON with the key rules of the job file (units in the key).
/// @param stations  empty: all of them
/// @param steps  as stepJson; null: left out
std::string planJson(const job::Job& job, const plan::Plan& plan, const std::vector<job::Station>& stations,
                     const nlohmann::ordered_json& steps = nullptr);

} // namespace arbor::io
