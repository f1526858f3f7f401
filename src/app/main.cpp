#include "ui/report/job_report.h"
#include "ui/report/route_card.h"
#include "ui/session/instant.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include "core/job/names.h"
#include "core/plan/plan.h"
#include "io/text_file.h"
#include "language/catalogue.h"
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
#include <algorithm>
#include <cstdio>
#include <map>

using arbor::job::Station;
using arbor::ui::MainWindow;

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("arbor", text);
}

/// Beside the stations, by the action that opens each.
const std::map<std::string, const char*> kPlaces{{"arrangement", "actionArrangement"},
                                                 {"rack", "actionRack"},
                                                 {"practice", "actionPractice"},
                                                 {"lesson", "actionLesson"},
                                                 {"friction", "actionFriction"},
                                                 {"bands", "actionBands"},
                                                 {"log", "actionLog"},
                                                 {"new", "actionNew"},
                                                 {"details", "actionDetails"},
                                                 {"presses", "actionPresses"},
                                                 {"heat", "actionHeat"},
                                                 {"gauges", "actionGauges"},
                                                 {"people", "actionPeople"},
                                                 {"materials", "actionMaterials"},
                                                 {"bearings", "actionBearings"},
                                                 {"instruments", "actionInstruments"},
                                                 {"help", "actionHelp"},
                                                 {"tour", "actionTour"}};

/// Saves a picture of the whole window once it has been laid out and painted, then ends.
void shootAndQuit(MainWindow& window, const QString& file) {
    constexpr int kAsks_ms = 30;
    QTimer::singleShot(window.isMaking() ? kAsks_ms : 0, &window, [&window, file] {
        if (window.isMaking()) return shootAndQuit(window, file);
        const bool saved = window.grab().save(file);
        if (!saved) std::fprintf(stderr, "brisk-arbor: %s\n", qPrintable(tr("%1: cannot write the picture").arg(file)));
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

/// All that --station takes: the stations in their order, then the other places.
QString placeNames() {
    QStringList all;
    for (const auto station : arbor::job::kStations)
        all << QString::fromStdString(std::string(arbor::job::name(station)));
    all << QStringLiteral("together");
    for (const auto& [place, action] : kPlaces)
        all << QString::fromStdString(place);
    return all.join(QStringLiteral(", "));
}

/// What the command line asks for, in the reader's language.
class Options {
public:
    Options() {
        m_parser.setApplicationDescription(
            tr("Bench-side planner for pressing bearings. It advises and does not certify.") + "\n" +
            tr("Exit codes: 0 all is well, 2 the input is wrong."));
        m_parser.addHelpOption();
        m_parser.addVersionOption();
        m_parser.addPositionalArgument("path", tr("a folder of jobs or one job file (*.arbor.json)"), "[path]");
        option("logbook", "file",
               tr("where past presses are kept: sqlite:/path/to/file or postgresql://user@host:port/database; "
                  "otherwise beside the jobs"));
        option("report", "file.pdf", tr("write the report of the job and end"));
        option("shot", "file.png", tr("save a picture of the window and end"));
        option("station", "name", tr("open the job at: %1").arg(placeNames()));
        option("item", "number",
               tr("with --station measure, fit, tooling or seat: the line of the list, counted from 1"));
        option("what-if", {}, tr("with --station fit: what other classes would give"));
        option("turn", {}, tr("with --station tooling: the tool to be turned"));
        option("calc", "line", tr("open the bench calculator with this line, for example “limits 62 N7”"));
        option("night", {}, tr("with --shot: in the dark theme"));
        option("card", "file.pdf", tr("write the route card of the job and end"));
        m_understood = m_parser.parse(QCoreApplication::arguments());
    }

    /// Tells what was asked of it, and ends. What it cannot do is told by trouble().
    void tellHelpAndVersion() {
        if (!m_understood) return;
        if (has("version")) m_parser.showVersion();
        if (has("help") || has("help-all")) m_parser.showHelp();
    }

    bool has(const char* name) const { return m_parser.isSet(name); }
    QString operator[](const char* name) const { return m_parser.value(name); }
    QString path() const { return m_parser.positionalArguments().value(0); } ///< empty: the shop that was open last
    bool isPicture() const { return has("shot") || has("card") || has("report"); }
    std::optional<Station> station() const { return arbor::job::named<Station>((*this)["station"].toStdString()); }
    bool together() const { return (*this)["station"] == "together"; }
    const char* place() const {
        const auto found = kPlaces.find((*this)["station"].toStdString());
        return found == kPlaces.end() ? nullptr : found->second;
    }

    /// What cannot be done, in one line; empty: nothing.
    QString trouble() const {
        if (!m_understood) return m_parser.errorText();
        if (has("station") && !station() && !together() && !place())
            return tr("--station: “%1” is no station; wanted: %2").arg((*this)["station"], placeNames());
        if (const auto there = arbor::io::lookFor(path().toStdString()); !path().isEmpty() && !there)
            return QString::fromStdString(arbor::words::say(there.error()));
        if (!has("logbook")) return {};
        const auto ok = arbor::log::Logbook::understands((*this)["logbook"]);
        return ok ? QString() : "--logbook: " + QString::fromStdString(arbor::words::say(ok.error()));
    }

private:
    void option(const char* name, const QString& value, const QString& what) {
        m_parser.addOption(QCommandLineOption(name, what, value));
    }
    QCommandLineParser m_parser;
    bool m_understood = false;
};

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
    if (const auto* place = options.place()) window.findChild<QAction*>(place)->trigger();
}

constexpr int kOtherLanguage = 1000; // ends one window for the next

/// One window in one language, from its opening to its end.
/// @param path  in: what to open; out: what was open last
int runWindow(QString& path, const QString& settingsFolder, bool first) {
    auto settings = settingsFor(settingsFolder);
    const arbor::language::Spoken language(settings->value(MainWindow::kLanguageSetting).toString());
    const Options options;
    if (options.isPicture() && options.has("night")) settings->setValue("night", true);
    MainWindow window({arbor::ui::SteadyClock(), std::move(settings), options["logbook"], arbor::ui::machineCount});
    QObject::connect(&window, &MainWindow::languageChosen, [&] {
        path = window.openedPath();
        QCoreApplication::exit(kOtherLanguage);
    });
    window.show();
    const auto wantedPath = first ? options.path() : path;
    wantedPath.isEmpty() ? window.openLast() : window.openPath(wantedPath);
    if (first) goTo(window, options);
    if (options.has("card")) return printPaper(window, options["card"], arbor::ui::writeRouteCard);
    if (options.has("report")) return printPaper(window, options["report"], arbor::ui::writeJobReport);
    if (options.isPicture()) shootAndQuit(window, options["shot"]);
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
    QString path;
    int code = runWindow(path, picture ? passing.path() : QString(), true);
    while (code == kOtherLanguage)
        code = runWindow(path, {}, false);
    return code;
}
