#include "core/plan/pressed_seat.h"

#include "core/plan/plan.h"

namespace arbor::plan {

namespace {

section::Hatch hatchOf(const catalog::Material& material) {
    switch (material.family) {
    case catalog::FrictionFamily::CastIron:
        return section::Hatch::CastIron;
    case catalog::FrictionFamily::Aluminium:
        return section::Hatch::Aluminium;
    case catalog::FrictionFamily::Steel:
        return section::Hatch::Steel;
    }
    return section::Hatch::Steel;
}

/// Where it is drawn; of a bearing that is drawn but sits in no housing, nowhere.
std::optional<arrangement::SeatInSection> seatDrawn(const job::Job& job, const arrangement::Assembly& a) {
    if (arrangement::isDrawn(a, job.bearing.designation)) return arrangement::findSeat(a, job.bearing.designation);
    return arrangement::findSeat(a, {});
}

} // namespace

Result<const catalog::Material*> materialNamed(const Library& lib, const std::string& id, const std::string& place) {
    const auto found = lib.materials.find(id);
    if (found == lib.materials.end()) return refuse(ProblemCode::UnknownName, place, id, "a material of the table");
    return &found->second;
}

Result<PressedSeat> arrangeSeat(const job::Job& job, const Library& lib, const StripPlan* strip) {
    const auto* bearing = catalog::findBearing(lib.bearings, job.bearing.designation);
    if (!bearing)
        return refuse(ProblemCode::UnknownName, "bearing/designation", job.bearing.designation,
                      "a bearing of the catalogue");
    const auto material = materialNamed(lib, job.housing.material, "housing/material");
    if (!material) return tl::unexpected(material.error());
    const auto& h = job.housing;
    PressedSeat out{{*bearing, {job.bearing.seals, job.bearing.encoder}, {}}, {}, true};
    auto& housing = out.arrangement.housing;
    housing = {h.outsideDia_mm,   h.height_mm,    h.flangeDia_mm,       h.flangeThick_mm,
               h.seat.nominal_mm, h.seatDepth_mm, h.shoulderBoreDia_mm, h.entryChamfer_mm,
               h.groove,          h.hangsBelow,   hatchOf(**material)};
    if (const auto seat = strip ? seatDrawn(job, strip->assembly) : std::nullopt) {
        const auto& ring = strip->assembly.parts[seat->ring];
        out.key = {strip->assembly.parts[seat->part].id, ring.id};
        arrangement::takeSection(housing, *seat);
        out.own = ring.catalogue->designation == job.bearing.designation;
        if (!out.own) {
            out.arrangement.bearing = *catalog::findBearing(lib.bearings, ring.catalogue->designation);
            out.arrangement.dress = ring.catalogue->dress;
            housing.seatDia_mm = seat->seatDia_mm;
            housing.hangsBelow.reset();
        }
    }
    if (auto ok = arrangement::validate(out.arrangement); !ok) return tl::unexpected(ok.error());
    return out;
}

} // namespace arbor::plan
