#include "app/options.h"

#include "io/text_file.h"
#include "log/logbook.h"
#include "words/sentences.h"

#include <QCoreApplication>
#include <map>
#include <string>

namespace arbor::app {

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
                                                 {"bench", "actionBench"},
                                                 {"label", "actionLabel"},
                                                 {"quote", "actionQuote"},
                                                 {"customer", "actionCustomer"},
                                                 {"inspections", "actionInspections"},
                                                 {"day", "actionDay"},
                                                 {"help", "actionHelp"},
                                                 {"tour", "actionTour"}};

/// All that --station takes: the stations in their order, then the other places.
QString placeNames() {
    QStringList all;
    for (const auto station : job::kStations)
        all << QString::fromStdString(std::string(job::name(station)));
    all << QStringLiteral("together");
    for (const auto& [place, action] : kPlaces)
        all << QString::fromStdString(place);
    return all.join(QStringLiteral(", "));
}

} // namespace

Options::Options() {
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
    option("item", "number", tr("with --station measure, fit, tooling or seat: the line of the list, counted from 1"));
    option("what-if", {}, tr("with --station fit: what other classes would give"));
    option("turn", {}, tr("with --station tooling: the tool to be turned"));
    option("big", {}, tr("read from two metres"));
    option("calc", "line", tr("open the bench calculator with this line, for example “limits 62 N7”"));
    option("night", {}, tr("with --shot: in the dark theme"));
    option("now", "time", tr("with --shot: as if it were then, 2026-11-30T07:00:00"));
    option("card", "file.pdf", tr("write the route card of the job and end"));
    option("verbose", {}, tr("tell on the standard error what is done"));
    option("into-running", {}, tr("open the job in the window that is running, where there is one"));
    m_understood = m_parser.parse(QCoreApplication::arguments());
}

void Options::tellHelpAndVersion() {
    if (!m_understood) return;
    if (has("version")) m_parser.showVersion();
    if (has("help") || has("help-all")) m_parser.showHelp();
}

std::optional<job::Station> Options::station() const {
    return job::named<job::Station>((*this)["station"].toStdString());
}

const char* Options::place() const {
    const auto found = kPlaces.find((*this)["station"].toStdString());
    return found == kPlaces.end() ? nullptr : found->second;
}

QString Options::trouble() const {
    if (!m_understood) return m_parser.errorText();
    if (has("station") && !station() && !together() && !place())
        return tr("--station: “%1” is no station; wanted: %2").arg((*this)["station"], placeNames());
    if (const auto there = io::lookFor(path().toStdString()); !path().isEmpty() && !there)
        return QString::fromStdString(words::say(there.error()));
    if (!has("logbook")) return {};
    const auto ok = log::Logbook::understands((*this)["logbook"]);
    return ok ? QString() : "--logbook: " + QString::fromStdString(words::say(ok.error()));
}

void Options::option(const char* name, const QString& value, const QString& what) {
    m_parser.addOption(QCommandLineOption(name, what, value));
}

} // namespace arbor::app
