#pragma once

#include "cli/command.h"

#include <optional>
#include <string>

namespace arbor::cli {

/// Temperatures, soaking, carry window and grip of one seat of a job.
class HeatCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string jobPath;
    std::string shopFolder;
    std::string seat; ///< "outer+inner"; empty: that of the step in hand
    std::string step; ///< in place of it, the step that makes it
    std::optional<double> walk_s;
    std::optional<double> off_K;
    bool asJson = false;
};

} // namespace arbor::cli
