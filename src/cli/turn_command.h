#pragma once

#include "cli/command.h"
#include "core/tooling/turned.h"

#include <string>

namespace arbor::cli {

/// A sleeve for a job or a step of its route, designed, proven and drawn.
class TurnCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string jobPath;
    std::string shopFolder;
    std::string outPath; ///< DXF or SVG; empty: no drawing
    std::string step;    ///< its key, or what it begins with, or its number from 1; empty: the one in hand
    bool asJson = false;
    tooling::TurnOverrides overrides;
};

} // namespace arbor::cli
