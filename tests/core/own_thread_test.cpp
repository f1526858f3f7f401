// No press at hand: the job's own nut or screws, and a bench vice [HB8]; drawings whose numbers are worked out by hand.
#include "core/plan/own_thread.h"
#include "support/steps.h"
#include "support/work.h"

#include <numbers>

using namespace arbor;
using namespace arbor::arrangement;
using arbor::testing::demoTables;
using arbor::testing::givenOf;
using arbor::testing::part;
using arbor::testing::said;
using arbor::testing::tube;
using arbor::testing::Work;

namespace {

standards::SizeSpec classOf(const char* text) {
    return standards::SizeSpec::ofClass(standards::parseToleranceClass(text).value());
}

/// A collar Ø30/Ø50 × 10 on a shaft Ø30, home on its shoulder at 20; a nut Ø24 over a washer holds it. The seat reaches
/// to 30, the thread from there as far as wanted.
job::Job collarUnderNut(double thread_mm, double washerBore_mm = 31) {
    auto job = Work::fresh(
        {{part("shaft", PartKind::Shaft, {tube(0, 20, 0, 60), tube(20, 30, 0, 30), tube(30, 30 + thread_mm, 0, 24)}),
          part("collar", PartKind::LockCollar, {tube(20, 30, 30, 50)}),
          part("washer", PartKind::Washer, {tube(30, 33, washerBore_mm, 48)}),
          part("nut", PartKind::Nut, {tube(33, 45, 24, 40)})},
         0,
         {{"collar", "shaft"}},
         {{"nut", "shaft"}}});
    for (auto& p : job.arrangement.assembly.parts)
        p.material = "carbon_steel";
    auto& joint = job.arrangement.assembly.pressed.front();
    joint.hole.size = classOf("H7");
    joint.shaft.size = classOf("p6");
    job.means = job::Means::Own;
    job.adjust.nut.pitch_mm = 1.5;
    return job;
}

const plan::StepPlan& stepOf(const Work& work, const char* key) {
    return work.plan.steps[plan::stepNamed(work.plan.steps, key).value()];
}

} // namespace

TEST(OwnThread, ANutThatReachesDrawsThePartHome) {
    const Work work(collarUnderNut(40));
    ASSERT_TRUE(work.plan.problems.empty()) << work.plan.problem()->field << work.plan.problem()->value;
    const auto& step = stepOf(work, "in:collar");
    ASSERT_TRUE(step.way() && step.way()->own);
    EXPECT_TRUE(step.way()->proven()) << step.way()->findings().front().key();
    const auto draws = said<found::OwnThreadDraws>(step.way()->findings());
    ASSERT_TRUE(draws);
    EXPECT_EQ(draws->thread, "M24x1.5");
    // Torque by the standard's statics: the work of one turn without friction is F P.
    const auto& force = work.plan.fits->seats[*step.step.seat].fit->pressForce_N;
    ASSERT_GT(force.likely, 0);
    const double leastArm = 1.5 / (2 * std::numbers::pi);
    EXPECT_GT(draws->least_Nm, force.least * leastArm / 1000) << "friction only adds";
    const double mean = (24 + 48) / 2.0 / 2, pitchRad = (24 - 0.649519 * 1.5) / 2;
    const double most = force.most * (pitchRad * 0.16 / std::cos(std::numbers::pi / 6) + leastArm + 0.16 * mean) / 1000;
    EXPECT_NEAR(draws->most_Nm, most, 0.02 * most) << "VDI 2230 in its short form";
}

TEST(OwnThread, OneThatIsTooShortTakesHoldOnlyOfTheEnd) {
    // Travel is 10: the seat's length. Home, the nut's face stands at 33; thread to 48 is 15 beyond it, 10 + 6 is
    // wanted.
    const Work work(collarUnderNut(18));
    const auto& step = stepOf(work, "in:collar");
    const plan::StepSetup* own = nullptr;
    for (const auto& way : step.tools->ways)
        if (way.own) own = &way;
    ASSERT_TRUE(own);
    EXPECT_FALSE(own->proven());
    const auto reach = said<found::OwnThreadReach>(own->findings());
    ASSERT_TRUE(reach);
    EXPECT_NEAR(reach->travel_mm, 10, 1e-6);
    EXPECT_NEAR(reach->lacking_mm, 1, 1e-6);
}

TEST(OwnThread, ANutThatMissesTheFaceIsStopped) {
    auto job = collarUnderNut(40);
    auto& washer = job.arrangement.assembly.parts[2];
    washer.bodies = {tube(30, 33, 49.5, 56)}; // it hangs on the outermost quarter millimetre
    const Work work(job);
    for (const auto& way : stepOf(work, "in:collar").tools->ways)
        EXPECT_FALSE(way.own && way.proven());
}

namespace {

/// A hub with a flange, drawn onto a shaft's seat Ø40 by four screws into the shaft's disc.
job::Job hubByScrews(double reach_mm, int count = 4) {
    auto job = Work::fresh({{part("shaft", PartKind::Shaft, {tube(0, 20, 0, 120), tube(20, 50, 0, 40)}),
                             part("hub", PartKind::Hub, {tube(20, 30, 40, 110), tube(30, 45, 40, 70)})},
                            0,
                            {{"hub", "shaft"}},
                            {},
                            {{"hub", "shaft", count, "M10x1.5", "8.8", reach_mm}}});
    for (auto& p : job.arrangement.assembly.parts)
        p.material = "carbon_steel";
    auto& joint = job.arrangement.assembly.pressed.front();
    joint.hole.size = classOf("H7");
    joint.shaft.size = classOf("n6");
    job.means = job::Means::Own;
    return job;
}

} // namespace

TEST(OwnThread, ScrewsShareTheForceAndGoCrosswise) {
    const Work work(hubByScrews(60));
    ASSERT_TRUE(work.plan.problems.empty()) << work.plan.problem()->field;
    const auto& way = *stepOf(work, "in:hub").way();
    ASSERT_TRUE(way.own);
    EXPECT_TRUE(way.proven());
    EXPECT_EQ(said<found::CrosswiseInSteps>(way.findings())->count, 4);
    EXPECT_FALSE(said<found::ScrewsLongEnough>(way.findings()));
    const Work two(hubByScrews(60, 2));
    EXPECT_NEAR(said<found::OwnThreadDraws>(stepOf(two, "in:hub").way()->findings())->most_Nm,
                2 * said<found::OwnThreadDraws>(way.findings())->most_Nm, 1e-9)
        << "half as many, twice the torque";
}

TEST(OwnThread, ScrewsMustReachOverTheTravel) {
    const Work work(hubByScrews(20)); // 30 of travel, the length of the shaft's seat, and 0.8 d
    const auto wanted = said<found::ScrewsLongEnough>(stepOf(work, "in:hub").way()->findings());
    ASSERT_TRUE(wanted);
    EXPECT_NEAR(wanted->more_mm, 30 + 8, 1e-6);
}

TEST(OwnThread, ATooThinScrewIsStopped) {
    auto job = hubByScrews(60, 2);
    job.arrangement.assembly.bolted.front().thread = "M3x0.5";
    job.arrangement.assembly.pressed.front().shaft.size = classOf("s6");
    const Work work(job);
    bool stopped = false;
    for (const auto& way : stepOf(work, "in:hub").tools->ways)
        stopped = stopped || (way.own && !way.proven() && said<found::BoltOverstressed>(way.findings()));
    EXPECT_TRUE(stopped);
}

TEST(OwnThread, WithoutAnyTheOtherMeansAreOffered) {
    auto job = collarUnderNut(40);
    job.arrangement.assembly.threaded.clear();
    job.arrangement.assembly.parts.pop_back();
    const Work work(job);
    for (const auto& way : stepOf(work, "in:collar").tools->ways)
        EXPECT_FALSE(way.own);
}

TEST(Vice, IsAPressWhoseForceNobodyKnows) {
    auto tables = demoTables();
    auto vice = *tables.rack.press("P30");
    vice.id = "V1";
    vice.kind = catalog::PressKind::Vice;
    vice.pistonDia_mm = 0;
    vice.bedOpening_mm = 0;
    vice.ramFootDia_mm = 120;
    tables.rack.presses.push_back(vice);
    auto job = arbor::testing::demoJob("steam-kettle-seal");
    job.means = job::Means::Vice;
    const auto plan = plan::planJob(job, tables, {{}, {}, true, {}});
    bool drawn = false;
    for (const auto& step : plan.steps)
        for (const auto& way : step.tools->ways) {
            if (!way.pressed || !way.pressed->choice || !way.pressed->choice->press) continue;
            EXPECT_EQ(way.pressed->choice->press->id, "V1") << "no other press is asked";
            EXPECT_TRUE(said<found::InTheVice>(foreman::atSetUp(plan, step, &way)));
            drawn = true;
        }
    EXPECT_TRUE(drawn);
    job.means = job::Means::Press;
    job.press.clear();
    EXPECT_EQ(plan::planJob(job, tables).press->id, "P30") << "none is said: the first that is no vice";
    tables.rack.presses = {vice};
    const auto viceOnly = plan::planJob(job, tables);
    EXPECT_EQ(viceOnly.press, nullptr);
    EXPECT_TRUE(viceOnly.problems.empty()) << "a shop with a vice alone is a shop";
    tables.rack.presses = demoTables().rack.presses;
    tables.rack.presses.push_back(vice);
    for (const auto& step : plan::planJob(job, tables, {{}, {}, true, {}}).steps)
        for (const auto& way : step.tools->ways) {
            if (!way.pressed || !way.pressed->choice || !way.pressed->choice->press) continue;
            EXPECT_NE(way.pressed->choice->press->id, "V1") << "a vice is asked for by name";
        }
}
