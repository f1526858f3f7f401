#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <string>
#include <vector>

namespace arbor::adjust {

/// One of two bearings that are set against each other.
struct Row {
    double meanDia_mm = 0;   ///< D_m, of the circle of the elements
    double contact_deg = 15; ///< contact angle
    friend bool operator==(const Row&, const Row&) = default;
};

/// An opposed pair as it changes with temperature.
struct Pair {
    Row first, second;
    double apart_mm = 0;       ///< between the middles of the rows
    bool pointsInside = false; ///< pressure points inside the pair (X); false: outside (O), the usual hub
    double alphaShaft_perK = 1.15e-5;
    double alphaHousing_perK = 1.15e-5;
};

/// End play lost when shaft and housing are that much warmer than when it was set; negative: gained.
/// @errors OutOfRange (contact_deg, 1 to 80), NotPositive (meanDia_mm)
/// @source [HB4.15] (alpha_s dT_s - alpha_h dT_h) [Dm1/2 cot a1 + Dm2/2 cot a2 +- L]
Result<double> playLost_mm(const Pair& pair, double shaft_K, double housing_K);

/// What a habit of the shop comes to on this thread, as end play [mm]; negative: preload.
enum class SettingMethod {
    Indicator,     ///< set and read: the reference
    NextSlotLoose, ///< tight, back off, finger tight, to the next slot loose
    PartOfATurn,   ///< tight, then back off part of a turn
    WasherMoves,   ///< until the washer just moves under a screwdriver
    SnugTwice,     ///< snug, loosen, snug
};
inline constexpr SettingMethod kSchools[] = {SettingMethod::Indicator, SettingMethod::NextSlotLoose,
                                             SettingMethod::PartOfATurn, SettingMethod::WasherMoves,
                                             SettingMethod::SnugTwice};

struct SchoolInput {
    double pitch_mm = 1.5;
    double step_mm = 0; ///< from one lock place to the next; 0: it can be locked anywhere
    double partOfATurn = 1.0 / 6;
    Interval target_mm;        ///< what the indicator is set to
    double reading_mm = 0.005; ///< uncertainty of the indicator
};
/// @source [HB5] taper adjustment; finger tight is 0 to 0.02 mm of play, tight takes 0.02 to 0.06 mm up that must come
/// back first, a washer moves at 0 to 0.10, snug is -0.02 to 0.02 [PRACTICE]
Interval playOf(SettingMethod school, const SchoolInput& in);

/// Torque of rolling by a spring scale. @source [HB4.15] pull x radius
double rollingTorque_Nm(double pull_N, double radius_mm);

} // namespace arbor::adjust
