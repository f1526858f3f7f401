// The press as it runs, through the real window: connect, zero, record, stop signs, the trace kept with the job.
#include "support/steps.h"
#include "support/window.h"

#include "sim/line_port.h"
#include "sim/press_instrument.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"

#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

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
        const auto e = inHand(session().plan()).press->expected;
        options.seat.travel_mm = e.homeTravel_mm;
        options.seat.length_mm = e.homeTravel_mm;
        options.seat.chamfer_mm = 0.5;
        options.seat.friction = 0.1;
        options.seat.interference_mm = 0.01;
        const double there =
            sim::seatPressure(options.seat, 0.01) * 0.1 * 3.14159265 * options.seat.dia_mm * options.seat.length_mm;
        options.seat.interference_mm *= e.end_N.likely / there;
        options.stroke.hold_N = e.hold_N.likely;
        options.stroke.noise_N = e.hold_N.likely * 0.003;
        options.stroke.speed_mm_s = 15;
        options.stroke.hold_s = 3600; // it stays there
        options.fault = fault;
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

TEST_F(Live, OverTheSerialLineACrookedStartIsStoppedAtOnce) {
    standIn(sim::Fault::CockedStart);
    connectTo(port.openTerminal());
    key(Qt::Key_Space);
    press->go();
    EXPECT_TRUE(comesTo(trace::Verdict::CockedStart));
    EXPECT_TRUE(QTest::qWaitFor([&] { return slip().title == "Started crooked"; }, kPatience_ms));
    EXPECT_EQ(slip().titleTone, ui::Tone::Stop);
    // It is said while most of the way is still to go.
    EXPECT_LT(live().trace().back().travel_mm, 0.6 * inHand(session().plan()).press->expected.homeTravel_mm);
    key(Qt::Key_Space);
    EXPECT_EQ(session().plan().marks.at(Station::Press), plan::Mark::Stop);
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
    EXPECT_TRUE(find<QLabel>("pressLineState")->text().contains("hung up"));
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
    ASSERT_TRUE(QTest::qWaitFor([&] { return slip().title.startsWith("No reading for"); }, kPatience_ms));
    EXPECT_EQ(slip().titleTone, ui::Tone::Stop);
    EXPECT_TRUE(slip().figures[0].stale);
    EXPECT_TRUE(slip().figures[0].range.contains("ago"));
    EXPECT_TRUE(live().stateText().contains("silent")) << live().stateText().toStdString();
    plain.say("press 1.1 4 1500");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !slip().title.startsWith("No reading"); }, kPatience_ms));
    EXPECT_FALSE(slip().figures[0].stale);
}

TEST_F(Live, WrongAddressIsNamed) {
    line("the press next door");
    EXPECT_TRUE(find<QLabel>("pressLineState")->text().contains("127.0.0.1:port"));
    EXPECT_EQ(slip().title, "Press");
}
