#pragma once

#include "log/entry.h"

#include <nlohmann/json.hpp>

namespace arbor::log {

/// What `log --json` prints: {format, version, presses}.
inline constexpr const char* kExportFormat = "brisk-arbor/log";
inline constexpr int kExportVersion = 1;
/// The presses of such a document, or of the bare list that programs before it printed; null: it is neither.
const nlohmann::json* pressesIn(const nlohmann::json& document);

/// An entry as it is exported, or waits to be delivered.
nlohmann::ordered_json toJson(const Entry& entry);
/// @errors Malformed
Result<Entry> entryFromJson(const nlohmann::json& d);

/// All of them as CSV, one line a press, without their documents.
std::string toCsv(const std::vector<Entry>& entries);

} // namespace arbor::log
