#include "ui/tooling/tooling_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <QObject>
#include <algorithm>

namespace arbor::ui {

namespace {

/// Everything one slip is made of.
struct Told {
    const JobSession& session;
    const plan::WorkStep& step;
    const plan::StepWay& way;
    words::Display d;
};

void addStack(SlipModel& slip, const Told& told) {
    const auto& tools = *told.way.pressed;
    const auto& c = *tools.choice;
    slip.rowsTitle = c.press ? tr("Stack, bed to ram (%1)").arg(q(told.d.size(0).unit))
                             : tr("Stack on the bolt (%1)").arg(q(told.d.size(0).unit));
    if (c.press) slip.rows.push_back({tr("%1, notch %2").arg(q(c.press->name)).arg(c.notch + 1), {}});
    for (const auto& piece : words::pieces(c, told.step.tasks[told.way.task], told.d))
        slip.rows.push_back({piece.id.empty() ? q(words::capital(piece.what)) : q(piece.id + "   " + piece.what),
                             piece.height_mm > 0 ? q(told.d.size(piece.height_mm).number) : QString(),
                             !piece.id.empty(), Tone::Plain});
    const auto& s = tools.proof.stack;
    if (const auto& again = tools.proof.restack)
        slip.rows.push_back({tr("Two strokes"),
                             q(told.d.size(again->first_mm).number) + " + " + q(told.d.size(again->second_mm).number)});
    else
        slip.rows.push_back({c.press ? tr("Ram stroke used") : tr("Between the nuts"),
                             tr("%1 of %2")
                                 .arg(q(told.d.size(c.press ? s.strokeUsed_mm : s.stack_mm).number),
                                      q(told.d.size(c.press ? s.strokeThere_mm : s.daylight_mm).number))});
}

void addLoadOnElements(SlipModel& slip, const Advice& through, const Told& told) {
    const auto carry = tr("carry %1").arg(q(told.d.force(through.limit).text())).toStdString();
    auto figure =
        rangeFigure(tr("Load on the elements"), told.d.force(through.value), carry, {0, through.value, through.value});
    figure.tone = toneOf(through.severity);
    figure.lineTo = std::max(through.limit, through.value) * 1.1;
    figure.limits = {{through.limit, tr("static rating")}};
    slip.figures.push_back(figure);
}

/// What would do where this does not.
void addHelp(SlipModel& slip, const Told& told) {
    const auto& tools = *told.way.pressed;
    const auto good = std::find_if(tools.drivers.begin(), tools.drivers.end(), [&](const auto& c) {
        return c.tool && c.usable() && c.tool != tools.choice->driver;
    });
    if (good != tools.drivers.end())
        slip.notes.insert(slip.notes.begin() + 1, {Tone::Proven, tr("%1 would do").arg(q(good->tool->id)),
                                                   q(words::say(good->check.findings.front(), told.d).head)});
}

void addTurned(SlipModel& slip, const Told& told) {
    if (!told.way.turned) return;
    const auto& t = *told.way.turned;
    slip.notes.insert(slip.notes.begin(),
                      {Tone::Caution, tr("%1 is to be turned first").arg(q(t.tool.id)),
                       tr("%1 from round bar %2: T shows it")
                           .arg(q(words::toolSizes(t.tool, told.d)), q(told.d.size(t.barDia_mm).text()))});
}

SlipModel pressedSlip(const Told& told) {
    const auto& tools = *told.way.pressed;
    const auto& findings = tools.proof.findings;
    const bool stop = !tools.proof.holds();
    const auto* through = findingOf(findings, Finding::PathThroughElements);
    SlipModel slip;
    slip.title = stop ? tr("Stop") : tools.overridden ? tr("Your choice will do") : tr("Tooling");
    slip.titleTone = stop ? Tone::Stop : Tone::Plan;
    slip.subtitle = through && stop ? tr("The force would go through the rolling elements.")
                    : stop          ? q(words::say(findings.front(), told.d).head) + "."
                    : through       ? tr("It goes through the rolling elements: the bearing is scrap.")
                                    : q(words::capital(words::wayDetail(told.way, told.step))) + ".";
    if (through) addLoadOnElements(slip, *through, told);
    addStack(slip, told);
    slip.notesTitle = stop ? tr("Why not") : tr("Because");
    addNotes(slip, findings, told.d);
    if (const auto& pull = tools.proof.pull)
        for (const auto& line : words::boltLines(*tools.choice, *pull, told.d))
            slip.notes.push_back({Tone::Plan, q(line.head), q(line.detail)});
    if (stop) {
        addHelp(slip, told);
        slip.action = tools.overridden ? tr("Put back the program's choice") : QString();
        slip.caution = tr("Stop: do not press with this stack.");
        return slip;
    }
    addTurned(slip, told);
    const auto* driver = tools.choice->driver;
    slip.action = driver ? tr("Take %1").arg(q(driver->id)) : tr("Take this stack");
    slip.hint = tools.overridden ? tr("Space takes it. Escape puts back the program's choice.")
                                 : tr("Space takes it. T turns one. W shows another way.");
    if (told.step.out) slip.caution = tr("It lets go with a bang: guard it, stand out of the line of force.");
    return slip;
}

/// What the strip plan says of the method for this ring.
void addHow(SlipModel& slip, const Told& told) {
    const auto& strip = told.session.plan().strip;
    if (!told.step.ring || told.way.hand->jaws) return;
    const auto& ring = strip.rings[*told.step.ring];
    for (const auto& removal : ring.ways)
        if (removal.method == told.way.hand->method) {
            const auto said = words::say(removal, ring, strip.assembly, told.d);
            slip.notes.push_back({Tone::Plan, q(said.head), q(said.detail)});
        }
    if (told.step.load.known)
        slip.rows.push_back(
            {tr("May take up to"), q(told.d.force(told.step.load.greatest_N()).text()), true, Tone::Plain});
}

SlipModel handSlip(const Told& told) {
    SlipModel slip;
    slip.title = tr("By hand");
    slip.subtitle = q(words::capital(words::wayName(told.way))) + ".";
    slip.notesTitle = tr("How, and what to mind");
    addHow(slip, told);
    addNotes(slip, told.way.hand->findings, told.d);
    for (const auto& caution : words::cautions(told.way.hand->method))
        slip.notes.push_back({Tone::Caution, q(caution), {}});
    slip.action = tr("Do it so");
    slip.hint = tr("Space takes it. W shows another way.");
    return slip;
}

SlipModel nothingFits(const tooling::ToolPlan* tools, const words::Display& d) {
    SlipModel slip;
    slip.title = tr("Nothing on the rack fits");
    slip.titleTone = Tone::Stop;
    if (!tools) return slip;
    slip.subtitle = q(words::rejectionSummary(tools->drivers));
    if (tools->nearestMiss) {
        const auto said = words::say(*tools->nearestMiss, d);
        slip.notes.push_back({Tone::Plan, q(said.head), q(said.detail)});
    }
    slip.notes.push_back({Tone::Plan, tr("T turns one"), tr("a sleeve for this seat, with its drawing")});
    return slip;
}

} // namespace

SlipModel toolingSlip(const JobSession& session, std::size_t at) {
    const auto* step = session.step();
    if (!step) return brokenSlip(session, tr("No tools yet"));
    if (const auto& problem = step->tools->problem) {
        SlipModel slip;
        slip.title = tr("A tool is not on the rack");
        slip.titleTone = Tone::Stop;
        slip.subtitle = q(words::say(*problem));
        slip.action = tr("Put back the program's choice");
        return slip;
    }
    const auto& ways = step->tools->ways;
    if (ways.empty()) return nothingFits(nullptr, session.display());
    const Told told{session, step->step, ways[std::min(at, ways.size() - 1)], session.display()};
    if (told.way.hand) return handSlip(told);
    return told.way.pressed->choice ? pressedSlip(told) : nothingFits(&*told.way.pressed, told.d);
}

} // namespace arbor::ui
