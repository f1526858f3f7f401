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
#include "core/plan/hand_read.h"
#include "core/plan/heat_plan.h"
#include "core/plan/press_plan.h"
#include "core/plan/ring_plan.h"
#include "core/plan/strip_plan.h"
#include "core/seat/seating.h"
#include "core/standards/bearing_limits.h"
#include "core/standards/limits.h"
#include "core/tooling/search.h"
#include "core/trace/analysis.h"

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

enum class Mark { Open, Done, Look, Stop, NotNeeded };

/// All stations of one job. A part is empty when what it needs is missing; `problem` then says what and where.
struct Plan {
    std::optional<Problem> problem;
    const catalog::Press* press = nullptr; ///< into the library's rack
    catalog::StaticRating rating;
    std::optional<StripPlan> strip; ///< when the job has an arrangement
    std::optional<arrangement::HousedBearing> arrangement;
    bool own = true; ///< its bearing is the one the job describes; false: another is drawn in its place
    std::optional<FitPlan> fits;
    std::optional<tooling::Task> task; ///< the seat this job presses
    std::optional<tooling::LoadCase> load;
    std::optional<tooling::ToolPlan> tools;
    std::vector<std::optional<HeatPlan>> heats; ///< by seat of `fits`
    std::optional<HeatPlan> heat;               ///< of the seat that is warmed
    std::optional<PressPlan> pressing;
    std::optional<HandRead> hand;         ///< of what was read by hand, when there is no trace
    std::optional<trace::Analysis> trace; ///< of the trace that was measured, or of the points read by hand
    seat::SeatingInput seatingInput;      ///< what the seat is judged by
    std::optional<seat::Seating> seating;
    std::vector<OtherRing> rings;     ///< pressed besides, and seals
    AdviceList proof;                 ///< of the seat beside depth and tilt
    std::optional<AdjustPlan> adjust; ///< of a pair that is set
    AdviceList closing;               ///< what is still to do, and what was done wrong
    std::map<job::Station, Mark> marks;

    const fit::SeatFit* fit() const;             ///< of the seat that this job presses; null: not worked out
    const fit::ClearanceLeft* clearance() const; ///< of its bearing; null: set when it is adjusted
    job::Station next(const std::set<job::Station>& done) const;
};

/// The row of the ISO 492 tables in which a type of bearing is looked up: "N", "taper N".
std::string limitsRow(catalog::BearingType type, const std::string& toleranceClass);

/// Works out every station of a job. Pure: the same job, library and trace give the same plan.
/// @param library  must outlive the plan, which points into its rack
/// @param measured  the trace loaded for the job, or nothing
Plan planJob(const job::Job& job, const Library& library, const std::optional<trace::Trace>& measured);

/// The record of a job as it stands. @param when  ISO 8601, from the caller's clock
job::Record makeRecord(const job::Job& job, const Plan& plan, const std::string& who, const std::string& when,
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
