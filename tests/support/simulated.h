#pragma once

#include "practice/exercise.h"

namespace arbor::testing {

/// One press of an exercise, worked in one of many ways.
struct SimulatedPress : practice::Exercise {
    trace::Trace trace;
};
SimulatedPress simulate(sim::Fault fault, unsigned seed);

} // namespace arbor::testing
