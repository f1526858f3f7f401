#pragma once

#include "core/job/adjust.h"
#include "core/job/closing.h"
#include "core/job/proof.h"
#include "core/plan/adjust_plan.h"
#include "words/display.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// Setting end play, the proof of a seat and what is done at Close, in the job file.
job::Adjust adjustFromJson(const nlohmann::json& d);
nlohmann::json adjustToJson(const job::Adjust& adjust);
job::SeatProof proofFromJson(const nlohmann::json& d);
nlohmann::json proofToJson(const job::SeatProof& proof);
job::Closing closingFromJson(const nlohmann::json& d);
nlohmann::json closingToJson(const job::Closing& closing);

/// What Adjust comes to, as programs read it.
nlohmann::ordered_json adjustPlanJson(const plan::AdjustPlan& plan, const words::Display& display);

} // namespace arbor::io
