#include "ui/adjust/adjust_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/adjust_words.h"

#include <algorithm>

namespace arbor::ui {

namespace {

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
    for (const auto& line : words::greaseLines(adjust::sum(p.grease), wish.grease))
        slip.rows.push_back({q(line.head), q(line.detail)});
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
