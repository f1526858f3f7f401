#pragma once

#include "core/closing/closing.h"
#include "core/job/job.h"
#include "core/plan/adjust_plan.h"
#include "core/plan/fit_plan.h"
#include "core/plan/heat_plan.h"
#include "core/plan/step_plan.h"
#include "core/plan/strip_plan.h"
#include "core/tables/tables.h"

#include <map>
#include <optional>

namespace arbor::plan {

/// All stations of one job. A part is empty when what it needs is missing; `problems` then say what and where.
struct Plan {
    Problems problems;                     ///< the first stands in the way of the most
    const catalog::Press* press = nullptr; ///< the one at hand, into the tables' rack
    StripPlan strip;
    std::optional<FitPlan> fits;
    Heats heats;                        ///< by seat of `fits`
    std::vector<StepPlan> steps;        ///< the steps out, in their order, then the steps in
    std::size_t inHand = 0;             ///< of these
    std::optional<AdjustPlan> adjust;   ///< of a pair that is set
    AdviceList closing;                 ///< what is still to do, and what was done wrong
    std::map<job::Station, Mark> marks; ///< those that belong to a step are of the one in hand

    const Problem* problem() const { return problems.empty() ? nullptr : &problems.front(); }
    const StepPlan* now() const; ///< the step in hand; null: nothing is pressed, or nothing is worked out
    const StepPlan* step(const job::StepKey& key) const; ///< null: there is none
    const HeatPlan* heat() const; ///< of the step in hand; null: it parts a seat, or is not worked out
    /// The one of the step in hand; where its fit is not known, the first whose is. Null: none is.
    const SeatPlan* seat() const;
    job::Station next(const std::set<job::Station>& done) const;
};

} // namespace arbor::plan
