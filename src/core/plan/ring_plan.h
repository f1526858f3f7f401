#pragma once

#include "core/plan/given.h"
#include "core/plan/work_step.h"

#include <optional>
#include <string>

namespace arbor::plan {

/// How far off a lip seal may stand where the drawing says nothing: depth, and across its outside [mm].
/// @source [PRACTICE]
inline constexpr double kSealDepth_mm = 0.2;
inline constexpr double kSealSquare_mm = 0.25;

/// A ring that goes in, or on, as it is read: of a bearing, a collar, a wear sleeve, a seal.
struct RingPlan {
    std::string label;   ///< as the shop calls it
    std::string partner; ///< what it sits in or on
    bool seal = false;
    bool fitted = false;                                        ///< put in on this job, and so is what it sits in or on
    seating::ReadingKind offered = seating::ReadingKind::Depth; ///< kind of reading, until another is chosen
    seating::SeatingInput input; ///< home by the arrangement: from the end of its partner that it went in by
    seating::Seating seating;

    bool read() const { return seating.verdict != seating::SeatVerdict::NotJudged; }
};

/// @param pressedHome  a trace has shown it stand on its shoulder
/// @errors those of judgeSeating, with "steps/KEY/readings" as place
/// @source [HB3.8], [HB3.9], [HB5] seal depth: drawing, else flush
Result<RingPlan> ringOf(const WorkStep& step, const Given& given, bool pressedHome);

/// The part that a seal is tight with by its rubber: the first that holds others and touches it. Nothing: none does.
std::optional<std::size_t> partnerOfSeal(const arrangement::Assembly& assembly, std::size_t seal);

/// Whether its readings are still to be taken: it was put in, or somebody has begun to read it. A seal may be looked at
/// in their place.
bool mustBeRead(const RingPlan& ring);

} // namespace arbor::plan
