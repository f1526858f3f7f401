#pragma once

#include "core/arrangement/assembly.h"
#include "core/base/result.h"
#include "core/catalog/bearing.h"
#include "core/section/body.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::arrangement {

/// Retaining ring groove above the bearing; depth is counted from the housing face down.
struct Groove {
    double dia_mm = 0;
    double width_mm = 0;
    double lowerEdgeDepth_mm = 0;
};

/// Something that hangs below the housing and must touch nothing.
struct HangsBelow {
    std::string label;
    double dia_mm = 0;
    double length_mm = 0;
};

/// A housing with one blind seat from above, as it stands on the press. Sizes in mm.
struct HousingShape {
    double outsideDia_mm = 0;
    double height_mm = 0;
    double flangeDia_mm = 0; ///< 0: no flange
    double flangeThick_mm = 0;
    double seatDia_mm = 0;
    double seatDepth_mm = 0; ///< from the face down to the shoulder
    double shoulderBoreDia_mm = 0;
    double entryChamfer_mm = 0;
    std::optional<Groove> groove;
    std::optional<HangsBelow> hangsBelow;
    section::Hatch hatch = section::Hatch::CastIron;
    /// The housing's own section standing on z = 0, bore straight to its face; nothing: made from the sizes above.
    std::optional<section::Body> section = {};
};

/// One bearing going into one housing from above, against the shoulder below.
struct HousedBearing {
    catalog::Bearing bearing;
    catalog::BearingDress dress;
    HousingShape housing;

    /// Travel from where the ring's corner meets the straight bore until it stands on the shoulder.
    double homeTravel_mm() const { return housing.seatDepth_mm - startDepth_mm(); }
    /// Depth of the ring's lower face when it stands in the mouth of the bore by its own chamfer.
    double startDepth_mm() const { return housing.entryChamfer_mm + bearing.chamfer_mm; }
    /// Depth of the ring's upper face below the housing face when home; negative: it stands proud.
    double homeFaceDepth_mm() const { return housing.seatDepth_mm - bearing.outerWidth_mm; }
};

/// A seat as it lies in an assembly, turned so that its bearing goes in from above.
struct SeatInSection {
    section::Body housing; ///< standing on z = 0
    double bearingBottom_mm = 0;
    double seatDia_mm = 0;
    bool turnedOver = false; ///< the assembly stands the other way up
    std::size_t part = 0;    ///< the housing's index
    std::size_t ring = 0;    ///< the bearing's, or the cup's
};

/// The first pressed seat of a housing or hub that holds the bearing, or the cup, of that designation.
/// @param assembly  resolved and valid  @param designation  empty: of any
std::optional<SeatInSection> findSeat(const Assembly& assembly, const std::string& designation);

/// Takes every size of the housing from the section: outside, height, depth, shoulder bore and groove. Chamfer and what
/// hangs below stay as they are: an arrangement does not know them.
void takeSection(HousingShape& shape, const SeatInSection& seat);

/// @errors NotPositive, NotFinite, GeometryOrder with the field, when the sizes cannot make a part or the bearing
/// cannot go in
Result<void> validate(const HousedBearing& arrangement);

/// The housing standing on z = 0 by its underside, and what hangs below it.
std::vector<section::Body> housingBodies(const HousingShape& shape);

/// The bearing's bodies when it has gone `travel_mm` into a housing whose face is at `faceZ_mm`.
std::vector<section::Body> bearingInHousing(const HousedBearing& arrangement, double faceZ_mm, double travel_mm);

/// Axial length on which ring and bore touch after `travel_mm`; the groove and the chamfers do not count.
double engagedLength(const HousedBearing& arrangement, double travel_mm);

} // namespace arbor::arrangement
