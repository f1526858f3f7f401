#include "ui/adjust/adjust_slip.h"

#include "ui/stations/slips.h"
#include "words/adjust_words.h"

#include <algorithm>

namespace arbor::ui {

namespace {

QString tr(const char* text) {
    return QObject::tr(text);
}

Figure playFigure(const QString& label, double play_mm, const plan::AdjustPlan& p, double uncertainty_mm,
                  const words::Display& d) {
    const auto& band = p.target_mm;
    Figure f;
    f.label = label;
    f.number = q(d.fine(play_mm).number);
    f.unit = q(d.fine(play_mm).unit);
    f.range = tr("wanted %1").arg(q(d.fineRange(band.lower, band.upper)));
    f.at = d.fineValue(play_mm);
    f.bandFrom = d.fineValue(play_mm - uncertainty_mm);
    f.bandTo = d.fineValue(play_mm + uncertainty_mm);
    f.lineFrom = d.fineValue(std::min(0.0, play_mm - uncertainty_mm));
    f.lineTo = d.fineValue(std::max(2 * band.upper, 1.2 * (play_mm + uncertainty_mm)));
    f.limits = {{d.fineValue(band.lower), {}},
                {d.fineValue(band.upper), tr("most %1").arg(q(d.fine(band.upper).number))}};
    f.tone = play_mm < band.lower - 1e-9 || play_mm > band.upper + 1e-9 ? Tone::Stop : Tone::Proven;
    return f;
}

/// The first step that is not ticked yet; nothing: all are.
std::optional<int> nextStep(const std::vector<std::string>& steps, const std::set<int>& ticked) {
    for (int i = 0; i < static_cast<int>(steps.size()); ++i)
        if (!ticked.contains(i)) return i;
    return std::nullopt;
}

QString between(double least, double most, int places) {
    const auto low = QString::number(least, 'f', places), high = QString::number(most, 'f', places);
    return low == high ? low : tr("%1…%2").arg(low, high);
}

/// What is packed full and what is filled in part, then all of it in grams and strokes of the pump.
void addGrease(SlipModel& slip, const plan::AdjustPlan& p, const adjust::Grease& grease) {
    double full = 0, least = 0, most = 0, leastStrokes = 0, mostStrokes = 0;
    for (const auto& fill : p.grease) {
        full += fill.bearing_cm3 * grease.density_g_cm3;
        least += fill.least_g;
        most += fill.most_g;
        leastStrokes += fill.leastStrokes;
        mostStrokes += fill.mostStrokes;
    }
    const auto name = grease.name.empty() ? tr("Grease") : q(grease.name);
    const bool beside = most > full + 0.5;
    if (beside) {
        const QString cavity[] = {tr("Cavity, a third to a half"), tr("Cavity, a third"), tr("Cavity, a half")};
        slip.rows.push_back({tr("Bearings, packed full"), tr("%1 g").arg(full, 0, 'f', 0)});
        slip.rows.push_back(
            {cavity[static_cast<int>(grease.cavity)], tr("%1 g").arg(between(least - full, most - full, 0))});
    }
    const auto grams = tr("%1 g").arg(between(least, most, 0));
    slip.rows.push_back(
        {beside ? name : tr("%1, bearings full").arg(name),
         grease.stroke_g > 0 ? tr("%1, %2 strokes").arg(grams, between(leastStrokes, mostStrokes, 0)) : grams});
}

} // namespace

SlipModel adjustSlip(const JobSession& session) {
    const auto& plan = session.plan();
    SlipModel slip;
    if (!plan.adjust) {
        slip.title = tr("Nothing to set");
        slip.subtitle = tr("This arrangement has no pair of bearings set against each other.");
        slip.action = tr("Go on");
        return slip;
    }
    const auto d = session.display();
    const auto& p = *plan.adjust;
    const auto& wish = session.job().adjust;
    const auto said = words::verdict(p, d);
    slip.title = q(said.head);
    slip.titleTone = !p.play_mm ? Tone::Plan : p.inBand() ? Tone::Proven : Tone::Stop;
    slip.subtitle = q(said.detail);
    if (p.play_mm)
        slip.figures.push_back(playFigure(p.onSpacer() ? tr("End play at full torque") : tr("End play, by indicator"),
                                          *p.play_mm, p, wish.uncertainty_mm, d));
    if (p.atWork_mm && (wish.shaft_K != 0 || wish.housing_K != 0))
        slip.figures.push_back(playFigure(tr("End play at work"), *p.atWork_mm, p, wish.uncertainty_mm, d));
    addGrease(slip, p, wish.grease);
    const auto steps = words::adjustSteps(p, wish.school, d);
    const auto next = nextStep(steps, wish.ticked);
    slip.notesTitle = tr("Step by step");
    if (next)
        slip.notes.push_back({Tone::Plan, tr("Step %1 of %2").arg(*next + 1).arg(steps.size()),
                              q(steps[static_cast<std::size_t>(*next)])});
    addNotes(slip, p.findings, d);
    slip.action = next ? tr("Done: step %1").arg(*next + 1) : tr("End play is set");
    slip.actionEnabled = next || p.inBand();
    slip.hint = next         ? tr("Space goes from step to step.")
                : p.inBand() ? QString()
                             : tr("Waits for end play in the band.");
    slip.caution = p.onSpacer() ? tr("Tighten in steps, always turning, and stop when it drags.")
                   : wish.underClamp
                       ? tr("A castle nut under clamp load goes on to the next slot, never back.")
                       : tr("An adjusting nut goes back to the next slot, never on. Turn it while tightening.");
    return slip;
}

} // namespace arbor::ui
