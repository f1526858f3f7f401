#include "cli/route_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/sheet_command.h"
#include "core/plan/strip_plan.h"
#include "io/arrangement_file.h"
#include "io/table_files.h"
#include "words/sheets/sheets.h"

#include <ostream>
#include <sstream>

namespace arbor::cli {

int RouteCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto tables = io::loadTables();
    if (!tables) return refused(err, tables.error());
    const auto job = io::loadWork(path);
    if (!job) return refused(err, job.error());
    // With the figures of Fit where the whole job can be worked out, as every other command says them; else the order
    // alone.
    std::ostringstream notes; // of the whole job; nobody asked for them here
    const auto whole = loadJobAndPlan(path, {}, notes);
    plan::Plan alone;
    if (!whole) alone.strip = plan::planStrip(*job, *tables);
    const auto& plan = whole ? whole->plan : alone;
    if (auto faults = plan.strip.faults; !faults.empty()) {
        for (auto& fault : faults)
            fault.file = path;
        return refused(err, faults);
    }
    const bool together = m_direction == Direction::Together && plan.strip.order.stuck == 0;
    return printSheets(out, together ? "route" : "strip", *job,
                       words::stripSheets(words::SheetInput(*job, plan), together), asJson, true);
}

} // namespace arbor::cli
