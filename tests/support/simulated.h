#pragma once

#include "core/trace/analysis.h"
#include "sim/press.h"

namespace arbor::testing {

/// A seat of random size with what the core predicts for it, and one press of it with a fault.
struct SimulatedPress {
    sim::RealSeat seat;
    trace::Expected expected;
    trace::Trace trace;
    sim::Fault fault = sim::Fault::None;
};
SimulatedPress simulate(sim::Fault fault, unsigned seed);

/// What the analysis should say of each fault.
trace::Verdict wanted(sim::Fault fault);

} // namespace arbor::testing
