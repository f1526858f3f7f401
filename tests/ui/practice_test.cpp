// Practice through the real window: the ram on the keys, the call, what is told afterwards, the score that stays.
#include "support/window.h"

#include "ui/practice/lesson_view.h"
#include "ui/practice/practice_view.h"

#include <QLineEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::WindowTest;
using practice::Grade;
using trace::Verdict;

class Practice : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        begin();
    }
    void begin() {
        key(Qt::Key_T, Qt::ControlModifier);
        ASSERT_TRUE(view()->isVisible());
    }
    ui::PracticeView* view() { return find<ui::PracticeView>("practiceView"); }
    const practice::Drill& drill() { return view()->drill(); }
    const words::Sheet& told() { return view()->slip()->sheet(); }
    void ring(sim::Fault fault) {
        std::mt19937 hand(5);
        auto e = practice::someExercise(fault, hand);
        view()->begin(e, 5);
    }
    /// Lets the ram go on, in its own time, until it is there.
    bool comesTo(double travel_mm) {
        constexpr double kStep_s = 0.02, kLongest_s = 30;
        const auto there = [&] { return !drill().trace().empty() && drill().trace().back().travel_mm > travel_mm; };
        for (double t = 0; t < kLongest_s && !there(); t += kStep_s)
            view()->run(kStep_s);
        return there();
    }
};

TEST_F(Practice, TheRamFollowsTheKey) {
    ring(sim::Fault::None);
    QTest::keyPress(view(), Qt::Key_Space);
    EXPECT_TRUE(drill().pushing());
    EXPECT_EQ(told().title, "Pushing");
    EXPECT_TRUE(comesTo(-1));
    QTest::keyRelease(view(), Qt::Key_Space);
    EXPECT_FALSE(drill().pushing());
    EXPECT_EQ(told().title, "Practice");
    EXPECT_EQ(told().figures.size(), 2u);
    // Nothing of what is hidden is told before the call.
    EXPECT_TRUE(told().notes.empty());
}

TEST_F(Practice, ACallIsGradedToldAndCounted) {
    ring(sim::Fault::CockedStart);
    QTest::keyPress(view(), Qt::Key_Space);
    ASSERT_TRUE(comesTo(0.2 * drill().exercise().expected.homeTravel_mm));
    QTest::keyRelease(view(), Qt::Key_Space);
    key(Qt::Key_1);
    ASSERT_TRUE(drill().outcome());
    EXPECT_TRUE(drill().outcome()->known());
    EXPECT_TRUE(told().title.starts_with("Right"));
    EXPECT_EQ(told().verdict, "It had been entered cocked.");
    EXPECT_FALSE(told().notes.empty());
    EXPECT_FALSE(find<QPushButton>("call2")->isEnabled());
    EXPECT_TRUE(find<QPushButton>("call1")->text().contains("1 of 1 known"));
    key(Qt::Key_N);
    EXPECT_FALSE(drill().outcome());
    EXPECT_TRUE(find<QPushButton>("call2")->isEnabled());
}

TEST_F(Practice, TheRamGoesByTheClock) {
    ring(sim::Fault::None);
    QTest::keyPress(view(), Qt::Key_Space);
    const auto before = drill().trace().empty() ? 0.0 : drill().trace().back().t_s;
    EXPECT_TRUE(QTest::qWaitFor([&] { return !drill().trace().empty() && drill().trace().back().t_s > before + 0.05; },
                                arbor::testing::kPatience_ms));
    QTest::keyRelease(view(), Qt::Key_Space);
}

TEST_F(Practice, EnterCallsItHomeAndTooEarlyIsSaid) {
    ring(sim::Fault::None);
    key(Qt::Key_Return);
    EXPECT_EQ(drill().outcome()->grade, Grade::NotHome);
    EXPECT_EQ(told().tone, words::Tone::Stop);
    EXPECT_EQ(told().action, "Next ring");
    key(Qt::Key_Return); // a second Enter does not skip what is told
    EXPECT_TRUE(drill().outcome());
}

TEST_F(Practice, TheScoreOutlivesTheWindow) {
    ring(sim::Fault::Chip);
    click(find<QPushButton>("call6"), {5, 5});
    EXPECT_EQ(drill().outcome()->grade, Grade::Guess);
    openWindow();
    open("seamer-turret-upper");
    begin();
    EXPECT_EQ(view()->score().drills(), 1);
    EXPECT_EQ(view()->score().signs.at(Verdict::Short).met, 1);
    EXPECT_EQ(view()->score().signs.at(Verdict::Short).known, 0);
}

TEST_F(Practice, LeavingLetsGoOfTheRam) {
    ring(sim::Fault::None);
    click(find<QPushButton>("practiceAction"), {5, 5});
    EXPECT_TRUE(drill().pushing());
    EXPECT_EQ(told().action, "Release");
    key(Qt::Key_Escape);
    EXPECT_FALSE(drill().pushing());
    EXPECT_TRUE(window->jobView()->isVisible());
}

/// A whole job with something hidden, worked with keys and what stands on the screen.
class PracticeJob : public WindowTest {
protected:
    void SetUp() override {
        open("seamer-turret-upper");
        begin();
    }
    void begin() {
        key(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        ASSERT_TRUE(view()->isVisible());
        ASSERT_TRUE(QTest::qWaitFor([&] { return view()->walk() != nullptr; }, arbor::testing::kPatience_ms));
    }
    ui::LessonView* view() { return find<ui::LessonView>("lessonView"); }
    const words::Sheet& told() { return view()->slip()->sheet(); }
    const mistakes::LessonWalk& walk() { return *view()->walk(); }
    /// Another job in which something is hidden.
    void lesson(std::uint32_t seed) {
        const auto* before = view()->walk();
        view()->begin(seed);
        ASSERT_TRUE(
            QTest::qWaitFor([&] { return view()->walk() != before && !walk().grade(); }, arbor::testing::kPatience_ms));
    }
    /// On to the next scene; what is to be chosen is chosen rightly.
    void onwards() {
        const auto& choices = walk().scene().choices;
        for (std::size_t i = 0; i < choices.size(); ++i)
            if (choices[i].right) key(static_cast<Qt::Key>(Qt::Key_1 + i));
        key(Qt::Key_Return);
    }
    void hidden() {
        for (std::uint32_t seed = 1; seed < 20; ++seed) {
            lesson(seed);
            if (walk().lesson().hidden && walk().lesson().showsAt > 0) return;
        }
        FAIL() << "nothing is ever hidden";
    }
};

TEST_F(PracticeJob, IsWorkedToItsEndWithEnter) {
    EXPECT_TRUE(told().notes.empty()) << "nothing is told before the end";
    const auto scenes = walk().lesson().scenes.size();
    for (std::size_t i = 0; i < scenes; ++i) {
        EXPECT_FALSE(walk().grade());
        onwards();
    }
    ASSERT_TRUE(walk().grade());
    EXPECT_EQ(told().action, "Another job");
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(PracticeJob, ALetterNamesWhatIsWrongAndItIsCountedByName) {
    auto* name = find<QLineEdit>("lessonName");
    name->setText("Mira");
    QTest::keyClick(name, Qt::Key_Return);
    hidden();
    while (walk().at() < walk().lesson().showsAt)
        onwards();
    const auto reasons = mistakes::reasonsAt(walk().scene().station);
    const auto at = std::find(reasons.begin(), reasons.end(), walk().lesson().hidden);
    ASSERT_NE(at, reasons.end());
    const auto* family = *at;
    key(static_cast<Qt::Key>(Qt::Key_A + (at - reasons.begin())));
    ASSERT_TRUE(walk().grade());
    EXPECT_EQ(*walk().grade(), mistakes::LessonGrade::Right);
    EXPECT_TRUE(told().title.starts_with("Right"));
    EXPECT_EQ(told().notes.front().key, "shown_at");
    EXPECT_EQ(told().notes.back().key, "cost");
    EXPECT_EQ(view()->score().families.at(family->key).named, 1);
    name->setText("Jon");
    QTest::keyClick(name, Qt::Key_Return);
    EXPECT_EQ(view()->score().jobs(), 0) << "another name has a score of its own";
    name->setText("Mira");
    QTest::keyClick(name, Qt::Key_Return);
    EXPECT_EQ(view()->score().jobs(), 1);
}

TEST_F(PracticeJob, WhatIsToBeChosenIsChosenByItsNumberAndTheWrongOneSaysWhy) {
    std::uint32_t seed = 1;
    const auto choosing = [&] { return !walk().grade() && !walk().scene().choices.empty(); };
    for (; seed < 20; ++seed) {
        lesson(seed);
        while (!walk().grade() && !choosing())
            key(Qt::Key_Return);
        if (choosing()) break;
    }
    ASSERT_TRUE(choosing()) << "there is never anything to choose";
    const auto choices = walk().scene().choices;
    const auto wrong = static_cast<std::size_t>(
        std::find_if(choices.begin(), choices.end(), [](const auto& c) { return !c.right; }) - choices.begin());
    const auto right = static_cast<std::size_t>(
        std::find_if(choices.begin(), choices.end(), [](const auto& c) { return c.right; }) - choices.begin());
    const auto at = walk().at();
    key(Qt::Key_Return);
    EXPECT_EQ(walk().at(), at) << "first something is chosen";
    key(static_cast<Qt::Key>(Qt::Key_1 + wrong));
    ASSERT_FALSE(told().notes.empty());
    EXPECT_EQ(told().notes.front().key, "why_not");
    EXPECT_NE(told().notes.front().detail, "");
    key(Qt::Key_Return);
    EXPECT_EQ(walk().at(), at);
    find<QPushButton>(("choice" + std::to_string(right + 1)).c_str())->click();
    EXPECT_TRUE(told().verdict.starts_with("Right"));
    key(Qt::Key_Return);
    EXPECT_TRUE(walk().grade() || walk().at() == at + 1);
    while (!walk().grade())
        onwards();
    int met = 0, named = 0;
    for (const auto& [station, tally] : view()->score().choices)
        met += tally.met, named += tally.named;
    EXPECT_EQ(named, met - 1) << "one was not right at once";
}
