// Two windows on one job file: what only one of them changed is kept, and nothing of the other is lost.
#include "io/merge.h"

#include "io/job_json.h"
#include "io/text_file.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::TemporaryShop;
using nlohmann::json;

namespace {

json merged(const char* base, const char* here, const char* there, std::size_t both = 0) {
    std::vector<io::BothChanged> list;
    auto out = io::merged(json::parse(base), json::parse(here), json::parse(there), list);
    EXPECT_EQ(list.size(), both);
    return out;
}

} // namespace

TEST(Merge, WhatOnlyOneSideChangedIsTaken) {
    EXPECT_EQ(merged(R"({"a":1,"b":2})", R"({"a":9,"b":2})", R"({"a":1,"b":3,"c":4})"),
              json::parse(R"({"a":9,"b":3,"c":4})"));
    EXPECT_EQ(merged(R"({"a":1,"b":2})", R"({"b":2})", R"({"a":1,"b":3})"), json::parse(R"({"b":3})")) << "erased here";
    EXPECT_EQ(merged(R"({"a":{"x":1,"y":1}})", R"({"a":{"x":2,"y":1}})", R"({"a":{"x":1,"y":3}})"),
              json::parse(R"({"a":{"x":2,"y":3}})"));
}

TEST(Merge, ListsGoByWhatNamesTheirEntries) {
    EXPECT_EQ(merged(R"([{"clock_deg":0,"v":1},{"clock_deg":90,"v":2}])",
                     R"([{"clock_deg":0,"v":5},{"clock_deg":90,"v":2}])",
                     R"([{"clock_deg":0,"v":1},{"clock_deg":90,"v":7},{"clock_deg":180,"v":3}])"),
              json::parse(R"([{"clock_deg":0,"v":5},{"clock_deg":90,"v":7},{"clock_deg":180,"v":3}])"));
    EXPECT_EQ(merged(R"(["a","b","c"])", R"(["a","c","d"])", R"(["a","b","c","e"])"),
              json::parse(R"(["a","c","d","e"])"));
}

TEST(Merge, ListsWhoseOrderIsTheirMeaningAreOneValue) {
    // A section's slice, and limits: never put together from two halves.
    EXPECT_EQ(merged("[0,20,19,30]", "[0,25,19,30]", "[0,20,18,30]", 1), json::parse("[0,25,19,30]"));
    EXPECT_EQ(merged("[[0,20],[1,2]]", "[[0,25],[1,2]]", "[[0,20],[1,3]]", 1), json::parse("[[0,25],[1,2]]"));
    EXPECT_EQ(merged(R"([{"x":1},{"x":2}])", R"([{"x":3},{"x":2}])", R"([{"x":1},{"x":4}])", 1),
              json::parse(R"([{"x":3},{"x":2}])"));
    EXPECT_EQ(merged("[1,2]", "[1,2]", "[3,4]"), json::parse("[3,4]"));
}

TEST(Merge, AFileThatANewerProgramWroteMeanwhileIsLeftAlone) {
    const TemporaryShop shop;
    const auto document = io::loadJob(shop.jobFile()).value();
    const auto newer = arbor::testing::replaced(io::jobText(document), "\"version\": 2", "\"version\": 3");
    shop.write("seamer-turret-upper.arbor.json", newer);
    EXPECT_EQ(io::saveJobOver(shop.jobFile(), document).error().code, ProblemCode::Unwritable);
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), newer);
}

TEST(Merge, WhatBothChangedStandsAsItIsHereAndIsNamed) {
    std::vector<io::BothChanged> both;
    io::merged(json::parse(R"({"a":{"x":1}})"), json::parse(R"({"a":{"x":2}})"), json::parse(R"({"a":{"x":3}})"), both);
    ASSERT_EQ(both.size(), 1u);
    EXPECT_EQ(both[0].place, "a/x");
    EXPECT_EQ(both[0].here, "2");
    EXPECT_EQ(both[0].there, "3");
}

TEST(Merge, TwoBenchesOnOneJobLoseNothing) {
    const TemporaryShop shop;
    auto one = io::loadJob(shop.jobFile()).value(), other = one;
    hole(one.job).measured = standards::MeasuredSize{"61.981", 61.981};
    one.job.customer = "first bench";
    other.job.draft.notes = "noise gone";
    other.job.customer = "second bench";
    ASSERT_TRUE(io::saveJobOver(shop.jobFile(), one));
    const auto saved = io::saveJobOver(shop.jobFile(), other);
    ASSERT_TRUE(saved);
    EXPECT_TRUE(saved->others);
    const auto onDisk = io::loadJob(shop.jobFile())->job;
    EXPECT_EQ(hole(onDisk).measured->typed, "61.981");
    EXPECT_EQ(onDisk.draft.notes, "noise gone");
    EXPECT_EQ(onDisk.customer, "second bench");
    EXPECT_EQ(io::jobToJson(onDisk), io::jobToJson(saved->document.job));
    ASSERT_EQ(saved->both.size(), 1u);
    EXPECT_EQ(saved->both[0].place, "customer");
    EXPECT_EQ(io::loadJob(saved->keptTheirs)->job.customer, "first bench");
}

TEST(Merge, AnEditIsCarriedOverToWhatSomebodyElseMadeOfTheJob) {
    const auto before = arbor::testing::demoJob("seamer-turret-upper");
    auto after = before, onto = before;
    after.title = "changed here";
    onto.customer = "changed there";
    const auto both = io::rebased(before, after, onto);
    EXPECT_EQ(both.title, "changed here");
    EXPECT_EQ(both.customer, "changed there");
    const auto undone = io::rebased(after, before, both);
    EXPECT_EQ(undone.title, before.title);
    EXPECT_EQ(undone.customer, "changed there");
}

TEST(Merge, AFileThatCanNoLongerBeReadIsNotWrittenOver) {
    const TemporaryShop shop;
    const auto document = io::loadJob(shop.jobFile()).value();
    shop.write("seamer-turret-upper.arbor.json", "{ half");
    EXPECT_FALSE(io::saveJobOver(shop.jobFile(), document));
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), "{ half");
}
