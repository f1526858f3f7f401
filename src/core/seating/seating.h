#pragma once

#include "core/base/advice.h"
#include "core/base/range.h"
#include "core/base/result.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::seating {

/// One reading on the face of a ring. The angle runs clockwise from 12 o'clock as seen from above.
struct Reading {
    double angle_deg = 0;
    double value_mm = 0;
    friend bool operator==(const Reading&, const Reading&) = default;
};

/// Least squares plane z = z0 + a R cos(phi) + b R sin(phi) through heights on a circle.
struct PlaneFit {
    double mean_mm = 0;
    double slopeCos = 0; ///< a
    double slopeSin = 0; ///< b
    double tilt_rad = 0;
    double highAngle_deg = 0; ///< 0 <= angle < 360
    double rise_mm = 0;       ///< across the circle the readings were taken on, 2 R tan(tilt)
    double rms_mm = 0;        ///< of the residuals, divided by n
    double residualRange_mm = 0;
    std::optional<double> scatter_mm; ///< standard deviation of one reading from n - 3; nothing with three readings
    std::vector<double> residuals_mm;
    double slopeErrorPerReading =
        0; ///< standard error of the slope in its worst direction per that of a reading [1/mm]

    double tilt_arcmin() const;
    double riseAcross(double dia_mm) const;
};

/// @param heights  three or more at different angles, at any spacing, up is positive [mm]
/// @param radius_mm  > 0, where the readings were taken
/// @errors Missing (fewer than three readings), NotPositive (radius), NotFinite, NotDefined (angles that fix no plane)
/// @source [HB4.13]
Result<PlaneFit> fitPlane(const std::vector<Reading>& heights, double radius_mm);

enum class ReadingKind {
    Depth,     ///< from the housing face down to the ring
    Feeler,    ///< gap between ring and shoulder
    Indicator, ///< rise of the face while the indicator goes round; where home is it does not know
};

struct SeatingInput {
    ReadingKind kind = ReadingKind::Depth;
    std::vector<Reading> readings;
    bool pressedHome = false;     ///< by its trace; for an indicator, which tells square only
    double uncertainty_mm = 0.01; ///< of one reading, 95 %
    double readingRad_mm = 0;     ///< where on the face the readings are taken
    double seatDia_mm = 0;
    double homeDepth_mm = 0; ///< face depth when home, from the drawing
    double depthTolerance_mm = 0.05;
    double squareLimit_mm = 0; ///< across the seat, default IT5
    std::optional<double> grooveLowerEdgeDepth_mm;
};

enum class SeatVerdict { NotJudged, HomeAndSquare, SquareOnly, NotHome, Tilted, ReadingsDisagree };

struct Seating {
    SeatVerdict verdict = SeatVerdict::NotJudged;
    std::optional<PlaneFit> plane;
    Range riseAcross_mm; ///< across the seat, with the readings' uncertainty
    Range tilt_arcmin;
    Range gap_mm;                           ///< short of the shoulder, mean; not of an indicator
    std::optional<double> grooveOpening_mm; ///< least, negative: the ring covers the groove
    AdviceList findings;
};

/// Judges whether a ring is home and square. Readings that disagree are told first, since nothing else can be trusted
/// then.
/// @errors those of fitPlane except too few readings, which gives NotJudged with a finding
Result<Seating> judgeSeating(const SeatingInput& in);

/// Clock position in words for an angle: 120 degrees is "4", 45 degrees is "1:30".
std::string clockPosition(double angle_deg);

} // namespace arbor::seating
