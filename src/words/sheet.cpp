#include "words/sheet.h"

#include "words/language.h"
#include "words/sentences.h"

#include <algorithm>

namespace arbor::words {

namespace {

int rank(Tone tone) {
    return tone == Tone::Stop ? 0 : tone == Tone::Check ? 1 : 2;
}

} // namespace

std::string Note::line() const {
    return detail.empty() ? head : tr("{head}: {detail}").with("head", head).with("detail", detail);
}

bool Sheet::footMayAct() const {
    return byFoot && !action.empty() && waitsFor.empty() && !stops() && tone != Tone::Stop && tone != Tone::Check;
}

bool Sheet::stops() const {
    if (!mark.empty()) return mark == "stop";
    return tone == Tone::Stop ||
           std::any_of(notes.begin(), notes.end(), [](const Note& n) { return n.tone == Tone::Stop; });
}

Rows& Sheet::list(const std::string& wanted, const std::string& heads, bool aside) {
    const auto found = std::find_if(rows.begin(), rows.end(), [&](const Rows& r) { return r.key == wanted; });
    return found != rows.end() ? *found : rows.emplace_back(Rows{wanted, heads, {}, aside});
}

Sheet worstFirst(Sheet sheet) {
    std::stable_sort(sheet.notes.begin(), sheet.notes.end(),
                     [](const Note& a, const Note& b) { return rank(a.tone) < rank(b.tone); });
    const bool stops = !sheet.notes.empty() && sheet.notes.front().tone == Tone::Stop;
    if (stops && sheet.tone == Tone::Proven) {
        sheet.verdict = sheet.verdict.empty()
                            ? sheet.title
                            : tr("{head}: {detail}").with("head", sheet.title).with("detail", sheet.verdict).text();
        sheet.title = sheet.notes.front().head;
        sheet.tone = Tone::Stop;
    }
    return sheet;
}

Tone toneOf(Severity severity) {
    return severity == Severity::Stop ? Tone::Stop : severity == Severity::Check ? Tone::Check : Tone::Plan;
}

Note noteOf(const Advice& advice, const Display& display) {
    const auto said = say(advice, display);
    return {std::string(advice.key()), toneOf(advice.severity), said.head, said.detail,
            advice.source.empty() ? std::string() : sourceName(advice.source)};
}

Note noteOf(std::string key, Tone tone, std::string head, std::string detail) {
    return {std::move(key), tone, std::move(head), std::move(detail)};
}

void addNotes(Sheet& sheet, const AdviceList& list, const Display& display) {
    for (const auto& advice : list)
        sheet.notes.push_back(noteOf(advice, display));
}

Figure figureOf(std::string key, std::string label, const Quantity& shown, std::string range, const Range& value) {
    Figure f{std::move(key), std::move(label), shown.number, shown.unit, std::move(range), value};
    f.lineFrom = std::min(0.0, value.least);
    f.lineTo = value.most * 1.25 + 1e-9;
    return f;
}

Range scaled(const Range& range, double unit) {
    return {range.least / unit, range.likely / unit, range.most / unit};
}

} // namespace arbor::words
