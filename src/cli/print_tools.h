#pragma once

#include "core/plan/plan.h"
#include "words/display.h"

#include <iosfwd>

namespace arbor::cli {

void printAdvice(std::ostream& out, const AdviceList& list, const words::Display& display);

/// The stack from the bed up, its findings, and the rack ranked for it.
void printToolPlan(std::ostream& out, const tooling::ToolPlan& tools, const tooling::Task& task,
                   const words::Display& display);

/// A step with its ways, best first; the best in full.
void printStepTools(std::ostream& out, const plan::StepPlan& step, const words::Display& display);

} // namespace arbor::cli
