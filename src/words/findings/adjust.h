#pragma once

#include "words/adjust_words.h"
#include "words/findings/telling.h"

#include <cmath>

// What is said of end play, and of closing the job.
namespace arbor::words {

/// What is done about a washer, and with the nut after it is in.
inline std::string washer(const Text& atSlot, const Text& thenBack, const Text& thenOn, double size_mm, double turn_deg,
                          const SayContext& t) {
    return (std::abs(turn_deg) < 0.05 ? atSlot
            : turn_deg > 0            ? thenBack
                                      : thenOn)
        .with("size", t.d.size(size_mm).text())
        .with("angle", degrees(turn_deg));
}

inline Sentence say(const found::PlayNotMeasured& f, const SayContext& t) {
    return {tr("End play wanted: {range}").with("range", t.d.fineRange(f.least_mm, f.most_mm) + " " + t.d.fine(0).unit),
            tr("push and pull, and read the indicator")};
}

inline Sentence say(const found::PlayInBand& f, const SayContext& t) {
    return {tr("End play {value}").with("value", t.d.fine(f.play_mm).text()), tr("inside the band")};
}

inline Sentence say(const found::PlayTooLarge& f, const SayContext& t) {
    return {tr("Too much end play"), t.fines(tr("{value}, {limit} at most"), f.play_mm, f.most_mm)};
}

inline Sentence say(const found::PlayTooSmall& f, const SayContext& t) {
    return {f.play_mm < 0 ? tr("Preloaded") : tr("Too little end play"),
            t.fines(tr("{value}, {limit} at least"), f.play_mm, f.least_mm)};
}

inline Sentence say(const found::SlotFits& f, const SayContext& t) {
    return {tr("{turn}: end play {value}").with("turn", turned(f.turn_deg)).with("value", t.d.fine(f.play_mm).text()),
            tr("pin it there, then read the indicator again")};
}

inline Sentence say(const found::NoSlotFits& f, const SayContext& t) {
    return {tr("No slot gives the end play"),
            tr("{value} from one slot to the next").with("value", t.d.fine(f.step_mm).text())};
}

inline Sentence say(const found::FaceWasher& f, const SayContext& t) {
    return {washer(tr("Turn or grind {size} off the washer face, at this slot"),
                   tr("Turn or grind {size} off the washer face, then back off by {angle}°"),
                   tr("Turn or grind {size} off the washer face, then tighten by {angle}°"), f.off_mm, f.turn_deg, t),
            tr("a thinner washer adds end play: that brings it to the middle of the band")};
}

inline Sentence say(const found::ThickerWasher& f, const SayContext& t) {
    return {washer(tr("Add {size} under the nut, at this slot"),
                   tr("Add {size} under the nut, then back off by {angle}°"),
                   tr("Add {size} under the nut, then tighten by {angle}°"), f.add_mm, f.turn_deg, t),
            tr("a thicker washer reduces end play: that brings it to the middle of the band")};
}

inline Sentence say(const found::ShimsFromStock& f, const SayContext& t) {
    return {tr("From stock: {shims} = {size}").with("shims", f.shims).with("size", t.d.size(f.total_mm).text()),
            tr("end play {value}").with("value", t.d.fine(f.play_mm).text())};
}

inline Sentence say(const found::NoShimsInStock&, const SayContext&) {
    return {tr("No shims in stock come near"), tr("a thicker washer, or the other way")};
}

inline Sentence say(const found::OnToNextSlot& f, const SayContext&) {
    return {f.on_deg > 0.05 ? tr("Tighten by {angle}° to the next slot").with("angle", degrees(f.on_deg))
                            : tr("The slot lines up with its hole"),
            tr("under clamp load a castle nut is only ever tightened, never backed off")};
}

inline Sentence say(const found::BedTheRollers&, const SayContext&) {
    return {tr("Turn it while tightening"), tr("the rollers must seat against their rib first")};
}

inline Sentence say(const found::ClampShortens& f, const SayContext& t) {
    return {tr("Clamping reduces end play by {value}").with("value", t.d.fine(f.by_mm).text()),
            tr("{force} in spacer and rings").with("force", t.d.force(f.force_N).text())};
}

inline Sentence say(const found::SpacerToLength& f, const SayContext& t) {
    const auto detail = f.needed_mm < f.now_mm
                            ? tr("{least} to {most} for the whole band; it has {size}: grind it, both ends true")
                            : tr("{least} to {most} for the whole band; it has {size}: a longer one, or shims");
    return {tr("Spacer to {size}").with("size", t.d.size(f.needed_mm).text()),
            detail.with("least", t.d.size(f.least_mm).number)
                .with("most", t.d.size(f.most_mm).text())
                .with("size", t.d.size(f.now_mm).text())};
}

inline Sentence say(const found::PlayFoundWith& f, const SayContext& t) {
    return {(f.assumed ? tr("With which spacer was the end play found? {size} is taken, as drawn")
                       : tr("End play was found with a spacer of {size}"))
                .with("size", t.d.size(f.trial_mm).text()),
            tr("the one that is there has {size}: that is in the figure").with("size", t.d.size(f.now_mm).text())};
}

inline Sentence say(const found::PlayOnScrap& f, const SayContext& t) {
    return {tr("End play {value}, on a part that is scrap").with("value", t.d.fine(f.play_mm).text()),
            tr("set it anew on a sound {part}").with("part", inSentence(f.part))};
}

inline Sentence say(const found::ClampTilts& f, const SayContext& t) {
    return {
        tr("The clamp closes {gap} at the end of the {part}")
            .with("gap", t.d.fine(f.gap_mm).text())
            .with("part", inSentence(f.part)),
        tr("and tilts the cone on it by {tilt} arc-min: the rollers see that").with("tilt", figures(f.tilt_arcmin))};
}

inline Sentence say(const found::WarmthTakesPlay& f, const SayContext& t) {
    return {(f.lost_mm >= 0 ? tr("{value} less at operating temperature") : tr("{value} more at operating temperature"))
                .with("value", t.d.fine(std::abs(f.lost_mm)).text()),
            f.left_mm ? tr("{value} is left then").with("value", t.d.fine(*f.left_mm).text())
                      : tr("between bench and operating temperature")};
}

inline Sentence say(const found::RollingTorqueIs& f, const SayContext& t) {
    return {tr("Rolling torque {value}").with("value", t.d.torque(f.torque_Nm).text()),
            f.limit_Nm > 0 ? (f.torque_Nm > f.limit_Nm ? tr("{limit} at most") : tr("{limit} at least"))
                                 .with("limit", t.d.torque(f.limit_Nm).text())
                           : tr("pull on the string times its radius")};
}

inline Sentence say(const found::NotTightened& f, const SayContext& t) {
    return {tr("{fastener}: not tightened").with("fastener", f.fastener),
            f.wanted_Nm > 0 ? tr("{torque} wanted").with("torque", t.d.torque(f.wanted_Nm).text())
                            : tr("by the machine maker's value")};
}

inline Sentence say(const found::TorqueOff& f, const SayContext& t) {
    return {tr("{fastener}: torque read {torque}")
                .with("fastener", f.fastener)
                .with("torque", t.d.torque(f.read_Nm).text()),
            tr("{torque} wanted, within 5 %").with("torque", t.d.torque(f.wanted_Nm).text())};
}

inline Sentence say(const found::NotRenewed& f, const SayContext&) {
    return {tr("{fastener}: new ones").with("fastener", f.fastener), tr("they are used once")};
}

inline Sentence say(const found::NotLocked& f, const SayContext&) {
    return {tr("{fastener}: not locked yet").with("fastener", f.fastener),
            tr("pin, stake, tab or paste as it was made")};
}

inline Sentence say(const found::RunInHot& f, const SayContext& t) {
    return {tr("Run-in too hot"),
            tr("{rise} over ambient, {limit} permitted: stop, let it cool, check end play and grease")
                .with("rise", t.d.temperatureRise(f.rise_K).text())
                .with("limit", t.d.temperatureRise(f.limit_K).text())};
}

inline Sentence say(const found::RunInRising& f, const SayContext& t) {
    return {tr("Run-in: {rise} over ambient").with("rise", t.d.temperatureRise(f.rise_K).text()),
            f.perHour_K > 0 ? tr("still rising by {rise} an hour").with("rise", t.d.temperatureRise(f.perHour_K).text())
                            : tr("read again in a quarter of an hour")};
}

inline Sentence say(const found::RunInSettled& f, const SayContext& t) {
    return {tr("Run-in: settled {rise} over ambient").with("rise", t.d.temperatureRise(f.rise_K).text()),
            tr("it runs as it should")};
}

inline Sentence say(const found::NotReleased&, const SayContext&) {
    return {tr("Not released yet"), tr("by the person authorised for it, where one is needed")};
}

} // namespace arbor::words
