#pragma once

#include "core/plan/strip_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// The order of work for programs: taking apart with its tight rings and the kit, or putting together.
nlohmann::ordered_json stripJson(const plan::StripPlan& strip, const words::Display& display, bool apart);

} // namespace arbor::io
