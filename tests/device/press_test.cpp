// The press transducer end to end: its lines, both transports, the recording, and what goes wrong on the way.
#include "device/instrument_line.h"
#include "device/line_client.h"
#include "device/press_recorder.h"
#include "sim/line_port.h"
#include "sim/press_instrument.h"
#include "sim/thermometer.h"
#include "support/small_disk.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <gtest/gtest.h>
#include <memory>

using namespace arbor;
using namespace arbor::device;

namespace {

constexpr int kPatience_ms = 8000;

Problem refusedLine(const char* line) {
    return parseInstrumentLine(line).error();
}

/// A seat of 20 mm that is home within a second.
sim::PressInstrument::Options quick() {
    sim::PressInstrument::Options o;
    o.stroke.speed_mm_s = 20;
    o.stroke.hold_s = 0.2;
    o.stroke.every_s = 0.001;
    return o;
}

trace::Trace onDisk(const QString& path) {
    QFile file(path);
    EXPECT_TRUE(file.open(QIODevice::ReadOnly));
    const auto bytes = file.readAll();
    const auto read = trace::parseTrace({bytes.constData(), static_cast<std::size_t>(bytes.size())});
    return read.value_or(trace::Trace{});
}

} // namespace

TEST(InstrumentLine, SaysWhatItSays) {
    EXPECT_EQ(std::get<trace::Sample>(*parseInstrumentLine("press 12.5 3.25 1800.5")),
              (trace::Sample{12.5, 3.25, 1800.5}));
    EXPECT_EQ(std::get<Temperature>(*parseInstrumentLine(" temp -18.5 ")).temp_C, -18.5);
    EXPECT_EQ(std::get<Dial>(*parseInstrumentLine("dial 0.013\r")).value_mm, 0.013);
    EXPECT_TRUE(std::holds_alternative<std::monostate>(*parseInstrumentLine("# hello")));
    EXPECT_TRUE(std::holds_alternative<std::monostate>(*parseInstrumentLine("")));
}

TEST(InstrumentLine, RefusesWhatItIsNot) {
    EXPECT_EQ(refusedLine("press 1 2").code, ProblemCode::Malformed);
    EXPECT_EQ(refusedLine("press 1 2 3 4").code, ProblemCode::Malformed);
    EXPECT_EQ(refusedLine("press 1 2 3x").code, ProblemCode::Malformed);
    EXPECT_EQ(refusedLine("press 1 nan 3").code, ProblemCode::NotFinite);
    EXPECT_EQ(refusedLine("press 1 9999 3").code, ProblemCode::OutOfRange);
    EXPECT_EQ(refusedLine("temp 5000").code, ProblemCode::OutOfRange);
    EXPECT_EQ(refusedLine("\xff\xfe??").code, ProblemCode::Malformed);
    EXPECT_EQ(refusedLine("bore 5").value, "bore 5");
}

/// What a full disk does not take waits, and is there when it has room again.
TEST(PressRecorder, LosesNothingToAFullDiskAndSaysSo) {
    const QTemporaryDir folder;
    PressRecorder recorder;
    ASSERT_TRUE(recorder.start(folder.filePath("one.csv")));
    const auto take = [&](int from, int to) {
        for (int i = from; i < to; ++i)
            recorder.take(QStringLiteral("press %1 %2 %3").arg(i * 0.01).arg(i * 0.02).arg(10 * i));
    };
    {
        const arbor::testing::SmallDisk full(2000);
        take(0, 400);
        EXPECT_TRUE(QTest::qWaitFor([&] { return !recorder.writeTrouble().isEmpty(); }, kPatience_ms));
        EXPECT_FALSE(recorder.keep()) << "not whole, so not kept";
        EXPECT_TRUE(recorder.recording());
        take(400, 500);
    }
    EXPECT_TRUE(QTest::qWaitFor([&] { return recorder.writeTrouble().isEmpty(); }, kPatience_ms));
    ASSERT_TRUE(recorder.keep());
    EXPECT_EQ(onDisk(folder.filePath("one.csv")).size(), 500u);
}

TEST(PressRecorder, ASilenceIsMarkedInTheFile) {
    const QTemporaryDir folder;
    PressRecorder recorder;
    ASSERT_TRUE(recorder.start(folder.filePath("one.csv")));
    for (const char* line : {"press 1.0 1 100", "press 1.1 1.1 110", "press 2.9 3 300"})
        recorder.take(line);
    ASSERT_TRUE(recorder.keep());
    QFile file(folder.filePath("one.csv"));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_TRUE(file.readAll().contains("# nothing for 1.8 s"));
    EXPECT_EQ(onDisk(folder.filePath("one.csv")).size(), 3u); // and it is still a trace
}

class Line : public ::testing::Test {
protected:
    /// Every reading from `go` to the hold arrives, in order, and lies on the disk.
    void recordsEverySample(const QString& address, LineClient& client, PressRecorder& recorder,
                            sim::PressInstrument& press) {
        ASSERT_FALSE(address.isEmpty());
        QObject::connect(&client, &LineClient::line, &recorder, &PressRecorder::take);
        client.connectTo(address);
        ASSERT_TRUE(QTest::qWaitFor([&] { return recorder.last().has_value(); }, kPatience_ms));
        ASSERT_TRUE(recorder.start(folder.filePath("one.csv")));
        press.go();
        ASSERT_TRUE(QTest::qWaitFor([&] { return recorder.last()->force_N > 11500; }, kPatience_ms));
        ASSERT_TRUE(recorder.keep());
        const auto& t = recorder.trace();
        ASSERT_GT(t.size(), 500u);
        for (std::size_t i = 1; i < t.size(); ++i)
            ASSERT_NEAR(t[i].t_s - t[i - 1].t_s, 0.001, 1e-4) << "a sample was lost at " << i;
        EXPECT_EQ(onDisk(recorder.path()).size(), t.size());
        EXPECT_EQ(recorder.badLines(), 0);
    }

    QTemporaryDir folder;
    sim::LinePort port;
};

TEST_F(Line, OverTcpNoSampleIsLostAtAThousandASecond) {
    sim::PressInstrument press(port, quick());
    LineClient client;
    PressRecorder recorder;
    recordsEverySample(port.listen(0), client, recorder, press);
}

TEST_F(Line, OverAPseudoTerminalNoSampleIsLostEither) {
    sim::PressInstrument press(port, quick());
    LineClient client;
    PressRecorder recorder;
    recordsEverySample(port.openTerminal(), client, recorder, press);
}

TEST_F(Line, GoCanBeSaidOverTheLineItself) {
    sim::PressInstrument press(port, quick());
    LineClient client;
    PressRecorder recorder;
    QObject::connect(&client, &LineClient::line, &recorder, &PressRecorder::take);
    client.connectTo(port.openTerminal());
    ASSERT_EQ(client.state(), LineClient::State::On);
    client.send("go");
    EXPECT_TRUE(QTest::qWaitFor([&] { return recorder.last() && recorder.last()->travel_mm > 3; }, kPatience_ms));
}

TEST_F(Line, ComesBackByItselfAfterTheInstrumentWasGone) {
    auto first = std::make_unique<sim::LinePort>();
    const auto address = first->listen(0);
    LineClient client;
    client.setPersistent(true);
    client.connectTo(address);
    ASSERT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::On; }, kPatience_ms));
    first.reset();
    ASSERT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::Failed; }, kPatience_ms));
    EXPECT_FALSE(client.reason().isEmpty());
    sim::LinePort second;
    ASSERT_EQ(second.listen(address.section(':', 1).toUShort()), address);
    EXPECT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::On; }, kPatience_ms));
}

TEST_F(Line, ThermometerShowsAPartThatCools) {
    sim::Thermometer::Options o;
    o.start_C = 120;
    o.noise_K = 0;
    o.halves_s = 1;
    o.every_ms = 1000;
    sim::Thermometer probe(port, o);
    LineClient client;
    std::vector<double> seen;
    QObject::connect(&client, &LineClient::line, [&](const QString& text) {
        seen.push_back(std::get<Temperature>(*parseInstrumentLine(text.toStdString())).temp_C);
    });
    client.connectTo(port.openTerminal());
    for (int i = 0; i < 3; ++i)
        probe.say();
    ASSERT_TRUE(QTest::qWaitFor([&] { return seen.size() >= 3; }, kPatience_ms));
    EXPECT_EQ(seen[0], 120);
    EXPECT_EQ(seen[1], 70); // half the difference is gone
    EXPECT_EQ(seen[2], 45);
}

TEST_F(Line, WhatIsNoSerialLineSaysSo) {
    LineClient client;
    client.connectTo("/dev/there-is-no-such-line");
    EXPECT_EQ(client.state(), LineClient::State::Failed);
    EXPECT_FALSE(client.reason().isEmpty());
}

class Recorder : public ::testing::Test {
protected:
    Recorder() { EXPECT_TRUE(recorder.start(folder.filePath("traces/x.csv"))); }
    void say(const char* line) { recorder.take(QString::fromUtf8(line)); }

    QTemporaryDir folder;
    PressRecorder recorder;
};

TEST_F(Recorder, GarbageIsCountedAndLeftOut) {
    say("press 0 0 10");
    say("pr3ss 0.1 ,,");
    say("press 0.2 1 20");
    EXPECT_EQ(recorder.badLines(), 1);
    EXPECT_EQ(recorder.lastBad(), "pr3ss 0.1 ,,");
    EXPECT_EQ(recorder.trace().size(), 2u);
}

TEST_F(Recorder, AClockThatJumpsGoesOnFromWhereItWas) {
    say("press 100.0 1 10");
    say("press 100.1 2 20");
    say("press 0.0 3 30"); // started anew
    say("press 0.1 4 40");
    say("press 7000.0 5 50"); // and set right by somebody
    EXPECT_EQ(recorder.clockJumps(), 2);
    const auto& t = recorder.trace();
    ASSERT_EQ(t.size(), 5u);
    for (std::size_t i = 1; i < t.size(); ++i) {
        EXPECT_GE(t[i].t_s, t[i - 1].t_s);
        EXPECT_LT(t[i].t_s, 101);
    }
    ASSERT_TRUE(recorder.keep());
    EXPECT_EQ(onDisk(recorder.path()).size(), 5u); // and what was written can be read
}

TEST_F(Recorder, ZeroCountsFromHere) {
    say("press 0 12.5 300");
    recorder.zero();
    EXPECT_EQ(recorder.last()->travel_mm, 0);
    say("press 0.1 14.0 800");
    EXPECT_NEAR(recorder.last()->travel_mm, 1.5, 1e-12);
    EXPECT_NEAR(recorder.last()->force_N, 500, 1e-12);
}

TEST_F(Recorder, WhatHasComeIsOnTheDiskWhileItRuns) {
    for (int i = 0; i < 100; ++i)
        recorder.take(QStringLiteral("press %1 %2 %3").arg(i * 0.001).arg(i * 0.01).arg(i));
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return onDisk(recorder.path() + PressRecorder::kUnkept).size() == 100; }, kPatience_ms));
}

TEST_F(Recorder, NeverWritesOverAnotherRecording) {
    PressRecorder other;
    const auto refused = other.start(recorder.path());
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ProblemCode::Unwritable);
}

TEST_F(Recorder, IsKeptUnderItsNameAndOnlyThen) {
    say("press 0 1 10");
    recorder.stop();
    EXPECT_FALSE(QFileInfo::exists(recorder.path()));
    EXPECT_EQ(onDisk(recorder.path() + PressRecorder::kUnkept).size(), 1u);
    ASSERT_TRUE(recorder.keep());
    EXPECT_EQ(onDisk(recorder.path()).size(), 1u);
    EXPECT_FALSE(QFileInfo::exists(recorder.path() + PressRecorder::kUnkept));
}
