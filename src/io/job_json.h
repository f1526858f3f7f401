#pragma once

#include "core/job/job.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Reads a document that has passed the schema. @errors those of size entry, with the JSON pointer of the field
Result<job::Job> jobFromJson(const nlohmann::json& document);

/// Every key known today; null where an optional part is absent, so that laying it over an older text removes that
/// part.
nlohmann::json jobToJson(const job::Job& job);

} // namespace arbor::io
