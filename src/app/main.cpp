#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include "core/plan/plan.h"

#include <QAction>
#include <QApplication>
#include <QCommandLineParser>
#include <QDateTime>
#include <QTemporaryDir>
#include <QTimer>
#include <cstdio>

namespace {

/// Saves a picture of the whole window once it has been laid out and painted, then ends.
void shootAndQuit(arbor::ui::MainWindow& window, const QString& file) {
    QTimer::singleShot(0, &window, [&window, file] {
        const bool saved = window.grab().save(file);
        if (!saved) std::fprintf(stderr, "brisk-arbor: %s: cannot write the picture\n", qPrintable(file));
        QCoreApplication::exit(saved ? 0 : 2);
    });
}

/// A picture leaves no trace and follows no habit: its settings live in a folder that goes with the program.
std::unique_ptr<QSettings> settingsFor(const QString& passingFolder) {
    if (passingFolder.isEmpty()) return std::make_unique<QSettings>();
    return std::make_unique<QSettings>(passingFolder + "/settings.ini", QSettings::IniFormat);
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QApplication::setApplicationName("brisk-arbor");
    QApplication::setOrganizationName("brisk-arbor");
    QCommandLineParser parser;
    parser.setApplicationDescription("Bench-side planner for pressing bearings. It advises and does not certify.");
    parser.addHelpOption();
    parser.addPositionalArgument("path", "a folder of jobs or one job file (*.arbor.json)", "[path]");
    const QCommandLineOption shot("shot", "save a picture of the window and end", "file.png");
    const QCommandLineOption station(
        "station", "open the job at: fit, tooling, press, seat, close, or order for its order of work", "name");
    const QCommandLineOption night("night", "with --shot: in the night look");
    parser.addOptions({shot, station, night});
    parser.process(app);
    const auto wanted = arbor::plan::stationNamed(parser.value(station).toStdString());
    const bool order = parser.value(station) == "order";
    if (parser.isSet(station) && !wanted && !order) {
        std::fprintf(stderr,
                     "brisk-arbor: --station: “%s” is no station; wanted: fit, tooling, press, seat, close or order\n",
                     qPrintable(parser.value(station)));
        return 2;
    }

    const bool picture = parser.isSet(shot);
    const QTemporaryDir passing;
    auto settings = settingsFor(picture ? passing.path() : QString());
    if (picture && parser.isSet(night)) settings->setValue("night", true);
    arbor::ui::MainWindow window(
        {[] { return QDateTime::currentDateTime().toString(Qt::ISODate).toStdString(); }, std::move(settings)});
    window.show();
    window.openPath(parser.positionalArguments().value(0, "."));
    if (wanted && window.session()) window.jobView()->go(*wanted);
    if (order) window.findChild<QAction*>("actionOrder")->trigger();
    if (picture) shootAndQuit(window, parser.value(shot));
    return QApplication::exec();
}
