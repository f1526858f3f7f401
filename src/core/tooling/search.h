#pragma once

#include "core/tooling/setup.h"

#include <vector>

namespace arbor::tooling {

/// One tool of the rack tried as the driver: its verdict, and how good it is when it may be used.
struct Candidate {
    const catalog::Tool* tool = nullptr;
    std::vector<const catalog::Tool*> spacers; ///< what must stand on it
    DriverCheck check;
    double missingHeight_mm = 0; ///< what it lacks by itself to reach home
    double score = 0; ///< higher is better, among the usable; of a rejected one how near it comes, as minus [mm]

    Severity verdict() const { return worst(check.findings); }
    bool usable() const { return verdict() < Severity::Stop; }
};

struct SupportCandidate {
    const catalog::Tool* tool = nullptr; ///< nothing: the bare bed
    SupportCheck check;
    double score = 0;

    bool usable() const { return worst(check.findings) < Severity::Stop; }
};

/// What the user fixed; the rest is searched.
struct Wishes {
    const catalog::Press* press = nullptr; ///< must be given
    const catalog::Tool* driver = nullptr;
    const catalog::Tool* support = nullptr;
};

struct ToolPlan {
    std::vector<Candidate> drivers;         ///< best first, then the rejected, nearest miss first
    std::vector<SupportCandidate> supports; ///< likewise
    std::optional<SetupChoice> choice;      ///< the best whole setup, or the one the user asked for
    Proof proof;                            ///< of `choice`
    bool overridden = false;
};

/// Chooses driver, spacers, support and bed notch from the rack and ranks the rest.
/// Drivers and supports are judged apart, since neither changes the other's verdict; stacks are then put together best
/// first.
ToolPlan chooseTools(const arrangement::HousedBearing& arrangement, const catalog::Rack& rack, const Wishes& wishes,
                     const LoadCase& load);

} // namespace arbor::tooling
