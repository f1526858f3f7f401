#pragma once

#include "core/base/advice.h"
#include "core/base/result.h"
#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/standards/limits.h"

#include <optional>
#include <vector>

namespace arbor::fit {

/// How the load goes round, seen from the rings: the ring that turns under the load must be tight.
enum class LoadCase {
    NotSaid,
    InnerTurns,    ///< load stands still, shaft turns: rotating load on the inner ring
    OuterTurns,    ///< load stands still, housing or wheel turns: rotating load on the outer ring
    Indeterminate, ///< imbalance, shocks, load in changing directions: on both
};

/// How heavy the load is: P/C.
enum class LoadShare { Light, Normal, Heavy };
/// @param share  P/C, 0 and over  @source practice: light to 0.06, normal to 0.12, heavy over it
LoadShare loadShare(double share);

struct ProposalInput {
    catalog::Bearing bearing;
    LoadCase load = LoadCase::NotSaid;
    double loadShare = 0.1; ///< P/C
    catalog::FrictionFamily housing = catalog::FrictionFamily::CastIron;
    double housingWallShare = 1; ///< wall thickness of the housing over the outer ring's section; under 1: thin
    bool shaftHollow = false;    ///< bore over half the seat
    bool speedLoosens = false;   ///< at twice the working speed nothing would be left of the grip on the shaft
    bool mustSlide = false;      ///< the stationary ring has to move along its seat as things get warm
};

/// A class for each side, with the reasons.
struct Proposal {
    std::optional<standards::ToleranceClass> shaft;
    std::optional<standards::ToleranceClass> hole;
    AdviceList because;
};

/// Classes a practitioner would start from. Nothing when the load case is not said.
/// @source practice as DIN 5425-1 tabulates it for radial bearings: load case, load, size and kind of bearing; one step
/// tighter for light-metal or thin-walled housings and hollow shafts under a rotating load
Proposal proposeFit(const ProposalInput& in);

/// Classes beside one another from loose to tight, for trying what another would give.
std::vector<standards::ToleranceClass> neighbours(const standards::ToleranceClass& of);

/// Whether the ring that the load goes round on is the loose one.
/// @param innerTight, outerTight  likely interference of the two seats over 0
std::optional<Advice> questionTightRing(LoadCase load, bool innerTight, bool outerTight);

} // namespace arbor::fit
