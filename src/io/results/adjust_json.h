#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// What Adjust comes to, as programs read it.
nlohmann::ordered_json adjustPlanJson(const plan::AdjustPlan& plan, const words::Display& display);

} // namespace arbor::io
