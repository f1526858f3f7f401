#pragma once

#include "log/entry.h"

#include <nlohmann/json.hpp>

namespace arbor::log {

/// An entry as it is exported, or waits to be delivered.
nlohmann::ordered_json toJson(const Entry& entry);
/// @errors Malformed
Result<Entry> entryFromJson(const nlohmann::json& d);

/// All of them as CSV, one line a press, without their documents.
std::string toCsv(const std::vector<Entry>& entries);

} // namespace arbor::log
