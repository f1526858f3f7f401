#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/standards/table.h"

#include <string>

namespace arbor::standards {

/// ISO 492 limits of radial bearings (Normal "N", "6", "5"; of tapers "taper N", "taper 5"), ISO 5753-1 clearance
/// groups and the factors of ISO 76.
struct BearingTables {
    StepTable bore;
    StepTable outside;
    StepTable inchBore;           ///< ISO 578: upper deviations of inch tapers
    StepTable inchOutside;        ///< the same of the cup
    StepTable clearance;          ///< of radial contact balls
    StepTable rollerClearance;    ///< of cylindrical and needle rollers
    StepTable sphericalClearance; ///< of spherical rollers
    PointTable staticFactor;      ///< f0 over D_w cos(alpha) / D_pw
    PointTable axialFactor;       ///< Y0 of two rows over the contact angle [deg]
};

/// Deviation of the mean bore diameter [mm]. @errors OutOfRange (size), UnknownClass, NotDefined @source [ISO492]
Result<Interval> boreDeviation(const BearingTables& tables, double boreDia_mm, const std::string& bearingClass);

/// Deviation of the mean outside diameter [mm]. @errors OutOfRange (size), UnknownClass, NotDefined @source [ISO492]
Result<Interval> outsideDeviation(const BearingTables& tables, double outsideDia_mm, const std::string& bearingClass);

/// Deviation of an inch taper ring [mm]: classes 4, 2, 3, 0, 00; metal is left on, so the lower deviation is 0.
/// @errors OutOfRange (size), UnknownClass, NotDefined @source [ISO578]
Result<Interval> inchTaperDeviation(const BearingTables& tables, double size_mm, const std::string& bearingClass,
                                    bool bore);

/// Radial internal clearance as made [mm], groups C2, CN, C3, C4, from the table of the kind of bearing.
/// @errors OutOfRange (bore), UnknownClass (group), NotDefined @source [ISO5753-1] tables 1, 2, 4
Result<Interval> radialClearance(const StepTable& clearances, double boreDia_mm, const std::string& group);

} // namespace arbor::standards
