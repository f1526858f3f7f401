// What a plan keeps of the search for tools, and what the search asks of a setup.
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "words/sentences.h"

#include <gtest/gtest.h>
#include <memory>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::hole;

/// The search asks only whether a setup holds; the answer is that of the whole proof.
TEST(ToolSearch, ASetupHoldsWhereItsProofDoes) {
    int proven = 0, stopped = 0;
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "brine-agitator"}) {
        plan::Asked asked;
        asked.everyStep = true;
        const auto p = plan::planJob(demoJob(name), demoTables(), asked);
        for (const auto& planned : p.steps)
            for (const auto& way : planned.tools->ways) {
                if (!way.pressed || !way.pressed->choice) continue;
                for (const auto& task : planned.step.tasks) { // those of the other way are wrong ones
                    const bool holds = tooling::holds(task, *way.pressed->choice, planned.step.load);
                    EXPECT_EQ(holds, tooling::proveSetup(task, *way.pressed->choice, planned.step.load).holds())
                        << planned.step.key;
                    ++(holds ? proven : stopped);
                }
            }
    }
    EXPECT_GT(proven, 20);
    EXPECT_GT(stopped, 20);
}

// An edit that changes nothing a step is searched from must not search again; one that does, must.
TEST(ToolMemory, SaysWhatASearchWouldSayAndSearchesOnlyWhatChanged) {
    auto job = demoJob("seamer-turret-upper");
    plan::Asked asked;
    asked.everyStep = true;
    asked.memory = std::make_shared<plan::ToolMemory>();
    const auto first = plan::planJob(job, demoTables(), asked);
    const auto sameAs = [&](const plan::Plan& p) {
        int same = 0;
        for (std::size_t i = 0; i < p.steps.size(); ++i)
            same += p.steps[i].tools == first.steps[i].tools; // the very same search
        return same;
    };
    const auto steps = static_cast<int>(first.steps.size());
    job.intake.complaint = "hot";
    EXPECT_EQ(sameAs(plan::planJob(job, demoTables(), asked)), steps);
    job.steps[{{"bearing", "spindle"}, false}].overrides.support = "P30";
    EXPECT_EQ(sameAs(plan::planJob(job, demoTables(), asked)), steps - 1);
    hole(job).measured = standards::MeasuredSize{"61.980", 61.980};
    EXPECT_LT(sameAs(plan::planJob(job, demoTables(), asked)), steps - 1) << "another force, other tools";
    const auto kept = plan::planJob(job, demoTables(), asked);
    asked.memory.reset();
    const auto anew = plan::planJob(job, demoTables(), asked);
    for (std::size_t i = 0; i < kept.steps.size(); ++i) {
        const auto *a = kept.steps[i].setup(), *b = anew.steps[i].setup();
        ASSERT_EQ(a == nullptr, b == nullptr);
        if (!a || !a->choice) continue;
        EXPECT_EQ(a->choice->driver, b->choice->driver);
        EXPECT_EQ(a->choice->support, b->choice->support);
        const auto said = [](const AdviceList& list) {
            std::string all;
            for (const auto& advice : list)
                all += words::say(advice, words::Display()).line() + "\n";
            return all;
        };
        EXPECT_EQ(said(a->proof.findings), said(b->proof.findings)) << kept.steps[i].step.key;
    }
}
