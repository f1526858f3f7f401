#pragma once

#include "core/arrangement/assembly.h"
#include "core/catalog/material.h"

namespace arbor::tables {
struct Tables;
}

namespace arbor::plan {

/// The other side of a part's wall where its seat is [mm]: outside of the outer one, bore of the inner one. A ring of
/// the catalogue counts as a tube to its raceway.
double otherSide_mm(const arrangement::Part& part, double z_mm, double seatDia_mm, bool outer,
                    const tables::Tables& tables);

/// Every material that is said is in the table: one that is not known has no ceiling, no stiffness and no expansion to
/// go by. @return an UnknownName for each that is not, with the part's place in the job file
Problems unknownMaterials(const arrangement::Assembly& assembly, const catalog::Materials& all);

/// The key of a part's material, by key or by name, plain carbon steel where none is said.
std::string materialKeyOf(const arrangement::Part& part, const catalog::Materials& all);
/// A part's material, plain carbon steel where none is said; rings of the catalogue are bearing steel.
const catalog::Material& materialOf(const arrangement::Part& part, const catalog::Materials& all);

/// Whether a part is pressed as a metal ring is: seals give way by their rubber.
bool isMetalRing(const arrangement::Part& part);

/// Limits of a catalogue bearing's bore or outside by its accuracy [deviation, mm].
/// @errors those of the bearing limits
Result<Interval> ringLimits(const tables::Tables& tables, const catalog::Bearing& bearing,
                            const std::string& toleranceClass, bool bore);

} // namespace arbor::plan
