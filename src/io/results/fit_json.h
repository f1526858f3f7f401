#pragma once

#include "core/plan/plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Every surface with its form, condition and verdict; spacers; what the old bearing points to.
nlohmann::ordered_json measureJson(const plan::FitPlan& fits, const job::Measured& measured,
                                   const words::Display& display);

/// The seat this job presses, then all seats and all bearings. @param plan  with `fits`
nlohmann::ordered_json fitJson(const plan::Plan& plan, const words::Display& display);

} // namespace arbor::io
