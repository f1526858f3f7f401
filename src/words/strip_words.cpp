#include "words/strip_words.h"

#include "words/language.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <bit>
#include <cmath>

namespace arbor::words {

namespace {

using arrangement::Assembly;
using arrangement::Feature;
using arrangement::PartKind;
using route::Method;
using route::PartSet;
using route::Why;

std::string names(const Assembly& a, PartSet parts) {
    std::vector<std::string> out;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (parts & route::only(p)) out.push_back(tr("the {part}").with("part", partName(a.parts[p])));
    return list(out);
}

bool isBearing(const arrangement::Part& part) {
    return part.kind == PartKind::Bearing;
}

Text reason(const route::Removal& r) {
    switch (r.why) {
    case Why::LandBehind:
        return tr("{size} of the ring’s back face can be reached from behind");
    case Why::NoLandBehind:
        return r.value_mm > 0 ? tr("only {size} of its back face can be reached from behind")
                              : tr("nothing of its back face can be reached from behind");
    case Why::OnlyThroughElements:
        return tr("only the other ring can be reached from behind: the force passes through the rolling elements, so "
                  "only for a bearing that is scrap; a split inner ring may part");
    case Why::ThroughBore:
        return tr("a bolt up to {size} goes right through, with a disc behind the ring");
    case Why::NoThroughBore:
        return tr("no space for a bolt right through");
    case Why::GapBehind:
        return r.value_mm < 99 ? tr("plates or jaws get {size} behind it")
                               : tr("plates or jaws have all the space they need behind it");
    case Why::NoGapBehind:
        return tr("no gap behind it for a knife edge");
    case Why::RingInBore:
        return tr("the {ring} sits in a bore, plates cannot get round it");
    case Why::Notches:
        return tr("the shoulder has notches: drive it crosswise, side to side");
    case Why::SpacerShifts:
        return tr("push the spacer tube aside, then {size} of a ring can be reached behind it: side to side, a little "
                  "at a time; what is struck is scrap");
    case Why::RimOutside:
        return tr("tap round under its rim, which stands {size} over the edge");
    case Why::BoreFree:
        return tr("the collet grips in its {size} bore; what it gripped is scrap");
    case Why::BoreFilled:
        return tr("its bore is not free");
    case Why::RingOnShaft:
        return r.method == Method::Split ? tr("grind a relief, {relief} short of the {partner}, and split it with a "
                                              "chisel; a cut that reached it: stone "
                                              "the raised edge, measure its depth")
                                         : tr("the {ring} sits on the outside");
    case Why::WarmTheHousing:
        return tr("heat the {partner} evenly and let it drop out");
    case Why::HeatTheRing:
        return tr("heat the {ring} quickly and let it drop off");
    case Why::SealInTheHeat:
        return tr("a seal or encoder would be overheated");
    case Why::WouldCutTheSeat:
        return tr("grinding would cut the seat");
    case Why::NoRing:
        return tr("the {ring} is not a ring");
    }
    return Text("");
}

std::string toolName(Method method) {
    switch (method) {
    case Method::Press:
        return tr("Press", "machine");
    case Method::DrawBolt:
        return tr("Draw-bolt set");
    case Method::Separator:
        return tr("Separator plates");
    case Method::Drift:
        return tr("Soft drift and hammer");
    case Method::Collet:
        return tr("Internal collet, slide hammer");
    case Method::HeatOff:
        return tr("Hot air or induction heater, gloves");
    case Method::Split:
        return tr("Grinding disc, chisel, face shield");
    }
    return {};
}

/// Which side of a part is told apart, and how. @param up  it faces up
Sentence featureWords(Feature feature, bool up) {
    switch (feature) {
    case Feature::Encoder:
        return {up ? tr("Encoder up") : tr("Encoder down"), tr("the magnetised side, found with magnetic film or card; "
                                                               "it faces the sensor; keep it from magnets, leave "
                                                               "it wrapped until now")};
    case Feature::LargeEnd:
        return {up ? tr("Large end of the taper up") : tr("Large end of the taper down"),
                tr("the wide opening; the cones go in from there")};
    case Feature::SpringSide:
        return {up ? tr("Spring side of the seal up") : tr("Spring side of the seal down"),
                tr("spring and lip face what is kept in; outward where water must stay out: ask")};
    case Feature::SharpEdge:
        return {up ? tr("Sharp edge of the ring up") : tr("Sharp edge of the ring down"),
                tr("it takes the load; the rounded, stamped edge faces the bearing’s free side")};
    case Feature::CurvedSide:
        return {up ? tr("Large-radius side of the ring up") : tr("Large-radius side of the ring down"),
                tr("the large radius goes to the shaft’s fillet; it must clear the fillet’s radius")};
    case Feature::PilotSide:
        return {up ? tr("Pilot side up") : tr("Pilot side down"),
                tr("the stepped face; the wrong way round it stops short")};
    case Feature::FlatSide:
        return {up ? tr("Flat side up") : tr("Flat side down"),
                tr("the flat side to what it holds, the bevel to its retaining ring")};
    case Feature::FlangeSide:
        return {up ? tr("Flange up") : tr("Flange down"),
                tr("the wider end; ask on which side it belongs before the first bearing goes in")};
    }
    return {};
}

} // namespace

std::string methodName(Method method) {
    switch (method) {
    case Method::Press:
        return tr("Press");
    case Method::DrawBolt:
        return tr("Draw bolt");
    case Method::Separator:
        return tr("Separator with press or puller");
    case Method::Drift:
        return tr("Drift");
    case Method::Collet:
        return tr("Internal collet or hook, slide hammer");
    case Method::HeatOff:
        return tr("Heat");
    case Method::Split:
        return tr("Grind and split");
    }
    return {};
}

std::string methodNamed(const std::string& key) {
    for (const auto method : route::kMethods)
        if (route::name(method) == key) return inSentence(methodName(method));
    return key;
}

std::string methodToolNamed(const std::string& key) {
    for (const auto method : route::kMethods)
        if (route::name(method) == key) return inSentence(toolName(method));
    return key;
}

std::string shapeName(const std::string& shape) {
    if (shape.size() != 1) return shape;
    const auto named = [&](const Text& name) { return shape + " · " + name.text(); };
    switch (shape[0]) {
    case 'A':
        return named(tr("one-shouldered bore"));
    case 'B':
        return named(tr("bore, by draw bolt"));
    case 'C':
        return named(tr("two cups in a hub"));
    case 'D':
        return named(tr("pair on a spacer"));
    case 'E':
        return named(tr("light roller"));
    case 'F':
        return named(tr("bearing and collar"));
    case 'G':
        return named(tr("carrier plate"));
    case 'H':
        return named(tr("adjustable hub"));
    case 'I':
        return named(tr("shaft in a tube"));
    case 'J':
        return named(tr("seals and caps"));
    default:
        return shape;
    }
}

std::string rustName(route::Rust rust) {
    switch (rust) {
    case route::Rust::None:
        return tr("clean");
    case route::Rust::Light:
        return tr("light rust");
    case route::Rust::Heavy:
        return tr("heavy rust");
    }
    return {};
}

std::string asFoundName(job::AsFound found) {
    switch (found) {
    case job::AsFound::InnerRingMissing:
        return tr("inner ring missing");
    case job::AsFound::LugBroken:
        return tr("lug of a retaining ring broken");
    case job::AsFound::OilInside:
        return tr("oil inside");
    }
    return {};
}

Sentence say(const route::Removal& r, const plan::TightRing& ring, const Assembly& a, const Display& d) {
    return {methodName(r.method),
            reason(r)
                .with("ring", partName(a.parts[ring.site.ring]))
                .with("partner", partName(a.parts[ring.site.partner]))
                .with("relief", d.size(kReliefShort_mm).text())
                .with("size", d.size(std::round(r.value_mm * 10) / 10).text())}; // a tenth is plenty
}

std::vector<std::string> cautions(Method method) {
    switch (method) {
    case Method::Press:
        return {tr("Guard up; stand clear of the line of force: it lets go suddenly.")};
    case Method::DrawBolt:
        return {tr("Hand wrench only, and stand clear of the bolt’s line.")};
    case Method::Separator:
        return {tr("Eye protection and guard: a hardened ring between plates can shatter.")};
    case Method::Drift:
        return {tr("Eye and ear protection; a soft drift, never hardened steel on hardened steel.")};
    case Method::Collet:
        return {tr("Eye protection; keep fingers from between hammer and stop.")};
    case Method::HeatOff:
        return {tr("Gloves; no torch near grease, solvent, sealed or pressurised cavities; not on galvanised or "
                   "magnesium parts.")};
    case Method::Split:
        return {tr("Eye and face protection: the ring flies when it splits. Keep sparks from grease and solvent.")};
    }
    return {};
}

std::vector<Sentence> ifItGoesWrong(const Assembly& a, std::size_t part, const plan::TightRing* ring,
                                    const Display& d) {
    std::vector<Sentence> out;
    if (a.parts[part].kind == PartKind::RetainingRing)
        out.push_back({tr("If the ring breaks"), tr("Pick the stump out of its groove from the gap with a hooked "
                                                    "scriber; count the pieces before you go on.")});
    if (!ring) return out;
    const auto& partner = a.parts[ring->site.partner];
    if (ring->site.support_mm >= 1)
        out.push_back({tr("Carry it on the face of the {part}").with("part", partName(partner)),
                       tr("{size} of it are free round the ring: not on studs, not on a thin flange.")
                           .with("size", d.size(std::round(ring->site.support_mm * 10) / 10).text())});
    if (isBearing(partner) && !ring->site.inBore)
        out.push_back({tr("Support the inner ring"), tr("or the force passes through the rolling elements.")});
    if (ring->site.inBore && (isBearing(a.parts[part]) || a.parts[part].kind == PartKind::Cup))
        out.push_back({tr("Keep the old outer ring"), tr("Its outside ground undersize, it presses the new one home: "
                                                         "pressed, never struck, eye protection on.")});
    return out;
}

Sentence kitLine(const route::KitLine& line, const Assembly& a) {
    if (line.use == route::KitUse::Grease)
        return {tr("Grease, {least} to {most} g")
                    .with("least", figures(line.grease_g.least))
                    .with("most", figures(line.grease_g.likely)),
                tr("fills 1/3 to 1/2 of the free volume; {full} g fill all of it")
                    .with("full", figures(line.grease_g.most))};
    if (line.use == route::KitUse::Tool) return {toolName(line.method), tr("to remove a ring")};
    const auto index = arrangement::indexOf(a, line.id);
    const auto name = capital(index ? partName(a.parts[*index]) : line.id);
    if (line.kind == PartKind::RetainingRing) return {name, tr("new; the old one only if flat, springy and unworn")};
    return {name, line.use == route::KitUse::New ? tr("new") : tr("new, or the old one if it is sound")};
}

std::string kitStop(const plan::StripPlan& strip) {
    if (strip.missing.empty()) return {};
    std::vector<std::string> what;
    for (const auto& id : strip.missing) {
        const auto line = std::find_if(strip.kit.begin(), strip.kit.end(), [&](const auto& l) { return l.id == id; });
        what.push_back(inSentence(kitLine(*line, strip.assembly).head));
    }
    return tr("%n of the kit missing: {what}", "", static_cast<int>(what.size())).with("what", list(what));
}

Sentence wayRound(const arrangement::Part& part) {
    const auto line = [&] { return tr("In line with {what}").with("what", shippedName(part.linesUpWith)).text(); };
    if (!part.wayRound) return part.linesUpWith.empty() ? Sentence{} : Sentence{line(), ""};
    auto out = featureWords(part.wayRound->feature, part.wayRound->up);
    if (!part.linesUpWith.empty())
        out.head = tr("{side}, in line with {what}").with("side", out.head).with("what", shippedName(part.linesUpWith));
    return out;
}

std::string whyNotOut(const Assembly& a, const route::BlockingGraph& ways, PartSet here, std::size_t part) {
    const auto up = ways.keeps(part, route::Way::Up, here), down = ways.keeps(part, route::Way::Down, here);
    if (up == 0 || down == 0) return {};
    const auto name = partName(a.parts[part]);
    if (up == down)
        return tr("The {part} cannot come out yet: {parts} in the way on both sides")
            .with("part", name)
            .with("parts", names(a, up));
    return tr("The {part} cannot come out yet. Upward in the way: {above}. Downward: {below}")
        .with("part", name)
        .with("above", names(a, up))
        .with("below", names(a, down));
}

std::string whyNotFitted(const Assembly& a, const route::BlockingGraph& ways, PartSet here, PartSet frame,
                         std::size_t part) {
    const auto up = ways.keeps(part, route::Way::Up, here), down = ways.keeps(part, route::Way::Down, here);
    const auto name = partName(a.parts[part]);
    if (up != 0 && down != 0)
        return tr("There is no access for the {part} any more; in the way: {parts}")
            .with("part", name)
            .with("parts", names(a, up | down));
    PartSet already = 0, others = 0;
    for (const auto& s : route::shutOut(ways, here))
        already |= route::only(s.part);
    for (const auto& s : route::shutOut(ways, here | route::only(part)))
        others |= route::only(s.part) & frame & ~already;
    if (others == 0) return {};
    return tr("The {part} would block access for {others}: fit that first")
        .with("part", name)
        .with("others", names(a, others));
}

CheckWords check(job::Check check) {
    switch (check) {
    case job::Check::Rock:
        return {tr("Rock"), tr("Rock it across the axis, by hand or with a bar: feel for play."),
                tr("play: worn raceways, a loose seat, or end play that was never set")};
    case job::Check::Turn:
        return {tr("Turn"), tr("Turn it slowly by hand: feel for roughness and tight spots."),
                tr("roughness: dented or flaked raceways; even notches at element pitch mean force went through the "
                   "rolling elements")};
    case job::Check::Listen:
        return {tr("Listen"), tr("Spin it up, listen with a rod on the housing."),
                tr("noise: damage or dirt in the raceways, dry grease, or a ring that creeps")};
    case job::Check::Heat:
        return {tr("Heat", "check"), tr("After a run, compare the housing’s temperature with its neighbour."),
                tr("heat: no clearance left, too much grease, or preload")};
    case job::Check::Leak:
        return {tr("Leak"), tr("Check the seals for grease, oil or water."),
                tr("a leak: the seal or what it runs on is worn; water inside means rust pits")};
    }
    return {};
}

} // namespace arbor::words
