#pragma once

#include "core/arrangement/assembly.h"
#include "core/catalog/material.h"
#include "core/route/kit.h"
#include "core/route/order.h"
#include "core/route/removal.h"

#include <optional>
#include <vector>

namespace arbor::job {
struct Job;
}

namespace arbor::plan {

struct Library;

/// Of frame and stack where the press is not known. @source [HB4.6]
inline constexpr double kFrameStiffness_N_per_mm = 20e3;

/// How tight one seat of the arrangement is, from its classes or measured sizes.
struct SeatForce {
    double dia_mm = 0;
    double length_mm = 0;
    Limits interference_mm;
    Range clean_N; ///< to slide it over its full length; smoothing is left out, so on the safe side
};

/// @return nothing when the classes or sizes of both sides are not known, or a side is no metal ring
/// @errors those of limitDeviations and of the bearing limits, with the joint as place
/// @source [HB4.1], [HB4.4], [HB4.6]
Result<std::optional<SeatForce>> seatForce(const arrangement::Assembly& assembly, const arrangement::Joint& joint,
                                           const Library& library, catalog::Lubricant lubricant);

/// One tight ring of the way out.
struct TightRing {
    route::RingSite site;
    std::vector<route::Removal> ways; ///< best first
    std::optional<SeatForce> seat;
    std::optional<route::Breakaway> breakaway;
};

/// What the arrangement of a job gives.
struct StripPlan {
    arrangement::Assembly assembly; ///< with every section
    std::vector<Problem> faults;    ///< when there are any, the rest is empty
    route::Order order;
    std::vector<TightRing> rings; ///< in the order they come out
    std::vector<route::KitLine> kit;
    std::vector<std::string> missing; ///< ids of kit lines not on the bench yet

    bool sound() const { return faults.empty() && order.stuck == 0; }
    const TightRing* ring(std::size_t part) const;
};

/// @return nothing when the job has no arrangement
std::optional<StripPlan> planStrip(const job::Job& job, const Library& library, double stiffness_N_per_mm);

} // namespace arbor::plan
