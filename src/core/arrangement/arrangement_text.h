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
    std::string shape = {}; ///< "A" to "J": what kind of work it is; empty: not said
};

/// Reads {"format": "arbor-arrangement", "version": 1, "id", "title", "shape", "base", "parts": [...], "pressed",
/// "threaded"}. A part has id, kind, label, material and either bodies, each a list of slices upwards along the axis,
/// or a bearing of the catalogue {designation, piece, at_mm, turned, seals, encoder}; where they apply elements
/// (rolling), travelling (its bodies while it leaves), locked_by, way_round {feature, faces} and lines_up_with. Pressed
/// and threaded list joints as pairs of ids, or as objects with hole and shaft class and measured sizes. Parts of the
/// catalogue have no section yet: resolve() gives it, faults() then judges the whole.
/// @errors Malformed, UnknownKey, Missing (place "parts/2"), UnknownName (kind, base), UnknownClass, NotPositive and
/// GeometryOrder (a slice that is none)
Result<Arrangement> parseArrangement(std::string_view text);

/// The same text from an arrangement; sections of catalogue parts are left out again.
std::string arrangementText(const Arrangement& arrangement);

} // namespace arbor::arrangement
