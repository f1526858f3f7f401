// Tightening order and stages, the run-in, and what a seat's proof asks for; all by hand.
#include "core/closing/closing.h"
#include "core/plan/plan_job.h"
#include "core/plan/proof_plan.h"
#include "support/shop.h"
#include "support/steps.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::inHand;
using arbor::testing::ownStep;
using closing::RunInVerdict;
using job::Fastener;
using job::Pattern;
using job::SeatCheck;

namespace {

template <class Kind>
bool says(const AdviceList& list) {
    return std::any_of(list.begin(), list.end(), [&](const Advice& a) { return a.is<Kind>(); });
}

Fastener screws() {
    Fastener f;
    f.name = "Plate screws";
    f.count = 4;
    f.torque_Nm = 60;
    f.stages = 3;
    f.read_Nm = 60;
    return f;
}

job::RunIn run(std::vector<job::RunInReading> readings) {
    return {20, 40, std::move(readings)};
}

} // namespace

TEST(Tightening, AStarGoesAcross) {
    EXPECT_EQ(closing::order(4, Pattern::Star), (std::vector<int>{0, 2, 1, 3}));
    EXPECT_EQ(closing::order(6, Pattern::Star), (std::vector<int>{0, 3, 1, 4, 2, 5}));
    EXPECT_EQ(closing::order(5, Pattern::Round), (std::vector<int>{0, 1, 2, 3, 4}));
    EXPECT_EQ(closing::order(1, Pattern::Star), (std::vector<int>{0}));
}

TEST(Tightening, EveryStarTakesEachBoltOnceAndNeverItsNeighbour) {
    for (int count = 5; count <= 24; ++count) {
        const auto order = closing::order(count, Pattern::Star);
        EXPECT_EQ(std::set<int>(order.begin(), order.end()).size(), static_cast<std::size_t>(count));
        for (std::size_t i = 1; i + 2 < order.size(); ++i) { // the last ones have no choice
            const int apart = std::abs(order[i] - order[i - 1]);
            EXPECT_GT(std::min(apart, count - apart), 1) << count << " bolts, step " << i;
        }
    }
}

TEST(Tightening, StagesAreEvenSteps) {
    EXPECT_NEAR(closing::stage_Nm(screws(), 1), 20, 1e-12);
    EXPECT_NEAR(closing::stage_Nm(screws(), 3), 60, 1e-12);
    EXPECT_NEAR(closing::stage_Nm(screws(), 9), 60, 1e-12);
}

TEST(Tightening, SaysWhatIsStillToDoAndWhatIsWrong) {
    auto f = screws();
    EXPECT_TRUE(closing::judge(f).empty());
    f.read_Nm = 63.1; // 5.2 % over
    EXPECT_TRUE(says<found::TorqueOff>(closing::judge(f)));
    f.read_Nm = 57.5; // 4.2 % under
    EXPECT_TRUE(closing::judge(f).empty());
    f.read_Nm.reset();
    EXPECT_TRUE(says<found::NotTightened>(closing::judge(f)));
    f.oneTime = true;
    EXPECT_EQ(worst(closing::judge(f)), Severity::Stop);
    f.renewed = true;
    f.locking = job::Locking::Tab;
    EXPECT_TRUE(says<found::NotLocked>(closing::judge(f)));
    f.locked = true;
    f.read_Nm = 60;
    EXPECT_TRUE(closing::judge(f).empty());
    f.stages = 0;
    EXPECT_EQ(closing::check(f).error().field, "stages");
}

TEST(RunIn, RisesSettlesOrGetsTooHot) {
    EXPECT_EQ(closing::judge(run({})).verdict, RunInVerdict::NotRun);
    EXPECT_EQ(closing::judge(run({{15, 38}})).verdict, RunInVerdict::Rising);
    const auto rising = closing::judge(run({{15, 38}, {30, 44}}));
    EXPECT_EQ(rising.verdict, RunInVerdict::Rising);
    EXPECT_NEAR(rising.perHour_K, 24, 1e-12);
    EXPECT_NEAR(rising.rise_K, 24, 1e-12);
    EXPECT_EQ(closing::judge(run({{15, 38}, {30, 44}, {45, 44.5}})).verdict, RunInVerdict::Settled);
    EXPECT_EQ(closing::judge(run({{30, 44}, {31, 44}})).verdict, RunInVerdict::Rising); // a minute proves nothing
    EXPECT_EQ(closing::judge(run({{15, 61}, {30, 50}})).verdict, RunInVerdict::TooHot); // it was, once
}

TEST(SeatChecks, AsksForTheRetainingRingWhereThereIsAGroove) {
    auto job = demoJob("seamer-turret-upper");
    const auto plan = plan::planJob(job, demoTables());
    const auto& wanted = inHand(plan).checks;
    EXPECT_TRUE(wanted.contains(SeatCheck::GrooveAllRound));
    EXPECT_TRUE(wanted.contains(SeatCheck::Turns));
    EXPECT_TRUE(says<found::CheckMissing>(inHand(plan).proof));
    EXPECT_TRUE(says<found::RingNotProbed>(inHand(plan).proof));
    const auto cup = demoJob("conveyor-tail-drum");
    const auto drum = plan::planJob(cup, demoTables());
    EXPECT_FALSE(inHand(drum).checks.contains(SeatCheck::GrooveAllRound));
    EXPECT_FALSE(inHand(drum).checks.contains(SeatCheck::InnerStays)); // a cup has none
}

TEST(SeatChecks, IsWholeWhenEverythingWasLookedAt) {
    auto job = demoJob("seamer-turret-upper");
    const auto again = [&] { return plan::planJob(job, demoTables()); };
    int looks = 0;
    for (auto plan = again(); const auto next = plan::nextLook(ownStep(job).proof, plan.steps, inHand(plan));
         plan = again(), ++looks) {
        if (next->check)
            ownStep(job).proof.checks[*next->check] = true;
        else
            ownStep(job).proof.probed.insert(next->hour);
        ASSERT_LT(looks, 30);
    }
    const auto whole = again();
    EXPECT_EQ(looks, static_cast<int>(inHand(whole).checks.size()) + plan::kProbes);
    const auto proof = [&] { return inHand(again()).proof; };
    EXPECT_TRUE(proof().empty());
    ownStep(job).proof.checks[SeatCheck::RingSide] = false;
    EXPECT_EQ(worst(proof()), Severity::Stop);
    ownStep(job).proof.signedBy = "Ilse Marden";
    EXPECT_FALSE(plan::isSigned(ownStep(job).proof)); // a name alone is no reason
    ownStep(job).proof.reason = "ring is to be turned tomorrow";
    EXPECT_TRUE(says<found::SignedFor>(proof()));
}

/// 160e-7 x 2 x dm^3: at 50 mm 4 N mm, three times that when cold, ten times with seals.
TEST(SeatChecks, DragAgainstWhatABearingTakes) {
    EXPECT_NEAR(plan::greatestDrag_Nm(50, false), 0.012, 1e-9);
    EXPECT_NEAR(plan::greatestDrag_Nm(50, true), 0.040, 1e-9);
    auto job = demoJob("seamer-turret-upper");
    ownStep(job).proof.pull_N = 50;
    ownStep(job).proof.radius_mm = 40; // 2 N m
    EXPECT_TRUE(says<found::DragHigh>(inHand(plan::planJob(job, demoTables())).proof));
}
