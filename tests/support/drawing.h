// What a job's arrangement says of its seats and bearings. Those of the demo shop's seamer turret where none is named.
#pragma once

#include "core/arrangement/blind_seat.h"
#include "core/plan/plan.h"
#include "core/plan/seat_edit.h"

namespace arbor::testing {

inline const job::SeatKey kHousingSeat{"housing", "bearing"};
inline const job::SeatKey kShaftSeat{"bearing", "spindle"};

/// The first seat of a bearing in a housing or hub; the seat a bearing's ring has on what goes through it.
inline job::SeatKey housed(const job::Job& job) {
    const auto& a = job.arrangement.assembly;
    for (const auto& joint : a.pressed) {
        const auto& outer = a.parts[*arrangement::indexOf(a, joint.outer)];
        const auto& inner = a.parts[*arrangement::indexOf(a, joint.inner)];
        const bool holds = outer.kind == arrangement::PartKind::Housing || outer.kind == arrangement::PartKind::Hub;
        if (holds && inner.catalogue) return {joint.outer, joint.inner};
    }
    for (const auto& joint : a.pressed) // on a shaft alone
        if (a.parts[*arrangement::indexOf(a, joint.outer)].catalogue) return {joint.outer, joint.inner};
    return kHousingSeat;
}
inline job::SeatKey shafted(const job::Job& job) {
    const auto& a = job.arrangement.assembly;
    for (const auto& joint : a.pressed)
        if (a.parts[*arrangement::indexOf(a, joint.outer)].catalogue) return {joint.outer, joint.inner};
    return kShaftSeat;
}

inline const arrangement::SeatSide& hole(const job::Job& job) {
    return plan::sideOf(job, housed(job), true);
}
inline arrangement::SeatSide& hole(job::Job& job) {
    return plan::sideOf(job, housed(job), true);
}
inline const arrangement::SeatSide& journal(const job::Job& job) {
    return plan::sideOf(job, shafted(job), false);
}
inline arrangement::SeatSide& journal(job::Job& job) {
    return plan::sideOf(job, shafted(job), false);
}

inline arrangement::Part& partOf(job::Job& job, const std::string& id) {
    auto& a = job.arrangement.assembly;
    return a.parts[*arrangement::indexOf(a, id)];
}
inline const arrangement::Part& partOf(const job::Job& job, const std::string& id) {
    const auto& a = job.arrangement.assembly;
    return a.parts[*arrangement::indexOf(a, id)];
}
inline const arrangement::FromCatalogue& bearingOf(const job::Job& job) {
    return *partOf(job, housed(job).second).catalogue;
}
inline arrangement::FromCatalogue& bearingOf(job::Job& job) {
    return *partOf(job, housed(job).second).catalogue;
}

inline standards::SizeSpec sizeOf(const std::string& toleranceClass) {
    return standards::SizeSpec::ofClass(standards::parseToleranceClass(toleranceClass).value());
}

/// The fit, and the clearance of its bearing, of the seat in hand; null: not worked out.
inline const fit::SeatFit* fitOf(const plan::Plan& plan) {
    return plan.seat() && plan.seat()->fit ? &*plan.seat()->fit : nullptr;
}
inline const fit::ClearanceLeft* clearanceOf(const plan::Plan& plan) {
    if (!plan.seat()) return nullptr;
    const auto* bearing = plan.fits->bearingOf(static_cast<std::size_t>(plan.seat() - plan.fits->seats.data()));
    return bearing && bearing->clearance ? &*bearing->clearance : nullptr;
}

} // namespace arbor::testing
