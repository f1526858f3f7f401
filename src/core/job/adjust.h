#pragma once

#include "core/adjust/grease.h"
#include "core/adjust/nut.h"
#include "core/adjust/pair.h"
#include "core/job/gauge_used.h"

#include <optional>
#include <set>
#include <string>
#include <vector>

namespace arbor::job {

/// Setting an opposed pair, as it was typed and found. What stands in the arrangement is not typed again.
struct Adjust {
    adjust::Nut nut;
    bool underClamp = false; ///< a castle nut that clamps: only ever turned on
    adjust::SettingMethod school = adjust::SettingMethod::Indicator;
    double partOfATurn = 1.0 / 6;       ///< of the school that backs off part of a turn
    std::set<int> ticked;               ///< steps of the guided sequence, from 0
    std::string use = "general";        ///< row of the table of bands
    std::optional<Interval> target_mm;  ///< the user's own band in its place
    std::optional<double> play_mm;      ///< by the indicator; negative: preload that was reckoned
    double uncertainty_mm = 0.005;      ///< of that reading
    GaugeUsed gauge = {};               ///< the indicator
    double toNext_deg = 0;              ///< loosened until a slot stands over a hole
    double torque_Nm = 0;               ///< of the axle nut on a spacer; 0: not said
    double handTorque_Nm = 0;           ///< at which end play was found
    std::optional<double> foundWith_mm; ///< length of the spacer it was found with; nothing: as it is drawn
    double nutFactor = 0.2;
    double shaft_K = 0; ///< at work, over the bench
    double housing_K = 0;
    std::optional<double> pull_N; ///< on a string round the housing
    double radius_mm = 0;
    std::optional<Interval> torque_Nm_wanted; ///< of rolling
    std::vector<double> stock_mm;             ///< washers and shims there are
    double cavity_cm3 = 0;                    ///< beside the bearings, for the grease
    adjust::Grease grease;
    friend bool operator==(const Adjust&, const Adjust&) = default;
};

} // namespace arbor::job
