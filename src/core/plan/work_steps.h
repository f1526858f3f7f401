#pragma once

#include "core/plan/given.h"
#include "core/plan/work_step.h"

#include <map>
#include <memory>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace arbor::plan {

/// What tools and path must bear at a seat: in, the worst press force and the greatest holding load; out, the greatest
/// force of the first movement. @param seat  null: nothing is known of it
tooling::LoadCase loadOf(const SeatPlan* seat, bool out);

/// The steps out, in their order, then the steps in; a seal goes in as well, though it is tight by its rubber. None
/// where not everything comes out.
std::vector<WorkStep> workSteps(const Given& given);

/// Every way to do a step with the rack there is: pressing either of the two on the job's press (or another, when that
/// one does not do), drawing with a bolt, by hand, and with a sleeve turned for it when nothing else does. The user's
/// own choice for the step comes first.
StepTools toolsFor(const WorkStep& step, const Given& given);

/// What was searched for, kept while all that it was searched from stays the same: looking through a rack takes longer
/// than all else of a plan. One for each job that is open.
class ToolMemory {
public:
    std::shared_ptr<const StepTools> toolsFor(const WorkStep& step, const Given& given);
    void forget() { m_known.clear(); } ///< where the tables are others

private:
    struct Known {
        WorkStep step;
        job::StepOverrides overrides;
        const catalog::Press* press = nullptr;
        job::Means means = job::Means::Press;
        std::vector<measure::LookAt> lookAt;
        std::vector<section::Body> part; ///< that moves, which a hand tool takes hold of
        std::vector<arrangement::Bolting> bolted;
        adjust::Nut nut; ///< its own threads
        std::optional<route::RingSite> site;
        std::vector<route::Removal> removals;
        bool operator==(const Known&) const = default;
    };
    static Known knownOf(const WorkStep& step, const Given& given);

    std::map<job::StepKey, std::pair<Known, std::shared_ptr<const StepTools>>> m_known;
};

/// A sleeve to be turned for the first way to press a step.
/// @param press  whose ram it goes under; null: none is known
/// @errors NotDefined when it cannot be pressed; those of designSleeve
Result<tooling::TurnedSleeve> turnFor(const WorkStep& step, const catalog::Press* press,
                                      const tooling::TurnOverrides& overrides);

/// The tools that records of earlier jobs name for the bearing of a step.
std::set<std::string> workedBefore(const WorkStep& step, const tables::Tables& tables);

} // namespace arbor::plan
