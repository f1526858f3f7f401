#pragma once

#include "core/adjust/grease.h"
#include "core/adjust/nut.h"
#include "core/adjust/pair.h"
#include "core/adjust/spacer_pair.h"
#include "core/base/advice.h"
#include "core/job/adjust.h"
#include "core/plan/strip_plan.h"

#include <optional>
#include <utility>
#include <vector>

namespace arbor::plan {

struct FitPlan;

/// Two bearings of the arrangement that are set against each other.
struct OpposedPair {
    std::string first, second;                      ///< as the shop calls them
    const catalog::Bearing* firstBearing = nullptr; ///< into the tables
    const catalog::Bearing* secondBearing = nullptr;
    adjust::Pair geometry;
    double bore_mm = 0; ///< the larger of the two
    std::string nut;    ///< empty: none
    double nutDia_mm = 0;
    std::string spacer;         ///< empty: the nut alone sets it
    double spacerLength_mm = 0; ///< of the one that is there, measured where it was
    double drawnSpacer_mm = 0;
    double spacerArea_mm2 = 0;
    double spacerOutside_mm = 0;
};

/// The pair of an arrangement; nothing: there is none to set.
std::optional<OpposedPair> pairOf(const arrangement::Assembly& assembly, const tables::Tables& tables);

struct AdjustPlan {
    OpposedPair pair;
    Interval target_mm;
    std::string targetName;                   ///< of the table's row; empty: the user's own
    std::optional<adjust::SlotChoice> choice; ///< of a nut that was measured
    std::optional<double> on_deg;             ///< of a nut under clamp load: on to the next place
    std::vector<std::pair<adjust::SettingMethod, Interval>> schools;
    std::optional<double> play_mm; ///< as it will be used: at full torque
    double lostAtWork_mm = 0;
    std::optional<double> atWork_mm;
    std::optional<adjust::Clamped> clamped;  ///< of a spacer
    std::optional<Interval> neededSpacer_mm; ///< for the whole band
    std::string scrap;                       ///< what Measure has scrapped of it, spacer or seat; empty: nothing
    std::optional<adjust::ShimPack> shims;   ///< from stock, for the washer that would bring it into the band
    double shimsFor_mm = 0;
    std::optional<double> rolling_Nm;
    std::vector<adjust::Fill> grease; ///< of each bearing
    AdviceList findings;

    bool inBand() const {
        return scrap.empty() && play_mm && *play_mm >= target_mm.lower - 1e-9 && *play_mm <= target_mm.upper + 1e-9;
    }
    bool onSpacer() const { return !pair.spacer.empty(); }
};

/// A spacer that was measured counts with its measured length, and what is wrong with its ends is said here as well:
/// the clamp closes them, and the rollers see it.
/// @param fits  with the spacers that were measured; null: none
/// @return nothing where the arrangement has no pair to set
/// @errors those of the nut, the spacer and the band, with "adjust/..." as place
/// @source [HB4.15], [HB4.16], [HB5] taper adjustment
Result<std::optional<AdjustPlan>> planAdjust(const job::Job& job, const StripPlan& strip, const FitPlan* fits,
                                             const tables::Tables& tables);

} // namespace arbor::plan
