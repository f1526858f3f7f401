#include "core/plan/follow_drawing.h"

#include "core/plan/plan.h"
#include "core/plan/seat_sides.h"

namespace arbor::plan {

namespace {

using arrangement::Assembly;

job::SizeSpec sizeOf(double dia_mm, const standards::ToleranceClass& toleranceClass) {
    return {plain(dia_mm) + " " + toleranceClass.text(), dia_mm, toleranceClass, {}};
}

job::HousingPart housingOf(const arrangement::SeatInSection& seat, const Assembly& a, const Library& library,
                           const standards::ToleranceClass& hole) {
    arrangement::HousingShape shape;
    arrangement::takeSection(shape, seat);
    job::HousingPart out;
    out.material = materialKeyOf(a.parts[seat.part], library.materials);
    out.seat = sizeOf(seat.seatDia_mm, hole);
    out.outsideDia_mm = shape.outsideDia_mm;
    out.height_mm = shape.height_mm;
    out.seatDepth_mm = shape.seatDepth_mm;
    out.shoulderBoreDia_mm = shape.shoulderBoreDia_mm;
    out.groove = shape.groove;
    return out;
}

/// The journal in the bearing's bore, where one is drawn with its class.
std::optional<job::ShaftPart> shaftOf(const Assembly& a, const arrangement::Part& ring, double bore_mm,
                                      const Library& library) {
    for (const auto& joint : a.pressed) {
        const auto& outer = a.parts[*arrangement::indexOf(a, joint.outer)];
        const auto& inner = a.parts[*arrangement::indexOf(a, joint.inner)];
        if (outer.id != ring.id || !joint.shaft) continue;
        return job::ShaftPart{materialKeyOf(inner, library.materials), sizeOf(bore_mm, *joint.shaft)};
    }
    return std::nullopt;
}

} // namespace

void followDrawing(job::Job& job, const Library& library) {
    if (!job.arrangement) return;
    auto a = job.arrangement->assembly;
    if (!arrangement::resolve(a, library.bearings) || !arrangement::faults(a).empty()) return;
    if (arrangement::isDrawn(a, job.bearing.designation)) return;
    const auto seat = arrangement::findSeat(a, {});
    if (!seat) return;
    const auto& ring = a.parts[seat->ring];
    const auto* joint = arrangement::jointOf(a.pressed, a.parts[seat->part].id, ring.id);
    if (!joint || !joint->hole) return;
    const auto& bearing = *catalog::findBearing(library.bearings, ring.catalogue->designation);
    job.bearing = {};
    job.bearing.designation = bearing.designation;
    job.bearing.seals = ring.catalogue->dress.seals;
    job.bearing.encoder = ring.catalogue->dress.encoder;
    job.housing = housingOf(*seat, a, library, *joint->hole);
    job.shaft = shaftOf(a, ring, bearing.boreDia_mm, library);
}

} // namespace arbor::plan
