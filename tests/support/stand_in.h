#pragma once

#include "core/trace/trace.h"
#include "sim/press_instrument.h"

#include <vector>

namespace arbor::testing {

/// A stand-in that takes just what is predicted, but for its fault: in, up to the hold, at which it stays.
sim::PressInstrument::Options standInFor(const trace::Expected& expected, sim::Fault fault);

/// What a transducer says while a ring comes out: it holds until the first movement, then slides with less and less of
/// it engaged, and is free.
std::vector<sim::Reading> pullOut(double firstMovement_N, double slide_N, double travel_mm);

} // namespace arbor::testing
