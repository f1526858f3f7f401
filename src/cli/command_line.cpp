#include "cli/command_line.h"

#include "cli/calc_command.h"
#include "cli/exit_codes.h"
#include "cli/heat_command.h"
#include "cli/log_command.h"
#include "cli/route_command.h"
#include "cli/station_command.h"
#include "cli/tools_command.h"
#include "cli/turn_command.h"
#include "core/base/number.h"

#include <CLI/CLI.hpp>
#include <memory>
#include <vector>

namespace arbor::cli {

namespace {

using job::Station;

struct Registered {
    CLI::App* sub;
    std::unique_ptr<Command> command;
};

constexpr const char* kStepHelp = "one pressed step: its key as plan lists it, what the key begins with, or its number";

/// A number as people type it: CLI11 would read it by the C library's locale, and take 29.8 for 29 where that has
/// commas.
void addNumber(CLI::App& sub, const std::string& name, std::optional<double>& target, const std::string& help) {
    sub.add_option_function<std::string>(
        name,
        [&target, name](const std::string& text) {
            target = readNumber(text);
            if (!target) throw CLI::ValidationError(name, "“" + text + "” is no number");
        },
        help);
}

void addStation(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
                std::vector<Station> stations, bool bySteps = false) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<StationCommand>(std::move(stations));
    if (bySteps) sub->add_option("--step", command->step, kStepHelp);
    sub->add_option("job", command->jobPath, "job file (*.arbor.json)")->required();
    sub->add_option("--shop", command->shopFolder, "folder with rack.csv and presses.json (default: the job's folder)");
    sub->add_flag("--json", command->asJson, "print JSON");
    all.push_back({sub, std::move(command)});
}

void addRoute(CLI::App& app, std::vector<Registered>& all, const std::string& name, const std::string& what,
              RouteCommand::Direction direction) {
    auto* sub = app.add_subcommand(name, what);
    auto command = std::make_unique<RouteCommand>(direction);
    sub->add_option("job", command->path, "job file with an arrangement, or a file that holds one")->required();
    sub->add_flag("--json", command->asJson, "print JSON");
    all.push_back({sub, std::move(command)});
}

void addHeat(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("heat", "How hot, how cold, how long, and how soon it grips");
    auto command = std::make_unique<HeatCommand>();
    sub->add_option("job", command->jobPath, "job file (*.arbor.json)")->required();
    sub->add_option("--shop", command->shopFolder, "folder with rack.csv and presses.json (default: the job's folder)");
    sub->add_option("--seat", command->seat, "outer+inner part; default: the seat of the step in hand");
    sub->add_option("--step", command->step, kStepHelp)->excludes("--seat");
    addNumber(*sub, "--walk", command->walk_s, "from oven to press [s]");
    addNumber(*sub, "--off", command->off_K, "how far the oven is off [K]");
    sub->add_flag("--json", command->asJson, "print JSON");
    all.push_back({sub, std::move(command)});
}

void addLog(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("log", "Past presses: found, printed, taken in");
    auto command = std::make_unique<LogCommand>();
    sub->add_option("logbook", command->logbook,
                    "folder of jobs, sqlite:/path/to/file or postgresql://user@host:port/database")
        ->required();
    sub->add_option("--find", command->text, "words, or their beginnings");
    sub->add_option("--bearing", command->bearing, "designation");
    sub->add_option("--step", command->step, "pressed step as an entry names it: in:housing+bearing");
    sub->add_option("--tool", command->tool, "number of a tool or press");
    sub->add_option("--verdict", command->verdict, "of the seat or of the trace");
    sub->add_option("--from", command->from, "date, 2026-01-31");
    sub->add_option("--to", command->to, "date");
    sub->add_option("--most", command->most, "presses at most in the list; --csv and --json print all");
    sub->add_option("--import", command->importFile, "take in what log --json printed");
    auto* csv = sub->add_flag("--csv", command->asCsv, "print CSV");
    sub->add_flag("--json", command->asJson, "print JSON")->excludes(csv);
    all.push_back({sub, std::move(command)});
}

void addTools(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("tools", "The Tooling station of a job, or the tools for a step of its route");
    auto command = std::make_unique<ToolsCommand>();
    sub->add_option("job", command->jobPath, "job file (*.arbor.json)")->required();
    sub->add_option("--shop", command->shopFolder, "folder with rack.csv and presses.json (default: the job's folder)");
    auto* step = sub->add_option("--step", command->step, kStepHelp);
    sub->add_flag("--steps", command->overview, "every step, taking apart first, each with its best setup")
        ->excludes(step);
    sub->add_flag("--json", command->asJson, "print JSON");
    all.push_back({sub, std::move(command)});
}

void addTurn(CLI::App& app, std::vector<Registered>& all) {
    auto* sub = app.add_subcommand("turn", "A tool to turn for a job or a step of it: sizes, proof, drawing");
    auto command = std::make_unique<TurnCommand>();
    sub->add_option("job", command->jobPath, "job file (*.arbor.json)")->required();
    sub->add_option("--shop", command->shopFolder, "folder with rack.csv and presses.json (default: the job's folder)");
    sub->add_option("--step", command->step, kStepHelp);
    sub->add_option("--out", command->outPath, "drawing to write (.dxf or .svg)");
    addNumber(*sub, "--outside", command->wishes.outsideDia_mm, "in place of the designed outside [mm]");
    addNumber(*sub, "--bore", command->wishes.boreDia_mm, "in place of the designed bore [mm]");
    addNumber(*sub, "--length", command->wishes.length_mm, "in place of the designed length [mm]");
    addNumber(*sub, "--relief", command->wishes.relief_mm, "depth of the bore, the rest stays solid [mm]");
    addNumber(*sub, "--pilot-dia", command->wishes.pilotDia_mm, "pilot below the pushing face [mm]");
    addNumber(*sub, "--pilot", command->wishes.pilotLength_mm, "its length [mm]");
    sub->add_flag("--json", command->asJson, "print JSON");
    all.push_back({sub, std::move(command)});
}

void addCalc(CLI::App& app, std::vector<Registered>& all, std::istream& in) {
    auto* sub = app.add_subcommand("calc", "One calculation without a job: key=value, or JSON on standard input");
    auto command = std::make_unique<CalcCommand>(in);
    sub->add_option("name", command->name, "the calculation; --list names them");
    sub->add_flag("--list", command->list, "name every calculation");
    sub->add_flag("--json", command->asJson, "print JSON");
    sub->allow_extras(); // the inputs of the calculation named, not known here
    sub->callback([sub, wanted = command.get()] { wanted->inputs = sub->remaining(); });
    all.push_back({sub, std::move(command)});
}

} // namespace

int run(int argc, const char* const* argv, std::istream& in, std::ostream& out, std::ostream& err) {
    CLI::App app{"Works out a press job without a window. The product advises and does not certify."};
    app.require_subcommand(1);
    std::vector<Registered> all;
    addStation(app, all, "plan", "All stations of a job", {std::begin(job::kStations), std::end(job::kStations)});
    addStation(app, all, "measure", "The Measure station of a job", {Station::Measure});
    addStation(app, all, "fit", "The Fit station of a job", {Station::Fit});
    addTools(app, all);
    addHeat(app, all);
    addStation(app, all, "press", "The Press station of a job", {Station::Press}, true);
    addStation(app, all, "seat", "The Seat station of a job", {Station::Seat}, true);
    addStation(app, all, "adjust", "The Adjust station of a job", {Station::Adjust});
    addRoute(app, all, "strip", "The order of taking a job's arrangement apart", RouteCommand::Direction::Apart);
    addRoute(app, all, "route", "The order of putting it together", RouteCommand::Direction::Together);
    addTurn(app, all);
    addLog(app, all);
    addCalc(app, all, in);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error, out, err) == 0 ? 0 : 2;
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
