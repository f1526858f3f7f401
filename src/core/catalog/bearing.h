#pragma once

#include "core/base/result.h"
#include "core/section/body.h"
#include "core/standards/bearing_limits.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

enum class BearingType { DeepGrooveBall, DoubleRowAngularBall };

/// Boundary dimensions and internal geometry of a bearing [mm].
struct Bearing {
    std::string designation;
    BearingType type = BearingType::DeepGrooveBall;
    double boreDia_mm = 0;
    double outsideDia_mm = 0;
    double width_mm = 0;
    double chamfer_mm = 0; ///< smallest corner, both ways
    int rows = 1;
    double contactAngle_deg = 0;
    double ballDia_mm = 0;
    int ballCount = 0; ///< per row

    double pitchDia_mm() const { return (boreDia_mm + outsideDia_mm) / 2; }
    /// Equivalent raceway diameters of the rings taken as plain tubes. @source [HB4.4]
    double innerRacewayDia_mm() const { return boreDia_mm + (outsideDia_mm - boreDia_mm) / 4; }
    double outerRacewayDia_mm() const { return outsideDia_mm - (outsideDia_mm - boreDia_mm) / 4; }
    /// The flat of the outer ring's face that a sleeve may push: from the raceway land to the chamfer.
    double outerFaceInnerDia_mm() const { return outerRacewayDia_mm(); }
    double outerFaceOuterDia_mm() const { return outsideDia_mm - 2 * chamfer_mm; }
};

/// Reads the catalogue:
/// designation,type,bore_mm,outside_mm,width_mm,chamfer_mm,rows,contact_angle_deg,ball_dia_mm,ball_count.
/// @errors as CsvTable, Duplicate (designation), NotPositive, GeometryOrder, UnknownName (type)
Result<std::vector<Bearing>> parseBearings(std::string_view csv);

const Bearing* findBearing(const std::vector<Bearing>& catalogue, const std::string& designation);

/// Static load ratings of a bearing [N].
struct StaticRating {
    double radial_N = 0;
    double axial_N = 0; ///< what the elements carry when the whole press force goes along the axis
    bool estimate = true;
};

/// Static ratings from the internal geometry, or from the figure the user typed.
/// C_0r = f_0 i Z D_w^2 cos(alpha); axially 0.5 C_0r for deep groove balls (practice value), C_0r / Y_0 for angular
/// contact.
/// @param typedRadial_N  > 0 replaces the computed radial rating
/// @errors OutOfRange when D_w cos(alpha) / D_pw or the contact angle lies outside its table
/// @source [ISO76] clause 5 and tables 1, 3; [HB4.7]
Result<StaticRating> staticRating(const standards::BearingTables& tables, const Bearing& bearing,
                                  std::optional<double> typedRadial_N);

enum class Side { None, Down, Up, Both };

/// What is fitted to the faces of the bearing, seen with the press axis upright.
struct BearingDress {
    Side seals = Side::None;
    Side encoder = Side::None; ///< the encoder takes the place of the seal on its side
};

/// The bearing as bodies standing on z = 0: rings with chamfers, one body of balls for each row, seals, encoder.
std::vector<section::Body> bearingBodies(const Bearing& bearing, const BearingDress& dress);

} // namespace arbor::catalog
