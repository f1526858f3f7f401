#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// What goes to the customer of a job: a quote, the lines of an invoice, a page in plain words.
class PayCommand : public Command {
public:
    enum class Paper { Quote, Customer };
    explicit PayCommand(Paper paper) : m_paper(paper) {}
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string jobPath;
    std::string shopFolder;
    bool taken = false;
    bool asJson = false;
    bool asCsv = false;

private:
    Paper m_paper;
};

} // namespace arbor::cli
