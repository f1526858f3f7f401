#include "cli/print_tools.h"

#include "words/step_words.h"
#include "words/tooling_words.h"

#include <algorithm>
#include <ostream>

namespace arbor::cli {

namespace {

using words::Display;

void printRack(std::ostream& out, const tooling::ToolPlan& t, const Display& d) {
    out << "  The rack, best first:\n";
    for (const auto& c : t.drivers) {
        const auto worstFirst =
            std::max_element(c.check.findings.begin(), c.check.findings.end(),
                             [](const Advice& a, const Advice& b) { return a.severity < b.severity; });
        out << "    " << (c.usable() ? "+ " : "x ")
            << (c.tool ? c.tool->id + "  " + words::toolSizes(*c.tool, d) : std::string("bare ram")) << "  "
            << (worstFirst == c.check.findings.end() ? "" : words::say(*worstFirst, d).head) << '\n';
    }
    out << "  " << words::rejectionSummary(t.drivers) << '\n';
    if (t.nearestMiss) out << "  " << words::say(*t.nearestMiss, d).line() << '\n';
}

} // namespace

void printAdvice(std::ostream& out, const AdviceList& list, const Display& d) {
    for (const auto& a : list) {
        const char* mark = a.severity == Severity::Stop   ? "  STOP  "
                           : a.severity == Severity::Look ? "  look  "
                                                          : "  -     ";
        out << mark << words::say(a, d).line() << '\n';
    }
}

void printToolPlan(std::ostream& out, const tooling::ToolPlan& t, const tooling::Task& task, const Display& d) {
    if (t.choice) {
        if (t.choice->press)
            out << "  press " << t.choice->press->name << ", bed notch " << t.choice->notch + 1 << '\n';
        for (const auto& piece : words::pieces(*t.choice, task, d))
            out << "  " << (piece.id.empty() ? "" : piece.id + "  ") << piece.what << "  "
                << d.size(piece.height_mm).number << '\n';
        if (t.proof.pull)
            for (const auto& line : words::boltLines(*t.choice, *t.proof.pull, d))
                out << "  -     " << line.line() << '\n';
        printAdvice(out, t.proof.findings, d);
    } else {
        out << "  STOP  nothing on the rack fits\n";
    }
    printRack(out, t, d);
}

void printStepTools(std::ostream& out, const plan::StepPlan& planned, const Display& d) {
    const auto& step = planned.step;
    out << words::stepTitle(step) << '\n';
    if (planned.press)
        for (const auto& line : words::pressLines(*planned.press, d))
            out << "  " << line << '\n';
    if (step.load.known)
        out << "  tools judged for " << d.force(step.load.greatest_N()).text() << '\n';
    else
        out << "  the force is not known: no sizes, or no metal ring\n";
    for (const auto& way : planned.tools->ways)
        out << "  " << (way.proven() ? "+ " : "x ") << words::wayName(way) << ": " << words::wayDetail(way, step)
            << '\n';
    if (!planned.way()) {
        out << "  STOP  it cannot be pressed, and the rack has nothing to pull it with\n";
        return;
    }
    const auto& best = *planned.way();
    if (best.pressed)
        printToolPlan(out, *best.pressed, step.tasks[best.task], d);
    else
        printAdvice(out, best.hand->findings, d);
}

} // namespace arbor::cli
