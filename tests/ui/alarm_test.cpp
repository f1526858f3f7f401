// Alarms of every job of the shop: told ahead, called for, heard, answered and kept.
#include "support/steps.h"
#include "support/window.h"

#include "core/job/alarm.h"
#include "ui/alarm/alarm_bar.h"
#include "ui/alarm/alarms.h"
#include "ui/alarm/clock_strip.h"
#include "ui/session/instant.h"

#include <QFile>
#include <QPushButton>
#include <set>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::AlarmKind;
using job::Station;
using What = job::Clock::What;

TEST(AlarmOf, APartOnItsWayIsHurriedAndEverythingElseIsReady) {
    EXPECT_FALSE(job::alarmOf(What::Outer, 61, 60));
    EXPECT_EQ(job::alarmOf(What::Outer, 60, 60), AlarmKind::Soon);
    EXPECT_EQ(job::alarmOf(What::Outer, 0, 60), AlarmKind::Ready);
    EXPECT_FALSE(job::alarmOf(What::Carry, 61, 60));
    EXPECT_EQ(job::alarmOf(What::Carry, 60, 60), AlarmKind::Hurry);
    EXPECT_EQ(job::alarmOf(What::Carry, 0, 60), AlarmKind::TooLate);
    EXPECT_EQ(job::alarmOf(What::Cool, -1, 0), AlarmKind::Ready);
    EXPECT_FALSE(job::alarmOf(What::Together, 1, 0));
}

class AlarmTest : public WindowTest {
protected:
    AlarmTest() : bar(find<ui::AlarmBar>("alarmBar")) {}
    void openWarm() {
        open("conveyor-tail-drum");
        session().lookAt(ownKey(session().job()));
        window->jobView()->go(Station::Warm);
    }
    void wait(double seconds) {
        instant = ui::later(instant, seconds);
        window->alarms()->look();
    }
    double soak_s() { return session().plan().heat()->outer.soak->time_s(); }

    ui::AlarmBar* bar;
};

TEST_F(AlarmTest, AReadySoakIsCalledAcrossTheWindowUntilItIsAnswered) {
    openWarm();
    key(Qt::Key_Space); // into the oven
    EXPECT_FALSE(bar->isVisible());
    wait(soak_s() - 30);
    EXPECT_FALSE(bar->isVisible()) << "told ahead in the header only";
    EXPECT_TRUE(find<ui::ClockStrip>("clockStrip")->faces().front().soon);
    EXPECT_TRUE(alarms.sounds.empty());
    wait(31);
    ASSERT_TRUE(bar->isVisible());
    EXPECT_EQ(bar->width(), window->width());
    EXPECT_TRUE(bar->text().contains("Oven ready")) << bar->text().toStdString();
    EXPECT_EQ(alarms.sounds, std::vector{AlarmKind::Ready});
    wait(1);
    EXPECT_EQ(alarms.sounds.size(), 1u) << "not every second";
    wait(5);
    EXPECT_EQ(alarms.sounds.size(), 2u) << "again until somebody answers";
    key(Qt::Key_F10);
    EXPECT_FALSE(bar->isVisible());
    ASSERT_EQ(ownStep(saved()).heard.size(), 1u);
    const auto kept = ownStep(saved()).heard.front();
    EXPECT_EQ(kept.kind, AlarmKind::Ready);
    EXPECT_EQ(kept.clock, What::Outer);
    EXPECT_EQ(kept.when, instant);
    wait(60);
    EXPECT_EQ(alarms.sounds.size(), 2u);
    openWindow(); // and it stays answered
    open("conveyor-tail-drum");
    wait(1);
    EXPECT_FALSE(find<ui::AlarmBar>("alarmBar")->isVisible());
}

TEST_F(AlarmTest, ThePartOnItsWayIsHurriedThenTooLateEachWithASoundOfItsOwn) {
    openWarm();
    key(Qt::Key_Space);
    key(Qt::Key_Space);
    wait(2 * 3600);
    for (int i = 0; i < 2; ++i)
        key(Qt::Key_F10);
    ASSERT_FALSE(window->alarms()->first());
    alarms.sounds.clear();
    window->jobView()->refresh();
    key(Qt::Key_Space); // out of the heat
    const double open_s = *session().heatCourse()->lastStart_s;
    window->alarms()->setAhead(20);
    wait(open_s - 19);
    EXPECT_TRUE(bar->text().contains("hurry")) << bar->text().toStdString();
    wait(20);
    EXPECT_TRUE(bar->text().contains("too late")) << bar->text().toStdString();
    EXPECT_EQ(std::set(alarms.sounds.begin(), alarms.sounds.end()), (std::set{AlarmKind::Hurry, AlarmKind::TooLate}));
}

TEST_F(AlarmTest, MutedItIsShownAndTheNextOneIsHeard) {
    openWarm();
    key(Qt::Key_Space);
    wait(soak_s() + 1);
    key(Qt::Key_F10, Qt::ShiftModifier);
    wait(10);
    EXPECT_EQ(alarms.sounds.size(), 1u);
    EXPECT_TRUE(bar->isVisible());
    EXPECT_FALSE(find<QPushButton>("alarmMute")->isVisible());
    key(Qt::Key_Space); // the freezer
    wait(24 * 3600);
    key(Qt::Key_F10);
    wait(1);
    EXPECT_EQ(alarms.sounds.size(), 2u) << "that is another one";
}

TEST_F(AlarmTest, AnotherJobCallsTooAndIsAnsweredInItsOwnFile) {
    openWarm();
    key(Qt::Key_Space);
    const double soak = soak_s();
    open("seamer-turret-upper");
    wait(soak + 1);
    ASSERT_TRUE(bar->isVisible());
    EXPECT_TRUE(bar->text().startsWith("Conveyor tail drum")) << bar->text().toStdString();
    EXPECT_EQ(alarms.sounds, std::vector{AlarmKind::Ready});
    key(Qt::Key_F10);
    EXPECT_FALSE(bar->isVisible());
    const auto other = io::loadJob(shop.file("conveyor-tail-drum.arbor.json")).value().job;
    ASSERT_EQ(ownStep(other).heard.size(), 1u);
    EXPECT_EQ(ownStep(other).heard.front().when, instant);
    EXPECT_TRUE(ownStep(job()).heard.empty());
}

TEST_F(AlarmTest, FromTheAlarmToItsJob) {
    openWarm();
    key(Qt::Key_Space);
    const double soak = soak_s();
    open("seamer-turret-upper");
    wait(soak + 1);
    QTest::mouseClick(find<QPushButton>("alarmGo"), Qt::LeftButton);
    EXPECT_EQ(job().title, "Conveyor tail drum · idle end cups");
    EXPECT_EQ(window->jobView()->current(), Station::Warm);
}

TEST_F(AlarmTest, WithoutSoundItIsSaidOnce) {
    alarms.isThere = false;
    openWarm();
    key(Qt::Key_Space);
    wait(soak_s() + 1);
    EXPECT_TRUE(window->troubleText().contains("no sound")) << window->troubleText().toStdString();
    EXPECT_FALSE(find<QPushButton>("alarmMute")->isVisible());
    key(Qt::Key_F10);
    find<QAction>("actionShelf")->trigger();
    wait(10);
    EXPECT_FALSE(window->troubleText().contains("no sound"));
}

TEST_F(AlarmTest, VolumeAheadAndTrialsBelongToTheBench) {
    open();
    key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
    type("alarmAhead", "90");
    EXPECT_EQ(window->alarms()->ahead_s(), 90);
    for (const auto* test : {"alarmTest_ready", "alarmTest_hurry", "alarmTest_too_late", "alarmTest_stop"})
        QTest::mouseClick(find<QPushButton>(test), Qt::LeftButton);
    EXPECT_EQ(alarms.sounds, (std::vector{AlarmKind::Ready, AlarmKind::Hurry, AlarmKind::TooLate, AlarmKind::Stop}));
    openWindow();
    EXPECT_EQ(window->alarms()->ahead_s(), 90);
}

TEST(AlarmSounds, EveryKindHasOneThatNoOtherHas) {
    std::set<QByteArray> all;
    for (const auto* name : {"ready", "hurry", "too_late", "stop"}) {
        QFile file(QStringLiteral(":/sounds/%1.wav").arg(name));
        ASSERT_TRUE(file.open(QIODevice::ReadOnly)) << name;
        const auto bytes = file.readAll();
        EXPECT_TRUE(bytes.startsWith("RIFF") && bytes.mid(8, 4) == "WAVE") << name;
        all.insert(bytes);
    }
    EXPECT_EQ(all.size(), 4u);
}
