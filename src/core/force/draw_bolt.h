#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/standards/thread.h"

namespace arbor::force {

/// Torque over force of a screw that is turned under load [mm]: d_2/2 tan(lead + friction angle of the 60 degree
/// flank), and the collar that slips. @source [HB4.9] statics of the thread; VDI 2230 shortens it for small angles
double screwArm_mm(const standards::Thread& thread, double muThread, double muCollar, double collarMeanDia_mm);

/// A draw bolt under load. Sizes in mm.
struct DrawBolt {
    standards::Thread thread;
    standards::Strength strength;
    double headMeanDia_mm = 0; ///< D_Km, of the face that slips: washer or thrust bearing
    Interval muThread{0.08, 0.16};
    Interval muHead{0.10, 0.16};
    double engagement_mm = 0; ///< thread in the nut
    double wrench_mm = 0;     ///< 0: not known
    bool turned = true;       ///< by its nut; false: a ram pulls it, without torque
};
/// Friction of a greased thread and washer, and under a thrust bearing. @source [PRACTICE], [HB4.9]
inline constexpr Interval kGreasedThread{0.08, 0.16};
inline constexpr Interval kGreasedWasher{0.10, 0.16};
inline constexpr Interval kThrustBearing{0.003, 0.01};

struct BoltLoad {
    Range torque_Nmm;        ///< at the nut
    Range hand_N;            ///< at the end of the wrench; zero when its length is not known
    double stress_MPa = 0;   ///< von Mises of tension and torsion in the stress section, at the greatest force
    double allowed_MPa = 0;  ///< 0.9 of yield
    double greatest_N = 0;   ///< force at which it is reached
    double stripForce_N = 0; ///< at which the bolt's thread shears off in the nut
    bool strong() const { return stress_MPa <= allowed_MPa; }
};

/// Torque, stress and thread of a draw bolt.
/// T = F times screwArm_mm; sigma = F/A_s, tau = T_thread / (pi/16 d_s^3) with
/// d_s = (d_2 + d_3)/2; sigma_red = sqrt(sigma^2 + 3 tau^2) up to 0.9 R_e. Stripping: 0.6 R_m over
/// pi D_1 (m/P) [P/2 + (d_2 - D_1) tan 30 deg].
/// @param force_N  >= 0
/// @errors NotPositive (engagement_mm, headMeanDia_mm), OutOfRange (force_N)
/// @source [VDI2230-1], [HB4.9]
Result<BoltLoad> loadBolt(const DrawBolt& bolt, const Range& force_N);

} // namespace arbor::force
