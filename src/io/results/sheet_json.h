#pragma once

#include "core/job/job.h"
#include "words/sheet.h"

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace arbor::io {

/// Of every result that is printed as JSON; raised when the meaning of a key changes.
inline constexpr int kResultVersion = 1;
std::string resultFormat(const std::string& command); ///< "brisk-arbor/fit"

/// What one command says of a job: its sheets, numbers under stable keys that name their unit.
nlohmann::ordered_json sheetsJson(const std::string& command, const job::Job& job,
                                  const std::vector<words::Sheet>& sheets);

/// The JSON Schema of that, as docs/schema publishes it.
nlohmann::ordered_json sheetsSchema(const std::string& command);

} // namespace arbor::io
