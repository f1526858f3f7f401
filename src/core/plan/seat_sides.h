#pragma once

#include "core/arrangement/assembly.h"
#include "core/catalog/material.h"

namespace arbor::plan {

struct Library;

/// Radii of a part's wall where it is touched at a height [mm]; a side without metal is 0.
struct WallAt {
    double bore = 0, outside = 0;
};
WallAt wallAt(const arrangement::Part& part, double z_mm, double seatRad_mm, bool seatIsBore);

/// A part's material, plain carbon steel where the table does not know it; rings of the catalogue are bearing steel.
const catalog::Material& materialOf(const arrangement::Part& part, const catalog::Materials& all);

/// Whether a part is pressed as a metal ring is: seals give way by their rubber.
bool isMetalRing(const arrangement::Part& part);

/// Limits of a catalogue bearing's bore or outside by its accuracy [deviation, mm].
/// @errors those of the bearing limits
Result<Limits> ringLimits(const Library& library, const catalog::Bearing& bearing, const std::string& toleranceClass,
                          bool bore);

} // namespace arbor::plan
