// The logbook through the real window: a record goes in, is found again, counted and written out; a logbook that is not
// there costs nothing.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "core/job/step_name.h"
#include "ui/log/log_charts.h"
#include "ui/log/log_view.h"

#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>
#include <QTcpServer>
#include <set>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::inHand;
using arbor::testing::partOf;
using arbor::testing::WindowTest;
using job::Station;

class Log : public WindowTest {
protected:
    void close(const std::string& job) {
        open(job);
        window->jobView()->go(Station::Close);
        type("recordWho", "Ilse Marden");
        find<QWidget>("closeBench")->setFocus();
        clickAction();
        settle();
        ASSERT_TRUE(this->job().record);
    }
    /// Where the records are, as the job says it.
    QLabel* delivery() {
        auto* line = window->jobView()->findChild<QLabel*>("delivery");
        EXPECT_TRUE(line);
        return line;
    }
    ui::LogView* log() { return find<ui::LogView>("logView"); }
    void show() { press(Qt::Key_F, Qt::ControlModifier); }
    void press(Qt::Key which, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        key(which, modifiers);
        settle(); // the logbook answers beside the window
    }
    void enter(const char* field, const QString& text) {
        type(field, text);
        settle();
    }
    void search(const QString& text) {
        auto* edit = find<QLineEdit>("logSearch");
        edit->setFocus();
        edit->selectAll();
        text.isEmpty() ? QTest::keyClick(edit, Qt::Key_Delete) : QTest::keyClicks(edit, text);
        settle();
    }
};

TEST_F(Log, ARecordGoesInAndIsFoundAgain) {
    close("seamer-turret-upper");
    show();
    ASSERT_TRUE(log()->isVisible());
    // It begins with what was done on the same place.
    EXPECT_EQ(find<QLineEdit>("logSearch")->text().toStdString(), job().title + " " + job().intake.position);
    ASSERT_EQ(log()->found().size(), 1u);
    EXPECT_EQ(log()->found()[0].who, "Ilse Marden");
    EXPECT_EQ(find<QTableWidget>("logTable")->item(0, 1)->text(), "J-0142");
    search("turret mard");
    EXPECT_EQ(log()->found().size(), 1u);
    search("agitator");
    EXPECT_TRUE(log()->found().empty());
    EXPECT_EQ(find<QLabel>("logCount")->text(), "0 presses");
    press(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Log, FiltersByVerdictAndDate) {
    close("seamer-turret-upper");
    instant = "2026-11-25T08:00:00";
    close("conveyor-tail-drum");
    show();
    search("");
    EXPECT_EQ(log()->found().size(), 2u);
    enter("logFrom", "2026-11-25");
    ASSERT_EQ(log()->found().size(), 1u);
    EXPECT_EQ(log()->found()[0].jobId, "J-0152");
    enter("logFrom", "last week"); // no date: not asked
    EXPECT_EQ(log()->found().size(), 2u);
    enter("logTo", "2026-11-24");
    EXPECT_EQ(log()->found().size(), 1u);
    enter("logTo", "");
    choose("logVerdict", 1);
    settle(); // home and square
    EXPECT_TRUE(log()->found().empty());
    choose("logVerdict", 5);
    settle(); // not judged
    EXPECT_EQ(log()->found().size(), 2u);
    EXPECT_TRUE(find<ui::LogCharts>("logCharts")->accessibleDescription().isEmpty()); // one of each: nothing repeats
}

TEST_F(Log, OneKeyAsksForThePlaceTheMachineOrTheBearing) {
    close("seamer-turret-upper");
    const auto put = [&](const char* id, const char* title, const char* position, const std::string& bearing,
                         const char* step = "in:a+b") {
        log::Entry e;
        e.id = id;
        e.when = "2026-10-01T10:00:00";
        e.title = title;
        e.position = position;
        e.bearing = bearing;
        e.step = step;
        e.tools = "P30 S18";
        e.peak_N = 1400;
        e.expected_N = 1500;
        e.friction = 0.104;
        e.outer_C = 95;
        const auto book = log::Logbook::open("sqlite:" + QString::fromStdString(shop.file("logbook.sqlite"))).value();
        ASSERT_TRUE(book->write(e));
    };
    const auto bearing = bearingOf(job()).designation;
    const auto step = job::nameOf(session().step()->step.id);
    put("A-1", "Seamer turret · upper bearing", "turret, upper", bearing, step.c_str());
    put("A-5", "Seamer turret · upper bearing", "turret, upper", bearing); // another step at the same place
    put("A-2", "Seamer turret · lower bearing", "turret, lower", bearing);
    put("A-3", "Labeller pulley", "idler", bearing);
    put("A-4", "Labeller pulley", "idler", "32006");
    show();
    ASSERT_EQ(log()->found().size(), 1u); // the same step of an earlier job
    EXPECT_EQ(log()->found()[0].id, "A-1");
    press(Qt::Key_F5);
    EXPECT_EQ(log()->found().size(), 3u); // every step at this place
    press(Qt::Key_F6);
    EXPECT_EQ(log()->found().size(), 4u); // the whole machine
    press(Qt::Key_F7);
    EXPECT_EQ(log()->found().size(), 5u); // that bearing anywhere
    press(Qt::Key_F8);
    EXPECT_EQ(log()->found().size(), 6u);
    press(Qt::Key_F3);
    ASSERT_EQ(log()->found().size(), 1u);
    const auto told = find<QLabel>("logTold")->text();
    for (const char* part : {"setup P30 S18", "1.40 kN of 1.50 kN expected", "friction 0.104", "outer part at 95 °C"})
        EXPECT_TRUE(told.contains(part)) << told.toStdString();
    EXPECT_FALSE(told.contains("inner part")); // nobody wrote it down
}

TEST_F(Log, APlaceNamedDifferentlyIsFoundByItsTitle) {
    close("seamer-turret-upper");
    session().edit("elsewhere", [](job::Job& j) { j.intake.position = "somewhere else"; });
    show();
    EXPECT_EQ(find<QLineEdit>("logSearch")->text().toStdString(), job().title);
    ASSERT_EQ(log()->found().size(), 1u);
    EXPECT_EQ(log()->found()[0].position, "turret, upper");
    press(Qt::Key_F5);
    EXPECT_EQ(log()->found().size(), 1u);
}

TEST_F(Log, IsWrittenOutAsTableAndWhole) {
    close("seamer-turret-upper");
    show();
    const auto csv = QString::fromStdString(shop.file("presses-out.csv"));
    log()->exportTo(csv);
    settle();
    EXPECT_TRUE(find<QLabel>("logMessage")->text().contains(csv));
    EXPECT_NE(shop.read("presses-out.csv").find("J-0142@2026-11-24T10:00:00"), std::string::npos);
    const auto json = QString::fromStdString(shop.file("out.json"));
    log()->exportTo(json);
    settle();
    EXPECT_NE(shop.read("out.json").find("arbor-job"), std::string::npos); // with the whole job
    log()->exportTo("/no/such/folder/x.csv");
    settle();
    EXPECT_TRUE(find<QLabel>("logMessage")->text().contains("/no/such/folder/x.csv"));
}

TEST_F(Log, PastPressesNarrowTheNextPrediction) {
    open("seamer-turret-upper");
    const auto width = [&] {
        const auto e = inHand(session().plan()).press->expected.end_N;
        return (e.most - e.least) / e.likely;
    };
    const double byTheBook = width();
    const auto book = log::Logbook::open("sqlite:" + QString::fromStdString(shop.file("logbook.sqlite"))).value();
    for (int i = 0; i < 6; ++i) {
        log::Entry e;
        e.id = "A-" + std::to_string(i);
        e.when = "2026-10-0" + std::to_string(i + 1) + "T10:00:00";
        e.pressVerdict = "home";
        e.friction = 0.100 + 0.001 * i;
        e.seatMaterial = partOf(job(), "housing").material;
        e.lubricant = "light_oil";
        ASSERT_TRUE(book->write(e));
    }
    open("seamer-turret-upper");
    EXPECT_LT(width(), 0.95 * byTheBook);
    auto bad = log::Entry{};
    bad.id = "A-bad";
    bad.when = "2026-10-09T10:00:00";
    bad.pressVerdict = "galling";
    bad.friction = 0.3;
    bad.seatMaterial = partOf(job(), "housing").material;
    bad.lubricant = "light_oil";
    const double learned = width();
    ASSERT_TRUE(book->write(bad));
    open("seamer-turret-upper");
    EXPECT_NEAR(width(), learned, 1e-12); // never from a bad one
}

TEST_F(Log, LookingMakesNoLogbook) {
    open("seamer-turret-upper");
    EXPECT_FALSE(QFile::exists(QString::fromStdString(shop.file("logbook.sqlite"))));
    EXPECT_FALSE(QFile::exists(QString::fromStdString(shop.file("logbook-waiting.sqlite"))));
}

TEST_F(Log, ALogbookThatIsNotThereCostsNothing) {
    // A folder where the logbook should be.
    const auto file = QString::fromStdString(shop.file("logbook.sqlite"));
    ASSERT_TRUE(QDir().mkpath(file));
    close("seamer-turret-upper");
    EXPECT_TRUE(window->troubleText().isEmpty());
    EXPECT_TRUE(delivery()->isVisible());
    EXPECT_TRUE(delivery()->text().startsWith("1 record")) << delivery()->text().toStdString();
    show();
    EXPECT_TRUE(find<QLabel>("logMessage")->isVisible());
    EXPECT_TRUE(find<QLabel>("logMessage")->text().contains("waits here and is delivered later"));
    ASSERT_TRUE(QDir().rmdir(file));
    press(Qt::Key_Escape);
    close("conveyor-tail-drum"); // and takes the one that waited along
    EXPECT_FALSE(delivery()->isVisible());
    show();
    search("");
    EXPECT_EQ(log()->found().size(), 2u);
    EXPECT_FALSE(find<QLabel>("logMessage")->isVisible());
}

TEST_F(Log, ADamagedLogbookIsKeptAsideAndMadeAnewFromTheJobs) {
    close("seamer-turret-upper");
    close("conveyor-tail-drum");
    const auto whole = shop.read("logbook.sqlite");
    window.reset(); // nobody has it open
    ASSERT_GT(whole.size(), 2000u);
    shop.write("logbook.sqlite", whole.substr(0, whole.size() / 3));
    for (const auto* with : {"logbook.sqlite-wal", "logbook.sqlite-shm"})
        QFile::remove(QString::fromStdString(shop.file(with)));
    openWindow();
    open("seamer-turret-upper");
    EXPECT_TRUE(window->troubleText().contains("logbook.sqlite was damaged")) << window->troubleText().toStdString();
    show();
    search("");
    std::set<std::string> jobs;
    for (const auto& entry : log()->found())
        jobs.insert(entry.jobId);
    EXPECT_TRUE(jobs.contains("J-0142") && jobs.contains("J-0152")) << "and what the demo shop has on record";
    const auto aside = QDir(QString::fromStdString(shop.folder())).entryList({"logbook.sqlite.damaged-*"});
    ASSERT_EQ(aside.size(), 1);
    EXPECT_EQ(shop.read(aside.front().toStdString()), whole.substr(0, whole.size() / 3))
        << "what is left of it is kept";
}

TEST_F(Log, ASilentServerNeverHoldsUpTheWindow) {
    QTcpServer silent; // takes the call and says nothing
    ASSERT_TRUE(silent.listen(QHostAddress::LocalHost));
    logbook = QStringLiteral("postgresql://anna@127.0.0.1:%1/shop").arg(silent.serverPort());
    openWindow();
    const auto file = QString::fromStdString(shop.file("seamer-turret-upper.arbor.json"));
    window->openPath(file);
    window->jobView()->go(Station::Close);
    type("recordWho", "Ilse Marden");
    find<QWidget>("closeBench")->setFocus();
    clickAction();
    key(Qt::Key_F, Qt::ControlModifier);
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->isMaking()) << "the server is asked still, and the window has done all that";
    EXPECT_TRUE(QTest::qWaitFor([&] { return delivery()->isVisible(); }, 60'000));
    EXPECT_TRUE(delivery()->text().startsWith("1 record")) << delivery()->text().toStdString();
    EXPECT_TRUE(job().record) << "it stands in the job";
}
