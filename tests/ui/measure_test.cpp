// Measure through the real window: readings by digits alone, what is seen, spacers, the old bearing, overruling.
#include "support/drawing.h"
#include "support/window.h"

#include "sim/gauge_server.h"
#include "ui/measure/bore_grid.h"
#include "ui/measure/bore_map.h"
#include "ui/measure/measure_page.h"
#include "ui/measure/old_bearing_board.h"
#include "ui/stations/seat_clock.h"

#include <QComboBox>
#include <QHostAddress>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::WindowTest;
using job::Station;

class Measure : public WindowTest {
protected:
    void openMeasure(const char* job, int line = 0) {
        open(job);
        window->jobView()->go(Station::Measure);
        find<QListWidget>("measureList")->setCurrentRow(line);
        grid = find<ui::BoreGrid>("boreGrid");
        grid->setFocus();
    }
    const job::SurfaceCard& card(const job::SeatKey& key, bool hole) {
        const auto& seat = session().job().measured.seats.at(key);
        return hole ? seat.hole : seat.shaft;
    }
    void enter(std::initializer_list<const char*> readings) {
        for (const auto* reading : readings) {
            keys(reading);
            key(Qt::Key_Return);
        }
    }
    ui::BoreGrid* grid = nullptr;
};

TEST_F(Measure, ByDigitsAloneFromTheFirstReadingToTheVerdict) {
    openMeasure("seamer-turret-upper");
    type("measuredBore", ""); // nothing there yet: the line is on the Fit sheet, which is not in sight
    window->jobView()->go(Station::Measure);
    grid->setFocus();
    // Three depths of four directions, only the last three digits: 61.97x.
    enter({"978", "979", "978", "977", "977", "978", "977", "976", "976", "977", "976", "975"});
    const auto job = saved();
    const auto& readings = job.measured.seats.at({"housing", "bearing"}).hole.readings;
    ASSERT_EQ(readings.size(), 12u);
    EXPECT_NEAR(readings.front().dia_mm, 61.978, 1e-9);
    EXPECT_EQ(readings.front().direction_deg, 0);
    EXPECT_NEAR(readings[1].direction_deg, 45, 1e-9);
    const auto& surface = session().plan().fits->seats[0].hole;
    ASSERT_TRUE(surface.form);
    EXPECT_NEAR(surface.form->mean_mm, 61.977, 1e-6);
    EXPECT_NEAR(*surface.form->taper_mm, 0.002, 1e-6);
    EXPECT_NEAR(surface.form->outOfRound_mm, 0.002, 1e-9);
    EXPECT_EQ(slip().title, "Use");
    EXPECT_GT(find<ui::BoreMap>("boreMap")->enlarged(), 100);
    // Fit takes them over.
    EXPECT_NEAR(session().plan().fits->seats[0].fit->interferenceNominal_mm, -0.0065 + 0.023, 1e-6);
}

TEST_F(Measure, ReadingsAreTakenAwayAndUndone) {
    openMeasure("labeller-pulley");
    const auto before = card({"pulley", "lower_cup"}, true).readings.size();
    key(Qt::Key_Delete);
    EXPECT_EQ(card({"pulley", "lower_cup"}, true).readings.size(), before - 1);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(card({"pulley", "lower_cup"}, true).readings.size(), before);
}

TEST_F(Measure, WrongReadingsAreRefusedWithTheReasonAndNothingIsLost) {
    openMeasure("labeller-pulley");
    const auto before = card({"pulley", "lower_cup"}, true);
    keys("5.498");
    key(Qt::Key_Return);
    EXPECT_TRUE(window->troubleText().contains("1 %")) << window->troubleText().toStdString();
    keys("54.98.1");
    key(Qt::Key_Return);
    EXPECT_TRUE(window->troubleText().contains("54.98.1"));
    EXPECT_EQ(card({"pulley", "lower_cup"}, true), before);
}

TEST_F(Measure, PlacesAreAddedAndTakenAwayByKeys) {
    openMeasure("seamer-turret-upper");
    grid->goTo(0, 0);
    key(Qt::Key_Plus);
    key(Qt::Key_Right);
    EXPECT_NEAR(grid->direction(), 36, 1e-9) << "five directions";
    key(Qt::Key_Minus);
    key(Qt::Key_Asterisk);
    for (int i = 0; i < 6; ++i)
        key(Qt::Key_Down);
    EXPECT_EQ(grid->row(), 3) << "four depths";
    key(Qt::Key_Slash);
    EXPECT_EQ(grid->row(), 2);
}

TEST_F(Measure, WhatIsSeenChangesTheVerdictAtOnce) {
    openMeasure("seamer-turret-upper");
    EXPECT_EQ(slip().title, "Use");
    choose("pits", 3);
    EXPECT_EQ(slip().title, "Sleeve");
    EXPECT_EQ(session().plan().marks.at(Station::Measure), plan::Mark::Stop);
    choose("pits", 1);
    type("finish", "Ra 3.2");
    EXPECT_NEAR(*card({"housing", "bearing"}, true).condition.rz_mm, 0.016, 1e-12);
    EXPECT_EQ(slip().title, "Clean up");
    type("finish", "smooth");
    EXPECT_EQ(find<QLabel>("finishUnderstood")->text(), "write Ra 0.8 or Rz 4");
    EXPECT_NEAR(*saved().measured.seats.at({"housing", "bearing"}).hole.condition.rz_mm, 0.016, 1e-12);
}

TEST_F(Measure, TheUserOverrulesWithANote) {
    openMeasure("brine-agitator");
    EXPECT_EQ(slip().title, "Replace");
    EXPECT_EQ(session().plan().marks.at(Station::Measure), plan::Mark::Stop);
    choose("overrule", 1);
    EXPECT_EQ(slip().title, "Use, overruled");
    EXPECT_TRUE(slipSays("Write down why."));
    type("overruleWhy", "last season, new hub ordered");
    EXPECT_TRUE(slipSays("last season, new hub ordered"));
    EXPECT_EQ(saved().measured.seats.at({"hub", "inner_cup"}).hole.overrule->note, "last season, new hub ordered");
    EXPECT_NE(session().plan().marks.at(Station::Measure), plan::Mark::Stop);
    choose("overrule", 0);
    EXPECT_EQ(slip().title, "Replace");
}

TEST_F(Measure, SpacerIsMeasuredRoundItsEnds) {
    openMeasure("labeller-pulley", 2);
    auto* clock = find<ui::SeatClock>("spacerLengths");
    clock->setFocus();
    const double drawn = session().plan().fits->spacers[0].drawn_mm;
    for (const double by : {0.004, 0.0, -0.004, 0.0}) {
        keys(QString::number(drawn + by, 'f', 3));
        key(Qt::Key_Return);
    }
    const auto& state = session().plan().fits->spacers[0].state;
    EXPECT_NEAR(state.length_mm, drawn, 1e-9);
    EXPECT_NEAR(*state.outOfParallel_mm, 0.008, 1e-6);
    EXPECT_EQ(saved().measured.spacers.at("spacer").lengths.size(), 4u);
    type("spacerMiddle", "36.00");
    type("spacerUpper", "36.09");
    EXPECT_EQ(slip().title, "Replace");
    EXPECT_TRUE(slipSays("flared"));
}

TEST_F(Measure, HowTheCupStoodIsKeptWithTheCup) {
    openMeasure("conveyor-tail-drum");
    EXPECT_EQ(find<QLineEdit>("cupStand")->text(), "-10.02");
    type("cupStand", "-10.05");
    EXPECT_NEAR(saved().measured.cupStand_mm.at("inner_cup"), -10.05, 1e-12);
    type("cupStand", "deep");
    EXPECT_NEAR(saved().measured.cupStand_mm.at("inner_cup"), -10.05, 1e-12);
    type("cupStand", "");
    EXPECT_FALSE(saved().measured.cupStand_mm.contains("inner_cup"));
    EXPECT_TRUE(saved().measured.cupStand_mm.contains("outer_cup"));
}

TEST_F(Measure, OldBearingIsPickedFromPicturesAndTellsTooling) {
    openMeasure("seamer-turret-upper", 2);
    auto* board = find<ui::OldBearingBoard>("oldBearingBoard");
    board->setFocus();
    key(Qt::Key_Right);
    ASSERT_EQ(board->current(), measure::Sign::DentsAtPitch);
    key(Qt::Key_Space);
    EXPECT_TRUE(saved().measured.oldBearing.contains(measure::Sign::DentsAtPitch));
    EXPECT_TRUE(slipSays("Back up the ring"));
    window->jobView()->go(Station::Tooling);
    EXPECT_TRUE(slipSays("dented at element pitch"));
    window->jobView()->go(Station::Measure);
    board->setFocus();
    key(Qt::Key_Space);
    EXPECT_FALSE(saved().measured.oldBearing.contains(measure::Sign::DentsAtPitch));
}

TEST_F(Measure, TheSlipLeadsThroughEverySurfaceAndThenOn) {
    openMeasure("filler-pump-shaft");
    session().edit("nothing measured yet", [](job::Job& j) { j.measured = {}; });
    auto* list = find<QListWidget>("measureList");
    const int items = list->count();
    for (int i = 1; i < items; ++i) {
        clickAction();
        EXPECT_EQ(list->currentRow(), i);
    }
    clickAction();
    EXPECT_EQ(window->jobView()->current(), Station::Fit);
    EXPECT_TRUE(saved().done.contains(Station::Measure));
}

TEST_F(Measure, InInchesTheLastFourDigitsAreTenThousandths) {
    openMeasure("labeller-pulley");
    key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
    grid->setFocus();
    grid->goTo(0, 0);
    keys("1644"); // 2.1644 in = 54.9758 mm
    key(Qt::Key_Return);
    EXPECT_NEAR(card({"pulley", "lower_cup"}, true).readings.front().dia_mm, 2.1644 * 25.4, 1e-9);
    EXPECT_TRUE(slip().figures.front().number.starts_with("2.16"));
    EXPECT_EQ(slip().figures.front().unit, "in");
}

TEST_F(Measure, TheGaugesButtonEntersAndGoesOn) {
    sim::Bore bore;
    bore.dia_mm = 61.976;
    bore.oval_um = 4;
    sim::GaugeServer gauge(bore, {3, 11, 19}, 4, 1);
    ASSERT_TRUE(gauge.listen(QHostAddress::LocalHost));
    openMeasure("seamer-turret-upper");
    type("gaugeLine", QStringLiteral("127.0.0.1:%1").arg(gauge.serverPort()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("gaugeLineUnderstood")->text() == "its data button enters"; },
                                arbor::testing::kPatience_ms));
    grid->goTo(0, 0);
    const auto entered = [&] {
        const auto& seats = session().job().measured.seats;
        return seats.contains({"housing", "bearing"}) ? seats.at({"housing", "bearing"}).hole.readings.size() : 0;
    };
    for (std::size_t i = 1; i <= 12; ++i) {
        gauge.push();
        ASSERT_TRUE(QTest::qWaitFor([&] { return entered() == i; }, arbor::testing::kPatience_ms)) << i;
    }
    ASSERT_TRUE(session().plan().fits->seats[0].hole.form);
    EXPECT_NEAR(session().plan().fits->seats[0].hole.form->mean_mm, 61.976, 1e-4);
    EXPECT_NEAR(session().plan().fits->seats[0].hole.form->outOfRound_mm, 0.004, 1e-4);
    type("gaugeLine", "somewhere");
    EXPECT_TRUE(find<QLabel>("gaugeLineUnderstood")->text().contains("127.0.0.1:port"));
}

TEST_F(Measure, AGaugeSetToTheWrongMasterIsRefusedAndTheCursorStays) {
    sim::Bore bore;
    bore.dia_mm = 52;
    sim::GaugeServer gauge(bore, {3}, 4, 1);
    ASSERT_TRUE(gauge.listen(QHostAddress::LocalHost));
    openMeasure("seamer-turret-upper");
    type("gaugeLine", QStringLiteral("127.0.0.1:%1").arg(gauge.serverPort()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("gaugeLineUnderstood")->text() == "its data button enters"; },
                                arbor::testing::kPatience_ms));
    gauge.push();
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window->troubleText().contains("right master"); }, arbor::testing::kPatience_ms));
    EXPECT_EQ(grid->column(), 0);
}

TEST_F(Measure, ReadingsOfAnotherSizeAreSaidAndCanBeTakenAgain) {
    openMeasure("labeller-pulley");
    session().edit("another seat", [](job::Job& j) {
        for (auto& r : j.measured.seats.at({"pulley", "lower_cup"}).hole.readings)
            r.dia_mm += 3;
        hole(j).measured.reset();
    });
    EXPECT_TRUE(slipSays("Readings of another size"));
    EXPECT_FALSE(session().plan().problem()) << "the page stays at work";
    for (int i = 0; i < 12; ++i) {
        keys("980");
        key(Qt::Key_Return);
    }
    EXPECT_FALSE(slipSays("Readings of another size"));
    EXPECT_NEAR(session().plan().fits->seats[0].hole.form->mean_mm, 54.980, 1e-9);
}

TEST_F(Measure, DrawsInBothLooksAndAtTheSmallestWindow) {
    openMeasure("conveyor-tail-drum");
    for (const QSize size : {QSize(1100, 700), QSize(2560, 1440)}) {
        window->resize(size);
        for (const auto station : {Station::Measure, Station::Fit}) {
            window->jobView()->go(station);
            key(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
            const auto picture = window->grab().toImage();
            EXPECT_GE(picture.width(), size.width());
            // Nothing is cut off at the right: the last column of pixels is the slip's own ground.
            EXPECT_EQ(picture.pixel(picture.width() - 2, picture.height() / 2),
                      picture.pixel(picture.width() - 2, picture.height() / 3));
        }
    }
}

TEST(BorePlaces, KeepEveryReadingAndFillTheRest) {
    const auto fresh = ui::placesFor(20, {}, 3, 4);
    EXPECT_EQ(fresh.depths_mm, (std::vector<double>{2, 10, 18}));
    EXPECT_EQ(fresh.directions_deg, (std::vector<double>{0, 45, 90, 135}));
    // One depth is measured, a little off where it would be offered: it stands for that stretch.
    const auto one = ui::placesFor(20, {{3, 0, 62}, {3, 45, 62}}, 3, 4);
    EXPECT_EQ(one.depths_mm, (std::vector<double>{3, 10, 18}));
    const auto odd = ui::placesFor(20, {{3, 30, 62}}, 2, 2);
    EXPECT_EQ(odd.directions_deg, (std::vector<double>{0, 30, 90}));
    EXPECT_EQ(ui::placesFor(20, {}, 1, 1).depths_mm, std::vector<double>{10});
    for (int depths = 1; depths <= 6; ++depths)
        EXPECT_EQ(ui::placesFor(15, {}, depths, 2).depths_mm.size(), static_cast<std::size_t>(depths));
}
