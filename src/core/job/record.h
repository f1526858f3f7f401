#pragma once

#include "core/base/range.h"
#include "core/catalog/material.h"
#include "core/seating/seating.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::job {

/// What was done at a step, written when the job is closed.
struct Record {
    std::string who;
    std::string when;       ///< ISO 8601
    std::string entry = {}; ///< its row in the logbook, kept while it is only corrected; empty: by job and time
    std::string notes;
    std::string verdict;
    std::string bearing;
    std::string bore;
    Range interference_mm;
    Range pressForce_N;
    std::vector<std::string> tools; ///< from the bed up
    std::optional<double> peakForce_N;
    std::optional<double> endTravel_mm;
    std::string pressVerdict = {};       ///< of its trace; empty: there was none
    std::optional<double> friction = {}; ///< found from a good trace
    std::string seatMaterial = {};       ///< what it was found on
    catalog::Lubricant lubricant = catalog::Lubricant::LightOil;
    std::optional<double> outer_C = {}; ///< of the warm part as it went in; nothing: pressed cold
    std::optional<double> inner_C = {};
    std::vector<seating::Reading> readings;
    std::optional<double> riseAcross_mm;
    std::optional<double> tilt_arcmin;
    friend bool operator==(const Record&, const Record&) = default;
};

} // namespace arbor::job
