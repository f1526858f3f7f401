// Warm & chill through the real window: choice, clocks, carry, thermometer, hold, what is typed.
#include "support/steps.h"
#include "support/window.h"

#include "sim/line_port.h"
#include "ui/alarm/alarms.h"
#include "ui/alarm/clock_strip.h"
#include "ui/charts/gap_chart.h"
#include "ui/session/instant.h"
#include "ui/warm/limit_bars.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;
using What = job::Clock::What;

class Warm : public WindowTest {
protected:
    void openWarm(const char* job = "conveyor-tail-drum") {
        open(job);
        session().lookAt(ownKey(session().job()));
        window->jobView()->go(Station::Warm);
    }
    void wait(double seconds) { // the window's clock goes on
        instant = ui::later(instant, seconds);
        window->jobView()->refresh();
        window->alarms()->look();
    }
    const std::vector<ui::ClockStrip::Face>& faces() { return find<ui::ClockStrip>("clockStrip")->faces(); }
    void soakBoth() {
        key(Qt::Key_Space);
        key(Qt::Key_Space);
        wait(2 * 3600);
    }
};

TEST_F(Warm, TellsTheMixTheSourcesAndHowFastOneMustBe) {
    openWarm();
    EXPECT_TRUE(slipSays("Heat the drum end to 115 °C, chill the inner cup to −16 °C"));
    EXPECT_TRUE(slipSays("oven at 120 °C")); // the outer cup is in already
    EXPECT_TRUE(slipSays("household freezer at −18 °C"));
    EXPECT_TRUE(slipSays("Time available"));
    EXPECT_TRUE(slipSays("Gloves for hot parts"));
    const auto& bars = find<ui::LimitBars>("limitBars")->bars();
    ASSERT_EQ(bars.size(), 3u);
    EXPECT_EQ(bars[0].part, "Outer cup");
    EXPECT_EQ(bars[0].limit_C, 120);
    EXPECT_EQ(bars[1].limit_C, 200);
    EXPECT_EQ(bars[2].limit_C, -55);
}

TEST_F(Warm, ByTheSpaceKeyFromTheOvenToTheHold) {
    openWarm();
    key(Qt::Key_Space);
    key(Qt::Key_Space);
    ASSERT_EQ(ownStep(saved()).heat.clocks.size(), 2u);
    EXPECT_EQ(slip().title, "Soaking");
    ASSERT_EQ(faces().size(), 2u);
    EXPECT_EQ(faces()[0].name, "Oven");
    EXPECT_FALSE(faces()[0].due);
    wait(2 * 3600);
    EXPECT_EQ(slip().title, "Ready to transfer");
    EXPECT_EQ(faces()[0].time, "ready");
    key(Qt::Key_Space);
    EXPECT_EQ(slip().title, "Transfer it now");
    const double open_s = *session().heatCourse()->lastStart_s;
    wait(20);
    EXPECT_NEAR(slip().figures.front().value.likely, open_s - 20, 1e-6);
    EXPECT_TRUE(slipSays("Gap now"));
    key(Qt::Key_Space);
    EXPECT_EQ(slip().title, "Hold it on the shoulder");
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
    const auto clocks = ownStep(saved()).heat.clocks;
    ASSERT_EQ(clocks.size(), 2u);
    EXPECT_EQ(clocks[0].what, What::Together);
    // Held as long as the core says for a ring that went in after those twenty seconds.
    EXPECT_NEAR(clocks[0].lasts_s, *plan::followHeat(*session().plan().heat(), 20)->gripLast_s, 1e-6);
    wait(clocks[0].lasts_s + 1);
    EXPECT_EQ(slip().title, "It has gripped");
    clickAction();
    EXPECT_TRUE(session().done().contains(Station::Warm));
    EXPECT_EQ(window->jobView()->current(), Station::Press);
    EXPECT_EQ(faces()[1].name, "Cooling"); // and goes on in the header of every screen
}

TEST_F(Warm, TheStackIsTriedColdAndTicked) {
    openWarm();
    EXPECT_TRUE(slipSays("Try the whole stack cold first"));
    choose("triedCold", 1);
    EXPECT_TRUE(ownStep(saved()).heat.triedCold);
    EXPECT_FALSE(slipSays("Try the whole stack cold first"));
    EXPECT_TRUE(slipSays("The temperature decides"));
}

TEST_F(Warm, TooLateIsSaidAsSuch) {
    openWarm();
    soakBoth();
    key(Qt::Key_Space);
    wait(*session().heatCourse()->lastStart_s + 5);
    EXPECT_EQ(slip().title, "Too late to start");
    EXPECT_EQ(slip().tone, words::Tone::Stop);
    EXPECT_EQ(faces().back().time, "too late");
    key(Qt::Key_X);
    EXPECT_TRUE(ownStep(saved()).heat.clocks.empty());
    EXPECT_EQ(slip().title, "Warm & chill");
}

TEST_F(Warm, ThermometerMovesTheTimeLeft) {
    openWarm();
    soakBoth();
    type("thermometer", "100");
    EXPECT_EQ(find<QLabel>("thermometerUnderstood")->text(), "while it is carried");
    find<QWidget>("warmPage")->setFocus();
    key(Qt::Key_Space);
    const double before = *session().heatCourse()->lastStart_s;
    wait(10);
    type("thermometer", "110"); // it left the oven colder than planned
    EXPECT_LT(*session().heatCourse()->lastStart_s, before);
    EXPECT_TRUE(slipSays("By thermometer: 110 °C"));
    ASSERT_EQ(ownStep(saved()).heat.readings.size(), 1u);
    EXPECT_EQ(ownStep(saved()).heat.readings[0].temp_C, 110);
}

TEST_F(Warm, ThermometerOnItsLineIsFollowedWhileItIsCarried) {
    openWarm();
    sim::LinePort port;
    const auto probe = [&](const char* line) {
        port.say(line);
        return QTest::qWaitFor([&] { return !ownStep(job()).heat.readings.empty(); }, 300);
    };
    type("probeLine", port.listen(0));
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("probeLineUnderstood")->text() == "connected"; },
                                arbor::testing::kPatience_ms));
    EXPECT_FALSE(probe("temp 124.5")) << "in the oven nobody asks";
    find<QWidget>("warmPage")->setFocus();
    soakBoth();
    key(Qt::Key_Space);
    wait(8);
    EXPECT_FALSE(probe("temp hot"));
    port.say("temp 112.0");
    port.say("temp 111.9"); // the next one comes too soon to tell anything
    ASSERT_TRUE(QTest::qWaitFor([&] { return !ownStep(job()).heat.readings.empty(); }, arbor::testing::kPatience_ms));
    wait(6);
    port.say("temp 111.0");
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return ownStep(job()).heat.readings.size() == 2; }, arbor::testing::kPatience_ms));
    EXPECT_EQ(ownStep(saved()).heat.readings[0].temp_C, 112);
    EXPECT_EQ(ownStep(saved()).heat.readings[1].temp_C, 111);
    EXPECT_LT(session().heat()->outer.temp_C, session().plan().heat()->outer.temp_C);
}

TEST_F(Warm, OwnTemperatureIsJudgedAndGoneWhenEmptied) {
    openWarm("seamer-turret-upper");
    type("heatOuterTemp", "150");
    EXPECT_TRUE(slipSays("Heat soak after fitting"));
    EXPECT_EQ(session().plan().marks.at(Station::Warm), plan::Mark::Stop);
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
    type("heatOuterTemp", "900");
    EXPECT_EQ(find<QLabel>("heatOuterTempUnderstood")->text(), "−200 to 500 °C");
    type("heatOuterTemp", "");
    EXPECT_EQ(ownStep(saved()).heat.overrides, job::HeatOverrides{});
    EXPECT_EQ(session().plan().marks.at(Station::Warm), plan::Mark::Check);
    choose("heatInnerSource", 7); // liquid nitrogen or its like: not for a greased bearing
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
}

TEST_F(Warm, WhatIfMovesTheCurve) {
    openWarm();
    const double asPlanned = *session().heatCourse()->lastStart_s;
    type("ovenOff", "10");
    EXPECT_LT(*session().heatCourse()->lastStart_s, asPlanned);
    type("ovenOff", "0");
    type("walk", "120");
    EXPECT_FALSE(slipSays("Time available: only"));
    EXPECT_EQ(saved().heat.walk_s, 120);
    EXPECT_EQ(session().heatCourse()->walk_s, 120);
    type("walk", "600"); // out of sight of the oven
    EXPECT_TRUE(slipSays("Time available: only"));
    type("walk", "-3");
    EXPECT_EQ(find<QLabel>("walkUnderstood")->text(), "0 to 600");
}

TEST_F(Warm, BackwardsFromThePress) {
    openWarm();
    type("pressAt", "14:00"); // it is ten
    const auto& heat = *session().plan().heat();
    const auto schedule = [&] {
        const auto& lists = slip().rows;
        return *std::find_if(lists.begin(), lists.end(), [](const auto& l) { return l.key == "schedule"; });
    };
    EXPECT_EQ(schedule().title, "To press at 14:00");
    const auto in = ui::timeOfDay(ui::later("2026-11-24T14:00:00", -30 - heat.outer.soak->time_s()));
    EXPECT_EQ(schedule().rows[0].right, in);
    type("pressAt", "10:05");
    EXPECT_THAT(schedule().rows[0].right, ::testing::HasSubstr("overdue"));
    type("pressAt", "soon");
    EXPECT_EQ(find<QLabel>("pressAtUnderstood")->text(), "a time, 14:30");
    EXPECT_EQ(ownStep(saved()).heat.pressAt, "2026-11-24T10:05:00");
}

TEST_F(Warm, PressedColdByOneKeyAndBack) {
    openWarm("seamer-turret-upper");
    key(Qt::Key_C);
    EXPECT_TRUE(ownStep(saved()).heat.pressCold);
    EXPECT_EQ(slip().title, "Pressed cold");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(ownStep(saved()).heat.pressCold);
    key(Qt::Key_C);
    key(Qt::Key_Space);
    EXPECT_EQ(window->jobView()->current(), Station::Press);
}

TEST_F(Warm, EachSeatIsOpenedByItself) {
    openWarm("seamer-turret-upper");
    const double housing = session().plan().heat()->dia_mm;
    key(Qt::Key_Right, Qt::AltModifier);
    EXPECT_NE(session().plan().heat()->dia_mm, housing);
    EXPECT_EQ(session().plan().heat()->outer.part, thermal::PartClass::Ring);
}

TEST_F(Warm, ClocksOutliveTheWindow) {
    openWarm();
    key(Qt::Key_Space);
    openWindow();
    open("conveyor-tail-drum");
    ASSERT_EQ(faces().size(), 1u);
    EXPECT_FALSE(faces()[0].due);
}
