#pragma once

#include "core/job/hand_press.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// A press that was read by hand, in the job file.
job::HandPress handFromJson(const nlohmann::json& d);
nlohmann::json handToJson(const job::HandPress& hand);

} // namespace arbor::io
