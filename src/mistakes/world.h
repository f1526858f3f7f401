#pragma once

#include "core/plan/plan.h"
#include "mistakes/chance.h"
#include "sim/bore.h"
#include "sim/press.h"

#include <map>
#include <memory>
#include <set>
#include <string>
#include <utility>

namespace arbor::mistakes {

/// A surface of a seat by the seat and the side: true is the hole.
using SurfaceKey = std::pair<job::SeatKey, bool>;

/// One surface as it really is, and how it looks.
struct RealSurface {
    sim::Bore form;
    measure::Condition looks;
};

/// A spacer as it really is.
struct RealSpacer {
    double outside_mm = 0;
    double drawn_mm = 0;
    double length_mm = 0;
    double unparallel_mm = 0; ///< rise of the upper end over the lower, across it
    double unsquare_mm = 0;   ///< of the lower end
    double flare_mm = 0;      ///< of the upper end, on the diameter
};

/// A ring that goes in, as it really goes and stands.
struct RealRing {
    sim::RealSeat seat;
    sim::Fault fault = sim::Fault::None;
    double free_mm = 0;        ///< of its way, before it touches
    double short_mm = 0;       ///< of home
    double rise_mm = 0;        ///< across the seat
    double chip_mm = 0;        ///< under one place
    std::set<int> notInGroove; ///< hours at which its retaining ring is not in its groove
    bool turnsBadly = false;
};

/// A job as it really is, beside what has been told of it. Nothing here is known to the program but `job`, `rack` and
/// `traces`; a mistake changes what is real, or what the hand is about to do, and the hand then measures and tells.
struct World {
    std::string shape; ///< "A" to "J"
    job::Job job;
    std::shared_ptr<const catalog::Rack> rack; ///< another one where it changes
    std::map<job::StepKey, trace::Trace> traces;

    std::map<SurfaceKey, RealSurface> surfaces;
    std::map<std::string, RealSpacer> spacers; ///< by part
    std::map<job::StepKey, RealRing> rings;    ///< by the step that puts it in
    double play_mm = 0;                        ///< of an opposed pair, as it stands
    double waited_s = 0;                       ///< since its clocks were started
};

/// The bodies of a seat as the stand-in for a press has them; interference and friction are still to be said.
sim::RealSeat realSeatOf(const fit::SeatInput& in);

/// @name The hand: it measures what is real, with its gauge, and tells.
/// @{
void measureSurface(World& world, const SurfaceKey& key, Chance& chance);
void measureSpacer(World& world, const std::string& part, Chance& chance);
void pressIn(World& world, const plan::StepPlan& step, Chance& chance);
void readRing(World& world, const plan::StepPlan& step, Chance& chance);
void readPlay(World& world, Chance& chance);
/// @}

} // namespace arbor::mistakes
