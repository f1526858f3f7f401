#pragma once

#include "core/trace/analysis.h"
#include "sim/press.h"

#include <random>

namespace arbor::practice {

/// A ring to be pressed, what it should take, and what is secretly wrong with it.
struct Exercise {
    sim::RealSeat seat;
    trace::Expected expected;
    sim::Fault fault = sim::Fault::None;
};

/// A seat of random size. The prediction is the core's own, from the drawing; the seat itself is off by what parts
/// scatter.
/// @param hand  of the random stream: the same stream gives the same exercise
Exercise someExercise(sim::Fault fault, std::mt19937& hand);

/// The next one for somebody who practises: one in four is good, of the others each fault comes as often.
Exercise nextExercise(std::mt19937& hand);

/// What the trace of a fault shows. @source [HB4.14]
trace::Verdict shownBy(sim::Fault fault);

} // namespace arbor::practice
