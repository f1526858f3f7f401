#pragma once

#include "core/plan/step_plan.h"
#include "words/sentences.h"

#include <string>
#include <vector>

namespace arbor::words {

/// What the press of a step takes, in the order it is read: force, travel, how it ends, gauge, energy.
std::vector<std::string> pressLines(const plan::PressPlan& press, const Display& display);

} // namespace arbor::words
