#pragma once

#include <nlohmann/json.hpp>

namespace arbor::io {

/// A job as version 1 wrote it, said as version 2 does. Version 1 knew one press: its means, trace, readings, looks,
/// clocks and tools become those of the step that puts the job's own bearing in; what it knew of other seats and rings
/// goes to their steps. Keys of a newer program stay.
/// @param job  valid by the schema of version 1
nlohmann::json toVersion2(nlohmann::json job);

/// The same where it is of version 1; others as they are.
nlohmann::json asToday(nlohmann::json job);

} // namespace arbor::io
