#pragma once

#include "core/fit/proposal.h"
#include "core/job/station.h"
#include "core/measure/old_bearing.h"
#include "core/measure/seat_condition.h"
#include "core/seat/seating.h"
#include "core/trace/analysis.h"

#include <optional>
#include <string_view>

namespace arbor::job {

/// Stable names for files.
std::string_view name(seat::SeatVerdict verdict);
std::string_view name(trace::Verdict verdict);
std::string_view name(measure::Verdict verdict);
std::string_view name(measure::Sign sign);
std::string_view name(fit::LoadCase load);
std::string_view name(Station station);
std::optional<Station> stationNamed(std::string_view name);

} // namespace arbor::job
