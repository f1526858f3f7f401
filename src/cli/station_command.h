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
    std::string step;       ///< of Press and Seat: one step by its key, what it begins with, or its number; empty: all
    bool asJson = false;

    int execute(std::ostream& out, std::ostream& err) const override;

private:
    bool wants(job::Station station) const;
    int executeStep(std::ostream& out, std::ostream& err) const;

    std::vector<job::Station> m_stations;
};

} // namespace arbor::cli
