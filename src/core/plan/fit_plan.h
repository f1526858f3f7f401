#pragma once

#include "core/arrangement/assembly.h"
#include "core/fit/clearance_left.h"
#include "core/fit/proposal.h"
#include "core/fit/seat_fit.h"
#include "core/job/job.h"
#include "core/measure/seat_condition.h"
#include "core/measure/spacer.h"
#include "core/plan/strip_plan.h"
#include "core/plan/surface_plan.h"
#include "core/route/removal.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace arbor::tables {
struct Tables;
}

namespace arbor::plan {

/// One seat of the arrangement.
struct SeatPlan {
    job::SeatKey key;
    double dia_mm = 0;
    double length_mm = 0;
    SurfacePlan hole;
    SurfacePlan shaft;
    std::optional<fit::SeatInput> input; ///< when both sides are known
    std::optional<fit::SeatFit> fit;
    std::optional<route::Breakaway> off; ///< getting it off again, by the rust there is
    std::string holeMaterial = {};       ///< key of the outer part's
};

/// One bearing with the seats of its rings.
struct BearingPlan {
    std::string designation;
    std::string part; ///< id of the bearing, or of its cup
    std::string clearanceGroup;
    std::optional<std::size_t> housing; ///< index into the seats
    std::optional<std::size_t> shaft;
    Interval clearanceMade_mm;
    std::optional<fit::ClearanceInput> input;    ///< its seats are set when it is asked
    std::optional<fit::ClearanceLeft> clearance; ///< nothing: set when it is adjusted
    fit::Proposal proposal;
    std::optional<Advice> question; ///< the loose ring is the one that must be tight
};

/// What Measure makes of a side of it, or of the worse one. A seat to be replaced, or sleeved with no sleeve chosen, is
/// a stop until the user overrules it.
Severity severityOf(const SeatPlan& seat, bool hole);
Severity severityOf(const SeatPlan& seat);

struct SpacerPlan {
    std::string part;
    std::string label;
    double outsideDia_mm = 0;
    double drawn_mm = 0;
    measure::SpacerState state;
};

/// Measure and Fit of every seat at once.
struct FitPlan {
    std::vector<SeatPlan> seats;
    std::vector<BearingPlan> bearings;
    std::vector<SpacerPlan> spacers;
    std::vector<measure::LikelyCause> causes;
    std::vector<measure::LookAt> lookAt;

    const BearingPlan* bearingOf(std::size_t seat) const; ///< one of whose rings sits there; null: none does
    AdviceList advisories() const;                        ///< of seats, clearances and questions, worst first
    AdviceList advisoriesOf(std::size_t seat) const;      ///< and of its bearing, worst first
    measure::Verdict worstVerdict() const;
};

/// Every seat of the job at once.
/// @param strip  the resolved arrangement, without faults
/// @errors all that is wrong with sizes, classes, readings, each with its place in the job file
Checked<FitPlan> planFit(const job::Job& job, const tables::Tables& tables, const StripPlan& strip);

/// What another class would give at a seat.
struct Alternative {
    standards::ToleranceClass toleranceClass;
    fit::SeatFit fit;
    std::optional<fit::ClearanceLeft> clearance;
};
/// The classes of the same grade for one side of a seat, from loose to tight; classes not made at this size are left
/// out. Measured sizes of that side do not count, since it would be made anew.
std::vector<Alternative> alternatives(const FitPlan& plan, const tables::Tables& tables, std::size_t seat, bool hole);

} // namespace arbor::plan
