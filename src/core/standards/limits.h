#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/standards/table.h"

#include <string>

namespace arbor::standards {

/// The tables of ISO 286-1 for sizes up to 3150 mm.
struct Iso286 {
    StepTable grades;
    StepTable shafts;
    StepTable shaftsFine;
    StepTable holes;
};

/// A tolerance class as written: "N7" is a hole, "k5" a shaft.
struct ToleranceClass {
    std::string letter;
    int grade = 0;

    bool isHole() const { return !letter.empty() && letter.front() >= 'A' && letter.front() <= 'Z'; }
    std::string text() const { return letter + std::to_string(grade); }
    friend bool operator==(const ToleranceClass&, const ToleranceClass&) = default;
};

/// @errors UnknownClass when the text is not one or two letters followed by a grade
Result<ToleranceClass> parseToleranceClass(const std::string& text);

/// Limit deviations of a tolerance class from the nominal size.
/// @param nominalDia_mm  over 0 up to 3150
/// @return lower and upper deviation [mm]
/// @errors OutOfRange (size), UnknownClass (letter outside a...zc / A...ZC, grade outside 1...18), NotDefined (no such
/// class at this size)
/// @source [ISO286-1] tables 1 to 5 and the rules for holes: EI = -es for A to H; ES = -ei, raised by delta for K, M, N
/// up to
///         IT8 and P to ZC up to IT7 (delta is 0 over 500 mm). js and JS are taken as exactly plus or minus half the
///         grade.
Result<Interval> limitDeviations(const Iso286& tables, double nominalDia_mm, const ToleranceClass& toleranceClass);

/// Width of a standard tolerance grade [mm]. @errors as limitDeviations
Result<double> gradeWidth(const Iso286& tables, double nominalDia_mm, int grade);
/// How far a face may be out of square across a diameter, where no drawing says: a shoulder, the end of a spacer, a
/// ring in its seat. IT5, the run-out bearing makers allow a shoulder in normal accuracy. @errors as gradeWidth
Result<double> squareLimit_mm(const Iso286& tables, double dia_mm);

} // namespace arbor::standards
