// The logbook through the real window: a record goes in, is found again, counted and written out; a logbook that is not
// there costs nothing.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "core/job/step_name.h"
#include "ui/log/log_charts.h"
#include "ui/log/log_view.h"

#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>

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
        ASSERT_TRUE(this->job().record);
    }
    ui::LogView* log() { return find<ui::LogView>("logView"); }
    void show() { key(Qt::Key_F, Qt::ControlModifier); }
    void search(const QString& text) {
        auto* edit = find<QLineEdit>("logSearch");
        edit->setFocus();
        edit->selectAll();
        text.isEmpty() ? QTest::keyClick(edit, Qt::Key_Delete) : QTest::keyClicks(edit, text);
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
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Log, FiltersByVerdictAndDate) {
    close("seamer-turret-upper");
    instant = "2026-11-25T08:00:00";
    close("conveyor-tail-drum");
    show();
    search("");
    EXPECT_EQ(log()->found().size(), 2u);
    type("logFrom", "2026-11-25");
    ASSERT_EQ(log()->found().size(), 1u);
    EXPECT_EQ(log()->found()[0].jobId, "J-0152");
    type("logFrom", "last week"); // no date: not asked
    EXPECT_EQ(log()->found().size(), 2u);
    type("logTo", "2026-11-24");
    EXPECT_EQ(log()->found().size(), 1u);
    type("logTo", "");
    choose("logVerdict", 1); // home and square
    EXPECT_TRUE(log()->found().empty());
    choose("logVerdict", 5); // not judged
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
    key(Qt::Key_F5);
    EXPECT_EQ(log()->found().size(), 3u); // every step at this place
    key(Qt::Key_F6);
    EXPECT_EQ(log()->found().size(), 4u); // the whole machine
    key(Qt::Key_F7);
    EXPECT_EQ(log()->found().size(), 5u); // that bearing anywhere
    key(Qt::Key_F8);
    EXPECT_EQ(log()->found().size(), 6u);
    key(Qt::Key_F3);
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
    key(Qt::Key_F5);
    EXPECT_EQ(log()->found().size(), 1u);
}

TEST_F(Log, IsWrittenOutAsTableAndWhole) {
    close("seamer-turret-upper");
    show();
    const auto csv = QString::fromStdString(shop.file("presses-out.csv"));
    ASSERT_TRUE(log()->exportTo(csv));
    EXPECT_NE(shop.read("presses-out.csv").find("J-0142@2026-11-24T10:00:00"), std::string::npos);
    const auto json = QString::fromStdString(shop.file("out.json"));
    ASSERT_TRUE(log()->exportTo(json));
    EXPECT_NE(shop.read("out.json").find("arbor-job"), std::string::npos); // with the whole job
    EXPECT_EQ(log()->exportTo("/no/such/folder/x.csv").error().code, ProblemCode::Unwritable);
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
    // Somebody's notes where the logbook should be.
    shop.write("logbook.sqlite", std::string(200, 'n'));
    close("seamer-turret-upper");
    EXPECT_TRUE(window->troubleText().isEmpty());
    show();
    EXPECT_TRUE(find<QLabel>("logMessage")->isVisible());
    EXPECT_TRUE(find<QLabel>("logMessage")->text().contains("waits here and is delivered later"));
    ASSERT_TRUE(QFile::remove(QString::fromStdString(shop.file("logbook.sqlite"))));
    key(Qt::Key_Escape);
    close("conveyor-tail-drum"); // and takes the one that waited along
    show();
    search("");
    EXPECT_EQ(log()->found().size(), 2u);
    EXPECT_FALSE(find<QLabel>("logMessage")->isVisible());
}
