#pragma once

#include "core/trace/trace.h"

#include <vector>

namespace arbor::trace {

/// The loading branch of a trace, evenly spaced in travel.
struct Curve {
    struct Point {
        double travel_mm = 0;
        double force_N = 0;
    };
    std::vector<Point> points; ///< rising travel
    double step_mm = 0;
    double noise_N = 0;    ///< of one point
    double baseline_N = 0; ///< taken off already
    bool coarse = false;   ///< read off by hand: a few points, straight lines between them
    double lastTravel_mm = 0;
    double lastForce_N = 0; ///< where the ram stood at the end
    double hold_s = 0;      ///< how long it stood there under force
    double peak_N = 0;      ///< greatest force, noise smoothed

    double at(double travel_mm) const; ///< between two points
    /// Mean slope between two travels [N/mm].
    double slope(double from_mm, double to_mm) const;
};

/// @param step_mm  of the points, where the trace is dense enough
Curve loadingCurve(const Trace& trace, double step_mm);

} // namespace arbor::trace
