#pragma once

#include "cli/command.h"
#include "core/job/job.h"

#include <string>
#include <vector>

namespace arbor::cli {

/// `plan`, `fit`, `tools`, `press`, `seat`: works out a job file and prints the stations asked for.
class StationCommand : public Command {
public:
    explicit StationCommand(std::vector<job::Station> stations) : m_stations(std::move(stations)) {}

    std::string jobPath;
    std::string shopFolder; ///< where rack.csv and presses.json are; empty: the job's own folder
    bool asJson = false;

    int execute(std::ostream& out, std::ostream& err) const override;

private:
    std::vector<job::Station> m_stations;
};

} // namespace arbor::cli
