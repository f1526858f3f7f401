#pragma once

#include "core/job/job.h"
#include "core/plan/strip_plan.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::standards {
struct Iso286;
}

namespace arbor::plan {

/// How far off a lip seal may stand where the drawing says nothing: depth, and across its outside [mm].
/// @source [PRACTICE]
inline constexpr double kSealDepth_mm = 0.2;
inline constexpr double kSealSquare_mm = 0.25;

/// A ring beside the one this job is about, read the same way: a second ring, a collar, a wear sleeve, a seal.
struct OtherRing {
    job::SeatKey key;
    std::string label;   ///< as the shop calls it
    std::string partner; ///< what it sits in or on
    bool seal = false;
    bool fitted = false;                                  ///< put in on this job, and so is what it sits in or on
    seat::ReadingKind offered = seat::ReadingKind::Depth; ///< kind of reading, until another is chosen
    seat::SeatingInput input; ///< home by the drawing, else by the arrangement: from the nearer end of its partner
    seat::Seating seating;

    bool read() const { return seating.verdict != seat::SeatVerdict::NotJudged; }
};

/// Every ring of the arrangement that is pressed, and every seal, but for the seat this job is about.
/// @param focus  that seat; nothing: all of them
/// @errors those of judgeSeating, with "ring_readings/outer/inner" as place
/// @source [HB3.8], [HB3.9], [HB5] seal depth: drawing, else flush
Result<std::vector<OtherRing>> otherRings(const job::Job& job, const StripPlan& strip,
                                          const std::optional<job::SeatKey>& focus, const standards::Iso286& iso286);

/// Of these, by its seat; null: none.
const OtherRing* ringAt(const std::vector<OtherRing>& rings, const job::SeatKey& key);

/// Whether its readings are still to be taken: it was put in, or somebody has begun to read it. A seal may be looked at
/// in their place.
bool mustBeRead(const OtherRing& ring);

/// What is bad about them, and which were put in without a reading.
AdviceList adviceOn(const std::vector<OtherRing>& rings);

} // namespace arbor::plan
