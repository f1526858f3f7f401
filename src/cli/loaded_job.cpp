#include "cli/loaded_job.h"

#include "core/plan/plan_job.h"
#include "io/shop_tables.h"
#include "io/table_files.h"
#include "io/text_file.h"
#include "log/records.h"
#include "words/language.h"
#include "words/sentences.h"

#include <filesystem>
#include <ostream>

namespace arbor::cli {

namespace {

/// As the window does, so that both say the same force. Looking must not make a logbook.
void learnFromLog(const std::filesystem::path& folder, std::vector<job::Record>& records) {
    const auto file = folder / "logbook.sqlite";
    if (!std::filesystem::exists(file)) return;
    if (const auto book = log::Logbook::open(QString::fromStdString("sqlite:" + file.string())))
        log::learnFrom(**book, records);
}

void note(std::ostream& err, const words::Text& text) {
    err << "brisk-arbor-cli: " << words::tr("note: {what}").with("what", text).text() << '\n';
}

} // namespace

Checked<LoadedJob> loadJobAndPlan(const std::string& jobPath, const std::string& shopFolder, std::ostream& err,
                                  const std::function<void(job::Job&)>& change) {
    auto document = io::loadJob(jobPath);
    if (!document) return tl::unexpected(Problems{document.error()});
    if (change) change(document->job);
    const auto folder = std::filesystem::path(jobPath).parent_path();
    const auto shopAt = shopFolder.empty() ? (folder.empty() ? "." : folder.string()) : shopFolder;
    auto shop = io::readShop(shopAt);
    if (!shop) return tl::unexpected(Problems{shop.error()});
    if (!shop->unread.empty()) return tl::unexpected(std::move(shop->unread));
    for (const auto& row : shop->skipped)
        note(err, words::tr("a row of the rack is no tool and was skipped. {what}").with("what", words::say(row)));
    auto* tables = &shop->tables;
    if (document->newer())
        note(err,
             words::tr("{file} was written by a newer program; what it knows more is left out").with("file", jobPath));
    const auto rack = (shopFolder.empty() ? folder : std::filesystem::path(shopFolder)) / "rack.csv";
    if (io::isLatin1(rack.string()))
        note(err, words::tr("{file} is not UTF-8; its letters were taken for Latin-1").with("file", rack.string()));
    tables->records = io::closedRecords(shopAt);
    learnFromLog(folder, tables->records);
    auto kept = io::loadTraces(document->job, folder.string(), tables->rack);
    if (kept.problem) return tl::unexpected(Problems{*kept.problem});
    LoadedJob out{std::move(*document), std::make_unique<const tables::Tables>(std::move(*tables)), {}};
    out.plan = plan::planJob(out.document.job, *out.tables, {std::move(kept.traces), {}, true});
    if (out.plan.problems.empty()) return out;
    for (auto& problem : out.plan.problems)
        problem.file = jobPath;
    return tl::unexpected(std::move(out.plan.problems));
}

} // namespace arbor::cli
