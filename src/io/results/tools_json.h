#pragma once

#include "core/plan/work_steps.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// One step of the route with every way to do it, best first.
nlohmann::ordered_json stepToolsJson(const plan::WorkStep& step, const plan::StepTools& tools,
                                     const words::Display& display);

/// The choice of a tool plan, its stack, its findings and the ranked rack.
nlohmann::ordered_json toolPlanJson(const tooling::ToolPlan& tools, const words::Display& display);

} // namespace arbor::io
