#pragma once

#include "core/arrangement/assembly.h"
#include "core/catalog/material.h"
#include "core/catalog/rack.h"
#include "core/route/kit.h"
#include "core/route/order.h"
#include "core/route/removal.h"

#include <optional>
#include <vector>

namespace arbor::job {
struct Job;
}

namespace arbor::tables {
struct Tables;
}

namespace arbor::plan {

/// Of frame and stack where the press is not known. @source [HB4.6]
inline constexpr double kFrameStiffness_N_per_mm = 20e3;

/// One tight ring of the way out.
struct TightRing {
    route::RingSite site;
    std::vector<route::Removal> ways;          ///< best first
    std::optional<std::size_t> seat;           ///< into the seats of Fit, where both sides of it are known there
    Range pressIn_N;                           ///< as Fit has it
    std::optional<route::Breakaway> breakaway; ///< likewise
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

/// The press the job is worked on; where none is said, the first of the rack that is no vice. Null: it is worked
/// without one, there is none, or its name is not on the rack.
const catalog::Press* pressAtHand(const job::Job& job, const catalog::Rack& rack);

/// Without the forces, which are Fit's.
StripPlan planStrip(const job::Job& job, const tables::Tables& tables);

struct FitPlan;
/// What each ring takes to be pressed in, and at what it lets go: the figures of its seat at Fit, so that no two
/// stations have two.
void takeForces(StripPlan& strip, const FitPlan& fits);

} // namespace arbor::plan
