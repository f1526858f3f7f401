// What the logbook keeps of a press: made of a job, as JSON and back, and as a table.
#include "log/entry_json.h"
#include "support/log_entries.h"
#include "support/shop.h"
#include "support/steps.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::ownStep;
using arbor::testing::press;

TEST(LogEntry, NoFieldOfATableIsTakenForAFormula) {
    auto entry = press(1);
    entry.notes = "=HYPERLINK(\"x\")";
    entry.who = "-2+3";
    const auto csv = log::toCsv({entry});
    EXPECT_NE(csv.find("'=HYPERLINK"), std::string::npos);
    EXPECT_NE(csv.find("'-2+3"), std::string::npos);
    entry.notes = "-2";
    EXPECT_EQ(log::toCsv({entry}).find("'-2,"), std::string::npos) << "a number is a number";
}

TEST(LogEntry, OfAClosedJob) {
    const auto job = demoJob("exhaust-fan-carrier");
    const auto all = log::entriesOf(job, demoTables(), "{}");
    ASSERT_EQ(all.size(), 1u) << "closed when a job knew one press";
    EXPECT_EQ(all[0].jobId, job.id);
    EXPECT_EQ(all[0].who, job.record->who);
    EXPECT_FALSE(all[0].family.empty());
    EXPECT_NEAR(*all[0].expected_N, job.record->pressForce_N.likely, 1e-9);
    EXPECT_TRUE(log::entriesOf(demoJob("seamer-turret-upper"), demoTables(), "{}").empty()); // not closed
}

TEST(LogEntry, IsOneForEachStepThatHasARecord) {
    auto job = demoJob("exhaust-fan-carrier");
    auto& collar = job.steps[{{"collar", "shaft"}, false}];
    collar.record = *job.record;
    collar.record->entry = "J@then in:collar+shaft";
    collar.heat.clocks = {{job::Clock::What::Outer, "2026-11-20T13:20:00", 1800}};
    collar.record->when = "2026-11-20T14:05:00";
    auto& out = job.steps[{{"collar", "shaft"}, true}].record.emplace();
    out.when = "2026-11-20T09:00:00";
    out.verdict = "out";
    const auto all = log::entriesOf(job, demoTables(), "{}");
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].id, "J@then in:collar+shaft");
    EXPECT_EQ(all[0].step, "in:collar+shaft");
    EXPECT_NEAR(*all[0].minutes, 45, 1e-9);
    EXPECT_EQ(all[1].step, "out:collar+shaft");
    EXPECT_EQ(all[1].verdict, "out");
    EXPECT_FALSE(all[1].minutes);
}

TEST(LogEntry, TakesTheTimeFromTheFirstClockToTheRecord) {
    auto job = demoJob("exhaust-fan-carrier");
    job.record->when = "2026-11-20T14:05:00";
    const auto minutes = [&] { return log::entriesOf(job, demoTables(), "{}").at(0).minutes; };
    ownStep(job).heat.clocks.clear();
    EXPECT_FALSE(minutes()); // no clock ran
    ownStep(job).heat.clocks = {{job::Clock::What::Outer, "2026-11-20T13:20:00", 1800},
                                {job::Clock::What::Carry, "2026-11-20T13:55:00", 60}};
    EXPECT_NEAR(*minutes(), 45, 1e-9);
    ownStep(job).heat.clocks[0].started = "2026-11-01T13:20:00"; // forgotten weeks ago
    EXPECT_NEAR(*minutes(), 10, 1e-9);
}

TEST(LogEntry, AsJsonAndBackAndAsCsv) {
    auto e = press(4);
    e.notes = "two lines\nand a \"word\", with commas";
    EXPECT_EQ(log::entryFromJson(nlohmann::json::parse(log::toJson(e).dump())).value(), e);
    EXPECT_FALSE(log::entryFromJson({{"id", 4}}));
    const auto csv = log::toCsv({e});
    EXPECT_TRUE(csv.starts_with("id,job,title,"));
    EXPECT_NE(csv.find("\"two lines\nand a \"\"word\"\", with commas\""), std::string::npos);
}

TEST(LogEntry, OfAnOlderProgramIsTakenInAsItIs) {
    auto d = log::toJson(press(4));
    for (const char* later : {"position", "shape", "outer_degC", "inner_degC"})
        d.erase(later);
    const auto e = log::entryFromJson(nlohmann::json::parse(d.dump()));
    ASSERT_TRUE(e) << e.error().value;
    EXPECT_EQ(e->title, press(4).title);
    EXPECT_TRUE(e->shape.empty() && !e->outer_C);
    d.erase("title"); // what it always wrote is missed
    EXPECT_FALSE(log::entryFromJson(nlohmann::json::parse(d.dump())));
}
