#include "words/tooling_words.h"

#include "words/language.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/strip_words.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace arbor::words {

std::string partWord(const std::string& part) {
    if (part == "seal") return tr("seal");
    if (part == "lip") return tr("lip");
    if (part == "bore") return tr("bore");
    return inSentence(subjectWord(part));
}

std::string rejectionGroup(const AdviceList& findings) {
    const auto stop =
        std::find_if(findings.begin(), findings.end(), [](const Advice& f) { return f.severity == Severity::Stop; });
    if (stop == findings.end()) return {};
    const auto is = [&]<class... Kind>(found::Kinds<Kind...> /*of*/) { return (stop->is<Kind>() || ...); };
    const auto* lands = stop->get<found::LandsOnInnerRing>();
    const auto* misses = stop->get<found::MissesFace>();
    if (lands) return lands->outside_mm < lands->face_mm ? tr("too small") : tr("too large");
    if (misses) return misses->tool_mm < misses->face_mm ? tr("too small") : tr("too large");
    if (stop->is<found::TouchesPart>()) return tr("too small");
    if (is(found::Kinds<found::CatchesInBore, found::StandsOnWhatStays>{})) return tr("too large");
    if (stop->is<found::EndsInsideBore>()) return tr("too short");
    if (is(found::Kinds<found::FaceOverloaded, found::SleeveBuckles, found::PlateBends>{})) return tr("too weak");
    if (stop->is<found::BoltDoesNotPass>()) return tr("closed to the bolt");
    return tr("not suitable");
}

std::string rejectionSummary(const std::vector<tooling::Candidate>& candidates) {
    std::map<std::string, int> groups;
    int all = 0;
    for (const auto& c : candidates) {
        if (c.usable()) continue;
        ++all;
        ++groups[rejectionGroup(c.check.findings)];
    }
    if (all == 0) return tr("Every sleeve on the rack would do.");
    std::string parts;
    for (const auto& [group, count] : groups)
        parts += (parts.empty() ? "" : ", ") + std::to_string(count) + " " + group;
    return tr("%n on the rack do not fit: {groups}.", "", all).with("groups", parts);
}

std::string kindName(catalog::ToolKind kind) {
    using catalog::ToolKind;
    switch (kind) {
    case ToolKind::Sleeve:
        return tr("press sleeve");
    case ToolKind::Disc:
        return tr("disc");
    case ToolKind::Adapter:
        return tr("stepped adapter");
    case ToolKind::Socket:
        return tr("socket");
    case ToolKind::OldRing:
        return tr("old ring, ground");
    case ToolKind::Support:
        return tr("support ring");
    case ToolKind::Receiver:
        return tr("receiving sleeve");
    case ToolKind::Plate:
        return tr("plate");
    case ToolKind::Blocks:
        return tr("V-blocks");
    case ToolKind::Spacer:
        return tr("spacer");
    case ToolKind::Separator:
        return tr("separator");
    case ToolKind::JawPuller:
        return tr("jaw puller");
    case ToolKind::Collet:
        return tr("internal collet");
    case ToolKind::SlideHammer:
        return tr("slide hammer");
    case ToolKind::DrawBolt:
        return tr("draw-bolt set");
    case ToolKind::HollowRam:
        return tr("hollow ram");
    case ToolKind::Drift:
        return tr("drift");
    case ToolKind::Splitter:
        return tr("grinder and chisel");
    }
    return {};
}

std::string sizesOf(const catalog::Tool& t, const Display& d) {
    using catalog::ToolKind;
    const auto opening = [&] { return d.size(t.least_mm).number + "…" + d.size(t.most_mm).number; };
    switch (t.kind) {
    case ToolKind::Separator:
    case ToolKind::Blocks:
        return tr("opens {range}, {height} high").with("range", opening()).with("height", d.size(t.length_mm).number);
    case ToolKind::JawPuller:
        return tr("opens {range}, reach {reach}").with("range", opening()).with("reach", d.size(t.reach_mm).number);
    case ToolKind::Collet:
        return "Ø" + opening();
    case ToolKind::DrawBolt:
        return t.thread + " × " + d.size(t.length_mm).number + ", " + t.strengthClass;
    case ToolKind::HollowRam:
        return tr("Ø{bore} through, stroke {stroke}")
            .with("bore", d.size(t.boreDia_mm).number)
            .with("stroke", d.size(t.stroke_mm).number);
    case ToolKind::SlideHammer:
    case ToolKind::Drift:
    case ToolKind::Splitter:
        return t.name;
    default:
        if (!(t.pilotLength_mm > 0)) return toolSizes(t, d);
        return tr("{sizes}, pilot Ø{pilot}").with("sizes", toolSizes(t, d)).with("pilot", d.size(t.pilotDia_mm).number);
    }
}

std::string pressLine(const catalog::Press& p, const Display& d) {
    const auto [least, most] = std::minmax_element(p.notchDaylight_mm.begin(), p.notchDaylight_mm.end());
    auto daylight = d.size(*least).number;
    if (*most > *least) daylight += "…" + d.size(*most).number;
    std::string text = tr("{id}, {name}: {force}, stroke {stroke}, daylight {daylight}, gap {gap}")
                           .with("id", p.id)
                           .with("name", p.name)
                           .with("force", d.force(p.capacity_N).text())
                           .with("stroke", d.size(p.stroke_mm).number)
                           .with("daylight", daylight)
                           .with("gap", d.size(p.bedOpening_mm).number);
    if (!(p.throat_mm > 0)) return text;
    return tr("{press}, throat {size}").with("press", text).with("size", d.size(p.throat_mm).number);
}

std::string stepTitle(const plan::WorkStep& step) {
    const bool inBore = step.tasks.empty() || step.tasks.front().inBore != step.tasks.front().partnerMoves;
    const auto text =
        step.out ? (inBore ? tr("Get the {part} out of the {partner}") : tr("Get the {part} off the {partner}"))
                 : (inBore ? tr("Press the {part} into the {partner}") : tr("Press the {part} onto the {partner}"));
    return text.with("part", inSentence(step.label)).with("partner", inSentence(step.partnerLabel));
}

namespace {

std::string handName(const plan::HandSetup& hand) {
    if (!hand.tool) return tr("{method}: not on the rack").with("method", inSentence(methodName(hand.method)));
    if (hand.struck) return tr("hammer on {tool}, a little all round").with("tool", hand.tool->id);
    if (hand.jaws) return tr("jaw puller {tool}").with("tool", hand.tool->id);
    const auto text =
        hand.second ? tr("{method}: {tool} with {second}").with("second", hand.second->id) : tr("{method}: {tool}");
    return text.with("method", inSentence(methodName(hand.method))).with("tool", hand.tool->id);
}

} // namespace

std::string meansName(job::Means means) {
    switch (means) {
    case job::Means::Press:
        return tr("Press", "machine");
    case job::Means::DrawBolt:
        return tr("draw bolt, on the machine");
    case job::Means::Hand:
        return tr("by hand: no press, no bolt");
    case job::Means::Vice:
        return tr("bench vice");
    case job::Means::Own:
        return tr("its own nut or screws");
    }
    return {};
}

std::string wayName(const plan::StepSetup& way) {
    if (way.hand) return handName(*way.hand);
    if (way.own)
        return way.own->count > 1
                   ? tr("its own {count} screws {thread}").with("count", way.own->count).with("thread", way.own->thread)
                   : tr("its own nut {thread}").with("thread", way.own->thread);
    if (!way.pressed->choice) return tr("no stack from the rack");
    const auto& c = *way.pressed->choice;
    auto driver = c.driver ? c.driver->id : tr("bare ram").text();
    if (way.turned) driver = tr("{tool} (to be made)").with("tool", driver);
    const auto below = c.separator ? c.separator->id
                       : c.support ? c.support->id
                       : c.plate   ? c.plate->id
                                   : tr("the bed").text();
    if (c.press)
        return tr("{driver} on {support}, {press}")
            .with("driver", driver)
            .with("support", below)
            .with("press", c.press->id);
    const auto text = c.ram ? tr("{driver} and {support} on draw bolt {bolt} with ram {ram}").with("ram", c.ram->id)
                            : tr("{driver} and {support} on draw bolt {bolt}");
    return text.with("driver", driver)
        .with("support", c.support ? c.support->id : tr("the work itself").text())
        .with("bolt", c.bolt->id);
}

std::string wayDetail(const plan::StepSetup& way, const plan::WorkStep& step) {
    if (way.own) return tr("drawn home by its own thread");
    if (way.hand) return way.hand->second || way.hand->jaws ? tr("pulled, not pressed") : tr("by hand");
    const auto& task = step.tasks[way.task];
    return (task.turnedOver ? tr("push on the {face}, the {held} is carried; the work stands turned over")
                            : tr("push on the {face}, the {held} is carried"))
        .with("face", partWord(task.faceName))
        .with("held", partWord(task.still[task.holder].id));
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
    out.push_back({"", tr("the work, {part} carried").with("part", partWord(task.still[task.holder].id)), top});
    out.push_back({"", tr("{face}, to go").with("face", partWord(task.faceName)), task.travel_mm});
    add(c.driver, c.driver ? c.driver->length_mm : 0);
    for (const auto* spacer : c.spacers)
        add(spacer, spacer->length_mm);
    add(c.ram, c.ram ? c.ram->length_mm : 0);
    return out;
}

std::vector<Sentence> boltLines(const tooling::SetupChoice& c, const tooling::BoltPull& pull, const Display& d) {
    std::vector<Sentence> out{{c.driver ? tr("Bolt head below the work, turned nut on the driver")
                                        : tr("Bolt head below the work, turned nut on the work"),
                               tr("pilots into their bores before the nut is run down")}};
    if (pull.ramPressure_MPa) {
        out.push_back({tr("Ram at {pressure} at most")
                           .with("pressure", d.gauge(*pull.ramPressure_MPa, catalog::GaugeUnit::MegaPascal).text()),
                       tr("{pressure} on a gauge in bar")
                           .with("pressure", d.gauge(*pull.ramPressure_MPa * 10, catalog::GaugeUnit::Bar).text())});
    } else {
        const auto& torque = pull.load.torque_Nmm;
        out.push_back(
            {tr("Torque up to {torque}").with("torque", d.torque(torque.most / 1000).text()),
             (pull.thrustBearing ? tr("from {torque}, depending on friction; thrust bearing under the turned nut")
                                 : tr("from {torque}, depending on friction; greased washer under the turned nut"))
                 .with("torque", d.torque(torque.least / 1000).text())});
        if (pull.acrossFlats_mm)
            out.push_back({tr("Wrench {size} across flats").with("size", d.size(*pull.acrossFlats_mm).text()),
                           tr("two of them: one holds the head")});
        if (pull.wrench_mm > 0)
            out.push_back({tr("{force} by hand").with("force", d.force(pull.load.hand_N.most).text()),
                           tr("with the wrench of {size}; turned by hand, no impact wrench")
                               .with("size", d.size(pull.wrench_mm).text())});
    }
    out.push_back(
        {tr("Bolt bears {force}").with("force", d.force(std::min(pull.load.greatest_N, pull.load.stripForce_N)).text()),
         tr("90 % of yield with torsion, or the thread in the nut")});
    return out;
}

Sentence say(const tooling::NearestMiss& miss, const Display& d) {
    const auto &was = *miss.tool, &now = miss.mended;
    const bool turned = now.outsideDia_mm<was.outsideDia_mm, bored = now.boreDia_mm> was.boreDia_mm;
    const auto text = turned && bored
                          ? tr("Nearest miss: {tool} turned down to Ø{outside} and bored out to Ø{bore} would do")
                      : turned ? tr("Nearest miss: {tool} turned down to Ø{outside} would do")
                               : tr("Nearest miss: {tool} bored out to Ø{bore} would do");
    return {text.with("tool", was.id)
                .with("outside", d.size(now.outsideDia_mm).text())
                .with("bore", d.size(now.boreDia_mm).text()),
            tr("{size} to cut on the diameter").with("size", d.size(miss.cut_mm).text())};
}

} // namespace arbor::words
