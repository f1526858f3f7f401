// Writes presses, job files or a recording without end, and says each one that is safe. The tests kill it.
#include "device/press_recorder.h"
#include "io/job_file.h"
#include "log/keeper.h"

#include <QCoreApplication>
#include <QTimer>
#include <cstdio>

namespace {

/// A transducer that sends every few milliseconds. Of the samples the last ones may be on their way to the disk: it
/// says only those that came well before the recorder's last tenth of a second.
int recordForEver(const QString& file) {
    constexpr int kEvery_ms = 10, kOnTheirWay = 40;
    arbor::device::PressRecorder recorder;
    if (!recorder.start(file)) return 2;
    QTimer transducer;
    int sent = 0;
    QObject::connect(&transducer, &QTimer::timeout, &recorder, [&] {
        recorder.take(QStringLiteral("press %1 %2 %3").arg(0.01 * sent).arg(0.02 * sent).arg(10 * sent));
        if (++sent <= kOnTheirWay) return;
        std::printf("%d\n", sent - kOnTheirWay);
        std::fflush(stdout);
    });
    transducer.start(kEvery_ms);
    return QCoreApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication qt(argc, argv);
    const auto arguments = QCoreApplication::arguments();
    if (arguments.size() == 3 && arguments[1] == "record") return recordForEver(arguments[2]);
    if (arguments.size() == 3 && arguments[1] == "job") {
        auto document = arbor::io::loadJob(arguments[2].toStdString());
        if (!document) return 2;
        for (int i = 0;; ++i) {
            document->job.steps[{{"housing", "bearing"}, false}].readings.readings.push_back({0.5 * i, 0.001 * i});
            if (!arbor::io::saveJob(arguments[2].toStdString(), *document)) return 2;
            std::printf("%zu\n", document->job.steps[{{"housing", "bearing"}, false}].readings.readings.size());
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
