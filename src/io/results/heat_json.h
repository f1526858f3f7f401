#pragma once

#include "core/plan/heat_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// A heat plan, and what happens after the oven, as programs read them.
nlohmann::ordered_json heatPlanJson(const plan::HeatPlan& plan, const words::Display& display);
nlohmann::ordered_json heatCourseJson(const plan::HeatCourse& course);

} // namespace arbor::io
