#pragma once

#include "core/job/step.h"
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
    std::string key; ///< as it is typed: "out:bearing", "in:bearing"
    job::StepKey id; ///< by which what is known of it is kept
    bool out = true;
    bool up = true;       ///< the way on which its part leaves; it comes from there
    std::size_t part = 0; ///< into the arrangement
    std::size_t partner = 0;
    std::string label;
    std::string partnerLabel;
    const catalog::Bearing* bearing = nullptr; ///< in the joint, into the tables; null: there is none
    bool sealed = false;                       ///< it has seals
    std::vector<tooling::Task> tasks;          ///< the ways to press it; none: it cannot be pressed
    tooling::LoadCase load;
    std::optional<std::size_t> seat; ///< into the seats of Fit, where it is known there
    std::optional<std::size_t> ring; ///< into the strip plan's tight rings, for a step out
    friend bool operator==(const WorkStep&, const WorkStep&) = default;
};

/// A tool in the hand, in place of a press: what the strip plan offers and the rack has.
struct HandSetup {
    route::Method method = route::Method::Drift;
    bool jaws = false;                     ///< a jaw puller on the shaft's end
    bool struck = false;                   ///< going in, with a hammer on a sleeve
    const catalog::Tool* tool = nullptr;   ///< null: the rack has none, one is to be borrowed
    const catalog::Tool* second = nullptr; ///< the slide hammer of a collet
    AdviceList findings;
};

/// The job's own thread draws a part home, all round and in steps: its nut, or the screws of a flange.
struct OwnThread {
    std::string thread;                  ///< "M10x1.5"
    int count = 1;                       ///< of screws; 1: a nut
    std::optional<force::BoltLoad> load; ///< of each, at the greatest force; nothing: that is not known
    AdviceList findings;
};

/// One way to do a step, with its verdict.
struct StepSetup {
    std::size_t task = 0;                     ///< into the step's tasks, when it is pressed or drawn
    std::optional<tooling::ToolPlan> pressed; ///< on a press, or on a draw bolt
    std::optional<HandSetup> hand;
    std::optional<OwnThread> own;
    std::optional<tooling::TurnedSleeve> turned; ///< the driver is to be turned first
    std::shared_ptr<const catalog::Rack> with;   ///< the rack with it; `pressed` then points into this one

    bool byHand() const { return !pressed; }
    const AdviceList& findings() const {
        return pressed ? pressed->proof.findings : own ? own->findings : hand->findings;
    }
    bool proven() const { return pressed ? pressed->proven() : worst(findings()) < Severity::Stop; }
};

struct StepTools {
    std::vector<StepSetup> ways;    ///< best first; those that nothing on the rack makes come last
    std::optional<Problem> problem; ///< a tool the user fixed is not on the rack; the program chooses in its place
    bool proven() const { return !problem && !ways.empty() && ways.front().proven(); }
};

} // namespace arbor::plan
