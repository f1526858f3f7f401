#pragma once

#include "core/fit/proposal.h"
#include "core/measure/old_bearing.h"
#include "core/measure/seat_condition.h"
#include "core/plan/fit_plan.h"
#include "words/sentences.h"

#include <string>

namespace arbor::words {

std::string verdictName(measure::Verdict verdict); ///< "clean up"
/// What the verdict asks for, in a line.
std::string whatToDo(measure::Verdict verdict);

/// What a sign is called, and how it looks.
Sentence signWords(measure::Sign sign);
std::string causeName(measure::Cause cause);
/// What to look at, and why.
Sentence lookAtWords(measure::LookAt look);

std::string processName(measure::Process process);
std::string pitsName(measure::Pits pits);
std::string grooveName(measure::GrooveState state);
std::string loadCaseName(fit::LoadCase load);

/// "Bearing 3206 in Turret housing"
std::string seatTitle(const plan::SeatPlan& seat);
/// "bore of Turret housing", "journal of Flanged spindle"
std::string surfaceTitle(const plan::SeatPlan& seat, bool hole);

/// "3 of 4 measured: use"
std::string measureLine(const plan::FitPlan& fits);
/// Which surface stops the job; empty: none.
std::string measureStop(const plan::FitPlan& fits);

} // namespace arbor::words
