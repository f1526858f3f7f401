#pragma once

#include "cli/command.h"
#include "core/tooling/turned.h"

#include <string>

namespace arbor::cli {

/// A sleeve for a job, designed, proven and drawn.
class TurnCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string jobPath;
    std::string shopFolder;
    std::string outPath; ///< DXF; empty: no drawing
    bool asJson = false;
    tooling::TurnWishes wishes;
};

} // namespace arbor::cli
