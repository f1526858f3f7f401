#include "core/foreman/foreman.h"
#include "words/sheets/sheet_parts.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <algorithm>

namespace arbor::words {

namespace {

/// Everything one sheet of Tooling is made of.
struct Setup {
    const SheetInput& told;
    const plan::WorkStep& step;
    const plan::StepSetup& way;
};

void addPieces(Sheet& sheet, const Setup& s) {
    const auto& c = *s.way.pressed->choice;
    const auto& d = s.told.d;
    auto& stack = sheet.list("stack", c.press ? tr("Stack, bed to ram ({unit})").with("unit", d.size(0).unit)
                                              : tr("Stack on the bolt ({unit})").with("unit", d.size(0).unit));
    if (c.press)
        stack.rows.push_back(
            {c.press->id,
             tr("{press}, notch {notch}").with("press", c.press->name).with("notch", static_cast<int>(c.notch) + 1)});
    for (const auto& piece : pieces(c, s.step.tasks[s.way.task], d)) {
        Row row{piece.id, piece.id.empty() ? capital(piece.what) : piece.id + "   " + piece.what};
        if (piece.height_mm > 0) {
            row.right = d.size(piece.height_mm).number;
            row.value = exactly(piece.height_mm);
        }
        row.strong = !piece.id.empty();
        stack.rows.push_back(std::move(row));
    }
}

/// Which tool does what, by its number.
void addChoice(Sheet& sheet, const Setup& s) {
    const auto& c = *s.way.pressed->choice;
    auto& rows = sheet.list("choice", tr("Setup"), true).rows;
    const auto tool = [&](const char* key, const Text& label, const catalog::Tool* one, const Text& otherwise) {
        if (one || !otherwise.text().empty()) rows.push_back({key, label, one ? one->id : otherwise.text()});
    };
    const Text nothing("");
    if (c.press) rows.push_back({"press", tr("Press", "machine"), c.press->id});
    tool("draw_bolt", tr("Draw bolt"), c.press ? nullptr : c.bolt, nothing);
    tool("hollow_ram", tr("Hollow ram"), c.ram, nothing);
    tool("plate", tr("Plate"), c.plate, nothing);
    tool("separator", tr("Separator"), c.separator, nothing);
    tool("support", tr("Support"), c.support, c.press ? tr("bed") : tr("work"));
    tool("driver", tr("Driver"), c.driver, tr("ram"));
    for (const auto* spacer : c.spacers)
        tool("spacer", tr("Spacer"), spacer, nothing);
    const auto& task = s.step.tasks[s.way.task];
    rows.push_back({"travel_mm", tr("Travel"), s.told.d.size(task.travel_mm).text(), exactly(task.travel_mm)});
    if (task.turnedOver) rows.push_back({"turned_over", tr("The work stands turned over")});
}

void addStack(Sheet& sheet, const Setup& s) {
    addPieces(sheet, s);
    addChoice(sheet, s);
    const auto& tools = *s.way.pressed;
    const auto& fit = tools.proof.stack;
    const auto& d = s.told.d;
    const bool press = tools.choice->press != nullptr;
    auto& stack = sheet.list("stack").rows;
    if (const auto& again = tools.proof.restack)
        stack.push_back({"two_strokes_mm", tr("Two strokes"),
                         d.size(again->first_mm).number + " + " + d.size(again->second_mm).number,
                         exactly(again->first_mm)});
    else
        stack.push_back({press ? "stroke_used_mm" : "stack_mm", press ? tr("Ram stroke used") : tr("Between the nuts"),
                         tr("{used} of {there}")
                             .with("used", d.size(press ? fit.strokeUsed_mm : fit.stack_mm).number)
                             .with("there", d.size(press ? fit.strokeThere_mm : fit.daylight_mm).number),
                         exactly(press ? fit.strokeUsed_mm : fit.stack_mm)});
    auto& rows = sheet.list("stack_fit", tr("Room for the stack"), true).rows;
    const auto size = [&](const char* key, const Text& label, double mm) {
        rows.push_back({key, label, d.size(mm).text(), exactly(mm)});
    };
    size("stack_mm", tr("Height of the stack"), fit.stack_mm);
    size("daylight_mm", tr("Daylight"), fit.daylight_mm);
    size("approach_mm", tr("Ram travel before it touches"), fit.approach_mm);
    size("stroke_mm", tr("Stroke there is"), fit.strokeThere_mm);
}

void addLoadOnElements(Sheet& sheet, const Advice& through, const Display& d) {
    const auto& load = *through.get<found::PathThroughElements>();
    auto figure = figureOf("load_on_elements_N", tr("Load on the rolling elements"), d.force(load.force_N),
                           load.rating_N > 0 ? tr("rated {force}").with("force", d.force(load.rating_N).text()).text()
                                             : tr("carries no axial load").text(),
                           {0, load.force_N, load.force_N});
    figure.tone = toneOf(through.severity);
    figure.lineTo = std::max(load.rating_N, load.force_N) * 1.1;
    figure.limits = {{load.rating_N, tr("static rating")}};
    sheet.figures.push_back(figure);
}

/// What would do where this does not.
void addHelp(Sheet& sheet, const Setup& s) {
    const auto& tools = *s.way.pressed;
    const auto good = std::find_if(tools.drivers.begin(), tools.drivers.end(), [&](const auto& c) {
        return c.tool && c.usable() && c.tool != tools.choice->driver;
    });
    if (good != tools.drivers.end())
        sheet.notes.push_back(noteOf("would_do", Tone::Proven, tr("{tool} would do").with("tool", good->tool->id),
                                     say(good->check.findings.front(), s.told.d).head));
}

void addTurned(Sheet& sheet, const Setup& s) {
    if (!s.way.turned) return;
    const auto& t = *s.way.turned;
    const auto& d = s.told.d;
    sheet.notes.push_back(noteOf("make_first", Tone::Check, tr("Make {tool} first").with("tool", t.tool.id),
                                 tr("{sizes} from round bar {bar}")
                                     .with("sizes", toolSizes(t.tool, d))
                                     .with("bar", d.size(t.barDia_mm).text())));
}

/// Every piece of the rack with why it does or does not.
template <class Candidates>
void addRack(Sheet& sheet, const char* key, const Text& title, const Candidates& all, const Text& nothing,
             const Display& d) {
    auto& rows = sheet.list(key, title, true).rows;
    for (const auto& c : all) {
        const auto worstOne = std::max_element(c.check.findings.begin(), c.check.findings.end(),
                                               [](const auto& a, const auto& b) { return a.severity < b.severity; });
        rows.push_back({c.tool ? c.tool->id : "-",
                        c.tool ? c.tool->id + "   " + toolSizes(*c.tool, d) : nothing.text(),
                        worstOne == c.check.findings.end() ? std::string() : say(*worstOne, d).head,
                        {},
                        c.usable(),
                        c.usable() ? Tone::Plain : Tone::Stop});
    }
}

void addSearch(Sheet& sheet, const tooling::ToolPlan& tools, const SheetInput& told) {
    const auto& d = told.d;
    if (told.aside) {
        addRack(sheet, "drivers", tr("Drivers on the rack, best first"), tools.drivers, tr("bare ram"), d);
        addRack(sheet, "supports", tr("Supports on the rack, best first"), tools.supports, tr("the bed"), d);
    }
    if (!tools.drivers.empty()) sheet.notes.push_back(noteOf("rack", Tone::Plan, rejectionSummary(tools.drivers)));
    if (tools.nearestMiss) {
        const auto said = say(*tools.nearestMiss, d);
        sheet.notes.push_back(noteOf("nearest_miss", Tone::Plan, said.head, said.detail));
    }
}

void pressedSheet(Sheet& sheet, const Setup& s) {
    const auto& tools = *s.way.pressed;
    const auto& findings = tools.proof.findings;
    const auto& d = s.told.d;
    const bool stop = !tools.proof.holds();
    const auto* through = findingOf<found::PathThroughElements>(findings);
    sheet.title = stop ? tr("Stop") : tools.overridden ? tr("Your choice will do") : tr("Tooling");
    sheet.tone = stop ? Tone::Stop : Tone::Plan;
    sheet.verdict = through && stop ? tr("The force would go through the rolling elements.").text()
                    : stop          ? say(findings.front(), d).head + "."
                    : through       ? tr("It goes through the rolling elements: the bearing is scrap.").text()
                                    : capital(wayDetail(s.way, s.step)) + ".";
    if (through) addLoadOnElements(sheet, *through, d);
    addStack(sheet, s);
    sheet.notesTitle = stop ? tr("Why not") : tr("Because");
    addNotes(sheet, findings, d);
    if (const auto& pull = tools.proof.pull)
        for (const auto& line : boltLines(*tools.choice, *pull, d))
            sheet.notes.push_back(noteOf("bolt", Tone::Plan, line.head, line.detail));
    if (stop) {
        addHelp(sheet, s);
        if (tools.overridden) sheet.action = tr("Use the program's choice again");
        sheet.caution = tr("Stop: do not press with this stack.");
        return;
    }
    addTurned(sheet, s);
    const auto* driver = tools.choice->driver;
    if (s.way.turned) {
        sheet.mark = "check"; // a way out that is proven, though nothing on the rack is one
        sheet.waitsFor = tr("It must be made first.");
    }
    sheet.action = driver ? tr("Take {tool}").with("tool", driver->id) : tr("Take this stack");
    if (s.step.out) sheet.caution = tr("It lets go suddenly: guard it, stand out of the line of force.");
}

/// What the strip plan says of the method for this ring.
void addHow(Sheet& sheet, const Setup& s) {
    const auto& strip = s.told.plan.strip;
    if (!s.step.ring || s.way.hand->jaws) return;
    const auto& ring = strip.rings[*s.step.ring];
    for (const auto& removal : ring.ways)
        if (removal.method == s.way.hand->method) {
            const auto said = say(removal, ring, strip.assembly, s.told.d);
            sheet.notes.push_back(noteOf("how", Tone::Plan, said.head, said.detail));
        }
    if (s.step.load.known)
        sheet.list("stack").rows.push_back({"greatest_force_N", tr("May take up to"),
                                            s.told.d.force(s.step.load.greatest_N()).text(),
                                            exactly(s.step.load.greatest_N())});
}

void handSheet(Sheet& sheet, const Setup& s) {
    sheet.title = s.way.proven() ? tr("By hand") : tr("The tool is missing");
    if (!s.way.proven()) sheet.tone = Tone::Stop;
    sheet.verdict = capital(wayName(s.way)) + ".";
    sheet.notesTitle = tr("How, and what to watch");
    addHow(sheet, s);
    addNotes(sheet, s.way.hand->findings, s.told.d);
    for (const auto& caution : cautions(s.way.hand->method)) {
        sheet.notes.push_back(noteOf("caution", Tone::Check, caution));
        if (sheet.caution.empty()) sheet.caution = caution;
    }
    if (s.way.proven()) sheet.action = tr("Use this method");
}

void ownSheet(Sheet& sheet, const Setup& s) {
    const auto& own = *s.way.own;
    sheet.title = s.way.proven() ? tr("By its own thread") : tr("Its own thread will not do");
    if (!s.way.proven()) sheet.tone = Tone::Stop;
    sheet.verdict = capital(wayName(s.way)) + ".";
    sheet.notesTitle = s.way.proven() ? tr("How, and what to watch") : tr("Why not");
    if (own.load) {
        const auto torque = own.load->torque_Nmm * 1e-3;
        sheet.figures.push_back(figureOf("torque_end_Nm",
                                         own.count > 1 ? tr("Torque of each at the end") : tr("Torque at the end"),
                                         s.told.d.torque(torque.likely),
                                         tr("{least} to {most}")
                                             .with("least", s.told.d.torque(torque.least).number)
                                             .with("most", s.told.d.torque(torque.most).text()),
                                         torque));
    }
    addNotes(sheet, own.findings, s.told.d);
    sheet.caution = tr("Hand wrench only, and stand clear of the thread’s line.");
    if (s.way.proven()) sheet.action = tr("Use this method");
}

void nothingFits(Sheet& sheet, const tooling::ToolPlan& tools) {
    sheet.title = tr("Nothing on the rack fits");
    sheet.tone = Tone::Stop;
    sheet.verdict = rejectionSummary(tools.drivers);
    sheet.notes.push_back(noteOf("make_one", Tone::Plan, tr("Make a sleeve"), tr("for this seat, with its drawing")));
}

void addWays(Sheet& sheet, const plan::StepPlan& step, const Display& d) {
    auto& rows = sheet.list("setups", tr("Setups, best first"), true).rows;
    for (const auto& way : step.tools->ways)
        rows.push_back({way.proven() ? "proven" : "stop",
                        wayName(way),
                        wayDetail(way, step.step),
                        {},
                        way.proven(),
                        way.proven() ? Tone::Proven : Tone::Stop});
    auto& loads = sheet.list("loads", tr("Judged for"), true).rows;
    const auto& load = step.step.load;
    if (load.known)
        loads.push_back(
            {"greatest_force_N", tr("Greatest force"), d.force(load.greatest_N()).text(), exactly(load.greatest_N())});
    loads.push_back({"static_axial_rating_N", tr("Axial static load rating C0a"), d.force(load.staticAxial_N).text(),
                     exactly(load.staticAxial_N)});
}

} // namespace

Sheet toolingSheet(const SheetInput& told, const plan::StepPlan& step, std::size_t at) {
    auto sheet = sheetOf(job::Station::Tooling, step);
    if (!step.tools) {
        sheet.title = tr("No tools yet");
        return sheet;
    }
    if (const auto& problem = step.tools->problem) {
        sheet.title = tr("A tool is not on the rack");
        sheet.tone = Tone::Stop;
        sheet.verdict = say(*problem);
        sheet.action = tr("Use the program's choice again");
        return sheet;
    }
    const auto& ways = step.tools->ways;
    if (ways.empty()) {
        sheet.title = tr("No press and no tools for this yet");
        sheet.tone = Tone::Stop;
        sheet.verdict = tr("Borrow, buy or turn:");
        addNotes(sheet, foreman::atSetUp(told.plan, step, nullptr), told.d);
        return worstFirst(std::move(sheet));
    }
    const Setup setup{told, step.step, ways[std::min(at, ways.size() - 1)]};
    if (setup.way.own)
        ownSheet(sheet, setup);
    else if (setup.way.hand)
        handSheet(sheet, setup);
    else if (setup.way.pressed->choice)
        pressedSheet(sheet, setup);
    else
        nothingFits(sheet, *setup.way.pressed);
    addNotes(sheet, foreman::atSetUp(told.plan, step, &setup.way), told.d);
    addWays(sheet, step, told.d);
    if (setup.way.pressed) addSearch(sheet, *setup.way.pressed, told);
    if (!step.step.load.known)
        sheet.notes.push_back(noteOf("force_unknown", Tone::Plan, tr("The force is not known"),
                                     tr("its sizes are missing, or it is held by its rubber")));
    return worstFirst(std::move(sheet));
}

Sheet turnedSheet(const SheetInput& told, const plan::WorkStep& step, const tooling::TurnedSleeve& sleeve) {
    const auto& t = sleeve.tool;
    const auto& d = told.d;
    Sheet sheet;
    sheet.station = job::name(job::Station::Tooling);
    sheet.about = step.key;
    sheet.heading = stepTitle(step);
    sheet.title = tr("{tool}, to be made").with("tool", t.id);
    sheet.verdict = tr("{sizes} from round bar {bar}, {length} long")
                        .with("sizes", toolSizes(t, d))
                        .with("bar", d.size(sleeve.barDia_mm).text())
                        .with("length", d.size(sleeve.barLength_mm).text());
    auto& rows = sheet.list("sleeve", tr("Sizes")).rows;
    const auto size = [&](const char* key, const Text& label, double mm) {
        rows.push_back({key, label, d.size(mm).text(), exactly(mm)});
    };
    const auto limits = [&](const char* key, const Text& label, const Interval& l) {
        rows.push_back({key, label, between(d.size(l.lower), d.size(l.upper)), Range{l.lower, l.mid(), l.upper}});
    };
    size("outside_mm", tr("Outside"), t.outsideDia_mm);
    limits("outside_limits_mm", tr("Outside, limits"), sleeve.outside_mm);
    size("bore_mm", tr("Bore"), t.boreDia_mm);
    limits("bore_limits_mm", tr("Bore, limits"), sleeve.bore_mm);
    size("length_mm", tr("Length"), t.length_mm);
    size("head_dia_mm", tr("Head diameter"), t.headDia_mm);
    size("head_mm", tr("Head thickness"), t.headThick_mm);
    size("square_mm", tr("Faces square within"), sleeve.square_mm);
    size("chamfer_mm", tr("Chamfer"), sleeve.chamfer_mm);
    size("bar_dia_mm", tr("Round bar"), sleeve.barDia_mm);
    size("bar_length_mm", tr("Bar length"), sleeve.barLength_mm);
    rows.push_back({"coverage_percent", tr("Of the face it covers"), percent(sleeve.check.coverage),
                    exactly(100 * sleeve.check.coverage)});
    addNotes(sheet, sleeve.check.findings, d);
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
