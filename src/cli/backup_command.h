#pragma once

#include "cli/command.h"

#include <string>

namespace arbor::cli {

/// A whole shop into one archive, or an archive looked through.
class BackupCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string shopOrArchive;
    std::string into = ".";
    std::string logbook; ///< connection; empty: beside the jobs
    bool check = false;
};

/// An archive back into a folder.
class RestoreCommand : public Command {
public:
    int execute(std::ostream& out, std::ostream& err) const override;

    std::string archive;
    std::string folder;
};

} // namespace arbor::cli
