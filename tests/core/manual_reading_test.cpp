// A press without a transducer: needle, wrench, hammer. Expected values are worked by hand from the thread, the piston
// and straight lines.
#include "core/plan/manual_reading.h"
#include "core/plan/plan_job.h"
#include "core/plan/step_record.h"
#include "support/shop.h"
#include "support/steps.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::inHand;
using arbor::testing::ownStep;
using job::ManualMeans;
using job::ManualPress;
using job::ManualSign;
using plan::ManualReading;
using trace::Verdict;

namespace {

constexpr double kHome_mm = 20, kPerMm_N = 500;
constexpr double kNewtonPerBar = 441.786; // 75 mm piston: pi/4 75^2 mm2 at 0.1 MPa

trace::Expected band() {
    return trace::expectTrace({kHome_mm, kHome_mm, {8000, 10000, 12000}, [](double x) { return std::max(0.0, x); }});
}

Result<ManualReading> read(const ManualPress& hand, const char* press = "P30") {
    trace::AnalysisInput in;
    in.friction = Interval{0.08, 0.12};
    return plan::readByHand(hand, band(), demoTables().rack.press(press), demoTables().rack, in);
}

/// What a needle shows on a straight slide, to half a bar, and held at the end.
ManualPress needle(double until_mm, double factor, double hold_N) {
    ManualPress hand;
    for (double x = 2; x < until_mm; x += 2)
        hand.points.push_back({x, std::round(2 * factor * kPerMm_N * x / kNewtonPerBar) / 2});
    hand.points.push_back({until_mm, std::round(2 * hold_N / kNewtonPerBar) / 2});
    return hand;
}

ManualPress hammer(std::map<ManualSign, bool> signs) {
    return {ManualMeans::Hammer, {}, {}, std::move(signs)};
}

template <class Kind>
bool says(const trace::Analysis& a) {
    return std::any_of(a.findings.begin(), a.findings.end(), [&](const Advice& f) { return f.is<Kind>(); });
}

} // namespace

TEST(ManualReading, ANeedleIsForceByThePiston) {
    const auto got = read({ManualMeans::Gauge, {}, {{4, 10}, {8, 20}}, {}});
    ASSERT_TRUE(got);
    ASSERT_EQ(got->trace.size(), 2u);
    EXPECT_EQ(got->trace[1].travel_mm, 8);
    EXPECT_NEAR(got->trace[1].force_N, 20 * kNewtonPerBar, 1);
}

TEST(ManualReading, TenPointsOfANeedleProveAGoodPress) {
    const auto got = read(needle(kHome_mm, 1, 13500));
    ASSERT_TRUE(got);
    EXPECT_EQ(got->analysis.verdict, Verdict::Home);
    ASSERT_TRUE(got->analysis.friction);
    EXPECT_NEAR(*got->analysis.friction, 0.1, 0.005);
}

TEST(ManualReading, TheNeedleTellsABadOne) {
    EXPECT_EQ(read(needle(15, 1, 13500))->analysis.verdict, Verdict::Short);
    EXPECT_EQ(read(needle(kHome_mm, 2, 26000))->analysis.verdict, Verdict::AboveBand);
    EXPECT_EQ(read(needle(kHome_mm, 0.2, 13500))->analysis.verdict, Verdict::Loose);
    auto crooked = needle(kHome_mm, 1, 13500);
    crooked.points[0].shown = 20; // 8.8 kN at 2 mm, where 1.2 would be the most
    EXPECT_EQ(read(crooked)->analysis.verdict, Verdict::CockedStart);
}

TEST(ManualReading, GraduationIsTheCoarsestThatFits) {
    const auto of = [](std::initializer_list<double> shown) {
        std::vector<job::HandPoint> points;
        for (const double s : shown)
            points.push_back({0, s});
        return plan::graduationOf(points);
    };
    EXPECT_EQ(of({0, 35, 70, 105}), 5);
    EXPECT_EQ(of({40, 80}), 10);
    EXPECT_EQ(of({2, 6}), 2);
    EXPECT_EQ(of({1.5, 3}), 0.5);
    EXPECT_EQ(of({3.3, 4.7}), 0.1);
}

/// M20x2.5 with a thrust bearing of 40 mm mean: T/F = 0.159 P + 0.578 d2 mu + Dkm/2 mu_head, with 0.12 and 0.0065
/// 0.3975 + 1.2746 + 0.13 = 1.802 mm; at least 1.307, at most 2.297.
TEST(ManualReading, AWrenchShowsTheTorqueOfItsThread) {
    const ManualPress hand{ManualMeans::Wrench, "B01", {}, {}};
    const auto shown = plan::onTheWrench(hand, demoTables().rack, {10000, 10000, 10000});
    ASSERT_TRUE(shown);
    EXPECT_NEAR(shown->torque_Nm.likely, 18.02, 0.02 * 18);
    EXPECT_NEAR(shown->torque_Nm.least, 13.07, 0.02 * 13);
    EXPECT_NEAR(shown->torque_Nm.most, 22.97, 0.02 * 23);
    EXPECT_NEAR(shown->turnsPer_mm * kHome_mm, 8, 1e-12); // 20 mm at 2.5 a turn
    EXPECT_FALSE(plan::onTheWrench({}, demoTables().rack, {1, 1, 1}));
}

TEST(ManualReading, TurnsAreTravelAndTheBandIsAsWideAsTheFriction) {
    ManualPress hand{ManualMeans::Wrench, "B01", {}, {}};
    for (int turn = 1; turn <= 7; ++turn)
        hand.points.push_back({1.0 * turn, std::round(1.802 * kPerMm_N * 2.5 * turn / 1000)});
    hand.points.push_back({8, 27});
    const auto got = read(hand);
    ASSERT_TRUE(got);
    EXPECT_NEAR(got->trace[1].travel_mm, 5, 1e-12);
    EXPECT_NEAR(got->trace[1].force_N, 2500, 300); // read to a newton metre
    EXPECT_EQ(got->analysis.verdict, Verdict::Home);
    EXPECT_FALSE(got->analysis.friction); // the thread's own is not known well enough
    EXPECT_TRUE(says<found::HandBandWide>(got->analysis));
    EXPECT_NEAR(got->expected.end_N.least / band().end_N.least, 1.307 / 1.802, 0.01);
    EXPECT_NEAR(got->expected.end_N.most / band().end_N.most, 2.297 / 1.802, 0.01);
    EXPECT_EQ(got->expected.end_N.likely, band().end_N.likely);
}

TEST(ManualReading, AHammerProvesNothingButMayForbid) {
    using S = ManualSign;
    const auto verdict = [](std::map<S, bool> signs) { return read(hammer(std::move(signs)))->analysis.verdict; };
    EXPECT_EQ(verdict({{S::EvenGap, true}, {S::Ringing, true}, {S::Stopped, true}}), Verdict::Stands);
    EXPECT_EQ(verdict({{S::EvenGap, false}, {S::Ringing, true}, {S::Stopped, true}}), Verdict::CockedStart);
    EXPECT_EQ(verdict({{S::EvenGap, true}, {S::Ringing, true}, {S::Stopped, false}}), Verdict::Short);
    EXPECT_EQ(verdict({{S::EvenGap, true}, {S::Ringing, false}, {S::Stopped, true}}), Verdict::NotProven);
    EXPECT_EQ(verdict({{S::Stopped, true}}), Verdict::NotEnough); // the others were not looked for
    const auto all = read(hammer({{S::EvenGap, true}, {S::Ringing, true}, {S::Stopped, true}}))->analysis;
    EXPECT_TRUE(says<found::HandNoForce>(all));
    EXPECT_FALSE(all.stop());
    EXPECT_TRUE(read(hammer({{S::EvenGap, false}}))->analysis.stop());
}

TEST(ManualReading, WhatIsMissingIsNamed) {
    EXPECT_EQ(read({}).error().field, "hand/points");
    const auto noGauge = read(needle(10, 1, 5000), "P2");
    ASSERT_FALSE(noGauge);
    EXPECT_EQ(noGauge.error().field, "hand/means");
    const auto noBolt = read({ManualMeans::Wrench, "B99", {{1, 5}}, {}});
    ASSERT_FALSE(noBolt);
    EXPECT_EQ(noBolt.error().code, ProblemCode::UnknownName);
    EXPECT_EQ(noBolt.error().field, "hand/bolt");
}

TEST(ManualReading, TheJobLooksAtItWhenThereIsNoTrace) {
    auto job = demoJob("seamer-turret-upper");
    ownStep(job).hand.points = {{4, 10}, {8, 20}};
    const auto plain = plan::planJob(job, demoTables());
    ASSERT_TRUE(inHand(plain).hand);
    ASSERT_TRUE(inHand(plain).trace);
    const auto both =
        plan::planJob(job, demoTables(), arbor::testing::traced(job, {{0, 0, 0}, {1, 5, 900}, {2, 9, 1500}}));
    EXPECT_FALSE(inHand(both).hand);
    EXPECT_TRUE(inHand(both).trace);
    ownStep(job).hand = hammer({{ManualSign::EvenGap, false}});
    EXPECT_EQ(plan::planJob(job, demoTables()).marks.at(job::Station::Press), plan::Mark::Stop);
    job.press = "P2";
    ownStep(job).hand = {ManualMeans::Gauge, {}, {{4, 10}}, {}};
    const auto noGauge = plan::planJob(job, demoTables());
    ASSERT_TRUE(noGauge.problem());
    EXPECT_EQ(noGauge.problem()->field, "steps/in:bearing/hand/means");
}

TEST(ManualReading, TheRecordSaysOnlyWhatWasRead) {
    auto job = demoJob("seamer-turret-upper");
    const auto recorded = [&] {
        const auto p = plan::planJob(job, demoTables());
        return plan::makeRecord(job, p, inHand(p), "A", "2026-11-26T10:00:00", {});
    };
    ownStep(job).hand = hammer({{ManualSign::EvenGap, true}, {ManualSign::Ringing, true}, {ManualSign::Stopped, true}});
    EXPECT_EQ(recorded().pressVerdict, "stands");
    EXPECT_FALSE(recorded().peakForce_N);
    EXPECT_FALSE(recorded().friction);
    ownStep(job).hand = {ManualMeans::Gauge, {}, {{4, 1}, {8, 2}, {12, 3}, {16, 4}, {44, 6}}, {}};
    ASSERT_TRUE(recorded().peakForce_N);
    EXPECT_NEAR(*recorded().peakForce_N, 6 * kNewtonPerBar, 1);
    EXPECT_NEAR(*recorded().endTravel_mm, 44, 1e-9);
}

TEST(ManualReading, AWarmedSeatWatchesForTheGrip) {
    auto job = demoJob("seamer-turret-upper");
    const auto watches = [&] {
        const auto p = plan::planJob(job, demoTables());
        return std::any_of(inHand(p).press->watch.begin(), inHand(p).press->watch.end(),
                           [](const Advice& a) { return a.is<found::WatchGrip>(); });
    };
    EXPECT_FALSE(watches()); // nothing has been warmed yet
    ownStep(job).done.insert(job::Station::Warm);
    EXPECT_TRUE(watches());
    ownStep(job).heat.pressCold = true;
    EXPECT_FALSE(watches());
}
