#include "cli/tools_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/print_tools.h"
#include "cli/station_command.h"
#include "io/results/tools_json.h"
#include "io/text_file.h"
#include "words/tooling_words.h"

#include <ostream>

namespace arbor::cli {

namespace {

/// Every step with its best way in a line. @return whether each of them is proven
bool printOverview(std::ostream& out, std::ostream& err, const plan::Plan& plan, bool asJson) {
    auto all = nlohmann::ordered_json::array();
    bool proven = true;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const auto& step = plan.steps[i].step;
        const auto& tools = *plan.steps[i].tools;
        proven = proven && tools.proven();
        if (tools.problem) err << "brisk-arbor-cli: " << words::say(*tools.problem) << '\n';
        const auto name = tools.ways.empty() ? std::string("nothing does it") : words::wayName(tools.ways.front());
        if (asJson)
            all.push_back({{"number", i + 1},
                           {"step", step.key},
                           {"title", words::stepTitle(step)},
                           {"proven", tools.proven()},
                           {"best", name}});
        else
            out << "  " << i + 1 << ". " << (tools.proven() ? "" : "STOP  ") << words::stepTitle(step) << ": " << name
                << '\n';
    }
    if (asJson) out << all.dump(2) << '\n';
    return proven;
}

} // namespace

int ToolsCommand::execute(std::ostream& out, std::ostream& err) const {
    if (!overview && step.empty()) {
        StationCommand station({job::Station::Tooling});
        station.jobPath = jobPath;
        station.shopFolder = shopFolder;
        station.asJson = asJson;
        return station.execute(out, err);
    }
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& steps = loaded->plan.steps;
    if (overview) return printOverview(out, err, loaded->plan, asJson) ? kWell : kStop;
    const auto index = plan::stepNamed(steps, step);
    if (!index) return refused(err, index.error());
    const auto& wanted = steps[*index];
    const auto& tools = *wanted.tools;
    if (tools.problem) return refused(err, io::inFile(*tools.problem, jobPath).value());
    const words::Display d(job.units);
    if (asJson)
        out << io::stepToolsJson(wanted.step, tools, d).dump(2) << '\n';
    else
        printStepTools(out, wanted, d);
    return tools.proven() ? kWell : kStop;
}

} // namespace arbor::cli
