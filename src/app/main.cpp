#include "ui/report/job_report.h"
#include "ui/report/route_card.h"
#include "ui/session/instant.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include "core/job/names.h"
#include "core/plan/plan.h"
#include "words/sentences.h"

#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QCommandLineParser>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>
#include <cstdio>
#include <map>

namespace {

/// Beside the stations, by the action that opens each.
const std::map<std::string, const char*> kPlaces{
    {"arrangement", "actionArrangement"}, {"rack", "actionRack"},   {"practice", "actionPractice"},
    {"friction", "actionFriction"},       {"bands", "actionBands"}, {"log", "actionLog"}};

/// Saves a picture of the whole window once it has been laid out and painted, then ends.
void shootAndQuit(arbor::ui::MainWindow& window, const QString& file) {
    QTimer::singleShot(0, &window, [&window, file] {
        const bool saved = window.grab().save(file);
        if (!saved) std::fprintf(stderr, "brisk-arbor: %s: cannot write the picture\n", qPrintable(file));
        QCoreApplication::exit(saved ? 0 : 2);
    });
}

int printPaper(const arbor::ui::MainWindow& window, const QString& file,
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
        "station",
        "open the job at: intake, strip, measure, fit, tooling, warm, press, seat, adjust, close, together "
        "(Strip, put together), arrangement, rack, practice, friction, bands or log",
        "name");
    const QCommandLineOption item(
        "item", "with --station measure, fit, tooling or seat: the line of the list, counted from 1", "number");
    const QCommandLineOption whatIf("what-if", "with --station fit: what other classes would give");
    const QCommandLineOption turn("turn", "with --station tooling: the tool to be turned");
    const QCommandLineOption calc("calc", "open the bench calculator with this line, for example “limits 62 N7”",
                                  "line");
    const QCommandLineOption night("night", "with --shot: in the night look");
    const QCommandLineOption card("card", "write the route card of the job and end", "file.pdf");
    const QCommandLineOption report("report", "write the report of the job and end", "file.pdf");
    const QCommandLineOption logbook("logbook",
                                     "where past presses are kept: sqlite:/path/to/file or "
                                     "postgresql://user@host:port/database; otherwise beside the jobs",
                                     "connection");
    parser.addOptions({logbook, report, shot, station, item, whatIf, turn, calc, night, card});
    parser.process(app);
    const auto wanted = arbor::job::named<arbor::job::Station>(parser.value(station).toStdString());
    const bool together = parser.value(station) == "together";
    const auto place = kPlaces.find(parser.value(station).toStdString());
    if (parser.isSet(station) && !wanted && !together && place == kPlaces.end()) {
        std::fprintf(stderr,
                     "brisk-arbor: --station: “%s” is no station; wanted: intake, strip, measure, fit, tooling, warm, "
                     "press, seat, adjust, close, together, arrangement, rack, practice, friction, bands or log\n",
                     qPrintable(parser.value(station)));
        return 2;
    }

    if (parser.isSet(logbook))
        if (const auto ok = arbor::log::Logbook::understands(parser.value(logbook)); !ok) {
            std::fprintf(stderr, "brisk-arbor: --logbook: %s\n", arbor::words::say(ok.error()).c_str());
            return 2;
        }

    const bool picture = parser.isSet(shot) || parser.isSet(card) || parser.isSet(report);
    const QTemporaryDir passing;
    auto settings = settingsFor(picture ? passing.path() : QString());
    if (picture && parser.isSet(night)) settings->setValue("night", true);
    arbor::ui::MainWindow window(
        {arbor::ui::SteadyClock(), std::move(settings), parser.value(logbook), arbor::ui::machineCount});
    window.show();
    window.openPath(parser.positionalArguments().value(0, "."));
    if (wanted && window.session()) window.jobView()->go(*wanted);
    if (together && window.session()) {
        window.jobView()->go(arbor::job::Station::Strip);
        window.findChild<QPushButton*>("stripDirection")->click();
    }
    if (parser.isSet(item) && wanted && arbor::job::isOfStep(*wanted)) {
        if (window.session()) window.session()->lookBy(parser.value(item).toInt() - 1 - window.session()->inHand());
    } else if (parser.isSet(item)) {
        auto* list =
            window.jobView()->findChild<QListWidget*>(wanted == arbor::job::Station::Fit ? "seatList" : "measureList");
        list->setCurrentRow(parser.value(item).toInt() - 1);
    }
    if (parser.isSet(whatIf)) window.findChild<QPushButton*>("whatIfButton")->click();
    if (parser.isSet(calc)) {
        window.findChild<QAction*>("actionCalculator")->trigger();
        window.findChild<QLineEdit*>("calcLine")->setText(parser.value(calc));
    }
    if (parser.isSet(turn)) window.findChild<QPushButton*>("turnOne")->click();
    if (place != kPlaces.end()) window.findChild<QAction*>(place->second)->trigger();
    if (parser.isSet(card)) return printPaper(window, parser.value(card), arbor::ui::writeRouteCard);
    if (parser.isSet(report)) return printPaper(window, parser.value(report), arbor::ui::writeJobReport);
    if (picture) shootAndQuit(window, parser.value(shot));
    return QApplication::exec();
}
