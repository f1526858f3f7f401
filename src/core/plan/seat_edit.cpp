#include "core/plan/seat_edit.h"

#include <algorithm>

namespace arbor::plan {

namespace {

/// The seat that `housing` of the job stands for.
bool isOwnHole(const Plan& plan, std::size_t seat, bool hole) {
    return hole && seat == plan.fits->focus;
}

/// The seat that `shaft` of the job stands for.
bool isOwnShaft(const Plan& plan, std::size_t seat, bool hole) {
    const auto& bearing = plan.fits->bearings[plan.fits->focusBearing];
    return !hole && bearing.shaft == seat;
}

arrangement::Joint* jointOf(job::Job& job, const job::SeatKey& key) {
    if (!job.arrangement) return nullptr;
    auto& joints = job.arrangement->assembly.pressed;
    const auto found = std::find_if(joints.begin(), joints.end(), [&](const arrangement::Joint& j) {
        return j.outer == key.first && j.inner == key.second;
    });
    return found == joints.end() ? nullptr : &*found;
}

} // namespace

bool takesTypedLimits(const Plan& plan, std::size_t seat, bool hole) {
    return isOwnHole(plan, seat, hole) || isOwnShaft(plan, seat, hole);
}

Result<void> writeSize(job::Job& job, const Plan& plan, std::size_t seat, bool hole,
                       const std::optional<job::SizeSpec>& size) {
    if (size && !size->toleranceClass && !takesTypedLimits(plan, seat, hole))
        return refuse(ProblemCode::UnknownClass, "size", size->typed, "a class, such as N7");
    if (isOwnHole(plan, seat, hole) && size) job.housing.seat = *size;
    if (isOwnShaft(plan, seat, hole)) {
        if (!size) {
            job.shaft.reset();
        } else {
            if (!job.shaft) job.shaft = job::ShaftPart{"carbon_steel", {}};
            job.shaft->seat = *size;
        }
    }
    if (auto* joint = jointOf(job, plan.fits->seats[seat].key))
        (hole ? joint->hole : joint->shaft) = size ? size->toleranceClass : std::nullopt;
    return {};
}

void writeMeasured(job::Job& job, const Plan& plan, std::size_t seat, bool hole,
                   const std::optional<job::MeasuredSize>& size) {
    if (isOwnHole(plan, seat, hole)) {
        job.housing.measured = size;
        return;
    }
    if (auto* joint = jointOf(job, plan.fits->seats[seat].key))
        (hole ? joint->measuredHole_mm : joint->measuredShaft_mm) = size ? std::optional(size->value_mm) : std::nullopt;
}

std::string measuredText(const job::Job& job, const Plan& plan, std::size_t seat, bool hole) {
    if (isOwnHole(plan, seat, hole)) return job.housing.measured ? job.housing.measured->typed : std::string{};
    if (!job.arrangement) return {};
    const auto& key = plan.fits->seats[seat].key;
    const auto* joint = arrangement::jointOf(job.arrangement->assembly.pressed, key.first, key.second);
    const auto& value = hole ? joint->measuredHole_mm : joint->measuredShaft_mm;
    return value ? plain(*value) : std::string{};
}

const job::SurfaceCard* surfaceCard(const job::Job& job, const job::SeatKey& key, bool hole) {
    const auto found = job.measured.seats.find(key);
    if (found == job.measured.seats.end()) return nullptr;
    return hole ? &found->second.hole : &found->second.shaft;
}

job::SurfaceCard& surfaceCard(job::Job& job, const job::SeatKey& key, bool hole) {
    auto& card = job.measured.seats[key];
    return hole ? card.hole : card.shaft;
}

} // namespace arbor::plan
