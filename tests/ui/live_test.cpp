// The press as it runs, through the real window: connect, zero, record, stop signs, the trace kept with the job.
#include "support/stand_in.h"
#include "support/steps.h"
#include "support/window.h"

#include "sim/line_port.h"
#include "sim/press_instrument.h"
#include "ui/alarm/alarms.h"
#include "ui/bench/bench_view.h"
#include "ui/big/big_view.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"
#include "ui/tooling/setup_scene.h"

#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

using namespace arbor;
using arbor::testing::inHand;
using arbor::testing::kPatience_ms;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;

class Live : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        window->jobView()->go(Station::Press);
    }

    /// A stand-in that takes just what this job predicts, but for its fault.
    void standIn(sim::Fault fault) {
        options = arbor::testing::standInFor(inHand(session().plan()).press->expected, fault);
        press = std::make_unique<sim::PressInstrument>(port, options);
    }
    void line(const QString& address) {
        choose("pressMeans", 1);
        type("pressLine", address);
    }
    void connectTo(const QString& address) {
        line(address);
        ASSERT_TRUE(QTest::qWaitFor([&] { return live().last().has_value(); }, kPatience_ms));
        EXPECT_TRUE(QTest::qWaitFor([&] { return slip().title == "Transducer connected"; }, kPatience_ms));
    }
    /// Records what is said on a line, from nothing on.
    void recordFrom(sim::LinePort& plain) {
        line(plain.listen(0));
        ASSERT_TRUE(QTest::qWaitFor([&] { return live().connected(); }, kPatience_ms));
        plain.say("press 1 0 0");
        ASSERT_TRUE(QTest::qWaitFor([&] { return live().last().has_value(); }, kPatience_ms));
        key(Qt::Key_Space);
    }
    ui::LivePress& live() { return find<ui::PressPage>("pressPage")->live(); }
    bool comesTo(trace::Verdict verdict) {
        return QTest::qWaitFor([&] { return live().analysis().verdict == verdict; }, kPatience_ms);
    }

    sim::LinePort port;
    sim::PressInstrument::Options options;
    std::unique_ptr<sim::PressInstrument> press;
};

TEST_F(Live, OverTcpFromTheFirstLineToTheKeptTrace) {
    standIn(sim::Fault::None);
    connectTo(port.listen(0));
    key(Qt::Key_Space);
    ASSERT_TRUE(live().recording());
    press->go();
    EXPECT_TRUE(comesTo(trace::Verdict::Home));
    EXPECT_TRUE(QTest::qWaitFor([&] { return slip().title == "Home"; }, kPatience_ms));
    EXPECT_TRUE(slipSays("Held"));
    key(Qt::Key_Space);
    EXPECT_FALSE(live().recording());
    EXPECT_TRUE(QString::fromStdString(ownStep(saved()).traceFile).startsWith("traces/J-0142-20261124T100000"));
    ASSERT_TRUE(inHand(session().plan()).trace);
    EXPECT_EQ(inHand(session().plan()).trace->verdict, trace::Verdict::Home);
    EXPECT_EQ(session().measuredTrace()->size(), live().trace().size());
}

TEST_F(Live, TheSectionGoesAsFarAsThePress) {
    const auto heights = [](const ui::BenchScene& scene) {
        std::vector<double> out;
        for (const auto& body : scene.bodies)
            out.push_back(body.z_mm);
        return out;
    };
    const auto shown = [&] { return heights(find<ui::BenchView>("pressBench")->scene()); };
    EXPECT_EQ(shown(), heights(ui::setupScene(session(), 0.75)));
    sim::LinePort plain;
    recordFrom(plain);
    const double home = inHand(session().plan()).press->expected.homeTravel_mm;
    for (const double share : {0.25, 0.5, 1.0}) {
        plain.say(QStringLiteral("press %1 %2 500").arg(1 + share).arg(share * home, 0, 'f', 6).toUtf8());
        const auto there = heights(ui::setupScene(session(), share));
        EXPECT_TRUE(QTest::qWaitFor(
            [&] {
                const auto now = shown();
                return std::equal(now.begin(), now.end(), there.begin(), there.end(),
                                  [](double a, double b) { return std::abs(a - b) < 1e-3; });
            },
            kPatience_ms))
            << share;
    }
    // Another step that is looked at meanwhile is not the one that moves.
    session().lookAt(job::StepKey(session().plan().steps.front().step.id));
    EXPECT_EQ(shown(), heights(ui::setupScene(session(), 0.75)));
    key(Qt::Key_Space);
}

TEST_F(Live, WhatComesOutIsJudgedAsItComes) {
    openAgain("exhaust-fan-carrier");
    const job::StepKey out{{"bearing", "shaft"}, true};
    session().lookAt(out);
    window->jobView()->go(Station::Press);
    sim::LinePort plain;
    recordFrom(plain);
    const auto expected = inHand(session().plan()).press->expected;
    const double first = inHand(session().plan()).press->force_N.likely;
    plain.say(QStringLiteral("press 1.01 0.02 %1").arg(first).toUtf8());
    const auto slide = [&](double from, double to) {
        for (int i = 1; i <= 100; ++i) {
            const double x = (from + (to - from) * i / 100) * expected.homeTravel_mm;
            plain.say(QStringLiteral("press %1 %2 %3")
                          .arg(1.02 + 10 * (from + (to - from) * i / 100))
                          .arg(x, 0, 'f', 5)
                          .arg(trace::forceAt(expected, x).likely)
                          .toUtf8());
        }
    };
    slide(0, 0.5);
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().trace().size() > 100; }, kPatience_ms));
    EXPECT_NE(live().analysis().verdict, trace::Verdict::Released) << "it still sits";
    slide(0.5, 1);
    EXPECT_TRUE(comesTo(trace::Verdict::Released));
    EXPECT_FALSE(live().analysis().stop());
    key(Qt::Key_Space);
    EXPECT_EQ(session().plan().step(out)->trace->verdict, trace::Verdict::Released);
    EXPECT_FALSE(job::stepOf(saved(), out).traceFile.empty());
}

TEST_F(Live, OverTheSerialLineACrookedStartIsStoppedAtOnce) {
    standIn(sim::Fault::CockedStart);
    connectTo(port.openTerminal());
    key(Qt::Key_Space);
    press->go();
    EXPECT_TRUE(comesTo(trace::Verdict::CockedStart));
    EXPECT_TRUE(QTest::qWaitFor([&] { return slip().title == "Started cocked"; }, kPatience_ms));
    EXPECT_EQ(slip().tone, words::Tone::Stop);
    ASSERT_TRUE(window->alarms()->first());
    EXPECT_EQ(window->alarms()->first()->calls, job::AlarmKind::Stop);
    EXPECT_EQ(alarms.sounds.front(), job::AlarmKind::Stop);
    key(Qt::Key_F10);
    EXPECT_EQ(job::stepOf(saved(), session().step()->step.id).heard.front().kind, job::AlarmKind::Stop);
    // It is said while most of the way is still to go.
    EXPECT_LT(live().trace().back().travel_mm, 0.6 * inHand(session().plan()).press->expected.homeTravel_mm);
    key(Qt::Key_Space);
    EXPECT_EQ(session().plan().marks.at(Station::Press), plan::Mark::Stop);
}

// While the ring moves a key and a switch stop it or mark it, and nothing else; home is offered after the rise.
TEST_F(Live, InTheBigViewAMovingRingIsOnlyStoppedOrMarked) {
    standIn(sim::Fault::None);
    connectTo(port.listen(0));
    key(Qt::Key_F11);
    auto* big = find<ui::BigView>("bigView");
    key(Qt::Key_Space);
    ASSERT_TRUE(live().recording()) << "a switch begins";
    auto* action = find<QPushButton>("bigAction");
    EXPECT_TRUE(big->scene().moving);
    EXPECT_TRUE(action->text().startsWith("Stop"));
    for (const auto other : {Qt::Key_Right, Qt::Key_Left, Qt::Key_5, Qt::Key_Delete})
        key(other);
    EXPECT_EQ(window->jobView()->current(), Station::Press);
    EXPECT_TRUE(live().recording());
    key(Qt::Key_Return);
    EXPECT_TRUE(live().recording());
    const auto step = session().step()->step.id;
    EXPECT_EQ(job::stepOf(saved(), step).marks.size(), 1u);
    press->go();
    EXPECT_TRUE(comesTo(trace::Verdict::Home));
    EXPECT_TRUE(QTest::qWaitFor([&] { return action->text().startsWith("Home"); }, kPatience_ms));
    key(Qt::Key_Space);
    EXPECT_FALSE(live().recording());
    EXPECT_FALSE(job::stepOf(saved(), step).traceFile.empty());
    EXPECT_EQ(job::stepOf(saved(), step).marks.size(), 1u);
    EXPECT_FALSE(job::stepOf(saved(), step).done.contains(Station::Press));
    key(Qt::Key_F11);
    EXPECT_TRUE(slipSays("Marked while it moved"));
}

TEST_F(Live, UnpluggedAndBackWithTheRecordingWhole) {
    auto first = std::make_unique<sim::LinePort>();
    const auto address = first->listen(0);
    line(address);
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().connected(); }, kPatience_ms));
    first->say("press 5.0 0.5 100");
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().last().has_value(); }, kPatience_ms));
    key(Qt::Key_Space);
    first->say("press 5.1 1.0 200");
    first->say("what is this");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !live().trouble().isEmpty(); }, kPatience_ms));
    EXPECT_TRUE(live().stateText().contains("what is this"));
    first.reset();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !live().connected(); }, kPatience_ms));
    EXPECT_TRUE(find<QLabel>("pressLineState")->text().contains("closed the connection"));
    EXPECT_TRUE(live().recording());
    sim::LinePort second;
    second.listen(address.section(':', 1).toUShort());
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().connected(); }, kPatience_ms));
    second.say("press 0.1 1.5 300"); // its clock began anew
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().trace().size() == 2; }, kPatience_ms));
    key(Qt::Key_Space);
    EXPECT_EQ(session().measuredTrace()->size(), 2u);
    EXPECT_EQ(session().measuredTrace()->back().travel_mm, 1.5);
}

TEST_F(Live, ZeroAndRawLines) {
    sim::LinePort plain;
    line(plain.listen(0));
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().connected(); }, kPatience_ms));
    plain.say("press 1 40 500");
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().last().has_value(); }, kPatience_ms));
    QTest::mouseClick(find<QPushButton>("showRaw"), Qt::LeftButton);
    plain.say("press 1.1 40 500");
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return find<QPlainTextEdit>("rawLines")->toPlainText().contains("press 1.1 40 500"); }, kPatience_ms));
    find<QWidget>("pressBench")->setFocus();
    key(Qt::Key_Z);
    EXPECT_EQ(live().last()->travel_mm, 0);
    EXPECT_EQ(live().last()->force_N, 0);
}

TEST_F(Live, ATransducerThatFallsSilentIsNoLongerShownAsAlive) {
    sim::LinePort plain;
    line(plain.listen(0));
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().connected(); }, kPatience_ms));
    plain.say("press 1 4 1500");
    ASSERT_TRUE(QTest::qWaitFor([&] { return live().last().has_value(); }, kPatience_ms));
    key(Qt::Key_Space);
    ASSERT_TRUE(live().recording());
    ASSERT_TRUE(QTest::qWaitFor([&] { return slip().title.starts_with("No reading for"); }, kPatience_ms));
    EXPECT_EQ(slip().tone, words::Tone::Stop);
    EXPECT_TRUE(slip().figures[0].stale);
    EXPECT_THAT(slip().figures[0].range, ::testing::HasSubstr("ago"));
    EXPECT_TRUE(live().stateText().contains("silent")) << live().stateText().toStdString();
    plain.say("press 1.1 4 1500");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !slip().title.starts_with("No reading"); }, kPatience_ms));
    EXPECT_FALSE(slip().figures[0].stale);
}

TEST_F(Live, WrongAddressIsNamed) {
    line("the press next door");
    EXPECT_TRUE(find<QLabel>("pressLineState")->text().contains("127.0.0.1:port"));
    EXPECT_EQ(slip().title, "Press");
}
