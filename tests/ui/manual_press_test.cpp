// A press read by hand, a recording that was left lying, and the shop's friction, through the real window.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "sim/indicator.h"
#include "ui/charts/force_chart.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"
#include "ui/shop/friction_view.h"

#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::inHand;
using arbor::testing::kPatience_ms;
using arbor::testing::ownStep;
using arbor::testing::partOf;
using arbor::testing::ringInHand;
using arbor::testing::WindowTest;
using job::ManualMeans;
using job::Station;

namespace {

enum Means { File, Transducer, Gauge, Wrench, Hammer };

} // namespace

class ManualPress : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        window->jobView()->go(Station::Press);
    }
    void read(const char* text) { type("handEntry", text); }
};

TEST_F(ManualPress, NeedleReadingsAreTakenShownAndTakenBack) {
    choose("pressMeans", Gauge);
    read("4 3");
    read("8,5 6.5");
    ASSERT_EQ(ownStep(job()).hand.points.size(), 2u);
    EXPECT_EQ(ownStep(saved()).hand, ownStep(job()).hand);
    EXPECT_EQ(ownStep(job()).hand.points[1], (job::HandPoint{8.5, 6.5}));
    EXPECT_TRUE(find<QLabel>("handRead")->text().contains("8.5: 6.5 bar"));
    QTest::mouseClick(find<QPushButton>("handBack"), Qt::LeftButton);
    EXPECT_EQ(ownStep(job()).hand.points.size(), 1u);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(ownStep(job()).hand.points.size(), 2u);
}

TEST_F(ManualPress, APressByTheNeedleComesToAVerdict) {
    choose("pressMeans", Gauge);
    const auto e = inHand(session().plan()).press->expected;
    const double newtonPerBar = 441.786; // 75 mm piston
    for (int i = 1; i <= 9; ++i) {
        const double x = e.homeTravel_mm * i / 10;
        read(qPrintable(
            QStringLiteral("%1 %2").arg(x, 0, 'f', 2).arg(trace::forceAt(e, x).likely / newtonPerBar, 0, 'f', 1)));
    }
    read(qPrintable(
        QStringLiteral("%1 %2").arg(e.homeTravel_mm, 0, 'f', 2).arg(e.hold_N.likely / newtonPerBar, 0, 'f', 1)));
    ASSERT_TRUE(inHand(session().plan()).trace);
    EXPECT_EQ(inHand(session().plan()).trace->verdict, trace::Verdict::Home);
    EXPECT_TRUE(slipSays("Home"));
    openWindow();
    open("seamer-turret-upper");
    window->jobView()->go(Station::Press);
    EXPECT_EQ(find<QComboBox>("pressMeans")->currentIndex(), Gauge); // as it was left
    EXPECT_TRUE(slipSays("Home"));
}

TEST_F(ManualPress, WhatIsNoReadingStaysAndSaysWhy) {
    choose("pressMeans", Gauge);
    read("forty bar");
    EXPECT_TRUE(window->troubleText().contains("two numbers, mm and bar"));
    EXPECT_EQ(find<QLineEdit>("handEntry")->text(), "forty bar");
    read("4 -3");
    EXPECT_TRUE(ownStep(job()).hand.points.empty());
}

TEST_F(ManualPress, TheWrenchSaysTorqueAndTurnsBeforehand) {
    choose("pressMeans", Wrench);
    EXPECT_TRUE(slipSays("On the wrench, just before home"));
    EXPECT_TRUE(slipSays("turns"));
    choose("handBolt", 1);
    QTest::keyClick(find<QComboBox>("handBolt"), Qt::Key_Return);
    EXPECT_EQ(ownStep(job()).hand.bolt, "B02");
    read("2 12");
    EXPECT_EQ(ownStep(job()).hand.points.front(), (job::HandPoint{2, 12}));
    EXPECT_TRUE(inHand(session().plan()).hand);
    key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier); // and in inches a wrench shows pounds and feet
    EXPECT_TRUE(find<QLabel>("handRead")->text().contains("lbf"));
    read("3 10");
    EXPECT_NEAR(ownStep(job()).hand.points.back().shown, 13.558, 0.001);
}

TEST_F(ManualPress, AHammerIsAskedForItsSigns) {
    choose("pressMeans", Hammer);
    EXPECT_TRUE(slipSays("Never strike through the rolling elements"));
    choose("handSign0", 2);
    EXPECT_EQ(session().plan().marks.at(Station::Press), plan::Mark::Stop);
    EXPECT_TRUE(slipSays("The gap was not even all round"));
    choose("handSign0", 1);
    choose("handSign1", 1);
    choose("handSign2", 1);
    EXPECT_TRUE(slipSays("Bottomed on something"));
    EXPECT_TRUE(slipSays("A hammer tells no force"));
    EXPECT_EQ(ownStep(saved()).hand.signs.size(), 3u);
}

TEST_F(ManualPress, ReadingsOfOneInstrumentAreNotThoseOfAnother) {
    choose("pressMeans", Gauge);
    read("4 3");
    choose("pressMeans", Wrench);
    EXPECT_EQ(ownStep(job()).hand.means, ManualMeans::Wrench);
    EXPECT_TRUE(ownStep(job()).hand.points.empty());
    find<QWidget>("pressBench")->setFocus();
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(ownStep(job()).hand.points.size(), 1u);
}

class LeftLying : public ManualPress {
protected:
    void SetUp() override {
        QDir(QString::fromStdString(shop.folder())).mkpath("traces");
        shop.write("traces/J-0142-20261123T161200.csv.part",
                   "t_s,travel_mm,force_N\n0,0,0\n1,2,500\n2,4,1000\n3,6,1500\n4,8,2000\n");
        ManualPress::SetUp();
    }
    bool there(const char* name) { return QFile::exists(QString::fromStdString(shop.file(name))); }
};

TEST_F(LeftLying, IsOfferedAndTakenOver) {
    EXPECT_EQ(slip().title, "Unsaved recording found");
    EXPECT_TRUE(slipSays("J-0142-20261123T161200.csv"));
    clickAction();
    ASSERT_TRUE(session().measuredTrace());
    EXPECT_EQ(session().measuredTrace()->size(), 5u);
    EXPECT_EQ(ownStep(saved()).traceFile, "traces/J-0142-20261123T161200.csv");
    EXPECT_FALSE(there("traces/J-0142-20261123T161200.csv.part"));
    EXPECT_EQ(slip().title, "Press");
}

TEST_F(LeftLying, OrSetAsideWithNothingLost) {
    find<QWidget>("pressBench")->setFocus();
    key(Qt::Key_Delete);
    EXPECT_EQ(slip().title, "Press");
    EXPECT_TRUE(ownStep(job()).traceFile.empty());
    EXPECT_TRUE(there("traces/J-0142-20261123T161200.csv"));
}

TEST_F(LeftLying, OfAnotherJobIsNotOffered) {
    open("conveyor-tail-drum");
    window->jobView()->go(Station::Press);
    EXPECT_NE(slip().title, "Unsaved recording found");
}

class ShopFriction : public WindowTest {
protected:
    /// A closed job whose good press came to that friction on cast iron with light oil.
    void record(int number, double friction, const std::string& verdict = "home") {
        auto document = io::loadJob(shop.jobFile()).value();
        document.job.id = "J-9" + std::to_string(number);
        job::Record r;
        r.who = "A";
        r.when = "2026-10-01T10:00:00";
        r.pressVerdict = verdict;
        r.friction = friction;
        r.seatMaterial = partOf(document.job, "housing").material;
        r.lubricant = catalog::Lubricant::LightOil;
        document.job.record = r;
        ASSERT_TRUE(io::saveJob(shop.file("closed-" + std::to_string(number) + ".arbor.json"), document));
    }
    const ui::FrictionView::Row& row() {
        open("seamer-turret-upper");
        key(Qt::Key_M, Qt::ControlModifier);
        const auto family = session().tables().materials.at(partOf(job(), "housing").material).family;
        const int index = 3 * static_cast<int>(family) + static_cast<int>(catalog::Lubricant::LightOil);
        return find<ui::FrictionView>("frictionView")->rows().at(static_cast<std::size_t>(index));
    }
};

TEST_F(ShopFriction, TheBookStandsUntilThereAreEnough) {
    for (int i = 0; i < 4; ++i)
        record(i, 0.1 + 0.002 * i);
    EXPECT_TRUE(row().says.contains("4 of the 5 presses it takes"));
    EXPECT_FALSE(row().friction.learned);
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(ShopFriction, FiveGoodOnesNarrowTheBandAndBadOnesNeverCount) {
    for (int i = 0; i < 5; ++i)
        record(i, 0.1 + 0.002 * i);
    record(7, 0.125, "galling");
    const auto& r = row();
    EXPECT_EQ(r.friction.found.size(), 5u);
    ASSERT_TRUE(r.friction.learned);
    EXPECT_NEAR(r.friction.learned->mean, 0.104, 1e-9);
    EXPECT_GT(r.friction.band.lower, r.friction.book.lower);
    EXPECT_LT(r.friction.band.upper, r.friction.book.upper);
    EXPECT_TRUE(r.says.contains("5 presses, mean 0.104"));
}

TEST_F(ShopFriction, OutsideTheBookTheBookStandsAndItIsSaid) {
    for (int i = 0; i < 6; ++i)
        record(i, 0.21 + 0.001 * i);
    const auto& r = row();
    EXPECT_EQ(r.friction.found.size(), 6u);
    EXPECT_FALSE(r.friction.learned);
    EXPECT_EQ(r.friction.band, r.friction.book);
    EXPECT_TRUE(r.says.contains("outside the book"));
}

class Indicator : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        window->jobView()->go(Station::Seat);
        choose("readingKind", 2);
        QTest::keyClick(find<QComboBox>("readingKind"), Qt::Key_Return);
    }
    /// Once round with a stand-in.
    void goRound(sim::Indicator::Options options) {
        sim::LinePort port;
        sim::Indicator dial(port, options);
        type("dialLine", port.listen(0));
        ASSERT_TRUE(QTest::qWaitFor(
            [&] { return find<QLabel>("dialLineState")->text() == "connected" && port.heard(); }, kPatience_ms));
        for (std::size_t i = 1; i <= 8; ++i) {
            dial.push();
            ASSERT_TRUE(QTest::qWaitFor([&] { return ownStep(job()).readings.readings.size() == i; }, kPatience_ms));
        }
    }
};

TEST_F(Indicator, FillsTheClockPushByPush) {
    goRound({});
    EXPECT_EQ(ownStep(job()).readings.kind, seating::ReadingKind::Indicator);
    ASSERT_TRUE(ringInHand(session().plan()).seating.plane);
    EXPECT_NEAR(ringInHand(session().plan()).seating.plane->highAngle_deg, 90, 25); // 3 o'clock, as the stand-in leans
    EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::SquareOnly);
    EXPECT_TRUE(slipSays("Home is not measured"));
    EXPECT_FALSE(slip().waitsFor.empty());
}

TEST_F(Indicator, SeesAChipUnderOnePlace) {
    sim::Indicator::Options o;
    o.chip_um = 120;
    o.chipAt = 5;
    goRound(o);
    EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::ReadingsDisagree);
    EXPECT_TRUE(slipSays("7:30 o’clock"));
}
