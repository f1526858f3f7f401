#pragma once

#include "core/plan/plan.h"
#include "core/route/removal.h"
#include "core/tooling/search.h"
#include "core/tooling/turned.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace arbor::plan {

/// One step of the route at which a tight seat is parted or made.
struct WorkStep {
    std::string key; ///< "out:bearing", "in:bearing"
    bool out = true;
    std::size_t part = 0; ///< into the arrangement
    std::size_t partner = 0;
    std::string label;
    std::string partnerLabel;
    std::string designation;          ///< of the bearing in the joint; empty: there is none
    std::vector<tooling::Task> tasks; ///< the ways to press it; none: it cannot be pressed
    tooling::LoadCase load;
    std::optional<std::size_t> seat; ///< into the seats of Fit, where it is known there
    std::optional<std::size_t> ring; ///< into the strip plan's tight rings, for a step out
    bool focus = false;              ///< the seat that Fit, Press and Seat are about
};

/// A tool in the hand, in place of a press: what the strip plan offers and the rack has.
struct HandSetup {
    route::Method method = route::Method::Drift;
    bool jaws = false; ///< a jaw puller on the shaft's end
    const catalog::Tool* tool = nullptr;
    const catalog::Tool* second = nullptr; ///< the slide hammer of a collet
    AdviceList findings;
};

/// One way to do a step, with its verdict.
struct StepWay {
    std::size_t task = 0;                     ///< into the step's tasks, when it is pressed or drawn
    std::optional<tooling::ToolPlan> pressed; ///< on a press, or on a draw bolt
    std::optional<HandSetup> hand;
    std::optional<tooling::TurnedSleeve> turned; ///< the driver is to be turned first
    std::shared_ptr<const catalog::Rack> with;   ///< the rack with it; `pressed` then points into this one

    const AdviceList& findings() const { return pressed ? pressed->proof.findings : hand->findings; }
    bool proven() const { return pressed ? pressed->proven() : worst(hand->findings) < Severity::Stop; }
};

struct StepTools {
    std::vector<StepWay> ways;      ///< best first; those that nothing on the rack makes come last
    std::optional<Problem> problem; ///< a tool the user fixed is not on the rack; the program chooses in its place
    bool proven() const { return !problem && !ways.empty() && ways.front().proven(); }
};

/// What tools and path must bear at a seat: in, the worst press force and the greatest holding load; out, the greatest
/// force of the first movement. @param seat  null: nothing is known of it
tooling::LoadCase loadOf(const SeatPlan* seat, bool out);

/// The steps out, in their order, then the steps in. A job without an arrangement has the one that its housing names.
/// @param plan  as planJob made it
std::vector<WorkStep> workSteps(const job::Job& job, const Plan& plan, const Library& library);

/// Every way to do a step with the rack there is: pressing either of the two on the job's press (or another, when that
/// one does not do), drawing with a bolt, by hand, and with a sleeve turned for it when nothing else does. The user's
/// own choice for the step comes first.
StepTools toolsFor(const WorkStep& step, const job::Job& job, const Plan& plan, const Library& library);

/// A sleeve to be turned for the first way to press a step.
/// @errors NotDefined when it cannot be pressed; those of designSleeve
Result<tooling::TurnedSleeve> turnFor(const WorkStep& step, const Plan& plan, const tooling::TurnWishes& wishes);

/// The tools that records of earlier jobs name for this bearing.
std::set<std::string> workedBefore(const job::Job& job, const Library& library);

} // namespace arbor::plan
