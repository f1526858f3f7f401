#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// `strip` and `route`: the order of taking an arrangement apart, and of putting it together.
class RouteCommand : public Command {
public:
    enum class Direction { Apart, Together };
    explicit RouteCommand(Direction direction) : m_direction(direction) {}

    std::string path; ///< a job file with an arrangement, or an arrangement by itself
    bool asJson = false;

    int execute(std::ostream& out, std::ostream& err) const override;

private:
    Direction m_direction;
};

} // namespace arbor::cli
