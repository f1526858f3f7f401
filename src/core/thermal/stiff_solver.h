#pragma once

#include "core/base/result.h"

#include <functional>
#include <optional>
#include <span>
#include <vector>

namespace arbor::thermal {

/// y' = f(t, y), with something to stop at.
struct Ode {
    std::function<void(double t, std::span<const double> y, std::span<double> slope)> slope;
    /// The time at which this falls through zero is found; empty: nothing is looked for.
    std::function<double(double t, std::span<const double> y)> event;
    /// How many neighbours on either side a value mostly hangs on; a guess that leaves some out costs steps, not
    /// accuracy.
    std::optional<int> neighbours;
    double relative = 1e-7;
    double absolute = 1e-7;
};

struct OdeRun {
    std::vector<std::vector<double>> states; ///< at each of the times asked for
    std::optional<double> event_s;           ///< the first time the event fell through zero
};

/// Solves a stiff system from t0 through the times, in rising order, by backward differences with error control.
/// @errors NotDefined when the solver gives up, with its own reason
/// @source SUNDIALS CVODE, BDF with a dense or banded Newton iteration
Result<OdeRun> solveStiff(const Ode& ode, std::vector<double> start, double t0, const std::vector<double>& times);

} // namespace arbor::thermal
