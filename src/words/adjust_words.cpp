#include "words/adjust_words.h"

#include "words/order_words.h"

#include <cmath>
#include <fmt/format.h>
#include <map>

namespace arbor::words {

namespace {

using adjust::School;

std::string turned(double turn_deg) {
    if (std::abs(turn_deg) < 0.05) return "Where it stands";
    return fmt::format("{} by {:.0f}°", turn_deg > 0 ? "Back off" : "On", std::abs(turn_deg));
}

/// What is done with the nut after another washer is in.
std::string there(double turn_deg) {
    if (std::abs(turn_deg) < 0.05) return " at this slot";
    return fmt::format(", then {} by {:.0f}°", turn_deg > 0 ? "back off" : "tighten", std::abs(turn_deg));
}

std::string checkTitle(const std::string& name) {
    static const std::map<std::string, job::SeatCheck> checks{{"groove_all_round", job::SeatCheck::GrooveAllRound},
                                                              {"ring_side", job::SeatCheck::RingSide},
                                                              {"ring_gap", job::SeatCheck::RingGap},
                                                              {"inner_stays", job::SeatCheck::InnerStays},
                                                              {"turns", job::SeatCheck::Turns},
                                                              {"seal_flush", job::SeatCheck::SealFlush}};
    const auto found = checks.find(name);
    return found == checks.end() ? name : seatCheck(found->second).head;
}

Said sayPlay(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::PlayNotMeasured:
        return {"Wanted: " + d.fineRange(a.value, a.limit) + " " + d.fine(0).unit,
                "push and pull, and read the indicator"};
    case Finding::PlayInBand:
        return {"End play " + d.fine(a.value).text(), "inside the band"};
    case Finding::PlayTooLarge:
        return {"Too much end play", d.fine(a.value).text() + ", " + d.fine(a.limit).text() + " at most"};
    case Finding::PlayTooSmall:
        return {a.value < 0 ? "Preloaded" : "Too little end play",
                d.fine(a.value).text() + ", " + d.fine(a.limit).text() + " at least"};
    case Finding::SlotFits:
        return {turned(a.value) + ": end play " + d.fine(a.limit).text(),
                "pin it there, then read the indicator again"};
    case Finding::NoSlotFits:
        return {"No slot gives it", d.fine(a.value).text() + " from one place to the next"};
    case Finding::FaceWasher:
        return {"Face " + d.size(a.value).text() + " off the washer" + there(a.limit),
                "a thinner washer adds end play: that brings it to the middle of the band"};
    case Finding::ThickerWasher:
        return {"Add " + d.size(a.value).text() + " under the nut" + there(a.limit),
                "a thicker washer takes end play away: that brings it to the middle of the band"};
    case Finding::ShimsFromStock:
        return {"From stock: " + a.subject + " = " + d.size(a.value).text(), "end play " + d.fine(a.limit).text()};
    case Finding::NoShimsInStock:
        return {"No shims in stock come near", "a thicker washer, or the other way"};
    case Finding::OnToNextSlot:
        return {a.value > 0.05 ? fmt::format("On by {:.0f}° to the next slot", a.value)
                               : "The slot stands over its hole",
                "under clamp load a castle nut only ever goes on, never back"};
    case Finding::BedTheRollers:
        return {"Turn it while tightening", "the rollers must find their rib first"};
    case Finding::ClampShortens:
        return {"The clamp takes " + d.fine(a.value).text(), d.force(a.limit).text() + " in spacer and rings"};
    case Finding::SpacerToLength:
        return {"Spacer to " + d.size(a.value).text(),
                "it has " + d.size(a.limit).text() +
                    (a.value < a.limit ? ": grind it, both ends true" : ": a longer one, or shims")};
    case Finding::WarmthTakesPlay:
        return {a.value >= 0 ? "At work " + d.fine(a.value).text() + " less"
                             : "At work " + d.fine(-a.value).text() + " more",
                a.subject.empty() ? "between bench and work" : d.fine(a.limit).text() + " is left then"};
    case Finding::RollingTorqueIs:
        return {"It rolls with " + d.torque(a.value).text(),
                a.limit > 0 ? d.torque(a.limit).text() + (a.value > a.limit ? " at most" : " at least")
                            : "pull on the string times its radius"};
    default:
        return {};
    }
}

Said sayProof(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::RingNotProbed:
        return {fmt::format("Ring felt at {:.0f} of {:.0f} places", a.value, a.limit),
                "probe all round: it must sit in its groove everywhere"};
    case Finding::RingAloneHolds:
        return {"The retaining ring alone holds the " + inSentence(a.subject),
                "felt in its groove all round before anything is lifted or loaded"};
    case Finding::CheckMissing:
        return {checkTitle(a.subject) + "?", "not looked at yet"};
    case Finding::CheckBad:
        return {checkTitle(a.subject) + ": no", "put it right, or sign for it with the reason"};
    case Finding::DragHigh:
        return {"It turns hard",
                d.torque(a.value).text() + "; one of its size takes up to " + d.torque(a.limit).text()};
    case Finding::OtherRingOff:
        return {a.subject + (a.severity == Severity::Stop ? ": not as it should be" : ": home is not proven"),
                "its readings say why: choose it above the clock"};
    case Finding::OtherRingNotRead:
        return {fmt::format("{}: {:.0f} of {:.0f} readings", a.subject, a.value, a.limit),
                "it was pressed as well: choose it above the clock"};
    case Finding::SignedFor:
        return {"Signed for", a.subject};
    default:
        return {};
    }
}

Said sayClose(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::NotTightened:
        return {a.subject + ": not tightened",
                a.value > 0 ? d.torque(a.value).text() + " wanted" : "by the machine maker's figure"};
    case Finding::TorqueOff:
        return {a.subject + ": " + d.torque(a.value).text(), d.torque(a.limit).text() + " wanted, within 5 %"};
    case Finding::NotRenewed:
        return {a.subject + ": new ones", "they are used once"};
    case Finding::NotLocked:
        return {a.subject + ": not locked yet", "pin, stake, tab or paste as it was made"};
    case Finding::RunInHot:
        return {"Run-in too hot",
                fmt::format("{:.0f} K over the room, {:.0f} allowed: stop, let it cool, look at play and grease",
                            a.value, a.limit)};
    case Finding::RunInRising:
        return {fmt::format("Run-in: {:.0f} K over the room", a.value),
                a.limit > 0 ? fmt::format("still rising by {:.0f} K an hour", a.limit)
                            : "read again in a quarter of an hour"};
    case Finding::RunInSettled:
        return {fmt::format("Run-in: settled {:.0f} K over the room", a.value), "it runs as it should"};
    case Finding::NotReleased:
        return {"Not released yet", "by the person authorised for it, where one is needed"};
    default:
        return {};
    }
}

std::vector<std::string> spacerSteps(const plan::AdjustPlan& p, const Display& d) {
    return {"Everything clean, spacer in, nut on by hand. Turn the hub while tightening.",
            "Push and pull, and read the indicator at hand torque. Write it down.",
            "Tighten to full torque in steps, always turning. Stop if it drags: the spacer is too short.",
            "Full torque: read end play again, wanted " + d.fineRange(p.target_mm.lower, p.target_mm.upper) + " " +
                d.fine(0).unit + ".",
            "Out of the band: spacer off, grind or shim it, both ends true, and again."};
}

} // namespace

std::string schoolName(School school) {
    switch (school) {
    case School::Indicator:
        return "Indicator, set and read";
    case School::NextSlotLoose:
        return "Tight, back off, finger tight, next slot";
    case School::PartOfATurn:
        return "Tight, back off part of a turn";
    case School::WasherMoves:
        return "Washer just moves under a screwdriver";
    case School::SnugTwice:
        return "Snug, loosen, snug";
    }
    return {};
}

std::vector<std::string> adjustSteps(const plan::AdjustPlan& p, School school, const Display& d) {
    if (p.onSpacer()) return spacerSteps(p, d);
    const std::string bed = "Tighten while turning both ways, five turns or more, to bed the rollers.";
    const std::string read = "Push and pull, and read the indicator: wanted " +
                             d.fineRange(p.target_mm.lower, p.target_mm.upper) + " " + d.fine(0).unit + ".";
    const std::string lock = "Lock it, and read once more.";
    switch (school) {
    case School::Indicator:
        return {bed, "Back off until it is free.", "Set the nut by the indicator.", read, lock};
    case School::NextSlotLoose:
        return {bed, "Back off a quarter of a turn.", "Finger tight.", "Back to the next slot, never on.", read, lock};
    case School::PartOfATurn:
        return {bed, "Back off by the part of a turn that is set here.", read, lock};
    case School::WasherMoves:
        return {bed, "Back off until it is free.", "On until the washer just moves under a screwdriver.", read, lock};
    case School::SnugTwice:
        return {bed, "Loosen.", "Snug again, by hand and a short wrench.", read, lock};
    }
    return {};
}

Said verdict(const plan::AdjustPlan& p, const Display& d) {
    if (!p.play_mm) return {"End play is not measured yet", p.pair.first + " against " + p.pair.second + "."};
    if (p.inBand()) return {"In the band", d.fine(*p.play_mm).text() + " of end play."};
    if (p.choice && p.choice->best)
        return {"Another slot gives it", turned(p.choice->places[*p.choice->best].turn_deg) + "."};
    if (p.choice) return {"No slot gives it", "Face the washer, or add under the nut."};
    return {*p.play_mm > p.target_mm.upper ? "Too much end play" : "Too tight", d.fine(*p.play_mm).text() + "."};
}

std::string adjustLine(const std::optional<plan::AdjustPlan>& plan, const Display& d) {
    if (!plan) return "no pair to set";
    return plan->play_mm ? "end play " + d.fine(*plan->play_mm).text() : "end play not measured";
}

Said seatCheck(job::SeatCheck check) {
    switch (check) {
    case job::SeatCheck::GrooveAllRound:
        return {"Groove shows all round", "evenly above the ring, no shadow on one side"};
    case job::SeatCheck::RingSide:
        return {"Sharp edge to the load", "bevel away from the bearing"};
    case job::SeatCheck::RingGap:
        return {"Gap of the ring down", "so that water drains"};
    case job::SeatCheck::InnerStays:
        return {"Inner ring in its place", "not pushed out while pressing"};
    case job::SeatCheck::Turns:
        return {"Turns smoothly by hand", "no click, no rough place"};
    case job::SeatCheck::SealFlush:
        return {"Seal flush and square", "to its depth, the same all round"};
    }
    return {};
}

std::string patternName(job::Pattern pattern) {
    return pattern == job::Pattern::Star ? "star" : pattern == job::Pattern::Round ? "round" : "single";
}

std::string lockingName(job::Locking locking) {
    switch (locking) {
    case job::Locking::None:
        return "none";
    case job::Locking::Pin:
        return "pin";
    case job::Locking::Stake:
        return "stake";
    case job::Locking::Tab:
        return "tab";
    case job::Locking::Paste:
        return "paste";
    }
    return {};
}

Said sayAdjust(const Advice& advice, const Display& display) {
    for (const auto speak : {sayPlay, sayProof, sayClose})
        if (auto said = speak(advice, display); !said.head.empty()) return said;
    return {};
}

namespace {

std::string between(double least, double most) {
    const auto low = fmt::format("{:.0f}", least), high = fmt::format("{:.0f}", most);
    return low == high ? low : low + "…" + high;
}

} // namespace

std::vector<Said> greaseLines(const adjust::Fill& all, const adjust::Grease& grease) {
    constexpr const char* kCavity[] = {"Cavity, a third to a half", "Cavity, a third", "Cavity, a half"};
    const auto name = grease.name.empty() ? std::string("Grease") : grease.name;
    const auto grams = between(all.least_g, all.most_g) + " g";
    const auto whole =
        grease.stroke_g > 0 ? grams + ", " + between(all.leastStrokes, all.mostStrokes) + " strokes" : grams;
    if (all.cavity_cm3 <= 0) return {{name + ", bearings full", whole}};
    return {{"Bearings, packed full", between(all.bearing_g, all.bearing_g) + " g"},
            {kCavity[static_cast<int>(grease.cavity)],
             between(all.least_g - all.bearing_g, all.most_g - all.bearing_g) + " g"},
            {name, whole}};
}

} // namespace arbor::words
