#include "cli/backup_command.h"

#include "backup/backup.h"
#include "cli/exit_codes.h"
#include "words/language.h"

#include <filesystem>

namespace arbor::cli {

namespace {

void tell(std::ostream& out, const std::string& where, const backup::Contents& contents) {
    out << words::tr("{where}: {shop} of {made}, {files} files, every one as it was put in")
               .with("where", where)
               .with("shop", contents.shop)
               .with("made", contents.made)
               .with("files", static_cast<int>(contents.files))
               .text()
        << '\n';
}

} // namespace

int BackupCommand::execute(std::ostream& out, std::ostream& err) const {
    auto archive = shopOrArchive;
    if (!check) {
        const auto own = "sqlite:" + (std::filesystem::path(shopOrArchive) / "logbook.sqlite").string();
        const auto made = backup::backUp(shopOrArchive, into, QString::fromStdString(logbook.empty() ? own : logbook));
        if (!made) return refused(err, made.error());
        archive = *made;
    }
    const auto contents = backup::check(archive);
    if (!contents) return refused(err, contents.error());
    tell(out, archive, *contents);
    return kWell;
}

int RestoreCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto contents = backup::restore(archive, folder);
    if (!contents) return refused(err, contents.error());
    tell(out, folder, *contents);
    return kWell;
}

} // namespace arbor::cli
