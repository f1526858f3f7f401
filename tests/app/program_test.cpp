// The programs as they are installed: started as processes, judged by exit code, output and what they leave behind.
#include "core/plan/plan_job.h"
#include "support/shop.h"
#include "support/steps.h"
#include "words/display.h"

#include <QCoreApplication>
#include <QDir>
#include <QImage>
#include <QProcess>
#include <QSettings>
#include <QTest>
#include <cmath>
#include <csignal>
#include <gtest/gtest.h>
#include <random>
#include <set>

using namespace arbor;
using arbor::testing::ownStep;
using arbor::testing::TemporaryShop;

namespace {

struct Ended {
    int exit = -1;
    QString err;
};

QProcessEnvironment around(const TemporaryShop& shop, const QString& language = "C.UTF-8") {
    auto environment = QProcessEnvironment::systemEnvironment();
    environment.insert("QT_QPA_PLATFORM", "offscreen");
    environment.insert("LC_ALL", language);
    environment.insert("XDG_CONFIG_HOME", QString::fromStdString(shop.file("config")));
    environment.insert("XDG_STATE_HOME", QString::fromStdString(shop.file("state")));
    environment.insert("XDG_RUNTIME_DIR", QString::fromStdString(shop.file("run")));
    QDir().mkpath(QString::fromStdString(shop.file("run")));
    QFile::setPermissions(QString::fromStdString(shop.file("run")),
                          QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    return environment;
}

Ended start(const QStringList& arguments, const TemporaryShop& shop, const QString& language = "C.UTF-8") {
    QProcess process;
    process.setProcessEnvironment(around(shop, language));
    process.start(ARBOR_PROGRAM, arguments);
    EXPECT_TRUE(process.waitForFinished(30'000));
    return {process.exitCode(), QString::fromUtf8(process.readAllStandardError())};
}

QString path(const TemporaryShop& shop, const char* name) {
    return QString::fromStdString(shop.file(name));
}

} // namespace

TEST(Program, PictureIsTheWholeWindowAtTheSizeItIsJudgedAt) {
    const TemporaryShop shop;
    const auto picture = path(shop, "window.png");
    const auto ended = start({QString::fromStdString(shop.jobFile()), "--shot", picture}, shop);
    EXPECT_EQ(ended.exit, 0) << ended.err.toStdString();
    const QImage image(picture);
    EXPECT_EQ(image.size(), QSize(1280, 800));
    // Something was painted: more than the ground and one line of text would give.
    std::set<QRgb> colours;
    for (int y = 0; y < image.height(); y += 7)
        for (int x = 0; x < image.width(); x += 7)
            colours.insert(image.pixel(x, y));
    EXPECT_GT(colours.size(), 30u);
}

TEST(Program, ASecondScreenShowsTheStepInHandByItself) {
    const TemporaryShop shop;
    const auto screen = [](const char* name, int x) {
        return QStringLiteral(
                   R"({"name":"%1","x":%2,"y":0,"width":1280,"height":800,"logicalDpi":96,"logicalBaseDpi":96,"dpr":1})")
            .arg(name)
            .arg(x);
    };
    shop.write("screens.json",
               QStringLiteral("{\"screens\":[%1,%2]}").arg(screen("bench", 0), screen("wall", 1280)).toStdString());
    auto environment = around(shop);
    environment.insert("QT_QPA_PLATFORM", "offscreen:configfile=" + path(shop, "screens.json"));
    QProcess process;
    process.setProcessEnvironment(environment);
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.start(ARBOR_PROGRAM, {"--verbose", QString::fromStdString(shop.jobFile())});
    QString told;
    while (!told.contains("big view on the screen") && process.waitForReadyRead(30'000))
        told += QString::fromUtf8(process.readAll());
    EXPECT_TRUE(told.contains("\"wall\"")) << told.toStdString();
    process.kill();
    process.waitForFinished();
}

TEST(Program, SpeaksTheLanguageOfTheDesktop) {
    const TemporaryShop shop;
    const QStringList wrong{QString::fromStdString(shop.jobFile()), "--station", "nowhere"};
    EXPECT_TRUE(start(wrong, shop).err.contains("is no station"));
    EXPECT_TRUE(start(wrong, shop, "de_DE.UTF-8").err.contains("ist keine Station"));
    EXPECT_TRUE(start(wrong, shop, "fr_FR.UTF-8").err.contains("is no station")) << "a language that does not ship";
}

TEST(Program, WhatIsNotThereIsNotOpened) {
    const TemporaryShop shop;
    const auto gone = path(shop, "not/there");
    const auto ended = start({gone, "--shot", path(shop, "window.png")}, shop);
    EXPECT_EQ(ended.exit, 2);
    EXPECT_TRUE(ended.err.contains(gone.toUtf8())) << ended.err.toStdString();
    EXPECT_FALSE(std::filesystem::exists(shop.file("window.png")));
}

namespace {

/// A window that stays, and what its log has said so far.
class Running {
public:
    explicit Running(const TemporaryShop& shop, const QString& job)
        : m_log(path(shop, "state/brisk-arbor/brisk-arbor.log")) {
        m_process.setProcessEnvironment(around(shop));
        m_process.start(ARBOR_PROGRAM, {job, "--verbose"});
    }
    ~Running() {
        m_process.kill();
        m_process.waitForFinished(20'000);
    }
    bool says(const QByteArray& text) {
        return QTest::qWaitFor(
            [&] {
                QFile file(m_log);
                return file.open(QIODevice::ReadOnly) && file.readAll().contains(text);
            },
            30'000);
    }
    QProcess& process() { return m_process; }

private:
    QString m_log;
    QProcess m_process;
};

} // namespace

TEST(Program, ADoubleClickOpensTheJobInTheWindowThatIsRunning) {
    const TemporaryShop shop;
    const auto second = path(shop, "conveyor-tail-drum.arbor.json");
    Running window(shop, QString::fromStdString(shop.jobFile()));
    ASSERT_TRUE(window.says("listens for jobs"));
    EXPECT_EQ(start({second, "--into-running"}, shop).exit, 0) << "it has given it away, and ends";
    EXPECT_TRUE(window.says("a job from outside"));
    const auto settings = path(shop, "config/brisk-arbor/brisk-arbor.conf");
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return QSettings(settings, QSettings::IniFormat).value("recent").toStringList().contains(second); },
        20'000));
}

TEST(Program, ACrashLeavesAReportWithoutAnythingOfTheJob) {
    const TemporaryShop shop;
    Running window(shop, QString::fromStdString(shop.jobFile()));
    ASSERT_TRUE(window.says("listens for jobs"));
    ASSERT_EQ(::kill(static_cast<pid_t>(window.process().processId()), SIGSEGV), 0);
    ASSERT_TRUE(window.process().waitForFinished(20'000));
    EXPECT_EQ(window.process().exitStatus(), QProcess::CrashExit) << "it is not hidden from the desktop either";
    const QDir state(path(shop, "state/brisk-arbor"));
    const auto reports = state.entryList({"crash-*.txt"});
    ASSERT_EQ(reports.size(), 1);
    QFile file(state.filePath(reports.front()));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.permissions() & (QFile::ReadGroup | QFile::ReadOther), 0);
    const auto text = file.readAll();
    for (const char* wanted : {"ended by signal 11", "Last actions:", "arbor.action", "Backtrace:", "brisk-arbor("})
        EXPECT_TRUE(text.contains(wanted)) << wanted;
    EXPECT_FALSE(text.contains("Seamer"));
}

TEST(Program, PictureLeavesNoTrace) {
    const TemporaryShop shop;
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    start({QString::fromStdString(shop.jobFile()), "--night", "--shot", path(shop, "night.png")}, shop);
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before);
    EXPECT_FALSE(std::filesystem::exists(shop.file("config/brisk-arbor"))) << "settings were written";
    EXPECT_TRUE(std::filesystem::is_character_file("/dev/null"));
}

/// The text of a PDF as an independent reader sees it, page by page.
QString pdfText(const QString& file) {
    QProcess reader;
    reader.start("pdftotext", {"-layout", file, "-"});
    EXPECT_TRUE(reader.waitForFinished(30'000)) << "pdftotext (poppler-utils)";
    return QString::fromUtf8(reader.readAllStandardOutput());
}

TEST(Program, TheReportHoldsWhatWasDone) {
    const TemporaryShop shop;
    const auto report = path(shop, "report.pdf");
    const auto ended = start({path(shop, "exhaust-fan-carrier.arbor.json"), "--report", report}, shop);
    EXPECT_EQ(ended.exit, 0) << ended.err.toStdString();
    const auto text = pdfText(report);
    qsizetype at = 0;
    for (const char* in_order :
         {"Exhaust fan", "Fit", "61.985", "Interference", "Press the bearing 6206 into the carrier plate", "P30, S14",
          "force against travel", "friction found", "Home and square", "readings round the ring",
          "Inner ring in its place", "Press the retaining collar onto the fan shaft", "Home and square", "Close",
          "recorded by Ilse Marden", "done by", "released by"}) {
        const auto next = text.indexOf(in_order, at);
        EXPECT_GE(next, at) << in_order << " is missing or out of order in " << text.toStdString();
        at = std::max(at, next);
    }
    const auto refused =
        start({path(shop, "exhaust-fan-carrier.arbor.json"), "--report", "/no/such/place/r.pdf"}, shop);
    EXPECT_EQ(refused.exit, 2);
    EXPECT_TRUE(refused.err.contains("r.pdf")) << refused.err.toStdString();
}

TEST(Program, TheReportSaysWhatWasReadByHandSetAndTightened) {
    const TemporaryShop shop;
    auto document = io::loadJob(shop.file("conveyor-tail-drum.arbor.json")).value();
    ownStep(document.job).hand = {job::ManualMeans::Gauge, {}, {{4, 2}, {8, 4}, {12, 6}, {16, 8}, {20, 10}}, {}};
    document.job.closing.fasteners = {{"Plate screws", 4, 25, job::Pattern::Star, 2, 0, true, job::Locking::Tab, 24.5}};
    document.job.closing.runIn.readings = {{15, 38}, {30, 39}, {45, 39}};
    document.job.closing.releasedBy = "Piet Oduya";
    ownStep(document.job).proof.signedBy = "Wren Halloran";
    ownStep(document.job).proof.reason = "cup is looked at tomorrow";
    ASSERT_TRUE(io::saveJob(shop.file("conveyor-tail-drum.arbor.json"), document));
    const auto report = path(shop, "report.pdf");
    ASSERT_EQ(start({path(shop, "conveyor-tail-drum.arbor.json"), "--report", report}, shop).exit, 0);
    const auto text = pdfText(report);
    for (const char* line :
         {"belt wanders", "force against travel over what was expected", "Signed off as exception",
          "cup is looked at tomorrow", "No slot gives the end play", "Inner cone against Outer cone",
          "Add 0.035 mm under the nut", "Plate screws × 4", "wanted 25.0 N·m, read 24.5 N·m", "new ones",
          "run-in, minute 15: 38 °C", "settled 19 K over ambient", "released by: Piet Oduya"})
        EXPECT_TRUE(text.contains(line)) << line << " is missing in " << text.toStdString();
    EXPECT_FALSE(text.contains("Not released yet"));
}

TEST(Program, RouteCardHoldsTheWholeJobInOrder) {
    const TemporaryShop shop;
    const auto card = path(shop, "card.pdf");
    const auto ended = start({path(shop, "conveyor-tail-drum.arbor.json"), "--card", card}, shop);
    EXPECT_EQ(ended.exit, 0) << ended.err.toStdString();
    const auto text = pdfText(card);
    EXPECT_TRUE(text.contains("Bore of drum end · outer cup: Clean up")) << text.toStdString();
    EXPECT_TRUE(text.contains("Out of round"));
    EXPECT_TRUE(text.contains("The ring was cocked"));
    qsizetype at = 0;
    for (const char* in_order : {"Conveyor tail drum",
                                 "Intake",
                                 "belt wanders",
                                 "On the bench before it is stripped",
                                 "Split pin",
                                 "Take apart",
                                 "Setup 1",
                                 "Castle nut: unscrew",
                                 "Turn the work over",
                                 "Setup 2",
                                 "Removal force",
                                 "Get the outer cup out of the drum end",
                                 "The stack before it moves",
                                 "HOLD",
                                 "Breakaway force",
                                 "HOLD",
                                 "Fit",
                                 "Inner cup in drum end, 80 mm, 80 P7",
                                 "Put together",
                                 "Press force",
                                 "Large end of the taper",
                                 "Press the outer cup into the drum end",
                                 "HOLD",
                                 "Final seating load",
                                 "HOLD",
                                 "Press the inner cup into the drum end",
                                 "Close",
                                 "HOLD"}) {
        const auto next = text.indexOf(in_order, at);
        EXPECT_GE(next, at) << in_order << " is missing or out of order";
        at = std::max(at, next);
    }
    EXPECT_GT(text.count('\f'), 2) << "several pages";
    const auto refused =
        start({path(shop, "conveyor-tail-drum.arbor.json"), "--card", "/no/such/place/card.pdf"}, shop);
    EXPECT_EQ(refused.exit, 2);
    EXPECT_TRUE(refused.err.contains("card.pdf")) << refused.err.toStdString();
}

/// With whatever sizes were measured, the card says of every seat and step what Fit says of it.
TEST(Program, RouteCardSaysTheFiguresOfFit) {
    std::mt19937 dice(std::random_device{}());
    std::uniform_real_distribution<double> off_mm(-0.025, 0.025);
    int figures = 0;
    const TemporaryShop shop;
    for (const auto& entry : io::listJobs(shop.folder())) {
        ASSERT_TRUE(entry.document) << entry.path;
        auto document = *entry.document;
        auto& job = document.job;
        const auto drawn = plan::planJob(job, arbor::testing::demoTables());
        for (auto& joint : job.arrangement.assembly.pressed)
            for (const auto& seat : drawn.fits->seats) {
                if (seat.key != job::SeatKey{joint.outer, joint.inner}) continue;
                const double size = std::round((seat.dia_mm + off_mm(dice)) * 1000) / 1000;
                auto& side = joint.side(!seat.hole.ring); // rings are new parts
                if (side.size) side.measured = standards::MeasuredSize{plain(size), size};
            }
        ASSERT_TRUE(io::saveJob(entry.path, document));
        const auto card = path(shop, "card.pdf");
        ASSERT_EQ(start({QString::fromStdString(entry.path), "--card", card}, shop).exit, 0) << entry.path;
        const auto text = pdfText(card).simplified();
        const auto said = [&](const std::string& what) {
            ++figures;
            EXPECT_TRUE(text.contains(QString::fromStdString(what))) << entry.path << ": " << what;
        };
        const words::Display d(job.units);
        const auto p = plan::planJob(job, arbor::testing::demoTables());
        for (const auto& seat : p.fits->seats)
            if (seat.fit) {
                const auto& i = seat.fit->interference_mm;
                said("Interference " + d.fine(i.likely).text() + " (" + d.fineRange(i.least, i.most) + ")");
                said("(" + d.forceRange(seat.fit->pressForce_N.least, seat.fit->pressForce_N.most));
            }
        for (const auto& step : p.steps)
            if (step.step.seat) {
                const auto& seat = p.fits->seats[*step.step.seat];
                const auto& force = step.step.out ? seat.off->force_N : seat.fit->pressForce_N;
                if (force.most > 0) said("(" + d.forceRange(force.least, force.most)); // else it goes by hand
            }
    }
    EXPECT_GT(figures, 30);
}

TEST(Program, OpensAFolderAsAShelf) {
    const TemporaryShop shop;
    const auto ended = start({QString::fromStdString(shop.folder()), "--shot", path(shop, "shelf.png")}, shop);
    EXPECT_EQ(ended.exit, 0) << ended.err.toStdString();
    EXPECT_EQ(QImage(path(shop, "shelf.png")).size(), QSize(1280, 800));
}

TEST(Program, PictureByNightIsDark) {
    const TemporaryShop shop;
    start({QString::fromStdString(shop.jobFile()), "--night", "--shot", path(shop, "night.png")}, shop);
    start({QString::fromStdString(shop.jobFile()), "--shot", path(shop, "day.png")}, shop);
    const auto grey = [](const QImage& image) { return qGray(image.pixel(640, 20)); };
    EXPECT_LT(grey(QImage(path(shop, "night.png"))), 80);
    EXPECT_GT(grey(QImage(path(shop, "day.png"))), 200);
}

TEST(Program, SaysWhatIsWrongOnTheCommandLine) {
    const TemporaryShop shop;
    const auto job = QString::fromStdString(shop.jobFile());
    auto ended = start({job, "--station", "lunch"}, shop);
    EXPECT_EQ(ended.exit, 2);
    EXPECT_TRUE(ended.err.contains("lunch")) << ended.err.toStdString();
    ended = start({job, "--shot", path(shop, "no/such/folder.png")}, shop);
    EXPECT_EQ(ended.exit, 2);
    EXPECT_TRUE(ended.err.contains("no/such/folder.png")) << ended.err.toStdString();
}

TEST(Program, OpensEveryStationOfEveryDemoJob) {
    const TemporaryShop shop;
    for (const char* job : {"seamer-turret-upper", "retort-trolley-roller", "exhaust-fan-carrier"})
        for (const char* station : {"fit", "tooling", "press", "seat", "close"}) {
            const auto file = QString::fromStdString(shop.file(std::string(job) + ".arbor.json"));
            EXPECT_EQ(start({file, "--station", station, "--shot", path(shop, "x.png")}, shop).exit, 0)
                << job << station;
        }
}
