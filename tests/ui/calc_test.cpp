// The bench calculator over the window: found by a word, one line of sizes, the answer, a job made of it.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "ui/calc/calc_box.h"

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

using namespace arbor;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;

class Calculator : public WindowTest {
protected:
    void openWith(const QString& line) {
        key(Qt::Key_F2);
        box = find<ui::CalcBox>("calcBox");
        find<QLineEdit>("calcLine")->clear();
        keys(line);
    }
    double answered(const char* name) { return std::get<double>(box->answer().value().at(name)); }
    ui::CalcBox* box = nullptr;
};

TEST_F(Calculator, OneKeyFromAnywhereAndOneLine) {
    open();
    for (const auto station : {Station::Intake, Station::Measure, Station::Fit, Station::Seat}) {
        window->jobView()->go(station);
        openWith("limits 62 N7");
        ASSERT_TRUE(box->isVisible());
        ASSERT_TRUE(box->answer());
        EXPECT_NEAR(answered("lower_um"), -39, 1e-9);
        EXPECT_NEAR(answered("upper_um"), -9, 1e-9);
        key(Qt::Key_Escape);
        EXPECT_FALSE(box->isVisible());
        EXPECT_EQ(window->jobView()->current(), station);
    }
    // Nothing that was typed reached the job.
    EXPECT_EQ(ownStep(saved()).readings.readings.size(), 0u);
}

TEST_F(Calculator, DigitsGoToTheLineNotToTheStationUnderneath) {
    open();
    window->jobView()->go(Station::Seat);
    openWith("gauge 60 7 MPa");
    EXPECT_TRUE(box->answer());
    key(Qt::Key_Escape);
    EXPECT_TRUE(ownStep(session().job()).readings.readings.empty());
}

TEST_F(Calculator, UnitsInTheLineAreUnderstood) {
    open();
    openWith("interference 2.4409in N7 od"); // 61.999 mm: the step of 62
    ASSERT_TRUE(box->answer());
    EXPECT_NEAR(answered("interference_max_um"), 39, 1e-9);
    openWith("gauge 100kN 60mm");
    ASSERT_TRUE(box->answer());
    EXPECT_NEAR(answered("gauge"), 100e3 / (3.14159265 / 4 * 3600) * 10, 1e-3); // bar
}

TEST_F(Calculator, SaysWhatIsStillWanted) {
    open();
    openWith("press 62");
    EXPECT_FALSE(box->answer());
    EXPECT_FALSE(find<QPushButton>("calcJob")->isEnabled());
    openWith("xyzzy");
    EXPECT_EQ(box->calculation(), nullptr);
}

TEST_F(Calculator, ListIsWalkedWithTheArrowsWhileTyping) {
    open();
    openWith("limits");
    auto* list = find<QListWidget>("calcHits");
    ASSERT_GE(list->count(), 2);
    const auto* first = box->calculation();
    key(Qt::Key_Down);
    EXPECT_NE(box->calculation(), first);
    key(Qt::Key_Up);
    EXPECT_EQ(box->calculation(), first);
    EXPECT_TRUE(find<QLineEdit>("calcLine")->hasFocus());
}

TEST_F(Calculator, BecomesAJobWithTheSizesInIt) {
    open();
    openWith("interference 62 M7 od");
    ASSERT_TRUE(box->answer());
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_FALSE(box->isVisible());
    EXPECT_EQ(hole(session().job()).size->typed, "M7");
    EXPECT_FALSE(session().plan().problem());
    ASSERT_TRUE(fitOf(session().plan()));
    // -30 / 0 against 0 / -13: 8.5 in the middle.
    EXPECT_NEAR(fitOf(session().plan())->interferenceNominal_mm, 0.0085, 1e-9);
    EXPECT_TRUE(session().path().ends_with("C-1.arbor.json"));
}

TEST_F(Calculator, ASizeWithoutABearingSaysSo) {
    open();
    openWith("interference 61 M7 od");
    ASSERT_TRUE(box->answer());
    click(find<QPushButton>("calcJob"), QPoint(20, 10));
    EXPECT_TRUE(box->isVisible());
    EXPECT_TRUE(find<QLabel>("calcTrouble")->text().contains("61"));
}
