#pragma once

#include "core/plan/work_steps.h"

#include <optional>
#include <string>

namespace arbor::plan {

/// The press of one step as it is predicted: in, up to home and the holding load; out, from the first movement until it
/// is free.
struct StepPress {
    bool out = false;
    double travel_mm = 0; ///< until it is home, or free
    trace::Expected expected;
    Range force_N;                         ///< in: just before home; out: of the first movement, by the rust there is
    double energy_J = 0;                   ///< in frame and stack at the greatest force
    const catalog::Press* press = nullptr; ///< the one it is set up on; null: drawn by a bolt, or by hand
    std::optional<Range> gauge;            ///< of `force_N` on that press, in its unit
    std::optional<double> gaugeHold;
    AdviceList watch;
};

/// @param way  the setup it is pressed with; null: on no press that is known
/// @return nothing where the force is not known, or nothing can be pressed
/// @source [HB4.6] force by engaged length; first movement by rust; F^2 / (2 k)
std::optional<StepPress> pressOf(const WorkStep& step, const StepWay* way, const Plan& plan);

/// The warming or chilling of the seat a step makes; null: it parts one, or nothing is known of it.
const HeatPlan* heatOf(const WorkStep& step, const Plan& plan);

/// A step by its key, by what the key begins with where that is only one, or by its number, from 1.
/// @errors UnknownName with every key there is; Duplicate with those that begin so
Result<std::size_t> stepNamed(const std::vector<WorkStep>& steps, const std::string& name);

} // namespace arbor::plan
