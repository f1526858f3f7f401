#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <vector>

namespace arbor::adjust {

/// Two bearings clamped through a spacer between their inner rings. Sizes in mm.
struct ClampedPair {
    double nutDia_mm = 0;   ///< of the thread
    double nutFactor = 0.2; ///< K: torque over force and thread diameter
    double spacerLength_mm = 0;
    double spacerArea_mm2 = 0;
    double spacerE_MPa = 208'000;
    double ringWidth_mm = 0; ///< of both inner rings together; 0: taken as rigid
    double ringArea_mm2 = 0;
    double ringE_MPa = 208'000;
};

struct Clamped {
    double force_N = 0;
    double spacerShorter_mm = 0;
    double ringsShorter_mm = 0;
    double both_mm() const { return spacerShorter_mm + ringsShorter_mm; }
};

/// @param torque_Nm  of the axle nut
/// @errors NotPositive (nut_mm, nut_factor, spacer_mm2, ring_mm2), OutOfRange (torque_Nm)
/// @source [HB4.15] T/(K d_nut), F L/(E A)
Result<Clamped> clamp(const ClampedPair& pair, double torque_Nm);

/// End play at another torque than the one it was measured at: what the stack gives comes off it.
Result<double> playAt_mm(const ClampedPair& pair, double play_mm, double measuredAt_Nm, double torque_Nm);

/// Length the spacer needs. @source [HB4.15] trial length - (play found - play wanted)
double neededLength_mm(double trial_mm, double found_mm, double wanted_mm);

/// The best combination from stock.
struct ShimPack {
    std::vector<double> shims_mm; ///< thickest first
    double total_mm = 0;
};
/// @param stock_mm  thicknesses there are, each as often as it lies there  @param most  pieces, fewer are better
/// @return the total nearest to what is wanted, of equals the one with the fewest pieces
/// @errors NotPositive (a thickness), OutOfRange (wanted_mm below 0, most)
Result<ShimPack> packShims(double wanted_mm, std::vector<double> stock_mm, std::size_t most = 4);

} // namespace arbor::adjust
