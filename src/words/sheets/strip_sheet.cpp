#include "core/foreman/foreman.h"
#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"
#include "words/strip_words.h"

#include <algorithm>
#include <bit>

namespace arbor::words {

namespace {

/// A sentence with its full stop; nothing where nothing is said.
std::string ended(const std::string& text) {
    return text.empty() ? text : text + ".";
}

void addForces(Sheet& sheet, const plan::TightRing& ring, bool together, const Display& d) {
    if (!ring.breakaway) return;
    const auto& force = together ? ring.pressIn_N : ring.breakaway->force_N;
    sheet.figures.push_back(figureOf(together ? "press_force_N" : "removal_force_N",
                                     together ? tr("Press force") : tr("Removal force"), d.force(force.likely),
                                     d.forceRange(force.least, force.most), force));
    if (together) return;
    const auto& energy = ring.breakaway->energy_J;
    sheet.figures.push_back(figureOf("breakaway_energy_J", tr("Energy released at breakaway"),
                                     {energyWords(energy.most), "J"}, tr("at most, from frame and stack"), energy));
}

void addMethods(Sheet& sheet, const plan::TightRing& ring, const plan::StripPlan& strip, const Display& d) {
    for (const auto& way : ring.ways) {
        const auto said = say(way, ring, strip.assembly, d);
        const auto key = std::string(route::name(way.method));
        if (!way.applies) {
            sheet.notes.push_back(
                noteOf(key, Tone::Plain, tr("Not here: {method}").with("method", said.head), said.detail + "."));
            continue;
        }
        const bool best = &way == &ring.ways.front();
        sheet.notes.push_back(noteOf(key, best ? Tone::Proven : Tone::Plan, said.head, said.detail + "."));
        for (const auto& caution : cautions(way.method))
            if (sheet.caution.empty()) sheet.caution = caution;
    }
    // What does not apply comes after what does.
    std::stable_partition(sheet.notes.begin(), sheet.notes.end(), [](const Note& n) { return n.tone != Tone::Plain; });
}

void addMissing(Sheet& sheet, const plan::StripPlan& strip) {
    auto& list = sheet.list("missing", tr("Still missing"));
    for (const auto& line : strip.kit)
        if (std::find(strip.missing.begin(), strip.missing.end(), line.id) != strip.missing.end()) {
            const auto said = kitLine(line, strip.assembly);
            list.rows.push_back({line.id, said.head, said.detail, {}, true, Tone::Stop});
        }
}

void addPart(Sheet& sheet, const SheetInput& told, std::size_t part, const StripStand& stand, bool stop) {
    const auto& strip = told.plan.strip;
    const auto* ring = strip.ring(part);
    if (ring) addForces(sheet, *ring, stand.together, told.d);
    if (!ring && !stand.together && !stop)
        sheet.notes.push_back(noteOf("by_hand", Tone::Plan, tr("Nothing is tight here"),
                                     tr("It comes by hand. Lay it down clean, in the order it came.")));
    if (ring && !stand.together) addMethods(sheet, *ring, strip, told.d);
    if (!stand.together)
        for (const auto& said : ifItGoesWrong(strip.assembly, part, ring, told.d))
            sheet.notes.push_back(noteOf("if_it_goes_wrong", Tone::Check, said.head, said.detail));
    const auto way = wayRound(strip.assembly.parts[part]);
    if (stand.together && !way.head.empty())
        sheet.notes.push_back(
            noteOf("way_round", stand.wantsWayRound ? Tone::Check : Tone::Proven, way.head, ended(way.detail)));
}

/// What a foreman says before it leaves, or comes.
void addForeman(Sheet& sheet, const SheetInput& told, const WorkLine& line, bool together) {
    if (line.moving == 0) return;
    const auto& strip = told.plan.strip;
    const bool several = std::popcount(line.moving) > 1;
    const route::PartRemoval move{static_cast<std::size_t>(std::countr_zero(line.moving)), line.way, line.here};
    addNotes(sheet,
             several && together ? foreman::beforeGroupIn(told.plan, line.moving, line.here)
             : several           ? foreman::beforeGroupOut(told.plan, line.moving, line.here)
             : together          ? foreman::beforeIn(told.job, told.plan, move)
                                 : foreman::beforeOut(told.job, told.plan, move),
             told.d);
    const auto& base = strip.assembly.parts[strip.assembly.base];
    const bool firstOnIt = together && (line.here & ~line.moving) == route::only(strip.assembly.base);
    const auto way = wayRound(base);
    if (firstOnIt && !way.head.empty())
        sheet.notes.push_back(
            noteOf("way_round_of_base", Tone::Check,
                   tr("{part}: {side}").with("part", capital(partName(base))).with("side", inSentence(way.head)),
                   ended(way.detail)));
}

void addAction(Sheet& sheet, const plan::StripPlan& strip, const WorkLine& line, const StripStand& stand) {
    const bool kitMissing = !strip.missing.empty() && !stand.ahead;
    const auto kit = tr("Tick the kit at Intake first.");
    if (stand.finished && !stand.together) {
        sheet.action = tr("All parts are out");
        if (kitMissing) sheet.waitsFor = kit;
    } else if (stand.finished || stand.stays || stand.done) {
        return;
    } else if (line.key.empty()) {
        sheet.action = tr("Turned over");
    } else if (stand.wantsWayRound) {
        sheet.action = tr("It is the right way round");
    } else {
        sheet.action = stand.together ? tr("It is in") : tr("It is out");
        if (kitMissing && !stand.together) sheet.waitsFor = kit;
    }
}

route::PartSet presentAt(const std::vector<WorkLine>& lines, const WorkLine& line, const SheetInput& told,
                         bool together) {
    const auto& strip = told.job.strip;
    route::PartSet here = line.frame;
    for (const auto& other : lines) {
        const auto* part = partOf(other, told.plan.strip);
        if (other.frame != line.frame || other.key.empty() || (part && strip.stays.contains(part->id))) continue;
        if ((together ? strip.fitted : strip.out).contains(other.key) != together) here &= ~other.moving;
    }
    return here;
}

/// @param present  on the work now
std::string whyNot(const WorkLine& line, const SheetInput& told, route::PartSet present, bool together) {
    const auto& a = told.plan.strip.assembly;
    const route::BlockingGraph ways(a);
    const auto here = present & ~line.moving;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!(line.moving & route::only(p))) continue;
        auto why = together ? whyNotFitted(a, ways, here, line.frame & ~line.moving, p) : whyNotOut(a, ways, here, p);
        if (!why.empty()) return why;
    }
    return {};
}

} // namespace

bool isTicked(const SheetInput& told, const WorkLine& line, bool together) {
    const auto& strip = told.job.strip;
    const auto* part = partOf(line, told.plan.strip);
    return (together ? strip.fitted : strip.out).contains(line.key) || (part && strip.stays.contains(part->id));
}

std::vector<WorkLine> workLines(const plan::StripPlan& strip, bool together) {
    if (!strip.faults.empty()) return {};
    return together ? fitLines(strip.assembly, strip.order) : stripLines(strip.assembly, strip.order);
}

const arrangement::Part* partOf(const WorkLine& line, const plan::StripPlan& strip) {
    if (std::popcount(line.moving) != 1) return nullptr;
    return &strip.assembly.parts[static_cast<std::size_t>(std::countr_zero(line.moving))];
}

StripStand standOf(const SheetInput& told, const std::vector<WorkLine>& lines, std::size_t at, bool together) {
    const auto& line = lines[at];
    const auto* part = partOf(line, told.plan.strip);
    StripStand out;
    out.together = together;
    out.done = isTicked(told, line, together);
    out.stays = part && told.job.strip.stays.contains(part->id);
    out.finished = std::all_of(lines.begin(), lines.end(),
                               [&](const WorkLine& l) { return l.key.empty() || isTicked(told, l, together); });
    const auto noted = part ? told.job.strip.parts.find(part->id) : told.job.strip.parts.end();
    const bool other = noted != told.job.strip.parts.end() && noted->second.otherWay.value_or(false);
    out.wantsWayRound =
        together && part && (other || !wayRound(*part).head.empty()) && !told.job.strip.wayRoundSeen.contains(part->id);
    out.present = presentAt(lines, line, told, together);
    out.whyNot = whyNot(line, told, out.present, together);
    return out;
}

Sheet stripSheet(const SheetInput& told, const WorkLine& line, const StripStand& stand) {
    const auto& strip = told.plan.strip;
    auto sheet = sheetOf(job::Station::Strip, told);
    sheet.about = line.key;
    sheet.heading = line.text;
    const auto missing = kitStop(strip);
    const bool stop = !missing.empty() && !stand.together && !stand.ahead;
    if (stand.ahead) sheet.mark = "open";
    sheet.title = stop ? tr("Stop") : stand.together ? tr("Put together") : tr("Strip");
    sheet.tone = stop ? Tone::Stop : Tone::Plan;
    sheet.verdict = (stop ? missing : line.text) + ".";
    if (stop) addMissing(sheet, strip);
    if (std::popcount(line.moving) == 1)
        addPart(sheet, told, static_cast<std::size_t>(std::countr_zero(line.moving)), stand, stop);
    addForeman(sheet, told, line, stand.together);
    if (!line.why.empty())
        sheet.notes.push_back(noteOf("order", Tone::Plan, stand.together ? tr("Why now") : tr("Why not sooner"),
                                     capital(line.why) + "."));
    if (!stand.whyNot.empty() && !stand.done && !stand.ahead)
        sheet.notes.push_back(noteOf("not_yet", Tone::Stop, tr("Not yet"), stand.whyNot + "."));
    if (!sheet.notes.empty()) sheet.notesTitle = stand.together ? tr("Check") : tr("How it comes out");
    if (!line.caution.empty()) sheet.caution = capital(line.caution) + ".";
    addAction(sheet, strip, line, stand);
    return worstFirst(std::move(sheet));
}

Sheet noOrderSheet(const SheetInput& told) {
    const auto& strip = told.plan.strip;
    auto sheet = sheetOf(job::Station::Strip, told);
    if (strip.assembly.parts.empty()) {
        sheet.title = tr("Nothing is drawn yet");
        sheet.verdict = tr("Describe the parts first; the order of work follows from them.");
        return sheet;
    }
    sheet.title = tr("Stop");
    sheet.tone = Tone::Stop;
    sheet.verdict = stopReason(job::Station::Strip, told.plan, told.d) + ".";
    for (const auto& fault : strip.faults)
        sheet.notes.push_back(noteOf("fault", Tone::Stop, fault.field, say(fault)));
    return sheet;
}

Sheet orderSheet(const SheetInput& told, bool together) {
    const auto& strip = told.plan.strip;
    auto sheet = sheetOf(job::Station::Strip, told);
    sheet.about = together ? "together" : "apart";
    sheet.title = together ? tr("Put together") : tr("Take apart");
    sheet.verdict = shippedName(told.job.arrangement.title);
    if (strip.order.stuck != 0) sheet.mark = "stop";
    auto& list = sheet.list("order", {}, true);
    int number = 0;
    for (const auto& line : workLines(strip, together)) {
        const auto indent = std::string(static_cast<std::size_t>(4 * line.level), ' ');
        const bool stuck = line.key.empty() && line.moving == 0 && !line.why.empty();
        list.rows.push_back({line.key, indent + std::to_string(++number) + ". " + line.text,
                             line.key.empty()                 ? std::string()
                             : isTicked(told, line, together) ? tr("done").text()
                                                              : tr("open").text(),
                             exactly(line.level), false, stuck ? Tone::Stop : Tone::Plain});
    }
    sheet.list("turn_overs", {}, true)
        .rows.push_back({"turn_overs", tr("Times the work is turned over"), std::to_string(strip.order.turnOvers),
                         exactly(strip.order.turnOvers)});
    return sheet;
}

} // namespace arbor::words
