#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::io {

/// One plan, or the named stations of it, as JSON with the key rules of the job file (units in the key).
/// @param stations  empty: all of them
std::string planJson(const job::Job& job, const plan::Plan& plan, const std::vector<job::Station>& stations);

} // namespace arbor::io
