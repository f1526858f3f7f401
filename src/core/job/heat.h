#pragma once

#include "core/job/gauge_used.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace arbor::job {

/// What the user fixed of its temperatures; nothing: the program chooses.
struct HeatOverrides {
    std::optional<double> outer_C;
    std::optional<double> inner_C;
    std::optional<std::string> outerSource; ///< of the heat sources' table
    std::optional<std::string> innerSource;
    std::optional<double> margin_mm; ///< clearance while it goes in
    friend bool operator==(const HeatOverrides&, const HeatOverrides&) = default;
};

/// A clock that runs.
struct Clock {
    enum class What { Outer, Inner, Carry, Together, Cool }; ///< soaking, soaking, on its way, in and held, cooling
    What what = What::Outer;
    std::string started; ///< ISO 8601
    double lasts_s = 0;  ///< as it was worked out when it was started
    friend bool operator==(const Clock&, const Clock&) = default;
};

/// When these times were said, by the machine's own count as well: a wall clock may have been set since.
struct Counted {
    std::string boot; ///< of which start of which machine
    std::string when; ///< ISO 8601, by the same clock as the times
    double count_s = 0;
    friend bool operator==(const Counted&, const Counted&) = default;
};

/// What the thermometer said of the outer part.
struct HeatReading {
    std::string when; ///< ISO 8601
    double temp_C = 0;
    friend bool operator==(const HeatReading&, const HeatReading&) = default;
};

/// Warming and chilling for one step.
struct StepHeat {
    bool pressCold = false; ///< no warming: straight in
    bool triedCold = false; ///< the stack, its stroke and its reach, before anything was warmed
    HeatOverrides overrides;
    std::string pressAt; ///< ISO 8601: when it shall be pressed; empty: not said
    std::vector<Clock> clocks;
    std::vector<HeatReading> readings; ///< since the carry began
    std::optional<Counted> counted;    ///< of the clocks and readings
    GaugeUsed thermometer = {};
    friend bool operator==(const StepHeat&, const StepHeat&) = default;
};

/// What holds for whatever is warmed in this job.
struct Heat {
    double room_C = 20;
    double walk_s = 30;                      ///< from oven to press, and set down on it
    double off_K = 0;                        ///< how far the oven is off, for a look at what happens
    std::map<std::string, double> lowered_C; ///< the user's own ceilings, by what they protect
    friend bool operator==(const Heat&, const Heat&) = default;
};

} // namespace arbor::job
