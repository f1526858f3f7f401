#pragma once

#include "core/arrangement/assembly.h"
#include "core/base/range.h"
#include "core/route/order.h"

#include <optional>
#include <vector>

namespace arbor::route {

/// How a tight ring may be brought out.
enum class Method { Press, DrawBolt, Separator, Drift, Collet, HeatOff, Split };
inline constexpr Method kMethods[] = {Method::Press,  Method::DrawBolt, Method::Separator, Method::Drift,
                                      Method::Collet, Method::HeatOff,  Method::Split};

/// How the joint looks before anything is tried.
enum class Rust { None, Light, Heavy };

/// A tight ring as it stands when its turn comes, and the room around it. All in mm.
struct RingSite {
    std::size_t ring = 0;
    std::size_t partner = 0;
    bool inBore = true; ///< it sits in the partner; false: on it
    Way way = Way::Up;
    double land_mm = 0;        ///< widest stretch of its rear face that can be reached straight from behind
    double shiftedLand_mm = 0; ///< of either ring's face once a loose spacer tube behind it is pushed aside
    double otherLand_mm = 0;   ///< of the bearing's other ring: pushing there goes through the elements
    double sideGap_mm = 0;     ///< room behind its rear face for plates or jaws, open to the side
    double through_mm = 0;     ///< free bore from end to end of all that is present
    double ownBore_mm = 0;     ///< free bore of the ring itself; 0: something is in it
    double support_mm = 0;     ///< of the partner's face round the ring on the side it leaves to: what it can rest on
    double rim_mm = 0;         ///< how far it stands over the edge of its bore outside
    bool notched = false;
    bool isRing = true;    ///< false: a shaft, hub or housing, which no collet or drift takes hold of
    bool sealNear = false; ///< it is a seal, or a seal or encoder that stays would be heated too
    friend bool operator==(const RingSite&, const RingSite&) = default;
};

/// The room around a tight ring among the parts present.
/// @param assembly  resolved and valid; `ring` and `partner` touch
RingSite siteOf(const arrangement::Assembly& assembly, std::size_t ring, std::size_t partner, Way way, PartSet present);

/// Why a method applies, or why not.
enum class Why {
    LandBehind,
    NoLandBehind,
    OnlyThroughElements,
    ThroughBore,
    NoThroughBore,
    GapBehind,
    NoGapBehind,
    RingInBore,
    Notches,
    SpacerShifts,
    RimOutside,
    BoreFree,
    BoreFilled,
    RingOnShaft,
    WarmTheHousing,
    HeatTheRing,
    SealInTheHeat,
    WouldCutTheSeat,
    NoRing,
};

struct Removal {
    Method method = Method::Press;
    bool applies = false;
    Why why = Why::NoLandBehind;
    double value_mm = 0; ///< the land, bore or gap that decided
    friend bool operator==(const Removal&, const Removal&) = default;
};

/// Every method, those that apply first and of them the gentlest first: press, draw bolt, separator, drift, collet,
/// heat, pressing through the elements of a bearing that is scrap anyway, and splitting the ring last. @source [HB3.2],
/// [HB5] stuck inner ring: by land and room behind it
std::vector<Removal> removalsOf(const RingSite& site);

/// Force of the first movement of a joint, over the clean sliding force: 1.2 to 2; light rust 2 to 3; heavy rust 3 to
/// 6: a wide band. @source [HB4.6]
Interval stuckFactor(Rust rust);

struct Breakaway {
    Range force_N;
    Range energy_J; ///< given back by frame and stack when it lets go
};
/// @param clean_N  sliding force over the full seat  @param stiffness_N_per_mm  of frame and stack, > 0
/// @source [HB4.6] F^2 / (2 k)
Breakaway breakaway(const Range& clean_N, Rust rust, double stiffness_N_per_mm);

} // namespace arbor::route
