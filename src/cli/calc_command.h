#pragma once

#include "cli/command.h"

#include <string>
#include <vector>

namespace arbor::cli {

/// `calc`: one number wanted now, without a job. Inputs as key=value, or a JSON object or an array of them on standard
/// input.
class CalcCommand : public Command {
public:
    explicit CalcCommand(std::istream& in) : m_in(in) {}

    std::string name;
    std::vector<std::string> inputs; ///< "key=value", "--key value" or "--key=value"
    bool list = false;
    bool asJson = false;

    int execute(std::ostream& out, std::ostream& err) const override;

private:
    std::istream& m_in;
};

} // namespace arbor::cli
