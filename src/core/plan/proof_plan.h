#pragma once

#include "core/base/advice.h"
#include "core/job/proof.h"

#include <optional>
#include <set>

namespace arbor::job {
struct Job;
}

namespace arbor::plan {

struct Plan;

/// How many places of the retaining ring are felt for. @source [HB3.8] every few millimetres
inline constexpr int kProbes = 12;

/// Which looks this seat needs beside depth and tilt: those of a retaining ring where there is a groove, of an inner
/// ring where the bearing is whole, of a seal where there is one.
std::set<job::SeatCheck> checksOf(const Plan& plan);

/// What is missing of them and what is bad; the drag against what a bearing of this size takes; the rings pressed
/// besides.
AdviceList proofOf(const job::Job& job, const Plan& plan);

/// Greatest rolling torque of a bearing that is only greased [N m]: M0 = 160e-7 f0 dm^3 N mm below 2000 mm2/s x rpm,
/// with f0 = 2, three times as much for a cold start and ten times with rubbing seals.
/// @source no-load friction of rolling bearings after Palmgren; factors [PRACTICE]
double greatestDrag_Nm(double pitchDia_mm, bool sealed);

/// The next thing to look at: a check, a place at which the retaining ring is felt for, or a ring that was pressed
/// besides.
struct NextLook {
    std::optional<job::SeatCheck> check;
    int hour = 0;                                                 ///< of the clock, when it is no check
    std::optional<std::pair<std::string, std::string>> ring = {}; ///< by its seat, to be read
};
std::optional<NextLook> nextLook(const job::Job& job, const Plan& plan);

/// Proven, or signed for.
bool isSigned(const job::SeatProof& proof);

} // namespace arbor::plan
