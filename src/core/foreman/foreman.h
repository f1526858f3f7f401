#pragma once

#include "core/plan/plan.h"

/// What a good foreman says before the hand moves, unasked, at the step where it counts: derived from the drawing, the
/// rack, what was measured and what was ticked, with the part and its number. It only says; what stops is judged where
/// it is worked out. @source [HB8] for every line; docs/rules.md has them with their tests
namespace arbor::foreman {

/// Before one part leaves. @param move  the part, its way, and who is there
AdviceList beforeOut(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move);

/// Before several leave as one: a retaining ring among them is let out of its groove first, and what it holds is named.
AdviceList beforeGroupOut(const plan::Plan& plan, route::PartSet group, route::PartSet present);

/// Before one part comes. @param move  the way is the one it would leave on
AdviceList beforeIn(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move);

/// Before several come as one: a shaft with its bearing goes in by its shaft alone.
AdviceList beforeGroupIn(const plan::Plan& plan, route::PartSet group, route::PartSet present);

/// Before the ram moves: which face is pushed, what is carried and on what, what stops it, and what to borrow or turn
/// where the rack has nothing. @param way  one of the step's setups; null: there is none
AdviceList atSetUp(const plan::Plan& plan, const plan::StepPlan& step, const plan::StepSetup* way);

/// While it is pressed.
AdviceList atPress(const plan::StepPlan& step);

/// Before a part leaves oven or freezer. @param triedCold  the stack was, and somebody has ticked it
AdviceList atWarm(bool triedCold);

} // namespace arbor::foreman
