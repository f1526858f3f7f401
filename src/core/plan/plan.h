#pragma once

#include "core/adjust/play_band.h"
#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/catalog/rack.h"
#include "core/closing/closing.h"
#include "core/force/friction_log.h"
#include "core/job/job.h"
#include "core/plan/adjust_plan.h"
#include "core/plan/fit_plan.h"
#include "core/plan/heat_plan.h"
#include "core/plan/step_plan.h"
#include "core/plan/strip_plan.h"
#include "core/standards/bearing_limits.h"
#include "core/standards/limits.h"

#include <map>
#include <optional>

namespace arbor::plan {

/// Every table a plan looks things up in.
struct Library {
    standards::Iso286 iso286;
    standards::BearingTables bearingTables;
    std::vector<catalog::Bearing> bearings;
    catalog::Materials materials;
    catalog::FrictionBands friction;
    catalog::Rack rack;
    std::vector<thermal::HeatSource> heatSources;
    std::vector<adjust::PlayBand> endPlay;
    std::vector<job::Record> records; ///< of the shop's closed jobs
};

/// Friction of the next press: the book's band, narrowed by the shop's own good presses where there are enough.
struct FrictionBand {
    Limits band;
    Limits book;
    std::vector<double> found; ///< in the shop's own good presses
    std::optional<force::LearnedFriction> learned;
};
FrictionBand frictionOf(const Library& library, catalog::FrictionFamily family, catalog::Lubricant lubricant);

/// All stations of one job. A part is empty when what it needs is missing; `problem` then says what and where.
struct Plan {
    std::optional<Problem> problem;
    const catalog::Press* press = nullptr; ///< the one at hand, into the library's rack
    StripPlan strip;
    std::optional<FitPlan> fits;
    std::vector<std::optional<HeatPlan>> heats; ///< by seat of `fits`
    std::vector<StepPlan> steps;                ///< the steps out, in their order, then the steps in
    std::size_t inHand = 0;                     ///< of these
    std::optional<AdjustPlan> adjust;           ///< of a pair that is set
    AdviceList closing;                         ///< what is still to do, and what was done wrong
    std::map<job::Station, Mark> marks;         ///< those that belong to a step are of the one in hand

    const StepPlan* now() const; ///< the step in hand; null: nothing is pressed, or nothing is worked out
    const StepPlan* step(const job::StepKey& key) const; ///< null: there is none
    const HeatPlan* heat() const; ///< of the step in hand; null: it parts a seat, or is not worked out
    /// The one of the step in hand; where its fit is not known, the first whose is. Null: none is.
    const SeatPlan* seat() const;
    job::Station next(const std::set<job::Station>& done) const;
};

/// The row of the ISO 492 tables in which a type of bearing is looked up: "N", "taper N".
std::string limitsRow(catalog::BearingType type, const std::string& toleranceClass);

/// Works out every station of a job. Pure: the same job, library and traces give the same plan.
/// @param library  must outlive the plan, which points into its rack
Plan planJob(const job::Job& job, const Library& library, const Asked& asked = {});

/// The record of a step as it stands. @param when  ISO 8601, from the caller's clock
job::Record makeRecord(const job::Job& job, const Plan& plan, const StepPlan& step, const std::string& who,
                       const std::string& when, const std::string& notes);

/// Something was pressed, read or looked at in this step.
bool wasWorked(const job::Job& job, const StepPlan& step);
/// The record of the whole job: that of the first step in that was worked, else of the one in hand.
job::Record recordOfJob(const job::Job& job, const Plan& plan, const std::string& who, const std::string& when,
                        const std::string& notes);

/// Stable names for files.
std::string_view name(seat::SeatVerdict verdict);
std::string_view name(trace::Verdict verdict);
std::string_view name(measure::Verdict verdict);
std::string_view name(measure::Sign sign);
std::string_view name(fit::LoadCase load);
std::string_view name(job::Station station);
std::optional<job::Station> stationNamed(std::string_view name);

} // namespace arbor::plan
