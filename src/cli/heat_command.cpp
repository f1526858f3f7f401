#include "cli/heat_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "cli/print_tools.h"
#include "io/results/heat_json.h"
#include "words/heat_words.h"

#include <cmath>
#include <ostream>

namespace arbor::cli {

namespace {

Result<std::size_t> seatNamed(const plan::Plan& plan, const std::string& name) {
    const auto* inHand = plan.seat();
    if (name.empty() && inHand) return static_cast<std::size_t>(inHand - plan.fits->seats.data());
    std::string known;
    for (std::size_t i = 0; i < plan.fits->seats.size(); ++i) {
        const auto& [outer, inner] = plan.fits->seats[i].key;
        if (outer + "+" + inner == name) return i;
        known += (known.empty() ? "" : ", ") + outer + "+" + inner;
    }
    return refuse(ProblemCode::UnknownName, "--seat", name, known);
}

/// The seat that a step makes.
Result<std::size_t> seatOfStep(const plan::Plan& plan, const std::string& name) {
    const auto index = plan::stepNamed(plan.steps, name);
    if (!index) return tl::unexpected(index.error());
    const auto& step = plan.steps[*index].step;
    if (step.out || !step.seat)
        return refuse(ProblemCode::OutOfRange, "--step", step.key, "a step in, of a seat whose sizes are known");
    return *step.seat;
}

void printSide(std::ostream& out, const plan::HeatSide& side, const words::Display& d) {
    out << "  " << side.label << ": " << d.temperature(side.temp_C).text() << ", " << words::soakLine(side, d) << '\n';
    for (const auto& limit : side.ceilings)
        out << "      up to " << d.temperature(limit.temp_C).text() << "  " << words::protectedThing(limit)
            << (limit.lowered ? " (lowered)" : "") << '\n';
    out << "      down to " << d.temperature(side.floor_C()).text() << '\n';
}

void printCourse(std::ostream& out, const plan::HeatCourse& c, const words::Display& d) {
    out << "  gap after the walk of " << words::duration(c.walk_s) << ": ";
    for (const auto& s : c.likely.apart.states)
        if (s.t_s >= c.walk_s) {
            out << d.fine(s.clearance_mm).text() << '\n';
            break;
        }
    out << "  last safe start  " << (c.lastStart_s ? words::duration(*c.lastStart_s) : std::string("stays open"))
        << '\n'
        << "  " << words::gripWords(c).line() << '\n';
    if (const auto within = words::homeWithin(c)) out << "  " << within->line() << '\n';
    if (c.lastStart_s && *c.lastStart_s < c.walk_s)
        printAdvice(out, {{Finding::WindowShort, Severity::Look, *c.lastStart_s, c.walk_s, {}, "HB4.11"}}, d);
    if (c.ready_s) out << "  measure and load after " << words::duration(*c.ready_s) << '\n';
}

} // namespace

int HeatCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto loaded = loadJobAndPlan(jobPath, shopFolder, err);
    if (!loaded) return refused(err, loaded.error());
    auto job = loaded->document.job;
    if (walk_s) job.heat.walk_s = *walk_s;
    if (off_K) job.heat.off_K = *off_K;
    const auto index = step.empty() ? seatNamed(loaded->plan, seat) : seatOfStep(loaded->plan, step);
    if (!index) return refused(err, index.error());
    const auto& known = loaded->plan; // a job with a problem was refused
    const auto plan = plan::planHeat({job, *loaded->library, known.strip, *known.fits, known.press}, *index);
    if (!plan) return refused(err, plan.error());
    const auto course = plan::followHeat(*plan, job.heat.walk_s, job.heat.off_K);
    if (!course) return refused(err, course.error());
    const words::Display d(job.units);
    if (asJson) {
        auto json = io::heatPlanJson(*plan, d);
        json["course"] = io::heatCourseJson(*course);
        out << json.dump(2) << '\n';
        return worst(plan->findings) == Severity::Stop ? kStop : kWell;
    }
    out << job.id << "  " << job.title << '\n';
    for (std::size_t i = 0; i < plan->ways.size(); ++i)
        out << (plan->ways[i].within ? "  + " : "  x ") << words::mixName(*plan, plan->ways[i], d) << '\n';
    printSide(out, plan->outer, d);
    printSide(out, plan->inner, d);
    printAdvice(out, plan->findings, d);
    if (plan->needed() || plan->byUser) printCourse(out, *course, d);
    for (const auto& caution : words::heatCautions(*plan))
        out << "  ! " << caution << '\n';
    return worst(plan->findings) == Severity::Stop ? kStop : kWell;
}

} // namespace arbor::cli
