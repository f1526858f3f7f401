#pragma once

#include "words/findings/telling.h"
#include "words/tooling_words.h"

#include <algorithm>
#include <cmath>
#include <numbers>

// What is said of stacks, draw bolts, drivers, supports and tools.
namespace arbor::words {

inline Text about(const Text& sentence, const std::string& part) {
    return sentence.with("part", partWord(part));
}

inline Sentence say(const found::StackTall& f, const SayContext&) {
    return {tr("Stack is too tall"), tr("{value} times its width, {limit} allowed: it can kick out")
                                         .with("value", decimals(f.slenderness, 1))
                                         .with("limit", decimals(f.limit, 1))};
}

inline Sentence say(const found::StackLoose& f, const SayContext&) {
    return {tr("Too many loose spacers"),
            tr("{value}, at most {limit}").with("value", decimals(f.spacers, 0)).with("limit", decimals(f.most, 0))};
}

inline Sentence say(const found::StrokeShort& f, const SayContext& t) {
    return {tr("Ram runs out before home"),
            t.sizes(tr("{value} needed with the reserve, stroke {limit}"), f.needed_mm, f.stroke_mm)};
}

inline Sentence say(const found::NoNotchFits& f, const SayContext& t) {
    return {tr("Stack does not go under the ram"),
            t.sizes(tr("{value} with clearance to put it in, daylight {limit}"), f.needed_mm, f.daylight_mm)};
}

inline Sentence say(const found::PressTooSmall& f, const SayContext& t) {
    return {about(tr("{part} is too small"), f.press),
            t.forces(tr("{value} may be needed, its capacity is {limit}"), f.force_N, f.capacity_N)};
}

inline Sentence say(const found::NeedsSpacer& f, const SayContext& t) {
    return {about(tr("Needs spacer {part}"), f.spacer), t.sizes(tr("{value} more height"), f.height_mm)};
}

inline Sentence say(const found::OneStroke& f, const SayContext& t) {
    return {tr("One stroke"), t.sizes(tr("{value} of {limit} used"), f.used_mm, f.stroke_mm)};
}

inline Sentence say(const found::TwoStrokes& f, const SayContext& t) {
    return {t.sizes(about(tr("Two strokes: stop at {value} and put in {part}"), f.spacer), f.first_mm, f.engaged_mm),
            t.sizes(tr("{limit} engaged length by then, the ring stands by itself"), f.first_mm, f.engaged_mm)};
}

inline Sentence say(const found::ThroatShort& f, const SayContext& t) {
    return {
        about(tr("{part} has too little throat"), f.press),
        t.sizes(tr("the work reaches {value} from its axis, the frame stands at {limit}"), f.reach_mm, f.throat_mm)};
}

inline Sentence say(const found::BoltDoesNotPass& f, const SayContext& t) {
    return {about(tr("The bolt does not go through {part}"), f.part),
            t.sizes(tr("Ø{value} against Ø{limit}"), f.bolt_mm, f.through_mm)};
}

inline Sentence say(const found::BoltShort& f, const SayContext& t) {
    return {about(tr("{part} is too short"), f.bolt),
            t.sizes(tr("{value} between the nuts, {limit} there"), f.stack_mm, f.room_mm)};
}

inline Sentence say(const found::BoltOverstressed& f, const SayContext& t) {
    return {about(tr("{part} would yield"), f.bolt),
            t.pressures(tr("{value} with torsion, {limit} allowed"), f.stress_MPa, f.limit_MPa)};
}

inline Sentence say(const found::ThreadStrips& f, const SayContext& t) {
    return {about(tr("The thread of {part} may strip"), f.bolt),
            t.forces(tr("{value} needed, {limit} with safety"), f.force_N, f.limit_N)};
}

inline Sentence say(const found::HandForceHigh& f, const SayContext& t) {
    return {t.forces(about(tr("{value} by hand at the wrench of {part}"), f.bolt), f.force_N, f.limit_N),
            tr("more than a hand holds steadily: a thrust bearing, a longer wrench or a hollow ram; no impact "
               "wrench")};
}

inline Sentence say(const found::SplitRingParts&, const SayContext&) {
    return {tr("The split inner ring would part"), tr("one half is pushed, the other is held by its rolling elements")};
}

inline Sentence say(const found::DentsExpected& f, const SayContext& t) {
    return {
        tr("Dents about {value} deep, at the pitch of the rolling elements").with("value", t.d.fine(f.depth_mm).text()),
        tr("{limit} is what the static rating allows").with("limit", t.d.fine(f.limit_mm).text())};
}

inline Sentence say(const found::CoversFace& f, const SayContext& t) {
    return {
        (t.severity == Severity::Stop ? tr("Covers only {share} of the {part}") : tr("Covers {share} of the {part}"))
            .with("share", percent(f.share))
            .with("part", partWord(f.part)),
        t.severity == Severity::Stop ? tr("that edge carries nothing") : tr("its free face, clear of seal and bore")};
}

inline Sentence say(const found::TouchesPart& f, const SayContext& t) {
    return t.severity == Severity::Stop ? Sentence{about(tr("Too small: would push the {part}"), f.part),
                                                   t.sizes(tr("overlaps it by {value} on the radius"), f.overlap_mm)}
                                        : Sentence{about(tr("Close to the {part}"), f.part),
                                                   tr("{value} clearance on the radius: centre it well")
                                                       .with("value", t.d.size(-f.overlap_mm).text())};
}

inline Sentence say(const found::LandsOnInnerRing& f, const SayContext& t) {
    return f.outside_mm < f.face_mm
               ? Sentence{about(tr("Too small: on the {part} only"), f.part),
                          t.sizes(tr("Ø{value} lies inside the face at Ø{limit}"), f.outside_mm, f.face_mm)}
               : Sentence{about(tr("Too large: on the {part} only"), f.part),
                          t.sizes(tr("it does not reach in to the face at Ø{limit}"), f.outside_mm, f.face_mm)};
}

inline Sentence say(const found::CatchesInBore& f, const SayContext& t) {
    if (!f.part.empty())
        return {about(tr("Catches on the {part}"), f.part), t.sizes(tr("{value} in its way down"), f.by_mm, f.seat_mm)};
    return {tr("Too large: catches in the bore"),
            t.sizes(tr("{value} too large for Ø{limit} with running clearance"), f.by_mm, f.seat_mm)};
}

inline Sentence say(const found::EndsInsideBore& f, const SayContext& t) {
    return {t.sizes(tr("Too short: stops {value} before the end"), f.short_mm),
            about(tr("what stands on it meets the {part}"), f.part)};
}

inline Sentence say(const found::MissesFace& f, const SayContext& t) {
    return f.tool_mm < f.face_mm
               ? Sentence{about(tr("Too small: drops past the {part}"), f.part),
                          t.sizes(tr("Ø{value} lies inside its face at Ø{limit}"), f.tool_mm, f.face_mm)}
               : Sentence{about(tr("Too large: goes round the {part}"), f.part),
                          t.sizes(tr("bore Ø{value} passes its face at Ø{limit}"), f.tool_mm, f.face_mm)};
}

inline Sentence say(const found::BothFaces& f, const SayContext&) {
    return {about(tr("Pushes the {part} along"), f.part),
            tr("both faces are level and the other ring is free: no load between them")};
}

inline Sentence say(const found::StandsOnWhatStays& f, const SayContext& t) {
    return {about(tr("Would stand on the {part}"), f.part),
            t.sizes(tr("{value} of it lie under the edge"), f.width_mm)};
}

inline Sentence say(const found::StartTilt& f, const SayContext& t) {
    return {tr("Start it square within {value} across").with("value", t.d.size(std::floor(f.rise_mm * 10) / 10).text()),
            tr("{angle} arc-min: what chamfer and lead-in leave; over that its edge shaves the bore")
                .with("angle", decimals(f.rise_mm / f.dia_mm * 10800 / std::numbers::pi, 0))};
}

inline Sentence say(const found::WedgeDepth& f, const SayContext& t) {
    return {t.sizes(tr("Keep it square by hand for the first {value}"), f.depth_mm, f.clearance_mm),
            tr("up to there it can wedge in its {limit} of clearance").with("limit", t.d.fine(f.clearance_mm).text())};
}

inline Sentence say(const found::StandsOnPart& f, const SayContext&) {
    return {about(tr("Would stand on the {part}"), f.part), tr("it must not be loaded")};
}

inline Sentence say(const found::CarriesEdgeOnly& f, const SayContext& t) {
    return {about(tr("{part} has only the edge of the work"), f.part),
            t.sizes(tr("{value} wide, at least {limit}"), f.width_mm, f.least_mm)};
}

inline Sentence say(const found::LiesOnBeams& f, const SayContext& t) {
    return {about(tr("The {part} lies on two beams"), f.part),
            t.sizes(tr("a gap of {value} carries nothing: a ring under its rim"), f.gap_mm)};
}

inline Sentence say(const found::FallsThrough& f, const SayContext& t) {
    return {about(tr("{part} does not carry the work"), f.part),
            t.sizes(tr("Ø{value} against Ø{limit}"), f.opening_mm, f.edge_mm)};
}

inline Sentence say(const found::TooLowFor& f, const SayContext& t) {
    return {about(tr("Too low for the {part}"), f.part),
            tr("{value} missing above the bed").with("value", t.d.size(std::max(0.0, f.lacking_mm)).text())};
}

inline Sentence say(const found::NoRoomBelow& f, const SayContext& t) {
    return {about(tr("No clearance below: the {part} is in the way"), f.part),
            t.sizes(tr("{value} of {limit} travel are missing"), f.lacking_mm, f.travel_mm)};
}

inline Sentence say(const found::NoRoomForKnife& f, const SayContext& t) {
    return {about(tr("{part} does not go behind the ring"), f.tool),
            t.sizes(tr("its knife edge is {limit} high"), 0, f.edge_mm)};
}

inline Sentence say(const found::HoldsOtherRing& f, const SayContext& t) {
    return {about(tr("The {part} hangs by its rolling elements"), f.part),
            t.severity == Severity::Stop ? tr("back it up from below: that is where the push arrives")
                                         : tr("nothing holds it from below: the bearing is scrap after this")};
}

inline Sentence say(const found::HoldThroughElements& f, const SayContext& t) {
    return {t.sizes(tr("Stop at contact, {value}: no seating load"), f.travel_mm, f.rating_N),
            tr("what stops it passes the load on through the rolling elements")};
}

inline Sentence say(const found::HoldThroughPart& f, const SayContext& t) {
    return {t.sizes(tr("Stop at contact, {value}: no seating load"), f.travel_mm),
            about(tr("the load would go through the {part}"), f.part)};
}

inline Sentence say(const found::NothingStopsIt& f, const SayContext& t) {
    if (f.part.empty())
        return {t.sizes(tr("Nothing stops it: to depth, {value} of travel"), f.travel_mm, f.ahead_mm),
                tr("no shoulder below it")};
    return {
        t.sizes(tr("Nothing stops it at home, {value} of travel"), f.travel_mm, f.ahead_mm),
        t.sizes(about(tr("the {part} stands {limit} further on: it does not touch"), f.part), f.travel_mm, f.ahead_mm)};
}

inline Sentence say(const found::FaceOverloaded& f, const SayContext& t) {
    return {about(tr("{part} is overloaded"), f.part),
            t.pressures(tr("{value} on its face, {limit} allowed"), f.pressure_MPa, f.limit_MPa)};
}

inline Sentence say(const found::SleeveBuckles& f, const SayContext&) {
    return {about(tr("{part} would buckle"), f.part), tr("carries {value} of its column load, {limit} allowed")
                                                          .with("value", percent(f.share))
                                                          .with("limit", percent(f.limit))};
}

inline Sentence say(const found::FallsInside& f, const SayContext& t) {
    return {about(tr("{part} falls into what it stands on"), f.part),
            t.sizes(tr("Ø{value} goes through Ø{limit}"), f.outside_mm, f.bore_mm)};
}

inline Sentence say(const found::WrongKind& f, const SayContext& t) {
    return t.severity == Severity::Stop
               ? Sentence{about(tr("{part} cannot be used"), f.tool), tr("its thread or strength class is missing")}
               : Sentence{about(tr("{part} is not a sleeve"), f.tool), tr("tried as one all the same")};
}

inline Sentence say(const found::HardTool& f, const SayContext&) {
    return {about(tr("{part} is hard and can shatter"), f.tool), tr("pressed only, never struck; eye protection")};
}

inline Sentence say(const found::ToolCondition& f, const SayContext&) {
    return {about(tr("Written on the tool: {part}"), f.written), tr("check it before it is used")};
}

inline Sentence say(const found::PlateBends& f, const SayContext& t) {
    return {about(tr("{part} would bend"), f.tool),
            t.pressures(tr("{value} in its middle, {limit} allowed"), f.stress_MPa, f.limit_MPa)};
}

inline Sentence say(const found::KnownToWork& f, const SayContext&) {
    return {about(tr("{part} did this before"), f.tool), tr("by the record of an earlier job")};
}

inline Sentence say(const found::PullMayNotDo& f, const SayContext& t) {
    return {about(tr("{part} may not be enough"), f.tool),
            t.forces(tr("up to {value} may be needed, its capacity is {limit}: heat the housing, or soak it first"),
                     f.force_N, f.capacity_N)};
}

} // namespace arbor::words
