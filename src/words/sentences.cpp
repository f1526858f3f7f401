#include "words/sentences.h"

#include "words/adjust_words.h"
#include "words/heat_words.h"

#include "words/order_words.h"
#include "words/tooling_words.h"

#include "words/measure_words.h"
#include "words/order_words.h"

#include <cmath>
#include <fmt/format.h>
#include <map>

namespace arbor::words {

namespace {

Said sayFit(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::MeasuredReplacesClass:
        return {"Measured " + a.subject + " " + d.size(a.value).text() + " ± " + d.fine(a.limit).text(),
                "the measured size replaces the class"};
    case Finding::SmoothingLost:
        return {d.fine(a.value).text() + " lost to smoothing",
                "0.8 × (Rz of bore + Rz of ring): the peaks flatten on the way in"};
    case Finding::InterferenceIsMaleMinusFemale:
        return {"Interference is ring minus bore",
                "middle of both: " + d.fine(a.value).text() + " on the diameter, + is tight"};
    case Finding::MayBeLoose:
        return {"May be loose", "the loosest likely pair has " + d.fine(a.value).text() + " after smoothing"};
    case Finding::LooseFit:
        if (a.severity == Severity::Info)
            return {"Slides: likely " + d.fine(-a.value).text() + " of room", "the load stands still on this ring"};
        return {"Loose",
                "likely " + d.fine(a.value).text() + ": the ring would creep and wear the bore. Sleeve or replace it"};
    case Finding::MeasuredOutsideClass:
        return {"Measured size is outside " + a.subject, d.size(a.value).text() + " against " + d.size(a.limit).text()};
    case Finding::RingStressHigh:
        return {"Inner ring is stretched hard",
                d.pressure(a.value).text() + " against " + d.pressure(a.limit).text() + " in practice"};
    case Finding::SeatYields:
        return {"The bore would yield",
                d.pressure(a.value).text() + " pressure; its elastic limit is " + d.pressure(a.limit).text()};
    case Finding::ClearanceGone:
        return {percent(a.value) + " would run without clearance", "take a larger clearance group or an easier fit"};
    case Finding::ClearanceGroupAssumed:
        return {"Clearance of " + a.subject + " taken as for a deep groove bearing",
                "the standard gives no group for two-row angular contact; hold it against the bearing's own figure"};
    case Finding::MostSensitive:
        return {capital(a.subject) + " moves the clearance most",
                "its half band is " + d.fine(a.value).text() + " of clearance"};
    case Finding::LooseAtWork:
        return {"May be loose at work",
                "the loosest likely pair has " + d.fine(a.value).text() + " left when warm and turning"};
    case Finding::ShaftYields:
        return {"The part inside would yield",
                d.pressure(a.value).text() + " pressure; its elastic limit is " + d.pressure(a.limit).text()};
    case Finding::SpeedTakes:
        return {"Speed takes " + d.fine(a.value).text(), a.limit > 0
                                                             ? "the grip is gone at " + decimals(a.limit, 0) + " rpm"
                                                             : "it does not grip standing still either"};
    case Finding::WarmthGives:
        return {a.value < 0 ? "Warmth takes " + d.fine(-a.value).text() : "Warmth gives " + d.fine(a.value).text(),
                "of interference at the working temperatures"};
    case Finding::SleeveBetween:
        return {"Sleeve of " + a.subject + ", Ø" + d.size(a.value).text(),
                "hoop stress at its bore " + d.pressure(a.limit).text() + " in the worst case"};
    case Finding::SleeveDoesNotFit:
        return {"The sleeve does not fit", "outside " + d.size(a.value).text() + "; it must lie between the seat and " +
                                               (a.limit > 0 ? d.size(a.limit).text() : std::string("the rim"))};
    case Finding::RingTurnsUnderLoad:
        return {"The load goes round on the " + a.subject, "it must be tight, or it creeps: P/C " +
                                                               decimals(a.value, 2) +
                                                               ", size and kind of bearing say how tight"};
    case Finding::OtherRingSlides:
        return {"The " + a.subject + " may slide", "it stands still under the load and has to move as things get warm"};
    case Finding::OtherRingGuided:
        return {"The " + a.subject + " is guided",
                "it stands still under the load: easy to fit, without play to rattle"};
    case Finding::OneStepTighter:
        return {"One step tighter", a.subject};
    case Finding::WrongRingTight:
        return {"The " + a.subject + " is loose",
                "the load goes round on it: it will creep and wear its seat. Make this ring the tight one"};
    case Finding::NoHeatNeeded:
        return {"Drops in without heat", "even the tightest pair has room enough"};
    case Finding::FrictionLearned:
        return {"Friction " + decimals(a.value, 3) + " from " + a.subject + " good presses of this shop",
                "one scatters by " + decimals(a.limit, 3) + "; the band is where the next one lies, inside the book’s"};
    case Finding::FrictionBand:
        return {"Friction " + decimals(a.value, 2) + "…" + decimals(a.limit, 2),
                "steel in " + a.subject + ", practice band for this lubricant"};
    default:
        return {};
    }
}

Said sayPath(const Advice& original, const Display& d) {
    auto a = original;
    a.subject = inSentence(a.subject);
    switch (a.id) {
    case Finding::PathProven:
        return {"Force stays in the " + a.subject, "ram to bed without passing a rolling element"};
    case Finding::PathThroughElements: {
        const double share = a.limit > 0 ? a.value / a.limit : 0;
        if (a.severity == Severity::Look)
            return {"Scraps the bearing: up to " + d.force(a.value).text() + " through its elements",
                    "nothing else can be reached; the bearing is not used again"};
        if (!(a.limit > 0))
            return {"Up to " + d.force(a.value).text() + " through the rolling elements",
                    "this bearing carries no axial load at all: brinelling"};
        return {"Up to " + d.force(a.value).text() + " through the rolling elements",
                "axial static load rating " + d.force(a.limit).text() + ": " +
                    (share >= 1
                         ? std::string("brinelling, a dent at every element")
                         : percent(share) + " of it when square; cocked, a few elements take it all: brinelling")};
    }
    case Finding::PathThroughPart:
        return {"The press force would go through the " + a.subject,
                "up to " + d.force(a.value).text() + "; it must not be loaded"};
    case Finding::NoPath:
        return {"The press force does not reach the " + a.subject, "nothing carries it from ram to bed"};
    case Finding::RatingIsEstimate:
        return {"Axial static load rating is an estimate",
                a.value > 0 ? d.force(a.value).text() + ", by ISO 76 from stated geometry"
                            : "this bearing carries no axial load at all"};
    case Finding::RatingTyped:
        return {"Axial static load rating as entered", d.force(a.value).text()};
    default:
        return {};
    }
}

Said sayPress(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::WatchCrookedStart:
        return {"Early rise before " + d.size(std::round(a.value * 10) / 10).text(),
                "it started crooked: stop, lift, start again square"};
    case Finding::WatchSawTeeth:
        return {"Saw teeth", "dry or picking up: stop, oil, look at the bore"};
    case Finding::WatchGrip:
        return {"Any force on the way in", "it is warm and should drop in: it grips, so get it home at once or stop"};
    case Finding::WatchHome:
        return {"Stiff at " + d.size(a.value).text() + ": home",
                "hold " + d.force(a.limit).text() + " once, then measure"};
    case Finding::HoldLimited:
        return {"Hold is limited by the " + a.subject,
                d.force(a.value).text() + " wanted, " + d.force(a.limit).text() + " there"};
    case Finding::GaugeTooCoarse:
        return {"The gauge will hardly move",
                percent(a.value) + " of what the " + a.subject + " gives: a smaller press shows more"};
    case Finding::TraceGap:
        return {"Nothing was read from " + d.size(a.value).text() + " on",
                d.size(a.limit).text() + " of travel without a reading: the trace is not whole"};
    case Finding::TraceHeld:
        return {"Held with " + d.force(a.value).text() + " where it must not be held",
                "over the " + d.force(a.limit).text() + " of the slide it went through the elements: feel and turn it"};
    case Finding::TraceFrictionOff:
        return {"Friction " + decimals(a.value, 3) + (a.value < a.limit ? ", under " : ", over ") +
                    decimals(a.limit, 3),
                a.value < a.limit ? "slipperier or looser than this pair should be: check lubricant and sizes"
                                  : "drier or tighter than this pair should be: check lubricant, sizes and bore"};
    case Finding::TraceInBand:
        return {percent(a.value) + " of the trace lies in the band",
                a.severity == Severity::Info ? "as this seat should press"
                : a.value > 0.9              ? "but not with the friction of this pair"
                                             : "check where it leaves it"};
    case Finding::TraceAboveBand:
        return {"Above the band from " + d.size(a.value).text(),
                d.force(a.limit).text() + " there: crooked, dry or too tight"};
    case Finding::TraceBelowBand:
        return {"Below the band from " + d.size(a.value).text(),
                d.force(a.limit).text() + " there: looser than measured"};
    case Finding::TraceHome:
        return {"Stiff at " + d.size(a.value).text(), "the shoulder is at " + d.size(a.limit).text()};
    case Finding::TraceNoRise:
        return {"No stiff rise at the end",
                "as far as home, " + d.size(a.limit).text() + ", but not proven: hold it once"};
    case Finding::TraceOver:
        return {"Went past home",
                "to " + d.size(a.value).text() + "; the shoulder should be at " + d.size(a.limit).text()};
    case Finding::TraceSoft:
        return {"Soft where the shoulder should be", figures(a.value / 1000) + " kN/mm, a shoulder gives " +
                                                         figures(a.limit / 1000) +
                                                         " or more: is the force on the right ring?"};
    case Finding::TraceCocked:
        return {"Early peak at " + d.size(a.value).text(), d.force(a.limit).text() + " there: it started crooked"};
    case Finding::TraceGalling:
        return {a.limit > 0 ? "Saw teeth from " + d.size(a.value).text() : "The force grows out of proportion",
                "the surfaces pick up"};
    case Finding::TraceDropped:
        return {"Fell by " + d.force(a.limit).text() + " at " + d.size(a.value).text(),
                "the support or the stack moved"};
    case Finding::TraceGripped:
        return {"Free up to " + d.size(a.value).text() + ", then " + d.force(a.limit).text() + " at once",
                "it gripped on the way"};
    case Finding::HandBandWide:
        return {"A wrench tells the force within ±" + percent(a.value),
                "by the friction of thread and washer: the band is that much wider"};
    case Finding::HandNoForce:
        return {"A hammer tells no force", "the fit stays unproven: measure depth all round"};
    case Finding::HandStands:
        return {"Even, ringing, and no further", "the signs of a ring on its shoulder"};
    case Finding::HandStillMoved:
        return {"The last blows still moved it", "not home: go on, a few light blows all round at a time"};
    case Finding::HandDull:
        return {"The sound never turned", "it may stand on a chip, or on nothing: look under the ring"};
    case Finding::HandUneven:
        return {"The gap was not even all round", "crooked: bring the high side down first, or start again"};
    case Finding::TraceReleased:
        return {"Let go at " + d.force(a.limit).text(), "after " + d.size(a.value).text()};
    case Finding::TraceShort:
        return {"Stopped short", "at " + d.size(a.value).text() + ", home is at " + d.size(a.limit).text()};
    default:
        return {};
    }
}

Said saySeat(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::TooFewReadings:
        return {decimals(a.value, 0) + " of at least " + decimals(a.limit, 0) + " readings",
                "three fix a plane, four or more prove it"};
    case Finding::NoResidual:
        return {"Three readings prove no agreement", "a plane always fits three; take a fourth"};
    case Finding::ReadingsAgree:
        return {"Plane fits the readings",
                "largest miss " + d.fine(a.value).text() + " at " + a.subject + " o’clock: no chip, no burr"};
    case Finding::ReadingsDisagree:
        return {"Reading at " + a.subject + " o’clock stands out by " + d.fine(a.value).text(),
                "a chip, a burr or a misreading: " + d.fine(a.limit).text() + " is allowed"};
    case Finding::NotHome:
        return {"Short of the shoulder by " + d.fine(a.value).text(), d.fine(a.limit).text() + " is allowed"};
    case Finding::PastHome:
        return {"Deeper than it can go by " + d.fine(a.value).text(),
                "check the sizes of ring and seat, or the gauge's zero"};
    case Finding::Tilted:
        return {"High at " + a.subject + " o’clock",
                d.fine(a.value).text() + " across the seat, " + d.fine(a.limit).text() + " is allowed"};
    case Finding::HomeByTrace:
        return {"Home by the trace", "the press was stiff where the shoulder is"};
    case Finding::HomeNotMeasured:
        return {"Home is not measured", "an indicator tells square only: measure one depth, or keep a trace"};
    case Finding::HomeAndSquare:
        return {"Square", d.fine(a.value).text() + " across the seat, " + d.fine(a.limit).text() + " is allowed"};
    case Finding::SquareUncertain:
        return {"Square within what the gauge can tell", "could be " + d.fine(a.value).text() + " against " +
                                                             d.fine(a.limit).text() +
                                                             ": more readings or a finer gauge decide"};
    case Finding::GrooveOpen:
        return {"Groove open all round", d.fine(a.value).text() + " clear where it is least"};
    case Finding::GrooveCovered:
        return {"Groove covered at " + a.subject + " o’clock", "the ring stands " + d.fine(a.value).text() + " in it"};
    default:
        return {};
    }
}

} // namespace

Said say(const Advice& advice, const Display& display) {
    for (const auto speak : {sayFit, sayHeat, sayMeasure, sayPath, sayTool, sayPress, saySeat, sayAdjust})
        if (auto said = speak(advice, display); !said.head.empty()) return said;
    return {};
}

namespace {

std::string codeWords(ProblemCode code) {
    switch (code) {
    case ProblemCode::NotPositive:
        return "must be larger than zero";
    case ProblemCode::NotFinite:
        return "is not a finite number";
    case ProblemCode::GeometryOrder:
        return "does not go with the other sizes";
    case ProblemCode::OutOfRange:
        return "is out of range";
    case ProblemCode::UnknownClass:
        return "is no class that is known";
    case ProblemCode::NotDefined:
        return "does not exist at this size";
    case ProblemCode::UnknownName:
        return "is not known";
    case ProblemCode::NoSeat:
        return "has no seat";
    case ProblemCode::Malformed:
        return "cannot be read";
    case ProblemCode::Missing:
        return "is missing";
    case ProblemCode::Duplicate:
        return "is there twice";
    case ProblemCode::UnknownKey:
        return "is not a key that belongs here";
    case ProblemCode::Unreadable:
        return "cannot be opened";
    case ProblemCode::Unwritable:
        return "cannot be written";
    }
    return "is wrong";
}

} // namespace

std::string say(const Problem& p) {
    std::string text;
    if (!p.file.empty()) text += p.file + ": ";
    if (!p.field.empty()) text += p.field + ": ";
    text += (p.value.empty() ? std::string("it") : "“" + p.value + "”") + " " + codeWords(p.code);
    if (!p.limit.empty()) text += "; wanted: " + p.limit;
    return text;
}

std::string lubricantName(catalog::Lubricant lubricant) {
    switch (lubricant) {
    case catalog::Lubricant::Dry:
        return "dry and clean";
    case catalog::Lubricant::LightOil:
        return "light oil";
    case catalog::Lubricant::Grease:
        return "grease or paste";
    }
    return {};
}

std::string sideName(catalog::Side side) {
    switch (side) {
    case catalog::Side::None:
        return "none";
    case catalog::Side::Down:
        return "down";
    case catalog::Side::Up:
        return "up";
    case catalog::Side::Both:
        return "both sides";
    }
    return {};
}

std::string sourceName(const std::string& key) {
    static const std::map<std::string, std::string> names{{"DIN7190-1", "DIN 7190-1"},
                                                          {"ISO286-1", "ISO 286-1"},
                                                          {"ISO492", "ISO 492"},
                                                          {"ISO5753-1", "ISO 5753-1"},
                                                          {"ISO76", "ISO 76"},
                                                          {"HB1.1", "contacts of the section"},
                                                          {"HB4.1", "limits of both parts"},
                                                          {"ISO578", "ISO 578"},
                                                          {"DIN5425", "practice after DIN 5425-1"},
                                                          {"HB4.3", "linear expansion, turning rings"},
                                                          {"HB4.4", "Lamé"},
                                                          {"HB4.8", "force over area"},
                                                          {"HB4.9", "statics of the thread, VDI 2230"},
                                                          {"HB4.12", "peg in a hole"},
                                                          {"VDI2230-1", "VDI 2230-1"},
                                                          {"BEAM", "beam and plate theory"},
                                                          {"HB3.8", "practice"},
                                                          {"HB3.9", "practice"},
                                                          {"HB3.11", "practice"},
                                                          {"HB4.15", "pitch, contact angle, clamp"},
                                                          {"HB4.16", "free volume of the section"},
                                                          {"HB4.5", "Lamé"},
                                                          {"HB4.10", "linear expansion"},
                                                          {"HB4.11", "balance of heat"},
                                                          {"LOG", "this shop’s records"},
                                                          {"HB4.13", "least-squares plane"}};
    if (const auto found = names.find(key); found != names.end()) return found->second;
    return key.starts_with("HB") ? "practice" : key;
}

} // namespace arbor::words
