// Two benches on one rack: nothing typed on either side is lost, and a number is given once.
#include "core/catalog/merge_tools.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <set>

using namespace arbor;
using catalog::mergeTools;
using catalog::Tool;

namespace {

Tool tool(const char* id, double outside_mm) {
    Tool t;
    t.id = id;
    t.outsideDia_mm = outside_mm;
    return t;
}
const Tool* named(const std::vector<Tool>& tools, const char* id) {
    const auto at = std::find_if(tools.begin(), tools.end(), [&](const Tool& t) { return t.id == id; });
    return at == tools.end() ? nullptr : &*at;
}

} // namespace

TEST(MergeTools, WhatOneSideDidIsDone) {
    const std::vector<Tool> base{tool("S1", 10), tool("S2", 20), tool("S3", 30)};
    const auto merged = mergeTools(base, {tool("S1", 11), tool("S2", 20), tool("N1", 50)},
                                   {tool("S1", 10), tool("S2", 22), tool("S3", 30), tool("N2", 60)});
    EXPECT_EQ(named(merged.tools, "S1")->outsideDia_mm, 11); // ours
    EXPECT_EQ(named(merged.tools, "S2")->outsideDia_mm, 22); // theirs
    EXPECT_FALSE(named(merged.tools, "S3"));                 // taken out here, untouched there
    EXPECT_TRUE(named(merged.tools, "N1") && named(merged.tools, "N2"));
    EXPECT_TRUE(merged.renumbered.empty());
}

TEST(MergeTools, ANumberIsGivenOnce) {
    const auto merged = mergeTools({}, {tool("N1", 50)}, {tool("N1", 60)});
    ASSERT_EQ(merged.tools.size(), 2u);
    EXPECT_EQ(named(merged.tools, "N1")->outsideDia_mm, 60); // they had it first
    EXPECT_EQ(named(merged.tools, "N1-2")->outsideDia_mm, 50);
    ASSERT_EQ(merged.renumbered.size(), 1u);
    EXPECT_EQ(merged.renumbered[0].second, "N1-2");
}

TEST(MergeTools, WhatIsChangedHereAndTakenOutThereStays) {
    const std::vector<Tool> base{tool("S1", 10), tool("S2", 20)};
    const auto merged = mergeTools(base, {tool("S1", 12), tool("S2", 20)}, {tool("S2", 20)});
    EXPECT_EQ(named(merged.tools, "S1")->outsideDia_mm, 12);
    const auto other = mergeTools(base, {tool("S2", 20)}, {tool("S1", 12), tool("S2", 20)});
    EXPECT_EQ(named(other.tools, "S1")->outsideDia_mm, 12);
}

TEST(MergeTools, TheSameOnBothSidesIsOneTool) {
    EXPECT_EQ(mergeTools({}, {tool("N1", 50)}, {tool("N1", 50)}).tools.size(), 1u);
}
