#pragma once

#include <cstddef>
#include <optional>
#include <string>

/// What the core finds: each kind is a type with its own numbers, in the units of their names (a bare name is a count,
/// a ratio or a share). `key` is what programs read; it stays when the words change. The words for each are in
/// words/findings, severity and source stand beside the rule that found it.
namespace arbor::found {

/// What a temperature limit protects of a part: its metal, or what is in or on it.
enum class Protects { Metal, Grease, Encoder, Cage, Seal, Sleeve };

// clang-format off
// fit
struct MeasuredReplacesClass { static constexpr auto key = "measured_replaces_class"; double measured_mm, uncertainty_mm; std::string side; }; ///< a measured size counts in place of its class
struct SmoothingLost { static constexpr auto key = "smoothing_lost"; double lost_mm; }; ///< interference lost to roughness
struct InterferenceIsMaleMinusFemale { static constexpr auto key = "interference_is_male_minus_female"; double middle_mm; }; ///< of both tolerances
struct MayBeLoose { static constexpr auto key = "may_be_loose"; double least_mm; }; ///< least interference after embedding
struct LooseFit { static constexpr auto key = "loose_fit"; double likely_mm; }; ///< likely interference
struct MeasuredOutsideClass { static constexpr auto key = "measured_outside_class"; double measured_mm, limit_mm; std::string toleranceClass; }; ///< limit: the one it breaks
struct RingStressHigh { static constexpr auto key = "ring_stress_high"; double hoop_MPa, limit_MPa; };
struct SeatYields { static constexpr auto key = "seat_yields"; double pressure_MPa, limit_MPa; };
struct ClearanceGone { static constexpr auto key = "clearance_gone"; double share; }; ///< of the bearings below zero, 0..1
struct ClearanceGroupAssumed { static constexpr auto key = "clearance_group_assumed"; std::string bearing; };
struct MostSensitive { static constexpr auto key = "most_sensitive"; double shift_mm; std::string input; }; ///< change of clearance over half the input's band
struct NoHeatNeeded { static constexpr auto key = "no_heat_needed"; };
struct TooHotFor { static constexpr auto key = "too_hot_for"; double temp_C, ceiling_C; Protects what; std::string whose; };
struct TooColdFor { static constexpr auto key = "too_cold_for"; double temp_C, floor_C; Protects what; std::string whose; };
struct TooHotOnceIn { static constexpr auto key = "too_hot_once_in"; double temp_C, limit_C; Protects what; std::string whose; }; ///< of the outer part; limit: with which the other stays below its ceiling
struct PressLightly { static constexpr auto key = "press_lightly"; double interference_mm; }; ///< of the tightest pair
struct SourceNotForPart { static constexpr auto key = "source_not_for_part"; std::string source, part; };
struct SourceAboveCeiling { static constexpr auto key = "source_above_ceiling"; double setting_C, ceiling_C; std::string source; };
struct SourceTooWeak { static constexpr auto key = "source_too_weak"; double wanted_C, reached_C; std::string source; };
struct OpenedBy { static constexpr auto key = "opened_by"; double clearance_mm, wanted_mm; }; ///< with the tightest parts
struct OpenedTooLittle { static constexpr auto key = "opened_too_little"; double clearance_mm, wanted_mm; }; ///< likewise
struct NotOpened { static constexpr auto key = "not_opened"; double left_mm, wanted_mm; }; ///< interference left
struct WindowShort { static constexpr auto key = "window_short"; double there_s, needed_s; };
struct LooseAtWork { static constexpr auto key = "loose_at_work"; double least_mm; }; ///< least interference in service
struct ShaftYields { static constexpr auto key = "shaft_yields"; double pressure_MPa, limit_MPa; }; ///< of the inner part
struct SpeedTakes { static constexpr auto key = "speed_takes"; double lost_mm, looseAt_rpm; };
struct WarmthGives { static constexpr auto key = "warmth_gives"; double gained_mm; }; ///< by the temperatures in service; negative: lost
struct SleeveBetween { static constexpr auto key = "sleeve_between"; double outside_mm, hoop_MPa; std::string material; };
struct SleeveDoesNotFit { static constexpr auto key = "sleeve_does_not_fit"; double outside_mm, limit_mm; }; ///< limit 0: a solid wall
struct RingTurnsUnderLoad { static constexpr auto key = "ring_turns_under_load"; double loadShare; std::string ring; }; ///< P/C
struct OtherRingSlides { static constexpr auto key = "other_ring_slides"; std::string ring; };
struct OtherRingGuided { static constexpr auto key = "other_ring_guided"; std::string ring; };
struct OneStepTighter { static constexpr auto key = "one_step_tighter"; std::string why; };
struct WrongRingTight { static constexpr auto key = "wrong_ring_tight"; std::string ring; }; ///< that must be tight and is not
struct FrictionBand { static constexpr auto key = "friction_band"; double least, most; std::string material; };
struct FrictionLearned { static constexpr auto key = "friction_learned"; double mean, scatter; std::size_t presses; }; ///< scatter: of one press
// measure
struct ReadingsOfOtherSize { static constexpr auto key = "readings_of_other_size"; double mean_mm, seat_mm; };
struct SeatSizeGood { static constexpr auto key = "seat_size_good"; double measured_mm, limit_mm; }; ///< limit: of the class, next to it
struct SeatSizeInDoubt { static constexpr auto key = "seat_size_in_doubt"; double measured_mm, limit_mm; }; ///< within the gauge's uncertainty
struct SeatMetalGone { static constexpr auto key = "seat_metal_gone"; double measured_mm, limit_mm; std::string side; }; ///< hole too large, shaft too small
struct SeatMetalLeft { static constexpr auto key = "seat_metal_left"; double measured_mm, limit_mm; std::string side; }; ///< hole too small, shaft too large
struct SeatOutOfRound { static constexpr auto key = "seat_out_of_round"; double by_mm, limit_mm; }; ///< on the diameter
struct SeatTapers { static constexpr auto key = "seat_tapers"; double by_mm, limit_mm; };
struct SeatMouthWorn { static constexpr auto key = "seat_mouth_worn"; double by_mm, limit_mm; };
struct SeatMovesByHand { static constexpr auto key = "seat_moves_by_hand"; std::string where; }; ///< "hub" where that scraps it, "slides" where the ring may
struct SeatPitsDeep { static constexpr auto key = "seat_pits_deep"; };
struct SeatPitsLight { static constexpr auto key = "seat_pits_light"; };
struct SeatScored { static constexpr auto key = "seat_scored"; };
struct SeatCrept { static constexpr auto key = "seat_crept"; };
struct SeatRough { static constexpr auto key = "seat_rough"; double rz_mm, limit_mm; };
struct ShoulderRunsOut { static constexpr auto key = "shoulder_runs_out"; double by_mm, limit_mm; };
struct GrooveDirty { static constexpr auto key = "groove_dirty"; };
struct GrooveWorn { static constexpr auto key = "groove_worn"; };
struct NotchesBurred { static constexpr auto key = "notches_burred"; };
struct SpacerLength { static constexpr auto key = "spacer_length"; double measured_mm, drawn_mm; };
struct SpacerShort { static constexpr auto key = "spacer_short"; double measured_mm, drawn_mm; };
struct SpacerOutOfParallel { static constexpr auto key = "spacer_out_of_parallel"; double by_mm, limit_mm; }; ///< across the end
struct SpacerOutOfSquare { static constexpr auto key = "spacer_out_of_square"; double by_mm, limit_mm; }; ///< likewise
struct SpacerFlared { static constexpr auto key = "spacer_flared"; double by_mm, limit_mm; }; ///< end over middle
struct GaugeOverdue { static constexpr auto key = "gauge_overdue"; std::string gauge, due; }; ///< its calibration had run out when it was read
struct GaugeNotOurs { static constexpr auto key = "gauge_not_ours"; std::string gauge; };
struct GaugeNotNamed { static constexpr auto key = "gauge_not_named"; };
struct BackUpTheRing { static constexpr auto key = "back_up_the_ring"; }; ///< the old bearing had force through its elements
// force
struct PathProven { static constexpr auto key = "path_proven"; std::string part; };
struct PathThroughElements { static constexpr auto key = "path_through_elements"; double force_N, rating_N; std::string part; }; ///< rating: axial load they carry at rest; part: what is pushed
struct PathThroughPart { static constexpr auto key = "path_through_part"; double force_N; std::string part; }; ///< that must not carry
struct NoPath { static constexpr auto key = "no_path"; std::string part; }; ///< the force does not reach it
struct RatingIsEstimate { static constexpr auto key = "rating_is_estimate"; double rating_N; };
struct RatingTyped { static constexpr auto key = "rating_typed"; double rating_N; };
// tooling
struct CoversFace { static constexpr auto key = "covers_face"; double share; std::string part; }; ///< of the face, 0..1
struct TouchesPart { static constexpr auto key = "touches_part"; double overlap_mm; std::string part; }; ///< on the radius; negative: clearance
struct LandsOnInnerRing { static constexpr auto key = "lands_on_inner_ring"; double outside_mm, face_mm; std::string part; }; ///< outside of the tool, inside edge of the face
struct CatchesInBore { static constexpr auto key = "catches_in_bore"; double by_mm, seat_mm; std::string part; }; ///< how much too large; part empty: the bore itself
struct EndsInsideBore { static constexpr auto key = "ends_inside_bore"; double short_mm; std::string part; }; ///< how far from the end it stops; what it meets
struct MissesFace { static constexpr auto key = "misses_face"; double tool_mm, face_mm; std::string part; }; ///< bore (goes round) or outside (drops through), edge of the face
struct StandsOnPart { static constexpr auto key = "stands_on_part"; double height_mm; std::string part; }; ///< what the support carries on
struct FallsThrough { static constexpr auto key = "falls_through"; double opening_mm, edge_mm; std::string part; }; ///< the work does not rest on it
struct TooLowFor { static constexpr auto key = "too_low_for"; double lacking_mm; std::string part; }; ///< height lacking; the part that hangs below
struct FaceOverloaded { static constexpr auto key = "face_overloaded"; double pressure_MPa, limit_MPa; std::string part; };
struct SleeveBuckles { static constexpr auto key = "sleeve_buckles"; double share, limit; std::string part; }; ///< of the column load
struct FallsInside { static constexpr auto key = "falls_inside"; double outside_mm, bore_mm; std::string part; }; ///< the piece, and what it goes through
struct StackTall { static constexpr auto key = "stack_tall"; double slenderness, limit; }; ///< height over width
struct StackLoose { static constexpr auto key = "stack_loose"; double spacers, most; }; ///< loose ones
struct StrokeShort { static constexpr auto key = "stroke_short"; double needed_mm, stroke_mm; };
struct NoNotchFits { static constexpr auto key = "no_notch_fits"; double needed_mm, daylight_mm; };
struct PressTooSmall { static constexpr auto key = "press_too_small"; double force_N, capacity_N; std::string press; };
struct NeedsSpacer { static constexpr auto key = "needs_spacer"; double height_mm; std::string spacer; };
struct OneStroke { static constexpr auto key = "one_stroke"; double used_mm, stroke_mm; };
struct WrongKind { static constexpr auto key = "wrong_kind"; std::string tool; }; ///< no sleeve
struct BothFaces { static constexpr auto key = "both_faces"; std::string part; }; ///< the other ring, that is pushed along
struct StandsOnWhatStays { static constexpr auto key = "stands_on_what_stays"; double width_mm; std::string part; }; ///< on the radius
struct HardTool { static constexpr auto key = "hard_tool"; std::string tool; };
struct ToolCondition { static constexpr auto key = "tool_condition"; std::string written; };
struct BoltDoesNotPass { static constexpr auto key = "bolt_does_not_pass"; double bolt_mm, through_mm; std::string part; };
struct PlateBends { static constexpr auto key = "plate_bends"; double stress_MPa, limit_MPa; std::string tool; };
struct NoRoomBelow { static constexpr auto key = "no_room_below"; double lacking_mm, travel_mm; std::string part; }; ///< what is in the way
struct NoRoomForKnife { static constexpr auto key = "no_room_for_knife"; double edge_mm; std::string tool; }; ///< height of the knife edge
struct HoldsOtherRing { static constexpr auto key = "holds_other_ring"; std::string part; }; ///< that must be held and is not
struct CarriesEdgeOnly { static constexpr auto key = "carries_edge_only"; double width_mm, least_mm; std::string part; }; ///< what it lies on
struct LiesOnBeams { static constexpr auto key = "lies_on_beams"; double gap_mm; std::string part; }; ///< the lip seal on them
struct HoldThroughElements { static constexpr auto key = "hold_through_elements"; double travel_mm, rating_N; std::string part; }; ///< travel at which to stop
struct HoldThroughPart { static constexpr auto key = "hold_through_part"; double travel_mm; std::string part; }; ///< likewise; the part that must not carry
struct NothingStopsIt { static constexpr auto key = "nothing_stops_it"; double travel_mm, ahead_mm; std::string part; }; ///< how far on something stands; part empty: nothing does
struct SplitRingParts { static constexpr auto key = "split_ring_parts"; double force_N; };
struct DentsExpected { static constexpr auto key = "dents_expected"; double depth_mm, limit_mm; }; ///< limit: at the static rating
struct TwoStrokes { static constexpr auto key = "two_strokes"; double first_mm, engaged_mm; std::string spacer; };
struct ThroatShort { static constexpr auto key = "throat_short"; double reach_mm, throat_mm; std::string press; }; ///< work from its axis
struct BoltShort { static constexpr auto key = "bolt_short"; double stack_mm, room_mm; std::string bolt; }; ///< between the nuts
struct BoltOverstressed { static constexpr auto key = "bolt_overstressed"; double stress_MPa, limit_MPa; std::string bolt; };
struct ThreadStrips { static constexpr auto key = "thread_strips"; double force_N, limit_N; std::string bolt; };
struct HandForceHigh { static constexpr auto key = "hand_force_high"; double force_N, limit_N; std::string bolt; }; ///< at the wrench
struct StartTilt { static constexpr auto key = "start_tilt"; double rise_mm, dia_mm; }; ///< across the ring it may start with
struct WedgeDepth { static constexpr auto key = "wedge_depth"; double depth_mm, clearance_mm; }; ///< to keep it square by hand
struct PullMayNotDo { static constexpr auto key = "pull_may_not_do"; double force_N, capacity_N; std::string tool; };
struct KnownToWork { static constexpr auto key = "known_to_work"; std::string tool; }; ///< on record for this arrangement
// press
struct WatchCrookedStart { static constexpr auto key = "watch_crooked_start"; double before_mm; }; ///< travel by which a rise is too early
struct WatchSawTeeth { static constexpr auto key = "watch_saw_teeth"; };
struct WatchGrip { static constexpr auto key = "watch_grip"; }; ///< it was warmed
struct WatchHome { static constexpr auto key = "watch_home"; double travel_mm, hold_N; };
struct HoldLimited { static constexpr auto key = "hold_limited"; double wanted_N, limit_N; std::string press; };
struct GaugeTooCoarse { static constexpr auto key = "gauge_too_coarse"; double share; std::string press; }; ///< end force over full scale
struct TraceGap { static constexpr auto key = "trace_gap"; double from_mm, left_mm; }; ///< where nothing was read, and how much travel it left out
struct TraceHeld { static constexpr auto key = "trace_held"; double peak_N, slide_N; }; ///< held where it must not be
struct TraceFrictionOff { static constexpr auto key = "trace_friction_off"; double found, limit; }; ///< the end of its band that it lies beyond
struct TraceInBand { static constexpr auto key = "trace_in_band"; double share; }; ///< of the samples
struct TraceAboveBand { static constexpr auto key = "trace_above_band"; double at_mm, force_N; };
struct TraceBelowBand { static constexpr auto key = "trace_below_band"; double at_mm, force_N; };
struct TraceShort { static constexpr auto key = "trace_short"; double at_mm, home_mm; };
struct TraceHome { static constexpr auto key = "trace_home"; double at_mm, home_mm; };
struct TraceNoRise { static constexpr auto key = "trace_no_rise"; double at_mm, home_mm; bool mayHold; }; ///< mayHold: what stops it bears the seating load
struct TraceOver { static constexpr auto key = "trace_over"; double at_mm, home_mm; };
struct TraceSoft { static constexpr auto key = "trace_soft"; double stiffness_N_mm, shoulder_N_mm; };
struct TraceCocked { static constexpr auto key = "trace_cocked"; double at_mm, force_N; }; ///< of the peak
struct TraceGalling { static constexpr auto key = "trace_galling"; double from_mm, teeth; }; ///< teeth 0: it only grows
struct TraceDropped { static constexpr auto key = "trace_dropped"; double at_mm, by_N; };
struct TraceGripped { static constexpr auto key = "trace_gripped"; double free_mm, force_N; };
struct HandBandWide { static constexpr auto key = "hand_band_wide"; double share; }; ///< half width of what the wrench's friction leaves open
struct HandNoForce { static constexpr auto key = "hand_no_force"; }; ///< a hammer tells no force
struct HandStands { static constexpr auto key = "hand_stands"; }; ///< sound and eye: it stands on something
struct HandStillMoved { static constexpr auto key = "hand_still_moved"; }; ///< the last blows moved it
struct HandDull { static constexpr auto key = "hand_dull"; }; ///< the sound never turned
struct HandUneven { static constexpr auto key = "hand_uneven"; }; ///< the gap was not even all round
struct TraceReleased { static constexpr auto key = "trace_released"; double at_mm, force_N; };
// seat
struct TooFewReadings { static constexpr auto key = "too_few_readings"; double there, needed; };
struct NoResidual { static constexpr auto key = "no_residual"; }; ///< three readings fix the plane exactly
struct ReadingsAgree { static constexpr auto key = "readings_agree"; double residual_mm, limit_mm; std::string hour; }; ///< the largest, and where
struct ReadingsDisagree { static constexpr auto key = "readings_disagree"; double residual_mm, limit_mm; std::string hour; }; ///< likewise
struct NotHome { static constexpr auto key = "not_home"; double gap_mm, limit_mm; };
struct PastHome { static constexpr auto key = "past_home"; double deeper_mm, limit_mm; };
struct Tilted { static constexpr auto key = "tilted"; double rise_mm, limit_mm; std::string hour; }; ///< across the seat; the high side
// close
struct NotTightened { static constexpr auto key = "not_tightened"; double wanted_Nm; std::string fastener; }; ///< 0: not known
struct TorqueOff { static constexpr auto key = "torque_off"; double read_Nm, wanted_Nm; std::string fastener; };
struct NotRenewed { static constexpr auto key = "not_renewed"; std::string fastener; }; ///< a one-time one
struct NotLocked { static constexpr auto key = "not_locked"; std::string fastener; };
struct RunInHot { static constexpr auto key = "run_in_hot"; double rise_K, limit_K; };
struct RunInRising { static constexpr auto key = "run_in_rising"; double rise_K, perHour_K; };
struct RunInSettled { static constexpr auto key = "run_in_settled"; double rise_K; };
struct NotReleased { static constexpr auto key = "not_released"; };
// proof of a seat
struct RingNotProbed { static constexpr auto key = "ring_not_probed"; double probed, places; };
struct RingAloneHolds { static constexpr auto key = "ring_alone_holds"; std::string part; }; ///< that nothing but its retaining ring holds
struct CheckMissing { static constexpr auto key = "check_missing"; std::string check; };
struct CheckBad { static constexpr auto key = "check_bad"; std::string check; };
struct DragHigh { static constexpr auto key = "drag_high"; double torque_Nm, limit_Nm; };
struct SignedFor { static constexpr auto key = "signed_for"; std::string by; }; ///< who, and why
struct OtherRingOff { static constexpr auto key = "other_ring_off"; std::string ring; }; ///< pressed besides, not home or not square
struct OtherRingNotRead { static constexpr auto key = "other_ring_not_read"; double readings, wanted; std::string ring; };
// adjust
struct PlayNotMeasured { static constexpr auto key = "play_not_measured"; double least_mm, most_mm; };
struct PlayInBand { static constexpr auto key = "play_in_band"; double play_mm; };
struct PlayTooLarge { static constexpr auto key = "play_too_large"; double play_mm, most_mm; };
struct PlayTooSmall { static constexpr auto key = "play_too_small"; double play_mm, least_mm; };
struct SlotFits { static constexpr auto key = "slot_fits"; double turn_deg, play_mm; }; ///< + loosens
struct NoSlotFits { static constexpr auto key = "no_slot_fits"; double step_mm; }; ///< end play from one place to the next
struct FaceWasher { static constexpr auto key = "face_washer"; double off_mm, turn_deg; }; ///< to take off; turn to the place it is for
struct ThickerWasher { static constexpr auto key = "thicker_washer"; double add_mm, turn_deg; };
struct ShimsFromStock { static constexpr auto key = "shims_from_stock"; double total_mm, play_mm; std::string shims; };
struct NoShimsInStock { static constexpr auto key = "no_shims_in_stock"; }; ///< nothing in stock comes nearer than none at all
struct OnToNextSlot { static constexpr auto key = "on_to_next_slot"; double on_deg; };
struct BedTheRollers { static constexpr auto key = "bed_the_rollers"; }; ///< turn while tightening
struct ClampShortens { static constexpr auto key = "clamp_shortens"; double by_mm, force_N; }; ///< spacer and rings together
struct SpacerToLength { static constexpr auto key = "spacer_to_length"; double needed_mm, now_mm, least_mm, most_mm; };
struct PlayFoundWith { static constexpr auto key = "play_found_with"; double trial_mm, now_mm; bool assumed; }; ///< the spacer it was found with; assumed: the drawn one
struct PlayOnScrap { static constexpr auto key = "play_on_scrap"; double play_mm; std::string part; };
struct ClampTilts { static constexpr auto key = "clamp_tilts"; double gap_mm, tilt_arcmin; std::string part; };
struct WarmthTakesPlay { static constexpr auto key = "warmth_takes_play"; double lost_mm; std::optional<double> left_mm; }; ///< in service; none: not known
struct RollingTorqueIs { static constexpr auto key = "rolling_torque_is"; double torque_Nm, limit_Nm; }; ///< the bound it breaks, or 0
struct HomeByTrace { static constexpr auto key = "home_by_trace"; }; ///< an indicator knows no depth, the trace of the press does
struct HomeNotMeasured { static constexpr auto key = "home_not_measured"; }; ///< and there is no good trace
struct HomeAndSquare { static constexpr auto key = "home_and_square"; double rise_mm, limit_mm; }; ///< across the seat
struct SquareUncertain { static constexpr auto key = "square_uncertain"; double rise_mm, limit_mm; }; ///< the greatest within the readings' uncertainty
struct GrooveOpen { static constexpr auto key = "groove_open"; double least_mm; };
struct GrooveCovered { static constexpr auto key = "groove_covered"; double by_mm; std::string hour; };
// what a foreman says unasked
struct PushOn { static constexpr auto key = "push_on"; double inner_mm, outer_mm, width_mm; std::string part; }; ///< the face that takes the push, on the diameter; width on the radius
struct CarryOn { static constexpr auto key = "carry_on"; double pass_mm, below_mm; std::string part; }; ///< what comes through its support, and how far below it
struct StopsAgainst { static constexpr auto key = "stops_against"; double travel_mm; std::string part; };
struct DiscFirst { static constexpr auto key = "disc_first"; double until_mm, below_mm; }; ///< an overlapping disc may start it, to where it would meet the face
struct PackLevel { static constexpr auto key = "pack_level"; std::string part; };
struct WipeFaces { static constexpr auto key = "wipe_faces"; };
struct FallsFree { static constexpr auto key = "falls_free"; double mass_kg; std::string part; };
struct LookAfterBreakaway { static constexpr auto key = "look_after_breakaway"; };
struct NeverStraighten { static constexpr auto key = "never_straighten"; };
struct PressWanted { static constexpr auto key = "press_wanted"; double force_N, travel_mm; bool known; }; ///< or a draw bolt; known: the force is
struct ViceWillDo { static constexpr auto key = "vice_will_do"; }; ///< of a seal or cap, which needs little force
struct DriverWanted { static constexpr auto key = "driver_wanted"; double inner_mm, outer_mm, length_mm; }; ///< to borrow or turn: its pushing face, and as long at least
struct SupportWanted { static constexpr auto key = "support_wanted"; double bore_mm, height_mm; std::string part; }; ///< to borrow or turn
struct ColletWanted { static constexpr auto key = "collet_wanted"; double least_mm, most_mm; };
struct NotOnTheRack { static constexpr auto key = "not_on_the_rack"; std::string method; }; ///< key of the method whose tool is missing
struct SensorOnTheWay { static constexpr auto key = "sensor_on_the_way"; double tip_mm; std::string part; };
struct OldRingAsDriver { static constexpr auto key = "old_ring_as_driver"; double outside_mm, off_mm; };
struct SoakFirst { static constexpr auto key = "soak_first"; bool heavy; };
struct NoteAsFound { static constexpr auto key = "note_as_found"; std::string part; };
struct SqueezeFirst { static constexpr auto key = "squeeze_first"; bool spread; std::string ring, place; };
struct HoldsAlone { static constexpr auto key = "holds_alone"; std::string ring, part; };
struct NoLugs { static constexpr auto key = "no_lugs"; bool out; std::string ring; };
struct FreeTheRing { static constexpr auto key = "free_the_ring"; };
struct LugBroken { static constexpr auto key = "lug_broken"; };
struct LiftTheLock { static constexpr auto key = "lift_the_lock"; std::string part; };
struct PryTheSeal { static constexpr auto key = "pry_the_seal"; bool inBore; std::string part, partner; };
enum class Once { Sleeve, Seal, Spacer, Nut, Other }; ///< how a part is spoilt when it comes off
struct FittedOnce { static constexpr auto key = "fitted_once"; bool out; Once how; std::string part; };
struct SensorFirst { static constexpr auto key = "sensor_first"; double tip_mm; std::string part; }; ///< before anything moves past it
struct SensorLast { static constexpr auto key = "sensor_last"; std::string part; };
struct FoundOtherWay { static constexpr auto key = "found_other_way"; std::string part; }; ///< it came out the other way round than it is drawn
struct FoundAt { static constexpr auto key = "found_at"; double depth_mm; std::string place, part; }; ///< depth below its face, negative: not read
struct LipFor { static constexpr auto key = "lip_for"; bool keepsIn; std::string part; };
struct AskTheLip { static constexpr auto key = "ask_the_lip"; bool looksIn; std::string part; }; ///< nobody has said what the lip is for; as drawn its spring looks towards the bearing, or away
struct OwnThreadDraws { static constexpr auto key = "own_thread_draws"; int count; double least_Nm, most_Nm; std::string thread, part; }; ///< torque of each at the end; 0: the force is not known
struct OwnThreadReach { static constexpr auto key = "own_thread_reach"; double lacking_mm, travel_mm; std::string part; }; ///< of the travel, at its start
struct ScrewsLongEnough { static constexpr auto key = "screws_long_enough"; double more_mm; std::string thread; }; ///< than what they clamp when it is home
struct CrosswiseInSteps { static constexpr auto key = "crosswise_in_steps"; int count; }; ///< of screws
struct InTheVice { static constexpr auto key = "in_the_vice"; std::string vice; };
struct ReleaseTakenBack { static constexpr auto key = "release_taken_back"; std::string station, part; }; ///< key of the station that was reopened; of a seat its part
struct GoRound { static constexpr auto key = "go_round"; int cutOuts; }; ///< 0: their number is not said
struct PutInnerBack { static constexpr auto key = "put_inner_back"; std::string part; };
struct RingStays { static constexpr auto key = "ring_stays"; double land_mm; std::string hub; }; ///< the half ring on a hub: land for a knife or a claw behind it
struct PlugTheHub { static constexpr auto key = "plug_the_hub"; double bore_mm; std::string hub; }; ///< of a puller whose screw would find no centre
struct WarmTheRing { static constexpr auto key = "warm_the_ring"; double over_K; std::string hub; }; ///< how much warmer than the hub it drops off
struct WarmUpTo { static constexpr auto key = "warm_up_to"; double temp_C; bool scrap; std::string part; };
struct TiltForOil { static constexpr auto key = "tilt_for_oil"; };
struct CountParts { static constexpr auto key = "count_parts"; int parts; };
struct NumberOutward { static constexpr auto key = "number_outward"; std::string part; };
struct CollarSides { static constexpr auto key = "collar_sides"; std::string part; };
struct StopsOnTheTube { static constexpr auto key = "stops_on_the_tube"; std::string part, tube; };
struct TubeCentred { static constexpr auto key = "tube_centred"; std::string part; };
struct SealByItsRim { static constexpr auto key = "seal_by_its_rim"; double inner_mm, outer_mm, lip_mm; bool lipInside; std::string part; }; ///< the lip lies inside its Ø, or outside
struct SealDepth { static constexpr auto key = "seal_depth"; double depth_mm; }; ///< below the face; 0: flush
struct CoverTheSteps { static constexpr auto key = "cover_the_steps"; double largest_mm, lip_mm; std::string seal; };
struct LipRunsOn { static constexpr auto key = "lip_runs_on"; double dia_mm; std::string part; };
struct GapLowest { static constexpr auto key = "gap_lowest"; };
struct FilletClears { static constexpr auto key = "fillet_clears"; double fillet_mm, corner_mm; std::string part; }; ///< the ring's smallest corner
struct FilletTooLarge { static constexpr auto key = "fillet_too_large"; double fillet_mm, corner_mm; std::string part; }; ///< the ring rides on it and is never home
struct CentredBy { static constexpr auto key = "centred_by"; bool pilot; std::string tool; }; ///< by its pilot; false: by the bore it goes in
struct ComesOutBy { static constexpr auto key = "comes_out_by"; std::string method; double value_mm; }; ///< key of the method
struct NeverComesOut { static constexpr auto key = "never_comes_out"; std::string part; };
struct RunNutByHand { static constexpr auto key = "run_nut_by_hand"; std::string part; };
struct PinClear { static constexpr auto key = "pin_clear"; };
struct CapOnItsRim { static constexpr auto key = "cap_on_its_rim"; };
struct WetTheBearing { static constexpr auto key = "wet_the_bearing"; };
struct WayRoundContradicts { static constexpr auto key = "way_round_contradicts"; std::string part; };
struct TryItCold { static constexpr auto key = "try_it_cold"; };
struct TemperatureDecides { static constexpr auto key = "temperature_decides"; };
struct ThroughItsElements { static constexpr auto key = "through_its_elements"; double limit_N; std::string part; }; ///< it goes in by its shaft alone: a tenth of its axial rating
struct MethodLeaves { static constexpr auto key = "method_leaves"; std::string method; double least_mm, most_mm, times; }; ///< a setting method outside the band; times its middle; key of the method
struct DragBare { static constexpr auto key = "drag_bare"; };
struct OilTheThread { static constexpr auto key = "oil_the_thread"; std::string bolt; };
struct SeatIsScrap { static constexpr auto key = "seat_is_scrap"; std::string part; };
struct PartMissing { static constexpr auto key = "part_missing"; std::string part; };
struct CauseUnknown { static constexpr auto key = "cause_unknown"; }; ///< what killed the old bearing
struct CauseStays { static constexpr auto key = "cause_stays"; std::string cause; }; ///< nothing was done about it
struct RingWasHot { static constexpr auto key = "ring_was_hot"; }; ///< straw or blue: softened, however good it feels
struct EarsAndAir { static constexpr auto key = "ears_and_air"; };
// clang-format on

template <class... Kind>
struct Kinds {};

/// All of them: who wants something of each, as the words do, goes through this list.
using All = Kinds<
    MeasuredReplacesClass, SmoothingLost, InterferenceIsMaleMinusFemale, MayBeLoose, LooseFit, MeasuredOutsideClass,
    RingStressHigh, SeatYields, ClearanceGone, ClearanceGroupAssumed, MostSensitive, NoHeatNeeded, TooHotFor,
    TooColdFor, TooHotOnceIn, PressLightly, SourceNotForPart, SourceAboveCeiling, SourceTooWeak, OpenedBy,
    OpenedTooLittle, NotOpened, WindowShort, LooseAtWork, ShaftYields, SpeedTakes, WarmthGives, SleeveBetween,
    SleeveDoesNotFit, RingTurnsUnderLoad, OtherRingSlides, OtherRingGuided, OneStepTighter, WrongRingTight,
    FrictionBand, FrictionLearned, ReadingsOfOtherSize, SeatSizeGood, SeatSizeInDoubt, SeatMetalGone, SeatMetalLeft,
    SeatOutOfRound, SeatTapers, SeatMouthWorn, SeatMovesByHand, SeatPitsDeep, SeatPitsLight, SeatScored, SeatCrept,
    SeatRough, ShoulderRunsOut, GrooveDirty, GrooveWorn, NotchesBurred, SpacerLength, SpacerShort, SpacerOutOfParallel,
    SpacerOutOfSquare, SpacerFlared, GaugeOverdue, GaugeNotOurs, GaugeNotNamed, BackUpTheRing, PathProven,
    PathThroughElements, PathThroughPart, NoPath, RatingIsEstimate, RatingTyped, CoversFace, TouchesPart,
    LandsOnInnerRing, CatchesInBore, EndsInsideBore, MissesFace, StandsOnPart, FallsThrough, TooLowFor, FaceOverloaded,
    SleeveBuckles, FallsInside, StackTall, StackLoose, StrokeShort, NoNotchFits, PressTooSmall, NeedsSpacer, OneStroke,
    WrongKind, BothFaces, StandsOnWhatStays, HardTool, ToolCondition, BoltDoesNotPass, PlateBends, NoRoomBelow,
    NoRoomForKnife, HoldsOtherRing, CarriesEdgeOnly, LiesOnBeams, HoldThroughElements, HoldThroughPart, NothingStopsIt,
    SplitRingParts, DentsExpected, TwoStrokes, ThroatShort, BoltShort, BoltOverstressed, ThreadStrips, HandForceHigh,
    StartTilt, WedgeDepth, PullMayNotDo, KnownToWork, WatchCrookedStart, WatchSawTeeth, WatchGrip, WatchHome,
    HoldLimited, GaugeTooCoarse, TraceGap, TraceHeld, TraceFrictionOff, TraceInBand, TraceAboveBand, TraceBelowBand,
    TraceShort, TraceHome, TraceNoRise, TraceOver, TraceSoft, TraceCocked, TraceGalling, TraceDropped, TraceGripped,
    HandBandWide, HandNoForce, HandStands, HandStillMoved, HandDull, HandUneven, TraceReleased, TooFewReadings,
    NoResidual, ReadingsAgree, ReadingsDisagree, NotHome, PastHome, Tilted, NotTightened, TorqueOff, NotRenewed,
    NotLocked, RunInHot, RunInRising, RunInSettled, NotReleased, RingNotProbed, RingAloneHolds, CheckMissing, CheckBad,
    DragHigh, SignedFor, OtherRingOff, OtherRingNotRead, PlayNotMeasured, PlayInBand, PlayTooLarge, PlayTooSmall,
    SlotFits, NoSlotFits, FaceWasher, ThickerWasher, ShimsFromStock, NoShimsInStock, OnToNextSlot, BedTheRollers,
    ClampShortens, SpacerToLength, PlayFoundWith, PlayOnScrap, ClampTilts, WarmthTakesPlay, RollingTorqueIs,
    HomeByTrace, HomeNotMeasured, HomeAndSquare, SquareUncertain, GrooveOpen, GrooveCovered, PushOn, CarryOn,
    StopsAgainst, DiscFirst, PackLevel, WipeFaces, FallsFree, LookAfterBreakaway, NeverStraighten, PressWanted,
    ViceWillDo, DriverWanted, SupportWanted, ColletWanted, NotOnTheRack, SensorOnTheWay, OldRingAsDriver, SoakFirst,
    NoteAsFound, SqueezeFirst, HoldsAlone, NoLugs, FreeTheRing, LugBroken, LiftTheLock, PryTheSeal, FittedOnce,
    SensorFirst, SensorLast, FoundOtherWay, FoundAt, LipFor, AskTheLip, OwnThreadDraws, OwnThreadReach,
    ScrewsLongEnough, CrosswiseInSteps, InTheVice, ReleaseTakenBack, GoRound, PutInnerBack, RingStays, PlugTheHub,
    WarmTheRing, WarmUpTo, TiltForOil, CountParts, NumberOutward, CollarSides, TubeCentred, StopsOnTheTube,
    SealByItsRim, SealDepth, CoverTheSteps, LipRunsOn, GapLowest, FilletClears, FilletTooLarge, CentredBy, ComesOutBy,
    NeverComesOut, RunNutByHand, PinClear, CapOnItsRim, WetTheBearing, WayRoundContradicts, TryItCold,
    TemperatureDecides, ThroughItsElements, MethodLeaves, DragBare, OilTheThread, SeatIsScrap, PartMissing,
    CauseUnknown, CauseStays, RingWasHot, EarsAndAir>;

} // namespace arbor::found
