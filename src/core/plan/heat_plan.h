#pragma once

#include "core/base/advice.h"
#include "core/plan/given.h"
#include "core/thermal/heat_source.h"
#include "core/thermal/shrink_fit.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::plan {

/// A temperature a part must not go beyond, and what it protects.
struct TempLimit {
    using What = found::Protects;
    What what = What::Metal;
    std::string subject; ///< material, or the seal's name
    double temp_C = 0;
    bool lowered = false; ///< by the user
    std::string of = {};  ///< the part it belongs to, where that only goes along; empty: the side's own
};
std::string_view name(TempLimit::What what);

/// One of the two parts of a seat, as it is warmed or chilled.
struct HeatSide {
    std::string label;
    thermal::PartClass part = thermal::PartClass::Housing;
    std::vector<TempLimit> ceilings; ///< lowest first
    std::vector<TempLimit> floors;   ///< highest first
    bool withGrease = false;
    thermal::SoakPart soakPart;
    thermal::Tube tube; ///< of the same mass, wall and skin; starts at the temperature chosen
    double temp_C = 20;
    const thermal::HeatSource* source = nullptr; ///< into the tables; null: it stays as it is
    std::optional<thermal::Soak> soak;

    double ceiling_C() const { return ceilings.front().temp_C; }
    double floor_C() const { return floors.front().temp_C; }
};

/// One mix of temperatures that opens the seat.
enum class HeatMix { Nothing, OuterOnly, InnerOnly, Both };
struct HeatOption {
    HeatMix mix = HeatMix::Nothing;
    double outer_C = 20;
    double inner_C = 20;
    bool within = true; ///< every ceiling and floor
};

/// How one seat is opened by temperature.
struct HeatPlan {
    job::SeatKey key;
    double dia_mm = 0;
    double length_mm = 0;
    Interval interference_mm; ///< at 20 °C, worst cases: nothing is counted on
    double likely_mm = 0;
    double room_C = 20;
    double margin_mm = 0; ///< clearance wanted
    double least_mm = 0;  ///< under which it is not started any more
    HeatSide outer;
    HeatSide inner;
    std::vector<HeatOption> ways; ///< best first
    std::size_t chosen = 0;
    bool byUser = false;          ///< the temperatures are the user's
    double clearanceWorst_mm = 0; ///< with the tightest parts, when it leaves the oven
    double outerMost_C = 0;       ///< what the outer part may have, its own limits and the other's once together
    AdviceList findings;

    bool needed() const { return !ways.empty() && ways[chosen].mix != HeatMix::Nothing; }
};

/// Temperatures, sources and soaking times for one seat. The housing is warmed first; the ring is chilled where that is
/// not enough, or not allowed.
/// @errors OutOfRange, UnknownName, with their place in the job file
/// @source [HB4.10], [HB4.11], [HB5] heat or chill
Result<HeatPlan> planHeat(const Given& given, std::size_t seat);

/// By seat of Fit; nothing where its fit is not known, or what is overridden of it cannot be.
using Heats = std::vector<std::optional<HeatPlan>>;

/// One run through time: the two apart, and then together.
struct HeatRun {
    thermal::ShrinkRun apart;    ///< never put together: the window
    thermal::ShrinkRun together; ///< after the walk
};

/// What happens once the part has left the oven.
struct HeatCourse {
    double walk_s = 0;
    HeatRun tight; ///< tightest parts in moving air
    HeatRun likely;
    HeatRun loose;                     ///< loosest parts in still air
    std::optional<double> lastStart_s; ///< of the tight run; nothing: it stays open
    std::optional<double> gripFirst_s; ///< after it goes in; nothing: it does not grip within the time looked at
    std::optional<double> gripLast_s;  ///< hold it until then
    std::optional<double> ready_s;     ///< both back at the room's temperature, so that it may be measured and loaded
};

/// Follows a plan from the oven to the room's temperature.
/// @param walk_s  when it goes in; @param off_K  how much less than planned the warm part has (or the cold one more)
/// @errors those of follow
Result<HeatCourse> followHeat(const HeatPlan& plan, double walk_s, double off_K = 0);

/// It closes before the transfer has ended; nothing: there is time, or it does not close. @source [HB4.11]
std::optional<Advice> windowShort(const HeatCourse& course);

/// The same with what the thermometer said of the outer part since it left the oven: it goes on from the first reading,
/// and loses heat as fast as the others show.
struct Measured_C {
    double t_s = 0;
    double temp_C = 0;
};
HeatPlan correctedBy(const HeatPlan& plan, const std::vector<Measured_C>& readings);

/// When each part goes in where, told when it shall be pressed: seconds before that.
struct HeatSchedule {
    double carry_s = 0;
    std::optional<double> outer_s; ///< into its source
    std::optional<double> inner_s;
};
HeatSchedule scheduleOf(const HeatPlan& plan, double walk_s);

} // namespace arbor::plan
