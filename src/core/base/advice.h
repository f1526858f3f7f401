#pragma once

#include <string>
#include <vector>

namespace arbor {

enum class Severity { Info, Look, Stop };

/// Each finding of the core by name; the sentence for each is in src/words, with `subject`, `value` and `limit` filled
/// in.
enum class Finding {
    // fit
    MeasuredReplacesClass, ///< value: measured diameter [mm], limit: gauge uncertainty [mm], subject: seat
    SmoothingLost,         ///< value: interference lost to roughness [mm]
    InterferenceIsMaleMinusFemale,
    MayBeLoose,            ///< value: least interference after smoothing [mm]
    LooseFit,              ///< value: likely interference [mm]
    MeasuredOutsideClass,  ///< value: measured diameter [mm], limit: class limit broken [mm], subject: class
    RingStressHigh,        ///< value: hoop stress [MPa], limit [MPa]
    SeatYields,            ///< value: pressure [MPa], limit: elastic limit pressure [MPa]
    ClearanceGone,         ///< value: share of bearings below zero [0..1]
    ClearanceGroupAssumed, ///< subject: bearing designation
    MostSensitive,         ///< subject: input, value: change of clearance over half its band [mm]
    NoHeatNeeded,
    TooHotFor,          ///< value: temperature [°C], limit: ceiling [°C], subject: what it is too hot for
    TooColdFor,         ///< likewise, floor
    TooHotOnceIn,       ///< value: of the outer part [°C], limit: with which the other stays below its ceiling [°C]
    PressLightly,       ///< value: interference of the tightest pair [mm]
    SourceNotForPart,   ///< subject: "source: part"
    SourceAboveCeiling, ///< value: what the source must be set to [C], limit: ceiling of the part [C], subject: source
    SourceTooWeak,      ///< value: wanted [°C], limit: what it reaches [°C], subject: source
    OpenedBy,           ///< value: clearance with the tightest parts [mm], limit: margin wanted [mm]
    OpenedTooLittle,    ///< likewise
    NotOpened,          ///< value: interference left [mm]
    WindowShort,        ///< value: seconds there are, limit: seconds it takes
    LooseAtWork,        ///< value: least interference at work [mm]
    ShaftYields,        ///< value: pressure [MPa], limit: elastic limit pressure of the inner part [MPa]
    SpeedTakes,         ///< value: interference lost to speed [mm], limit: speed at which nothing is left [rpm]
    WarmthGives,        ///< value: interference gained by the working temperatures [mm], negative: lost
    SleeveBetween, ///< value: outside of the sleeve [mm], limit: hoop stress at its bore [MPa], subject: its material
    SleeveDoesNotFit,   ///< value: its outside [mm], limit: the outer part's outside [mm], 0: endless
    RingTurnsUnderLoad, ///< subject: ring, value: P/C
    OtherRingSlides,    ///< subject: ring
    OtherRingGuided,    ///< subject: ring
    OneStepTighter,     ///< subject: why
    WrongRingTight,     ///< subject: the ring that must be tight and is not
    // measure
    ReadingsOfOtherSize, ///< value: their mean [mm], limit: the seat's nominal size [mm]
    SeatSizeGood,        ///< value: measured diameter [mm], limit: class limit next to it [mm]
    SeatSizeInDoubt,     ///< likewise, within the gauge's uncertainty
    SeatMetalGone,       ///< likewise, beyond it: hole too large, shaft too small
    SeatMetalLeft,       ///< likewise: hole too small, shaft too large
    SeatOutOfRound,      ///< value: on the diameter [mm], limit [mm]
    SeatTapers,          ///< value [mm], limit [mm]
    SeatMouthWorn,       ///< value [mm], limit [mm]
    SeatMovesByHand,     ///< subject: "hub" where that scraps it, "slides" where the ring may
    SeatPitsDeep,
    SeatPitsLight,
    SeatScored,
    SeatCrept,
    SeatRough,       ///< value: Rz [mm], limit [mm]
    ShoulderRunsOut, ///< value [mm], limit [mm]
    GrooveDirty,
    GrooveWorn,
    NotchesBurred,
    SpacerLength,        ///< value: measured [mm], limit: drawn [mm]
    SpacerShort,         ///< likewise
    SpacerOutOfParallel, ///< value: across the end [mm], limit [mm]
    SpacerOutOfSquare,   ///< likewise
    SpacerFlared,        ///< value: end over middle [mm], limit [mm]
    BackUpTheRing,       ///< the old bearing had force through its elements
    // force
    FrictionBand,        ///< value..limit: band of friction, subject: pair and lubricant
    FrictionLearned,     ///< value: mean, limit: scatter of one press, subject: number of presses
    PathProven,          ///< subject: ring
    PathThroughElements, ///< value: force [N], limit: static load they carry [N], subject: what is pushed
    PathThroughPart,     ///< value: force [N], subject: the part that must not carry
    NoPath,              ///< subject: ring the force does not reach
    RatingIsEstimate,    ///< value: static rating [N]
    RatingTyped,         ///< value: static rating [N]
    // tooling
    CoversFace,       ///< value: share of the face covered [0..1], subject: ring
    TouchesPart,      ///< value: overlap on the radius [mm], subject: the part touched
    LandsOnInnerRing, ///< value: tool outside [mm], limit: inside edge of the face [mm], subject: the ring it lands on
    CatchesInBore,  ///< value: how much too large [mm], limit: seat [mm], subject: what it catches on; empty: the bore
    EndsInsideBore, ///< value: how far from the end it stops [mm], subject: what it meets
    MissesFace,   ///< value: bore (goes round) or outside (drops through) [mm], limit: edge of the face [mm], subject:
                  ///< face
    StandsOnPart, ///< subject: what the support carries on
    FallsThrough, ///< the housing does not rest on this support
    TooLowFor,    ///< value: height missing [mm], subject: part hanging below
    FaceOverloaded,      ///< value: face pressure [MPa], limit [MPa]
    SleeveBuckles,       ///< value: load share of the column limit [-]
    FallsInside,         ///< value: outside [mm], limit: bore it goes through [mm], subject: the piece that falls
    StackTall,           ///< value: height over width [-], limit [-]
    StackLoose,          ///< value: number of loose spacers, limit
    StrokeShort,         ///< value: stroke needed [mm], limit: stroke there is [mm]
    NoNotchFits,         ///< value: stack height [mm], limit: greatest daylight [mm]
    PressTooSmall,       ///< value: force needed [N], limit: capacity [N]
    NeedsSpacer,         ///< value: height added [mm], subject: spacer
    OneStroke,           ///< value: stroke used [mm], limit: stroke there is [mm]
    WrongKind,           ///< subject: tool that is no sleeve
    BothFaces,           ///< subject: the other ring, that is pushed along
    StandsOnWhatStays,   ///< value: width on the radius [mm], subject: the part that stays
    HardTool,            ///< subject: tool
    ToolCondition,       ///< subject: what is written about it
    BoltDoesNotPass,     ///< value: bolt [mm], limit: what it must go through [mm], subject: that
    PlateBends,          ///< value: bending stress [MPa], limit [MPa], subject: tool
    NoRoomBelow,         ///< value: travel that lacks [mm], limit: travel in all [mm], subject: what is in the way
    NoRoomForKnife,      ///< limit: height of the knife edge [mm], subject: separator
    HoldsOtherRing,      ///< subject: the ring that must be held and is not
    CarriesEdgeOnly,     ///< value: how wide the work lies on it [mm], limit: least [mm], subject: what it lies on
    LiesOnBeams,         ///< value: gap between the beams [mm], subject: the lip seal on them
    HoldThroughElements, ///< value: travel at which to stop [mm], limit: static load they carry [N]
    HoldThroughPart,     ///< value: travel at which to stop [mm], subject: the part that must not carry
    NothingStopsIt,      ///< value: travel [mm], limit: how far on something stands [mm], subject: that; empty: nothing
    SplitRingParts,      ///< value: force [N]
    DentsExpected,       ///< value: depth of a dent [mm], limit: depth at the static rating [mm]
    TwoStrokes,          ///< value: travel of the first [mm], limit: engaged by then [mm], subject: spacer put in
    ThroatShort,         ///< value: work from its axis [mm], limit: throat [mm], subject: press
    BoltShort,           ///< value: stack [mm], limit: room between the nuts [mm], subject: bolt
    BoltOverstressed,    ///< value: stress [MPa], limit [MPa], subject: bolt
    ThreadStrips,        ///< value: force [N], limit [N], subject: bolt
    HandForceHigh,       ///< value: at the wrench [N], limit [N], subject: bolt
    StartTilt,           ///< value: rise across the ring it may start with [mm], limit: its diameter [mm]
    WedgeDepth,          ///< value: depth to keep it square by hand [mm], limit: clearance [mm]
    PullMayNotDo,        ///< value: force it may take [N], limit: what the tool gives [N], subject: tool
    KnownToWork,         ///< subject: tools on record for this arrangement
    // press
    WatchCrookedStart, ///< value: travel by which a rise is too early [mm]
    WatchSawTeeth,
    WatchGrip,        ///< it was warmed
    WatchHome,        ///< value: travel at home [mm], limit: hold force [N]
    HoldLimited,      ///< value: hold force [N], limit: what limits it [N]
    GaugeTooCoarse,   ///< value: end force over full scale [0..1], subject: press
    TraceGap,         ///< value: where nothing was read [mm], limit: how much travel it left out [mm]
    TraceHeld,        ///< value: peak [N], limit: greatest force of the slide [N]: held where it must not be
    TraceFrictionOff, ///< value: friction found, limit: the end of its band that it lies beyond
    TraceInBand,      ///< value: share of samples inside [0..1]
    TraceAboveBand,   ///< value: first travel above the band [mm]
    TraceBelowBand,   ///< value: first travel below the band [mm]
    TraceShort,       ///< value: end travel [mm], limit: expected travel [mm]
    TraceHome,        ///< value: travel where it became stiff [mm], limit: expected [mm]
    TraceNoRise,      ///< value: end travel [mm], limit: expected [mm]
    TraceOver,        ///< likewise
    TraceSoft,        ///< value: stiffness at the end [N/mm], limit: of a shoulder [N/mm]
    TraceCocked,      ///< value: travel of the peak [mm], limit: its force [N]
    TraceGalling,     ///< value: travel where it begins [mm], limit: teeth counted, 0: it only grows
    TraceDropped,     ///< value: travel [mm], limit: how much it fell [N]
    TraceGripped,     ///< value: travel to which it went free [mm], limit: force behind it [N]
    HandBandWide,     ///< value: half width of what the wrench's friction leaves open, as a share
    HandNoForce,      ///< a hammer tells no force
    HandStands,       ///< sound and eye: it stands on something
    HandStillMoved,   ///< the last blows moved it
    HandDull,         ///< the sound never turned
    HandUneven,       ///< the gap was not even all round
    TraceReleased,    ///< value: travel [mm], limit: force at which it let go [N]
    // seat
    TooFewReadings,   ///< value: readings there are, limit: needed
    NoResidual,       ///< three readings fix the plane exactly
    ReadingsAgree,    ///< value: largest residual [mm], limit [mm], subject: clock position
    ReadingsDisagree, ///< likewise
    NotHome,          ///< value: gap to the shoulder [mm], limit [mm]
    PastHome,         ///< value: how far deeper than possible [mm], limit [mm]
    Tilted,           ///< value: rise across the seat [mm], limit [mm], subject: clock position of the high side
    // close
    NotTightened, ///< value: wanted [N m], 0: not known, subject: fastener
    TorqueOff,    ///< value: read [N m], limit: wanted [N m], subject: fastener
    NotRenewed,   ///< subject: one-time fastener
    NotLocked,    ///< subject: fastener
    RunInHot,     ///< value: over the room [K], limit: allowed [K]
    RunInRising,  ///< value: over the room [K], limit: per hour [K]
    RunInSettled, ///< value: over the room [K]
    NotReleased,
    // proof of a seat
    RingNotProbed,    ///< value: places felt, limit: of
    RingAloneHolds,   ///< subject: the part that nothing but its retaining ring holds
    CheckMissing,     ///< subject: the check
    CheckBad,         ///< subject: the check
    DragHigh,         ///< value: rolling torque [N m], limit: expected at most [N m]
    SignedFor,        ///< subject: who, and why
    OtherRingOff,     ///< subject: a ring pressed besides that is not home, or not square
    OtherRingNotRead, ///< subject: a ring pressed besides, value: readings, limit: wanted
    // adjust
    PlayNotMeasured,
    PlayInBand,      ///< value: end play [mm]
    PlayTooLarge,    ///< value: end play [mm], limit: most [mm]
    PlayTooSmall,    ///< value: end play [mm], limit: least [mm]
    SlotFits,        ///< value: how far the nut is turned, + loosens [deg], limit: end play there [mm]
    NoSlotFits,      ///< value: end play from one place to the next [mm]
    FaceWasher,      ///< value: to take off [mm], limit: turn to the place it is for, + loosens [deg]
    ThickerWasher,   ///< value: to add [mm], limit: turn to the place it is for, + loosens [deg]
    ShimsFromStock,  ///< value: together [mm], limit: end play with them [mm], subject: the shims
    NoShimsInStock,  ///< nothing in stock comes nearer than none at all
    OnToNextSlot,    ///< value: how far on [deg]
    BedTheRollers,   ///< turn while tightening
    ClampShortens,   ///< value: spacer and rings together [mm], limit: clamp force [N]
    SpacerToLength,  ///< value: length needed [mm], limit: its length now [mm]
    WarmthTakesPlay, ///< value: lost at work [mm], limit: left then [mm]
    RollingTorqueIs, ///< value [N m], limit: the bound it breaks, or 0
    HomeByTrace,     ///< an indicator knows no depth, the trace of the press does
    HomeNotMeasured, ///< an indicator knows no depth, and there is no good trace
    HomeAndSquare,   ///< value: rise across the seat [mm], limit [mm]
    SquareUncertain, ///< value: greatest rise within the readings' uncertainty [mm], limit [mm]
    GrooveOpen,      ///< value: least opening [mm]
    GrooveCovered,   ///< value: how far the ring stands in the groove [mm], subject: clock position
};

/// One finding with its numbers: a reason, an advisory or a rejection, told apart by severity and place.
struct Advice {
    Finding id;
    Severity severity = Severity::Info;
    double value = 0;
    double limit = 0;
    std::string subject = {};
    std::string source = {}; ///< key into docs/numbers.md

    friend bool operator==(const Advice&, const Advice&) = default;
};

using AdviceList = std::vector<Advice>;

inline Severity worst(const AdviceList& list) {
    auto severity = Severity::Info;
    for (const auto& a : list)
        severity = a.severity > severity ? a.severity : severity;
    return severity;
}

} // namespace arbor
