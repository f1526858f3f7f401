#pragma once

#include <map>
#include <optional>
#include <set>
#include <string>

namespace arbor::job {

/// What is looked at beside depth and tilt before a seat is called proven.
enum class SeatCheck {
    GrooveAllRound, ///< the whole groove shows above the ring
    RingSide,       ///< bevel away from the bearing, sharp edge to the load
    RingGap,        ///< the retaining ring's gap is where it should be
    InnerStays,     ///< the inner ring was not pushed out
    Turns,          ///< it turns smoothly by hand
    SealFlush,      ///< the seal stands flush and square
};
inline constexpr SeatCheck kSeatChecks[] = {SeatCheck::GrooveAllRound, SeatCheck::RingSide, SeatCheck::RingGap,
                                            SeatCheck::InnerStays,     SeatCheck::Turns,    SeatCheck::SealFlush};

struct SeatChecks {
    std::map<SeatCheck, bool> checks; ///< those that were looked at, and whether they are good
    std::set<int> probed;         ///< hours of the clock, 1 to 12, at which the retaining ring was felt in its groove
    std::optional<double> pull_N; ///< on a string round the ring
    double radius_mm = 0;
    std::string signedBy; ///< who closes the seat without its proof
    std::string reason;   ///< and why
    friend bool operator==(const SeatChecks&, const SeatChecks&) = default;
};

} // namespace arbor::job
