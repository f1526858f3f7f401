#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// The tools for a job: for the seat it is about, for one step of its route, or an overview of every step.
class ToolsCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string jobPath;
    std::string shopFolder;
    std::string step; ///< its key, or what it begins with, or its number from 1; empty: the one in hand
    bool overview = false;
    bool asJson = false;
};

} // namespace arbor::cli
