#pragma once

#include "core/base/result.h"

#include <nlohmann/json.hpp>
#include <string>

namespace arbor::io {

/// A job as version 1 wrote it, said as version 2 does. Version 1 knew one press: its means, trace, readings, looks,
/// clocks and tools become those of the step that puts the job's own bearing in; what it knew of other seats and rings
/// goes to their steps. Keys of a newer program stay.
/// @param job  valid by the schema of version 1
nlohmann::json toVersion2(nlohmann::json job);

/// A job of any version that was ever written, as this program writes it. Jobs of a newer one stay as they are.
/// @errors those of intoDrawing
Result<nlohmann::json> asToday(nlohmann::json job);

/// The same from the text of a job that was read before; an empty object for a text that is none.
nlohmann::json textAsToday(const std::string& text);

} // namespace arbor::io
