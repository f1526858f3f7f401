#include "mistakes/planted.h"
#include "mistakes/shadow.h"
#include "words/language.h"
#include "words/sheets/sheets.h"
#include "words/strip_words.h"

#include <algorithm>
#include <bit>

namespace arbor::mistakes {

namespace {

using arrangement::Assembly;
using arrangement::Feature;
using arrangement::Part;
using arrangement::PartKind;
using job::Station;
using words::tr;

bool meets(const Part& moves, const Part& other, bool up) {
    for (const auto& one : moves.onTheWay())
        for (const auto& two : other.bodies)
            if (runsInto(one, two, up)) return true;
    return false;
}

/// Who of those present keeps a part from going straight out on both ways; empty: it goes.
std::vector<std::size_t> keepersOf(const Assembly& a, std::size_t part, route::PartSet present) {
    std::vector<std::size_t> keepers;
    for (const bool up : {true, false}) {
        bool free = true;
        for (std::size_t p = 0; p < a.parts.size(); ++p)
            if (p != part && (present & route::only(p)) && meets(a.parts[part], a.parts[p], up)) {
                keepers.push_back(p);
                free = false;
            }
        if (free) return {};
    }
    return keepers;
}

/// Lines that move one part by itself.
std::vector<words::WorkLine> ownLines(const plan::Plan& plan, bool together) {
    std::vector<words::WorkLine> out;
    for (const auto& line : words::workLines(plan.strip, together))
        if (std::popcount(line.moving) == 1 && line.level == 0) out.push_back(line);
    return out;
}

std::size_t partOf(const words::WorkLine& line) {
    return static_cast<std::size_t>(std::countr_zero(line.moving));
}

std::vector<std::string> namesOf(const Assembly& a, const std::vector<std::size_t>& parts) {
    std::vector<std::string> out(parts.size());
    std::transform(parts.begin(), parts.end(), out.begin(), [&](std::size_t p) { return words::partName(a.parts[p]); });
    return out;
}

/// Put together as far as a line, which is not yet done.
void fitUpTo(World& world, const std::vector<words::WorkLine>& lines, std::size_t line) {
    auto& strip = world.job.strip;
    for (const auto& each : lines)
        strip.out.insert(each.key);
    for (std::size_t i = 0; i < line; ++i)
        strip.fitted.insert(lines[i].key);
}

/// The hand fits a part that leaves no way in for another.
std::optional<Planted> shutOut(Plot& plot, bool spacer) {
    const auto& a = plot.plan.strip.assembly;
    const auto lines = ownLines(plot.plan, true);
    if (lines.size() < 2) return std::nullopt;
    for (int tries = 0; tries < 12; ++tries) {
        const auto out = plot.chance.below(lines.size() - 1);
        const auto in = out + 1 + plot.chance.below(lines.size() - out - 1);
        const auto left = partOf(lines[out]), taken = partOf(lines[in]);
        if ((a.parts[left].kind == PartKind::SpacerTube) != spacer) continue;
        if (lines[out].frame != lines[in].frame) continue;
        route::PartSet there = lines[in].frame & ~lines[in].moving;
        for (std::size_t i = out; i < lines.size(); ++i)
            there &= ~lines[i].moving;
        const bool comes = keepersOf(a, taken, there).empty();
        const auto shut = keepersOf(a, left, there | lines[in].moving);
        const bool was = keepersOf(a, left, there).empty();
        if (!comes || !was || shut.empty()) continue;
        std::vector<std::size_t> forgotten;
        for (std::size_t p = 0; p < a.parts.size(); ++p)
            if (!((there | lines[in].moving) & route::only(p)) && !keepersOf(a, p, there | lines[in].moving).empty())
                forgotten.push_back(p);
        fitUpTo(plot.world, lines, out);
        Planted made{tr("{part} goes in before {other}, which has no way in any more")
                         .with("part", words::partName(a.parts[taken]))
                         .with("other", words::partName(a.parts[left])),
                     {"not_yet"},
                     namesOf(a, forgotten),
                     {Station::Strip}};
        made.moves = lines[in].key;
        made.together = true;
        return made;
    }
    return std::nullopt;
}

std::optional<Planted> wrongWay(Plot& plot, Feature feature) {
    const auto& a = plot.plan.strip.assembly;
    const auto lines = ownLines(plot.plan, true);
    std::vector<std::size_t> places;
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (const auto& way = a.parts[partOf(lines[i])].wayRound; way && way->feature == feature) places.push_back(i);
    if (places.empty()) return std::nullopt;
    const auto at = plot.chance.of(places);
    fitUpTo(plot.world, lines, at);
    const auto& part = a.parts[partOf(lines[at])];
    Planted made{tr("{part} goes in the wrong way round").with("part", words::partName(part)),
                 {"way_round"},
                 {words::wayRound(part).head},
                 {Station::Strip}};
    made.moves = lines[at].key;
    made.together = true;
    return made;
}

} // namespace

std::optional<Planted> wrongOrder(Plot& plot) {
    const auto& a = plot.plan.strip.assembly;
    const auto lines = ownLines(plot.plan, false);
    const auto all = route::BlockingGraph(a).all();
    std::vector<std::size_t> kept;
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (lines[i].frame == all && !keepersOf(a, partOf(lines[i]), all).empty()) kept.push_back(i);
    if (kept.empty()) return std::nullopt;
    const auto at = plot.chance.of(kept);
    const auto part = partOf(lines[at]);
    Planted made{tr("{part} is to come out while something holds it").with("part", words::partName(a.parts[part])),
                 {"not_yet"},
                 namesOf(a, keepersOf(a, part, all)),
                 {Station::Strip}};
    made.moves = lines[at].key;
    return made;
}

std::optional<Planted> captivePart(Plot& plot) {
    return shutOut(plot, false);
}
std::optional<Planted> spacerForgotten(Plot& plot) {
    return shutOut(plot, true);
}

std::optional<Planted> missingPart(Plot& plot) {
    std::vector<const route::KitLine*> lines;
    for (const auto& line : plot.plan.strip.kit)
        if (line.use == route::KitUse::New || line.use == route::KitUse::ReuseIfSound) lines.push_back(&line);
    if (lines.empty()) return std::nullopt;
    const auto& gone = *plot.chance.of(lines);
    plot.world.job.strip.onTheBench.erase(gone.id);
    return Planted{tr("{part} is not on the bench").with("part", words::kitLine(gone, plot.plan.strip.assembly).head),
                   {"missing/" + gone.id},
                   {},
                   {Station::Intake, Station::Strip}};
}

std::optional<Planted> encoderWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::Encoder);
}
std::optional<Planted> largeEndWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::LargeEnd);
}
std::optional<Planted> springSideWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::SpringSide);
}
std::optional<Planted> sharpEdgeWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::SharpEdge);
}
std::optional<Planted> curvedSideWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::CurvedSide);
}
std::optional<Planted> pilotSideWrongWay(Plot& plot) {
    return wrongWay(plot, Feature::PilotSide);
}

std::optional<Planted> drawnWrongWay(Plot& plot) {
    auto& parts = plot.world.job.arrangement.assembly.parts;
    std::vector<std::size_t> places;
    for (std::size_t p = 0; p < parts.size(); ++p)
        if (parts[p].catalogue && parts[p].wayRound &&
            (parts[p].wayRound->feature == Feature::Encoder || parts[p].wayRound->feature == Feature::LargeEnd))
            places.push_back(p);
    if (places.empty()) return std::nullopt;
    auto& part = parts[plot.chance.of(places)];
    part.wayRound->up = !part.wayRound->up;
    return Planted{
        tr("{part}: what is written of its way round is not what is drawn").with("part", words::partName(part)),
        {"way_round_contradicts"},
        {words::partName(part)},
        {Station::Strip, Station::Press}};
}

} // namespace arbor::mistakes
