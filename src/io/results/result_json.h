#pragma once

#include "core/base/advice.h"
#include "core/base/range.h"
#include "words/display.h"

#include <nlohmann/json.hpp>
#include <optional>

namespace arbor::io {

/// Results as programs read them: least, likely, most; lower, upper; findings with severity, sentence and source.
nlohmann::ordered_json orNull(const std::optional<double>& value, double unit = 1);
nlohmann::ordered_json rangeJson(const Range& range, double unit = 1);
nlohmann::ordered_json limitsJson(const Limits& limits, double unit = 1);
nlohmann::ordered_json adviceJson(const AdviceList& list, const words::Display& display);

} // namespace arbor::io
