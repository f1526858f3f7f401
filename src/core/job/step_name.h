#pragma once

#include "core/job/step.h"

#include <string>

namespace arbor::job {

/// What a step is called in files: its way and its seat, "in:hub+bearing".
std::string nameOf(const StepKey& step);

} // namespace arbor::job
