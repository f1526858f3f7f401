#pragma once

#include "core/job/names.h"
#include "words/adjust_words.h"
#include "words/findings/telling.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <cmath>

// What a foreman says unasked: before a part leaves or comes, and before the ram moves.
namespace arbor::words {

inline std::string ofPart(const Text& sentence, const std::string& part) {
    return capital(sentence.with("part", inSentence(part)));
}
inline std::string dia(const SayContext& t, double size_mm) {
    return "Ø" + t.d.size(size_mm).text();
}

// Every press.

inline Sentence say(const found::PushOn& f, const SayContext& t) {
    return {tr("Push on the {part}").with("part", partWord(f.part)),
            (f.inner_mm > 0 ? tr("its free face from {inner} to {outer}, {width} wide") : tr("its free end, {outer}"))
                .with("inner", dia(t, f.inner_mm))
                .with("outer", dia(t, f.outer_mm))
                .with("width", t.d.size(f.width_mm).text())};
}

inline Sentence say(const found::CarryOn& f, const SayContext& t) {
    const auto what = tr("Carry the {part}").with("part", partWord(f.part));
    if (!(f.pass_mm > 0)) return {what, tr("nothing comes through below it; a gap between two beams carries nothing")};
    return {what, tr("the support’s bore over {size}, with {depth} free below for what comes through; a gap between "
                     "two beams carries nothing")
                      .with("size", dia(t, f.pass_mm))
                      .with("depth", t.d.size(f.below_mm).text())};
}

inline Sentence say(const found::StopsAgainst& f, const SayContext& t) {
    return {tr("Stops on the {part}").with("part", partWord(f.part)),
            tr("after {travel} of travel, and not past it").with("travel", t.d.size(f.travel_mm).text())};
}

inline Sentence say(const found::DiscFirst& f, const SayContext& t) {
    return {tr("A flat disc over the ring may start it"),
            tr("home is {depth} below the face: change to the sleeve after {travel}, before the disc meets the face")
                .with("depth", t.d.size(f.below_mm).text())
                .with("travel", t.d.size(f.until_mm).text())};
}

inline Sentence say(const found::PackLevel& f, const SayContext&) {
    return {tr("Pack the {part} level").with("part", inSentence(f.part)),
            tr("in two directions, its axis under the ram: a casting seldom sits flat")};
}

inline Sentence say(const found::WipeFaces&, const SayContext&) {
    return {tr("Wipe the faces of pusher and support"), tr("a chip under either makes it start cocked")};
}

inline Sentence say(const found::FallsFree& f, const SayContext&) {
    return {tr("It drops when it lets go: {part}, {mass} kg")
                .with("part", inSentence(f.part))
                .with("mass", figures(f.mass_kg)),
            tr("a soft tray under it at the height it drops to; hold it where it is heavy")};
}

inline Sentence say(const found::LookAfterBreakaway&, const SayContext&) {
    return {tr("After breakaway: unload, look, centre again"), tr("then press on")};
}

inline Sentence say(const found::NeverStraighten&, const SayContext&) {
    return {tr("Cocked: press it back out"),
            tr("never straighten it by more force; look at bore and ring, measure; after two false starts judge the "
               "seat anew")};
}

inline Sentence say(const found::PressWanted& f, const SayContext& t) {
    return {tr("A press, a hand press or a draw bolt"),
            (f.known ? tr("{force} at least, {travel} of travel")
                     : tr("{travel} of travel; how much force is not known yet"))
                .with("force", t.d.force(f.force_N).text())
                .with("travel", t.d.size(f.travel_mm).text())};
}

inline Sentence say(const found::ViceWillDo&, const SayContext&) {
    return {tr("A bench vice will do"),
            tr("with a flat block on its rim, a little at a time all round; or a hammer and "
               "a block: the force is not measured")};
}

inline Sentence say(const found::DriverWanted& f, const SayContext& t) {
    return {tr("Borrow or turn a sleeve"), tr("face within {inner} to {outer}, {length} long at least")
                                               .with("inner", dia(t, f.inner_mm))
                                               .with("outer", dia(t, f.outer_mm))
                                               .with("length", t.d.size(f.length_mm).text())};
}

inline Sentence say(const found::SupportWanted& f, const SayContext& t) {
    return {tr("Borrow or turn a support for the {part}").with("part", partWord(f.part)),
            tr("bore over {size}, height {height} at least")
                .with("size", dia(t, f.bore_mm))
                .with("height", t.d.size(f.height_mm).text())};
}

inline Sentence say(const found::ColletWanted& f, const SayContext& t) {
    return {tr("A collet for a bore of {size}").with("size", t.d.size(f.most_mm).text()),
            tr("that opens from {least} to {most}, with a slide hammer and its end stop")
                .with("least", t.d.size(f.least_mm).text())
                .with("most", t.d.size(f.most_mm).text())};
}

inline Sentence say(const found::NotOnTheRack& f, const SayContext&) {
    return {tr("Not on the rack: {tool}").with("tool", methodToolNamed(f.method)), tr("borrow, buy or turn it")};
}

inline Sentence say(const found::SensorOnTheWay& f, const SayContext& t) {
    return {tr("A sensor or plug stands in the bore of the {part}").with("part", inSentence(f.part)),
            tr("take it out first, or use only tools smaller than {size}").with("size", dia(t, f.tip_mm))};
}

inline Sentence say(const found::OldRingAsDriver& f, const SayContext& t) {
    return {tr("The old outer ring as pusher"),
            tr("ground to {size} outside, {off} under its bore, so that it comes out again; pressed, never struck, eye "
               "protection on")
                .with("size", dia(t, f.outside_mm))
                .with("off", t.d.size(f.off_mm).text())};
}

// Getting out.

inline Sentence say(const found::SoakFirst& f, const SayContext&) {
    return {f.heavy ? tr("Heavy rust: soak it first") : tr("Light rust: soak it first"),
            tr("penetrant and wait, then a blow on its free face or on the housing, then press")};
}

inline Sentence say(const found::NoteAsFound& f, const SayContext&) {
    return {tr("Before it leaves: how the {part} sat").with("part", inSentence(f.part)),
            tr("way round, depth, angle and place, with a photo; the last hand may have been wrong")};
}

inline Sentence say(const found::SqueezeFirst& f, const SayContext&) {
    const auto head = f.spread ? tr("First spread the {ring}") : tr("First squeeze the {ring}");
    const auto detail = f.place.empty()
                            ? tr("out of its groove, no farther than it needs; until then nothing moves").text()
                            : tr("out of its groove, at {place}, no farther than it needs; until then nothing moves")
                                  .with("place", shippedName(f.place));
    return {head.with("ring", inSentence(f.ring)), detail};
}

inline Sentence say(const found::HoldsAlone& f, const SayContext&) {
    return {tr("The {ring} alone holds the {part}").with("ring", inSentence(f.ring)).with("part", inSentence(f.part)),
            tr("nothing else keeps it in: it is proven all round when it goes back")};
}

inline Sentence say(const found::NoLugs& f, const SayContext&) {
    const auto head = tr("The {ring} has no eyes for pliers").with("ring", inSentence(f.ring));
    return {head, f.out
                      ? tr("lift one end out of the groove from its gap with a hooked scriber and follow it round; eye "
                           "protection on, a hand over it")
                      : tr("feed one end into the groove and press it in round and round; eye protection on, then "
                           "probe it all round")};
}

inline Sentence say(const found::FreeTheRing&, const SayContext&) {
    return {tr("Free the rusted ring"), tr("soak, clean the eyes, tap until it turns in its groove, then squeeze")};
}

inline Sentence say(const found::LugBroken&, const SayContext&) {
    return {tr("A lug is broken"),
            tr("hook the stump out of its groove from the gap with a scriber, keep the ring from "
               "turning, eye protection on")};
}

inline Sentence say(const found::LiftTheLock& f, const SayContext&) {
    return {tr("Lift stake or tab before the {part} turns").with("part", inSentence(f.part)),
            tr("or it takes the thread with it")};
}

inline Sentence say(const found::PryTheSeal& f, const SayContext&) {
    return {tr("Pry the {part} at its rim").with("part", inSentence(f.part)),
            (f.inBore ? tr("away from bore and shaft, the edge of the {partner} protected; note depth and side first")
                      : tr("without touching the track of the {partner}; note depth and side first"))
                .with("partner", inSentence(f.partner))};
}

inline Sentence say(const found::FittedOnce& f, const SayContext&) {
    const auto head = ofPart(tr("{part} is fitted once"), f.part);
    switch (f.how) {
    case found::Once::Sleeve:
        return {head, f.out ? tr("it is spoilt when it comes off: pry it off, a new one before its partner goes back")
                            : tr("a new one; a trial fit counts")};
    case found::Once::Seal:
        return {head, f.out ? tr("its halves part, and one stays behind on its partner: pry that off, a new set before "
                                 "the partner goes back")
                            : tr("a new set, never taken apart; a trial fit counts")};
    case found::Once::Spacer:
        return {head, f.out ? tr("it was crushed to its length: scrap as soon as the nut is loose")
                            : tr("a new one: tightened past the drag that is wanted, it is crushed too far and another "
                                 "is needed; a trial fit counts")};
    case found::Once::Nut:
        return {head, f.out ? tr("its collar is staked: lift the stake; it is scrap")
                            : tr("a new one, staked once it is set; a trial fit that is staked counts")};
    case found::Once::Other:
        break;
    }
    return {head, f.out ? tr("it is spoilt when it comes off") : tr("a new one; a trial fit counts")};
}

inline Sentence say(const found::SensorFirst& f, const SayContext& t) {
    return {tr("First of all the {part}: out sideways").with("part", inSentence(f.part)),
            tr("it reaches into the bore to {size}: nothing larger passes; keep its tip clean")
                .with("size", dia(t, f.tip_mm))};
}

inline Sentence say(const found::SensorLast& f, const SayContext&) {
    return {tr("Last of all the {part}").with("part", inSentence(f.part)),
            tr("wipe its tip; its gap to the encoder is as the machine’s drawing says")};
}

inline Sentence say(const found::FoundOtherWay& f, const SayContext&) {
    return {tr("The {part} was found the other way round than it is drawn").with("part", inSentence(f.part)),
            tr("the last hand may have been wrong, or the drawing: ask which is right, then tick its way round")};
}

inline Sentence say(const found::FoundAt& f, const SayContext& t) {
    const auto head = tr("As the {part} was found").with("part", inSentence(f.part));
    const auto depth = tr("{depth} below the face beside it").with("depth", t.d.size(f.depth_mm).text());
    if (f.depth_mm < 0) return {head, f.place};
    return {head, f.place.empty() ? std::string(depth) : std::string(depth) + "; " + f.place};
}

inline Sentence say(const found::LipFor& f, const SayContext&) {
    return {ofPart(f.keepsIn ? tr("{part}: its lip keeps grease or oil in")
                             : tr("{part}: its lip keeps water and dirt out"),
                   f.part),
            f.keepsIn ? tr("spring side towards the bearing") : tr("spring side away from the bearing")};
}

inline Sentence say(const found::AskTheLip& f, const SayContext&) {
    return {tr("Ask what the lip of the {part} is for").with("part", inSentence(f.part)),
            f.looksIn ? tr("as drawn its spring looks to the bearing and keeps grease in; outward where water must "
                           "stay out")
                      : tr("as drawn its spring looks outward and keeps water out; to the bearing where grease or oil "
                           "must stay in")};
}

inline Sentence say(const found::ReleaseTakenBack& f, const SayContext&) {
    if (f.station == job::name(job::Station::Close))
        return {tr("The release was taken back"),
                tr("nobody stands for it now: the machine does not go back until it is released again")};
    if (f.station == job::name(job::Station::Measure))
        return {tr("Measure was taken back"), tr("nothing goes in until it is finished again")};
    return {tr("The release of the {part} was taken back").with("part", inSentence(f.part)),
            tr("it was proven and is not now: prove it again before anything follows")};
}

inline Sentence say(const found::GoRound& f, const SayContext&) {
    const auto head = f.cutOuts > 0 ? tr("%n cut-outs: go round", "", f.cutOuts) : tr("Cut-outs: count them, go round");
    return {head, f.cutOuts == 3 ? tr("one after the other, a little at each, round and round")
                                 : tr("crosswise, a little at each, so that it does not cock")};
}

inline Sentence say(const found::PutInnerBack&, const SayContext&) {
    return {tr("Put the inner ring back in"),
            tr("to push or pull on; else the bore of the outer ring is taken: no collet grips where no ring is")};
}

inline Sentence say(const found::RingStays& f, const SayContext& t) {
    const auto detail = f.land_mm < 1
                            ? tr("no land for a knife or a claw behind it: grind a relief {short} short of the "
                                 "seat and split it")
                            : tr("{size} behind it for a knife or a claw; else grind a relief {short} short of "
                                 "the seat and split it");
    return {tr("If half the inner ring stays on the {part}").with("part", inSentence(f.hub)),
            detail.with("size", t.d.size(std::round(f.land_mm * 10) / 10).text())
                .with("short", t.d.size(kReliefShort_mm).text())};
}

inline Sentence say(const found::PlugTheHub& f, const SayContext& t) {
    return {tr("The {part} is hollow: a centre plug for the puller’s screw").with("part", inSentence(f.hub)),
            tr("for its bore of {size}").with("size", dia(t, f.bore_mm))};
}

inline Sentence say(const found::WarmTheRing& f, const SayContext& t) {
    return {tr("Or warm the ring fast to {rise} over the {part}")
                .with("rise", t.d.temperatureRise(f.over_K).text())
                .with("part", inSentence(f.hub)),
            tr("and let it drop: it is scrap; seals and grease off first, their char burns the skin")};
}

inline Sentence say(const found::WarmUpTo& f, const SayContext& t) {
    return {tr("Warm the {part} to {temp} at most")
                .with("part", inSentence(f.part))
                .with("temp", t.d.temperature(f.temp_C).text()),
            f.scrap ? tr("what comes out is scrap; hotter, its grease and seals char")
                    : tr("a sealed bearing stays in: its grease bears no more")};
}

inline Sentence say(const found::TiltForOil&, const SayContext&) {
    return {tr("Oil inside: tilt it away from the side you open"), tr("plug the opening with a clean rag")};
}

inline Sentence say(const found::CountParts& f, const SayContext&) {
    return {
        tr("Count what came out: %n parts", "", f.parts),
        tr("half rings, covers, balls and stumps too: a missing piece is still inside, and nothing goes in until it "
           "is found")};
}

// Going in.

inline Sentence say(const found::NumberOutward& f, const SayContext&) {
    return {tr("No way round of its own: {part}").with("part", inSentence(f.part)),
            tr("its number to the side where it can be read")};
}

inline Sentence say(const found::CollarSides& f, const SayContext&) {
    return {ofPart(tr("{part}: flat side to what it holds"), f.part),
            tr("the bevel to its retaining ring, if it has one")};
}

inline Sentence say(const found::StopsOnTheTube& f, const SayContext&) {
    return {ofPart(tr("{part} stops on the tube, not past it"), f.part),
            tr("home is where it touches the {tube}: watch the travel, hold no load").with("tube", inSentence(f.tube))};
}

inline Sentence say(const found::TubeCentred& f, const SayContext&) {
    return {tr("Centre the {part} with grease").with("part", inSentence(f.part)),
            tr("before the second bearing; try the mandrel through before that one is home")};
}

inline Sentence say(const found::SealByItsRim& f, const SayContext& t) {
    return {tr("Driver on the rim of the seal’s back"),
            (f.lipInside ? tr("{inner} to {outer}, nothing inside {lip}; never carry it by its lip")
                         : tr("{inner} to {outer}, nothing outside {lip}; never carry it by its lip"))
                .with("inner", dia(t, f.inner_mm))
                .with("outer", dia(t, f.outer_mm))
                .with("lip", dia(t, f.lip_mm))};
}

inline Sentence say(const found::SealDepth& f, const SayContext& t) {
    if (f.depth_mm < 0.05)
        return {tr("Seal flush with the face"), tr("a driver that overlaps the face brings it there")};
    return {tr("Seal {depth} below the face").with("depth", t.d.size(f.depth_mm).text()),
            tr("a stepped driver brings it there")};
}

inline Sentence say(const found::CoverTheSteps& f, const SayContext& t) {
    return {tr("Grease the lip of the {part}, cover what passes it").with("part", inSentence(f.seal)),
            tr("splines, threads and steps up to {size} go through a lip of {lip}; carry the shaft, do not drag it")
                .with("size", dia(t, f.largest_mm))
                .with("lip", dia(t, f.lip_mm))};
}

inline Sentence say(const found::LipRunsOn& f, const SayContext& t) {
    return {tr("The lip runs on the {part}").with("part", inSentence(f.part)),
            tr("its outside is {size}: the seal must be made for that").with("size", dia(t, f.dia_mm))};
}

inline Sentence say(const found::GapLowest&, const SayContext&) {
    return {tr("Gap of the ring lowest"),
            tr("as it will stand in the machine, so that water drains; probe it all round")};
}

inline Sentence say(const found::ComesOutBy& f, const SayContext& t) {
    const auto name = methodNamed(f.method);
    return {tr("How it will come out again: {method}").with("method", name),
            f.value_mm > 0 ? t.sizes(tr("{value} to take hold of"), std::round(f.value_mm * 10) / 10) : std::string()};
}

inline Sentence say(const found::NeverComesOut& f, const SayContext&) {
    return {tr("The {part} will not come out again whole").with("part", inSentence(f.part)),
            tr("no land, notch or thread to take hold of: be sure before it goes in")};
}

inline Sentence say(const found::RunNutByHand& f, const SayContext&) {
    return {ofPart(tr("{part}: run it by hand over its whole thread"), f.part),
            tr("a torn thread is a replaced spindle")};
}

inline Sentence say(const found::PinClear&, const SayContext&) {
    return {tr("Legs of the pin clear of cap and boot"), tr("bent so that nothing rubs on them")};
}

inline Sentence say(const found::CapOnItsRim&, const SayContext&) {
    return {tr("Drive the cap on its rim"), tr("by a ring, round and round, never on its middle")};
}

inline Sentence say(const found::WetTheBearing&, const SayContext&) {
    return {tr("Oil it by hand before the first turn"), tr("then refill to the level")};
}

inline Sentence say(const found::WayRoundContradicts& f, const SayContext&) {
    return {tr("The way round of the {part} contradicts the drawing").with("part", inSentence(f.part)),
            tr("the section shows it the other way: settle which is right")};
}

// Hot and cold, and closing.

inline Sentence say(const found::TryItCold&, const SayContext&) {
    return {tr("Try the whole stack cold first"),
            tr("sleeve, support, stroke and reach, before anything leaves oven or freezer")};
}

inline Sentence say(const found::TemperatureDecides&, const SayContext&) {
    return {tr("The temperature decides, not the minutes"), tr("measured in three places; minutes are for planning")};
}

inline Sentence say(const found::ThroughItsElements& f, const SayContext& t) {
    return {tr("It goes in by its shaft alone, through the rolling elements of the {part}")
                .with("part", inSentence(f.part)),
            f.limit_N > 0
                ? tr("sliding fit or a warm bore; {force} at most, a tenth of its axial rating; no hammer on the "
                     "shaft’s end")
                      .with("force", t.d.force(f.limit_N).text())
                : tr("sliding fit or a warm bore: it carries no axial load at all; no hammer on the shaft’s end")};
}

inline Sentence say(const found::MethodLeaves& f, const SayContext& t) {
    const auto verdict = f.least_mm < 0                  ? tr("it can leave preload; set it by the indicator")
                         : f.times > 1.5                 ? tr("about {times} times too much; set it by the indicator")
                         : f.times > 0 && f.times < 0.67 ? tr("too little; set it by the indicator")
                                                         : tr("not wholly inside the band; set it by the indicator");
    return {tr("This method leaves {range} of end play: {method}")
                .with("range", t.d.fineRange(f.least_mm, f.most_mm) + " " + t.d.fine(0).unit)
                .with("method", inSentence(settingMethodNamed(f.method))),
            verdict.with("times", decimals(f.times, 1))};
}

inline Sentence say(const found::DragBare&, const SayContext&) {
    return {tr("Read the drag bare, before the clamp, then at each step of torque"),
            tr("belts, seals and brakes off, or named: they drag as well")};
}

inline Sentence say(const found::OilTheThread& f, const SayContext&) {
    return {tr("Oil the thread of {bolt}, start it square").with("bolt", f.bolt), tr("hand wrench only")};
}

inline Sentence say(const found::SeatIsScrap& f, const SayContext&) {
    return {tr("Measure has scrapped a seat: {part}").with("part", inSentence(f.part)),
            tr("nothing goes on it until it is sleeved, replaced or overruled")};
}

inline Sentence say(const found::PartMissing& f, const SayContext&) {
    return {tr("Missing: {part}").with("part", inSentence(f.part)), tr("tick it at Intake when it is on the bench")};
}

inline Sentence say(const found::CauseUnknown&, const SayContext&) {
    return {tr("What killed the old bearing is not said"),
            tr("unknown, it may do so again: say it, and what was done")};
}

inline Sentence say(const found::CauseStays& f, const SayContext&) {
    return {tr("What was done about it? {cause}").with("cause", f.cause), tr("or the new bearing goes the same way")};
}

inline Sentence say(const found::FilletClears& f, const SayContext& t) {
    return {tr("{part}: its corner clears the fillet").with("part", capital(f.part)),
            t.sizes(tr("fillet {value}, corner {limit} at least: curved side against it"), f.fillet_mm, f.corner_mm)};
}

inline Sentence say(const found::FilletTooLarge& f, const SayContext& t) {
    return {tr("{part} will ride on the fillet").with("part", capital(f.part)),
            t.sizes(tr("fillet {value}, its corner may be as small as {limit}: it is never home; a ring between, or "
                       "turn the fillet down"),
                    f.fillet_mm, f.corner_mm)};
}

inline Sentence say(const found::CentredBy& f, const SayContext&) {
    return {tr("{part} centres itself").with("part", f.tool),
            f.pilot ? tr("by its pilot in the ring") : tr("by the bore it goes in")};
}

inline Sentence say(const found::RingWasHot&, const SayContext&) {
    return {tr("Straw or blue: replace it, even if it feels good"), tr("heat has softened it; what it ran on as well")};
}

inline Sentence say(const found::EarsAndAir&, const SayContext&) {
    return {tr("Ear protection when striking"), tr("never spin a bearing with compressed air")};
}

} // namespace arbor::words
