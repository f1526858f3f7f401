#include "cli/log_command.h"

#include "cli/exit_codes.h"
#include "core/base/json_text.h"
#include "io/text_file.h"
#include "log/entry_json.h"
#include "log/logbook.h"
#include "words/language.h"
#include "words/sentences.h"

#include <algorithm>
#include <filesystem>
#include <ostream>
#include <span>

namespace arbor::cli {

namespace {

Result<std::vector<log::Entry>> readEntries(const std::string& file) {
    const auto text = io::readText(file);
    if (!text) return tl::unexpected(text.error());
    const auto document = parseJson(*text);
    if (!document) return tl::unexpected(at(document.error(), file + ": " + document.error().field));
    const auto* presses = log::pressesIn(*document);
    if (!presses) return refuse(ProblemCode::Malformed, file, {}, wanted("a list of presses"));
    std::vector<log::Entry> out;
    for (const auto& d : *presses) {
        auto entry = log::entryFromJson(d);
        if (!entry) return tl::unexpected(at(entry.error(), file + ": press " + std::to_string(out.size() + 1)));
        out.push_back(std::move(*entry));
    }
    return out;
}

void printList(std::ostream& out, const std::vector<log::Entry>& entries, std::size_t most) {
    const auto shown = std::min(most, entries.size());
    for (const auto& e : std::span(entries).first(shown)) {
        out << e.when.substr(0, 10) << "  " << e.jobId << "  " << e.title << "  " << e.step
            << (e.step.empty() ? "" : "  ") << e.bearing << "  " << words::recordedVerdict(e.verdict);
        if (e.peak_N) out << "  " << words::Display().force(*e.peak_N).text();
        out << "  " << e.tools << "  " << e.who << '\n';
    }
    if (shown < entries.size())
        out << words::tr("{count} of {all} presses; --most shows more")
                   .with("count", static_cast<int>(shown))
                   .with("all", static_cast<int>(entries.size()))
                   .text()
            << '\n';
    else
        out << words::tr("%n presses", nullptr, static_cast<int>(shown)).text() << '\n';
}

} // namespace

int LogCommand::execute(std::ostream& out, std::ostream& err) const {
    const bool folder = std::filesystem::is_directory(logbook);
    const auto connection = folder ? "sqlite:" + (std::filesystem::path(logbook) / "logbook.sqlite").string() : logbook;
    const auto book = log::Logbook::open(QString::fromStdString(connection));
    if (!book) return refused(err, book.error());
    if (!importFile.empty()) {
        const auto entries = readEntries(importFile);
        if (!entries) return refused(err, entries.error());
        const auto before = (*book)->size();
        if (const auto written = (*book)->write(*entries); !written) return refused(err, written.error());
        out << words::tr("taken in: {count} of {all}")
                   .with("count", static_cast<int>((*book)->size().value_or(0) - before.value_or(0)))
                   .with("all", static_cast<int>(entries->size()))
                   .text()
            << '\n';
        return kWell;
    }
    const log::Query query{text, bearing, step, tool, verdict, from, to, log::kAll};
    if (asCsv || asJson) {
        const auto whole = (*book)->exported(query, asCsv ? log::Logbook::Format::Csv : log::Logbook::Format::Json);
        if (!whole) return refused(err, whole.error());
        out << *whole;
        return kWell;
    }
    const auto found = (*book)->find(query);
    if (!found) return refused(err, found.error());
    printList(out, *found, most);
    return kWell;
}

} // namespace arbor::cli
