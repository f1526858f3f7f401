#pragma once

#include <set>
#include <vector>

namespace arbor::measure {

/// What an old bearing shows.
enum class Sign {
    RustPits,
    DentsAtPitch,
    HeatColour,
    OneSidedTrack,
    PolishedOutside,
    PolishedBore,
    Flaking,
    SealTrackWorn,
    DullTracks
};
inline constexpr Sign kSigns[] = {Sign::RustPits,      Sign::DentsAtPitch,    Sign::HeatColour,
                                  Sign::OneSidedTrack, Sign::PolishedOutside, Sign::PolishedBore,
                                  Sign::Flaking,       Sign::SealTrackWorn,   Sign::DullTracks};

/// What may have brought it there.
enum class Cause {
    Water,
    ForceThroughElements,
    ShookStandingStill,
    Overheated,
    Tilted,
    OuterRingTurned,
    InnerRingTurned,
    TooTight,
    Overloaded,
    LubricantFailed,
    DirtGotIn,
    SealLeaked,
};

/// What to look at in this job because of it.
enum class LookAt {
    BackUpTheRing,
    SealsAndDrain,
    SeatSize,
    ShoulderSquare,
    ShaftStraight,
    ClearanceLeft,
    Grease,
    WearSleeve,
    LoadAndFit,
};

struct LikelyCause {
    Cause cause = Cause::Water;
    double share = 0; ///< of all that the signs point to, 0..1
    std::vector<Sign> because;
};

/// Causes that the signs point to, likeliest first. Each sign spreads one vote over its causes by practice weights.
/// @source [HB3.3], practice
std::vector<LikelyCause> likelyCauses(const std::set<Sign>& signs);

/// What the signs ask to be looked at, in the order of the stations.
std::vector<LookAt> lookAt(const std::set<Sign>& signs);

} // namespace arbor::measure
