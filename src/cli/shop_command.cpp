#include "cli/shop_command.h"

#include "cli/exit_codes.h"
#include "cli/sheet_command.h"
#include "core/day/clock.h"
#include "io/shop_day.h"
#include "io/shop_tables.h"
#include "solver/plan_board.h"
#include "words/day_words.h"
#include "words/pay_words.h"

#include <QDateTime>
#include <QFileInfo>
#include <ostream>

namespace arbor::cli {

namespace {

words::Sheet inspections(const std::string& folder, const std::string& today) {
    std::vector<job::Job> closed;
    for (const auto& entry : io::listJobs(folder))
        if (entry.document && entry.document->job.record) closed.push_back(entry.document->job);
    return words::inspectionsSheet(pay::inspectionsOf(closed), today);
}

} // namespace

int ShopCommand::execute(std::ostream& out, std::ostream& err) const {
    if (!QFileInfo(QString::fromStdString(folder)).isDir())
        return refused(err, Problem{ProblemCode::Unreadable, "shop", folder, wanted("a folder of jobs"), folder});
    const auto instant = now.empty() ? QDateTime::currentDateTime().toString(Qt::ISODate).toStdString() : now;
    if (!day::minuteOf(instant, instant.substr(0, 10)))
        return refused(err, Problem{ProblemCode::Malformed, "--now", now, wanted("a time as 2026-11-30T07:00"), {}});
    job::Job shop; // the sheets are printed under what they are of
    shop.id = QFileInfo(QString::fromStdString(folder)).absoluteFilePath().section('/', -1).toStdString();
    shop.title = instant.substr(0, 10);
    if (m_asked == Asked::Inspections)
        return printSheets(out, "inspections", shop, {inspections(folder, shop.title)}, asJson, true);
    const auto tables = io::loadShopTables(folder);
    if (!tables) return refused(err, tables.error());
    const auto kept = io::loadDay(folder);
    if (!kept) return refused(err, kept.error());
    auto board = io::readBoard(folder, *tables, *kept, instant);
    day::planBoard(board, kept->date == board.date ? kept->plan : day::KeptPlan{});
    return printSheets(out, "day", shop, {words::daySheet(board)}, asJson, true);
}

} // namespace arbor::cli
