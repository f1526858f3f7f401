#include "cli/sheet_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/print_sheet.h"
#include "io/results/sheet_json.h"
#include "io/text_file.h"
#include "words/sheets/sheets.h"

#include <QDateTime>
#include <algorithm>
#include <ostream>

namespace arbor::cli {

namespace {

/// The step in of a seat that is named by its two parts.
Result<std::size_t> stepOfSeat(const plan::Plan& plan, const std::string& name) {
    std::string known;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const auto& step = plan.steps[i].step;
        if (step.out || !step.seat) continue;
        const auto& [outer, inner] = plan.fits->seats[*step.seat].key;
        if (outer + "+" + inner == name) return i;
        known += (known.empty() ? "" : ", ") + outer + "+" + inner;
    }
    return refuse(ProblemCode::UnknownName, "--seat", name, asListed(known));
}

/// By the wall clock: nobody has watched the machine's own count.
double secondsSince(const std::string& instant) {
    const auto from = QDateTime::fromString(QString::fromStdString(instant), Qt::ISODate);
    return from.isValid() ? static_cast<double>(from.msecsTo(QDateTime::currentDateTime())) / 1000 : 0;
}

/// A tool that was chosen and is not on the rack, of one step or of any.
std::optional<Problem> missingTool(const plan::Plan& plan, const std::optional<std::size_t>& wanted) {
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        if ((!wanted || *wanted == i) && plan.steps[i].tools && plan.steps[i].tools->problem)
            return plan.steps[i].tools->problem;
    return std::nullopt;
}

} // namespace

int printSheets(std::ostream& out, const std::string& command, const job::Job& job,
                const std::vector<words::Sheet>& sheets, bool asJson, bool aside) {
    if (asJson) {
        out << io::sheetsJson(command, job, sheets).dump(2) << '\n';
    } else {
        out << job.id << "  " << job.title << '\n';
        for (const auto& sheet : sheets)
            printSheet(out, sheet, aside);
    }
    return std::any_of(sheets.begin(), sheets.end(), [](const auto& s) { return s.stops(); }) ? kStop : kWell;
}

Result<std::optional<std::size_t>> SheetCommand::stepWanted(const plan::Plan& plan) const {
    const auto found = [](std::size_t index) { return std::optional(index); };
    if (!step.empty()) return plan::stepNamed(plan.steps, step).map(found);
    if (!seat.empty()) return stepOfSeat(plan, seat).map(found);
    return std::optional<std::size_t>();
}

int SheetCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err, [&](job::Job& job) {
        if (walk_s) job.heat.walk_s = *walk_s;
        if (off_K) job.heat.off_K = *off_K;
    });
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const auto wanted = stepWanted(plan);
    if (!wanted) return refused(err, wanted.error());
    const bool warm = std::find(m_stations.begin(), m_stations.end(), job::Station::Warm) != m_stations.end();
    if (const auto problem = missingTool(plan, *wanted)) {
        const int code = refused(err, io::inFile(*problem, jobPath).value());
        if (wanted->has_value()) return code;
    }
    const words::SheetInput told(job, plan);
    const auto heats = warm ? words::followHeats(told, *wanted, secondsSince) : std::vector<words::HeatTold>{};
    std::vector<words::Sheet> sheets;
    for (const auto station : m_stations)
        for (auto& sheet : words::sheetsOf(station, told, heats, *wanted))
            sheets.push_back(std::move(sheet));
    // The whole rack, and all that lies behind a figure, only where one thing is asked for.
    const bool rack = m_stations.front() == job::Station::Tooling;
    const bool aside = m_stations.size() == 1 && (!rack || wanted->has_value());
    return printSheets(out, m_name, job, sheets, asJson, aside);
}

} // namespace arbor::cli
