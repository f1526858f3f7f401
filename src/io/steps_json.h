#pragma once

#include "core/job/job.h"
#include "core/job/step_name.h"
#include "io/json_names.h"

#include <map>
#include <set>

namespace arbor::io {

inline constexpr Name<catalog::Lubricant> kLubricants[] = {{catalog::Lubricant::Dry, "dry"},
                                                           {catalog::Lubricant::LightOil, "light_oil"},
                                                           {catalog::Lubricant::Grease, "grease"}};

/// What is kept of each pressed step, in the job file: by a name that tells its seat and which way it goes.
std::map<job::StepKey, job::StepRecord> stepsFromJson(const nlohmann::json& d);
nlohmann::json stepsToJson(const std::map<job::StepKey, job::StepRecord>& steps);

job::Record recordFromJson(const nlohmann::json& d);
nlohmann::json recordToJson(const job::Record& record);

/// Stations by their names; those of a newer program are passed over.
std::set<job::Station> stationsFromJson(const nlohmann::json& d);
nlohmann::json stationsToJson(const std::set<job::Station>& stations);

} // namespace arbor::io
