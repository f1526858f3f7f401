#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <functional>
#include <string_view>
#include <vector>

namespace arbor::trace {

struct Sample {
    double t_s = 0;
    double travel_mm = 0;
    double force_N = 0;
    friend bool operator==(const Sample&, const Sample&) = default;
};

using Trace = std::vector<Sample>;

/// Longer than this without a sample, while the ram may have moved, is a gap [s].
inline constexpr double kGap_s = 0.5;

/// Of the way home: a rise before that comes too early for a ring that started square, and so it is told and judged.
/// @source [HB3.7]; the simulator's crooked starts
inline constexpr double kEarlyShare = 0.17;

/// Reads `t_s,travel_mm,force_N` lines. Travel may be `travel_in`; force may be `force_kN`, `force_lbf`, `force_tf`, or
/// what a gauge showed, `gauge_bar`, `gauge_MPa`, `gauge_psi`; the time may be missing where points were read by hand.
/// @param piston_mm2  of the press whose gauge it was; 0: not known
/// @errors Missing (columns, empty file, the piston of a gauge), Malformed / NotFinite (place "line N, column"),
/// GeometryOrder (time going back)
Result<Trace> parseTrace(std::string_view csv, double piston_mm2 = 0);

/// What the press should show: force at each travel, least, likely and most.
struct ExpectedPoint {
    double travel_mm = 0;
    Range force_N;
};

/// Predicted force-travel band from the mouth of the bore to the shoulder.
struct Expected {
    std::vector<ExpectedPoint> points;
    double homeTravel_mm = 0;
    Range end_N;
    Range hold_N;
    bool holds = true; ///< false: stopped at contact, since holding would go through the elements
};

struct ExpectInput {
    double homeTravel_mm = 0;
    double fullEngagement_mm = 0;                       ///< at home
    Range endForce_N;                                   ///< at full engagement
    std::function<double(double travel_mm)> engaged_mm; ///< axial length in touch
};

/// F(x) = mu pi d p x with the engaged length taken from the section, then the hold load: 1.1 to 1.5 times the end
/// force, the middle of it at least 1.1 times the greatest end force.
/// @source [HB4.6], [HB5] hold
Expected expectTrace(const ExpectInput& in);

/// Force band at a travel between two points of the prediction; beyond home the hold force.
Range forceAt(const Expected& expected, double travel_mm);

} // namespace arbor::trace
