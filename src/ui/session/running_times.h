#pragma once

#include "core/job/job.h"
#include "ui/session/instant.h"

namespace arbor::ui {

/// Notes by which count the running times were said.
void noteCount(job::StepHeat& heat, const std::string& now, const MachineCount& count);

/// Says the running times of a job that was opened again as the clock of this run would have said them: what the
/// machine has counted since is what has passed, whatever the wall clock was set to meanwhile.
/// @return whether the count knows all of them; false: the machine was started anew, or is another, and only its wall
/// clock tells
bool resumeTimes(job::Job& job, const std::string& now, const MachineCount& count);

} // namespace arbor::ui
