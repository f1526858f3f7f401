#pragma once

#include "core/plan/adjust_plan.h"
#include "words/display.h"
#include "words/language.h"
#include "words/sentences.h"

#include <string>
#include <vector>

namespace arbor::words {

std::string degrees(double turn_deg); ///< whole, whichever way
Text turned(double turn_deg);         ///< what to do with the nut
std::string settingMethodName(adjust::SettingMethod school);
std::string settingMethodNamed(const std::string& key); ///< by the key it has in files
/// Step by step at the machine: by the school for a nut, by the spacer where one sets the play.
std::vector<std::string> adjustSteps(const plan::AdjustPlan& plan, adjust::SettingMethod school,
                                     const Display& display);
/// The verdict of the station in a few words.
Sentence verdict(const plan::AdjustPlan& plan, const Display& display);
std::string adjustLine(const std::optional<plan::AdjustPlan>& plan, const Display& display);

Sentence seatCheck(job::SeatCheck check); ///< what to look at, and how
std::string patternName(job::Pattern pattern);
std::string lockingName(job::Locking locking);

/// How much of it goes where, a line for each: bearings, cavity, together with strokes of the pump.
std::vector<Sentence> greaseLines(const adjust::Fill& all, const adjust::Grease& grease);

} // namespace arbor::words
