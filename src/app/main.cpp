#include "app/crash_report.h"
#include "app/one_window.h"
#include "app/options.h"
#include "app/program_log.h"
#include "io/logging.h"
#include "ui/report/job_report.h"
#include "ui/report/route_card.h"
#include "ui/session/instant.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include "language/catalogue.h"
#include "words/sentences.h"

#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>
#include <algorithm>
#include <cstdio>

using arbor::app::OneWindow;
using arbor::app::Options;
using arbor::job::Station;
using arbor::ui::MainWindow;

namespace {

/// Saves a picture of the whole window once it has been laid out and painted, then ends.
void shootAndQuit(MainWindow& window, const QString& file) {
    constexpr int kAsks_ms = 30;
    QTimer::singleShot(window.isMaking() ? kAsks_ms : 0, &window, [&window, file] {
        if (window.isMaking()) return shootAndQuit(window, file);
        const bool saved = window.grab().save(file);
        if (!saved)
            std::fprintf(stderr, "brisk-arbor: %s\n",
                         qPrintable(QCoreApplication::translate("arbor", "%1: cannot write the picture").arg(file)));
        QCoreApplication::exit(saved ? 0 : 2);
    });
}

int printPaper(const MainWindow& window, const QString& file,
               arbor::Result<void> (*write)(const arbor::ui::JobSession&, const QString&)) {
    if (!window.session()) {
        std::fprintf(stderr, "brisk-arbor: %s\n", qPrintable(window.troubleText()));
        return 2;
    }
    const auto written = write(*window.session(), file);
    if (!written) std::fprintf(stderr, "brisk-arbor: %s\n", arbor::words::say(written.error()).c_str());
    return written ? 0 : 2;
}

/// A picture leaves no trace and follows no habit: its settings live in a folder that goes with the program.
std::unique_ptr<QSettings> settingsFor(const QString& passingFolder) {
    if (passingFolder.isEmpty()) return std::make_unique<QSettings>();
    return std::make_unique<QSettings>(passingFolder + "/settings.ini", QSettings::IniFormat);
}

/// Opens the window where the command line wants it.
void goTo(MainWindow& window, const Options& options) {
    const auto station = options.station();
    if (station && window.session()) window.jobView()->go(*station);
    if (options.together() && window.session()) {
        window.jobView()->go(Station::Strip);
        window.findChild<QPushButton*>("stripDirection")->click();
    }
    const int item = options["item"].toInt() - 1;
    if (options.has("item") && station && arbor::job::isOfStep(*station)) {
        if (window.session()) window.session()->lookBy(item - window.session()->inHand());
    } else if (options.has("item")) {
        window.jobView()
            ->findChild<QListWidget*>(station == Station::Fit ? "seatList" : "measureList")
            ->setCurrentRow(item);
    }
    if (options.has("what-if")) window.findChild<QPushButton*>("whatIfButton")->click();
    if (options.has("calc")) {
        window.findChild<QAction*>("actionCalculator")->trigger();
        window.findChild<QLineEdit*>("calcLine")->setText(options["calc"]);
    }
    if (options.has("turn")) window.findChild<QPushButton*>("turnOne")->click();
    if (options.has("big")) window.findChild<QAction*>("actionBig")->trigger();
    if (const auto* place = options.place()) window.findChild<QAction*>(place)->trigger();
}

/// What only the window that stays does: takes jobs from outside, and tells of a crash of the one before.
void receive(MainWindow& window, OneWindow& door) {
    QObject::connect(&door, &OneWindow::asked, &window, [&window](const QString& file) {
        qCInfo(actionLog) << "a job from outside";
        window.openPath(file);
        window.raise();
        window.activateWindow();
    });
    door.listen();
    qCInfo(actionLog) << "listens for jobs";
    const auto folder = arbor::app::stateFolder();
    const auto reports = arbor::app::crashReports(folder);
    if (!reports.isEmpty()) window.offerReport(folder, reports.last());
}

constexpr int kOtherLanguage = 1000; // ends one window for the next

/// One window in one language, from its opening to its end.
/// @param path  in: what to open; out: what was open last  @param door  through which jobs come from outside
int runWindow(QString& path, const QString& settingsFolder, bool first, OneWindow& door) {
    auto settings = settingsFor(settingsFolder);
    const arbor::language::Spoken language(settings->value(MainWindow::kLanguageSetting).toString());
    const Options options;
    if (options.isPicture() && options.has("night")) settings->setValue("night", true);
    arbor::ui::JobSession::Clock clock = arbor::ui::SteadyClock();
    if (options.isPicture() && options.has("now")) clock = [now = options["now"].toStdString()] { return now; };
    MainWindow window({std::move(clock), std::move(settings), options["logbook"], arbor::ui::machineCount});
    QObject::connect(&window, &MainWindow::remakeWanted, [&] {
        path = window.openedPath();
        QCoreApplication::exit(kOtherLanguage);
    });
    window.show();
    const auto wantedPath = first ? options.path() : path;
    wantedPath.isEmpty() ? window.openLast() : window.openPath(wantedPath);
    if (first) goTo(window, options);
    if (options.has("card")) return printPaper(window, options["card"], arbor::ui::writeRouteCard);
    if (options.has("report")) return printPaper(window, options["report"], arbor::ui::writeJobReport);
    if (options.isPicture())
        shootAndQuit(window, options["shot"]);
    else
        receive(window, door);
    return QApplication::exec();
}

/// Help, version and what cannot be done are told where there is no display, too. @return whether it can be done
bool canBeDone(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    const QSettings settings;
    const arbor::language::Spoken language(settings.value(MainWindow::kLanguageSetting).toString());
    Options options;
    options.tellHelpAndVersion();
    const auto trouble = options.trouble();
    if (!trouble.isEmpty()) std::fprintf(stderr, "brisk-arbor: %s\n", qPrintable(trouble));
    return trouble.isEmpty();
}

/// The job that is to go into a running window; empty: none.
QString fileForRunning(const QStringList& arguments) {
    const Options options;
    return arguments.contains("--into-running") ? options.path() : QString();
}

} // namespace

int main(int argc, char** argv) {
    QCoreApplication::setApplicationName("brisk-arbor");
    QCoreApplication::setOrganizationName("brisk-arbor");
    QCoreApplication::setApplicationVersion(BRISK_ARBOR_VERSION);
    if (!canBeDone(argc, argv)) return 2;
    QApplication app(argc, argv);
    QApplication::setDesktopFileName("brisk-arbor");
    const QTemporaryDir passing;
    // Asked before the options are read: whose language they speak is in the settings, and those are chosen here.
    const auto arguments = QCoreApplication::arguments();
    const bool picture = std::any_of(arguments.begin(), arguments.end(), [](const QString& a) {
        return a.startsWith("--shot") || a.startsWith("--card") || a.startsWith("--report");
    });
    if (!picture) {
        arbor::app::keepLogIn(arbor::app::stateFolder(), arguments.contains("--verbose"));
        arbor::app::reportCrashesTo(arbor::app::stateFolder(), BRISK_ARBOR_VERSION);
        qCInfo(actionLog) << "started" << BRISK_ARBOR_VERSION;
        if (const auto file = fileForRunning(arguments); !file.isEmpty() && OneWindow::handOver(file)) return 0;
    }
    OneWindow door;
    QString path;
    int code = runWindow(path, picture ? passing.path() : QString(), true, door);
    while (code == kOtherLanguage)
        code = runWindow(path, {}, false, door);
    return code;
}
