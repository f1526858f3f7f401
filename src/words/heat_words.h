#pragma once

#include "core/plan/heat_plan.h"
#include "words/display.h"
#include "words/sentences.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::words {

/// A stretch of time as one says it: "62 s", "25 min", "3 h 10 min".
std::string duration(double seconds);
/// As a clock shows it: "41:20", "1:05:00".
std::string clockFace(double seconds);

/// "Warm the housing to 78 °C", "Chill the ring to −16 °C", both, or neither.
std::string mixName(const plan::HeatPlan& plan, const plan::HeatOption& way, const Display& display);
/// What a ceiling or a floor protects: "grey cast iron", "seals and their grease".
/// What opens a seat, for stations that only mention it: "Warm the housing to 84 °C".
std::string opensLine(const plan::HeatPlan& plan, const Display& d);

std::string protectedThing(const plan::TempLimit& limit);
/// Where a side goes and for how long: "oven at 85 °C, 41 min".
std::string soakLine(const plan::HeatSide& side, const Display& display);
/// What may happen once it is in: it grips, or it does not and why.
/// How soon it must be on its shoulder, by the tightest parts; nothing: it grips at once, or not while anybody waits.
std::optional<Sentence> homeWithin(const plan::HeatCourse& course);
Sentence gripWords(const plan::HeatCourse& course);
/// The usual cautions of the sources in use, each once.
std::vector<std::string> heatCautions(const plan::HeatPlan& plan);
std::string clockName(job::Clock::What what, const plan::HeatPlan* plan);

/// The line of the station.
std::string heatLine(const job::Job& job, const plan::Plan& plan, const plan::WorkStep& step, const Display& display);

} // namespace arbor::words
