#pragma once

#include "mistakes/program.h"

#include <vector>

namespace arbor::mistakes {

/// A job begun on one of the shapes in which everything is as it should be: surfaces and spacers inside their limits,
/// the kit complete, the machine looked at, tools of the rack for every step. Measured and told up to Measure.
World soundWorld(const std::vector<arrangement::Arrangement>& shapes, Program& program, Chance& chance);

/// Works it to its end without a mistake: apart, together, pressed, read, set, closed.
void workToTheEnd(World& world, Program& program, Chance& chance);

/// The ring a step puts in, sound: what the seat, its parts and their sizes give. Nothing: its force is not known.
std::optional<RealRing> soundRing(const World& world, const plan::Plan& plan, const plan::StepPlan& step,
                                  Chance& chance);

} // namespace arbor::mistakes
