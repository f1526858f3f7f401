#include "ui/strip/strip_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/strip_words.h"

#include <QCoreApplication>
#include <algorithm>
#include <bit>

namespace arbor::ui {

namespace {

Figure rangeFigure(const QString& label, const Range& value, const words::Quantity& likely, const QString& range) {
    Figure figure;
    figure.label = label;
    figure.number = q(likely.number);
    figure.unit = q(likely.unit);
    figure.range = range;
    figure.at = value.likely;
    figure.bandFrom = value.least;
    figure.bandTo = value.most;
    figure.lineTo = std::max(value.most * 1.1, 1e-9);
    return figure;
}

void addForces(SlipModel& slip, const plan::TightRing& ring, bool together, const words::Display& d) {
    if (!ring.breakaway) return;
    const auto& force = together ? ring.pressIn_N : ring.breakaway->force_N;
    slip.figures.push_back(rangeFigure(together ? tr("Force to press it in") : tr("Lets go at"), force,
                                       d.force(force.likely), q(d.forceRange(force.least, force.most))));
    if (together) return;
    const auto& energy = ring.breakaway->energy_J;
    slip.figures.push_back(rangeFigure(tr("Comes free with the bang"), energy, {words::figures(energy.most), "J"},
                                       tr("at most, from frame and stack")));
}

void addMethods(SlipModel& slip, const plan::TightRing& ring, const arrangement::Assembly& a, const words::Display& d) {
    QStringList not_;
    for (const auto& way : ring.ways) {
        const auto said = words::say(way, ring, a, d);
        if (!way.applies) {
            not_ << q(said.line());
            continue;
        }
        slip.notes.push_back({slip.notes.empty() ? Tone::Proven : Tone::Plan, q(said.head), q(said.detail) + "."});
        for (const auto& caution : words::cautions(way.method))
            if (slip.caution.isEmpty()) slip.caution = q(caution);
    }
    if (!not_.isEmpty()) slip.notes.push_back({Tone::Plain, tr("Not here"), not_.join(". ") + "."});
}

void addMissing(SlipModel& slip, const plan::StripPlan& strip) {
    slip.rowsTitle = tr("Still missing");
    for (const auto& line : strip.kit)
        if (std::find(strip.missing.begin(), strip.missing.end(), line.id) != strip.missing.end()) {
            const auto said = words::kitLine(line, strip.assembly);
            slip.rows.push_back({q(said.head), q(said.detail), true, Tone::Stop});
        }
}

void addAction(SlipModel& slip, const JobSession& session, const words::WorkLine& line, const StripStand& stand) {
    const bool kitMissing = !session.plan().strip.missing.empty();
    if (stand.finished && !stand.together) {
        slip.action = tr("It is apart");
        slip.actionEnabled = !kitMissing;
        slip.hint = kitMissing ? tr("Tick the kit at Intake first.") : tr("Space goes on to the next station.");
    } else if (stand.finished) {
        slip.hint = tr("All is back in. D shows taking apart.");
    } else if (line.key.empty()) {
        slip.action = tr("Turned over");
    } else if (stand.stays) {
        slip.hint = tr("It stays where it is: its steps are not needed. S takes that back.");
    } else if (stand.done) {
        slip.hint = tr("Done. Backspace takes the tick back.");
    } else if (stand.wantsWayRound) {
        slip.action = tr("It is the right way round");
        slip.hint = tr("Look, then Space or W.");
    } else {
        slip.action = stand.together ? tr("It is in") : tr("It is out");
        slip.actionEnabled = !kitMissing || stand.together;
        slip.hint = slip.actionEnabled ? tr("Space ticks it and goes on.") : tr("Tick the kit at Intake first.");
    }
}

} // namespace

SlipModel stripSlip(const JobSession& session, const words::WorkLine& line, const StripStand& stand) {
    const auto& strip = session.plan().strip;
    const auto d = session.display();
    SlipModel slip;
    const auto missing = words::kitStop(strip);
    const bool stop = !missing.empty() && !stand.together;
    slip.title = stop ? tr("Stop") : stand.together ? tr("Put together") : tr("Strip");
    slip.titleTone = stop ? Tone::Stop : Tone::Plan;
    slip.subtitle = stop ? q(missing) + "." : q(line.text) + ".";
    if (stop) addMissing(slip, strip);
    if (std::popcount(line.moving) == 1) {
        const auto part = static_cast<std::size_t>(std::countr_zero(line.moving));
        const auto* ring = strip.ring(part);
        if (ring) addForces(slip, *ring, stand.together, d);
        if (!ring && !stand.together && !stop)
            slip.notes.push_back({Tone::Plan, tr("Nothing is tight here"),
                                  tr("It comes by hand. Lay it down clean, in the order it came.")});
        if (ring && !stand.together) addMethods(slip, *ring, strip.assembly, d);
        if (!stand.together)
            for (const auto& said : words::ifItGoesWrong(strip.assembly, part, ring))
                slip.notes.push_back({Tone::Caution, q(said.head), q(said.detail)});
    }
    if (!line.why.empty())
        slip.notes.push_back({Tone::Plan, stand.together ? tr("Now, not later") : tr("Why not sooner"),
                              q(words::capital(line.why)) + "."});
    if (!stand.whyNot.isEmpty() && !stand.done)
        slip.notes.insert(slip.notes.begin(), {Tone::Stop, tr("Not yet"), stand.whyNot + "."});
    slip.notesTitle = slip.notes.empty() ? QString() : stand.together ? tr("Mind") : tr("How it comes out");
    if (!line.caution.empty()) slip.caution = q(words::capital(line.caution)) + ".";
    addAction(slip, session, line, stand);
    return slip;
}

SlipModel noOrderSlip(const JobSession& session) {
    SlipModel slip;
    slip.hint = tr("Ctrl+E opens the arrangement.");
    if (session.plan().strip.assembly.parts.empty()) {
        slip.title = tr("Nothing is drawn yet");
        slip.subtitle = tr("Describe the parts first; the order of work follows from them.");
        return slip;
    }
    slip.title = tr("Stop");
    slip.titleTone = Tone::Stop;
    slip.subtitle = q(words::stopReason(job::Station::Strip, session.plan(), session.display())) + ".";
    for (const auto& fault : session.plan().strip.faults)
        slip.notes.push_back({Tone::Stop, q(fault.field), q(words::say(fault))});
    return slip;
}

} // namespace arbor::ui
