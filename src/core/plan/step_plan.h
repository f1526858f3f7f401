#pragma once

#include "core/plan/work_steps.h"

#include <optional>
#include <string>

namespace arbor::plan {

/// The press of a step, with the figures Fit has of its seat.
/// @param way  the setup it is pressed with; null: on no press that is known
/// @return nothing where the force is not known, or nothing can be pressed
std::optional<PressPlan> pressOf(const WorkStep& step, const StepWay* way, const Plan& plan);

/// The warming or chilling of the seat a step makes; null: it parts one, or nothing is known of it.
const HeatPlan* heatOf(const WorkStep& step, const Plan& plan);

/// A step by its key, by what the key begins with where that is only one, or by its number, from 1.
/// @errors UnknownName with every key there is, or with those that begin so
Result<std::size_t> stepNamed(const std::vector<WorkStep>& steps, const std::string& name);

} // namespace arbor::plan
