#include "cli/pay_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/sheet_command.h"
#include "io/job_quote.h"
#include "io/shop_tables.h"
#include "words/pay_words.h"

#include <QDateTime>
#include <filesystem>
#include <ostream>

namespace arbor::cli {

int PayCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    if (m_paper == Paper::Customer)
        return printSheets(out, "customer", job, {words::customerSheet(words::SheetInput(job, loaded->plan))}, asJson,
                           true);
    const auto folder = std::filesystem::path(jobPath).parent_path().string();
    const auto now = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
    const auto quote =
        io::quoteOfJob(job, loaded->plan, *loaded->tables, io::workedTimes(folder.empty() ? "." : folder), taken, now);
    if (!asCsv)
        return printSheets(out, taken ? "invoice" : "quote", job, {words::quoteSheet(quote, taken)}, asJson, true);
    std::vector<std::string> named;
    for (const auto& line : quote.lines)
        named.push_back(words::lineWords(line));
    out << io::quoteCsv(job.id, quote, named);
    return kWell;
}

} // namespace arbor::cli
