// Writes as the programs do, so many rounds, and says each one that is safe; its disk fails, or it is killed.
//   writer job|list|logbook|recording|backup FOLDER ROUNDS
#include "backup/backup.h"
#include "device/press_recorder.h"
#include "io/job_file.h"
#include "io/shop_tables.h"
#include "log/keeper.h"

#include <QCoreApplication>
#include <cstdio>
#include <functional>
#include <map>

namespace {

using namespace arbor;
using Done = Result<void>;

Done writeJob(const std::string& folder, int round) {
    const auto file = folder + "/seamer-turret-upper.arbor.json";
    auto document = io::loadJob(file);
    if (!document) return tl::unexpected(document.error());
    document->job.draft.notes = std::to_string(round);
    return io::saveJob(file, *document);
}

Done writeList(const std::string& folder, int round) {
    auto tables = io::loadShopTables(folder);
    if (!tables) return tl::unexpected(tables.error());
    tables->rack.tools.front().name = std::to_string(round);
    return io::saveList(folder, io::ShopList::Rack, *tables);
}

Done writeLogbook(const std::string& folder, int round) {
    const auto at = QString::fromStdString(folder);
    log::Keeper keeper("sqlite:" + at + "/logbook.sqlite", at + "/logbook-waiting.sqlite");
    log::Entry entry;
    entry.id = std::to_string(round);
    entry.title = "Seamer turret";
    entry.document = std::string(2000, 'x');
    return keeper.keep(entry);
}

Done writeRecording(const std::string& folder, int round) {
    device::PressRecorder recorder;
    if (auto ok = recorder.start(QStringLiteral("%1/traces/r%2.csv").arg(QString::fromStdString(folder)).arg(round));
        !ok)
        return ok;
    for (int i = 0; i < 60; ++i)
        recorder.take(QStringLiteral("press %1 %2 %3").arg(0.01 * i).arg(0.02 * i).arg(10 * i));
    return recorder.keep();
}

Done writeBackup(const std::string& folder, int) {
    const auto made =
        backup::backUp(folder, folder + "/backups", "sqlite:" + QString::fromStdString(folder) + "/logbook.sqlite");
    return made ? Done() : tl::unexpected(made.error());
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication qt(argc, argv);
    const std::map<std::string, std::function<Done(const std::string&, int)>> writers{{"job", writeJob},
                                                                                      {"list", writeList},
                                                                                      {"logbook", writeLogbook},
                                                                                      {"recording", writeRecording},
                                                                                      {"backup", writeBackup}};
    if (argc != 4 || !writers.contains(argv[1])) return 3;
    bool all = true;
    for (int round = 1; round <= std::atoi(argv[3]); ++round) {
        const auto done = writers.at(argv[1])(argv[2], round);
        std::printf("%s %d\n", done ? "safe" : "refused", round);
        std::fflush(stdout);
        all = all && done;
    }
    return all ? 0 : 2;
}
