#pragma once

#include "core/plan/plan.h"

namespace arbor::plan {

/// Whether a side of a seat takes limits as typed, besides a class: the seat this job presses, and its bearing's shaft.
bool takesTypedLimits(const Plan& plan, std::size_t seat, bool hole);

/// Writes the size a drawing gives to one side of a seat, wherever the job keeps it: with the job's own housing and
/// shaft, and in the arrangement. Nothing: the size is not known.
/// @errors UnknownClass when a side that only takes classes is given limits
Result<void> writeSize(job::Job& job, const Plan& plan, std::size_t seat, bool hole,
                       const std::optional<job::SizeSpec>& size);

/// The same for one measured size; nothing: not measured.
void writeMeasured(job::Job& job, const Plan& plan, std::size_t seat, bool hole,
                   const std::optional<job::MeasuredSize>& size);

/// What was typed as the one measured size of a side; empty: nothing.
std::string measuredText(const job::Job& job, const Plan& plan, std::size_t seat, bool hole);

/// The card of one surface, for reading and for writing.
const job::SurfaceCard* surfaceCard(const job::Job& job, const job::SeatKey& key, bool hole);
job::SurfaceCard& surfaceCard(job::Job& job, const job::SeatKey& key, bool hole);

} // namespace arbor::plan
