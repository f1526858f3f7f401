#pragma once

#include "words/findings/telling.h"

#include <cmath>

// What is said of a press: what to watch for, what its trace or the hand showed.
namespace arbor::words {

inline std::string bandWords(const found::TraceInBand& f, const SayContext& t) {
    if (t.severity == Severity::Info) return tr("as this seat should press");
    return f.share > 0.9 ? tr("but not with the friction of this pair") : tr("check where it leaves it");
}

inline Sentence say(const found::WatchCrookedStart& f, const SayContext& t) {
    return {tr("Early rise before {size}").with("size", t.d.size(std::round(f.before_mm * 10) / 10).text()),
            tr("it started cocked: stop, lift, start again square")};
}

inline Sentence say(const found::WatchSawTeeth&, const SayContext&) {
    return {tr("Saw teeth"), tr("dry or galling: stop, oil, check the bore")};
}

inline Sentence say(const found::WatchGrip&, const SayContext&) {
    return {tr("Any force on the way in"),
            tr("it is hot and should drop in: it grips, so get it home at once or stop")};
}

inline Sentence say(const found::WatchHome& f, const SayContext& t) {
    return {tr("Seats at {size} (force rises sharply)").with("size", t.d.size(f.travel_mm).text()),
            tr("final seating load {force}, one dwell, then measure").with("force", t.d.force(f.hold_N).text())};
}

inline Sentence say(const found::HoldLimited& f, const SayContext& t) {
    return {tr("Seating load is limited by the {press}").with("press", f.press),
            tr("{force} wanted, {limit} there")
                .with("force", t.d.force(f.wanted_N).text())
                .with("limit", t.d.force(f.limit_N).text())};
}

inline Sentence say(const found::GaugeTooCoarse& f, const SayContext&) {
    return {tr("The gauge will hardly move"), tr("{share} of the capacity of the {press}: a smaller press shows more")
                                                  .with("share", percent(f.share))
                                                  .with("press", f.press)};
}

inline Sentence say(const found::TraceGap& f, const SayContext& t) {
    return {t.sizes(tr("Nothing was read from {value} on"), f.from_mm, f.left_mm),
            t.sizes(tr("{limit} of travel without a reading: the trace is not whole"), f.from_mm, f.left_mm)};
}

inline Sentence say(const found::TraceHeld& f, const SayContext& t) {
    return {tr("Loaded with {force} where it must not be").with("force", t.d.force(f.peak_N).text()),
            tr("over the {force} of the slide it went through the rolling elements: feel and turn it")
                .with("force", t.d.force(f.slide_N).text())};
}

inline Sentence say(const found::TraceFrictionOff& f, const SayContext&) {
    return {(f.found < f.limit ? tr("Friction {value}, under {limit}") : tr("Friction {value}, over {limit}"))
                .with("value", decimals(f.found, 3))
                .with("limit", decimals(f.limit, 3)),
            f.found < f.limit ? tr("lower or looser than this pair should be: check lubricant and sizes")
                              : tr("drier or tighter than this pair should be: check lubricant, sizes and bore")};
}

inline Sentence say(const found::TraceInBand& f, const SayContext& t) {
    return {tr("{share} of the trace lies in the band").with("share", percent(f.share)), bandWords(f, t)};
}

inline Sentence say(const found::TraceAboveBand& f, const SayContext& t) {
    return {t.forceAt(tr("Above the band from {value}"), f.at_mm, f.force_N),
            t.forceAt(tr("{force} there: cocked, dry or too tight"), f.at_mm, f.force_N)};
}

inline Sentence say(const found::TraceBelowBand& f, const SayContext& t) {
    return {t.forceAt(tr("Below the band from {value}"), f.at_mm, f.force_N),
            t.forceAt(tr("{force} there: looser than measured"), f.at_mm, f.force_N)};
}

inline Sentence say(const found::TraceHome& f, const SayContext& t) {
    return {t.sizes(tr("Solid stop at {value}"), f.at_mm, f.home_mm),
            t.sizes(tr("the shoulder is at {limit}"), f.at_mm, f.home_mm)};
}

inline Sentence say(const found::TraceNoRise& f, const SayContext& t) {
    return {tr("No sharp rise at the end"),
            f.mayHold ? t.sizes(tr("as far as home, {limit}, but not proven: apply the final seating load once"),
                                f.at_mm, f.home_mm)
                      : t.sizes(tr("as far as home, {limit}; it must not be loaded further: prove it by its depth"),
                                f.at_mm, f.home_mm)};
}

inline Sentence say(const found::TraceOver& f, const SayContext& t) {
    return {tr("Went past home"), t.sizes(tr("to {value}; the shoulder should be at {limit}"), f.at_mm, f.home_mm)};
}

inline Sentence say(const found::TraceSoft& f, const SayContext&) {
    return {tr("No solid stop where the shoulder should be"),
            tr("{value} kN/mm, a shoulder gives {limit} or more: is the force on the right ring?")
                .with("value", figures(f.stiffness_N_mm / 1000))
                .with("limit", figures(f.shoulder_N_mm / 1000))};
}

inline Sentence say(const found::TraceCocked& f, const SayContext& t) {
    return {t.forceAt(tr("Early peak at {value}"), f.at_mm, f.force_N),
            t.forceAt(tr("{force} there: it started cocked"), f.at_mm, f.force_N)};
}

inline Sentence say(const found::TraceGalling& f, const SayContext& t) {
    return {f.teeth > 0 ? t.sizes(tr("Saw teeth from {value}"), f.from_mm, f.teeth)
                        : tr("The force grows out of proportion").text(),
            tr("the surfaces are galling")};
}

inline Sentence say(const found::TraceDropped& f, const SayContext& t) {
    return {t.forceAt(tr("The force dropped by {force} at {value}"), f.at_mm, f.by_N),
            tr("the support or the stack moved")};
}

inline Sentence say(const found::TraceGripped& f, const SayContext& t) {
    return {t.forceAt(tr("Free up to {value}, then {force} at once"), f.free_mm, f.force_N),
            tr("it gripped on the way")};
}

inline Sentence say(const found::TraceReleased& f, const SayContext& t) {
    return {t.forceAt(tr("Broke away at {force}"), f.at_mm, f.force_N),
            t.forceAt(tr("after {value}"), f.at_mm, f.force_N)};
}

inline Sentence say(const found::TraceShort& f, const SayContext& t) {
    return {tr("Stopped short"), t.sizes(tr("at {value}, home is at {limit}"), f.at_mm, f.home_mm)};
}

inline Sentence say(const found::HandBandWide& f, const SayContext&) {
    return {tr("A wrench tells the force within ±{share}").with("share", percent(f.share)),
            tr("by the friction of thread and washer: the band is that much wider")};
}

inline Sentence say(const found::HandNoForce&, const SayContext&) {
    return {tr("A hammer tells no force"), tr("the fit stays unproven: measure depth all round")};
}

inline Sentence say(const found::HandStands&, const SayContext&) {
    return {tr("Even, ringing, and no further"), tr("the signs of a ring on its shoulder")};
}

inline Sentence say(const found::HandStillMoved&, const SayContext&) {
    return {tr("The last blows still moved it"), tr("not home: go on, a few light blows all round at a time")};
}

inline Sentence say(const found::HandDull&, const SayContext&) {
    return {tr("The sound never turned"), tr("it may stand on a chip, or on nothing: check under the ring")};
}

inline Sentence say(const found::HandUneven&, const SayContext&) {
    return {tr("The gap was not even all round"), tr("cocked: bring the high side down first, or start again")};
}

} // namespace arbor::words
