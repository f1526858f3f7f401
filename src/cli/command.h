#pragma once

#include <iosfwd>

namespace arbor::cli {

/// One subcommand. Options are read into its members before it is executed.
class Command {
public:
    virtual ~Command() = default;
    /// @return an exit code, see exit_codes.h
    virtual int execute(std::ostream& out, std::ostream& err) const = 0;
};

} // namespace arbor::cli
