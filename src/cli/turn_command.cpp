#include "cli/turn_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/sheet_command.h"
#include "core/plan/work_steps.h"
#include "io/drawing/turned_drawing.h"
#include "words/language.h"
#include "words/sheets/sheets.h"

#include <ostream>

namespace arbor::cli {

namespace {

Result<const plan::WorkStep*> stepFor(const plan::Plan& plan, const std::string& name) {
    if (!name.empty()) return plan::stepNamed(plan.steps, name).map([&](std::size_t i) { return &plan.steps[i].step; });
    if (plan.now()) return &plan.now()->step;
    return refuse(ProblemCode::Missing, "--step", {}, wanted("a step: nothing is pressed in this job"));
}

} // namespace

int TurnCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const auto wanted = stepFor(plan, step);
    if (!wanted) return refused(err, wanted.error());
    const auto sleeve = plan::turnFor(**wanted, plan.press, overrides);
    if (!sleeve) return refused(err, sleeve.error());
    const auto sheet = words::turnedSheet(words::SheetInput(job, plan), **wanted, *sleeve);
    if (!outPath.empty()) {
        const io::TitleBlock block{words::tr("Press sleeve {tool}").with("tool", sleeve->tool.id),
                                   job.id + "  " + job.title, job.customer};
        const auto written = io::writeDrawing(outPath, io::drawTurned(*sleeve, block));
        if (!written) return refused(err, written.error());
    }
    return printSheets(out, "turn", job, {sheet}, asJson, true);
}

} // namespace arbor::cli
