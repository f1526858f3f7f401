// The tour, gone through by keys alone, as it says; and left.
#include "support/window.h"

#include "ui/bench/bench_view.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"
#include "ui/shelf/shelf_view.h"
#include "ui/tour/tour.h"

#include <QAction>
#include <QPushButton>
#include <QTemporaryDir>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::kPatience_ms;
using arbor::testing::WindowTest;
using job::Station;

namespace {

class TourTest : public WindowTest {
protected:
    TourTest() : m_before(qgetenv("XDG_DATA_HOME")) { qputenv("XDG_DATA_HOME", m_home.path().toUtf8()); }
    ~TourTest() override { qputenv("XDG_DATA_HOME", m_before); }
    ui::Tour* tour() { return find<ui::Tour>("tour"); }
    bool comesTo(int stop) {
        return QTest::qWaitFor([&] { return tour()->stop() == stop; }, kPatience_ms);
    }

private:
    QTemporaryDir m_home;
    QByteArray m_before;
};

} // namespace

TEST_F(TourTest, GoesThroughOnePressByKeysAloneAndGivesTheShopBack) {
    const auto own = QString::fromStdString(shop.folder());
    window->openPath(own);
    find<QAction>("actionTour")->trigger();
    ASSERT_TRUE(tour()->isVisible());
    EXPECT_EQ(tour()->stop(), 1);
    window->shelf()->setFocus();
    while (window->shelf()->chosenPath().find("seamer") == std::string::npos)
        key(Qt::Key_Down);
    key(Qt::Key_Return);
    ASSERT_TRUE(comesTo(2));
    EXPECT_EQ(session().path().find(shop.folder()), std::string::npos) << "a copy of its own";
    key(Qt::Key_5, Qt::ControlModifier);
    ASSERT_TRUE(comesTo(3));
    find<ui::BenchView>("toolingBench")->setFocus();
    key(Qt::Key_Right);
    key(Qt::Key_Escape);
    ASSERT_TRUE(comesTo(4));
    key(Qt::Key_6, Qt::ControlModifier);
    key(Qt::Key_C);
    ASSERT_TRUE(comesTo(5));
    key(Qt::Key_7, Qt::ControlModifier);
    auto& live = find<ui::PressPage>("pressPage")->live();
    constexpr int kStroke_ms = 30'000; // as long as such a stroke takes, or a program to start on a busy machine
    ASSERT_TRUE(QTest::qWaitFor([&] { return live.last().has_value(); }, kStroke_ms));
    find<ui::BenchView>("pressBench")->setFocus();
    key(Qt::Key_Space);
    ASSERT_TRUE(live.recording());
    key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return live.analysis().verdict == trace::Verdict::Home; }, kStroke_ms));
    key(Qt::Key_Space);
    ASSERT_TRUE(comesTo(6));
    key(Qt::Key_8, Qt::ControlModifier);
    for (int place = 0; place < 3; ++place) {
        keys("9.5");
        key(Qt::Key_Return);
    }
    ASSERT_TRUE(comesTo(7)) << "past the last one";
    find<QPushButton>("tourLeave")->click();
    EXPECT_FALSE(tour()->isVisible());
    EXPECT_EQ(window->openedPath(), own) << "the shop that was open";
    EXPECT_FALSE(live.connected()) << "its stand-in went with it";
}

TEST_F(TourTest, IsOfferedOnceAndLeftAtAnyTime) {
    find<QPushButton>("startDemo")->click();
    ASSERT_TRUE(tour()->isVisible());
    EXPECT_FALSE(tour()->isRunning()) << "nothing begins by itself";
    find<QPushButton>("tourBegin")->click();
    EXPECT_TRUE(tour()->isRunning());
    EXPECT_TRUE(window->openedPath().endsWith("tour-shop"));
    find<QPushButton>("tourLeave")->click();
    EXPECT_FALSE(tour()->isVisible());
    EXPECT_TRUE(window->openedPath().endsWith("demo-shop"));
    openWindow();
    find<QPushButton>("startDemo")->click();
    EXPECT_FALSE(tour()->isVisible()) << "who has been asked is not asked again";
}
