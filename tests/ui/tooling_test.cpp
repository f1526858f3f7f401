// Tooling station: the trap of the sleeve on the inner ring, trying tools by key, mouse and drag, the way back.
#include "support/steps.h"
#include "support/window.h"

#include "io/shop_tables.h"
#include "ui/bench/bench_view.h"
#include "ui/theme/theme.h"
#include "ui/tooling/rack_shelf.h"
#include "ui/tooling/turn_panel.h"
#include "words/tooling_words.h"

#include <QApplication>
#include <QComboBox>
#include <QDropEvent>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <algorithm>

using namespace arbor;
using arbor::testing::kPatience_ms;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::setupOf;
using arbor::testing::WindowTest;
using job::Station;

namespace {
const job::StepKey kSpindleIn{{"bearing", "spindle"}, false};
}

class Tooling : public WindowTest {
protected:
    Tooling() {
        open();
        window->jobView()->go(Station::Tooling);
    }
    ui::BenchView* bench() { return find<ui::BenchView>("toolingBench"); }
    ui::RackShelf* rack() { return find<ui::RackShelf>("rackShelf"); }
    std::string driver() { return setupOf(session().plan()).choice->driver->id; }

    void drop(const char* tool) {
        QMimeData data;
        data.setData(ui::kToolMime, tool);
        QDragEnterEvent enter(QPoint(300, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(bench(), &enter);
        EXPECT_TRUE(enter.isAccepted());
        QDropEvent event(QPointF(300, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(bench(), &event);
    }
};

TEST_F(Tooling, SleeveOnTheInnerRingIsStoppedInWordsAndInTheDrawing) {
    const auto proven = bench()->grab().toImage();
    drop("S11");
    EXPECT_EQ(driver(), "S11");
    EXPECT_EQ(slip().title, "Stop");
    EXPECT_EQ(slip().verdict, "The force would go through the rolling elements.");
    EXPECT_TRUE(slipSays("Load on the rolling elements"));
    EXPECT_TRUE(slipSays("rated") || slipSays("carries no axial load"));
    const auto& scene = bench()->scene();
    ASSERT_TRUE(scene.path);
    ASSERT_FALSE(scene.path->mustNotCarry.empty());
    EXPECT_EQ(scene.bodies[scene.path->mustNotCarry.front()].kind, section::BodyKind::RollingElements);
    // Drawn in the stop colour where the balls are, and nowhere before.
    const auto share = [&](const QImage& image) {
        int count = 0;
        const auto stop = ui::theme::roles().stop.rgb();
        for (int y = 60; y < image.height(); ++y)
            for (int x = 200; x < image.width() - 210; ++x)
                count += image.pixel(x, y) == stop;
        return count;
    };
    EXPECT_EQ(share(proven), 0);
    EXPECT_GT(share(bench()->grab().toImage()), 20);
    EXPECT_EQ(ownStep(saved()).overrides.driver, "S11");
}

TEST_F(Tooling, StopHoldsThePressStationBack) {
    drop("S11");
    window->jobView()->go(Station::Press);
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
    EXPECT_TRUE(slipSays("Set up has a stop"));
}

TEST_F(Tooling, EscapePutsTheProgramsChoiceBack) {
    const auto before = driver();
    drop("S11");
    bench()->setFocus();
    key(Qt::Key_Escape);
    EXPECT_EQ(driver(), before);
    EXPECT_FALSE(ownStep(saved()).overrides.driver);
    drop("S12");
    EXPECT_EQ(slip().action, "Use the program's choice again");
    clickAction();
    EXPECT_EQ(driver(), before);
    EXPECT_EQ(window->jobView()->current(), Station::Tooling);
}

TEST_F(Tooling, ArrowsStepThroughTheRackAndTheSupports) {
    bench()->setFocus();
    const auto drivers = setupOf(session().plan()).drivers;
    const auto first = drivers[0].tool->id, second = drivers[1].tool->id;
    EXPECT_EQ(driver(), first);
    key(Qt::Key_Right);
    EXPECT_EQ(driver(), second);
    key(Qt::Key_Left);
    EXPECT_EQ(driver(), first);
    const auto support = setupOf(session().plan()).choice->support->id;
    key(Qt::Key_Down);
    EXPECT_NE(setupOf(session().plan()).choice->support->id, support);
    EXPECT_EQ(ownStep(saved()).overrides.support, setupOf(session().plan()).choice->support->id);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(setupOf(session().plan()).choice->support->id, support);
}

TEST_F(Tooling, ClickOnARackToolTriesIt) {
    click(rack(), rack()->slotBox(1).center().toPoint());
    EXPECT_EQ(driver(), setupOf(session().plan()).drivers[1].tool->id);
}

TEST_F(Tooling, EveryRejectedToolSaysWhy) {
    for (const auto& c : setupOf(session().plan()).drivers)
        if (!c.usable()) {
            EXPECT_NE(words::rejectionGroup(c.check.findings), "not suitable") << c.tool->id;
        }
}

TEST_F(Tooling, OtherBodiesAreRefusedByTheBench) {
    QMimeData text;
    text.setText("S11");
    QDragEnterEvent event(QPoint(300, 200), Qt::CopyAction, &text, Qt::LeftButton, Qt::NoModifier);
    event.setAccepted(false);
    QApplication::sendEvent(bench(), &event);
    EXPECT_FALSE(event.isAccepted());
    drop("S99");
    EXPECT_NE(driver(), "S99");
}

TEST_F(Tooling, EveryStepOfTheRouteCanBeLookedAt) {
    ASSERT_EQ(session().plan().steps.size(), 4u);
    EXPECT_EQ(session().inHand(), 2) << "the first that is not done";
    bench()->setFocus();
    key(Qt::Key_Right, Qt::AltModifier);
    EXPECT_EQ(bench()->scene().title, "Press the flanged spindle into the bearing 3206");
    EXPECT_TRUE(slipSays("Push on the flanged spindle, the inner ring is carried"));
    EXPECT_TRUE(slipSays("S11"));
    EXPECT_TRUE(bench()->scene().path->proven());
    key(Qt::Key_Right, Qt::AltModifier);
    EXPECT_EQ(session().inHand(), 3) << "there is no fifth";
    session().lookBy(1 - session().inHand());
    EXPECT_EQ(session().step()->step.key, "out:bearing");
    EXPECT_EQ(slip().title, "By hand");
    EXPECT_TRUE(slipSays("K03"));
}

TEST_F(Tooling, LookingAtAStepIsNeitherSavedNorUndone) {
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    bench()->setFocus();
    key(Qt::Key_Left, Qt::AltModifier);
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before);
    EXPECT_FALSE(session().undoStack().canUndo());
}

TEST_F(Tooling, WShowsAnotherWayOfTheSameStep) {
    bench()->setFocus();
    key(Qt::Key_Right, Qt::AltModifier);
    const auto first = find<QComboBox>("toolingWay")->currentText();
    key(Qt::Key_W);
    EXPECT_NE(find<QComboBox>("toolingWay")->currentText(), first);
    EXPECT_TRUE(slipSays("the work stands turned over")) << "the housing is pushed onto the spindle";
}

TEST_F(Tooling, DraggingAToolOntoAnotherStepTriesItThereOnly) {
    bench()->setFocus();
    key(Qt::Key_Right, Qt::AltModifier);
    drop("D06");
    drop("D05");
    EXPECT_EQ(saved().steps.at(kSpindleIn).overrides.driver, "D05");
    EXPECT_FALSE(ownStep(saved()).overrides.driver);
    EXPECT_EQ((*session().step()->tools).ways.front().pressed->choice->driver->id, "D05");
    EXPECT_EQ(slip().title, "Your choice will do");
    bench()->setFocus();
    key(Qt::Key_Escape);
    EXPECT_FALSE(saved().steps.contains(kSpindleIn));
}

TEST_F(Tooling, SpaceTakesTheSetupOfWhicheverStepIsInHand) {
    bench()->setFocus();
    key(Qt::Key_Left, Qt::AltModifier);
    EXPECT_EQ(session().step()->step.key, "out:bearing");
    key(Qt::Key_Space);
    EXPECT_TRUE(job().steps.at({ownKey(job()).seat, true}).done.contains(Station::Tooling));
    EXPECT_FALSE(ownStep(job()).done.contains(Station::Tooling));
    EXPECT_EQ(window->jobView()->current(), Station::Press) << "nothing is warmed to come out";
}

TEST_F(Tooling, AChosenToolThatIsGoneIsNamedAndCanBeLetGo) {
    session().edit("wish", [](job::Job& j) { j.steps[kSpindleIn].overrides.support = "S99"; });
    bench()->setFocus();
    key(Qt::Key_Right, Qt::AltModifier);
    EXPECT_TRUE(slipSays("steps/in:spindle/support"));
    clickAction();
    EXPECT_FALSE(saved().steps.contains(kSpindleIn));
    EXPECT_TRUE(slipSays("the inner ring is carried"));
}

TEST_F(Tooling, TheWorkIsDoneWithAnotherPressTheBoltOrByHand) {
    const auto& presses = session().tables().rack.presses;
    const int bolt = static_cast<int>(presses.size());
    choose("means", 1);
    EXPECT_EQ(saved().press, presses[1].id);
    choose("means", bolt);
    EXPECT_EQ(saved().means, job::Means::DrawBolt);
    EXPECT_EQ(session().plan().press, nullptr);
    choose("means", bolt + 1);
    EXPECT_EQ(saved().means, job::Means::Vice);
    choose("means", bolt + 2);
    EXPECT_EQ(saved().means, job::Means::Own);
    choose("means", bolt + 3);
    EXPECT_EQ(saved().means, job::Means::Hand);
    EXPECT_EQ(slip().title, "By hand");
    EXPECT_TRUE(slipSays("Hammer on"));
    EXPECT_TRUE(slipSays("Push on the"));
    choose("means", 0);
    EXPECT_EQ(saved().means, job::Means::Press);
    EXPECT_EQ(saved().press, presses[0].id);
}

class Turning : public WindowTest {
protected:
    Turning() {
        open();
        window->jobView()->go(Station::Tooling);
        find<ui::BenchView>("toolingBench")->setFocus();
        key(Qt::Key_T);
    }
    const tooling::TurnedSleeve& sleeve() { return *find<ui::TurnPanel>("turnPanel")->sleeve(); }
};

TEST_F(Turning, SizesAreDesignedUntilTheyAreTyped) {
    EXPECT_TRUE(find<ui::TurnPanel>("turnPanel")->isVisible());
    EXPECT_EQ(sleeve().tool.outsideDia_mm, 60);
    EXPECT_EQ(window->focusWidget(), find<QLineEdit>("turnOutside"));
    type("turnOutside", "2.35 in");
    EXPECT_NEAR(sleeve().tool.outsideDia_mm, 59.69, 1e-9);
    EXPECT_NEAR(*ownStep(saved()).overrides.turn.outsideDia_mm, 59.69, 1e-9);
    type("turnOutside", "");
    EXPECT_EQ(sleeve().tool.outsideDia_mm, 60);
    EXPECT_FALSE(ownStep(saved()).overrides.turn.outsideDia_mm);
}

TEST_F(Turning, WrongSizesAreRefusedOrJudgedNeverDrawnAsGood) {
    type("turnOutside", "wide");
    EXPECT_TRUE(find<QLineEdit>("turnOutside")->property("wrong").toBool());
    EXPECT_EQ(sleeve().tool.outsideDia_mm, 60);
    type("turnOutside", "63");
    EXPECT_TRUE(find<QLabel>("turnVerdict")->text().contains("catches in the bore"));
    type("turnBore", "64");
    EXPECT_FALSE(find<ui::TurnPanel>("turnPanel")->sleeve());
    EXPECT_FALSE(find<QPushButton>("turnToRack")->isEnabled());
    EXPECT_TRUE(find<QLabel>("turnVerdict")->text().contains("bore_mm"));
}

TEST_F(Turning, DrawingsAreWrittenBesideTheJob) {
    for (const char* ending : {"dxf", "svg", "pdf"}) {
        QTest::mouseClick(find<QPushButton>((std::string("turn_") + ending).c_str()), Qt::LeftButton);
        const auto name = std::string("seamer-turret-upper.T-3206.2026-11-24.") + ending;
        EXPECT_GT(shop.read(name).size(), 1000u) << name;
        EXPECT_TRUE(find<QLabel>("turnVerdict")->text().contains(QString::fromStdString(name)));
    }
    QProcess text;
    text.start("pdftotext", {QString::fromStdString(shop.file("seamer-turret-upper.T-3206.2026-11-24.pdf")), "-"});
    ASSERT_TRUE(text.waitForFinished(kPatience_ms));
    const auto words = text.readAllStandardOutput();
    EXPECT_TRUE(words.contains("J-0142"));
    EXPECT_TRUE(words.contains("round bar"));
}

TEST_F(Turning, OneClickPutsItOnTheRackAndItIsChosenLikeAnyOther) {
    const auto made = sleeve().tool;
    QTest::mouseClick(find<QPushButton>("turnToRack"), Qt::LeftButton);
    const auto rack = io::loadRack(shop.folder()).value();
    ASSERT_TRUE(rack.tool("T-3206"));
    EXPECT_EQ(rack.tool("T-3206")->outsideDia_mm, made.outsideDia_mm);
    EXPECT_EQ(rack.tool("T-3206")->headThick_mm, made.headThick_mm);
    const auto drivers = setupOf(session().plan()).drivers;
    const auto at = std::find_if(drivers.begin(), drivers.end(), [](const auto& c) { return c.tool->id == "T-3206"; });
    ASSERT_NE(at, drivers.end());
    EXPECT_TRUE(at->usable());
    QTest::mouseClick(find<QPushButton>("turnToRack"), Qt::LeftButton);
    EXPECT_TRUE(io::loadRack(shop.folder())->tool("T-3206-2")) << "a number of its own";
    EXPECT_EQ(shop.read("rack.csv").front(), '#') << "the remark at its head stays";
}

TEST_F(Turning, EscapeGoesBackToTheRack) {
    key(Qt::Key_Escape);
    EXPECT_TRUE(find<ui::RackShelf>("rackShelf")->isVisible());
    EXPECT_EQ(window->focusWidget(), find<ui::BenchView>("toolingBench"));
}
