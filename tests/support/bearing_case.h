// One bearing between housing and shaft, put together for the tests of fit and clearance.
#pragma once

#include "core/fit/clearance_left.h"
#include "core/fit/seat_fit.h"

#include <optional>

namespace arbor::testing {

struct BearingCase {
    catalog::Bearing bearing;
    Interval asMade_mm;
    fit::SeatInput housing;
    std::optional<fit::SeatInput> shaft;
    double innerRingTemp_C = 20;
    double outerRingTemp_C = 20;
    double innerRing_rpm = 0;
};

struct BearingAnswer {
    fit::SeatFit housing;
    std::optional<fit::SeatFit> shaft;
    fit::ClearanceLeft clearance;
};

/// 6206 CN in cast iron 62 N7 of outside 100; nothing on the shaft.
BearingCase ringInIron();
/// The same on a solid steel shaft with these limits.
BearingCase onShaft(BearingCase in, const Interval& journal_mm, double shaftBore_mm = 0);

Result<BearingAnswer> answer(const BearingCase& in);

} // namespace arbor::testing
