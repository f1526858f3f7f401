// A release that is taken back stops what rests on it [HB8].
#include "core/foreman/foreman.h"
#include "support/shop.h"
#include "support/steps.h"
#include "support/work.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::said;
using arbor::testing::Work;

TEST(Release, TakenBackStopsWhatComesAfterIt) {
    auto job = arbor::testing::demoJob("trolley-line-sheave");
    Work work(job);
    std::vector<job::StepKey> in;
    for (const auto& step : work.plan.steps)
        if (!step.step.out) in.push_back(step.step.id);
    ASSERT_GE(in.size(), 2u);
    const auto stops = [&](const job::StepKey& key) {
        return said<found::ReleaseTakenBack>(work.plan.step(key)->blocked).has_value();
    };
    job::setDone(work.job, job::Station::Seat, &in[0], true);
    work.again();
    EXPECT_FALSE(stops(in[1]));
    job::setDone(work.job, job::Station::Seat, &in[0], false);
    work.again();
    EXPECT_FALSE(stops(in[0])) << "it may be proven again";
    EXPECT_TRUE(stops(in[1]));
    EXPECT_EQ(work.plan.step(in[1])->marks.at(job::Station::Press), plan::Mark::Stop);
    job::setDone(work.job, job::Station::Seat, &in[0], true);
    work.again();
    EXPECT_FALSE(stops(in[1])) << "released again";
    job::setDone(work.job, job::Station::Measure, nullptr, true);
    job::setDone(work.job, job::Station::Measure, nullptr, false);
    work.again();
    for (const auto& key : in)
        EXPECT_TRUE(stops(key)) << "nothing goes in until it is measured";
}

TEST(Release, AMachineWhoseReleaseWasTakenBackDoesNotGoBack) {
    auto job = arbor::testing::demoJob("seamer-turret-upper");
    EXPECT_FALSE(said<found::ReleaseTakenBack>(Work(job).plan.closing));
    job::release(job.closing, {}, {});
    EXPECT_FALSE(job.closing.takenBack) << "it was never released";
    job::release(job.closing, "the foreman", "2026-11-24T10:00:00");
    job::release(job.closing, {}, {});
    const Work work(job);
    EXPECT_TRUE(said<found::ReleaseTakenBack>(work.plan.closing));
    EXPECT_EQ(work.plan.marks.at(job::Station::Close), plan::Mark::Stop);
    job::release(job.closing, "the foreman", "2026-11-24T10:00:00");
    EXPECT_FALSE(said<found::ReleaseTakenBack>(Work(job).plan.closing));
}
