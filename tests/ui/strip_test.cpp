// Intake and Strip in the window: the kit sets a stop, steps are ticked by key, own orders are tried and refused with
// the reason, ways round are looked at, and the route card is written.
#include "core/plan/job_route.h"
#include "support/window.h"

#include "ui/bench/bench_view.h"
#include "ui/strip/step_list.h"
#include "ui/strip/strip_page.h"
#include "ui/strip/way_round_picture.h"
#include "words/sheets/sheets.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QImage>
#include <QListWidget>
#include <QPushButton>
#include <algorithm>
#include <filesystem>

using namespace arbor;
using arbor::testing::replaced;
using arbor::testing::WindowTest;
using job::Station;

class Strip : public WindowTest {
protected:
    void openStrip(const std::string& name = "labeller-pulley") {
        open(name);
        key(Qt::Key_2, Qt::ControlModifier);
        page = find<ui::StripPage>("stripPage");
        bench = find<ui::BenchView>("stripBench");
    }
    std::size_t bodiesOf(const std::string& id) {
        const auto& bodies = bench->scene().bodies;
        return static_cast<std::size_t>(
            std::count_if(bodies.begin(), bodies.end(), [&](const auto& b) { return b.id == id; }));
    }
    void down(int times) {
        for (int i = 0; i < times; ++i)
            key(Qt::Key_Down);
    }
    ui::StripPage* page = nullptr;
    ui::BenchView* bench = nullptr;
};

TEST_F(Strip, TakingApartByKeyboardAloneEndsAtTheNextStation) {
    openStrip();
    ASSERT_EQ(page->lines().size(), 10u); // eight parts, the work turned twice
    EXPECT_EQ(bodiesOf("nut"), 1u);
    for (int i = 0; i < 20 && window->jobView()->current() == Station::Strip; ++i)
        key(Qt::Key_Space);
    EXPECT_EQ(window->jobView()->current(), Station::Measure);
    EXPECT_EQ(saved().strip.out.size(), 8u);
    EXPECT_TRUE(saved().done.contains(Station::Strip));
}

TEST_F(Strip, HowItCameInIsTickedAndSaid) {
    openStrip("seamer-turret-upper");
    auto* oil = window->findChild<QAction*>("asFound/oil_inside");
    ASSERT_TRUE(oil);
    oil->trigger();
    EXPECT_TRUE(saved().strip.asFound.contains(job::AsFound::OilInside));
    EXPECT_TRUE(find<QPushButton>("stripAsFound")->text().contains("oil inside"));
    page->setFocus();
    key(Qt::Key_Home);
    while (page->current() > 0)
        key(Qt::Key_Up);
    EXPECT_TRUE(slipSays("Oil inside: tilt it"));
    oil->trigger();
    EXPECT_TRUE(saved().strip.asFound.empty());
    EXPECT_FALSE(slipSays("Oil inside: tilt it"));
}

TEST_F(Strip, HowAPartSatIsNotedAndAskedWhenItComesBack) {
    openStrip();
    const auto* part = words::partOf(page->lines()[page->current()], session().plan().strip);
    ASSERT_TRUE(part);
    const auto id = part->id;
    key(Qt::Key_F);
    auto* way = find<QComboBox>("foundWay");
    EXPECT_TRUE(way->hasFocus());
    way->setCurrentIndex(2);
    emit way->activated(2);
    auto* depth = find<QLineEdit>("foundDepth");
    QTest::keyClicks(depth, "1.5");
    QTest::keyClick(depth, Qt::Key_Return);
    auto* place = find<QLineEdit>("foundPlace");
    QTest::keyClicks(place, "slot at six");
    QTest::keyClick(place, Qt::Key_Return);
    ASSERT_TRUE(saved().strip.parts.contains(id));
    EXPECT_EQ(saved().strip.parts.at(id).otherWay, true);
    EXPECT_EQ(saved().strip.parts.at(id).depth_mm, 1.5);
    EXPECT_EQ(saved().strip.parts.at(id).place, "slot at six");
    depth->clear();
    QTest::keyClicks(depth, "deep");
    QTest::keyClick(depth, Qt::Key_Return);
    EXPECT_EQ(saved().strip.parts.at(id).depth_mm, 1.5) << "refused, and nothing is lost";
    page->setFocus();
    key(Qt::Key_D);
    const auto line =
        std::find_if(page->lines().begin(), page->lines().end(), [&](const auto& l) { return l.key == id; });
    ASSERT_NE(line, page->lines().end());
    while (page->current() < static_cast<std::size_t>(line - page->lines().begin()))
        key(Qt::Key_Down);
    while (page->current() > static_cast<std::size_t>(line - page->lines().begin()))
        key(Qt::Key_Up);
    EXPECT_TRUE(slipSays("found the other way round"));
    EXPECT_TRUE(slipSays("slot at six"));
    EXPECT_EQ(slip().action, "It is the right way round") << "it is asked, and not taken for granted";
    key(Qt::Key_W);
    EXPECT_TRUE(saved().strip.wayRoundSeen.contains(id));
    EXPECT_EQ(slip().action, "It is in");
}

TEST_F(Strip, SectionShowsTheWorkAsItStands) {
    openStrip();
    key(Qt::Key_Space);
    EXPECT_EQ(page->current(), 1u);
    EXPECT_EQ(bodiesOf("nut"), 0u) << "it is out";
    EXPECT_EQ(bodiesOf("washer"), 1u);
    const auto& scene = bench->scene();
    for (std::size_t i = 0; i < scene.bodies.size(); ++i)
        EXPECT_EQ(scene.faded[i], scene.bodies[i].id != "washer") << "what moves stands out";
    key(Qt::Key_Up);
    EXPECT_EQ(bodiesOf("nut"), 1u) << "at its own step it is drawn leaving";
}

TEST_F(Strip, OwnOrderIsRefusedWithWhatStandsInTheWay) {
    openStrip();
    down(2);
    EXPECT_TRUE(slipSays("Not yet"));
    key(Qt::Key_Space);
    EXPECT_TRUE(saved().strip.out.empty());
    EXPECT_TRUE(window->troubleText().contains("upper cone cannot come out yet"))
        << window->troubleText().toStdString();
    EXPECT_TRUE(window->troubleText().contains("washer")) << window->troubleText().toStdString();
}

// A part that is left where it is: its steps are not needed, nothing new for it must lie on the bench.
TEST_F(Strip, APartThatStaysIsSaidOnceAndItsStepsAreNotNeeded) {
    openStrip();
    const auto line = std::find_if(page->lines().begin(), page->lines().end(),
                                   [](const auto& l) { return l.text.find("pper cup") != std::string::npos; });
    ASSERT_NE(line, page->lines().end());
    const auto at = static_cast<std::size_t>(line - page->lines().begin());
    down(static_cast<int>(at));
    key(Qt::Key_S);
    EXPECT_EQ(saved().strip.stays, std::set<std::string>{"upper_cup"});
    for (const auto& step : session().plan().steps) {
        const bool ofIt = step.step.key.find("upper_cup") != std::string::npos;
        EXPECT_EQ(plan::isNotNeeded(job(), step, session().plan()), ofIt) << step.step.key;
    }
    const auto& missing = session().plan().strip.missing;
    EXPECT_EQ(std::count(missing.begin(), missing.end(), "upper_cup"), 0);
    while (page->current() != at)
        key(page->current() > at ? Qt::Key_Up : Qt::Key_Down);
    EXPECT_TRUE(window->jobView()->findChild<QLabel*>("slipHint")->text().contains("stays where it is"));
    key(Qt::Key_S);
    EXPECT_TRUE(saved().strip.stays.empty());
}

TEST_F(Strip, OwnOrderThatWorksIsTaken) {
    openStrip();
    auto* list = find<ui::StepList>("stepList");
    click(list, list->boxOf(5).center()); // the shaft, held by its nut
    EXPECT_TRUE(slipSays("Not yet"));
    click(list, list->boxOf(0).center());
    key(Qt::Key_Space);
    EXPECT_EQ(saved().strip.out, std::set<std::string>{"nut"});
    key(Qt::Key_Up);
    key(Qt::Key_Backspace);
    EXPECT_TRUE(saved().strip.out.empty()) << "the tick is taken back";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(saved().strip.out.size(), 1u);
}

TEST_F(Strip, FittingWhatShutsAnotherOutIsRefusedBeforeItIsDone) {
    openStrip("filler-pump-shaft");
    key(Qt::Key_D);
    ASSERT_TRUE(page->together());
    ASSERT_EQ(page->lines().back().key, "collar");
    down(9);
    key(Qt::Key_Up); // the bearing, before seal and plate
    ASSERT_EQ(page->lines()[page->current()].key, "bearing");
    key(Qt::Key_W); // the right way round
    key(Qt::Key_Space);
    EXPECT_TRUE(saved().strip.fitted.empty());
    EXPECT_TRUE(window->troubleText().contains("would block access for the lip seal"))
        << window->troubleText().toStdString();
}

TEST_F(Strip, WayRoundIsLookedAtBeforeThePartIsTicked) {
    openStrip("filler-pump-shaft");
    key(Qt::Key_D);
    EXPECT_EQ(page->lines()[page->current()].key, "seal");
    EXPECT_TRUE(find<ui::WayRoundPicture>("wayRound")->isVisible());
    EXPECT_EQ(slip().action, "It is the right way round");
    key(Qt::Key_Space);
    EXPECT_EQ(saved().strip.wayRoundSeen, std::set<std::string>{"seal"});
    EXPECT_TRUE(saved().strip.fitted.empty());
    key(Qt::Key_Space);
    EXPECT_EQ(saved().strip.fitted, std::set<std::string>{"seal"});
    EXPECT_EQ(page->lines()[page->current()].key, "plate");
}

TEST_F(Strip, TightRingShowsForceEnergyWaysAndCautions) {
    openStrip("seamer-turret-upper");
    down(5);
    ASSERT_EQ(page->lines()[page->current()].key, "bearing");
    EXPECT_TRUE(slipSays("Removal force"));
    EXPECT_TRUE(slipSays("Energy released at breakaway"));
    EXPECT_TRUE(slipSays("Internal collet"));
    EXPECT_TRUE(slipSays("Not here"));
    EXPECT_TRUE(slipSays("Keep the old outer ring"));
    EXPECT_THAT(slip().caution, ::testing::HasSubstr("Eye protection"));
    const auto likely = slip().figures.front().value.likely;
    choose("stripRust", 2);
    EXPECT_EQ(saved().strip.rust, route::Rust::Heavy);
    // Light rust 2 to 3, heavy 3 to 6: the middles stand as 2.5 to 4.5.
    EXPECT_NEAR(slip().figures.front().value.likely, likely * 4.5 / 2.5, 1e-6 * likely);
}

TEST_F(Strip, AnotherWayOutIsChosenAndItsToolsJoinTheKit) {
    openStrip("retort-trolley-roller");
    // What is to be checked stands first, then how it is done.
    const auto method = [&] {
        const auto& notes = slip().notes;
        return std::find_if(notes.begin(), notes.end(),
                            [](const words::Note& n) { return n.tone != words::Tone::Check; })
            ->head;
    };
    EXPECT_EQ(method(), "Drift");
    key(Qt::Key_M);
    EXPECT_EQ(method(), "Internal collet or hook, slide hammer");
    EXPECT_EQ(saved().strip.methods.at("upper_bearing"), route::Method::Collet);
    EXPECT_TRUE(session().plan().strip.missing.empty()) << "the collet is there already";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(saved().strip.methods.empty());
    EXPECT_EQ(method(), "Drift");
}

TEST_F(Strip, MissingKitSetsAStopUntilItIsTicked) {
    openStrip("conveyor-tail-drum");
    EXPECT_EQ(slip().title, "Stop");
    EXPECT_TRUE(slipSays("Split pin"));
    EXPECT_FALSE(slip().waitsFor.empty());
    key(Qt::Key_Space);
    EXPECT_TRUE(saved().strip.out.empty());
    key(Qt::Key_1, Qt::ControlModifier);
    auto* pin = find<QCheckBox>("kit_pin");
    EXPECT_FALSE(pin->isChecked());
    pin->setFocus();
    QTest::keyClick(pin, Qt::Key_Space);
    EXPECT_TRUE(saved().strip.onTheBench.contains("pin"));
    key(Qt::Key_2, Qt::ControlModifier);
    EXPECT_EQ(slip().title, "Strip");
    key(Qt::Key_Space);
    EXPECT_EQ(saved().strip.out, std::set<std::string>{"pin"});
}

TEST_F(Strip, WithoutAnArrangementItSaysHowToStart) {
    shop.undraw("labeller-pulley.arbor.json");
    openStrip();
    EXPECT_TRUE(page->lines().empty());
    EXPECT_EQ(slip().title, "Nothing is drawn yet");
    key(Qt::Key_Space);
    EXPECT_EQ(window->jobView()->current(), Station::Strip);
}

TEST_F(Strip, OverlappingPartsAreNamedOnTheSlip) {
    shop.write("labeller-pulley.arbor.json",
               replaced(shop.read("labeller-pulley.arbor.json"), "[3, 61, 0, 30]", "[3, 61, 0, 31]"));
    openStrip();
    EXPECT_EQ(slip().title, "Stop");
    EXPECT_TRUE(slipSays("overlap by 0.5 mm"));
    EXPECT_EQ(session().plan().marks.at(Station::Strip), plan::Mark::Stop);
}

TEST_F(Strip, RouteCardIsWrittenBesideTheJob) {
    openStrip("conveyor-tail-drum");
    key(Qt::Key_P, Qt::ControlModifier);
    key(Qt::Key_Return);
    EXPECT_TRUE(std::filesystem::exists(shop.file("conveyor-tail-drum.route-card.2026-11-24.pdf")));
}

class Intake : public WindowTest {};

TEST_F(Intake, ChecksAndComplaintAreKeptAndRead) {
    open("brine-agitator");
    key(Qt::Key_1, Qt::ControlModifier);
    type("complaint", "grinds under load");
    choose("checkRock", 2);
    choose("sides", 2);
    EXPECT_EQ(saved().intake.complaint, "grinds under load");
    EXPECT_EQ(saved().intake.checks.at(job::Check::Rock), job::Found::Bad);
    EXPECT_EQ(saved().intake.bothSides, std::optional(false));
    EXPECT_TRUE(slipSays("worn raceways"));
    EXPECT_TRUE(slipSays("Write down why."));
    type("sideReason", "the other was new in May");
    EXPECT_FALSE(slipSays("Write down why."));
    choose("checkRock", 0);
    EXPECT_FALSE(saved().intake.checks.contains(job::Check::Rock));
    clickAction();
    EXPECT_EQ(window->jobView()->current(), Station::Strip);
    EXPECT_TRUE(saved().done.contains(Station::Intake));
}

TEST_F(Intake, PhotosAreCopiedBesideTheJobAndTakenOffAgain) {
    open("brine-agitator");
    key(Qt::Key_1, Qt::ControlModifier);
    QImage picture(32, 24, QImage::Format_RGB32);
    picture.fill(Qt::darkGray);
    const auto file = shop.file("seal-side.png");
    ASSERT_TRUE(picture.save(QString::fromStdString(file)));
    ASSERT_TRUE(session().attachPhoto(file));
    EXPECT_EQ(saved().intake.photos, std::vector<std::string>{"photos/seal-side.png"});
    EXPECT_TRUE(std::filesystem::exists(shop.file("photos/seal-side.png")));
    auto* list = find<QListWidget>("photos");
    ASSERT_EQ(list->count(), 1);
    list->setCurrentRow(0);
    list->setFocus();
    key(Qt::Key_Delete);
    EXPECT_TRUE(saved().intake.photos.empty());
    EXPECT_TRUE(std::filesystem::exists(shop.file("photos/seal-side.png"))) << "the file stays";
    const auto refused = session().attachPhoto(shop.file("rack.csv"));
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ProblemCode::Unreadable);
}
