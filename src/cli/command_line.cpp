#include "cli/command_line.h"

#include "cli/station_command.h"

#include <CLI/CLI.hpp>

namespace arbor::cli {

int run(int argc, const char* const* argv, std::ostream& out, std::ostream& err) {
    using job::Station;
    CLI::App app{"Works out a press job without a window. The product advises and does not certify."};
    app.require_subcommand(1);
    const std::pair<std::string, std::vector<Station>> commands[] = {
        {"plan", {std::begin(job::kStations), std::end(job::kStations)}},
        {"fit", {Station::Fit}},
        {"tools", {Station::Tooling}},
        {"press", {Station::Press}},
        {"seat", {Station::Seat}}};
    std::vector<std::pair<CLI::App*, std::unique_ptr<StationCommand>>> registered;
    for (const auto& [name, stations] : commands) {
        auto* sub =
            app.add_subcommand(name, name == "plan" ? "All stations of a job" : "The " + name + " station of a job");
        auto command = std::make_unique<StationCommand>(stations);
        sub->add_option("job", command->jobPath, "job file (*.arbor.json)")->required();
        sub->add_option("--shop", command->shopFolder,
                        "folder with rack.csv and presses.json (default: the job's folder)");
        sub->add_flag("--json", command->asJson, "print JSON");
        registered.emplace_back(sub, std::move(command));
    }
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error, out, err) == 0 ? 0 : 2;
    }
    for (const auto& [sub, command] : registered)
        if (sub->parsed()) return command->execute(out, err);
    return 2;
}

} // namespace arbor::cli
