// The whole story of one job through the real window, with keyboard and mouse.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "ui/shell/route_rule.h"
#include "ui/stations/seat_clock.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <algorithm>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::clearanceOf;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::inHand;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::ringInHand;
using arbor::testing::WindowTest;
using job::Station;

class Story : public WindowTest {
protected:
    Story() { open(); }
    /// Limits of the hole that this job presses into, as the plan has them.
    Interval holeLimits() { return session().plan().seat()->hole.size_mm.value_or(Interval{}); }
    void depths(const std::vector<QString>& typed) {
        window->jobView()->go(Station::Seat);
        for (const auto& depth : typed) {
            keys(depth);
            key(Qt::Key_Right);
        }
    }
};

TEST_F(Story, FromFitToRecordWithTheKeyboardAlone) {
    EXPECT_EQ(window->jobView()->current(), Station::Fit);
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_EQ(window->jobView()->current(), Station::Tooling);
    key(Qt::Key_Space);
    ASSERT_EQ(window->jobView()->current(), Station::Warm);
    key(Qt::Key_C); // no warming today
    key(Qt::Key_Space);
    EXPECT_EQ(window->jobView()->current(), Station::Press);
    key(Qt::Key_Space);
    ASSERT_EQ(window->jobView()->current(), Station::Seat);
    for (const char* depth : {"22.201", "22.203", "22.204", "22.202", "22.199", "22.197", "22.196", "22.198"}) {
        keys(depth);
        key(Qt::Key_Return);
    }
    EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::HomeAndSquare);
    EXPECT_EQ(slip().title, "Home and square");
    for (int looks = 0; window->jobView()->current() == Station::Seat; ++looks) {
        ASSERT_LT(looks, 30);
        key(Qt::Key_Space);
    }
    ASSERT_EQ(window->jobView()->current(), Station::Tooling);
    EXPECT_EQ(session().step()->step.key, "in:spindle") << "the next step of the work";
    window->jobView()->go(Station::Adjust);
    key(Qt::Key_Space); // no pair to set
    ASSERT_EQ(window->jobView()->current(), Station::Close);
    keys("Ilse Marden");
    key(Qt::Key_Tab);
    keys("S14 went in straight.");
    key(Qt::Key_Return, Qt::ControlModifier);

    const auto onDisk = saved();
    ASSERT_TRUE(onDisk.record);
    EXPECT_EQ(onDisk.record->who, "Ilse Marden");
    EXPECT_EQ(onDisk.record->when, "2026-11-24T10:00:00");
    EXPECT_EQ(onDisk.record->notes, "S14 went in straight.");
    EXPECT_EQ(onDisk.record->verdict, "home_and_square");
    EXPECT_EQ(onDisk.record->readings.size(), 8u);
    EXPECT_EQ(onDisk.record->tools, (std::vector<std::string>{"P30", "R05", "S14", "X10"}));
    EXPECT_EQ(onDisk.done.size(), 5u) << "intake, strip, measure, fit, close";
    const auto& step = onDisk.steps.at(ownKey(onDisk));
    EXPECT_EQ(step.done, (std::set{Station::Tooling, Station::Press, Station::Seat}));
    ASSERT_TRUE(step.record);
    EXPECT_EQ(step.record->tools, onDisk.record->tools) << "the record of the job is that of the step that was worked";
    EXPECT_EQ(step.record->entry, "J-0142@2026-11-24T10:00:00 in:housing+bearing");
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(saved().steps.at(ownKey(onDisk)).record->entry, step.record->entry) << "written again, it is corrected";
    EXPECT_EQ(slip().title, "Recorded");
}

TEST_F(Story, WithTheMouseOnRouteRuleAndSlip) {
    clickAction();
    EXPECT_EQ(window->jobView()->current(), Station::Tooling);
    auto* rule = find<ui::RouteRule>("routeRule");
    const auto row = [&](const char* way, const char* title) {
        const auto& all = rule->stops();
        const auto at = std::find_if(all.begin(), all.end(),
                                     [&](const auto& stop) { return stop.way == way && stop.title == title; });
        return rule->boxOf(static_cast<std::size_t>(at - all.begin())).center();
    };
    click(rule, row("out", "Flanged spindle"));
    EXPECT_EQ(session().step()->step.key, "out:spindle");
    QTest::mouseClick(find<QPushButton>("step_press"), Qt::LeftButton);
    EXPECT_EQ(window->jobView()->current(), Station::Press);
    EXPECT_TRUE(slipSays("Breakaway force"));
    click(rule, row("", "Fit"));
    EXPECT_EQ(window->jobView()->current(), Station::Fit);
    EXPECT_TRUE(saved().done.contains(Station::Fit));
}

TEST_F(Story, ChangingAValueMovesEverythingAtOnce) {
    const double before = fitOf(session().plan())->pressForce_N.likely;
    const auto clearance = clearanceOf(session().plan())->left_mm.likely;
    type("measuredBore", "61.970 ±2um");
    const auto& plan = session().plan();
    EXPECT_GT(fitOf(plan)->pressForce_N.likely, before);
    EXPECT_LT(clearanceOf(plan)->left_mm.likely, clearance);
    EXPECT_GT(inHand(plan).press->expected.end_N.likely, before);
    EXPECT_TRUE(slipSays(QString::fromStdString(session().display().force(fitOf(plan)->pressForce_N.likely).number)));
    EXPECT_EQ(find<QLabel>("measuredBoreUnderstood")->text(), "61.97 ±2.0");
    EXPECT_NEAR(hole(saved()).measured->value_mm, 61.970, 1e-12);
}

TEST_F(Story, HoleByClassByLimitsAndMeasured) {
    type("measuredBore", "");
    EXPECT_FALSE(hole(saved()).measured);
    type("holeSize", "62 M7");
    EXPECT_DOUBLE_EQ(holeLimits().lower, -0.030);
    EXPECT_EQ(holeLimits().upper, 0);
    EXPECT_EQ(find<QLabel>("holeSizeUnderstood")->text(), "0.0 / −30.0 µm");
    type("holeSize", "62 -12/-38 um");
    EXPECT_NEAR(holeLimits().lower, -0.038, 1e-12);
    EXPECT_EQ(hole(saved()).size->typed, "62 -12/-38 um");
    find<QListWidget>("seatList")->setCurrentRow(1);
    type("journalSize", "30 k5");
    EXPECT_EQ(find<QLabel>("journalSizeUnderstood")->text(), "11.0 / 2.0 µm");
}

TEST_F(Story, AnotherBearingTakesItsSeatsAlong) {
    type("bearing", "6206");
    EXPECT_EQ(bearingOf(job()).designation, "6206");
    EXPECT_FALSE(session().plan().problem());
    type("measuredBore", "");
    type("bearing", "3208");
    EXPECT_EQ(find<QLineEdit>("holeSize")->text(), "80 N7");
    EXPECT_EQ(session().plan().fits->seats[1].shaft.spec, "40 j5");
    EXPECT_FALSE(session().plan().problem()) << "the drawing makes room";
    key(Qt::Key_Z, Qt::ControlModifier);
    key(Qt::Key_Z, Qt::ControlModifier);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(bearingOf(job()).designation, "3206");
    EXPECT_EQ(bearingOf(saved()).designation, "3206");
    type("bearing", "3299");
    EXPECT_TRUE(find<QLabel>("bearingUnderstood")->text().contains("not there; 3200"));
    EXPECT_EQ(bearingOf(saved()).designation, "3206");
}

TEST_F(Story, TypedLimitsFollowTheBearingToo) {
    type("holeSize", "62 -12/-38 um");
    type("measuredBore", "");
    type("bearing", "6307");
    EXPECT_EQ(hole(saved()).size->typed, "80 -12/-38 um");
    EXPECT_EQ(hole(saved()).size->nominal_mm, 80);
}

TEST_F(Story, LooseBoreStopsTheFit) {
    type("measuredBore", "62.020");
    EXPECT_EQ(session().plan().marks.at(Station::Fit), plan::Mark::Stop);
    EXPECT_EQ(slip().title, "Stop");
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
    window->jobView()->takeAction();
    EXPECT_EQ(window->jobView()->current(), Station::Fit);
}

TEST_F(Story, TraceIsLaidOverTheBandAndKeptBesideTheJob) {
    window->jobView()->go(Station::Press);
    shop.write("somewhere.csv", "t_s,travel_mm,force_N\n0,0,0\n1,10,500\n2,20,1000\n3,44,1500\n");
    type("traceFile", QString::fromStdString(shop.file("somewhere.csv")));
    EXPECT_EQ(window->troubleText(), "");
    EXPECT_EQ(ownStep(saved()).traceFile, "traces/somewhere.csv");
    ASSERT_TRUE(inHand(session().plan()).trace);
    EXPECT_EQ(inHand(session().plan()).trace->peak_N, 1500);
    EXPECT_TRUE(slipSays("100 % of the trace lies in the band"));
    openWindow();
    open();
    EXPECT_TRUE(inHand(session().plan()).trace) << "the trace comes back with the job";
}

TEST_F(Story, TiltedRingIsNamedAndHeldBack) {
    depths({"22.20", "22.18", "22.16", "22.14", "22.16", "22.18", "22.20", "22.21"});
    EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::Tilted);
    EXPECT_EQ(slip().title, "Cocked");
    EXPECT_TRUE(slipSays("o’clock"));
    EXPECT_TRUE(slipSays("Press again with a true sleeve"));
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
}

TEST_F(Story, ShortOfTheShoulderIsNotHome) {
    depths({"21.7", "21.7", "21.7", "21.7", "21.7", "21.7", "21.7", "21.7"});
    EXPECT_EQ(slip().title, "Not home");
    EXPECT_TRUE(slipSays("Groove covered"));
}

TEST_F(Story, ChipUnderOneReading) {
    depths({"22.2", "22.2", "22.2", "22.1", "22.2", "22.2", "22.2", "22.2"});
    EXPECT_EQ(slip().title, "Readings disagree");
    EXPECT_TRUE(slipSays("4:30 o’clock"));
}

TEST_F(Story, ClockTakesThreeToTwelvePlaces) {
    window->jobView()->go(Station::Seat);
    auto* clock = find<ui::SeatClock>("seatClock");
    for (int i = 0; i < 9; ++i)
        key(Qt::Key_Minus);
    EXPECT_EQ(clock->places(), 3);
    for (int i = 0; i < 20; ++i)
        key(Qt::Key_Plus);
    EXPECT_EQ(clock->places(), 12);
    key(Qt::Key_Right);
    keys("22,2");
    key(Qt::Key_Left);
    ASSERT_EQ(ownStep(job()).readings.readings.size(), 1u);
    EXPECT_EQ(ownStep(job()).readings.readings[0], (seating::Reading{30, 22.2}));
    key(Qt::Key_Right);
    key(Qt::Key_Delete);
    EXPECT_TRUE(ownStep(job()).readings.readings.empty());
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(ownStep(job()).readings.readings.size(), 1u);
}

TEST_F(Story, FeelerReadingsAreGaps) {
    window->jobView()->go(Station::Seat);
    choose("readingKind", 1);
    find<QWidget>("seatClock")->setFocus();
    for (int i = 0; i < 8; ++i) {
        keys("0.01");
        key(Qt::Key_Right);
    }
    EXPECT_EQ(ownStep(saved()).readings.kind, seating::ReadingKind::Feeler);
    EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::HomeAndSquare);
    EXPECT_NEAR(ringInHand(session().plan()).seating.gap_mm.likely, 0.01, 1e-9);
}

TEST_F(Story, NewReadingTakesTheProofBack) {
    depths({"22.2", "22.2", "22.2", "22.2", "22.2", "22.2", "22.2", "22.2"});
    while (slip().action != "The seat is proven")
        clickAction();
    clickAction();
    EXPECT_TRUE(ownStep(job()).done.contains(Station::Seat));
    session().lookAt(ownKey(job()));
    window->jobView()->go(Station::Seat);
    keys("22.21");
    key(Qt::Key_Right);
    EXPECT_FALSE(ownStep(job()).done.contains(Station::Seat));
}

TEST_F(Story, NotesAreKeptBeforeTheRecordIsWritten) {
    window->jobView()->go(Station::Close);
    keys("Ilse");
    key(Qt::Key_Tab);
    keys("bore wiped twice");
    openWindow();
    open();
    window->jobView()->go(Station::Close);
    EXPECT_EQ(find<QLineEdit>("recordWho")->text(), "Ilse");
    EXPECT_EQ(find<QPlainTextEdit>("recordNotes")->toPlainText(), "bore wiped twice");
    EXPECT_FALSE(job().record);
}
