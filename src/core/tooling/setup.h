#pragma once

#include "core/arrangement/housed_bearing.h"
#include "core/base/advice.h"
#include "core/catalog/rack.h"
#include "core/force/path.h"
#include "core/section/body.h"

#include <algorithm>
#include <optional>
#include <vector>

namespace arbor::tooling {

/// One choice of tools on one press. Pointers look into the rack and must outlive the setup.
struct SetupChoice {
    const catalog::Press* press = nullptr;
    const catalog::Tool* driver = nullptr;
    std::vector<const catalog::Tool*> spacers; ///< from the driver up
    const catalog::Tool* support = nullptr;    ///< nothing: the housing stands on the bed
    std::size_t notch = 0;
};

/// The whole stack between bed and ram as bodies; the bed's face is z = 0.
struct Setup {
    std::vector<section::Body> bodies;
    std::vector<bool> moves; ///< goes down with the ram
    std::size_t ram = 0;
    std::size_t bed = 0;
    double travel_mm = 0; ///< the ring has gone this far into the bore
    double housingFaceZ_mm = 0;
    double driverZ_mm = 0; ///< underside of the driver

    double ramFaceZ_mm() const { return bodies[ram].bottom(); }
    std::optional<std::size_t> find(section::BodyKind kind) const;
};

/// Stacks bed, support, housing, bearing (gone in by `travel_mm`), driver, spacers and ram, each resting on what is
/// below it.
Setup buildSetup(const arrangement::HousedBearing& arrangement, const SetupChoice& choice, double travel_mm);

/// What the press force may reach [N].
struct LoadCase {
    double pressForceMost_N = 0;
    double holdForce_N = 0; ///< greatest
    double staticAxial_N = 0;
    bool staticIsEstimate = true;

    /// What the stack, and whatever stands in the path, may have to carry.
    double greatest_N() const { return std::max(pressForceMost_N, holdForce_N); }
};

/// Verdict on one driver with what stands on it: lands on the right face, clears everything on the way, is strong
/// enough.
struct DriverCheck {
    AdviceList findings;
    double coverage = 0;      ///< share of the outer ring's free face that is pushed, 0..1
    double faceArea_mm2 = 0;  ///< pushed area
    double sealGap_mm = 0;    ///< on the radius, from the tool's bore to the seal or cage space
    double stopsShort_mm = 0; ///< > 0: the stack behind it meets the housing this far before home
};

/// The parts of an arrangement that driver checks need, made once for a whole rack.
class DriverBench {
public:
    DriverBench(const arrangement::HousedBearing& arrangement, LoadCase load, double ramFootDia_mm);
    DriverCheck check(const catalog::Tool& driver, const std::vector<const catalog::Tool*>& spacers = {}) const;

private:
    void judgeLanding(DriverCheck& check, const section::Body& driver, const catalog::Tool& tool) const;
    void judgeWayDown(DriverCheck& check, const std::vector<section::Body>& movers, bool hasHead) const;
    void judgeStrength(DriverCheck& check, const catalog::Tool& driver) const;

    arrangement::HousedBearing m_arrangement;
    LoadCase m_load;
    double m_ramFootDia_mm;
    std::vector<section::Body> m_housing;
    std::vector<section::Body> m_bearing; ///< standing in the mouth of the bore
    double m_freeFaceArea_mm2;
};

/// Verdict on a support under the housing: nothing (the bare bed), or a ring of the rack.
struct SupportCheck {
    AdviceList findings;
    double area_mm2 = 0;
    double innerDia_mm = 0; ///< of the contact with the housing
};
SupportCheck checkSupport(const arrangement::HousedBearing& arrangement, const catalog::Press& press,
                          const catalog::Tool* support, const LoadCase& load);

/// Height of a stack (bed to ram at the start) against daylight and stroke of one notch.
struct StackFit {
    double stack_mm = 0;
    double daylight_mm = 0;
    double approach_mm = 0; ///< ram travel before it touches
    double strokeUsed_mm = 0;
    double strokeThere_mm = 0;

    /// Room to slide the stack in, and one stroke to home.
    bool fits() const;
};
StackFit stackFit(double stack_mm, const catalog::Press& press, std::size_t notch, double homeTravel_mm);

/// Proof of a whole setup: path of the force midway and at home, and every check of its pieces.
struct Proof {
    force::Path path;    ///< midway
    AdviceList findings; ///< reasons, looks and stops; the worst severity is the verdict
    StackFit stack;
};
Proof proveSetup(const arrangement::HousedBearing& arrangement, const SetupChoice& choice, const LoadCase& load);

} // namespace arbor::tooling
