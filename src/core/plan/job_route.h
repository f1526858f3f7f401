#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <vector>

namespace arbor::plan {

/// A place of the job's own order of work: a station of the whole job, or one pressed step at one of its stations.
struct Place {
    job::Station station = job::Station::Intake;
    std::optional<std::size_t> step = {}; ///< of the plan
    friend bool operator==(const Place&, const Place&) = default;
};

/// Intake, Strip, each pressed step out, Measure, Fit, each pressed step in, Adjust, Close; a step at the station it
/// begins with. Where nothing is pressed, or nothing is worked out yet, the four stations of a step stand by
/// themselves.
std::vector<Place> routeOf(const Plan& plan);

/// Its part is left where it is: the step is not made.
bool isNotNeeded(const job::Job& job, const StepPlan& step, const Plan& plan);

/// Nothing is to be done for a step any more: its part stays, it is out, by whatever means, or its seat is proven.
bool isSettled(const job::Job& job, const StepPlan& step, const Plan& plan);

/// Of a place; of a step the worst of its stations, or done once it is settled.
Mark markOf(const job::Job& job, const Plan& plan, const Place& place);

/// Where the hands go on from there: the step's next station that is needed, then the next place that is not settled.
Place placeAfter(const job::Job& job, const Plan& plan, const Place& here);

/// The first place with something to do; a stop is never passed over.
Place firstOpen(const job::Job& job, const Plan& plan);

} // namespace arbor::plan
