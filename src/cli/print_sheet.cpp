#include "cli/print_sheet.h"

#include "core/job/names.h"
#include "words/language.h"
#include "words/sentences.h"

#include <algorithm>
#include <ostream>

namespace arbor::cli {

namespace {

using words::Tone;
using words::tr;

constexpr std::size_t kLabel = 34, kWidest = 64; // columns of a label

std::size_t columnsOf(const std::string& text) {
    return static_cast<std::size_t>(
        std::count_if(text.begin(), text.end(), [](char c) { return (static_cast<unsigned char>(c) & 0xC0) != 0x80; }));
}

std::string padded(const std::string& text, std::size_t columns) {
    const auto shown = columnsOf(text);
    return text + std::string(shown + 2 <= columns ? columns - shown : 2, ' ');
}

bool hasNumber(const std::string& text) {
    return text.find_first_of("123456789") != std::string::npos;
}

std::string markOf(Tone tone) {
    return padded(tone == Tone::Stop ? tr("STOP") : tone == Tone::Check ? tr("check") : words::Text("-"), 8);
}

void printHead(std::ostream& out, const words::Sheet& s) {
    const auto station = job::named<job::Station>(s.station);
    auto head = station ? words::stationTitle(*station) : s.station;
    if (!s.heading.empty()) head += "  ·  " + s.heading;
    if (!s.mark.empty()) head += "  [" + words::markWord(s.mark) + "]";
    out << head << '\n';
    out << "  " << (s.tone == Tone::Stop ? markOf(s.tone) : std::string()) << s.title
        << (s.verdict.empty() ? "" : ": " + s.verdict) << '\n';
}

void printFigure(std::ostream& out, const words::Figure& f, std::size_t label) {
    out << "  " << padded(f.label, label) << f.number << (f.unit.empty() ? "" : " " + f.unit);
    if (!f.range.empty()) out << "  (" << f.range << ")";
    for (const auto& limit : f.limits)
        if (hasNumber(limit.label)) out << "  · " << limit.label;
    out << '\n';
}

void printRows(std::ostream& out, const words::Rows& list) {
    if (!list.title.empty()) out << "  " << list.title << '\n';
    const std::string indent = list.title.empty() ? "  " : "    ";
    std::size_t label = kLabel;
    for (const auto& row : list.rows)
        label = std::max(label, std::min(kWidest, columnsOf(row.left) + 2));
    for (const auto& row : list.rows)
        out << indent << (row.right.empty() ? row.left : padded(row.left, label) + row.right) << '\n';
}

} // namespace

void printSheet(std::ostream& out, const words::Sheet& s, bool aside) {
    printHead(out, s);
    std::size_t label = kLabel;
    for (const auto& figure : s.figures)
        label = std::max(label, columnsOf(figure.label) + 2);
    for (const auto& figure : s.figures)
        printFigure(out, figure, label);
    for (const auto& list : s.rows)
        if (aside || !list.aside) printRows(out, list);
    for (const auto& note : s.notes)
        out << "  " << markOf(note.tone) << note.line() << (note.source.empty() ? "" : "  [" + note.source + "]")
            << '\n';
    if (!s.action.empty() && s.waitsFor.empty()) out << "  > " << s.action << '\n';
    if (!s.action.empty() && !s.waitsFor.empty())
        out << "  > " << tr("{action}: not yet. {why}").with("action", s.action).with("why", s.waitsFor).text() << '\n';
    if (!s.caution.empty()) out << "  ! " << s.caution << '\n';
}

} // namespace arbor::cli
