#pragma once

#include "core/trace/curve.h"

#include <optional>

namespace arbor::trace {

/// Less stiff than this no shoulder is. @source practice
inline constexpr double kSoft_N_per_mm = 8000;

/// The stiff rise at the end of a press.
struct Rise {
    double knee_mm = 0; ///< where it begins: two lines meet there
    double kneeForce_N = 0;
    double stiffness_N_per_mm = 0;
    bool stiff = false; ///< proven to be a shoulder's
    bool soft = false;  ///< proven not to be
};

/// What a rise stands out from.
struct RiseInput {
    double home_mm = 0;
    double slide_N_per_mm = 0; ///< slope of the slide, measured or likely
    double holdLeast_N = 0;    ///< a hand-read press must have been held with that
    double threshold_N = 0;    ///< what is more than noise and less than a sign
};

/// From the last point back, as long as it is much steeper than any slide. Where the rise is lost in the trembling of
/// the travel, a leap of half of it within what a transducer can tell apart is stiff as well.
/// @param trace  the samples of the curve  @return nothing: there is none
/// @source [HB4.14]
std::optional<Rise> riseOf(const Trace& trace, const Curve& curve, const RiseInput& in);

} // namespace arbor::trace
