#include "core/base/units.h"
#include "words/adjust_words.h"
#include "words/sheets/sheet_parts.h"

#include <algorithm>

namespace arbor::words {

namespace {

Figure playFigure(const char* key, std::string label, double play_mm, const plan::AdjustPlan& p, double uncertainty_mm,
                  const Display& d) {
    const double play = play_mm / kUm, sure = uncertainty_mm / kUm;
    const double least = p.target_mm.lower / kUm, most = p.target_mm.upper / kUm;
    auto f = figureOf(key, std::move(label), d.fine(play_mm),
                      tr("wanted {range}").with("range", d.fineRange(p.target_mm.lower, p.target_mm.upper)),
                      {play - sure, play, play + sure});
    f.lineFrom = std::min(0.0, play - sure);
    f.lineTo = std::max(2 * most, 1.2 * (play + sure));
    f.limits = {{least, {}}, {most, tr("most {size}").with("size", d.fine(p.target_mm.upper).number)}};
    f.tone = play_mm < p.target_mm.lower - 1e-9 || play_mm > p.target_mm.upper + 1e-9 ? Tone::Stop : Tone::Proven;
    return f;
}

/// The first step that is not ticked yet; nothing: all are.
std::optional<int> firstOpen(const std::vector<std::string>& steps, const std::set<int>& ticked) {
    for (int i = 0; i < static_cast<int>(steps.size()); ++i)
        if (!ticked.contains(i)) return i;
    return std::nullopt;
}

void addAside(Sheet& sheet, const plan::AdjustPlan& p, const std::vector<std::string>& steps,
              const std::set<int>& ticked, const Display& d) {
    auto& rows = sheet.list("target", tr("Wanted"), true).rows;
    const auto band = [&](std::string key, std::string label, const Interval& l) {
        rows.push_back({std::move(key), std::move(label), d.fineRange(l.lower, l.upper) + " " + d.fine(0).unit,
                        Range{l.lower / kUm, l.mid() / kUm, l.upper / kUm}});
    };
    band("target_um", tr("End play wanted"), p.target_mm);
    if (!p.onSpacer())
        for (const auto& [school, play] : p.schools)
            band("method_um/" + std::string(job::name(school)), settingMethodName(school), play);
    if (p.clamped) {
        rows.push_back(
            {"clamp_force_N", tr("Clamp force"), d.force(p.clamped->force_N).text(), exactly(p.clamped->force_N)});
        rows.push_back({"clamp_shortens_um", tr("Clamp shortens spacer and rings by"),
                        d.fine(p.clamped->both_mm()).text(), exactly(p.clamped->both_mm() / kUm)});
    }
    if (p.neededSpacer_mm)
        rows.push_back({"needed_spacer_mm", tr("Spacer length needed"),
                        tr("{size} ({least}…{most})")
                            .with("size", d.size(p.neededSpacer_mm->mid()).text())
                            .with("least", d.size(p.neededSpacer_mm->lower).number)
                            .with("most", d.size(p.neededSpacer_mm->upper).number),
                        Range{p.neededSpacer_mm->lower, p.neededSpacer_mm->mid(), p.neededSpacer_mm->upper}});
    if (p.rolling_Nm)
        rows.push_back(
            {"rolling_torque_Nm", tr("Rolling torque"), d.torque(*p.rolling_Nm).text(), exactly(*p.rolling_Nm)});
    auto& list = sheet.list("steps", tr("Step by step"), true).rows;
    for (int i = 0; i < static_cast<int>(steps.size()); ++i)
        list.push_back({"step", std::to_string(i + 1) + ". " + steps[static_cast<std::size_t>(i)],
                        ticked.contains(i) ? tr("done") : tr("open"), exactly(i + 1)});
    if (!p.choice) return;
    Series places{"places", {"turn_deg", "play_um"}};
    for (const auto& place : p.choice->places)
        places.rows.push_back({place.turn_deg, place.play_mm / kUm});
    sheet.series.push_back(std::move(places));
}

void addAction(Sheet& sheet, const plan::AdjustPlan& p, const job::Adjust& overrides, const std::optional<int>& next) {
    sheet.byFoot = next.has_value();
    sheet.action = next ? tr("Done: step {number}").with("number", *next + 1) : tr("End play is set");
    if (!next && !p.inBand()) sheet.waitsFor = tr("Waits for end play in the band.");
    sheet.caution = p.onSpacer() ? tr("Tighten in steps, always turning, and stop when it drags.")
                    : overrides.underClamp
                        ? tr("A castle nut under clamp load is tightened to the next slot, never backed off.")
                        : tr("An adjusting nut is backed off to the next slot, never tightened to it. Turn it while "
                             "tightening.");
}

} // namespace

Sheet adjustSheet(const SheetInput& told) {
    const auto& plan = told.plan;
    auto sheet = sheetOf(job::Station::Adjust, told);
    if (!plan.adjust) {
        sheet.title = tr("Nothing to set");
        sheet.verdict = tr("This arrangement has no pair of bearings set against each other.");
        sheet.action = tr("Go on");
        return sheet;
    }
    const auto& d = told.d;
    const auto& p = *plan.adjust;
    const auto& overrides = told.job.adjust;
    const auto said = verdict(p, d);
    sheet.heading = tr("{first} against {second}").with("first", p.pair.first).with("second", p.pair.second);
    sheet.title = said.head;
    sheet.tone = !p.play_mm ? Tone::Plan : p.inBand() ? Tone::Proven : Tone::Stop;
    sheet.verdict = said.detail;
    if (p.play_mm)
        sheet.figures.push_back(playFigure("end_play_um",
                                           p.onSpacer() ? tr("End play at full torque") : tr("End play, by indicator"),
                                           *p.play_mm, p, overrides.uncertainty_mm, d));
    if (p.atWork_mm && (overrides.shaft_K != 0 || overrides.housing_K != 0))
        sheet.figures.push_back(playFigure("end_play_in_service_um", tr("End play at operating temperature"),
                                           *p.atWork_mm, p, overrides.uncertainty_mm, d));
    const auto grease = adjust::sum(p.grease);
    for (const auto& line : greaseLines(grease, overrides.grease))
        sheet.list("grease").rows.push_back(
            {"grease_g", line.head, line.detail,
             Range{grease.least_g, (grease.least_g + grease.most_g) / 2, grease.most_g}});
    const auto steps = adjustSteps(p, overrides.school, d);
    const auto next = firstOpen(steps, overrides.ticked);
    sheet.notesTitle = tr("Step by step");
    if (next)
        sheet.notes.push_back(
            noteOf("step", Tone::Plan,
                   tr("Step {number} of {all}").with("number", *next + 1).with("all", static_cast<int>(steps.size())),
                   steps[static_cast<std::size_t>(*next)]));
    addNotes(sheet, p.findings, d);
    addAside(sheet, p, steps, overrides.ticked, d);
    addAction(sheet, p, overrides, next);
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
