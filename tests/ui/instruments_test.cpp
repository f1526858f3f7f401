// The instruments of the bench in one place, and the stand-ins that are started from there.
#include "support/window.h"

#include "sim/line_port.h"
#include "ui/bench/bench_view.h"
#include "ui/instruments/stand_in.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"

#include <QAction>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::kPatience_ms;
using arbor::testing::WindowTest;
using job::Station;

namespace {

constexpr int kProgram_ms = 30'000; // until a program has started on a busy machine

class InstrumentsPlace : public WindowTest {
protected:
    void SetUp() override {
        open();
        show();
    }
    void show() {
        find<QAction>("actionInstruments")->trigger();
        ASSERT_TRUE(find<QWidget>("instrumentView")->isVisible());
    }
    QString text(const char* label) { return find<QLabel>(label)->text(); }
    bool comes(const char* label, const QString& said) {
        return QTest::qWaitFor([&] { return text(label).startsWith(said); }, kProgram_ms);
    }
    void connectIndicator(const QString& address) {
        auto* line = find<QComboBox>("instrumentAddress3")->lineEdit();
        line->setText(address);
        line->setModified(true);
        QTest::keyClick(line, Qt::Key_Return);
    }
};

} // namespace

TEST_F(InstrumentsPlace, WhatIsConnectedHereIsHeardAtItsStationAndRemembered) {
    sim::LinePort port;
    const auto address = port.listen(0);
    connectIndicator(address);
    ASSERT_TRUE(comes("instrumentState3", "connected"));
    port.say("dial 4.0125");
    EXPECT_TRUE(comes("instrumentReading3", "4.0125 mm"));
    type("instrumentGauge3", "I-02");
    find<QWidget>("instrumentView")->setFocus();
    key(Qt::Key_Escape);
    window->jobView()->go(Station::Seat);
    EXPECT_EQ(find<QLineEdit>("dialLine")->text(), address);
    EXPECT_EQ(text("dialLineState"), "connected");
    port.say("dial 4.5");
    ASSERT_TRUE(QTest::qWaitFor([&] { return session().record().readings.readings.size() == 1; }, kPatience_ms));
    EXPECT_EQ(session().record().readings.gauge.number, "I-02") << "named beside what it sent";
    show();
    connectIndicator("");
    EXPECT_TRUE(comes("instrumentState3", "not connected"));
    key(Qt::Key_Escape);
    show();
    EXPECT_GE(find<QComboBox>("instrumentAddress3")->findText(address), 0) << "where it was found is offered";
}

TEST_F(InstrumentsPlace, ATestCountsWhatComesAndWhatCannotBeRead) {
    sim::LinePort port;
    connectIndicator(port.listen(0));
    ASSERT_TRUE(comes("instrumentState3", "connected"));
    find<QPushButton>("instrumentTest3")->click();
    for (const char* line : {"dial 1.000", "dial 1.004", "dial lots"})
        port.say(line);
    EXPECT_TRUE(comes("instrumentTested3", "3 lines"));
    EXPECT_TRUE(text("instrumentTested3").contains("1 could not be read"));
    EXPECT_TRUE(text("instrumentTested3").contains("0.004"));
    find<QPushButton>("instrumentTest1")->click();
    EXPECT_TRUE(comes("instrumentTested1", "It said nothing."));
}

TEST_F(InstrumentsPlace, WhatIsNoAddressSaysWhatIsWanted) {
    connectIndicator("example.org:80");
    EXPECT_TRUE(comes("instrumentState3", "wanted: 127.0.0.1:port"));
}

TEST_F(InstrumentsPlace, AStandInIsStartedWithOneKeySetToTheSeatInHandAndPressesItHome) {
    const auto* step = session().step();
    ASSERT_TRUE(step && step->press && !step->step.out);
    const double home_mm = step->press->expected.homeTravel_mm;
    key(Qt::Key_1);
    ASSERT_TRUE(comes("instrumentState1", "connected"));
    EXPECT_TRUE(find<QPushButton>("standIn1")->text().contains("Stop"));
    key(Qt::Key_Escape);
    window->jobView()->go(Station::Press);
    auto& live = find<ui::PressPage>("pressPage")->live();
    ASSERT_TRUE(live.connected());
    find<ui::BenchView>("pressBench")->setFocus();
    key(Qt::Key_Space);
    ASSERT_TRUE(live.recording());
    key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
    constexpr int kStroke_ms = 30'000; // as long as such a stroke takes
    ASSERT_TRUE(QTest::qWaitFor([&] { return live.analysis().verdict == trace::Verdict::Home; }, kStroke_ms));
    EXPECT_NEAR(live.last()->travel_mm, home_mm, 1.5);
    key(Qt::Key_Space);
    EXPECT_FALSE(session().record().traceFile.empty()) << "kept with the job";
    show();
    key(Qt::Key_1);
    EXPECT_TRUE(comes("instrumentState1", "not connected"));
}

TEST_F(InstrumentsPlace, WhatAStandInIsToldIsTheSeatInHand) {
    const auto args = ui::standInArguments(ui::Instrument::Press, &session(), "chip");
    const auto valueOf = [&](const char* name) { return args.value(args.indexOf(name) + 1).toDouble(); };
    const auto* seat = session().plan().seat();
    EXPECT_EQ(args.front(), "press");
    EXPECT_NEAR(valueOf("--dia"), seat->dia_mm, 1e-9);
    EXPECT_NEAR(valueOf("--length"), seat->input->engagedLength_mm, 1e-9);
    EXPECT_EQ(args.value(args.indexOf("--fault") + 1), "chip");
    EXPECT_EQ(ui::standInArguments(ui::Instrument::Thermometer, nullptr, {}), QStringList("thermometer"));
    std::set<QString> names;
    for (const auto& fault : ui::standInFaults())
        names.insert(fault.name);
    EXPECT_EQ(names.size(), ui::standInFaults().size()) << "each is called otherwise";
}
