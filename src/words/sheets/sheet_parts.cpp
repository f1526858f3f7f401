#include "words/sheets/sheet_parts.h"

#include "words/tooling_words.h"

namespace arbor::words {

std::string markKey(plan::Mark mark) {
    switch (mark) {
    case plan::Mark::Open:
        return "open";
    case plan::Mark::Done:
        return "done";
    case plan::Mark::Check:
        return "check";
    case plan::Mark::Stop:
        return "stop";
    case plan::Mark::NotNeeded:
        return "not_needed";
    }
    return {};
}

Sheet sheetOf(job::Station station, const SheetInput& told) {
    Sheet sheet;
    sheet.station = job::name(station);
    if (const auto mark = told.plan.marks.find(station); mark != told.plan.marks.end())
        sheet.mark = markKey(mark->second);
    return sheet;
}

Sheet sheetOf(job::Station station, const plan::StepPlan& step) {
    Sheet sheet;
    sheet.station = job::name(station);
    sheet.about = step.step.key;
    sheet.heading = stepTitle(step.step);
    if (const auto mark = step.marks.find(station); mark != step.marks.end()) sheet.mark = markKey(mark->second);
    return sheet;
}

std::string between(const Quantity& least, const Quantity& most) {
    return least.number + "…" + most.text();
}

std::string energyWords(double energy_J) {
    return energy_J < 0.1 ? decimals(0.1, 1) : decimals(energy_J, 1);
}

Sheet brokenSheet(const SheetInput& told, const std::string& title) {
    Sheet sheet;
    sheet.mark = "stop";
    sheet.title = title.empty() ? tr("Size missing or invalid").text() : title;
    sheet.tone = Tone::Stop;
    sheet.verdict = told.plan.problem() ? say(*told.plan.problem()) : tr("Finish Fit first.").text();
    const auto& problems = told.plan.problems;
    for (std::size_t i = 1; i < problems.size(); ++i)
        sheet.notes.push_back(noteOf("problem", Tone::Stop, tr("Also"), say(problems[i])));
    sheet.notes.push_back(noteOf("nothing_lost", Tone::Plan, tr("Nothing is lost"), tr("Correct the size, or undo.")));
    return sheet;
}

} // namespace arbor::words
