#pragma once

#include "mistakes/program.h"

namespace arbor::mistakes {

/// Whether what holds somebody back is really so. Of a job without a mistake whatever is not is a false alarm.
bool isTrue(const Said& said, const World& world, const plan::Plan& plan);

} // namespace arbor::mistakes
