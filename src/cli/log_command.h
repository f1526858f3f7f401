#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// Finds past presses, or takes some in from a file.
class LogCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string logbook; ///< connection, or a folder of jobs
    std::string text, bearing, step, tool, verdict, from, to;
    std::size_t most = 50;
    std::string importFile; ///< entries as `log --json` prints them
    bool asJson = false;
    bool asCsv = false;
};

} // namespace arbor::cli
