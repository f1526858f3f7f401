#include "core/plan/seat_edit.h"

#include "core/plan/fit_plan.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

constexpr double kSameSize_mm = 1e-6;

template <class Joints>
auto& jointAt(Joints& joints, const job::SeatKey& key) {
    return *std::find_if(joints.begin(), joints.end(),
                         [&](const arrangement::Joint& j) { return j.outer == key.first && j.inner == key.second; });
}

} // namespace

Result<void> writeSize(job::Job& job, const SeatPlan& seat, bool hole, const std::optional<standards::SizeSpec>& size) {
    if (size && size->nominal_mm > 0 && std::abs(size->nominal_mm - seat.dia_mm) > kSameSize_mm)
        return refuse(ProblemCode::GeometryOrder, "size", plain(size->nominal_mm),
                      wanted("the seat's {1} mm", plain(seat.dia_mm)));
    // A class holds at any diameter, which the drawing says; limits are kept as they were typed.
    const bool byClass = size && size->toleranceClass;
    sideOf(job, seat.key, hole).size = byClass ? standards::SizeSpec::ofClass(*size->toleranceClass) : size;
    return {};
}

const arrangement::SeatSide& sideOf(const job::Job& job, const job::SeatKey& key, bool hole) {
    return jointAt(job.arrangement.assembly.pressed, key).side(hole);
}

arrangement::SeatSide& sideOf(job::Job& job, const job::SeatKey& key, bool hole) {
    return jointAt(job.arrangement.assembly.pressed, key).side(hole);
}

void writeFinish(job::Job& job, const job::SeatKey& key, bool hole, double rz_mm) {
    sideOf(job, key, hole).rz_mm = rz_mm;
    if (surfaceCard(std::as_const(job), key, hole)) surfaceCard(job, key, hole).condition.rz_mm = rz_mm;
}

void changeFacts(job::Job& job, const std::string& part,
                 const std::function<void(arrangement::FromCatalogue&)>& change) {
    auto& a = job.arrangement.assembly;
    for (const auto piece : arrangement::piecesOf(a, *arrangement::indexOf(a, part)))
        change(*a.parts[piece].catalogue);
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
