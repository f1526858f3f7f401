// Adjust, the proof of a seat and Close through the real window.
#include "support/steps.h"
#include "support/window.h"

#include "ui/adjust/nut_drawing.h"
#include "ui/adjust/setting_method_bars.h"
#include "ui/stations/bolt_circle.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::kPatience_ms;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;

class Adjust : public WindowTest {
protected:
    void SetUp() override {
        open("conveyor-tail-drum");
        session().edit("plain", [](job::Job& j) { j.adjust = {}; });
        window->jobView()->go(Station::Adjust);
    }
};

TEST_F(Adjust, MeasuresSaysNoSlotAndWhatWould) {
    EXPECT_EQ(slip().title, "End play is not measured yet");
    type("adjPlay", "0.08");
    EXPECT_NEAR(*saved().adjust.play_mm, 0.08, 1e-12);
    EXPECT_EQ(slip().title, "No slot gives the end play");
    EXPECT_TRUE(slipSays("Add 0.035 mm under the nut, at this slot"));
    type("adjHoles", "0 90");
    type("adjBand", "-50 -40");
    EXPECT_EQ(slip().title,
              "No slot gives the end play"); // half a slot on is 45 µm of preload: in the band that was typed
}

TEST_F(Adjust, TheDrawingSpeaksThePlaces) {
    type("adjPlay", "80 um");
    const auto spoken = find<ui::NutDrawing>("nutDrawing")->accessibleDescription();
    EXPECT_TRUE(spoken.contains("0 degrees: 80.0 µm"));
    EXPECT_TRUE(spoken.contains("60 degrees: 330"));
    EXPECT_TRUE(find<ui::SettingMethodBars>("schoolBars")->accessibleDescription().contains("Snug, loosen, snug"));
}

TEST_F(Adjust, SpaceGoesThroughTheStepsAndWaitsForTheBand) {
    find<QWidget>("nutDrawing")->setFocus();
    for (int step = 1; step <= 5; ++step) {
        EXPECT_EQ(slip().action, "Done: step " + std::to_string(step));
        clickAction();
    }
    EXPECT_EQ(slip().action, "End play is set");
    EXPECT_FALSE(slip().waitsFor.empty());
    type("adjPlay", "0.045");
    EXPECT_TRUE(slip().waitsFor.empty());
    clickAction();
    EXPECT_EQ(window->jobView()->current(), Station::Close);
    EXPECT_EQ(session().plan().marks.at(Station::Adjust), plan::Mark::Done);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(job().done.contains(Station::Adjust));
}

TEST_F(Adjust, BadEntriesAreRefusedInPlace) {
    type("adjSlots", "0");
    EXPECT_EQ(job().adjust.nut.slotCount, 6);
    type("adjHoles", "across");
    EXPECT_TRUE(job().adjust.nut.holes_deg.empty());
    type("adjBand", "60 30");
    EXPECT_FALSE(job().adjust.target_mm);
    type("adjPlay", "much");
    EXPECT_FALSE(job().adjust.play_mm);
    EXPECT_FALSE(find<QLabel>("adjPlayUnderstood")->text().isEmpty());
}

TEST_F(Adjust, ASpacerHasTorquesInPlaceOfSlots) {
    open("labeller-pulley");
    session().edit("plain", [](job::Job& j) { j.adjust = {}; });
    window->jobView()->go(Station::Adjust);
    type("adjTorque", "120");
    type("adjPlay", "0.1");
    EXPECT_TRUE(slipSays("End play at full torque"));
    EXPECT_TRUE(slipSays("Clamping reduces end play by"));
    EXPECT_NEAR(*session().plan().adjust->play_mm, 0.1 - session().plan().adjust->clamped->both_mm(), 1e-9);
}

TEST_F(Adjust, TheHabitsOwnPartOfATurnMovesItsBar) {
    const auto bars = [&] { return find<ui::SettingMethodBars>("schoolBars")->accessibleDescription(); };
    EXPECT_TRUE(bars().contains("Tight, back off part of a turn: 190.0…230.0")); // a sixth of 1.5, less what comes back
    type("adjPart", "0.1");
    EXPECT_TRUE(bars().contains("Tight, back off part of a turn: 90.0…130.0"));
    type("adjPart", "2");
    EXPECT_NEAR(saved().adjust.partOfATurn, 0.1, 1e-12);
    EXPECT_TRUE(find<QLabel>("adjPartUnderstood")->text().contains("0.01 to 1"));
}

TEST_F(Adjust, ADryNutClampsLess) {
    open("labeller-pulley");
    session().edit("plain", [](job::Job& j) { j.adjust = {}; });
    window->jobView()->go(Station::Adjust);
    type("adjTorque", "120");
    EXPECT_NEAR(session().plan().adjust->clamped->force_N, 25000, 1); // 120 / (0.2 x 0.024)
    type("adjFactor", "0.25");
    EXPECT_NEAR(session().plan().adjust->clamped->force_N, 20000, 1);
    type("adjFactor", "");
    EXPECT_NEAR(saved().adjust.nutFactor, 0.25, 1e-12); // nothing is no factor
}

TEST_F(Adjust, RollingTorqueAgainstWhatIsWanted) {
    type("adjPull", "20");
    type("adjRadius", "55");
    EXPECT_NEAR(*session().plan().adjust->rolling_Nm, 1.1, 1e-12);
    type("adjRolling", "0.2 0.9");
    EXPECT_EQ(*saved().adjust.torque_Nm_wanted, (Interval{0.2, 0.9}));
    EXPECT_EQ(session().plan().marks.at(Station::Adjust), plan::Mark::Stop);
    type("adjRolling", "0.9 0.2");
    EXPECT_EQ(*job().adjust.torque_Nm_wanted, (Interval{0.2, 0.9}));
    type("adjRolling", "");
    EXPECT_FALSE(job().adjust.torque_Nm_wanted);
    type("adjPull", "");
    EXPECT_FALSE(job().adjust.pull_N);
}

TEST_F(Adjust, NothingToSetGoesOn) {
    open("seamer-turret-upper");
    window->jobView()->go(Station::Adjust);
    EXPECT_EQ(slip().title, "Nothing to set");
    clickAction();
    EXPECT_EQ(window->jobView()->current(), Station::Close);
}

class StackProof : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        window->jobView()->go(Station::Seat);
        for (int i = 0; i < 8; ++i) {
            keys("22.2");
            key(Qt::Key_Right);
        }
    }
};

TEST_F(StackProof, IsAskedForOneByOneWithSpaceAlone) {
    EXPECT_EQ(slip().title, "Home and square");
    for (int looks = 0; !ownStep(job()).done.contains(Station::Seat); ++looks) {
        ASSERT_LT(looks, 30);
        key(Qt::Key_Space);
    }
    EXPECT_EQ(ownStep(saved()).proof.probed.size(), 12u);
    EXPECT_EQ(session().plan().step(ownKey(job()))->marks.at(Station::Seat), plan::Mark::Done);
}

TEST_F(StackProof, NSaysNoAndStops) {
    key(Qt::Key_N);
    EXPECT_FALSE(ownStep(job()).proof.checks.begin()->second);
    EXPECT_EQ(session().plan().marks.at(Station::Seat), plan::Mark::Stop);
    EXPECT_TRUE(slipSays("correct it, or sign it off"));
    QTest::mouseClick(find<QPushButton>("seatCheck0"), Qt::LeftButton); // from no to not looked at
    EXPECT_TRUE(ownStep(job()).proof.checks.empty());
}

TEST_F(StackProof, ASignedReasonClosesItAndStaysALook) {
    type("proofWho", "Ilse Marden");
    type("proofWhy", "ring comes tomorrow");
    EXPECT_EQ(slip().action, "Accept by concession");
    clickAction();
    EXPECT_TRUE(ownStep(job()).done.contains(Station::Seat));
    EXPECT_EQ(session().plan().step(ownKey(job()))->marks.at(Station::Seat), plan::Mark::Check);
}

TEST_F(StackProof, APullOnAStringIsHeldAgainstItsSize) {
    type("proofPull", "50");
    type("proofRadius", "40");
    EXPECT_EQ(*ownStep(job()).proof.pull_N, 50);
    EXPECT_TRUE(slipSays("High drag torque"));
    type("proofPull", "a lot");
    EXPECT_FALSE(window->troubleText().isEmpty());
    EXPECT_EQ(*ownStep(job()).proof.pull_N, 50);
}

class Closing : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        window->jobView()->go(Station::Close);
    }
};

TEST_F(Closing, TheTighteningListIsSaidReadAndLocked) {
    type("fastenerAdd", "Plate screws 4 x 25 star tab new");
    ASSERT_EQ(saved().closing.fasteners.size(), 1u);
    EXPECT_EQ(session().plan().marks.at(Station::Close), plan::Mark::Stop); // old one-time screws
    QTest::mouseClick(find<QPushButton>("fastenerNew0"), Qt::LeftButton);
    type("fastenerRead0", "31");
    ASSERT_TRUE(QTest::qWaitFor([&] { return job().closing.fasteners[0].read_Nm.has_value(); }, kPatience_ms));
    EXPECT_TRUE(slipSays("Plate screws: torque read 31.0 N·m"));
    type("fastenerRead0", "25");
    ASSERT_TRUE(QTest::qWaitFor([&] { return *job().closing.fasteners[0].read_Nm == 25; }, kPatience_ms));
    QTest::mouseClick(find<QPushButton>("fastenerLocked0"), Qt::LeftButton);
    EXPECT_TRUE(job().closing.fasteners[0].locked);
    EXPECT_NE(session().plan().marks.at(Station::Close), plan::Mark::Stop);
}

TEST_F(Closing, ALineIsTakenOffAndComesBack) {
    type("fastenerAdd", "Shaft nut 180 pin");
    type("fastenerAdd", "Plate screws 4 x 25 star");
    QTest::mouseClick(find<QPushButton>("fastenerRemove0"), Qt::LeftButton);
    ASSERT_EQ(job().closing.fasteners.size(), 1u);
    EXPECT_EQ(job().closing.fasteners[0].name, "Plate screws");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(job().closing.fasteners.size(), 2u);
}

TEST_F(Closing, InInchesTorqueIsPoundsAndFeet) {
    session().edit("inch", [](job::Job& j) { j.units = job::Units::Inch; });
    type("fastenerAdd", "Shaft nut 100");
    EXPECT_NEAR(job().closing.fasteners[0].torque_Nm, 135.58, 0.01);
    type("fastenerRead0", "110");
    ASSERT_TRUE(QTest::qWaitFor([&] { return job().closing.fasteners[0].read_Nm.has_value(); }, kPatience_ms));
    EXPECT_TRUE(slipSays("Shaft nut: torque read 110 lbf·ft"));
    type("runIn", "15 104"); // 40 degrees C
    EXPECT_NEAR(job().closing.runIn.readings[0].temp_C, 40, 1e-9);
}

TEST_F(Closing, WhatIsNoFastenerIsRefusedAndStays) {
    type("fastenerAdd", "4 x 25");
    EXPECT_TRUE(job().closing.fasteners.empty());
    EXPECT_TRUE(window->troubleText().contains("Shaft nut 180 pin"));
    EXPECT_EQ(find<QLineEdit>("fastenerAdd")->text(), "4 x 25");
}

TEST_F(Closing, TheRunInIsReadUntilItSettles) {
    type("runIn", "15 38");
    EXPECT_TRUE(slipSays("Run-in: 18 K over ambient"));
    type("runIn", "30 39");
    EXPECT_TRUE(slipSays("still rising by 4 K an hour"));
    type("runIn", "10 39"); // back in time
    EXPECT_EQ(job().closing.runIn.readings.size(), 2u);
    type("runIn", "45 39.5");
    EXPECT_TRUE(slipSays("settled"));
    EXPECT_TRUE(slipSays("What killed the old bearing is not said"));
    type("cause", "water got in");
    EXPECT_EQ(saved().closing.cause, "water got in");
    EXPECT_TRUE(slipSays("What was done about it?"));
    type("remedy", "new seal, drain opened");
    EXPECT_FALSE(slipSays("What was done about it?"));
    type("releasedBy", "Wren Halloran");
    EXPECT_EQ(saved().closing.releasedBy, "Wren Halloran");
    EXPECT_FALSE(slipSays("Not released yet"));
}

TEST_F(Closing, TheRunInIsHeldAgainstItsOwnRoomAndRise) {
    type("runInRoom", "25");
    type("runInAllowed", "10");
    EXPECT_EQ(saved().closing.runIn.room_C, 25);
    EXPECT_EQ(saved().closing.runIn.allowed_K, 10);
    type("runIn", "15 38");
    EXPECT_TRUE(slipSays("13 K over ambient, 10 K permitted"));
    EXPECT_EQ(session().plan().marks.at(Station::Close), plan::Mark::Stop);
    type("runInAllowed", "none");
    EXPECT_FALSE(window->troubleText().isEmpty());
    EXPECT_EQ(job().closing.runIn.allowed_K, 10);
    type("runInAllowed", "20");
    EXPECT_NE(session().plan().marks.at(Station::Close), plan::Mark::Stop);
    type("runInRoom", "-4.25");
    type("runInAllowed", "50");
    EXPECT_EQ(job().closing.runIn.room_C, -4.25); // as it was typed, not as it is shown
    EXPECT_TRUE(find<QLabel>("runInText")->text().contains("15 min 38"));
}

TEST_F(Closing, ThePatternIsDrawnInItsOrder) {
    type("fastenerAdd", "Plate screws 6 x 25 star");
    const auto* circle = window->findChild<ui::BoltCircle*>();
    ASSERT_TRUE(circle);
    EXPECT_EQ(circle->order(), (std::vector<int>{0, 3, 1, 4, 2, 5})); // the opposite, then as far from both as can be
    EXPECT_TRUE(circle->accessibleName().contains("1 - 4 - 2 - 5 - 3 - 6"));
    type("fastenerAdd", "Shaft nut 180");
    const auto* sheet = find<QWidget>("closingSheet");
    EXPECT_TRUE(QTest::qWaitFor([&] { return sheet->findChildren<ui::BoltCircle*>().size() == 1; }, kPatience_ms));
    EXPECT_EQ(job().closing.fasteners.size(), 2u); // one nut has no pattern
}

TEST_F(Adjust, GreaseIsNamedAndCountedInStrokes) {
    type("adjCavity", "30");
    const auto grams = [&] { return session().plan().adjust->grease[0]; };
    const double third = grams().least_g, half = grams().most_g;
    choose("adjFill", 2);
    EXPECT_NEAR(grams().least_g, half, 1e-9);
    choose("adjFill", 1);
    EXPECT_NEAR(grams().most_g, third, 1e-9);
    type("adjGrease", "Calcium, water-proof");
    EXPECT_EQ(saved().adjust.grease.name, "Calcium, water-proof");
    EXPECT_TRUE(slipSays("Calcium, water-proof"));
    const double strokes = grams().leastStrokes;
    type("adjStroke", "0.6"); // half of what it gave
    EXPECT_NEAR(grams().leastStrokes, 2 * strokes, 1e-9);
    type("adjDensity", "9");
    EXPECT_EQ(job().adjust.grease.density_g_cm3, 0.9);
    EXPECT_FALSE(find<QLabel>("adjDensityUnderstood")->text().isEmpty());
}
