// Fit of every seat through the real window: the list, both sides, sleeves, load case, other classes.
#include "support/drawing.h"
#include "support/window.h"

#include "ui/fit/what_if.h"

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <algorithm>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::clearanceOf;
using arbor::testing::hole;
using arbor::testing::WindowTest;
using job::Station;

class FitPage : public WindowTest {
protected:
    void openFit(const char* job, int seat = 0) {
        open(job);
        static_cast<void>(session().revise("Ilse Marden", "fitted anew"));
        window->jobView()->go(Station::Fit);
        find<QListWidget>("seatList")->setCurrentRow(seat);
    }
    const plan::SeatPlan& seat(std::size_t index) { return session().plan().fits->seats[index]; }
};

TEST_F(FitPage, ListsEverySeatAndShowsTheChosenOne) {
    openFit("exhaust-fan-carrier");
    auto* list = find<QListWidget>("seatList");
    ASSERT_EQ(list->count(), 3);
    const auto first = slip().figures.front().number;
    list->setCurrentRow(2);
    EXPECT_NE(slip().figures.front().number, first);
    EXPECT_EQ(find<QLineEdit>("holeSize")->text(), "30 H7");
    EXPECT_EQ(find<QLineEdit>("journalSize")->text(), "30 p6");
    EXPECT_TRUE(list->item(2)->text().contains("retaining collar"));
}

TEST_F(FitPage, EverySeatTakesClassesAndLimits) {
    openFit("exhaust-fan-carrier", 2);
    const double before = seat(2).fit->pressForce_N.likely;
    type("journalSize", "30 r6");
    EXPECT_GT(seat(2).fit->pressForce_N.likely, before);
    EXPECT_EQ(saved().arrangement.assembly.pressed[2].shaft.size->typed, "r6");
    type("journalSize", "30 +35/+22 um");
    EXPECT_EQ(saved().arrangement.assembly.pressed[2].shaft.size->typed, "30 +35/+22 um");
    EXPECT_NEAR(seat(2).fit->pressForce_N.likely, before, 1e-6) << "those of p6";
    type("journalSize", "31 r6");
    EXPECT_TRUE(find<QLabel>("journalSizeUnderstood")->text().contains("30 mm")) << "another seat's";
}

TEST_F(FitPage, ASizeIsKeptWithItsSeat) {
    openFit("seamer-turret-upper");
    type("holeSize", "62 P7");
    EXPECT_EQ(saved().arrangement.assembly.pressed[0].hole.size->typed, "P7");
    EXPECT_EQ(find<QLineEdit>("holeSize")->text(), "62 P7");
    find<QListWidget>("seatList")->setCurrentRow(1);
    type("journalSize", "30 k5");
    EXPECT_EQ(saved().arrangement.assembly.pressed[1].shaft.size->typed, "k5");
}

TEST_F(FitPage, LoadCaseProposesAndQuestions) {
    openFit("seamer-turret-upper");
    session().edit("by class alone", [](job::Job& j) { j.measured.seats.clear(); });
    choose("loadCase", 2);
    find<QListWidget>("seatList")->setCurrentRow(1);
    type("journalSize", "30 g6");
    EXPECT_TRUE(slipSays("Usual here: N7 and h6"));
    choose("loadCase", 1);
    EXPECT_TRUE(slipSays("Inner ring is loose"));
    type("loadShare", "0.2");
    EXPECT_TRUE(slipSays("m5"));
    type("loadShare", "2");
    EXPECT_EQ(find<QLabel>("loadShareUnderstood")->text(), "0 to 1");
    EXPECT_NEAR(saved().work.loadShare, 0.2, 1e-12);
}

TEST_F(FitPage, ASleeveRepairsTheSeatAndItsStop) {
    openFit("retort-trolley-roller");
    ASSERT_EQ(session().plan().marks.at(Station::Measure), plan::Mark::Stop);
    const double bare = seat(0).fit->pressurePerInterference_MPa_per_mm;
    type("sleeveOutside", "47");
    EXPECT_EQ(find<QLabel>("sleeveOutsideUnderstood")->text(), "between seat and outside");
    type("sleeveOutside", "53");
    ASSERT_TRUE(saved().measured.seats.at({"roller", "lower_bearing"}).sleeve);
    EXPECT_GT(seat(0).fit->pressurePerInterference_MPa_per_mm, bare) << "steel is stiffer than aluminium";
    EXPECT_TRUE(slipSays("Sleeve of carbon steel"));
    type("sleeveInterference", "25..45");
    EXPECT_NEAR(saved().measured.seats.at({"roller", "lower_bearing"}).sleeve->interference_mm.upper, 0.045, 1e-12);
    type("sleeveInterference", "45..25");
    EXPECT_EQ(find<QLabel>("sleeveInterferenceUnderstood")->text(), "two sizes: 30..60");
    choose("sleeveBored", 1);
    EXPECT_FALSE(saved().measured.seats.at({"roller", "lower_bearing"}).sleeve->boredInPlace);
    EXPECT_NE(session().plan().marks.at(Station::Measure), plan::Mark::Stop);
    type("sleeveOutside", "");
    EXPECT_FALSE(saved().measured.seats.at({"roller", "lower_bearing"}).sleeve);
}

TEST_F(FitPage, RacewaysCanBeOverruled) {
    openFit("seamer-turret-upper");
    const double before = clearanceOf(session().plan())->nominal_mm;
    type("outerRaceway", "57");
    EXPECT_NE(clearanceOf(session().plan())->nominal_mm, before);
    EXPECT_NEAR(*bearingOf(saved()).facts.outerRacewayDia_mm, 57, 1e-12);
    type("outerRaceway", "70");
    EXPECT_EQ(find<QLabel>("outerRacewayUnderstood")->text(), "between bore and outside");
    type("outerRaceway", "");
    EXPECT_NEAR(clearanceOf(session().plan())->nominal_mm, before, 1e-12);
}

TEST_F(FitPage, LimitsOfTheRingAreTypedInPlaceOfItsClass) {
    openFit("seamer-turret-upper");
    type("journalSize", "62 0/-0.008");
    EXPECT_NEAR(session().plan().fits->seats[0].shaft.size_mm->lower, -0.008, 1e-12);
    EXPECT_EQ(saved().arrangement.assembly.pressed[0].shaft.size->typed, "62 0/-0.008");
}

TEST_F(FitPage, OtherClassesAreShownFromLooseToTight) {
    openFit("seamer-turret-upper");
    auto* whatIf = find<ui::WhatIf>("whatIf");
    EXPECT_TRUE(whatIf->model().classes.empty()) << "worked out when it is asked for";
    click(find<QPushButton>("whatIfButton"), find<QPushButton>("whatIfButton")->rect().center());
    const auto& model = whatIf->model();
    ASSERT_GE(model.classes.size(), 6u);
    EXPECT_EQ(model.now, "N7");
    for (std::size_t i = 1; i < model.classes.size(); ++i)
        EXPECT_GE(model.classes[i].fit.interferenceNominal_mm, model.classes[i - 1].fit.interferenceNominal_mm - 1e-9);
    const auto n7 = std::find_if(model.classes.begin(), model.classes.end(),
                                 [](const auto& a) { return a.toleranceClass.text() == "N7"; });
    ASSERT_NE(n7, model.classes.end());
    ASSERT_TRUE(n7->clearance);
    // As the plan has it by class alone.
    type("measuredBore", "");
    EXPECT_NEAR(n7->fit.interference_mm.likely, seat(0).fit->interference_mm.likely, 1e-9);
    EXPECT_FALSE(whatIf->model().moves.empty());
}

// Each seat goes in with its own: a cup dry, a sleeve with grease.
TEST_F(FitPage, TheLubricantIsOfTheSeatThatIsChosen) {
    openFit("exhaust-fan-carrier", 2);
    const auto other = seat(0).fit->pressForce_N;
    const double before = seat(2).fit->pressForce_N.likely;
    choose("lubricant", 0); // dry
    EXPECT_GT(seat(2).fit->pressForce_N.likely, before);
    EXPECT_EQ(seat(0).fit->pressForce_N, other);
    EXPECT_EQ(job::lubricantOf(saved(), {"collar", "shaft"}), catalog::Lubricant::Dry);
    EXPECT_EQ(job::lubricantOf(saved(), {"carrier", "bearing"}), catalog::Lubricant::LightOil);
}

TEST_F(FitPage, SpeedAndTemperatureActOnEverySeat) {
    openFit("filler-pump-shaft", 1);
    const auto before = seat(1).fit->effectiveAtWork_mm.likely;
    type("speed", "30000");
    EXPECT_LT(seat(1).fit->effectiveAtWork_mm.likely, before);
    type("speed", "-5");
    EXPECT_EQ(saved().work.speed_rpm, 30000);
}

TEST_F(FitPage, InInchesEverythingIsTypedAndShownInInches) {
    openFit("seamer-turret-upper");
    key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
    type("innerTemp", "104");
    EXPECT_NEAR(saved().temperatures.innerRing_C, 40, 1e-9);
    type("innerTemp", "900");
    EXPECT_EQ(find<QLabel>("innerTempUnderstood")->text(), "−148 to 482 °F");
    EXPECT_NEAR(saved().temperatures.innerRing_C, 40, 1e-9);
    type("measuredBore", "2.4401");
    EXPECT_NEAR(hole(saved()).measured->value_mm, 2.4401 * 25.4, 1e-9);
    EXPECT_EQ(slip().figures.front().unit, "thou");
    type("outerRaceway", "2.2000");
    EXPECT_NEAR(*bearingOf(saved()).facts.outerRacewayDia_mm, 55.88, 1e-9);
    type("sleeveOutside", "2.7500");
    type("sleeveInterference", "1..2");
    const auto& sleeve = saved().measured.seats.at({"housing", "bearing"}).sleeve;
    EXPECT_NEAR(sleeve->interference_mm.lower, 0.0254, 1e-9);
    EXPECT_NEAR(sleeve->interference_mm.upper, 0.0508, 1e-9);
}

TEST_F(FitPage, NoSizeOfASeatStopsThePageFromTakingTheNextOne) {
    openFit("exhaust-fan-carrier", 2);
    type("holeSize", "");
    EXPECT_FALSE(seat(2).fit);
    EXPECT_EQ(find<QLabel>("holeSizeUnderstood")->text(), "not known");
    EXPECT_TRUE(slipSays("Give both sides a class or a size"));
    type("holeSize", "30 K7");
    ASSERT_TRUE(seat(2).fit);
    type("measuredBore", "30.002");
    EXPECT_NEAR(saved().arrangement.assembly.pressed[2].hole.measured->value_mm, 30.002, 1e-12);
    EXPECT_NEAR(seat(2).fit->interferenceNominal_mm, 0.0285 - 0.002, 1e-9) << "30 p6 is +22 to +35";
}
