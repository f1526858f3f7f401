#pragma once

#include "mistakes/lesson.h"
#include "words/order_words.h"

#include <optional>

namespace arbor::mistakes {

// What somebody who practises chooses himself. The right answer is what the program would do, each wrong one is one
// that it stops, with its reason; nothing where there are not two to choose from.

/// Which part goes in next: one that may, among some that would be shut out or in.
std::optional<Scene> choosePart(const plan::Plan& plan, Chance& chance);
/// What pushes: the driver of the proven stack, among those of the rack that come nearest and will not do.
std::optional<Scene> chooseDriver(const plan::StepPlan& step, Chance& chance);
/// How warm: what opens the seat, among too little and more than what is warmed bears.
std::optional<Scene> chooseWarmth(const plan::StepPlan& step, const plan::Heats& heats, Chance& chance);

/// "Ø61.5 / Ø40.0 × 60 mm, hardened": a tool as it is told apart at the bench, in millimetres.
std::string sizesAtTheBench(const catalog::Tool& tool);

} // namespace arbor::mistakes
