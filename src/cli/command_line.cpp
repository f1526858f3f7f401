#include "cli/command_line.h"

#include "cli/backup_command.h"
#include "cli/calc_command.h"
#include "cli/exit_codes.h"
#include "cli/log_command.h"
#include "cli/pay_command.h"
#include "cli/route_command.h"
#include "cli/sheet_command.h"
#include "cli/shop_command.h"
#include "cli/turn_command.h"
#include "core/base/number.h"
#include "words/language.h"
#include "words/sentences.h"

#include <CLI/CLI.hpp>
#include <memory>
#include <vector>

namespace arbor::cli {

namespace {

using job::Station;
using words::tr;

/// The few words the parser prints of its own.
void speakUsage(CLI::App& app) {
    const auto formatter = app.get_formatter();
    formatter->label("Usage", tr("Usage"));
    formatter->label("OPTIONS", tr("OPTIONS"));
    formatter->label("Options", tr("Options"));
    formatter->label("Positionals", tr("Positionals"));
    formatter->label("SUBCOMMAND", tr("SUBCOMMAND"));
    formatter->label("Subcommands", tr("Subcommands"));
    formatter->label("REQUIRED", tr("REQUIRED"));
    app.set_help_flag("-h,--help", tr("Print this help message and exit"));
    app.set_version_flag("--version", std::string("brisk-arbor-cli ") + BRISK_ARBOR_VERSION,
                         tr("Print the version and exit"));
    app.footer(tr("Exit codes: 0 all is well, 1 a verdict is stop, 2 the input is wrong.").text());
}

/// What the parser found wrong, by its kind.
std::string said(const CLI::ParseError& error) {
    std::string what = error.what();
    const std::string kind = error.get_name();
    const auto detail = what.substr(0, what.find(" is required"));
    if (kind == "RequiredError") return tr("missing: {what}").with("what", detail);
    const auto extra = what.rfind(": "); // "The following argument was not expected: --wrong"
    if (kind == "ExtrasError" && extra != std::string::npos)
        return tr("not expected: {what}").with("what", what.substr(extra + 2));
    if (kind == "ArgumentMismatch") return tr("a value is missing or too much: {what}").with("what", what);
    if (kind == "ExcludesError") return tr("these do not go together: {what}").with("what", what);
    return what;
}

struct Registered {
    CLI::App* sub;
    std::unique_ptr<Command> command;
};

std::string stepHelp() {
    return tr("one pressed step: its key as plan lists it, what the key begins with, or its number");
}

/// A number as people type it: CLI11 would read it by the C library's locale, and take 29.8 for 29 where that has
/// commas.
void addNumber(CLI::App& sub, const std::string& name, std::optional<double>& target, const std::string& help) {
    sub.add_option_function<std::string>(
        name,
        [&target, name](const std::string& text) {
            target = readNumber(text);
            if (!target) throw CLI::ValidationError(name, tr("“{text}” is no number").with("text", text));
        },
        help);
}

SheetCommand& addSheets(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
                        std::vector<Station> stations) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<SheetCommand>(name, std::move(stations));
    auto& made = *command;
    sub->add_option("--step", made.step, stepHelp());
    sub->add_option("job", made.jobPath, tr("job file (*.arbor.json)"))->required();
    sub->add_option("--shop", made.shopFolder, tr("folder with rack.csv and presses.json (default: the job's folder)"));
    sub->add_flag("--json", made.asJson, tr("print JSON"));
    all.push_back({sub, std::move(command)});
    return made;
}

void addStation(CLI::App& app, std::vector<Registered>& all, const std::string& name, Station station) {
    addSheets(app, all, name, tr("The {station} station of a job").with("station", words::stationTitle(station)),
              {station});
}

void addRoute(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
              RouteCommand::Direction direction) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<RouteCommand>(direction);
    sub->add_option("job", command->path, tr("job file with an arrangement, or a file that holds one"))->required();
    sub->add_flag("--json", command->asJson, tr("print JSON"));
    all.push_back({sub, std::move(command)});
}

void addHeat(CLI::App& app, std::vector<Registered>& all) {
    auto& command =
        addSheets(app, all, "heat", tr("How hot, how cold, how long, and how soon it grips"), {Station::Warm});
    auto* sub = all.back().sub;
    sub->add_option("--seat", command.seat, tr("outer+inner part, in place of a step"))->excludes("--step");
    addNumber(*sub, "--walk", command.walk_s, tr("from oven to press [s]"));
    addNumber(*sub, "--off", command.off_K, tr("oven error [K]"));
}

void addLog(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("log", tr("Past presses: found, printed, taken in"));
    auto command = std::make_unique<LogCommand>();
    sub->add_option("logbook", command->logbook,
                    tr("folder of jobs, sqlite:/path/to/file or postgresql://user@host:port/database"))
        ->required();
    sub->add_option("--find", command->text, tr("words, or their beginnings"));
    sub->add_option("--bearing", command->bearing, tr("designation"));
    sub->add_option("--step", command->step, tr("pressed step as an entry names it: in:housing+bearing"));
    sub->add_option("--tool", command->tool, tr("number of a tool or press"));
    sub->add_option("--verdict", command->verdict, tr("of the seat or of the trace"));
    sub->add_option("--from", command->from, tr("date, 2026-01-31"));
    sub->add_option("--to", command->to, tr("date"));
    sub->add_option("--most", command->most, tr("presses at most in the list; --csv and --json print all"));
    sub->add_option("--import", command->importFile, tr("take in what log --json printed"));
    auto* csv = sub->add_flag("--csv", command->asCsv, tr("print CSV"));
    sub->add_flag("--json", command->asJson, tr("print JSON"))->excludes(csv);
    all.push_back({sub, std::move(command)});
}

void addPay(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
            PayCommand::Paper paper) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<PayCommand>(paper);
    sub->add_option("job", command->jobPath, tr("job file (*.arbor.json)"))->required();
    sub->add_option("--shop", command->shopFolder,
                    tr("folder with rack.csv and presses.json (default: the job's folder)"));
    auto* json = sub->add_flag("--json", command->asJson, tr("print JSON"));
    if (paper == PayCommand::Paper::Quote) {
        sub->add_flag("--taken", command->taken, tr("hours as they were taken: the lines of an invoice"));
        sub->add_flag("--csv", command->asCsv, tr("print CSV"))->excludes(json);
    }
    all.push_back({sub, std::move(command)});
}

void addShop(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
             ShopCommand::Asked asked) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<ShopCommand>(asked);
    sub->add_option("shop", command->folder, tr("folder of jobs"))->required();
    sub->add_option("--now", command->now, tr("plan from then: 2026-11-30T07:00 (default: now)"));
    sub->add_flag("--json", command->asJson, tr("print JSON"));
    all.push_back({sub, std::move(command)});
}

void addTurn(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("turn", tr("A tool to turn for a job or a step of it: sizes, proof, drawing"));
    auto command = std::make_unique<TurnCommand>();
    sub->add_option("job", command->jobPath, tr("job file (*.arbor.json)"))->required();
    sub->add_option("--shop", command->shopFolder,
                    tr("folder with rack.csv and presses.json (default: the job's folder)"));
    sub->add_option("--step", command->step, stepHelp());
    sub->add_option("--out", command->outPath, tr("drawing to write (.dxf or .svg)"));
    addNumber(*sub, "--outside", command->overrides.outsideDia_mm, tr("in place of the designed outside [mm]"));
    addNumber(*sub, "--bore", command->overrides.boreDia_mm, tr("in place of the designed bore [mm]"));
    addNumber(*sub, "--length", command->overrides.length_mm, tr("in place of the designed length [mm]"));
    addNumber(*sub, "--relief", command->overrides.relief_mm, tr("depth of the bore, the rest stays solid [mm]"));
    addNumber(*sub, "--pilot-dia", command->overrides.pilotDia_mm, tr("pilot below the pushing face [mm]"));
    addNumber(*sub, "--pilot", command->overrides.pilotLength_mm, tr("its length [mm]"));
    sub->add_flag("--json", command->asJson, tr("print JSON"));
    all.push_back({sub, std::move(command)});
}

void addCalc(CLI::App& app, std::vector<Registered>& all, std::istream& in) {
    auto* sub = app.add_subcommand("calc", tr("One calculation without a job: key=value, or JSON on standard input"));
    auto command = std::make_unique<CalcCommand>(in);
    sub->add_option("name", command->name, tr("the calculation; --list names them"));
    sub->add_flag("--list", command->list, tr("name every calculation"));
    sub->add_flag("--json", command->asJson, tr("print JSON"));
    sub->allow_extras(); // the inputs of the calculation named, not known here
    sub->callback([sub, wanted = command.get()] { wanted->inputs = sub->remaining(); });
    all.push_back({sub, std::move(command)});
}

void addBackup(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("backup", tr("A whole shop into one dated archive: jobs, traces, photos, logbook"));
    auto command = std::make_unique<BackupCommand>();
    sub->add_option("shop", command->shopOrArchive, tr("folder of jobs; with --check an archive"))->required();
    sub->add_option("--into", command->into, tr("folder for the archive (default: here)"));
    sub->add_option("--logbook", command->logbook,
                    tr("sqlite:/path/to/file or postgresql://user@host:port/database (default: beside the jobs)"));
    sub->add_flag("--check", command->check, tr("read an archive to its end and compare every file with its list"));
    all.push_back({sub, std::move(command)});
    auto* back = app.add_subcommand("restore", tr("An archive back into a folder that is new or empty"));
    auto restored = std::make_unique<RestoreCommand>();
    back->add_option("archive", restored->archive, tr("as backup made it (*.tar.gz)"))->required();
    back->add_option("folder", restored->folder, tr("new or empty"))->required();
    all.push_back({back, std::move(restored)});
}

} // namespace

int run(int argc, const char* const* argv, std::istream& in, std::ostream& out, std::ostream& err) {
    CLI::App app{tr("Works out a press job without a window. The product advises and does not certify.")};
    speakUsage(app);
    app.require_subcommand(1);
    std::vector<Registered> all;
    addSheets(app, all, "plan", tr("All stations of a job"), {std::begin(job::kStations), std::end(job::kStations)});
    addStation(app, all, "intake", Station::Intake);
    addStation(app, all, "measure", Station::Measure);
    addStation(app, all, "fit", Station::Fit);
    addStation(app, all, "tools", Station::Tooling);
    addHeat(app, all);
    addStation(app, all, "press", Station::Press);
    addStation(app, all, "seat", Station::Seat);
    addStation(app, all, "adjust", Station::Adjust);
    addStation(app, all, "close", Station::Close);
    addRoute(app, all, "strip", tr("The order of taking a job's arrangement apart"), RouteCommand::Direction::Apart);
    addRoute(app, all, "route", tr("The order of putting it together"), RouteCommand::Direction::Together);
    addTurn(app, all);
    addPay(app, all, "quote", tr("Hours, parts and prices of a job, to quote or to invoice"), PayCommand::Paper::Quote);
    addPay(app, all, "customer", tr("A job in plain words, for its customer"), PayCommand::Paper::Customer);
    addShop(app, all, "day", tr("Every job of a shop on its presses, ovens and hands: what goes where when"),
            ShopCommand::Asked::Day);
    addShop(app, all, "inspections", tr("When which machine is to be looked at again"),
            ShopCommand::Asked::Inspections);
    addLog(app, all);
    addBackup(app, all);
    addCalc(app, all, in);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        if (error.get_exit_code() == 0) return app.exit(error, out, err); // help was asked for
        err << "brisk-arbor-cli: " << said(error) << '\n' << tr("--help tells more.").text() << '\n';
        return kBadInput;
    }
    try {
        for (const auto& [sub, command] : all)
            if (sub->parsed()) return command->execute(out, err);
    } catch (const std::exception& error) {
        err << "brisk-arbor-cli: " << error.what() << '\n';
    }
    return kBadInput;
}

} // namespace arbor::cli
