#pragma once

#include "core/plan/step_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// One step: which seat, the forces Fit has of it, temperatures, the setup that comes first, the press as predicted.
/// What is not known is null.
nlohmann::ordered_json stepJson(const plan::WorkStep& step, const plan::StepTools& tools, const plan::Plan& plan,
                                const words::Display& display);

} // namespace arbor::io
