#pragma once

#include "core/arrangement/assembly.h"
#include "core/base/result.h"

#include <optional>
#include <string>

namespace arbor::arrangement {

/// Retaining ring groove above the bearing; depth is counted from the housing face down.
struct Groove {
    double dia_mm = 0;
    double width_mm = 0;
    double lowerEdgeDepth_mm = 0;
};

/// Something that hangs below the housing and no tool may touch.
struct HangsBelow {
    std::string label;
    double dia_mm = 0;
    double length_mm = 0;
};

/// The journal in the bearing's bore.
struct Journal {
    std::string material = "carbon_steel";
    double dia_mm = 0;
    double boreDia_mm = 0;
    SeatSide side = {};
};

/// The everyday arrangement by its sizes: a housing with one blind seat from above, the bearing on its shoulder, and
/// where they are given a journal through the bearing, a retaining ring in its groove, something that hangs below. [mm]
struct BlindSeat {
    FromCatalogue bearing; ///< its height is that of the shoulder
    std::string material = "grey_cast_iron";
    double outsideDia_mm = 0;
    double height_mm = 0;
    double flangeDia_mm = 0; ///< at the foot; 0: no flange
    double flangeThick_mm = 0;
    double seatDia_mm = 0;
    double seatDepth_mm = 0; ///< from the face down to the shoulder
    double shoulderBoreDia_mm = 0;
    double leadIn_mm = 0; ///< depth of the chamfer at the mouth
    SeatSide hole = {};
    SeatSide ring = {};
    SeatSide bore = {};
    std::optional<Groove> groove = {};
    std::optional<HangsBelow> hangsBelow = {};
    std::optional<Journal> shaft = {};
};

/// Parts "housing", "bearing", and where they are given "ring" and "shaft".
/// @errors NotPositive, NotFinite, OutOfRange, GeometryOrder with the field ("housing/outside_mm"), when the sizes
/// cannot make a part
Result<Assembly> blindSeat(const BlindSeat& sizes);

/// Turns a chamfer into the mouth of a bore, so that a ring finds its way: it opens by half its depth on the radius,
/// about 27 degrees, as usually turned. A wall too short for it stays as it is.
/// @param slice  the last one of the bore, on the side where the ring comes in
void cutLeadIn(section::Body& body, std::size_t slice, bool atItsTop, double depth_mm);

} // namespace arbor::arrangement
