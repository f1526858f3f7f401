#pragma once

#include "core/arrangement/assembly.h"
#include "core/route/removal.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::route {

enum class KitUse {
    New,          ///< must lie on the bench, new
    ReuseIfSound, ///< new, or the old one after a stated check
    Grease,       ///< an amount, not a part
    Tool,         ///< what a method of getting rings out needs
};

/// One line of what must be on the bench before anything is stripped.
struct KitLine {
    std::string id; ///< of the part; "grease"; "method:drift"
    arrangement::PartKind kind = arrangement::PartKind::Bearing;
    KitUse use = KitUse::New;
    Method method = Method::Press; ///< of a Tool
    Range grease_g = {};           ///< a third to a half of the free volume of the open bearings, most: packed full
};

/// What the arrangement uses up: bearings and their rings, retaining rings, collars, seals, wear sleeves, pins and nuts
/// new; caps, washers and shields if they are sound; grease for bearings without seals.
/// @param assembly  resolved  @source [HB3.1], [HB4.16], [HB5]
std::vector<KitLine> kitOf(const arrangement::Assembly& assembly, const std::vector<catalog::Bearing>& catalogue);

/// One line for each method that the rings are to be got out by. Press and its sleeves are found at Tooling.
std::vector<KitLine> toolsFor(const std::vector<Method>& methods);

/// Stable names of methods for files: "press", "draw_bolt", ...
std::string_view name(Method method);

/// Free volume of an open bearing [mm^3]: the ring space less rings and elements, from the model's own bodies.
/// @source [HB4.16]
double freeVolume_mm3(const catalog::Bearing& bearing);

} // namespace arbor::route
