#pragma once

#include "core/base/range.h"

#include <functional>
#include <vector>

namespace arbor::fit {

/// How a size scatters: normal about `mean`, cut off at the limits.
struct Spread {
    double mean = 0;
    double sigma = 0; ///< 0: exactly the mean
    Interval limits;

    /// A toleranced size: sigma = width/6 about the middle, cut off at the limits. @source [HB4.1]
    static Spread ofLimits(const Interval& limits);
    /// A measured size: sigma = half the gauge's (95 %) uncertainty, cut off at twice the uncertainty.
    static Spread ofMeasured(double value, double uncertainty);
};

inline constexpr std::size_t kCurvePoints = 120; ///< of a density that is drawn

/// A probability distribution on an even grid, added up and mapped without sampling: same input, same answer.
/// Accurate to about half a grid step; tests hold it against an independent Monte Carlo.
class Density {
public:
    static Density of(const Spread& spread, double step);

    /// Distribution of x - y for independent x (this) and y; both on the same step.
    Density minus(const Density& y) const;

    /// Distribution of f(x); f need not be monotone. Mass falls on the two grid points beside f(x), which keeps the
    /// mean.
    Density mapped(const std::function<double(double)>& f) const;

    double mean() const;
    double probabilityBelow(double x) const;
    double quantile(double p) const; ///< p in 0..1
    Range band() const;              ///< 2.5 %, 50 %, 97.5 %
    std::vector<double> curve(const Interval& window,
                              std::size_t points) const; ///< density sampled evenly over the window

    double step() const { return m_step; }

private:
    Density(double origin, double step, std::vector<double> mass);

    double m_origin; ///< place of the first mass
    double m_step;
    std::vector<double> m_mass; ///< sums to 1
};

} // namespace arbor::fit
