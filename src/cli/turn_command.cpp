#include "cli/turn_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "io/drawing/sleeve_dxf.h"
#include "io/result_json.h"
#include "words/sentences.h"

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

} // namespace

int TurnCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder);
    if (!loaded) return refused(err, loaded.error());
    const auto& job = loaded->document.job;
    const auto& plan = loaded->plan;
    const auto sleeve =
        tooling::designSleeve(*plan.arrangement, *plan.load, plan.press ? plan.press->ramFootDia_mm : 0, wishes);
    if (!sleeve) return refused(err, sleeve.error());
    const words::Display d(job.units);
    if (asJson)
        out << sleeveJson(*sleeve, d).dump(2) << '\n';
    else
        printSleeve(out, *sleeve, d);
    if (!outPath.empty()) {
        const auto written = io::writeSleeveDxf(
            outPath, *sleeve, {"Press sleeve " + sleeve->tool.id, job.id + "  " + job.title, job.customer});
        if (!written) return refused(err, written.error());
    }
    return worst(sleeve->check.findings) == Severity::Stop ? kStop : kWell;
}

} // namespace arbor::cli
