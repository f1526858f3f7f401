#include "core/force/path.h"

#include "core/tooling/setup.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using section::Body;
using section::BodyKind;
using section::Slice;

namespace {

Body block(BodyKind kind, double z, double height, double bore, double outside) {
    return {"b", kind, section::Hatch::Steel, {Slice::tube(0, height, bore / 2, outside / 2)}, z};
}

std::vector<BodyKind> kinds(const force::Path& path, const std::vector<Body>& bodies) {
    std::vector<BodyKind> out;
    for (const auto b : path.bodies)
        out.push_back(bodies[b].kind);
    return out;
}

} // namespace

TEST(ForcePath, GoesStraightDownAStack) {
    const std::vector<Body> stack{block(BodyKind::Bed, 0, 10, 0, 100), block(BodyKind::Support, 10, 10, 20, 60),
                                  block(BodyKind::Ram, 20, 10, 0, 50)};
    const auto path = force::findPath(stack, {false, false, true}, 2, 0);
    EXPECT_TRUE(path.proven());
    EXPECT_EQ(kinds(path, stack), (std::vector{BodyKind::Ram, BodyKind::Support, BodyKind::Bed}));
}

TEST(ForcePath, FacesDoNotPull) {
    // The block hangs under the bed: a push from it can not go up.
    const std::vector<Body> stack{block(BodyKind::Bed, 10, 10, 0, 100), block(BodyKind::Ram, 0, 10, 0, 50)};
    EXPECT_FALSE(force::findPath(stack, {false, true}, 1, 0).connected);
}

TEST(ForcePath, GapsDoNotCarry) {
    const std::vector<Body> stack{block(BodyKind::Bed, 0, 10, 0, 100), block(BodyKind::Ram, 10.01, 10, 0, 50)};
    EXPECT_FALSE(force::findPath(stack, {false, true}, 1, 0).connected);
}

TEST(ForcePath, PrefersAWayAroundElementsEvenWhenLonger) {
    // Ram pushes both rings; only through the outer one does the force reach the housing without the balls.
    const std::vector<Body> bodies{
        block(BodyKind::Bed, -10, 10, 0, 120),      block(BodyKind::Housing, 0, 30, 62, 120),
        block(BodyKind::OuterRing, 10, 10, 54, 62), block(BodyKind::RollingElements, 12, 6, 38, 54),
        block(BodyKind::InnerRing, 10, 10, 30, 38), block(BodyKind::Ram, 20, 10, 0, 60)};
    const std::vector<bool> moves{false, false, true, true, true, true};
    auto path = force::findPath(bodies, moves, 5, 0);
    EXPECT_TRUE(path.proven());
    ASSERT_EQ(path.slipping.size(), 1u);
    EXPECT_EQ(path.slipping[0].kind, section::ContactKind::Wall);
    // The same with a ram that reaches the inner ring only.
    auto narrow = bodies;
    narrow[5] = block(BodyKind::Ram, 20, 10, 0, 36);
    path = force::findPath(narrow, moves, 5, 0);
    EXPECT_TRUE(path.connected);
    EXPECT_FALSE(path.proven());
    ASSERT_EQ(path.mustNotCarry.size(), 1u);
    EXPECT_EQ(narrow[path.mustNotCarry[0]].kind, BodyKind::RollingElements);
}

class SetupPath : public ::testing::Test {
protected:
    force::Path pathWith(const std::string& driver, double share) {
        const auto& rack = arbor::testing::demoTables().rack;
        const auto task = arbor::testing::demoTask();
        setup = tooling::buildSetup(task, {rack.press("P30"), rack.tool(driver), {}, rack.tool("R05"), 1},
                                    share * task.travel_mm);
        return force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
    }
    tooling::Setup setup;
};

TEST_F(SetupPath, OfTheRightSleeveStaysInTheOuterRing) {
    for (const double share : {0.2, 0.5, 0.8, 1.0}) {
        const auto path = pathWith("S14", share);
        EXPECT_TRUE(path.proven()) << share;
        EXPECT_EQ(kinds(path, setup.bodies), (std::vector{BodyKind::Ram, BodyKind::Driver, BodyKind::OuterRing,
                                                          BodyKind::Housing, BodyKind::Support, BodyKind::Bed}))
            << share;
    }
}

TEST_F(SetupPath, OfASleeveOnTheInnerRingGoesThroughTheBalls) {
    const auto path = pathWith("S11", 0.5);
    EXPECT_TRUE(path.connected);
    EXPECT_FALSE(path.proven());
    EXPECT_EQ(kinds(path, setup.bodies)[3], BodyKind::RollingElements);
}

TEST_F(SetupPath, OfASleeveOnTheSealGoesThroughTheSeal) {
    const auto path = pathWith("S12", 0.5);
    EXPECT_FALSE(path.proven());
    ASSERT_FALSE(path.mustNotCarry.empty());
    EXPECT_EQ(setup.bodies[path.mustNotCarry.front()].kind, BodyKind::Seal);
}
