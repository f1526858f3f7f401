#include "core/tables/friction.h"

#include "core/job/names.h"

namespace arbor::tables {

FrictionBand frictionOf(const Tables& lib, catalog::FrictionFamily family, catalog::Lubricant lubricant) {
    FrictionBand out;
    out.band = out.book = lib.friction.at({family, lubricant});
    for (const auto& r : lib.records) {
        const auto material = lib.materials.find(r.seatMaterial);
        if (r.friction && r.pressVerdict == job::name(trace::Verdict::Home) && r.lubricant == lubricant &&
            material != lib.materials.end() && material->second.family == family)
            out.found.push_back(*r.friction);
    }
    out.learned = force::learnFriction(out.found, out.book);
    if (out.learned) out.band = out.learned->band;
    return out;
}

} // namespace arbor::tables
