// Writes presses, or job files, without end, and says each one that is safe. The tests kill it.
#include "io/job_file.h"
#include "log/keeper.h"

#include <QCoreApplication>
#include <cstdio>

int main(int argc, char** argv) {
    const QCoreApplication qt(argc, argv);
    const auto arguments = QCoreApplication::arguments();
    if (arguments.size() == 3 && arguments[1] == "job") {
        auto document = arbor::io::loadJob(arguments[2].toStdString());
        if (!document) return 2;
        for (int i = 0;; ++i) {
            document->job.seating.readings.push_back({0.5 * i, 0.001 * i});
            if (!arbor::io::saveJob(arguments[2].toStdString(), *document)) return 2;
            std::printf("%zu\n", document->job.seating.readings.size());
            std::fflush(stdout);
        }
    }
    if (arguments.size() != 4) return 2;
    arbor::log::Keeper keeper(arguments[1], arguments[2]);
    for (int i = 0;; ++i) {
        arbor::log::Entry e;
        e.id = (arguments[3] + "-" + QString::number(i)).toStdString();
        e.title = "Seamer turret";
        e.document = std::string(2000, 'x');
        if (!keeper.keep(e)) return 2;
        std::printf("%s\n", e.id.c_str());
        std::fflush(stdout);
    }
}
