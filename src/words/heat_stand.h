#pragma once

#include "core/job/job.h"
#include "core/plan/heat_plan.h"

#include <functional>
#include <optional>
#include <string>

namespace arbor::words {

/// How far the warming has come, by the clocks that run.
enum class WarmPhase { Idle, Soaking, Carried, Together };

struct WarmState {
    WarmPhase phase = WarmPhase::Idle;
    bool allSoaked = false;           ///< every source that is needed has had its time
    std::optional<double> since_s;    ///< carried, or together, for so long
    double left_s = 0;                ///< of the transfer, or of the hold; negative: past it
    double holdFor_s = 0;             ///< in all
    std::optional<double> coolLeft_s; ///< until it may be measured and loaded; nothing: no clock runs for it
    bool timesAreSure = true;         ///< false: the machine was started anew since
    double untilPress_s = 0;          ///< where somebody has said when
    bool outerIn = false;             ///< into its source, by its clock
    bool innerIn = false;
    std::optional<double> outerLeft_s; ///< of its soak; negative: past; nothing: its clock does not run
    std::optional<double> innerLeft_s;
};

/// Seconds from an ISO 8601 instant to now.
using SecondsSince = std::function<double(const std::string& instant)>;
/// The newest clock of a kind; null: none runs.
const job::Clock* clockOf(const job::StepHeat& heat, job::Clock::What what);
/// How far a step's warming has come, by its clocks.
WarmState warmState(const job::StepHeat& heat, const plan::HeatPlan* plan, const SecondsSince& since);

/// What a step's heat is told from beside its plan.
struct HeatTold {
    const plan::HeatPlan* plan = nullptr; ///< as the thermometer corrected it; null: not worked out
    std::optional<plan::HeatCourse> course;
    std::optional<Problem> trouble; ///< why the course could not be worked out
    WarmState state;
    /// The time of day so many seconds before it is to be pressed, as it is shown; nothing: nobody has said when.
    std::function<std::string(double before_s)> timeBefore = {};
};

} // namespace arbor::words
