#pragma once

#include "core/plan/given.h"
#include "core/plan/work_step.h"

namespace arbor::plan {

/// The job's own thread that draws a part home, where it has one that does: a nut that is screwed to what is carried,
/// or screws through its flange. What presses on the part (the nut, a washer under it, the flange that is drawn) is
/// judged as a driver like any other, the thread by how far it reaches and by what each bears.
/// @param step  that goes in  @return nothing where the job has no such thread
/// @source [HB8] "no press at hand"; [VDI2230-1], [HB4.9] for torque and strength
std::optional<StepSetup> ownThreadFor(const WorkStep& step, const Given& given);

} // namespace arbor::plan
