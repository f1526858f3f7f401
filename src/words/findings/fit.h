#pragma once

#include "words/findings/telling.h"

#include <cmath>

// What is said of a fit: its sizes, the bearing, the joint.
namespace arbor::words {

inline std::string ofRing(const Text& sentence, const std::string& ring) {
    return sentence.with("ring", subjectWord(ring));
}

inline Sentence say(const found::RingTurnsUnderLoad& f, const SayContext&) {
    return {ofRing(tr("Rotating load on the {ring}"), f.ring),
            tr("it must be tight, or it creeps: P/C {load}, size and kind of bearing say how tight")
                .with("load", decimals(f.loadShare, 2))};
}

inline Sentence say(const found::OtherRingSlides& f, const SayContext&) {
    return {ofRing(tr("The {ring} must float axially (non-locating)"), f.ring),
            tr("its load stands still, and it has to move as things get warm")};
}

inline Sentence say(const found::OtherRingGuided& f, const SayContext&) {
    return {ofRing(tr("Close sliding fit is enough for the {ring}"), f.ring),
            tr("its load stands still: easy to fit, without play to rattle")};
}

inline Sentence say(const found::OneStepTighter& f, const SayContext&) {
    return {tr("One step tighter"), shippedName(f.why)};
}

inline Sentence say(const found::WrongRingTight& f, const SayContext&) {
    return {capital(ofRing(tr("{ring} is loose"), f.ring)),
            tr("the load rotates on it: it will creep and wear its seat. Make this ring the tight one")};
}

inline Sentence say(const found::MeasuredReplacesClass& f, const SayContext& t) {
    return {tr("Measured {part} {size} ± {uncertainty}")
                .with("part", subjectWord(f.side))
                .with("size", t.d.size(f.measured_mm).text())
                .with("uncertainty", t.d.fine(f.uncertainty_mm).text()),
            tr("the measured size replaces the class")};
}

inline Sentence say(const found::SmoothingLost& f, const SayContext& t) {
    return {t.fines(tr("{value} asperity flattening (embedding)"), f.lost_mm),
            tr("0.8 × (Rz of bore + Rz of ring): the peaks flatten on the way in")};
}

inline Sentence say(const found::InterferenceIsMaleMinusFemale& f, const SayContext& t) {
    return {tr("Interference is ring minus bore"),
            t.fines(tr("middle of both: {value} on the diameter, + is tight"), f.middle_mm)};
}

inline Sentence say(const found::MayBeLoose& f, const SayContext& t) {
    return {tr("May be loose"), t.fines(tr("the loosest likely pair has {value} after embedding"), f.least_mm)};
}

inline Sentence say(const found::LooseFit& f, const SayContext& t) {
    if (t.severity == Severity::Info)
        return {tr("Slides: likely {value} clearance").with("value", t.d.fine(-f.likely_mm).text()),
                tr("the load stands still on this ring")};
    return {tr("Loose"),
            t.fines(tr("likely {value}: the ring would creep and wear the bore. Sleeve or replace it"), f.likely_mm)};
}

inline Sentence say(const found::MeasuredOutsideClass& f, const SayContext& t) {
    return {tr("Measured size is outside {class}").with("class", f.toleranceClass),
            t.sizes(tr("{value} against {limit}"), f.measured_mm, f.limit_mm)};
}

inline Sentence say(const found::MostSensitive& f, const SayContext& t) {
    return {capital(tr("{input} shifts clearance most").with("input", subjectWord(f.input))),
            t.fines(tr("half its tolerance shifts clearance by {value}"), f.shift_mm)};
}

inline Sentence say(const found::ClearanceGone& f, const SayContext&) {
    return {tr("{share} would run without clearance").with("share", percent(f.share)),
            tr("choose a larger clearance group or an easier fit")};
}

inline Sentence say(const found::ClearanceGroupAssumed& f, const SayContext&) {
    return {tr("Clearance of {bearing} taken as for a deep groove bearing").with("bearing", f.bearing),
            tr("the standard gives no group for two-row angular contact; compare it with the bearing's own figure")};
}

inline Sentence say(const found::LooseAtWork& f, const SayContext& t) {
    return {tr("May be loose in service"),
            t.fines(tr("the loosest likely pair has {value} left at operating temperature and speed"), f.least_mm)};
}

inline Sentence say(const found::RingStressHigh& f, const SayContext& t) {
    return {tr("High hoop stress in inner ring"),
            t.pressures(tr("{value}, {limit} usual at most"), f.hoop_MPa, f.limit_MPa)};
}

inline Sentence say(const found::SeatYields& f, const SayContext& t) {
    return {tr("The bore would yield"),
            t.pressures(tr("{value} pressure; its elastic limit is {limit}"), f.pressure_MPa, f.limit_MPa)};
}

inline Sentence say(const found::ShaftYields& f, const SayContext& t) {
    return {tr("The inner part would yield"),
            t.pressures(tr("{value} pressure; its elastic limit is {limit}"), f.pressure_MPa, f.limit_MPa)};
}

inline Sentence say(const found::SpeedTakes& f, const SayContext& t) {
    return {t.fines(tr("Speed reduces interference by {value}"), f.lost_mm, f.looseAt_rpm),
            f.looseAt_rpm > 0 ? tr("the grip is gone at {speed} rpm").with("speed", decimals(f.looseAt_rpm, 0))
                              : tr("it does not grip standing still either")};
}

inline Sentence say(const found::WarmthGives& f, const SayContext& t) {
    return {(f.gained_mm < 0 ? tr("Operating temperatures reduce interference by {value}")
                             : tr("Operating temperatures add {value} of interference"))
                .with("value", t.d.fine(std::abs(f.gained_mm)).text()),
            tr("by the expansion of both parts")};
}

inline Sentence say(const found::SleeveBetween& f, const SayContext& t) {
    return {tr("Sleeve of {material}, Ø{size}")
                .with("material", shippedName(f.material))
                .with("size", t.d.size(f.outside_mm).text()),
            tr("hoop stress at its bore {stress} in the worst case").with("stress", t.d.pressure(f.hoop_MPa).text())};
}

inline Sentence say(const found::SleeveDoesNotFit& f, const SayContext& t) {
    return {tr("The sleeve does not fit"),
            f.limit_mm > 0
                ? t.sizes(tr("outside {value}; it must lie between the seat and {limit}"), f.outside_mm, f.limit_mm)
                : t.sizes(tr("outside {value}; it must lie between the seat and the rim"), f.outside_mm, f.limit_mm)};
}

inline Sentence say(const found::NoHeatNeeded&, const SayContext&) {
    return {tr("No heating needed"), tr("even the tightest pair has clearance enough")};
}

inline Sentence say(const found::FrictionLearned& f, const SayContext&) {
    return {tr("Friction {value} from {count} good presses of this shop")
                .with("value", decimals(f.mean, 3))
                .with("count", std::to_string(f.presses)),
            tr("one press scatters by {scatter}; the band is where the next one lies, within the handbook’s band")
                .with("scatter", decimals(f.scatter, 3))};
}

inline Sentence say(const found::FrictionBand& f, const SayContext&) {
    return {tr("Friction {least}…{most}").with("least", decimals(f.least, 2)).with("most", decimals(f.most, 2)),
            tr("steel in {material}, practice band for this lubricant").with("material", shippedName(f.material))};
}

} // namespace arbor::words
