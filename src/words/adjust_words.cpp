#include "words/adjust_words.h"

#include "core/job/names.h"
#include "words/language.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

#include <cmath>

namespace arbor::words {

namespace {

using adjust::SettingMethod;

std::vector<std::string> spacerSteps(const plan::AdjustPlan& p, const Display& d) {
    return {tr("Everything clean, spacer in, nut on by hand. Turn the hub while tightening."),
            tr("Push and pull, and read the indicator at hand torque. Write it down."),
            tr("Tighten to full torque in steps, always turning. Stop if it drags: the spacer is too short."),
            tr("Full torque: read end play again, wanted {range}.")
                .with("range", d.fineRange(p.target_mm.lower, p.target_mm.upper) + " " + d.fine(0).unit),
            tr("Out of the band: remove the spacer, grind or shim it, both ends true, and start again.")};
}

} // namespace

std::string degrees(double turn_deg) {
    return decimals(std::abs(turn_deg), 0);
}

Text turned(double turn_deg) {
    if (std::abs(turn_deg) < 0.05) return tr("Leave the nut where it is");
    return (turn_deg > 0 ? tr("Back off by {angle}°") : tr("Tighten by {angle}°")).with("angle", degrees(turn_deg));
}

std::string settingMethodNamed(const std::string& key) {
    const auto method = job::named<SettingMethod>(key);
    return method ? settingMethodName(*method) : key;
}

std::string settingMethodName(SettingMethod school) {
    switch (school) {
    case SettingMethod::Indicator:
        return tr("Indicator, set and read");
    case SettingMethod::NextSlotLoose:
        return tr("Tight, back off, finger tight, next slot");
    case SettingMethod::PartOfATurn:
        return tr("Tight, back off part of a turn");
    case SettingMethod::WasherMoves:
        return tr("Washer just moves under a screwdriver");
    case SettingMethod::SnugTwice:
        return tr("Snug, loosen, snug");
    }
    return {};
}

std::vector<std::string> adjustSteps(const plan::AdjustPlan& p, SettingMethod school, const Display& d) {
    if (p.onSpacer()) return spacerSteps(p, d);
    const std::string bed = tr("Tighten while turning both ways, five turns or more, to seat the rollers.");
    const std::string read =
        tr("Push and pull, and read the indicator: wanted {range}.")
            .with("range", d.fineRange(p.target_mm.lower, p.target_mm.upper) + " " + d.fine(0).unit);
    const std::string lock = tr("Lock it, and read once more.");
    switch (school) {
    case SettingMethod::Indicator:
        return {bed, tr("Back off until it is free."), tr("Set the nut by the indicator."), read, lock};
    case SettingMethod::NextSlotLoose:
        return {bed,
                tr("Back off a quarter of a turn."),
                tr("Finger tight."),
                tr("Back off to the next slot, never tighten to it."),
                read,
                lock};
    case SettingMethod::PartOfATurn:
        return {bed, tr("Back off by the part of a turn that is set here."), read, lock};
    case SettingMethod::WasherMoves:
        return {bed, tr("Back off until it is free."), tr("Tighten until the washer just moves under a screwdriver."),
                read, lock};
    case SettingMethod::SnugTwice:
        return {bed, tr("Loosen."), tr("Snug again, by hand and a short wrench."), read, lock};
    }
    return {};
}

Sentence verdict(const plan::AdjustPlan& p, const Display& d) {
    if (!p.play_mm)
        return {tr("End play is not measured yet"),
                tr("{first} against {second}.").with("first", p.pair.first).with("second", p.pair.second)};
    if (p.inBand()) return {tr("In the band"), tr("{value} of end play.").with("value", d.fine(*p.play_mm).text())};
    if (!p.scrap.empty())
        return {tr("Scrap: {part}").with("part", inSentence(p.scrap)),
                tr("{value} with it: no end play to go by.").with("value", d.fine(*p.play_mm).text())};
    if (p.choice && p.choice->best)
        return {tr("Another slot gives the end play"), turned(p.choice->places[*p.choice->best].turn_deg).text() + "."};
    if (p.choice) return {tr("No slot gives the end play"), tr("Turn or grind the washer face, or add under the nut.")};
    return {*p.play_mm > p.target_mm.upper ? tr("Too much end play") : tr("Too tight"),
            d.fine(*p.play_mm).text() + "."};
}

std::string adjustLine(const std::optional<plan::AdjustPlan>& plan, const Display& d) {
    if (!plan) return tr("no pair to set");
    return plan->play_mm ? tr("end play {value}").with("value", d.fine(*plan->play_mm).text())
                         : tr("end play not measured");
}

Sentence seatCheck(job::SeatCheck check) {
    switch (check) {
    case job::SeatCheck::GrooveAllRound:
        return {tr("Groove shows all round"), tr("evenly above the ring, no shadow on one side")};
    case job::SeatCheck::RingSide:
        return {tr("Sharp edge to the load"), tr("bevel away from the bearing")};
    case job::SeatCheck::RingGap:
        return {tr("Gap of the ring down"), tr("so that water drains")};
    case job::SeatCheck::InnerStays:
        return {tr("Inner ring in its place"), tr("not pushed out while pressing")};
    case job::SeatCheck::Turns:
        return {tr("Turns smoothly by hand"), tr("no click, no rough place")};
    case job::SeatCheck::SealFlush:
        return {tr("Seal flush and square"), tr("to its depth, the same all round")};
    }
    return {};
}

std::string patternName(job::Pattern pattern) {
    switch (pattern) {
    case job::Pattern::Single:
        return tr("single");
    case job::Pattern::Star:
        return tr("star");
    case job::Pattern::Round:
        return tr("round");
    }
    return {};
}

std::string lockingName(job::Locking locking) {
    switch (locking) {
    case job::Locking::None:
        return tr("none");
    case job::Locking::Pin:
        return tr("pin");
    case job::Locking::Stake:
        return tr("stake");
    case job::Locking::Tab:
        return tr("tab");
    case job::Locking::Paste:
        return tr("paste");
    }
    return {};
}

namespace {

std::string grams(double least, double most) {
    const auto low = decimals(least, 0), high = decimals(most, 0);
    return (low == high ? low : low + "…" + high) + " g";
}

std::string strokes(double least, double most) {
    const auto low = decimals(least, 0), high = decimals(most, 0);
    return low == high ? low : low + "…" + high;
}

Text cavityName(adjust::CavityFill fill) {
    switch (fill) {
    case adjust::CavityFill::ThirdToHalf:
        return tr("Cavity, a third to a half");
    case adjust::CavityFill::Third:
        return tr("Cavity, a third");
    case adjust::CavityFill::Half:
        return tr("Cavity, a half");
    }
    return Text("");
}

} // namespace

std::vector<Sentence> greaseLines(const adjust::Fill& all, const adjust::Grease& grease) {
    const auto name = grease.name.empty() ? tr("Grease").text() : grease.name;
    auto whole = grams(all.least_g, all.most_g);
    if (grease.stroke_g > 0)
        whole = tr("{amount}, {count} strokes")
                    .with("amount", whole)
                    .with("count", strokes(all.leastStrokes, all.mostStrokes));
    if (all.cavity_cm3 <= 0) return {{tr("{grease}, bearings full").with("grease", name), whole}};
    return {{tr("Bearings, packed full"), grams(all.bearing_g, all.bearing_g)},
            {cavityName(grease.cavity), grams(all.least_g - all.bearing_g, all.most_g - all.bearing_g)},
            {name, whole}};
}

} // namespace arbor::words
