#pragma once

#include "core/plan/plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// One step: which seat, the forces Fit has of it, temperatures, the setup that comes first, the press as predicted and
/// as it was, how the ring sits. What is not known is null. @param step  with its tools
nlohmann::ordered_json stepJson(const plan::StepPlan& step, const plan::Plan& plan, const words::Display& display);

nlohmann::ordered_json traceJson(const trace::Analysis& analysis, const words::Display& display);
nlohmann::ordered_json seatingJson(const seat::Seating& seating, const words::Display& display);

} // namespace arbor::io
