#pragma once

#include "core/base/advice.h"
#include "core/base/result.h"
#include "core/job/closing.h"

#include <vector>

namespace arbor::closing {

/// In which order so many bolts on a circle are tightened, counted from 0 clockwise. Star: each next one as far from
/// those done as there is, the opposite first. @source [PRACTICE]
std::vector<int> order(int count, job::Pattern pattern);

/// What a stage is tightened to, of all stages [N m]: even steps. @param stage  from 1
double stage_Nm(const job::Fastener& fastener, int stage);

/// What is still to do on a line of the list, and what was done wrong: not tightened, read off the value by more than
/// 5 %, an old one-time fastener, not locked.
AdviceList judge(const job::Fastener& fastener);

/// How the run-in went.
enum class RunInVerdict { NotRun, Rising, Settled, TooHot };
struct RunInState {
    RunInVerdict verdict = RunInVerdict::NotRun;
    double rise_K = 0;    ///< of the last reading over the room
    double perHour_K = 0; ///< between the last two
};
/// Settled when the last two readings, a quarter of an hour apart or more, rise by less than 4 K an hour. @source
/// [PRACTICE]
RunInState judge(const job::RunIn& runIn);

/// @errors NotPositive (torque_Nm, stages, count), OutOfRange
Result<void> check(const job::Fastener& fastener);

} // namespace arbor::closing
