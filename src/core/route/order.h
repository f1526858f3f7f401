#pragma once

#include "core/arrangement/assembly.h"

#include <array>
#include <cstdint>
#include <vector>

namespace arbor::route {

enum class Way { Up, Down };
inline constexpr std::array kWays{Way::Up, Way::Down};

/// A set of parts by index, bit by bit; an assembly has at most 64.
using PartSet = std::uint64_t;
constexpr PartSet only(std::size_t part) {
    return PartSet{1} << part;
}

/// What stands in the way of every part on both ways out, worked out once for an assembly.
/// Each pair is judged by itself: whether one part, going straight out along the axis, meets the other where it is
/// fitted. Taking parts away can therefore only ever open ways, never close them, and the searches below need not look
/// back.
class BlockingGraph {
public:
    explicit BlockingGraph(const arrangement::Assembly& assembly);

    std::size_t size() const { return m_inTheWay.size(); }
    PartSet all() const { return size() == 64 ? ~PartSet{0} : only(size()) - 1; }
    /// Parts that `part` would run into on its way.
    PartSet inTheWay(std::size_t part, Way way) const { return m_inTheWay[part][static_cast<std::size_t>(way)]; }
    /// Parts that stand behind the face a part is pushed on when it leaves on this way, in line with that face.
    PartSet behind(std::size_t part, Way way) const { return m_behind[part][static_cast<std::size_t>(way)]; }
    PartSet lockedBy(std::size_t part) const { return m_lockedBy[part]; }
    /// Of those present, what keeps the part (in its way, locking it, or screwed to it and smaller) from leaving (or
    /// coming in) on this way; empty: it goes.
    PartSet keeps(std::size_t part, Way way, PartSet present) const {
        return (inTheWay(part, way) | lockedBy(part) | m_unscrewedFirst[part]) & present & ~only(part);
    }
    /// Parts that `part` sits in or on with interference.
    PartSet pressedTo(std::size_t part) const { return m_pressedTo[part]; }
    /// Parts it is screwed to: it leaves them by itself, or they go together.
    PartSet threadedTo(std::size_t part) const { return m_threadedTo[part]; }
    bool free(std::size_t part, PartSet present) const {
        return keeps(part, Way::Up, present) == 0 || keeps(part, Way::Down, present) == 0;
    }

private:
    std::vector<std::array<PartSet, 2>> m_inTheWay;
    std::vector<std::array<PartSet, 2>> m_behind;
    std::vector<PartSet> m_lockedBy;
    std::vector<PartSet> m_pressedTo;
    std::vector<PartSet> m_threadedTo;
    std::vector<PartSet> m_unscrewedFirst; ///< smaller parts screwed to it
};

/// One thing that leaves: a part, or parts that only come out together and are then taken apart on the bench.
struct Step {
    std::vector<std::size_t> parts;
    Way way = Way::Up;
    bool turnedOver = false;           ///< the workpiece is turned before this step
    std::vector<Step> onTheBench = {}; ///< taking the group apart; its base comes last and is no step
    std::size_t benchBase = 0;         ///< of a group: what its other parts are taken off
    PartSet stuckOnTheBench = 0;       ///< of a group: parts that cannot be taken off it
};

struct Order {
    std::vector<Step> steps; ///< in the order of taking apart; read backwards it puts together
    int turnOvers = 0;
    PartSet stuck = 0; ///< parts that cannot leave even together: they could never have been fitted
};

/// The order of taking an assembly apart. While anything can leave on the present way the workpiece is not turned, and
/// of the two ways to begin the one with fewer turn-overs is taken. On each way what is loose goes first, then parts
/// that stay pressed together and leave as one, then a part with one pressed seat to part, once nothing loose stands
/// behind it where it is pushed: never two seats at once while there is another way. Parts that only come out together
/// go last.
/// @param assembly  valid
Order takeApart(const arrangement::Assembly& assembly);

/// One part that leaves by itself, and who is there then (itself included).
struct PartRemoval {
    std::size_t part = 0;
    Way way = Way::Up;
    PartSet present = 0;
};
/// Every part that leaves by itself, in their order, groups taken apart on the bench included; read backwards they
/// come.
/// @param all  every part of the assembly
std::vector<PartRemoval> partRemovals(const Order& order, PartSet all);

/// A part with everything of those present that is pressed to it, however far: they warm, leave and fall as one.
PartSet pressedTogether(const BlockingGraph& ways, std::size_t part, PartSet present);

/// What a retaining ring holds by itself: parts that are pressed to nothing but each other, are kept on both ways while
/// it is there and leave as soon as it is gone; none: something else holds, or the fit.
PartSet heldAlone(const BlockingGraph& ways, std::size_t ring, std::size_t base);

/// A part that cannot be fitted any more, and what shuts it out on each way.
struct ShutOut {
    std::size_t part = 0;
    PartSet up = 0;
    PartSet down = 0;
};

/// Parts not yet fitted that can no longer get to their place past those that are.
std::vector<ShutOut> shutOut(const BlockingGraph& ways, PartSet fitted);

} // namespace arbor::route
