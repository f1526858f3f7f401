// Practice: what is asked of whoever works the press, and how it is graded.
#include "practice/drill.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using practice::Drill;
using practice::Exercise;
using practice::Grade;
using sim::Fault;
using trace::Verdict;

namespace {

constexpr double kLook_s = 0.05, kLongest_s = 60;

Exercise exerciseOf(Fault fault, unsigned seed) {
    std::mt19937 hand(seed);
    return practice::someExercise(fault, hand);
}

trace::Analysis soFar(const Drill& drill) {
    trace::AnalysisInput in;
    in.ongoing = true;
    return trace::analyse(drill.trace(), drill.exercise().expected, in);
}

double forceNow(const Drill& drill) {
    return drill.trace().empty() ? 0 : drill.trace().back().force_N;
}

/// Pushes until something is true, or for a long time.
template <class Until>
void pushUntil(Drill& drill, Until until) {
    drill.push(true);
    for (double t = 0; t < kLongest_s && !until(); t += kLook_s)
        drill.run(kLook_s);
    drill.push(false);
}

/// Somebody who lets go at the first certain sign, or when it is held, and knows what it was.
Verdict workWell(Drill& drill) {
    const double hold = drill.exercise().expected.hold_N.likely;
    trace::Analysis a;
    pushUntil(drill, [&] {
        a = soFar(drill);
        return a.stop() || (a.verdict == Verdict::Home && forceNow(drill) > hold);
    });
    drill.run(1);
    if (a.stop()) return a.verdict;
    trace::AnalysisInput in;
    return trace::analyse(drill.trace(), drill.exercise().expected, in).verdict;
}

Grade gradeOf(Drill& drill, Verdict call) {
    drill.call(call);
    return drill.outcome()->grade;
}

} // namespace

TEST(Drill, WhoReadsTheTraceIsRightNearlyAlways) {
    int all = 0, right = 0;
    for (const auto fault : sim::kFaults) {
        if (fault == Fault::StoppedShort) continue;
        for (unsigned seed = 1; seed <= 8; ++seed) {
            Drill drill(exerciseOf(fault, seed), seed);
            const auto call = workWell(drill);
            ++all;
            right += gradeOf(drill, call) == Grade::Right;
        }
    }
    EXPECT_GE(right, 0.95 * all) << right << " of " << all;
}

TEST(Drill, ABadPressCalledHomeIsMissed) {
    for (const auto fault : {Fault::CockedStart, Fault::Chip, Fault::LooseBore, Fault::SupportSlips}) {
        Drill drill(exerciseOf(fault, 3), 3);
        pushUntil(drill, [&] { return forceNow(drill) > drill.exercise().expected.hold_N.likely; });
        EXPECT_EQ(gradeOf(drill, Verdict::Home), Grade::Missed);
        EXPECT_EQ(drill.outcome()->points(), 0);
    }
}

TEST(Drill, HalfWayIsNotHome) {
    Drill drill(exerciseOf(Fault::None, 4), 4);
    pushUntil(drill, [&] {
        return !drill.trace().empty() && drill.trace().back().travel_mm > 0.5 * drill.exercise().expected.homeTravel_mm;
    });
    EXPECT_EQ(gradeOf(drill, Verdict::Home), Grade::NotHome);
}

TEST(Drill, StoppingAGoodOneIsAFalseAlarmAndStoppingBlindAGuess) {
    Drill good(exerciseOf(Fault::None, 5), 5);
    pushUntil(good, [&] { return !good.trace().empty() && good.trace().back().travel_mm > 3; });
    EXPECT_EQ(gradeOf(good, Verdict::Galling), Grade::FalseAlarm);
    Drill blind(exerciseOf(Fault::Chip, 5), 5);
    blind.run(0.2);
    EXPECT_EQ(gradeOf(blind, Verdict::Short), Grade::Guess);
    EXPECT_FALSE(blind.outcome()->certainAt_mm);
}

TEST(Drill, TheWrongReasonAndPushingOnCostPoints) {
    Drill wrong(exerciseOf(Fault::CockedStart, 6), 6);
    workWell(wrong);
    EXPECT_EQ(gradeOf(wrong, Verdict::SoftEnd), Grade::WrongReason);
    EXPECT_EQ(wrong.outcome()->points(), 1);
    Drill late(exerciseOf(Fault::CockedStart, 6), 6);
    pushUntil(late, [&] {
        return !late.trace().empty() && late.trace().back().travel_mm > 0.8 * late.exercise().expected.homeTravel_mm;
    });
    EXPECT_EQ(gradeOf(late, Verdict::CockedStart), Grade::Late);
    EXPECT_EQ(late.outcome()->points(), 2);
    EXPECT_GT(late.outcome()->letGoAt_mm, *late.outcome()->certainAt_mm);
}

TEST(Drill, TheReliefValveEndsTheForce) {
    Drill drill(exerciseOf(Fault::None, 7), 7);
    drill.push(true);
    drill.run(30);
    EXPECT_GT(forceNow(drill), 0.9 * drill.exercise().expected.hold_N.most);
    EXPECT_EQ(gradeOf(drill, Verdict::Home), Grade::Right);
}

TEST(Drill, TheRamStandsUnlessItIsPushed) {
    Drill drill(exerciseOf(Fault::None, 8), 8);
    drill.run(1);
    ASSERT_EQ(drill.trace().size(), 200u); // one every 5 ms
    EXPECT_NEAR(drill.trace().back().travel_mm, drill.trace().front().travel_mm, 0.05);
    drill.push(true);
    drill.run(1);
    EXPECT_GT(drill.trace().back().travel_mm, drill.trace().front().travel_mm + 1);
}

TEST(Drill, NothingMovesAfterTheCall) {
    Drill drill(exerciseOf(Fault::None, 9), 9);
    drill.run(0.5);
    drill.call(Verdict::Loose);
    const auto samples = drill.trace().size();
    drill.push(true);
    drill.run(1);
    drill.call(Verdict::Home);
    EXPECT_FALSE(drill.pushing());
    EXPECT_EQ(drill.trace().size(), samples);
    EXPECT_EQ(drill.outcome()->called, Verdict::Loose);
}

TEST(Drill, TheSameStreamGivesTheSamePress) {
    Drill one(exerciseOf(Fault::Galling, 11), 2), two(exerciseOf(Fault::Galling, 11), 2),
        other(exerciseOf(Fault::Galling, 11), 3);
    for (auto* drill : {&one, &two, &other}) {
        drill->push(true);
        drill->run(3);
    }
    EXPECT_EQ(one.trace(), two.trace());
    EXPECT_NE(one.trace(), other.trace());
}

TEST(Exercise, OneInFourIsGoodAndEveryFaultComes) {
    std::mt19937 hand(12);
    std::map<Fault, int> count;
    constexpr int kMany = 4000;
    for (int i = 0; i < kMany; ++i)
        ++count[practice::nextExercise(hand).fault];
    EXPECT_NEAR(count[Fault::None] / static_cast<double>(kMany), 0.25, 0.03);
    EXPECT_EQ(count.count(Fault::StoppedShort), 0u);
    for (const auto& [fault, times] : count)
        if (fault != Fault::None) {
            EXPECT_NEAR(times, 300, 75);
        }
    EXPECT_EQ(count.size(), std::size(sim::kFaults) - 1);
}

TEST(Exercise, EveryFaultIsShownByACallThatCanBeMade) {
    for (const auto fault : sim::kFaults)
        EXPECT_NE(std::find(std::begin(practice::kCalls), std::end(practice::kCalls), practice::shownBy(fault)),
                  std::end(practice::kCalls));
}

TEST(Score, CountsWhatWasMetAndWhatWasKnown) {
    practice::Score score;
    practice::Outcome o;
    o.truth = Verdict::Galling;
    o.grade = Grade::Late;
    score.add(o);
    o.grade = Grade::WrongReason;
    score.add(o);
    o.truth = Verdict::Home;
    o.grade = Grade::Right;
    score.add(o);
    EXPECT_EQ(score.drills(), 3);
    EXPECT_EQ(score.points, 2 + 1 + 3);
    EXPECT_EQ(score.signs[Verdict::Galling].met, 2);
    EXPECT_EQ(score.signs[Verdict::Galling].known, 1);
}
