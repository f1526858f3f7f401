#pragma once

#include "core/job/heat.h"
#include "ui/session/instant.h"

namespace arbor::ui {

/// Notes by which count its running times were said.
void noteCount(job::Heat& heat, const std::string& now, const MachineCount& count);

/// Says the running times of a job that was opened again as the clock of this run would have said them: what the
/// machine has counted since is what has passed, whatever the wall clock was set to meanwhile.
/// @return whether the count knows it; false: the machine was started anew, or is another, and only its wall clock
/// tells
bool resumeTimes(job::Heat& heat, const std::string& now, const MachineCount& count);

} // namespace arbor::ui
