#pragma once

#include "core/job/job.h"

#include <functional>
#include <optional>
#include <string>

namespace arbor::plan {

struct SeatPlan;

/// Writes the size a drawing gives to one side of a seat. Nothing: the size is not known; of a ring, by its accuracy.
/// @errors GeometryOrder when the size written in full is another than the seat's
Result<void> writeSize(job::Job& job, const SeatPlan& seat, bool hole, const std::optional<standards::SizeSpec>& size);

/// What the job keeps of one side of a seat: its size, what was measured, its finish.
const arrangement::SeatSide& sideOf(const job::Job& job, const job::SeatKey& key, bool hole);
arrangement::SeatSide& sideOf(job::Job& job, const job::SeatKey& key, bool hole);

/// The finish of one side, which is one thing whether the drawing gives it or the eye has seen it.
void writeFinish(job::Job& job, const job::SeatKey& key, bool hole, double rz_mm);

/// What is known of one bearing: written to cup and cone of it alike. @param part  id of the bearing, or of a ring
void changeFacts(job::Job& job, const std::string& part,
                 const std::function<void(arrangement::FromCatalogue&)>& change);

/// The card of one surface, for reading and for writing.
const job::SurfaceCard* surfaceCard(const job::Job& job, const job::SeatKey& key, bool hole);
job::SurfaceCard& surfaceCard(job::Job& job, const job::SeatKey& key, bool hole);

} // namespace arbor::plan
