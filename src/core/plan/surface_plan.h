#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/measure/form.h"
#include "core/measure/seat_condition.h"
#include "core/standards/limits.h"

#include <optional>
#include <string>

namespace arbor::tables {
struct Tables;
}

namespace arbor::plan {

/// One side of a seat: what the drawing asks, what was measured, what is to be done with it.
struct SurfacePlan {
    std::string part;  ///< id
    std::string label; ///< as the shop calls it
    bool ring = false; ///< belongs to a bearing of the catalogue: a new part, not judged
    std::string spec;  ///< "62 N7", "ISO 492 N"; empty: not known
    std::optional<standards::ToleranceClass> toleranceClass;
    std::optional<Interval> size_mm; ///< deviation limits of it; nothing: not known
    std::optional<measure::Form> form;
    std::optional<double> measuredDia_mm; ///< from the readings, or one size
    double uncertainty_mm = 0;
    double formLimit_mm = 0;
    double runOutLimit_mm = 0;
    double rz_mm = 0;
    measure::Judgement judgement;
    measure::Verdict verdict = measure::Verdict::NotMeasured; ///< the user's, where the program was overruled
    bool overruled = false;
};

/// A gauge set to the wrong master is off by more than any seat that is worth working out.
/// @param place  of the size in the job file, for the problem
/// @errors OutOfRange
Result<void> checkMeasured(double dia_mm, double nominal_mm, double uncertainty_mm, const std::string& place);

/// A hole of H and wider, a journal of h and thinner: a ring goes on it by hand. @param limits  deviations [mm]
bool isSlidingClass(const Interval& limits, bool hole);

} // namespace arbor::plan
