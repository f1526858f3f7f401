#pragma once

#include "core/job/heat.h"
#include "core/plan/heat_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Warming and chilling in the job file: what holds for all of it, and what for one step.
job::Heat heatFromJson(const nlohmann::json& d);
nlohmann::json heatToJson(const job::Heat& heat);
job::StepHeat stepHeatFromJson(const nlohmann::json& d);
nlohmann::json stepHeatToJson(const job::StepHeat& heat);

/// A heat plan, and what happens after the oven, as programs read them.
nlohmann::ordered_json heatPlanJson(const plan::HeatPlan& plan, const words::Display& display);
nlohmann::ordered_json heatCourseJson(const plan::HeatCourse& course);

} // namespace arbor::io
