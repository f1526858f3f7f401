#pragma once

#include "core/base/result.h"

#include <initializer_list>
#include <nlohmann/json.hpp>
#include <string_view>

namespace arbor {

/// Parses JSON and refuses what the library would let pass in silence: a key given twice in one object.
/// @errors Malformed (place "line L, column C"), Duplicate (the key), OutOfRange (nested too deeply)
Result<nlohmann::json> parseJson(std::string_view text);

/// What a value is to be, by the name JSON has for its kind: "number", "array". Empty: it has no such name.
Wanted kindWanted(std::string_view name);

/// What a document lacks, or where it has another kind of value, from what the library says (JSON_DIAGNOSTICS, which
/// the build sets, has it name the place).
/// @return Missing, Malformed
Problem jsonProblem(const nlohmann::json::exception& error);

/// @errors UnknownKey for the first key of `object` that is not in `known`
Result<void> onlyKeys(const nlohmann::json& object, std::initializer_list<std::string_view> known);

} // namespace arbor
