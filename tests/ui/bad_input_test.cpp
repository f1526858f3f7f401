// Bad entries and bad files: a message with place and reason, the program goes on, nothing of the user's is lost.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "ui/bench/bench_view.h"
#include "ui/shelf/shelf_view.h"

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <filesystem>
#include <fstream>
#include <unistd.h>

using namespace arbor;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::inHand;
using arbor::testing::ownStep;
using arbor::testing::replaced;
using arbor::testing::WindowTest;
using job::Station;

class BadInput : public WindowTest {
protected:
    void expectRefused(const char* field, const QString& typed, const QString& reason) {
        const auto before = shop.read("seamer-turret-upper.arbor.json");
        type(field, typed);
        const auto said = find<QLabel>((std::string(field) + "Understood").c_str())->text();
        EXPECT_TRUE(said.contains(reason)) << field << " “" << typed.toStdString() << "”: " << said.toStdString();
        EXPECT_EQ(find<QLineEdit>(field)->text(), typed) << "what was typed is kept";
        EXPECT_TRUE(find<QLineEdit>(field)->property("wrong").toBool());
        EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before) << "a refused entry reached the file";
    }
};

TEST_F(BadInput, EntriesAreRefusedInPlace) {
    open();
    expectRefused("holeSize", "62 Q9", "unknown tolerance class");
    expectRefused("holeSize", "wide", "cannot be read");
    expectRefused("holeSize", "62 P2", "does not exist");
    expectRefused("measuredBore", "-61.9", "larger than zero");
    expectRefused("measuredBore", "nan", "cannot be read");
    expectRefused("housingOutside", "60", "over the bore");
    expectRefused("housingOutside", "1/0", "finite");
    expectRefused("innerTemp", "900", "250");
    expectRefused("housingRz", "-3", "0 to 100");
    expectRefused("journalSize", "62 zz5", "unknown tolerance class");
    expectRefused("measuredBore", "6.2", "1 %");
    expectRefused("holeSize", "63 N7", "62 mm");
}

TEST_F(BadInput, RightEntryTakesTheMarkAway) {
    open();
    type("holeSize", "62 Q9");
    type("holeSize", "62 K7");
    EXPECT_FALSE(find<QLineEdit>("holeSize")->property("wrong").toBool());
    EXPECT_EQ(find<QLabel>("holeSizeUnderstood")->text(), "9.0 / −21.0 µm");
    EXPECT_EQ(hole(saved()).size->typed, "K7");
}

TEST_F(BadInput, MeasuredFarFromNominalStopsWithTheReason) {
    // Typed, it is refused in its place; here it came with the file.
    shop.write("seamer-turret-upper.arbor.json",
               replaced(shop.read("seamer-turret-upper.arbor.json"), "61.978 ±2um", "6.1978"));
    open();
    EXPECT_TRUE(session().plan().problem());
    EXPECT_EQ(slip().title, "Size missing or invalid");
    EXPECT_TRUE(slipSays("6.1978"));
    for (const auto station : job::kStations)
        window->jobView()->go(station); // every station still draws
    session().edit("mend it", [](job::Job& j) { hole(j).measured = standards::MeasuredSize{"61.978", 61.978}; });
    EXPECT_FALSE(session().plan().problem());
}

TEST_F(BadInput, BrokenJobIsNamedAndTheShelfShown) {
    shop.write("bad.arbor.json", "{ \"format\": ");
    window->openPath(QString::fromStdString(shop.file("bad.arbor.json")));
    EXPECT_FALSE(window->session());
    EXPECT_TRUE(window->troubleText().contains("bad.arbor.json"));
    EXPECT_TRUE(window->troubleText().contains("line 1"));
    EXPECT_EQ(window->shelf()->stateOf(0), "Cannot be read");
    EXPECT_EQ(shop.read("bad.arbor.json"), "{ \"format\": ");
}

TEST_F(BadInput, BrokenRackLeavesTheJobReadable) {
    shop.write("rack.csv", replaced(shop.read("rack.csv"), "S02,sleeve", "S02,hammer"));
    open();
    EXPECT_TRUE(window->troubleText().contains("rack.csv"));
    EXPECT_TRUE(window->troubleText().contains("line 3, kind"));
    EXPECT_TRUE(fitOf(session().plan()));
    EXPECT_TRUE(inHand(session().plan()).way()) << "one bad row takes no other tool with it";
    type("measuredBore", "61.981");
    EXPECT_TRUE(window->troubleText().contains("rack.csv")) << "still skipped, still said";
}

TEST_F(BadInput, BrokenRackIsNeverWrittenOver) {
    const auto broken = replaced(shop.read("rack.csv"), "bore_mm", "hole_mm");
    shop.write("rack.csv", broken);
    open();
    key(Qt::Key_R, Qt::ControlModifier);
    EXPECT_TRUE(window->jobView()->isVisible()) << "the rack does not open";
    EXPECT_TRUE(window->troubleText().contains("bore_mm"));
    window->jobView()->go(Station::Tooling);
    find<ui::BenchView>("toolingBench")->setFocus();
    key(Qt::Key_T);
    QTest::mouseClick(find<QPushButton>("turnToRack"), Qt::LeftButton);
    EXPECT_EQ(shop.read("rack.csv"), broken);
    EXPECT_TRUE(window->troubleText().contains("rack.csv"));
}

TEST_F(BadInput, BrokenPressesDoNotCostTheTools) {
    const auto before = shop.read("rack.csv");
    shop.write("presses.json", "{");
    open();
    key(Qt::Key_R, Qt::ControlModifier);
    EXPECT_TRUE(window->troubleText().contains("presses.json"));
    EXPECT_EQ(shop.read("rack.csv"), before);
}

TEST_F(BadInput, TraceWithTextIsRefusedAndTheJobStays) {
    open();
    window->jobView()->go(Station::Press);
    shop.write("bad.csv", "t_s,travel_mm,force_N\n0,0,0\n1,2,lots\n");
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    type("traceFile", QString::fromStdString(shop.file("bad.csv")));
    EXPECT_TRUE(window->troubleText().contains("bad.csv"));
    EXPECT_TRUE(window->troubleText().contains("line 3, force_N"));
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before);
    EXPECT_FALSE(std::filesystem::exists(shop.file("traces/bad.csv")));
}

TEST_F(BadInput, TraceNeverOverwritesAnotherOfItsName) {
    open();
    window->jobView()->go(Station::Press);
    std::filesystem::create_directory(shop.file("usb"));
    shop.write("usb/fan-carrier.csv", "t_s,travel_mm,force_N\n0,0,0\n");
    const auto kept = shop.read("traces/fan-carrier.csv");
    type("traceFile", QString::fromStdString(shop.file("usb/fan-carrier.csv")));
    EXPECT_TRUE(window->troubleText().contains("traces/fan-carrier.csv"));
    EXPECT_EQ(shop.read("traces/fan-carrier.csv"), kept);
}

TEST_F(BadInput, GoneTraceIsToldAndTheRestWorks) {
    std::filesystem::remove(shop.file("traces/fan-carrier.csv"));
    open("exhaust-fan-carrier");
    EXPECT_TRUE(window->troubleText().contains("traces/fan-carrier.csv"));
    EXPECT_TRUE(inHand(session().plan()).press);
}

TEST_F(BadInput, FileThatCannotBeWrittenIsToldAtOnce) {
    open();
    // A folder in the file's place cannot be replaced, not even by root.
    std::filesystem::rename(shop.jobFile(), shop.file("kept.json"));
    std::filesystem::create_directory(shop.jobFile());
    type("measuredBore", "61.981");
    EXPECT_TRUE(window->troubleText().contains("Not saved"));
    EXPECT_TRUE(window->troubleText().contains("seamer-turret-upper.arbor.json"));
    EXPECT_EQ(hole(job()).measured->typed, "61.981") << "the work is still in the window";
    std::filesystem::remove(shop.jobFile());
    type("measuredBore", "61.982");
    EXPECT_EQ(window->troubleText(), "");
    EXPECT_EQ(hole(saved()).measured->typed, "61.982");
}

TEST_F(BadInput, AbsurdReadingIsRefused) {
    open();
    window->jobView()->go(Station::Seat);
    keys("99999");
    key(Qt::Key_Right);
    EXPECT_TRUE(window->troubleText().contains("out of range"));
    EXPECT_TRUE(ownStep(job()).readings.readings.empty());
    keys("22..2");
    key(Qt::Key_Right);
    EXPECT_FALSE(window->troubleText().isEmpty());
    EXPECT_TRUE(ownStep(job()).readings.readings.empty());
}

TEST_F(BadInput, AnUnreadableJobIsOfferedAsItWasBefore) {
    open();
    type("measuredBore", "61.981");
    type("measuredBore", "61.982");
    const auto path = shop.file("seamer-turret-upper.arbor.json");
    shop.write("seamer-turret-upper.arbor.json", "{ torn");
    openWindow();
    window->openPath(QString::fromStdString(path));
    EXPECT_FALSE(window->session());
    auto* offered = find<QPushButton>("bringBack");
    ASSERT_TRUE(offered->isVisible());
    EXPECT_TRUE(offered->text().contains("seamer-turret-upper.arbor.json"));
    offered->click();
    ASSERT_TRUE(window->session());
    EXPECT_EQ(hole(saved()).measured->typed, "61.981") << "the version before the last change";
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json.unreadable"), "{ torn") << "nothing is lost";
    EXPECT_FALSE(offered->isVisible());
}

TEST_F(BadInput, AnUnreadableListOfTheShopIsOfferedAsItWasBefore) {
    open();
    find<QAction>("actionPresses")->trigger();
    key(Qt::Key_Insert);
    shop.write("presses.json", "{ torn");
    openWindow();
    window->openPath(QString::fromStdString(shop.folder()));
    EXPECT_TRUE(window->troubleText().contains("presses.json"));
    find<QPushButton>("bringBack")->click();
    EXPECT_EQ(window->troubleText(), "");
    open();
    EXPECT_EQ(session().tables().rack.presses.size(), arbor::testing::demoTables().rack.presses.size());
}
