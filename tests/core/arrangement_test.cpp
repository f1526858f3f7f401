#include "core/arrangement/housed_bearing.h"

#include "core/section/contact.h"
#include "core/section/motion.h"
#include "support/shop.h"

#include <cmath>
#include <functional>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoArrangement;

TEST(HousedBearing, OfTheDemoJobIsValid) {
    EXPECT_TRUE(arrangement::validate(demoArrangement()));
}

TEST(HousedBearing, TravelEndsExactlyOnTheShoulder) {
    const auto a = demoArrangement();
    const auto housing = arrangement::housingBodies(a.housing);
    const auto bearing = arrangement::bearingInHousing(a, housing.front().top(), 0);
    const auto meeting = section::firstMeeting(bearing.front(), housing.front());
    ASSERT_TRUE(meeting);
    EXPECT_NEAR(meeting->travel_mm, a.homeTravel_mm(), 1e-9);
    const auto home = arrangement::bearingInHousing(a, housing.front().top(), a.homeTravel_mm());
    EXPECT_FALSE(section::restingContacts(home.front(), housing.front()).empty());
}

TEST(HousedBearing, EngagesFromNothingToItsWidthLessChamfersAndGroove) {
    const auto a = demoArrangement();
    EXPECT_EQ(arrangement::engagedLength(a, 0), 0);
    EXPECT_NEAR(arrangement::engagedLength(a, 5), 5, 1e-9);
    EXPECT_NEAR(arrangement::engagedLength(a, a.homeTravel_mm()), 23.8 - 2, 1e-9);
    // With the groove inside the ring's height its width is missing.
    EXPECT_NEAR(arrangement::engagedLength(a, 30), 23.8 - 2 - 2.15, 1e-9);
}

TEST(HousedBearing, BodiesOfABearingDoNotOverlap) {
    for (const auto& bearing : arbor::testing::demoLibrary().bearings) {
        const auto bodies =
            catalog::bearingBodies(bearing, catalog::knowledge(bearing.type).sealable
                                                ? catalog::BearingDress{catalog::Side::Both, catalog::Side::Down}
                                                : catalog::BearingDress{});
        for (std::size_t i = 0; i < bodies.size(); ++i)
            for (std::size_t j = 0; j < bodies.size(); ++j) {
                const auto meeting = i == j ? std::nullopt : section::firstMeeting(bodies[i], bodies[j]);
                EXPECT_FALSE(meeting && meeting->overlapsAtStart && meeting->overlapRad_mm > 0.5)
                    << bearing.designation << ": " << bodies[i].id << " in " << bodies[j].id;
            }
    }
}

TEST(HousedBearing, BallsTouchBothRacewaysOfEveryBearing) {
    for (const auto& bearing : arbor::testing::demoLibrary().bearings) {
        if (bearing.isTaper() || bearing.type == catalog::BearingType::ThrustBall) continue; // no straight walls there
        const auto bodies = catalog::bearingBodies(bearing, {});
        int rolling = 0;
        for (const auto& c : section::contacts(bodies))
            rolling += c.kind == section::ContactKind::Rolling;
        EXPECT_EQ(rolling, 2 * bearing.rows) << bearing.designation;
    }
}

TEST(HousedBearing, NamesTheSizeThatCannotBe) {
    const auto field = [](const std::function<void(arrangement::HousedBearing&)>& change) {
        auto a = demoArrangement();
        change(a);
        const auto ok = arrangement::validate(a);
        return ok ? std::string("accepted") : ok.error().field;
    };
    EXPECT_EQ(field([](auto& a) { a.housing.outsideDia_mm = 60; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.outsideDia_mm = -1; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.outsideDia_mm = 1e7; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.height_mm = NAN; }), "housing/height_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.seatDepth_mm = 90; }), "housing/seat_depth_mm");
    EXPECT_EQ(field([](auto& a) {
                  a.housing.seatDepth_mm = 1;
                  a.housing.groove.reset();
              }),
              "housing/seat_depth_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.shoulderBoreDia_mm = 61; }), "housing/shoulder_bore_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.shoulderBoreDia_mm = 70; }), "housing/shoulder_bore_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.flangeDia_mm = 80; }), "housing/flange_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.flangeThick_mm = 0; }), "housing/flange_thick_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.entryChamfer_mm = -1; }), "housing/entry_chamfer_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.groove->dia_mm = 61; }), "housing/groove/diameter_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.groove->lowerEdgeDepth_mm = 2; }), "housing/groove/lower_edge_depth_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.groove->lowerEdgeDepth_mm = 50; }), "housing/groove/lower_edge_depth_mm");
    EXPECT_EQ(field([](auto& a) { a.housing.seatDia_mm = 63; }), "housing/seat/size");
    EXPECT_EQ(field([](auto& a) { a.housing.hangsBelow->length_mm = 0; }), "housing/hangs_below/length_mm");
}
