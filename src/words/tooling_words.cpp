#include "words/tooling_words.h"

#include "words/order_words.h"
#include "words/strip_words.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <map>
#include <numbers>

namespace arbor::words {

namespace {

/// Whole stacks: press, stroke, bolt.
Said sayStack(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::StackTall:
        return {"Stack is too tall",
                decimals(a.value, 1) + " times its width, " + decimals(a.limit, 1) + " allowed: it can kick out"};
    case Finding::StackLoose:
        return {"Too many loose spacers", decimals(a.value, 0) + ", at most " + decimals(a.limit, 0)};
    case Finding::StrokeShort:
        return {"Ram runs out before home",
                d.size(a.value).text() + " needed with the reserve, stroke " + d.size(a.limit).text()};
    case Finding::NoNotchFits:
        return {"Stack does not go under the ram",
                d.size(a.value).text() + " with room, daylight " + d.size(a.limit).text()};
    case Finding::PressTooSmall:
        return {a.subject + " is too small",
                d.force(a.value).text() + " may be needed, it gives " + d.force(a.limit).text()};
    case Finding::NeedsSpacer:
        return {"Needs spacer " + a.subject, d.size(a.value).text() + " more height"};
    case Finding::OneStroke:
        return {"One stroke", d.size(a.value).text() + " of " + d.size(a.limit).text() + " used"};
    case Finding::TwoStrokes:
        return {"Two strokes: stop at " + d.size(a.value).text() + " and put in " + a.subject,
                d.size(a.limit).text() + " are engaged by then, the ring stands by itself"};
    case Finding::ThroatShort:
        return {a.subject + " has too little throat", "the work reaches " + d.size(a.value).text() +
                                                          " from its axis, the frame stands at " +
                                                          d.size(a.limit).text()};
    case Finding::BoltDoesNotPass:
        return {"The bolt does not go through " + a.subject,
                "Ø" + d.size(a.value).text() + " against Ø" + d.size(a.limit).text()};
    case Finding::BoltShort:
        return {a.subject + " is too short",
                d.size(a.value).text() + " between the nuts, " + d.size(a.limit).text() + " there"};
    case Finding::BoltOverstressed:
        return {a.subject + " would yield",
                d.pressure(a.value).text() + " with torsion, " + d.pressure(a.limit).text() + " allowed"};
    case Finding::ThreadStrips:
        return {"The thread of " + a.subject + " may strip",
                d.force(a.value).text() + " needed, " + d.force(a.limit).text() + " with safety"};
    case Finding::HandForceHigh:
        return {d.force(a.value).text() + " at the wrench of " + a.subject,
                "more than a hand holds steadily: a thrust bearing, a longer wrench or a hollow ram; no impact wrench"};
    case Finding::SplitRingParts:
        return {"The split inner ring would part", "one half is pushed, the other is held by its elements"};
    case Finding::DentsExpected:
        return {"Dents about " + d.fine(a.value).text() + " deep, at the pitch of the elements",
                d.fine(a.limit).text() + " is what the static load is allowed to leave"};
    default:
        return {};
    }
}

} // namespace

Said sayTool(const Advice& original, const Display& d) {
    auto a = original;
    a.subject = inSentence(a.subject);
    if (auto said = sayStack(a, d); !said.head.empty()) return said;
    switch (a.id) {
    case Finding::CoversFace:
        if (a.severity == Severity::Stop)
            return {"Covers only " + percent(a.value) + " of the " + a.subject, "that edge carries nothing"};
        return {"Covers " + percent(a.value) + " of the " + a.subject, "its free face, clear of seal and bore"};
    case Finding::TouchesPart:
        return a.severity == Severity::Stop
                   ? Said{"Too small: would push the " + a.subject,
                          "overlaps it by " + d.size(a.value).text() + " on the radius"}
                   : Said{"Close to the " + a.subject, d.size(-a.value).text() + " on the radius: centre it well"};
    case Finding::LandsOnInnerRing:
        return a.value < a.limit
                   ? Said{"Too small: on the " + a.subject + " only",
                          "Ø" + d.size(a.value).text() + " lies inside the face at Ø" + d.size(a.limit).text()}
                   : Said{"Too large: on the " + a.subject + " only",
                          "it does not reach in to the face at Ø" + d.size(a.limit).text()};
    case Finding::CatchesInBore:
        if (!a.subject.empty()) return {"Catches on the " + a.subject, d.size(a.value).text() + " in its way down"};
        return {"Too large: catches in the bore",
                d.size(a.value).text() + " too big for Ø" + d.size(a.limit).text() + " with room to run"};
    case Finding::EndsInsideBore:
        return {"Too short: stops " + d.size(a.value).text() + " before the end",
                "what stands on it meets the " + a.subject};
    case Finding::MissesFace:
        return a.value < a.limit
                   ? Said{"Too small: drops past the " + a.subject,
                          "Ø" + d.size(a.value).text() + " lies inside its face at Ø" + d.size(a.limit).text()}
                   : Said{"Too large: goes round the " + a.subject,
                          "bore Ø" + d.size(a.value).text() + " passes its face at Ø" + d.size(a.limit).text()};
    case Finding::StandsOnPart:
        return {"Would stand on the " + a.subject, "it must carry nothing"};
    case Finding::CarriesEdgeOnly:
        return {a.subject + " has only the edge of the work",
                d.size(a.value).text() + " wide, at least " + d.size(a.limit).text()};
    case Finding::LiesOnBeams:
        return {"The " + a.subject + " lies on two beams",
                "a gap of " + d.size(a.value).text() + " carries nothing: a ring under its rim"};
    case Finding::FallsThrough:
        return {a.subject + " does not carry the work",
                "Ø" + d.size(a.value).text() + " against Ø" + d.size(a.limit).text()};
    case Finding::TooLowFor:
        return {"Too low for the " + a.subject, d.size(std::max(0.0, a.value)).text() + " missing above the bed"};
    case Finding::FaceOverloaded:
        return {a.subject + " is overloaded",
                d.pressure(a.value).text() + " on its face, " + d.pressure(a.limit).text() + " allowed"};
    case Finding::SleeveBuckles:
        return {a.subject + " would buckle",
                "carries " + percent(a.value) + " of its column load, " + percent(a.limit) + " allowed"};
    case Finding::FallsInside:
        return {a.subject + " falls into what it stands on",
                "Ø" + d.size(a.value).text() + " goes through Ø" + d.size(a.limit).text()};
    case Finding::WrongKind:
        return a.severity == Severity::Stop
                   ? Said{a.subject + " cannot be used", "its thread or strength class says nothing"}
                   : Said{a.subject + " is not a sleeve", "tried as one all the same"};
    case Finding::BothFaces:
        return {"Pushes the " + a.subject + " along",
                "both faces are level and the other ring is free: no load between them"};
    case Finding::StandsOnWhatStays:
        return {"Would stand on the " + a.subject, d.size(a.value).text() + " of it lie under the edge"};
    case Finding::HardTool:
        return {a.subject + " is hard and can shatter", "pressed only, never struck; eye protection"};
    case Finding::ToolCondition:
        return {"Written on the tool: " + a.subject, "look at it before it is used"};
    case Finding::PlateBends:
        return {a.subject + " would bend",
                d.pressure(a.value).text() + " in its middle, " + d.pressure(a.limit).text() + " allowed"};
    case Finding::NoRoomBelow:
        return {"No room below: the " + a.subject + " is in the way",
                d.size(a.value).text() + " of " + d.size(a.limit).text() + " travel are lacking"};
    case Finding::NoRoomForKnife:
        return {a.subject + " does not go behind the ring", "its edge is " + d.size(a.limit).text() + " high"};
    case Finding::HoldsOtherRing:
        return {"The " + a.subject + " hangs by its rolling elements",
                a.severity == Severity::Stop ? "back it up from below: that is where the push arrives"
                                             : "nothing holds it from below: the bearing is scrap after this"};
    case Finding::HoldThroughElements:
        return {"Stop at contact, " + d.size(a.value).text() + ": do not hold",
                "what stops it passes the holding load on through the rolling elements"};
    case Finding::HoldThroughPart:
        return {"Stop at contact, " + d.size(a.value).text() + ": do not hold",
                "the holding load would go through the " + a.subject};
    case Finding::NothingStopsIt:
        if (a.subject.empty())
            return {"Nothing stops it: to depth, " + d.size(a.value).text() + " of travel", "no shoulder below it"};
        return {"Nothing stops it at home, " + d.size(a.value).text() + " of travel",
                "the " + a.subject + " stands " + d.size(a.limit).text() + " further on: it does not touch"};
    case Finding::StartTilt: {
        const double arcmin = a.value / a.limit * 10800 / std::numbers::pi;
        return {"Start it square within " + d.size(std::floor(a.value * 10) / 10).text() + " across",
                decimals(arcmin, 0) + " arc-min: what chamfer and lead-in leave; over that its edge shaves the bore"};
    }
    case Finding::WedgeDepth:
        return {"Keep it square by hand for the first " + d.size(a.value).text(),
                "up to there it can wedge in its " + d.fine(a.limit).text() + " of clearance"};
    case Finding::KnownToWork:
        return {a.subject + " did this before", "by the record of an earlier job"};
    case Finding::PullMayNotDo:
        return {a.subject + " may not be enough", "up to " + d.force(a.value).text() + " may be needed, it gives " +
                                                      d.force(a.limit).text() + ": warm the housing, or soak it first"};
    default:
        return {};
    }
}

std::string rejectionGroup(const AdviceList& findings) {
    for (const auto& f : findings) {
        if (f.severity != Severity::Stop) continue;
        switch (f.id) {
        case Finding::TouchesPart:
            return "too small";
        case Finding::LandsOnInnerRing:
            return f.value < f.limit ? "too small" : "too large";
        case Finding::CatchesInBore:
            return "too large";
        case Finding::MissesFace:
            return f.value < f.limit ? "too small" : "too large";
        case Finding::EndsInsideBore:
            return "too short";
        case Finding::FaceOverloaded:
        case Finding::SleeveBuckles:
        case Finding::PlateBends:
            return "too weak";
        case Finding::StandsOnWhatStays:
            return "too large";
        case Finding::BoltDoesNotPass:
            return "closed to the bolt";
        default:
            return "not suitable";
        }
    }
    return {};
}

std::string rejectionSummary(const std::vector<tooling::Candidate>& candidates) {
    std::map<std::string, int> groups;
    int all = 0;
    for (const auto& c : candidates) {
        if (c.usable()) continue;
        ++all;
        ++groups[rejectionGroup(c.check.findings)];
    }
    if (all == 0) return "Every sleeve on the rack would do.";
    std::string text = fmt::format("{} do not fit: ", all);
    std::string separator;
    for (const auto& [group, count] : groups) {
        text += fmt::format("{}{} {}", separator, count, group);
        separator = ", ";
    }
    return text + ".";
}

std::string kindName(catalog::ToolKind kind) {
    using catalog::ToolKind;
    static const std::map<ToolKind, std::string> names{{ToolKind::Sleeve, "press sleeve"},
                                                       {ToolKind::Disc, "disc"},
                                                       {ToolKind::Adapter, "stepped adapter"},
                                                       {ToolKind::Socket, "socket"},
                                                       {ToolKind::OldRing, "old ring, ground"},
                                                       {ToolKind::Support, "support ring"},
                                                       {ToolKind::Receiver, "receiving sleeve"},
                                                       {ToolKind::Plate, "plate"},
                                                       {ToolKind::Blocks, "V-blocks"},
                                                       {ToolKind::Spacer, "spacer"},
                                                       {ToolKind::Separator, "separator"},
                                                       {ToolKind::JawPuller, "jaw puller"},
                                                       {ToolKind::Collet, "internal collet"},
                                                       {ToolKind::SlideHammer, "slide hammer"},
                                                       {ToolKind::DrawBolt, "draw-bolt set"},
                                                       {ToolKind::HollowRam, "hollow ram"},
                                                       {ToolKind::Drift, "drift"},
                                                       {ToolKind::Splitter, "grinder and chisel"}};
    return names.at(kind);
}

std::string sizesOf(const catalog::Tool& t, const Display& d) {
    using catalog::ToolKind;
    const auto opening = [&] { return d.size(t.least_mm).number + "…" + d.size(t.most_mm).number; };
    switch (t.kind) {
    case ToolKind::Separator:
    case ToolKind::Blocks:
        return "opens " + opening() + ", " + d.size(t.length_mm).number + " high";
    case ToolKind::JawPuller:
        return "opens " + opening() + ", reach " + d.size(t.reach_mm).number;
    case ToolKind::Collet:
        return "Ø" + opening();
    case ToolKind::DrawBolt:
        return t.thread + " × " + d.size(t.length_mm).number + ", " + t.strengthClass;
    case ToolKind::HollowRam:
        return "Ø" + d.size(t.boreDia_mm).number + " through, stroke " + d.size(t.stroke_mm).number;
    case ToolKind::SlideHammer:
    case ToolKind::Drift:
    case ToolKind::Splitter:
        return t.name;
    default:
        return toolSizes(t, d) + (t.pilotLength_mm > 0 ? ", pilot Ø" + d.size(t.pilotDia_mm).number : std::string());
    }
}

std::string pressLine(const catalog::Press& p, const Display& d) {
    const auto [least, most] = std::minmax_element(p.notchDaylight_mm.begin(), p.notchDaylight_mm.end());
    auto text = p.id + ", " + p.name + ": " + d.force(p.capacity_N).text() + ", stroke " + d.size(p.stroke_mm).number +
                ", daylight " + d.size(*least).number;
    if (*most > *least) text += "…" + d.size(*most).number;
    text += ", gap " + d.size(p.bedOpening_mm).number;
    if (p.throat_mm > 0) text += ", throat " + d.size(p.throat_mm).number;
    return text;
}

std::string stepTitle(const plan::WorkStep& step) {
    const auto part = inSentence(step.label), partner = inSentence(step.partnerLabel);
    const bool inBore = step.tasks.empty() || step.tasks.front().inBore != step.tasks.front().partnerMoves;
    if (step.out) return "Get the " + part + (inBore ? " out of the " : " off the ") + partner;
    return "Press the " + part + (inBore ? " into the " : " onto the ") + partner;
}

std::string wayName(const plan::StepWay& way) {
    if (way.hand)
        return way.hand->jaws ? "jaw puller " + way.hand->tool->id
                              : inSentence(methodName(way.hand->method)) + ": " + way.hand->tool->id +
                                    (way.hand->second ? " with " + way.hand->second->id : std::string());
    if (!way.pressed->choice) return "no stack from the rack";
    const auto& c = *way.pressed->choice;
    const auto driver = (way.turned ? "turned " : "") + (c.driver ? c.driver->id : std::string("bare ram"));
    const auto below = c.separator ? c.separator->id : c.support ? c.support->id : c.plate ? c.plate->id : "the bed";
    if (c.press) return driver + " on " + below + ", " + c.press->id;
    return driver + " and " + (c.support ? c.support->id : "the work itself") + " on draw bolt " + c.bolt->id +
           (c.ram ? " with ram " + c.ram->id : std::string());
}

std::string wayDetail(const plan::StepWay& way, const plan::WorkStep& step) {
    if (way.hand) return way.hand->second || way.hand->jaws ? "pulled, not pressed" : "by hand";
    const auto& task = step.tasks[way.task];
    const auto held = inSentence(task.still[task.holder].id);
    return "push on the " + inSentence(task.faceName) + ", the " + held + " is carried" +
           (task.turnedOver ? "; the work stands turned over" : "");
}

std::vector<Piece> pieces(const tooling::SetupChoice& c, const tooling::Task& task, const Display& d) {
    std::vector<Piece> out;
    const auto add = [&](const catalog::Tool* tool, double height_mm) {
        if (tool) out.push_back({tool->id, kindName(tool->kind) + "  " + sizesOf(*tool, d), height_mm});
    };
    add(c.press ? nullptr : c.bolt, 0);
    add(c.plate, c.plate ? c.plate->length_mm : 0);
    add(c.support, c.support ? c.support->length_mm : 0);
    add(c.separator, c.separator ? c.separator->length_mm : 0);
    double top = 0;
    for (const auto& body : task.still)
        top = std::max(top, body.top());
    out.push_back({"", "the work, " + inSentence(task.still[task.holder].id) + " carried", top});
    out.push_back({"", inSentence(task.faceName) + ", to go", task.travel_mm});
    add(c.driver, c.driver ? c.driver->length_mm : 0);
    for (const auto* spacer : c.spacers)
        add(spacer, spacer->length_mm);
    add(c.ram, c.ram ? c.ram->length_mm : 0);
    return out;
}

std::vector<Said> boltLines(const tooling::SetupChoice& c, const tooling::BoltPull& pull, const Display& d) {
    std::vector<Said> out{{"Bolt head below the work, turned nut on the " + std::string(c.driver ? "driver" : "work"),
                           "pilots into their bores before the nut is run down"}};
    if (pull.ramPressure_MPa) {
        out.push_back({"Ram at " + d.gauge(*pull.ramPressure_MPa, catalog::GaugeUnit::MegaPascal).text() + " at most",
                       d.gauge(*pull.ramPressure_MPa * 10, catalog::GaugeUnit::Bar).text() + " on a gauge in bar"});
    } else {
        const auto& torque = pull.load.torque_Nmm;
        out.push_back({"Torque up to " + d.torque(torque.most / 1000).text(),
                       "from " + d.torque(torque.least / 1000).text() + " by the friction; " +
                           (pull.thrustBearing ? "thrust bearing" : "greased washer") + " under the turned nut"});
        if (pull.acrossFlats_mm)
            out.push_back(
                {"Wrench " + d.size(*pull.acrossFlats_mm).text() + " across flats", "two of them: one holds the head"});
        if (pull.wrench_mm > 0)
            out.push_back(
                {d.force(pull.load.hand_N.most).text() + " at the hand",
                 "with the wrench of " + d.size(pull.wrench_mm).text() + "; turned by hand, no impact wrench"});
    }
    out.push_back({"Bolt bears " + d.force(std::min(pull.load.greatest_N, pull.load.stripForce_N)).text(),
                   "90 % of yield with torsion, or the thread in the nut"});
    return out;
}

Said say(const tooling::NearestMiss& miss, const Display& d) {
    const auto &was = *miss.tool, &now = miss.mended;
    std::string how;
    if (now.outsideDia_mm < was.outsideDia_mm) how = "turned down to Ø" + d.size(now.outsideDia_mm).text();
    if (now.boreDia_mm > was.boreDia_mm)
        how += (how.empty() ? "" : " and ") + ("bored out to Ø" + d.size(now.boreDia_mm).text());
    return {"Nearest miss: " + was.id + " " + how + " would do",
            d.size(miss.cut_mm).text() + " to cut on the diameter"};
}

} // namespace arbor::words
