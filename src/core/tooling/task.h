#pragma once

#include "core/arrangement/assembly.h"
#include "core/route/order.h"
#include "core/section/body.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::tooling {

/// The flat of a body that a driver may push [mm].
struct FreeFace {
    double innerDia_mm = 0;
    double outerDia_mm = 0;

    double width_mm() const { return (outerDia_mm - innerDia_mm) / 2; }
    double area_mm2() const;
    friend bool operator==(const FreeFace&, const FreeFace&) = default;
};

/// The part of a lip seal inside its shell, between these diameters: nothing pushes it, nothing carries on it.
struct LipZone {
    double innerDia_mm = 0;
    double outerDia_mm = 0;

    /// How wide a ring lies on it, on the radius [mm].
    double under_mm(double innerRad_mm, double outerRad_mm) const;
    friend bool operator==(const LipZone&, const LipZone&) = default;
};

/// The edge of the face beside which a seal, a cage or a lip must not be touched.
enum class KeepOff { Nothing, Inside, Outside };

/// One seat to be made or parted, as it stands in the press: the ram goes down. What moves stands where its travel
/// begins, heights are counted from the lowest point of what stays. Sizes in mm.
struct Task {
    std::vector<section::Body> moving;
    std::vector<section::Body> still;
    std::size_t pushed = 0;    ///< into moving: the tight body, whose face takes the push
    std::size_t holder = 0;    ///< into still: what it is tight in or on, which must be carried
    double travel_mm = 0;      ///< until it is home, or free
    bool out = false;          ///< taken apart
    bool turnedOver = false;   ///< against the assembly as it is drawn
    bool partnerMoves = false; ///< the ring is held and its partner pushed
    std::string faceName;      ///< "outer ring", "flanged spindle"
    FreeFace face;
    KeepOff keepOff = KeepOff::Nothing;
    double seatDia_mm = 0;
    bool inBore = true;      ///< what moves goes into what stays; false: over it
    bool bareRam = false;    ///< the ram's own foot may push it
    bool scrap = false;      ///< the bearing is thrown away: its elements may be pressed through
    bool splitInner = false; ///< its inner ring is in halves that must not be parted
    double chamfer_mm = 0;   ///< of both edges where it starts, on the radius
    bool toDepth = false;    ///< a seal, a cap, a wear sleeve: it goes to a depth, and nothing need stop it
    std::optional<LipZone> pushedLip = {}; ///< of the pushed body, when that is a lip seal
    std::optional<LipZone> heldLip = {};   ///< likewise, of the holder

    double throughDia_mm() const; ///< free bore from end to end
    double passDia_mm() const;    ///< of what moves and ends below the holder's lower face
    bool heldByRing() const;      ///< the holder is a ring, not a housing that stands by itself
    std::vector<section::Body> atTravel(double travel_mm) const; ///< what moves, when it has gone this far

    friend bool operator==(const Task&, const Task&) = default;
};

/// A part of an assembly that leaves, or comes, on `way`, and the one it is tight with.
struct PressMove {
    std::size_t part = 0;
    std::size_t partner = 0;
    route::Way way = route::Way::Up; ///< it leaves on; it comes the other way
    route::PartSet present = 0;      ///< what is there, with the part
    bool out = true;
};

/// The ways to press it: pushing the part, and holding the part while its partner is pushed. Those with no face that
/// can be reached from above are left out.
/// @param assembly  resolved and valid; the two touch around each other
std::vector<Task> tasksOf(const arrangement::Assembly& assembly, const PressMove& parting);

/// The same with a separator closed behind the held ring, which then rests on it.
/// @return nothing when there is no room for its knife, or the holder is no ring
std::optional<Task> withSeparator(const Task& task, const section::Body& separator);

} // namespace arbor::tooling
