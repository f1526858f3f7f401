#include "ui/fit/fit_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/measure_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

constexpr std::size_t kMostNotes = 7; // more would bury the ones that matter; the command line prints all

Figure interferenceFigure(const fit::SeatFit& f, const words::Display& d) {
    auto figure = rangeFigure(tr("Interference"), d.fine(f.interference_mm.likely),
                              d.fineRange(f.interference_mm.least, f.interference_mm.most), f.interference_mm);
    figure.lineFrom = std::min(f.interferenceWorst_mm.lower, -0.2 * std::abs(f.interferenceWorst_mm.upper));
    figure.lineTo = std::max(f.interferenceWorst_mm.upper, 0.001) * 1.1;
    figure.limits = {{0, tr("0")}};
    const auto& worst = f.interferenceWorst_mm;
    figure.limits.push_back({worst.lower, tr("loosest %1").arg(q(d.fine(worst.lower).number))});
    figure.limits.push_back({worst.upper, tr("tightest %1").arg(q(d.fine(worst.upper).number))});
    std::sort(figure.limits.begin(), figure.limits.end(),
              [](const auto& a, const auto& b) { return a.value < b.value; });
    figure.tone = f.interference_mm.likely <= 0 ? Tone::Stop : Tone::Plain;
    return figure;
}

Figure clearanceFigure(const fit::ClearanceLeft& c, const words::Display& d) {
    auto figure = rangeFigure(tr("Clearance left at work"), d.fine(c.left_mm.likely),
                              d.fineRange(c.left_mm.least, c.left_mm.most), c.left_mm);
    figure.lineFrom = std::min(-0.002, c.worst_mm.lower);
    figure.lineTo = std::max(c.worst_mm.upper, 0.005) * 1.05;
    figure.limits = {{0, tr("none left")}};
    figure.tone = c.shareBelowZero > 0.05 ? Tone::Stop : Tone::Plain;
    if (c.shareBelowZero > 5e-5)
        figure.range += QObject::tr(" · %1 % below zero").arg(QString::number(100 * c.shareBelowZero, 'g', 2));
    return figure;
}

Figure heatFigure(const plan::HeatPlan& h, const words::Display& d) {
    Figure heat;
    heat.label = tr("Outer part at, to drop it in");
    const auto temperature = d.temperature(h.outer.temp_C);
    heat.number = q(temperature.number);
    heat.unit = q(temperature.unit);
    const bool chilled = h.inner.temp_C < h.room_C;
    heat.range = chilled ? QObject::tr("with the inner part at %1").arg(q(d.temperature(h.inner.temp_C).text()))
                         : QObject::tr("it may have %1").arg(q(d.temperature(h.outerMost_C).number));
    heat.tone = h.ways[h.chosen].within ? Tone::Plain : Tone::Caution;
    return heat;
}

void addFigures(SlipModel& slip, const JobSession& session, const plan::SeatPlan& seat,
                const plan::BearingPlan* bearing) {
    const auto& plan = session.plan();
    const auto d = session.display();
    const auto& f = *seat.fit;
    slip.figures.push_back(interferenceFigure(f, d));
    auto force = rangeFigure(tr("Force to press it home"), d.force(f.pressForce_N.likely),
                             d.forceRange(f.pressForce_N.least, f.pressForce_N.most), f.pressForce_N);
    const auto* step = plan.step({seat.key, false});
    if (step && step->press && step->press->gauge)
        force.range += QObject::tr(" · gauge %1")
                           .arg(q(d.gauge(step->press->gauge->likely, step->press->press->gaugeUnit).text()));
    slip.figures.push_back(force);
    if (bearing && bearing->clearance) slip.figures.push_back(clearanceFigure(*bearing->clearance, d));
    const auto& heat = plan.heats[static_cast<std::size_t>(&seat - plan.fits->seats.data())];
    if (heat && (heat->needed() || heat->byUser)) slip.figures.push_back(heatFigure(*heat, d));
    const auto pressures = [&](const Range& p) {
        return q(d.pressure(p.least).number + "…" + d.pressure(p.most).text());
    };
    slip.rows.push_back({tr("Pressure on the seat"), pressures(f.pressure_MPa), true});
    if (f.thermal_mm != 0 || f.rotation_mm > 0)
        slip.rows.push_back({tr("Pressure at work"), pressures(f.pressureAtWork_MPa), false});
    slip.rows.push_back({tr("Outer part yields at"), q(d.pressure(f.outerLimit_MPa).text()), false,
                         f.pressureWorst_MPa > f.outerLimit_MPa ? Tone::Stop : Tone::Plain});
    slip.rows.push_back({tr("Hoop stress, outer / inner"),
                         q(d.pressure(f.outerHoop_MPa).number + " / " + d.pressure(f.innerHoop_MPa).text()), false});
    slip.rows.push_back({tr("Force to get it off"),
                         q(d.forceRange(seat.off->force_N.least, seat.off->force_N.most) + " " + d.force(0).unit),
                         false});
    if (heat && (heat->needed() || heat->byUser))
        slip.rows.push_back({tr("Room that gives, at least"), q(d.fine(heat->clearanceWorst_mm).text()), false});
    else if (heat)
        slip.rows.push_back({tr("To drop it in"), tr("without heat"), false});
    slip.rows.push_back(
        {tr("Torque it holds at work"),
         q(d.torque(f.slipTorqueAtWork_Nm.least).number + "…" + d.torque(f.slipTorqueAtWork_Nm.most).text()), false});
}

/// The seat's own findings, then its bearing's, then what was proposed.
AdviceList everythingSaid(const plan::SeatPlan& seat, const plan::BearingPlan* bearing, bool bad) {
    AdviceList out;
    const auto add = [&](const AdviceList& list) { out.insert(out.end(), list.begin(), list.end()); };
    if (bad) {
        add(seat.fit->advisories);
        if (bearing && bearing->clearance) add(bearing->clearance->advisories);
        if (bearing && bearing->question) out.push_back(*bearing->question);
        std::stable_sort(out.begin(), out.end(),
                         [](const Advice& a, const Advice& b) { return a.severity > b.severity; });
        return out;
    }
    if (bearing && bearing->clearance) add(bearing->clearance->because);
    add(seat.fit->because);
    return out;
}

void addProposal(SlipModel& slip, const plan::BearingPlan* bearing, const words::Display& d) {
    if (!bearing || !bearing->proposal.hole || !bearing->proposal.shaft) return;
    QString why;
    for (const auto& reason : bearing->proposal.because)
        why += (why.isEmpty() ? "" : "; ") + q(words::say(reason, d).head);
    slip.notes.push_back({Tone::Plan,
                          QObject::tr("Usual here: %1 and %2")
                              .arg(q(bearing->proposal.hole->text()), q(bearing->proposal.shaft->text())),
                          why + "  [" + q(words::sourceName("DIN5425")) + "]"});
}

} // namespace

SlipModel fitSlip(const JobSession& session, std::size_t index) {
    const auto& plan = session.plan();
    if (!plan.fits || index >= plan.fits->seats.size()) return brokenSlip(session);
    const auto d = session.display();
    const auto& seat = plan.fits->seats[index];
    const auto* bearing = plan.fits->bearingOf(index);
    const auto all = plan.fits->advisories();
    const bool stop = worst(all) == Severity::Stop;
    SlipModel slip;
    slip.title = stop ? tr("Stop") : tr("Fit");
    slip.titleTone = stop ? Tone::Stop : Tone::Plan;
    slip.subtitle = stop ? q(words::say(all.front(), d).head) + "." : tr("Tight enough to stay, and still turns free.");
    slip.notesTitle = tr("Because");
    if (seat.fit) {
        addFigures(slip, session, seat, bearing);
        for (const auto& advice : everythingSaid(seat, bearing, true))
            slip.notes.push_back(noteOf(advice, d));
        addProposal(slip, bearing, d);
        for (const auto& advice : everythingSaid(seat, bearing, false))
            if (slip.notes.size() < kMostNotes) slip.notes.push_back(noteOf(advice, d));
    } else {
        slip.subtitle = tr("A size of this seat is not known yet.");
        slip.notes.push_back({Tone::Caution, tr("Give both sides a class or a size"),
                              tr("Here, at Measure, or in the arrangement (Ctrl+E).")});
    }
    slip.action = tr("Use these fits");
    slip.actionEnabled = !stop;
    slip.hint = stop ? tr("Change the fit before going on.") : tr("Ctrl+Enter goes on.");
    return slip;
}

} // namespace arbor::ui
