#pragma once

#include "core/base/range.h"
#include "core/standards/limits.h"

#include <optional>
#include <string>

namespace arbor::standards {

/// A toleranced size as the user wrote it and as it was understood.
struct SizeSpec {
    std::string typed;
    double nominal_mm = 0;                        ///< 0: a class alone, which holds at any size
    std::optional<ToleranceClass> toleranceClass; ///< nothing: `deviation_mm` holds typed limits
    Interval deviation_mm;

    static SizeSpec ofClass(const ToleranceClass& toleranceClass) {
        return {toleranceClass.text(), 0, toleranceClass, {}};
    }
    friend bool operator==(const SizeSpec&, const SizeSpec&) = default;
};

/// A measured size as the user wrote it and as it was understood.
struct MeasuredSize {
    std::string typed;
    double value_mm = 0;
    double uncertainty_mm = 0.002; ///< 95 %, of the gauge
    friend bool operator==(const MeasuredSize&, const MeasuredSize&) = default;
};

/// The same class or limits on another nominal size, with the text rewritten to say so.
SizeSpec onNominal(const SizeSpec& size, double nominal_mm);

/// As it is said of a seat of that diameter: "62 N7", or as it was typed.
std::string textOf(const SizeSpec& size, double dia_mm);

} // namespace arbor::standards
