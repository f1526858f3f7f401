#pragma once

#include "core/plan/work_steps.h"
#include "words/sentences.h"

#include <string>
#include <vector>

namespace arbor::words {

/// Words of the rings and parts that setups speak of by their fixed names.
std::string partWord(const std::string& part);
/// Shortest reason why a candidate falls out, for grouping: "too small", "too large", "too short", ...
std::string rejectionGroup(const AdviceList& findings);
/// "38 do not fit: 21 too small, 12 too large, 5 too short."
std::string rejectionSummary(const std::vector<tooling::Candidate>& candidates);

std::string kindName(catalog::ToolKind kind); ///< "press sleeve"
/// Sizes that matter for a tool of its kind, as a machinist reads them.
std::string sizesOf(const catalog::Tool& tool, const Display& display);

/// "P30, 30-tonne shop press: 294 kN, stroke 150, daylight 170…730, gap 60"
std::string pressLine(const catalog::Press& press, const Display& display);

/// "Press the bearing 3206 into the turret housing", "Get the bearing 3206 out of the turret housing"
std::string stepTitle(const plan::WorkStep& step);
/// "S14 on R05, 30-tonne shop press", "draw bolt B1", "soft drift"; how it is done in a few words.
std::string meansName(job::Means means);
std::string wayName(const plan::StepSetup& way);
/// What that way does, in a line: which part is pushed and which is held, whether it is turned over.
std::string wayDetail(const plan::StepSetup& way, const plan::WorkStep& step);

/// One piece of a stack, from the bed up.
struct Piece {
    std::string id;
    std::string what;
    double height_mm = 0;
};
std::vector<Piece> pieces(const tooling::SetupChoice& choice, const tooling::Task& task, const Display& display);

/// Torque, hand force and wrench of a draw bolt, or the reading of its hollow ram.
std::vector<Sentence> boltLines(const tooling::SetupChoice& choice, const tooling::BoltPull& pull,
                                const Display& display);

/// "S26 turned down to Ø61.6 would do": what would make the nearest tool fit.
Sentence say(const tooling::NearestMiss& miss, const Display& display);

} // namespace arbor::words
