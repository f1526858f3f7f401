#include "cli/turn_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "core/plan/work_steps.h"
#include "io/drawing/turned_drawing.h"
#include "io/results/result_json.h"
#include "words/sentences.h"
#include "words/tooling_words.h"

#include <ostream>

namespace arbor::cli {

namespace {

nlohmann::ordered_json sleeveJson(const tooling::TurnedSleeve& s, const words::Display& d) {
    const auto& t = s.tool;
    return {{"id", t.id},
            {"outside_mm", t.outsideDia_mm},
            {"bore_mm", t.boreDia_mm},
            {"length_mm", t.length_mm},
            {"head_dia_mm", t.headDia_mm},
            {"head_mm", t.headThick_mm},
            {"outside_limits_mm", io::limitsJson(s.outside_mm)},
            {"bore_limits_mm", io::limitsJson(s.bore_mm)},
            {"square_mm", s.square_mm},
            {"chamfer_mm", s.chamfer_mm},
            {"bar_dia_mm", s.barDia_mm},
            {"bar_length_mm", s.barLength_mm},
            {"coverage", s.check.coverage},
            {"findings", io::adviceJson(s.check.findings, d)}};
}

void printSleeve(std::ostream& out, const tooling::TurnedSleeve& s, const words::Display& d) {
    out << s.tool.id << "  " << words::toolSizes(s.tool, d) << ", head Ø" << d.size(s.tool.headDia_mm).number << " × "
        << d.size(s.tool.headThick_mm).text() << '\n'
        << "  from round bar " << d.size(s.barDia_mm).text() << ", " << d.size(s.barLength_mm).text() << " long\n";
    for (const auto& a : s.check.findings)
        out << (a.severity == Severity::Stop   ? "  STOP  "
                : a.severity == Severity::Look ? "  look  "
                                               : "  -     ")
            << words::say(a, d).line() << '\n';
}

Result<const plan::WorkStep*> stepFor(const plan::Plan& plan, const std::string& name) {
    if (!name.empty()) return plan::stepNamed(plan.steps, name).map([&](std::size_t i) { return &plan.steps[i].step; });
    if (plan.now()) return &plan.now()->step;
    return refuse(ProblemCode::Missing, "--step", {}, "a step: nothing is pressed in this job");
}

} // namespace

int TurnCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const auto wanted = stepFor(plan, step);
    if (!wanted) return refused(err, wanted.error());
    const auto sleeve = plan::turnFor(**wanted, plan.press, wishes);
    if (!sleeve) return refused(err, sleeve.error());
    const words::Display d(job.units);
    if (asJson)
        out << sleeveJson(*sleeve, d).dump(2) << '\n';
    else
        printSleeve(out, *sleeve, d);
    if (!outPath.empty()) {
        const io::TitleBlock block{"Press sleeve " + sleeve->tool.id, job.id + "  " + job.title, job.customer};
        const auto written = io::writeDrawing(outPath, io::drawTurned(*sleeve, block));
        if (!written) return refused(err, written.error());
    }
    return worst(sleeve->check.findings) == Severity::Stop ? kStop : kWell;
}

} // namespace arbor::cli
