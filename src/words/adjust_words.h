#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"
#include "words/sentences.h"

#include <string>
#include <vector>

namespace arbor::words {

std::string schoolName(adjust::School school);
/// Step by step at the machine: by the school for a nut, by the spacer where one sets the play.
std::vector<std::string> adjustSteps(const plan::AdjustPlan& plan, adjust::School school, const Display& display);
/// The verdict of the station in a few words.
Said verdict(const plan::AdjustPlan& plan, const Display& display);
std::string adjustLine(const std::optional<plan::AdjustPlan>& plan, const Display& display);

Said seatCheck(job::SeatCheck check); ///< what to look at, and how
std::string patternName(job::Pattern pattern);
std::string lockingName(job::Locking locking);

/// Sentences of the findings of end play, the proof of a seat and Close; an empty head for any other.
Said sayAdjust(const Advice& advice, const Display& display);

/// How much of it goes where, a line for each: bearings, cavity, together with strokes of the pump.
std::vector<Said> greaseLines(const adjust::Fill& all, const adjust::Grease& grease);

} // namespace arbor::words
