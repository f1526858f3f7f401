#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/standards/table.h"

#include <string>

namespace arbor::standards {

/// ISO 492 limits of radial bearings (Normal "N", "6", "5"), ISO 5753-1 clearance groups and the factors of ISO 76.
struct BearingTables {
    StepTable bore;
    StepTable outside;
    StepTable clearance;
    PointTable staticFactor; ///< f0 over D_w cos(alpha) / D_pw
    PointTable axialFactor;  ///< Y0 of two rows over the contact angle [deg]
};

/// Deviation of the mean bore diameter [mm]. @errors OutOfRange (size), UnknownClass, NotDefined @source [ISO492]
Result<Limits> boreDeviation(const BearingTables& tables, double boreDia_mm, const std::string& bearingClass);

/// Deviation of the mean outside diameter [mm]. @errors OutOfRange (size), UnknownClass, NotDefined @source [ISO492]
Result<Limits> outsideDeviation(const BearingTables& tables, double outsideDia_mm, const std::string& bearingClass);

/// Radial internal clearance as made [mm], groups C2, CN, C3, C4 of radial contact ball bearings.
/// @errors OutOfRange (bore), UnknownClass (group), NotDefined @source [ISO5753-1] table 1
Result<Limits> radialClearance(const BearingTables& tables, double boreDia_mm, const std::string& group);

} // namespace arbor::standards
