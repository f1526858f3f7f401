#pragma once

#include "core/base/result.h"
#include "core/section/body.h"
#include "core/standards/bearing_limits.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

enum class BearingType {
    DeepGrooveBall,
    AngularContactBall,
    DoubleRowAngularBall,
    CylindricalNU,
    CylindricalNJ,
    CylindricalN,
    TaperRoller,
    InchTaperRoller,
    NeedleRoller,
    SphericalRoller,
    ThrustBall,
    HubRing,
};

/// What is true of every bearing of a type.
struct TypeKnowledge {
    std::string_view name; ///< in the catalogue's files
    bool balls = true;
    bool innerSeparable = false;    ///< the inner ring (cone, shaft washer) comes out by itself
    bool outerSeparable = false;    ///< the outer ring (cup, housing washer) comes out by itself
    bool splitInner = false;        ///< the inner ring is in halves that must not be parted under load
    bool sealable = false;          ///< seals sit in its faces
    bool clearanceMade = true;      ///< radial clearance is made in; false: set when it is adjusted, or there is none
    double misalignment_arcmin = 0; ///< what it bears in service, practice value [PRACTICE]
};
const TypeKnowledge& knowledge(BearingType type);

/// Boundary dimensions and internal geometry of a bearing [mm].
struct Bearing {
    std::string designation;
    BearingType type = BearingType::DeepGrooveBall;
    double boreDia_mm = 0;
    double outsideDia_mm = 0;
    double width_mm = 0;      ///< assembled: T of a taper roller bearing, height of a thrust bearing
    double innerWidth_mm = 0; ///< of the inner ring or cone
    double outerWidth_mm = 0; ///< of the outer ring or cup
    double chamfer_mm = 0;    ///< smallest corner, both ways
    int rows = 1;
    double contactAngle_deg = 0;
    double elementDia_mm = 0;    ///< ball or mean roller diameter
    int elementCount = 0;        ///< per row
    double elementLength_mm = 0; ///< of a roller; 0: ball
    double innerLandDia_mm =
        0; ///< outside of the inner ring beside the raceway, where it was measured; 0: by the model
    double outerLandDia_mm = 0; ///< likewise, the bore of the outer ring
    bool own = false;           ///< of the shop, by its calipers; false: of the catalogue

    double pitchDia_mm() const { return (boreDia_mm + outsideDia_mm) / 2; }
    /// Equivalent raceway diameters of the rings taken as plain tubes. @source [HB4.4]
    double innerRacewayDia_mm() const { return boreDia_mm + (outsideDia_mm - boreDia_mm) / 4; }
    double outerRacewayDia_mm() const { return outsideDia_mm - (outsideDia_mm - boreDia_mm) / 4; }
    double innerFaceOuterDia_mm() const { return innerLandDia_mm > 0 ? innerLandDia_mm : innerRacewayDia_mm(); }
    /// The flat of the outer ring's upper face that a sleeve may push: from the raceway land to the chamfer.
    double outerFaceInnerDia_mm() const;
    bool isTaper() const { return type == BearingType::TaperRoller || type == BearingType::InchTaperRoller; }
    double outerFaceOuterDia_mm() const { return outsideDia_mm - 2 * chamfer_mm; }
};

/// A type by its name in the files; nothing: there is none.
std::optional<BearingType> bearingType(std::string_view name);

/// More rolling elements than any bearing has.
inline constexpr double kMostElements = 2000;

/// Thinnest wall of a taper's ring in the model [mm].
inline constexpr double kTaperLeastWall_mm = 0.6;

/// Reads one file of the catalogue:
/// designation,type,bore_mm,outside_mm,width_mm,inner_width_mm,outer_width_mm,chamfer_mm,rows,contact_angle_deg,
/// element_dia_mm,element_count,element_length_mm.
/// @errors as CsvTable, Duplicate (designation), NotPositive, GeometryOrder, UnknownName (type)
Result<std::vector<Bearing>> parseBearings(std::string_view csv);

/// Five sizes off the calipers, of a bearing that no catalogue has.
struct CaliperSizes {
    BearingType type = BearingType::DeepGrooveBall;
    double boreDia_mm = 0;
    double outsideDia_mm = 0;
    double width_mm = 0; ///< assembled: T of a taper
    /// Of a taper the widths of cone and cup; of others the outside of the inner ring and the bore of the outer ring
    /// beside the raceway. 0: not measured, as such bearings usually have it.
    double fourth_mm = 0;
    double fifth_mm = 0;
    friend bool operator==(const CaliperSizes&, const CaliperSizes&) = default;
};

/// A bearing of these sizes; what calipers do not show (elements, contact angle, corner) is as such bearings usually
/// have it, so that its ratings are estimates. @source the medians of the catalogue's own tables, by type
/// @errors NotPositive, GeometryOrder (outside, width, fourth, fifth)
Result<Bearing> bearingOfSizes(const std::string& designation, const CaliperSizes& sizes);

/// The numbers that have these sizes, to what calipers are sure to: bore, outside and width.
std::vector<std::string> numbersOfSize(const std::vector<Bearing>& catalogue, const CaliperSizes& sizes);

/// Reads "ball 25x52x15", "taper 30x62x17.25x16x14", "25 x 52 x 15 x 31.4 x 44.8": a number in front of it is its name,
/// an "in" behind it makes inches of them.
/// @return name (the sizes themselves where there is none) and sizes; nothing: that is no row of sizes
std::optional<std::pair<std::string, CaliperSizes>> readCalipers(const std::string& typed);

const Bearing* findBearing(const std::vector<Bearing>& catalogue, const std::string& designation);
/// The same by a number as it is printed, suffixes and all. @return null: it is not known, or a suffix is not
const Bearing* bearingPrinted(const std::vector<Bearing>& catalogue, const std::string& printed);

/// Static load ratings of a bearing [N].
struct StaticRating {
    double radial_N = 0; ///< 0: it carries no radial load
    double axial_N = 0;  ///< what the elements carry when the whole press force goes along the axis; 0: none
    bool estimate = true;
};

/// Static ratings from the internal geometry, or from the figure the user typed.
/// Balls: C_0r = f_0 i Z D_w^2 cos(alpha), thrust C_0a = f_0 Z D_w^2 sin(alpha); rollers:
/// C_0r = 44 (1 - D_we cos(alpha) / D_pw) i Z L_we D_we cos(alpha). Axially 0.5 C_0r for deep groove balls (practice
/// value), C_0r / Y_0 where there is a contact angle, nothing for cylindrical and needle rollers.
/// @param typed_N  > 0 replaces the computed radial rating (axial of a thrust bearing)
/// @errors OutOfRange when D_w cos(alpha) / D_pw or the contact angle lies outside its table
/// @source [ISO76] clauses 5 to 8 and tables 1, 3; [HB4.7]
Result<StaticRating> staticRating(const standards::BearingTables& tables, const Bearing& bearing,
                                  std::optional<double> typed_N);

enum class Side { None, Down, Up, Both };

/// What is fitted to the faces of the bearing, seen with the press axis upright.
struct BearingDress {
    Side seals = Side::None;
    Side encoder = Side::None; ///< the encoder takes the place of the seal on its side
};

/// The bearing as bodies standing on z = 0: outer ring first, inner ring second, both with chamfers, then one body of
/// elements for each row, seals, encoder. A taper's cup stands below with its back face on 0, its large opening and the
/// cone above; a thrust bearing's housing washer is its outer ring and lies below.
std::vector<section::Body> bearingBodies(const Bearing& bearing, const BearingDress& dress);

} // namespace arbor::catalog
