#pragma once

#include "core/tooling/setup.h"

#include <set>
#include <string>
#include <vector>

namespace arbor::tooling {

/// One tool of the rack tried as the driver: its verdict, and how good it is when it may be used.
struct Candidate {
    const catalog::Tool* tool = nullptr;       ///< nothing: the ram's own foot
    std::vector<const catalog::Tool*> spacers; ///< what must stand on it
    bool open = false;                         ///< so wide that what drives it goes down inside, unless it is covered
    DriverCheck check;
    double missingHeight_mm = 0; ///< what it lacks by itself to reach the end
    double score = 0; ///< higher is better, among the usable; of a rejected one how near it comes, as minus [mm]

    Severity verdict() const { return worst(check.findings); }
    bool usable() const { return verdict() < Severity::Stop; }
};

struct SupportCandidate {
    const catalog::Tool* tool = nullptr; ///< nothing: the bare bed, or the plate
    SupportCheck check;
    double score = 0;
    const catalog::Tool* plate = nullptr;
    const catalog::Tool* separator = nullptr;
    double opening_mm = 0;

    Severity verdict() const { return worst(check.findings); }
    bool usable() const { return verdict() < Severity::Stop; }
};

/// What the user fixed; the rest is searched.
struct SearchOverrides {
    const catalog::Press* press = nullptr; ///< this or `bolt` must be given
    const catalog::Tool* driver = nullptr;
    const catalog::Tool* support = nullptr;
    const catalog::Tool* bolt = nullptr;
    const catalog::Tool* ram = nullptr; ///< on the bolt
    std::set<std::string> worked = {};  ///< tools on record for this arrangement: they come first among equals
};

/// A tool that would do with a little less metal: what to turn it to.
struct NearestMiss {
    const catalog::Tool* tool = nullptr;
    catalog::Tool mended; ///< judged by the same check
    double cut_mm = 0;    ///< on the diameter, in all
};

struct ToolPlan {
    std::vector<Candidate> drivers;         ///< best first, then the rejected, nearest miss first
    std::vector<SupportCandidate> supports; ///< likewise
    std::optional<SetupChoice> choice;      ///< the best whole setup, or the one the user asked for
    StackProof proof;                       ///< of `choice`
    bool overridden = false;
    std::optional<NearestMiss> nearestMiss; ///< when no driver of the rack is usable

    bool proven() const { return choice && proof.holds(); }
};

/// How good a usable driver is: covering the face matters most; a wide berth to the seal, few loose pieces, margin in
/// force, a tool on record and nothing to look at decide between good ones.
double driverScore(const Candidate& candidate, const std::set<std::string>& worked);

/// Chooses driver, spacers, support and bed notch from the rack and ranks the rest.
/// Drivers and supports are judged apart, since neither changes the other's verdict; stacks are then put together best
/// first: the choice is the best driver that any proven stack has, on the best support it is proven with.
ToolPlan chooseTools(const Task& task, const catalog::Rack& rack, const SearchOverrides& overrides,
                     const LoadCase& load);

/// The tool of the rack that comes closest with its outside turned down or its bore opened; nothing when none does.
std::optional<NearestMiss> nearestMiss(const Task& task, const catalog::Rack& rack, const LoadCase& load,
                                       const DriverEnd& end);

} // namespace arbor::tooling
