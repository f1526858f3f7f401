#pragma once

#include "core/base/result.h"
#include "core/job/job.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// What was measured, as it stands in a job file under "measured". The schema has been checked.
job::Measured measuredFromJson(const nlohmann::json& d);
nlohmann::json measuredToJson(const job::Measured& measured);

/// Under "work".
job::Work workFromJson(const nlohmann::json& d);
nlohmann::json workToJson(const job::Work& work);

} // namespace arbor::io
