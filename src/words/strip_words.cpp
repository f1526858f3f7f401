#include "words/strip_words.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <fmt/format.h>

namespace arbor::words {

namespace {

using arrangement::Assembly;
using arrangement::Feature;
using arrangement::PartKind;
using route::Method;
using route::Parts;
using route::Why;

std::string names(const Assembly& a, Parts parts) {
    std::vector<std::string> out;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (parts & route::only(p)) out.push_back("the " + partName(a.parts[p]));
    return list(out);
}

bool isBearing(const arrangement::Part& part) {
    return part.kind == PartKind::Bearing;
}

std::string reason(const route::Removal& r, const std::string& ring, const std::string& partner, const Display& d) {
    const auto size = d.size(std::round(r.value_mm * 10) / 10).text(); // a tenth is plenty here
    switch (r.why) {
    case Why::LandBehind:
        return size + " of the ring’s back face show from behind";
    case Why::NoLandBehind:
        return r.value_mm > 0 ? "only " + size + " of its back face show from behind"
                              : "nothing of its back face shows from behind";
    case Why::OnlyThroughElements:
        return "only the other ring shows from behind: the force passes the rolling elements, so only for a bearing "
               "that is "
               "scrap; a split inner ring may part";
    case Why::ThroughBore:
        return "a bolt up to " + size + " goes right through, with a disc behind the ring";
    case Why::NoThroughBore:
        return "no room for a bolt right through";
    case Why::GapBehind:
        return "plates or jaws get " + (r.value_mm < 99 ? size : std::string("all the room they need")) + " behind it";
    case Why::NoGapBehind:
        return "no gap behind it for a knife edge";
    case Why::RingInBore:
        return "the " + ring + " sits in a bore, plates cannot get round it";
    case Why::Notches:
        return "the shoulder has notches: drive it crosswise, side to side";
    case Why::SpacerShifts:
        return "push the spacer tube aside, then " + size +
               " of a ring show behind it: side to side, a little at a time; what is "
               "struck is scrap";
    case Why::RimOutside:
        return "tap round under its rim, which stands " + size + " over the edge";
    case Why::BoreFree:
        return "the collet grips in its " + size + " bore; what it gripped is scrap";
    case Why::BoreFilled:
        return "its bore is not free";
    case Why::RingOnShaft:
        return r.method == Method::Split
                   ? "grind a relief not quite through and split it with a chisel; the " + partner + " stays whole"
                   : "the " + ring + " sits on the outside";
    case Why::WarmTheHousing:
        return "warm the " + partner + " evenly and let it drop";
    case Why::HeatTheRing:
        return "heat the " + ring + " quickly and let it drop";
    case Why::SealInTheHeat:
        return "a seal or encoder would be cooked";
    case Why::WouldCutTheSeat:
        return "grinding would cut the seat";
    case Why::NoRing:
        return "the " + ring + " is no ring";
    }
    return {};
}

std::string toolName(Method method) {
    switch (method) {
    case Method::Press:
        return "Press";
    case Method::DrawBolt:
        return "Draw-bolt set";
    case Method::Separator:
        return "Separator plates";
    case Method::Drift:
        return "Soft drift and hammer";
    case Method::Collet:
        return "Internal collet, slide hammer";
    case Method::HeatOff:
        return "Hot air or induction, gloves";
    case Method::Split:
        return "Grinding disc, chisel, face shield";
    }
    return {};
}

struct FeatureWords {
    const char* name;
    const char* how;
};
FeatureWords featureWords(Feature feature) {
    switch (feature) {
    case Feature::Encoder:
        return {"Encoder", "the magnetised side, found with a strip of magnetic paper; it faces the sensor"};
    case Feature::LargeEnd:
        return {"Large end of the taper", "the wide opening; the cones come in from there"};
    case Feature::SpringSide:
        return {"Spring side of the seal", "spring and lip face what is kept in"};
    case Feature::SharpEdge:
        return {"Sharp edge of the ring", "it takes the load; the rounded, stamped edge faces the bearing’s free side"};
    case Feature::CurvedSide:
        return {"Curved side of the ring", "the large radius goes to the shaft’s fillet"};
    case Feature::PilotSide:
        return {"Pilot side", "the stepped face; the wrong way round it stops short"};
    }
    return {"", ""};
}

} // namespace

std::string methodName(Method method) {
    switch (method) {
    case Method::Press:
        return "Press";
    case Method::DrawBolt:
        return "Draw bolt";
    case Method::Separator:
        return "Separator with press or puller";
    case Method::Drift:
        return "Drift";
    case Method::Collet:
        return "Internal collet or hook, slide hammer";
    case Method::HeatOff:
        return "Heat";
    case Method::Split:
        return "Grind and split";
    }
    return {};
}

std::string shapeName(const std::string& shape) {
    constexpr const char* kNames[] = {
        "one-shouldered bore", "bore, by draw bolt", "two cups in a hub", "pair on a spacer", "light roller",
        "bearing and collar",  "carrier plate",      "adjustable hub",    "shaft in a tube",  "seals and caps"};
    if (shape.size() != 1 || shape[0] < 'A' || shape[0] > 'J') return shape;
    return shape + " · " + kNames[shape[0] - 'A'];
}

std::string rustName(route::Rust rust) {
    switch (rust) {
    case route::Rust::None:
        return "clean";
    case route::Rust::Light:
        return "light rust";
    case route::Rust::Heavy:
        return "heavy rust";
    }
    return {};
}

Said say(const route::Removal& r, const plan::TightRing& ring, const Assembly& a, const Display& d) {
    return {methodName(r.method),
            reason(r, partName(a.parts[ring.site.ring]), partName(a.parts[ring.site.partner]), d)};
}

std::vector<std::string> cautions(Method method) {
    switch (method) {
    case Method::Press:
        return {"Guard up; stand clear of the line of force: it lets go with a bang."};
    case Method::DrawBolt:
        return {"Hand wrench only, and stand clear of the bolt’s line."};
    case Method::Separator:
        return {"Eye protection and guard: a hardened ring between plates can shatter."};
    case Method::Drift:
        return {"Eye protection; a soft drift, never hardened steel on hardened steel."};
    case Method::Collet:
        return {"Eye protection; keep fingers from between hammer and stop."};
    case Method::HeatOff:
        return {"Gloves; no torch near grease, solvent, sealed or pressurised cavities; not on galvanised or magnesium "
                "parts."};
    case Method::Split:
        return {"Eye and face protection: the ring flies when it splits. Keep sparks from grease and solvent."};
    }
    return {};
}

std::vector<Said> ifItGoesWrong(const Assembly& a, std::size_t part, const plan::TightRing* ring) {
    std::vector<Said> out;
    if (a.parts[part].kind == PartKind::RetainingRing)
        out.push_back({"If the ring breaks",
                       "Pick the stump out of its groove from the gap with a hooked scriber; count the pieces before "
                       "you go on."});
    if (!ring) return out;
    const auto& partner = a.parts[ring->site.partner];
    if (ring->site.support_mm >= 1)
        out.push_back({"Carry it on the " + partName(partner) + "’s face",
                       figures(ring->site.support_mm) +
                           " mm of it are free round the ring: not on studs, not on a thin "
                           "flange."});
    if (isBearing(partner) && !ring->site.inBore)
        out.push_back({"Support the inner ring", "or the force passes the rolling elements."});
    if (isBearing(partner) && ring->site.inBore)
        out.push_back(
            {"If the inner ring stays on the " + partName(a.parts[part]),
             "Separator plates behind it and press, or puller; no gap: relief grind and split; or heat it and "
             "let it drop."});
    if (ring->site.inBore && (isBearing(a.parts[part]) || a.parts[part].kind == PartKind::Cup))
        out.push_back({"Keep the old outer ring",
                       "Its outside ground undersize, it presses the new one home: pressed, never struck, eye "
                       "protection on."});
    return out;
}

Said kitLine(const route::KitLine& line, const Assembly& a) {
    if (line.use == route::KitUse::Grease)
        return {fmt::format("Grease, {} to {} g", figures(line.grease_g.least), figures(line.grease_g.likely)),
                fmt::format("a third to a half of the bearings; {} g pack them full", figures(line.grease_g.most))};
    if (line.use == route::KitUse::Tool) return {toolName(line.method), "to get a ring out"};
    const auto index = arrangement::indexOf(a, line.id);
    Said out{index ? partName(a.parts[*index]) : line.id,
             line.use == route::KitUse::New ? "new" : "new, or the old one if it is sound"};
    if (line.kind == PartKind::RetainingRing) out.detail = "new; the old one only if flat, springy and unworn";
    out.head = capital(out.head);
    return out;
}

std::string kitStop(const plan::StripPlan& strip) {
    if (strip.missing.empty()) return {};
    std::vector<std::string> what;
    for (const auto& id : strip.missing) {
        const auto line = std::find_if(strip.kit.begin(), strip.kit.end(), [&](const auto& l) { return l.id == id; });
        what.push_back(inSentence(kitLine(*line, strip.assembly).head));
    }
    return fmt::format("{} of the kit {} missing: ", what.size(), what.size() == 1 ? "is" : "are") + list(what);
}

Said wayRound(const arrangement::Part& part) {
    if (!part.wayRound) return part.linesUpWith.empty() ? Said{} : Said{"In line with " + part.linesUpWith, ""};
    const auto words = featureWords(part.wayRound->feature);
    Said out{std::string(words.name) + (part.wayRound->up ? " up" : " down"), words.how};
    if (!part.linesUpWith.empty()) out.head += ", in line with " + part.linesUpWith;
    return out;
}

std::string whyNotOut(const Assembly& a, const route::Ways& ways, Parts here, std::size_t part) {
    const auto up = ways.keeps(part, route::Way::Up, here), down = ways.keeps(part, route::Way::Down, here);
    if (up == 0 || down == 0) return {};
    const auto name = partName(a.parts[part]);
    if (up == down) return "The " + name + " cannot come out yet: " + names(a, up) + " holds it on both ways";
    return "The " + name + " cannot come out yet: upward " + names(a, up) + " in the way, downward " + names(a, down);
}

std::string whyNotFitted(const Assembly& a, const route::Ways& ways, Parts here, Parts frame, std::size_t part) {
    const auto up = ways.keeps(part, route::Way::Up, here), down = ways.keeps(part, route::Way::Down, here);
    const auto name = partName(a.parts[part]);
    if (up != 0 && down != 0)
        return "The " + name + " cannot get there any more: " + names(a, up | down) +
               ((up | down) == up && std::popcount(up) == 1 ? " is" : " are") + " in the way";
    for (const auto& s : route::shutOut(ways, here | route::only(part))) {
        const auto before = route::shutOut(ways, here);
        const bool already =
            std::any_of(before.begin(), before.end(), [&](const route::ShutOut& b) { return b.part == s.part; });
        if (already || !(frame & route::only(s.part))) continue;
        return "The " + name + " would shut out the " + partName(a.parts[s.part]) + ": it must be on first";
    }
    return {};
}

CheckWords check(job::Check check) {
    switch (check) {
    case job::Check::Rock:
        return {"Rock", "Rock it across the axis, by hand or with a bar: feel for play.",
                "play: worn raceways, a loose seat, or end play that was never set"};
    case job::Check::Turn:
        return {"Turn", "Turn it slowly by hand: feel for roughness and tight spots.",
                "roughness: dented or flaked raceways; even notches at element pitch mean force went through the "
                "rolling elements"};
    case job::Check::Listen:
        return {"Listen", "Spin it up, listen with a rod on the housing.",
                "noise: damage or dirt in the raceways, dry grease, or a ring that creeps"};
    case job::Check::Heat:
        return {"Heat", "After a run, compare the housing’s temperature with its neighbour.",
                "heat: no clearance left, too much grease, or preload"};
    case job::Check::Leak:
        return {"Leak", "Look for grease, oil or water at the seals.",
                "a leak: the seal or what it runs on is worn; water inside means rust pits"};
    }
    return {};
}

} // namespace arbor::words
