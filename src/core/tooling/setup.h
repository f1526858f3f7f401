#pragma once

#include "core/base/advice.h"
#include "core/catalog/rack.h"
#include "core/force/draw_bolt.h"
#include "core/force/path.h"
#include "core/section/body.h"
#include "core/tooling/task.h"

#include <algorithm>
#include <optional>
#include <vector>

namespace arbor::tooling {

/// One choice of tools, on a press or on a draw bolt. Pointers look into the rack and must outlive the setup.
struct SetupChoice {
    const catalog::Press* press = nullptr;          ///< nothing: `bolt` draws
    const catalog::Tool* driver = nullptr;          ///< nothing: the ram's own foot
    std::vector<const catalog::Tool*> spacers = {}; ///< from the driver up
    const catalog::Tool* support = nullptr;         ///< nothing: the work stands on what is below
    std::size_t notch = 0;
    const catalog::Tool* plate = nullptr;     ///< across the gap of the bed, under everything
    const catalog::Tool* separator = nullptr; ///< closed behind the held ring
    const catalog::Tool* bolt = nullptr;
    const catalog::Tool* ram = nullptr; ///< hollow ram on the bolt, in place of the turned nut
    double opening_mm = 0;              ///< what blocks and separator are set to

    std::size_t pieces() const; ///< that are put together, press or bolt not counted
};

/// The whole stack between bed and ram as bodies; the bed's face is z = 0. On a draw bolt the lower nut and washer are
/// the bed, the upper ones (or the hollow ram) the ram.
struct Setup {
    std::vector<section::Body> bodies;
    std::vector<bool> moves; ///< goes down with the ram
    std::size_t ram = 0;
    std::size_t bed = 0;
    std::size_t pushed = 0; ///< the tight body that moves
    std::size_t holder = 0; ///< and the one that holds it
    double travel_mm = 0;   ///< gone so far
    double lift_mm = 0;     ///< how high the lowest point of the work stands over the bed
    double driverZ_mm = 0;  ///< underside of the driver

    double ramFaceZ_mm() const { return bodies[ram].bottom(); }
    std::optional<std::size_t> find(section::BodyKind kind) const;
};

/// The work as it stands, with nothing above it: bed, plate, support, what stays, what moves (gone by `travel_mm`).
/// There is no ram in it yet.
Setup standWork(const Task& task, const SetupChoice& choice, double travel_mm);

/// Stacks bed, plate, support, what stays, what moves (gone by `travel_mm`), driver, spacers and ram, each resting on
/// what is below it.
Setup buildSetup(const Task& task, const SetupChoice& choice, double travel_mm);

/// What the press force may reach [N].
struct LoadCase {
    double pressForceMost_N = 0;
    double holdForce_N = 0; ///< greatest
    double staticAxial_N = 0;
    bool staticIsEstimate = true;
    bool known = true;          ///< false: nothing is known of the seat, strength is not judged
    double elementDia_mm = 0;   ///< for the dents; 0: not known
    double interference_mm = 0; ///< likely, for the start
    double mu = 0;              ///< greatest friction of the pair

    /// What the stack, and whatever stands in the path, may have to carry.
    double greatest_N() const { return std::max(pressForceMost_N, holdForce_N); }
    friend bool operator==(const LoadCase&, const LoadCase&) = default;
};

/// Verdict on one driver with what stands on it: lands on the right face, clears everything on the way, is strong
/// enough.
struct DriverCheck {
    AdviceList findings;
    double coverage = 0;      ///< share of the free face that is pushed, 0..1
    double faceArea_mm2 = 0;  ///< pushed area
    double sealGap_mm = 0;    ///< on the radius, from the tool to the seal, cage or lip beside the face
    double loadShare = 0;     ///< of the pressure that its face may take, 0..1
    bool centred = false;     ///< by a pilot, or by the bore it goes in
    double stopsShort_mm = 0; ///< > 0: the stack behind it meets what stays this far before the end
};

/// What stands on the drivers and what goes through them.
struct DriverEnd {
    double footDia_mm = 0; ///< of the ram, the washer or the hollow ram
    double boltDia_mm = 0; ///< 0: a press
};

DriverEnd endOf(const SetupChoice& choice);

/// The parts of a task that driver checks need, made once for a whole rack.
class DriverBench {
public:
    DriverBench(const Task& task, LoadCase load, DriverEnd end);
    /// @param driver  nothing: the ram's own foot
    DriverCheck check(const catalog::Tool* driver, const std::vector<const catalog::Tool*>& spacers = {}) const;

private:
    void judgeLanding(DriverCheck& check, const section::Body& driver, double outside_mm) const;
    void judgeCentring(DriverCheck& check, const catalog::Tool& tool) const;
    void judgeSealGap(DriverCheck& check, const section::Body& driver) const;
    void judgeWayDown(DriverCheck& check, const std::vector<section::Body>& movers, bool hasHead) const;
    void judgeStrength(DriverCheck& check, const catalog::Tool& driver) const;
    void judgeTool(DriverCheck& check, const catalog::Tool& driver) const;
    void judgePassage(DriverCheck& check, const catalog::Tool& piece) const; ///< of the bolt

    Task m_task;
    LoadCase m_load;
    DriverEnd m_end;
    std::vector<section::Body> m_below; ///< everything a driver may land on, highest first
    std::vector<bool> m_belowMoves;
    std::size_t m_pushed = 0; ///< into m_below
    std::size_t m_holder = 0; ///< likewise
};

/// Verdict on what stands under the work: the bare bed, or pieces of the rack.
struct SupportCheck {
    AdviceList findings;
    double area_mm2 = 0;
    double innerDia_mm = 0; ///< of the contact with the work
};
/// How the reaction at the holder gets to each body that stays, whatever carries that one.
enum class Reach { Not, ThroughElements, Clear };
std::vector<Reach> reachOfHolder(const Task& task);

/// @param choice  press or bolt, plate, support, separator and opening; the rest is not looked at
/// @param reach  of the task, when many supports are tried
SupportCheck checkSupport(const Task& task, const SetupChoice& choice, const LoadCase& load,
                          const std::vector<Reach>& reach = {});

/// Height of a stack (bed to ram at the start) against daylight and stroke of one notch, or the length of the bolt.
struct StackFit {
    double stack_mm = 0;
    double daylight_mm = 0;
    double approach_mm = 0; ///< ram travel before it touches
    double strokeUsed_mm = 0;
    double strokeThere_mm = 0;
    double reserve_mm = 0; ///< of it, kept in hand
    double room_mm = 5;    ///< what it takes to put the stack in

    /// Room to put the stack in, and one stroke to the end.
    bool fits() const;
};
StackFit stackFit(double stack_mm, const catalog::Press& press, std::size_t notch, double travel_mm);
/// On a draw bolt: between the washers, thread and ram stroke for the travel.
StackFit boltFit(double stack_mm, const catalog::Tool& bolt, const catalog::Tool* ram, double travel_mm);

/// The bolt of a set with its friction, as it is turned by its nut or pulled by a hollow ram.
/// @errors those of parseThread and parseStrengthClass
Result<force::DrawBolt> drawBoltOf(const catalog::Tool& set, bool byRam);

/// Where a stroke that is too short is broken off and the stack built anew under a ring that stands safe.
struct Restack {
    double first_mm = 0;  ///< travel of the first stroke
    double second_mm = 0; ///< and of the second
    double engaged_mm =
        0; ///< of the seat by then: over a third of the diameter, or half its length, it stands by itself
    const catalog::Tool* added = nullptr; ///< spacer put in for the second stroke
};

/// What the draw bolt takes at the greatest force.
struct BoltPull {
    force::BoltLoad load;
    std::optional<double> acrossFlats_mm;
    std::optional<double> ramPressure_MPa; ///< of the hollow ram: then no torque
    bool thrustBearing = false;
    double wrench_mm = 0;
};

/// Proof of a whole setup: path of the force midway and at the end, and every check of its pieces.
struct StackProof {
    force::Path path;    ///< midway
    AdviceList findings; ///< reasons, looks and stops; the worst severity is the verdict
    StackFit stack;
    std::optional<Restack> restack; ///< of a stack that needs two strokes
    std::optional<BoltPull> pull;   ///< of a stack on a bolt, when the force is known
    /// Travel at which it must be stopped and not held: what stops it would carry the holding load through the
    /// elements, or through a part that must not carry.
    std::optional<double> stopAt_mm;

    bool holds() const { return worst(findings) < Severity::Stop; }
};
/// @param restack  spacers to try for a second stroke where one is too short and none is in yet; empty: one stroke
StackProof proveSetup(const Task& task, const SetupChoice& choice, const LoadCase& load,
                      const std::vector<const catalog::Tool*>& restack = {});
/// Whether its proof holds, without the rest of it.
bool holds(const Task& task, const SetupChoice& choice, const LoadCase& load,
           const std::vector<const catalog::Tool*>& restack = {});

} // namespace arbor::tooling
