#pragma once

#include "core/arrangement/arrangement.h"
#include "core/base/result.h"

#include <string>
#include <string_view>

namespace arbor::io {

/// Reads {"format": "arbor-arrangement", "version": 1, "id", "title", "shape", "base", "parts": [...], "pressed",
/// "threaded"}. A part has id, kind, label, material and either bodies, each a list of slices upwards along the axis,
/// or a bearing of the catalogue {designation, piece, at_mm, turned, seals, encoder, tolerance_class, clearance_group,
/// static_rating_N, inner_raceway_mm, outer_raceway_mm, plastic_cage}; where they apply elements (rolling), travelling
/// (its bodies while it leaves), keep_clear ({label, slices}: what hangs on it), locked_by, way_round {feature, faces}
/// and lines_up_with. Pressed and threaded list joints as pairs of ids, or as objects with hole and shaft (a class or
/// limits, as typed), hole_mm and shaft_mm (measured), hole_rz_um and shaft_rz_um, notched. Parts of the catalogue have
/// no section yet: resolve() gives it, faults() then judges the whole.
/// @errors Malformed, UnknownKey, Missing (place "parts/2"), UnknownName (kind, base), UnknownClass, NotPositive and
/// GeometryOrder (a slice that is none), those of size entry
Result<arrangement::Arrangement> parseArrangement(std::string_view text);

/// The same text from an arrangement; sections of catalogue parts are left out again.
std::string arrangementText(const arrangement::Arrangement& arrangement);

} // namespace arbor::io
