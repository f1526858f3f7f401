#pragma once

#include "core/base/result.h"
#include "core/job/step.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Of a joint as it is written: a pair of names, or an object.
job::SeatKey seatOf(const nlohmann::json& joint);

/// Where the bearing that an older job is about is pressed: its seat in a housing or hub as it is drawn, else any seat
/// it is drawn in, else the first drawn bearing's. Without a drawing: "housing" and "bearing".
job::SeatKey ownSeat(const nlohmann::json& job);

/// What older jobs kept beside the drawing goes into it: sizes, finish and material of the housing and the shaft to
/// their seats and parts, what is known of the bearing to its parts, the chamfer at the mouth and what hangs below to
/// the housing's section. A job without a drawing gets that of its housing. What was said of a seat that is not drawn
/// is gone.
/// @param job  as toVersion2 says it, with its keys "housing", "bearing", "shaft"; without them it stays as it is
/// @errors those of a size, with its place ("housing/seat/size")
Result<nlohmann::json> intoDrawing(nlohmann::json job);

} // namespace arbor::io
