#pragma once

#include "core/arrangement/assembly.h"

#include <string>
#include <string_view>

namespace arbor::arrangement {

/// An arrangement as it is kept in a file: a template of one of the shapes, or a job's own.
struct Arrangement {
    std::string id;
    std::string title;
    Assembly assembly;
};

/// Reads {"format": "arbor-arrangement", "version": 1, "id", "title", "base", "parts": [...], "pressed", "threaded"}.
/// A part has id, kind, label, material and bodies, each a list of slices [from_mm, to_mm, bore_mm, outside_mm] upwards
/// along the axis; where they apply elements (rolling), travelling (its bodies while it leaves) and locked_by. Pressed
/// and threaded list joints as pairs of ids.
/// @errors Malformed, UnknownKey, Missing (place "parts/2"), UnknownName (kind, base), NotPositive and GeometryOrder (a
/// slice that is none), and those of validate
Result<Arrangement> parseArrangement(std::string_view text);

} // namespace arbor::arrangement
