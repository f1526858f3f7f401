#pragma once

#include "core/job/job.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Reads a document that has passed the schema. @errors those of size entry, with the JSON pointer of the field
Result<job::Job> jobFromJson(const nlohmann::json& document);

/// Every key known today; null where an optional part is absent, so that laying it over an older text removes that
/// part.
/// @param usualToo  what has its usual value is said as well, for whoever compares
nlohmann::json jobToJson(const job::Job& job, bool usualToo = false);

/// What a job file of today may say. @param arrangement  the schema of that part, which has a format of its own
nlohmann::json jobSchema(const nlohmann::json& arrangement);

} // namespace arbor::io
