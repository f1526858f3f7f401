#include "words/language.h"
#include "words/sheets/sheet_parts.h"
#include "words/strip_words.h"

#include <algorithm>

namespace arbor::words {

namespace {

/// What must lie on the bench before anything is stripped, line by line.
void addKit(Sheet& sheet, const plan::StripPlan& strip) {
    if (strip.kit.empty()) return;
    const auto there = static_cast<int>(strip.kit.size() - strip.missing.size());
    sheet.list("kit").rows.push_back(
        {"on_the_bench", tr("Kit on the bench"),
         tr("{count} of {all}").with("count", there).with("all", static_cast<int>(strip.kit.size())), exactly(there),
         true, strip.missing.empty() ? Tone::Proven : Tone::Stop});
    auto& lines = sheet.list("kit_lines", tr("On the bench before it is stripped"), true);
    for (const auto& line : strip.kit) {
        const auto said = kitLine(line, strip.assembly);
        const bool missing = std::find(strip.missing.begin(), strip.missing.end(), line.id) != strip.missing.end();
        lines.rows.push_back({line.id,
                              said.line(),
                              missing ? tr("missing") : tr("on the bench"),
                              {},
                              false,
                              missing ? Tone::Stop : Tone::Proven});
    }
}

} // namespace

Sheet intakeSheet(const SheetInput& told) {
    const auto& intake = told.job.intake;
    auto sheet = sheetOf(job::Station::Intake, told);
    sheet.title = tr("Intake");
    sheet.verdict = intake.complaint.empty() ? tr("What is it, what is wrong, and is everything there?").text()
                                             : intake.complaint + ".";
    sheet.notesTitle = tr("What the checks say");
    for (const auto check : job::kChecks) {
        const auto said = words::check(check);
        const auto key = std::string(job::name(check));
        const auto found = intake.checks.find(check);
        if (found == intake.checks.end())
            sheet.notes.push_back(noteOf(key, Tone::Plan, said.title, said.how));
        else if (found->second == job::Found::Bad)
            sheet.notes.push_back(
                noteOf(key, Tone::Check, tr("{check}: bad").with("check", said.title), said.badMeans + "."));
        else
            sheet.notes.push_back(noteOf(key, Tone::Proven, tr("{check}: fine").with("check", said.title)));
    }
    if (intake.bothSides && intake.sideReason.empty())
        sheet.notes.push_back(noteOf("side", Tone::Check, tr("One side or both"), tr("Write down why.")));
    addKit(sheet, told.plan.strip);
    sheet.action = tr("Go to stripping");
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
