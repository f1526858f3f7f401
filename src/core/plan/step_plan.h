#pragma once

#include "core/base/advice.h"
#include "core/job/proof.h"
#include "core/plan/heat_plan.h"
#include "core/plan/manual_reading.h"
#include "core/plan/press_plan.h"
#include "core/plan/ring_plan.h"
#include "core/plan/work_step.h"
#include "core/trace/analysis.h"

#include <map>
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace arbor::plan {

enum class Mark { Open, Done, Check, Stop, NotNeeded };
/// Of something that is judged, and worked or not.
Mark markOf(Severity severity, bool done);

/// One pressed step with all that is worked out of it.
struct StepPlan {
    WorkStep step;
    std::shared_ptr<const StepTools>
        tools;                         ///< of the step in hand, and of those that were pressed; null: nobody has asked
    std::optional<PressPlan> press;    ///< with these tools; nothing: its force is not known, or nothing can be pressed
    std::optional<ManualReading> hand; ///< of what was read by hand, when there is no trace
    std::optional<trace::Analysis> trace; ///< of the trace that was measured, or of the points read by hand
    std::optional<RingPlan> ring;         ///< how it sits and was read; nothing: it comes out
    std::set<job::SeatCheck> checks;      ///< what is to be looked at beside depth and tilt
    AdviceList proof;                     ///< of the seat beside depth and tilt
    AdviceList blocked;                   ///< why it must not be done yet: a scrapped seat, a part that is missing
    std::map<job::Station, Mark> marks;   ///< of the stations that belong to a step

    const StepSetup* way() const; ///< the best, or the user's own; null: nothing does it
    /// What stands on the rack for that way, on a press or a bolt; null: it is done by hand, or is to be turned first.
    const tooling::ToolPlan* setup() const;
    const tooling::Task* task() const; ///< of that way; null: it cannot be pressed
};

/// The press of a step, with the figures Fit has of its seat.
/// @param way  the setup it is pressed with; null: on no press that is known
/// @return nothing where the force is not known, or nothing can be pressed
std::optional<PressPlan> pressOf(const WorkStep& step, const StepSetup* way, const FitPlan& fits, bool warmed = false);

/// The warming or chilling of the seat a step makes; null: it parts one, or nothing is known of it.
const HeatPlan* heatOf(const WorkStep& step, const Heats& heats);

/// A step by its key, by what the key begins with where that is only one, or by its number, from 1.
/// @errors UnknownName with every key there is, or with those that begin so
Result<std::size_t> stepNamed(const std::vector<StepPlan>& steps, const std::string& name);

class ToolMemory;

/// What is wanted of a plan.
struct Asked {
    std::map<job::StepKey, trace::Trace> traces = {}; ///< those that were measured
    std::optional<job::StepKey> inHand = {};          ///< nothing: one that was worked, else the first in
    bool everyStep = false;                           ///< tools and press of all steps, not of the one in hand alone
    std::shared_ptr<ToolMemory> memory = {};          ///< of earlier plans of this job; nothing: everything is searched
};

/// Every pressed step of a job.
struct PlannedSteps {
    std::vector<StepPlan> all; ///< the steps out, in their order, then the steps in
    std::size_t inHand = 0;    ///< of these
    Problems problems;
};
PlannedSteps planSteps(const Given& given, const Heats& heats, const Asked& asked);

/// Whether its ring goes in warm: that was worked, not only worked out.
bool isWarmed(const job::Job& job, const WorkStep& step, const Heats& heats);

} // namespace arbor::plan
