#pragma once

#include "cli/command.h"
#include "core/job/job.h"
#include "words/sheet.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::plan {
struct Plan;
}

namespace arbor::cli {

/// `plan`, `measure`, `fit`, `tools`, `heat`, `press`, `seat`, `adjust`, ...: works out a job file and prints the
/// sheets of the stations asked for.
class SheetCommand : public Command {
public:
    SheetCommand(std::string name, std::vector<job::Station> stations)
        : m_name(std::move(name)), m_stations(std::move(stations)) {}

    std::string jobPath;
    std::string shopFolder; ///< where rack.csv and presses.json are; empty: the job's own folder
    std::string step;       ///< one step by its key, what it begins with, or its number; empty: all
    std::string seat;       ///< of heat: the step in of a seat, outer+inner part
    std::optional<double> walk_s;
    std::optional<double> off_K;
    bool asJson = false;

    int execute(std::ostream& out, std::ostream& err) const override;

private:
    Result<std::optional<std::size_t>> stepWanted(const plan::Plan& plan) const;
    void print(std::ostream& out, const job::Job& job, const std::vector<words::Sheet>& sheets) const;

    std::string m_name;
    std::vector<job::Station> m_stations;
};

/// Prints as text or JSON. @return kStop where one of them stops
int printSheets(std::ostream& out, const std::string& command, const job::Job& job,
                const std::vector<words::Sheet>& sheets, bool asJson, bool aside);

} // namespace arbor::cli
