#include "ui/report/paper_sheet.h"

#include "ui/text.h"
#include "words/language.h"

namespace arbor::ui {

using words::Tone;

void setNumbers(Paper& paper, const words::Sheet& sheet, int indent) {
    for (const auto& f : sheet.figures) {
        auto line = QStringLiteral("%1  %2 %3").arg(q(f.label), q(f.number), q(f.unit));
        if (!f.range.empty()) line += QStringLiteral("  (%1)").arg(q(f.range));
        paper.text(line, indent);
    }
    for (const auto& list : sheet.rows) {
        if (list.aside) continue;
        for (const auto& row : list.rows)
            paper.text(row.right.empty() ? q(row.left) : QStringLiteral("%1  %2").arg(q(row.left), q(row.right)),
                       indent);
    }
}

void setNotes(Paper& paper, const words::Sheet& sheet, int indent) {
    for (const auto& note : sheet.notes)
        note.tone == Tone::Stop ? paper.caution(q(note.line()), indent) : paper.text(q(note.line()), indent);
}

void setSheet(Paper& paper, const words::Sheet& sheet, int indent) {
    if (!sheet.verdict.empty())
        paper.text(q(words::tr("{head}: {detail}").with("head", sheet.title).with("detail", sheet.verdict)), indent,
                   true);
    setNumbers(paper, sheet, indent);
    setNotes(paper, sheet, indent);
    if (!sheet.caution.empty()) paper.caution(q(sheet.caution), indent);
}

} // namespace arbor::ui
