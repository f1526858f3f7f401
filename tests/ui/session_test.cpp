// Shelf, undo, autosave, recent jobs, units, night look: what holds for every station.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "ui/shelf/shelf_view.h"
#include "ui/theme/theme.h"

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <filesystem>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;

class Window : public WindowTest {};

TEST_F(Window, FolderOpensTheShelfWithItsJobs) {
    window->openPath(QString::fromStdString(shop.folder()));
    EXPECT_EQ(window->shelf()->count(), 10u);
    EXPECT_EQ(window->shelf()->stateOf(2), "Closed");
    EXPECT_EQ(window->shelf()->stateOf(5), "Stopped");
    EXPECT_EQ(window->shelf()->stateOf(6), "On the bench");
    for (int i = 0; i < 6; ++i)
        key(Qt::Key_Down);
    key(Qt::Key_Return);
    ASSERT_TRUE(window->session());
    EXPECT_EQ(job().id, "J-0142");
    EXPECT_EQ(find<QLabel>("headerTitle")->text(), "Seamer turret · upper bearing");
}

TEST_F(Window, ShelfFollowsTheWork) {
    open();
    window->jobView()->takeAction();
    key(Qt::Key_L, Qt::ControlModifier);
    EXPECT_EQ(window->shelf()->stateOf(6), "On the bench");
}

TEST_F(Window, NewJobLikeAnotherStartsClean) {
    window->openPath(QString::fromStdString(shop.folder()));
    key(Qt::Key_Down);
    key(Qt::Key_Down);
    key(Qt::Key_C);
    ASSERT_TRUE(window->session());
    EXPECT_EQ(job().id, "J-0131-1");
    EXPECT_FALSE(job().record);
    EXPECT_TRUE(job().done.empty());
    EXPECT_TRUE(ownStep(job()).readings.readings.empty());
    EXPECT_FALSE(hole(job()).measured);
    EXPECT_EQ(hole(job()).size->typed, "M7");
    EXPECT_TRUE(std::filesystem::exists(shop.file("J-0131-1.arbor.json")));
}

TEST_F(Window, EveryEditCanBeUndoneAndRedoneAndIsOnDiskAtOnce) {
    open();
    type("holeSize", "62 M7");
    type("measuredBore", "61.981");
    EXPECT_EQ(hole(saved()).measured->typed, "61.981");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(hole(saved()).measured->typed, "61.978 ±2um");
    EXPECT_EQ(find<QLineEdit>("measuredBore")->text(), "61.978 ±2um");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(hole(saved()).size->typed, "N7");
    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(hole(saved()).measured->typed, "61.981");
    EXPECT_EQ(hole(saved()).size->typed, "M7");
}

TEST_F(Window, OneJobsUndoDoesNotReachIntoAnother) {
    open();
    type("holeSize", "62 M7");
    open("exhaust-fan-carrier");
    EXPECT_FALSE(session().undoStack().canUndo());
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(hole(io::loadJob(shop.jobFile())->job).size->typed, "M7");
}

TEST_F(Window, RecentJobsSurviveARestart) {
    open();
    open("exhaust-fan-carrier");
    openWindow();
    QMenu* recent = nullptr;
    for (auto* menu : window->findChildren<QMenu*>())
        if (menu->title() == "Recent jobs") recent = menu;
    ASSERT_TRUE(recent);
    emit recent->aboutToShow();
    ASSERT_EQ(recent->actions().size(), 2);
    EXPECT_EQ(recent->actions().front()->text(), "exhaust-fan-carrier.arbor.json");
    recent->actions().back()->trigger();
    ASSERT_TRUE(window->session());
    EXPECT_EQ(job().id, "J-0142");
}

TEST_F(Window, InchShowsInchAndTakesInch) {
    open();
    key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(saved().units, job::Units::Inch);
    EXPECT_EQ(find<QLabel>("headerUnits")->text(), "in · lbf · °F");
    EXPECT_EQ(find<QLineEdit>("housingOutside")->text(), "3.62205");
    type("housingOutside", "4");
    EXPECT_NEAR(session().plan().seat()->input->outer.otherDia_mm, 101.6, 1e-9);
    type("innerTemp", "104");
    EXPECT_NEAR(job().temperatures.innerRing_C, 40, 1e-9);
    type("measuredBore", "2.4402");
    EXPECT_NEAR(hole(job()).measured->value_mm, 61.98108, 1e-9);
}

TEST_F(Window, NightLookIsRemembered) {
    open();
    key(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(ui::theme::variant(), ui::theme::Variant::Night);
    openWindow();
    EXPECT_EQ(ui::theme::variant(), ui::theme::Variant::Night);
    find<QAction>("actionNight")->trigger();
    EXPECT_EQ(ui::theme::variant(), ui::theme::Variant::Light);
}

TEST_F(Window, KeysGoThroughTheStations) {
    open();
    for (int i = 1; i <= 10; ++i) {
        key(static_cast<Qt::Key>(Qt::Key_0 + i % 10), Qt::ControlModifier);
        EXPECT_EQ(window->jobView()->current(), job::kStations[i - 1]);
    }
    key(Qt::Key_PageUp);
    EXPECT_EQ(window->jobView()->current(), Station::Adjust);
    for (int i = 0; i < 30; ++i) // through every station of every step
        key(Qt::Key_PageUp);
    EXPECT_EQ(window->jobView()->current(), Station::Intake);
    key(Qt::Key_PageDown);
    EXPECT_EQ(window->jobView()->current(), Station::Strip);
}

TEST_F(Window, EveryActionOfTheMenuHasAKeyOrASubmenu) {
    open();
    for (auto* action : window->findChild<QMenu*>("mainMenu")->actions())
        if (!action->isSeparator() && !action->menu()) {
            EXPECT_FALSE(action->shortcut().isEmpty()) << action->text().toStdString();
        }
}

TEST_F(Window, EveryInteractiveWidgetHasAName) {
    open();
    for (const auto station : job::kStations) // a page is made when it is first wanted
        window->jobView()->go(station);
    for (auto* widget : window->findChildren<QWidget*>())
        if (widget->focusPolicy() != Qt::NoFocus && !widget->inherits("QComboBoxListView")) {
            EXPECT_FALSE(widget->objectName().isEmpty()) << widget->metaObject()->className();
        }
}

TEST_F(Window, FitsTheSmallestSizeAndTwiceTheScale) {
    open();
    window->resize(1100, 700);
    EXPECT_EQ(window->size(), QSize(1100, 700));
    for (const auto station : job::kStations) {
        window->jobView()->go(station);
        const auto* action = find<QWidget>("slipAction");
        if (!action->isVisible()) continue;
        const auto box = action->rect().translated(action->mapTo(window.get(), QPoint()));
        EXPECT_TRUE(window->rect().contains(box));
        EXPECT_GE(action->height(), 40);
    }
}
