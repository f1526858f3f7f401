#include "core/job/fresh_copy.h"

namespace arbor::job {

namespace {

arrangement::Arrangement asDrawn(arrangement::Arrangement like) {
    for (auto* joints : {&like.assembly.pressed, &like.assembly.threaded})
        for (auto& joint : *joints)
            joint.hole.measured = joint.shaft.measured = std::nullopt;
    return like;
}

Adjust asSet(const Adjust& like) {
    Adjust out;
    out.nut = like.nut;
    out.underClamp = like.underClamp;
    out.school = like.school;
    out.partOfATurn = like.partOfATurn;
    out.use = like.use;
    out.target_mm = like.target_mm;
    out.uncertainty_mm = like.uncertainty_mm;
    out.torque_Nm = like.torque_Nm;
    out.nutFactor = like.nutFactor;
    out.shaft_K = like.shaft_K;
    out.housing_K = like.housing_K;
    out.torque_Nm_wanted = like.torque_Nm_wanted;
    out.stock_mm = like.stock_mm;
    out.cavity_cm3 = like.cavity_cm3;
    out.grease = like.grease;
    return out;
}

Closing asListed(const Closing& like) {
    Closing out;
    out.fasteners = like.fasteners;
    for (auto& fastener : out.fasteners) {
        fastener.read_Nm.reset();
        fastener.renewed = fastener.locked = false;
    }
    out.runIn.allowed_K = like.runIn.allowed_K;
    return out;
}

} // namespace

Job freshCopy(const Job& like) {
    Job out;
    out.id = like.id;
    out.title = like.title;
    out.customer = like.customer;
    out.units = like.units;
    out.temperatures = like.temperatures;
    out.work = like.work;
    out.lubricant = like.lubricant;
    out.press = like.press;
    out.arrangement = asDrawn(like.arrangement);
    out.heat.room_C = like.heat.room_C;
    out.heat.walk_s = like.heat.walk_s;
    out.heat.lowered_C = like.heat.lowered_C;
    out.adjust = asSet(like.adjust);
    out.closing = asListed(like.closing);
    return out;
}

} // namespace arbor::job
