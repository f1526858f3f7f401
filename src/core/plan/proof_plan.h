#pragma once

#include "core/plan/step_plan.h"

#include <optional>
#include <set>
#include <vector>

namespace arbor::plan {

/// How many places of the retaining ring are felt for. @source [HB3.8] every few millimetres
inline constexpr int kProbes = 12;

/// Which looks the seat of a step needs beside depth and tilt: those of a retaining ring where one holds it, of an
/// inner ring where the bearing is whole, of a seal that was not read.
std::set<job::SeatCheck> checksOf(const arrangement::Assembly& assembly, const std::vector<StepPlan>& steps,
                                  const StepPlan& step);

/// What is missing of its checks and what is bad; the drag against what a bearing of this size takes; the rings that
/// the other steps have put in.
AdviceList proofOf(const job::SeatChecks& proof, const arrangement::Assembly& assembly,
                   const std::vector<StepPlan>& steps, const StepPlan& step);

/// Greatest rolling torque of a bearing that is only greased [N m]: M0 = 160e-7 f0 dm^3 N mm below 2000 mm2/s x rpm,
/// with f0 = 2, three times as much for a cold start and ten times with rubbing seals.
/// @source no-load friction of rolling bearings after Palmgren; factors [PRACTICE]
double greatestDrag_Nm(double pitchDia_mm, bool sealed);

/// The next thing to look at of a step: a check, a place at which the retaining ring is felt for, or a ring that
/// another step has put in.
struct NextLook {
    std::optional<job::SeatCheck> check;
    int hour = 0;                              ///< of the clock, when it is no check
    std::optional<std::size_t> otherStep = {}; ///< of the plan, whose ring is to be read
};
std::optional<NextLook> nextLook(const job::SeatChecks& proof, const std::vector<StepPlan>& steps,
                                 const StepPlan& step);

/// Proven, or signed for.
bool isSigned(const job::SeatChecks& proof);

} // namespace arbor::plan
