// Tooling station: the trap of the sleeve on the inner ring, trying tools by key, mouse and drag, the way back.
#include "support/window.h"

#include "ui/bench/bench_view.h"
#include "ui/stations/rack_shelf.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QApplication>
#include <QDropEvent>
#include <QImage>
#include <QMimeData>
#include <QPushButton>
#include <algorithm>

using namespace arbor;
using arbor::testing::WindowTest;
using job::Station;

class Tooling : public WindowTest {
protected:
    Tooling() {
        open();
        window->jobView()->go(Station::Tooling);
    }
    ui::BenchView* bench() { return find<ui::BenchView>("toolingBench"); }
    ui::RackShelf* rack() { return find<ui::RackShelf>("rackShelf"); }
    std::string driver() { return session().plan().tools->choice->driver->id; }

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
    EXPECT_EQ(slip().subtitle, "The force would go through the balls.");
    EXPECT_TRUE(slipSays("Load on the balls"));
    EXPECT_TRUE(slipSays("static rating") || slipSays("carry"));
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
    EXPECT_EQ(saved().tooling.driver, "S11");
}

TEST_F(Tooling, StopHoldsThePressStationBack) {
    drop("S11");
    window->jobView()->go(Station::Press);
    EXPECT_FALSE(find<QPushButton>("slipAction")->isEnabled());
    EXPECT_TRUE(slipSays("Tooling has a stop"));
}

TEST_F(Tooling, EscapePutsTheProgramsChoiceBack) {
    const auto before = driver();
    drop("S11");
    bench()->setFocus();
    key(Qt::Key_Escape);
    EXPECT_EQ(driver(), before);
    EXPECT_FALSE(saved().tooling.driver);
    drop("S12");
    EXPECT_EQ(slip().action, "Put back the program's choice");
    clickAction();
    EXPECT_EQ(driver(), before);
    EXPECT_EQ(window->jobView()->current(), Station::Tooling);
}

TEST_F(Tooling, ArrowsStepThroughTheRackAndTheSupports) {
    bench()->setFocus();
    const auto& drivers = session().plan().tools->drivers;
    const auto first = drivers[0].tool->id, second = drivers[1].tool->id;
    EXPECT_EQ(driver(), first);
    key(Qt::Key_Right);
    EXPECT_EQ(driver(), second);
    key(Qt::Key_Left);
    EXPECT_EQ(driver(), first);
    const auto support = session().plan().tools->choice->support->id;
    key(Qt::Key_Down);
    EXPECT_NE(session().plan().tools->choice->support->id, support);
    EXPECT_EQ(saved().tooling.support, session().plan().tools->choice->support->id);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(session().plan().tools->choice->support->id, support);
}

TEST_F(Tooling, ClickOnARackToolTriesIt) {
    click(rack(), rack()->slotBox(1).center().toPoint());
    EXPECT_EQ(driver(), session().plan().tools->drivers[1].tool->id);
}

TEST_F(Tooling, EveryRejectedToolSaysWhy) {
    for (const auto& c : session().plan().tools->drivers)
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
