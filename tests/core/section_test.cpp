#include "core/section/contact.h"
#include "core/section/motion.h"

#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor::section;

namespace {

Body tube(double z, double height, double bore, double outside, BodyKind kind = BodyKind::Driver) {
    return {"tube", kind, Hatch::Steel, {Slice::tube(0, height, bore / 2, outside / 2)}, z};
}

/// A cone standing on its wide end: outside from `wide` at the bottom to `narrow` at the top.
Body cone(double z, double height, double wide, double narrow) {
    return {"cone", BodyKind::Housing, Hatch::Steel, {{0, height, 0, 0, wide / 2, narrow / 2}}, z};
}

} // namespace

TEST(Body, KnowsItsFacesAcrossSteps) {
    const Body stepped{
        "s", BodyKind::Housing, Hatch::Steel, {Slice::tube(0, 10, 5, 20), Slice::tube(10, 30, 8, 15)}, 100};
    const auto all = faces(stepped);
    ASSERT_EQ(all.size(),
              4u); // bottom, ledge outside, ledge inside the bore faces down? no: up 15..20, then inner step, top
    EXPECT_EQ(stepped.outsideDia(), 40);
    EXPECT_EQ(stepped.boreDia(), 10);
    double up = 0, down = 0;
    for (const auto& f : all)
        (f.facesUp ? up : down) += f.outerRad_mm * f.outerRad_mm - f.innerRad_mm * f.innerRad_mm;
    // What looks up and what looks down have the same area wherever both ends of the body cover the same radii.
    EXPECT_NEAR(up, 20 * 20 - 5 * 5, 1e-9);
    EXPECT_NEAR(down, 20 * 20 - 5 * 5, 1e-9);
}

TEST(Motion, TubeMeetsTubeAtTheGap) {
    const auto meeting = firstMeeting(tube(50, 10, 20, 40), tube(0, 30, 30, 60));
    ASSERT_TRUE(meeting);
    EXPECT_NEAR(meeting->travel_mm, 20, 1e-9);
    EXPECT_NEAR(meeting->z_mm, 30, 1e-9);
    EXPECT_NEAR(meeting->overlapRad_mm, 5, 1e-9);
    EXPECT_FALSE(meeting->overlapsAtStart);
}

TEST(Motion, TubePassesThroughAWiderBore) {
    EXPECT_FALSE(firstMeeting(tube(50, 10, 0, 29.9), tube(0, 30, 30, 60)));
    EXPECT_FALSE(firstMeeting(tube(50, 10, 0, 30), tube(0, 30, 30, 60))) << "walls of the same size only touch";
    EXPECT_TRUE(firstMeeting(tube(50, 10, 0, 30.1), tube(0, 30, 30, 60)));
}

TEST(Motion, RunningClearanceMakesAToolWider) {
    auto tool = tube(50, 10, 0, 29.9);
    tool.runningClearance_mm = 0.1;
    EXPECT_TRUE(firstMeeting(tool, tube(0, 30, 30, 60)));
    tool = tube(50, 10, 0, 29.7);
    tool.runningClearance_mm = 0.1;
    EXPECT_FALSE(firstMeeting(tool, tube(0, 30, 30, 60)));
}

TEST(Motion, WhatLiesBelowIsNotMet) {
    EXPECT_FALSE(firstMeeting(tube(0, 10, 0, 40), tube(20, 10, 0, 40)));
    EXPECT_FALSE(firstMeeting(tube(0, 10, 0, 40), tube(10, 10, 0, 40))) << "standing directly below is not above";
}

TEST(Motion, OverlapAtTheStartIsTold) {
    const auto meeting = firstMeeting(tube(5, 10, 0, 40), tube(0, 10, 0, 40));
    ASSERT_TRUE(meeting);
    EXPECT_TRUE(meeting->overlapsAtStart);
    EXPECT_EQ(meeting->travel_mm, 0);
}

TEST(Motion, ConeIsMetWhereItIsAsWideAsTheBore) {
    // Cone 60 to 20 over 40 mm: as wide as a 40 bore at half its height.
    const auto meeting = firstMeeting(tube(100, 10, 40, 80), cone(0, 40, 60, 20));
    ASSERT_TRUE(meeting);
    EXPECT_NEAR(meeting->z_mm, 20, 0.01);
    EXPECT_NEAR(meeting->travel_mm, 80, 0.01);
}

TEST(Motion, RestingLeavesBodiesTouching) {
    EXPECT_TRUE(rc::check("rest, then one face contact or none", [] {
        auto upper = tube(500, *rc::gen::inRange(1, 50), *rc::gen::inRange(0, 40), *rc::gen::inRange(41, 90));
        const auto lower =
            tube(0, *rc::gen::inRange(1, 50), *rc::gen::inRange(0, 40), *rc::gen::inRange(41, 90), BodyKind::Support);
        const auto travel = restOn(upper, {lower});
        RC_ASSERT(travel.has_value());
        RC_ASSERT(std::abs(upper.bottom() - lower.top()) < 1e-9);
        RC_ASSERT(restingContacts(upper, lower).size() == 1u);
        const auto meeting = firstMeeting(upper, lower);
        RC_ASSERT(meeting && !meeting->overlapsAtStart && meeting->travel_mm < 1e-9);
    }));
}

TEST(Motion, FirstMeetingIsFirst) {
    // Independent check on random steps: lower the body in small steps and see when its slices first share space.
    EXPECT_TRUE(rc::check("against stepping", [] {
        const double bore = *rc::gen::inRange(10, 60), outside = bore + *rc::gen::inRange(1, 40);
        const Body still{
            "h",
            BodyKind::Housing,
            Hatch::Steel,
            {Slice::tube(0, 10, *rc::gen::inRange(5, 30), 60), Slice::tube(10, 25, *rc::gen::inRange(5, 45), 60)}};
        const auto moving = tube(40, 5, bore, outside);
        const auto meeting = firstMeeting(moving, still);
        std::optional<double> stepped;
        for (double t = 0; t <= 45 && !stepped; t += 0.05)
            for (const auto& s : still.slices) {
                const bool wide = std::min(outside / 2, s.outerTop) - std::max(bore / 2, s.innerTop) > 1e-3;
                const bool high = 40 - t < s.zTop && 45 - t > s.zBottom;
                if (wide && high) stepped = t;
            }
        RC_ASSERT(meeting.has_value() == stepped.has_value());
        if (meeting) RC_ASSERT(std::abs(meeting->travel_mm - *stepped) < 0.051);
    }));
}

TEST(Contact, AreaIsTheCommonAnnulus) {
    const auto touch = contacts({tube(0, 10, 20, 60), tube(10, 10, 40, 80)});
    ASSERT_EQ(touch.size(), 1u);
    EXPECT_EQ(touch[0].kind, ContactKind::Face);
    EXPECT_EQ(touch[0].upper, 1u);
    EXPECT_NEAR(touch[0].area_mm2(), std::numbers::pi * (900 - 400), 1e-6);
}

TEST(Contact, WallsTouchWhereSizesAgree) {
    const auto ring = tube(5, 10, 30, 62);
    const auto housing = tube(0, 30, 62, 90, BodyKind::Housing);
    const auto touch = contacts({housing, ring});
    ASSERT_EQ(touch.size(), 1u);
    EXPECT_EQ(touch[0].kind, ContactKind::Wall);
    EXPECT_EQ(touch[0].upper, 0u);
    EXPECT_NEAR(engagedLength(housing, ring), 10, 1e-12);
    EXPECT_TRUE(contacts({housing, tube(5, 10, 30, 61.9)}).empty());
}

TEST(Contact, EngagedLengthLeavesGroovesOut) {
    const Body housing{"h",
                       BodyKind::Housing,
                       Hatch::Steel,
                       {Slice::tube(0, 10, 31, 50), Slice::tube(10, 12, 33, 50), Slice::tube(12, 20, 31, 50)}};
    EXPECT_NEAR(engagedLength(housing, tube(5, 10, 30, 62)), 8, 1e-12);
}

TEST(Body, VolumeAndSkinOfTubeAndConeByHand) {
    Body tube;
    tube.slices = {Slice::tube(0, 10, 5, 8)};
    EXPECT_NEAR(volume_mm3(tube), std::numbers::pi * (64 - 25) * 10, 1e-9);
    EXPECT_NEAR(skin_mm2(tube), 2 * std::numbers::pi * (8 + 5) * 10 + 2 * std::numbers::pi * (64 - 25), 1e-9);
    Body cone;
    cone.slices = {{0, 12, 0, 0, 9, 4}};
    EXPECT_NEAR(volume_mm3(cone), std::numbers::pi / 3 * 12 * (81 + 36 + 16), 1e-9);
    EXPECT_NEAR(skin_mm2(cone), std::numbers::pi * (9 + 4) * 13 + std::numbers::pi * (81 + 16), 1e-9);
    // Two slices of one tube have the skin of the tube: the face between them is none.
    tube.slices = {Slice::tube(0, 4, 5, 8), Slice::tube(4, 10, 5, 8)};
    EXPECT_NEAR(skin_mm2(tube), 2 * std::numbers::pi * 13 * 10 + 2 * std::numbers::pi * 39, 1e-9);
}
