#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// What is asked of all jobs of a shop: the plan of the day, the inspections that are due.
class ShopCommand : public Command {
public:
    enum class Asked { Day, Inspections };
    explicit ShopCommand(Asked asked) : m_asked(asked) {}
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string folder;
    std::string now; ///< ISO 8601; empty: by the clock
    bool asJson = false;

private:
    Asked m_asked;
};

} // namespace arbor::cli
