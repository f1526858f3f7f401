// Other rings at Seat through the real window: chosen, read, judged, kept; the shop's own bands of end play.
#include "support/steps.h"
#include "support/window.h"

#include "ui/report/job_report.h"
#include "ui/shell/route_rule.h"
#include "ui/stations/seat_clock.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

using namespace arbor;
using arbor::testing::inHand;
using arbor::testing::kPatience_ms;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::ringInHand;
using arbor::testing::setupOf;
using arbor::testing::WindowTest;
using job::Station;

class Rings : public WindowTest {
protected:
    void SetUp() override {
        open("conveyor-tail-drum");
        session().edit("plain", [](job::Job& j) {
            j.steps.clear();
            j.strip.fitted.clear();
        });
        window->jobView()->go(Station::Seat);
    }
    const ui::RouteRule::Stop& stop(const char* label) {
        for (const auto& stop : find<ui::RouteRule>("routeRule")->stops())
            if (stop.way == "in" && stop.title == label) return stop;
        throw std::runtime_error(label);
    }
    void pick(const char* label) {
        emit find<ui::RouteRule>("routeRule")->chosen(stop(label).place);
        window->jobView()->go(Station::Seat);
        find<QWidget>("seatClock")->setFocus();
    }
    void read(const QStringList& values) {
        for (const auto& value : values) {
            keys(value);
            key(Qt::Key_Right);
        }
    }
    const job::SeatReadings& seal() { return job().steps.at({{"hub", "seal"}, false}).readings; }
};

TEST_F(Rings, ASealIsReadByItselfAndKept) {
    const auto own = ownStep(job()).readings;
    pick("Lip seal");
    EXPECT_TRUE(slipSays("Lip seal · Drum end"));
    EXPECT_TRUE(slipSays("never by the lip"));
    find<ui::SeatClock>("seatClock")->setPlaces(4);
    read({"1.0", "1.05", "1.0", "0.95"});
    EXPECT_EQ(slip().title, "Home and square");
    EXPECT_EQ(saved().steps.at({{"hub", "seal"}, false}).readings.readings.size(), 4u);
    EXPECT_EQ(ownStep(job()).readings, own); // the bearing's own stay as they are
    EXPECT_EQ(stop("Lip seal").line, "Home and square");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(seal().readings.size(), 3u);
    openWindow();
    open("conveyor-tail-drum");
    EXPECT_EQ(seal().readings.size(), 3u);
}

TEST_F(Rings, WhatIsTypedBelongsToTheRingItWasTypedFor) {
    pick("Lip seal");
    keys("1.02");
    pick("Outer cup"); // away before it was kept
    ASSERT_EQ(seal().readings.size(), 1u);
    EXPECT_NEAR(seal().readings[0].value_mm, 1.02, 1e-12);
    EXPECT_TRUE(find<ui::SeatClock>("seatClock")->typing().isEmpty());
}

TEST_F(Rings, OneCrookedStopsTheSeat) {
    pick("Lip seal");
    find<ui::SeatClock>("seatClock")->setPlaces(4);
    read({"0.8", "1.0", "1.2", "1.0"});
    EXPECT_EQ(slip().title, "Cocked");
    EXPECT_EQ(stop("Lip seal").mark, plan::Mark::Stop);
    key(Qt::Key_Left, Qt::AltModifier);
    EXPECT_TRUE(std::any_of(inHand(session().plan()).proof.begin(), inHand(session().plan()).proof.end(),
                            [](const Advice& a) { return a.is<found::OtherRingOff>(); }));
}

TEST_F(Rings, TheDrawingsDepthIsTyped) {
    pick("Lip seal");
    EXPECT_TRUE(find<QLineEdit>("ringHome")->isVisible());
    type("ringHome", "2.5");
    EXPECT_EQ(seal().home_mm, 2.5);
    EXPECT_TRUE(slipSays("Wanted, from the face: 2.5 mm"));
    type("ringHome", "deep");
    EXPECT_FALSE(window->troubleText().isEmpty());
    EXPECT_EQ(seal().home_mm, 2.5);
    type("ringHome", "");
    EXPECT_TRUE(job().steps.empty()); // nothing is left of it
    choose("readingKind", 1);
    EXPECT_FALSE(find<QLineEdit>("ringHome")->isVisible()); // feelers know no depth
}

TEST_F(Rings, ARingThatWasPutInIsAskedFor) {
    session().edit("in", [](job::Job& j) {
        j.strip.fitted = {"outer_cup", "inner_cup"};
        ownStep(j).readings.readings.clear();
        ownStep(j).proof = {};
    });
    session().lookAt(ownKey(job())); // the inner cup
    find<QWidget>("seatClock")->setFocus();
    const double home = ringInHand(session().plan()).input.homeDepth_mm;
    read(QStringList(8, QString::number(home, 'f', 3)));
    const auto asked = [&] { return slip().action.starts_with("Read: "); };
    for (int looks = 0; !asked() && looks < 30; ++looks)
        key(Qt::Key_F9);
    ASSERT_TRUE(asked());
    key(Qt::Key_F9); // leads to it
    EXPECT_EQ(session().step()->step.label, "Outer cup");
    const double depth = ringInHand(session().plan()).input.homeDepth_mm;
    keys(QString::number(depth, 'f', 3));
    key(Qt::Key_Right);
    EXPECT_FALSE(slip().waitsFor.empty()); // three at least
    read(QStringList(7, QString::number(depth, 'f', 3)));
    EXPECT_EQ(slip().title, "Home and square");
    EXPECT_EQ(slip().action, "The seat is proven");
    EXPECT_TRUE(slip().waitsFor.empty());
}

TEST_F(Rings, BadReadingsAreRefusedAndTheReportHasTheGoodOnes) {
    pick("Outer cup");
    keys("2000");
    key(Qt::Key_Right);
    EXPECT_TRUE(window->troubleText().contains("out of range"));
    EXPECT_TRUE(job().steps.empty());
    read(QStringList(3, "10"));
    const auto file = QString::fromStdString(shop.file("rings.pdf"));
    ASSERT_TRUE(ui::writeJobReport(session(), file));
    EXPECT_GT(shop.read("rings.pdf").size(), 1000u);
}

class Bands : public WindowTest {
protected:
    void SetUp() override {
        open("conveyor-tail-drum");
        session().edit("plain", [](job::Job& j) { j.adjust = {}; });
        window->jobView()->go(Station::Adjust);
        shipped = session().tables().endPlay.size();
        key(Qt::Key_B, Qt::ControlModifier);
    }
    QTableWidget* table() { return find<QTableWidget>("bandTable"); }
    void put(int row, int column, const QString& text) { table()->item(row, column)->setText(text); }
    std::size_t shipped = 0;
};

TEST_F(Bands, TypedOverBecomeTheShopsOwnAndAreUsed) {
    ASSERT_TRUE(table()->isVisible());
    table()->setCurrentCell(1, 2);
    QTest::keyClicks(table(), "2"); // typing opens the field
    auto* editor = table()->findChild<QLineEdit*>();
    ASSERT_TRUE(editor);
    QTest::keyClicks(editor, "5");
    QTest::keyClick(editor, Qt::Key_Return);
    const int own = static_cast<int>(shipped);
    ASSERT_TRUE(QTest::qWaitFor([&] { return table()->currentRow() == own; }, kPatience_ms));
    ASSERT_EQ(session().tables().endPlay.size(), shipped + 1);
    EXPECT_TRUE(session().tables().endPlay.back().own);
    EXPECT_NEAR(session().plan().adjust->target_mm.lower, 0.025, 1e-12);
    EXPECT_NE(shop.read("end_play.json").find("general"), std::string::npos);
    table()->setFocus();
    key(Qt::Key_Delete);
    EXPECT_EQ(session().tables().endPlay.size(), shipped);
    EXPECT_NEAR(session().plan().adjust->target_mm.lower, 0.030, 1e-12); // the table's again
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Bands, ANewUseCanBeChosenAtAdjust) {
    table()->setFocus();
    key(Qt::Key_Insert);
    const int row = table()->rowCount() - 1;
    put(row, 0, "wet, slow");
    put(row, 1, "60");
    put(row, 3, "90");
    put(row, 2, "70");
    key(Qt::Key_Escape);
    auto* use = find<QComboBox>("adjUse");
    ASSERT_GE(use->findText("wet, slow"), 0);
    choose("adjUse", use->findText("wet, slow"));
    EXPECT_NEAR(session().plan().adjust->target_mm.upper, 0.09, 1e-12);
    openWindow();
    open("conveyor-tail-drum");
    EXPECT_EQ(job().adjust.use, "wet, slow");
    EXPECT_NEAR(session().plan().adjust->target_mm.lower, 0.07, 1e-12);
}

TEST_F(Bands, WhatMakesNoBandIsRefused) {
    put(0, 2, "a little");
    EXPECT_TRUE(window->troubleText().contains("a little"));
    put(0, 2, "900"); // over the most
    EXPECT_TRUE(window->troubleText().contains("at least"));
    EXPECT_EQ(session().tables().endPlay.size(), shipped);
    EXPECT_EQ(table()->item(0, 2)->text(), "20.0"); // as it was
    table()->setCurrentCell(0, 2);
    table()->setFocus();
    key(Qt::Key_Delete);
    EXPECT_TRUE(window->troubleText().contains("ships with the program"));
}

TEST_F(Bands, InInchesTheyAreThousandths) {
    key(Qt::Key_Escape);
    session().edit("inch", [](job::Job& j) { j.units = job::Units::Inch; });
    key(Qt::Key_B, Qt::ControlModifier);
    put(1, 2, "1.5");
    EXPECT_NEAR(session().tables().endPlay.back().play_mm.lower, 0.0381, 1e-9);
    put(table()->rowCount() - 1, 1, "2");
    EXPECT_NEAR(session().tables().endPlay.back().upTo_mm, 50.8, 1e-9);
}

TEST_F(Bands, AFileThatCannotBeReadIsLeftAlone) {
    const std::string broken = "{\"bands\": [{\"use\": \"wet\"}]}";
    shop.write("end_play.json", broken);
    openWindow();
    open("conveyor-tail-drum");
    EXPECT_TRUE(window->troubleText().contains("end_play.json"));
    EXPECT_TRUE(inHand(session().plan()).tools && setupOf(session().plan()).choice); // the rack is there all the same
    key(Qt::Key_B, Qt::ControlModifier);
    put(0, 2, "10");
    EXPECT_EQ(shop.read("end_play.json"), broken);
    EXPECT_EQ(session().tables().endPlay.size(), shipped);
}
