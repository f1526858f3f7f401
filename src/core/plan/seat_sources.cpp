#include "core/plan/seat_sources.h"

#include "core/fit/clearance_left.h"
#include "core/plan/seat_sides.h"
#include "core/tables/tables.h"

namespace arbor::plan {

namespace {

using arrangement::Joint;
using arrangement::Part;

constexpr double kHoleRz_mm = 0.006, kShaftRz_mm = 0.004; // fine turned; until it is looked at
constexpr double kRingRz_mm = 0.0016;                     // ground

double otherSideOf(const Part& part, double dia_mm, double z_mm, bool hole, const tables::Tables& lib) {
    if (!part.catalogue) return otherSide_mm(part, z_mm, dia_mm, hole, lib);
    const auto& facts = part.catalogue->facts;
    const auto raceways = fit::racewaysOf(*arrangement::bearingOf(*part.catalogue, lib.bearings));
    return hole ? facts.innerRacewayDia_mm.value_or(raceways.inner_mm)
                : facts.outerRacewayDia_mm.value_or(raceways.outer_mm);
}

DrawnSide sideOf(const Part& part, const Joint& joint, bool hole, double dia_mm, double z_mm,
                 const tables::Tables& lib) {
    const auto& said = joint.side(hole);
    DrawnSide s;
    s.id = part.id;
    s.label = part.label;
    s.hub = part.kind == arrangement::PartKind::Hub;
    s.material = &materialOf(part, lib.materials);
    s.otherDia_mm = otherSideOf(part, dia_mm, z_mm, hole, lib);
    if (part.catalogue) {
        s.ring = arrangement::bearingOf(*part.catalogue, lib.bearings);
        s.facts = part.catalogue->facts;
    }
    s.size = said.size;
    s.place = "arrangement/pressed/" + joint.outer + "+" + joint.inner + (hole ? "/hole" : "/shaft");
    s.measured = said.measured;
    s.measuredPlace = s.place + "_mm";
    s.rz_mm = said.rz_mm.value_or(s.ring ? kRingRz_mm : hole ? kHoleRz_mm : kShaftRz_mm);
    return s;
}

std::optional<DrawnSeat> fromJoint(const Joint& joint, const arrangement::Assembly& a, const tables::Tables& lib) {
    const auto& outer = a.parts[*arrangement::indexOf(a, joint.outer)];
    const auto& inner = a.parts[*arrangement::indexOf(a, joint.inner)];
    const auto touch = arrangement::touchOf(outer, inner);
    if (!touch || !isMetalRing(outer) || !isMetalRing(inner)) return std::nullopt;
    const double z = touch->from_mm + 0.5 * touch->length_mm;
    return DrawnSeat{{joint.outer, joint.inner},
                     touch->dia_mm,
                     touch->length_mm,
                     sideOf(outer, joint, true, touch->dia_mm, z, lib),
                     sideOf(inner, joint, false, touch->dia_mm, z, lib)};
}

} // namespace

std::vector<DrawnSeat> seatSources(const tables::Tables& tables, const StripPlan& strip) {
    std::vector<DrawnSeat> out;
    for (const auto& joint : strip.assembly.pressed)
        if (auto source = fromJoint(joint, strip.assembly, tables)) out.push_back(std::move(*source));
    return out;
}

} // namespace arbor::plan
