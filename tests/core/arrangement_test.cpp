#include "core/arrangement/blind_seat.h"

#include "core/section/contact.h"
#include "core/section/motion.h"
#include "support/shop.h"

#include <cmath>
#include <functional>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoSeat;
using arbor::testing::demoTask;

namespace {

double engaged_mm(const tooling::Task& task, double gone_mm) {
    return section::engagedLength(task.still[task.holder], task.atTravel(gone_mm)[task.pushed]);
}

} // namespace

TEST(BlindSeat, IsAnArrangementWithoutFaults) {
    auto seat = demoSeat();
    seat.shaft = arrangement::Journal{"carbon_steel", 30, 8, {}};
    auto a = arrangement::blindSeat(seat).value();
    ASSERT_TRUE(arrangement::resolve(a, arbor::testing::demoTables().bearings));
    for (const auto& fault : arrangement::faults(a))
        ADD_FAILURE() << fault.field << " " << fault.value << " " << fault.limit.english();
    EXPECT_EQ(route::takeApart(a).stuck, 0u) << "all of it comes apart";
    EXPECT_NEAR(arrangement::touchOf(a.parts[0], a.parts[1])->dia_mm, 62, 1e-9);
    EXPECT_EQ(a.pressed.size(), 2u);
}

TEST(BlindSeat, TravelEndsExactlyOnTheShoulder) {
    const auto task = demoTask();
    EXPECT_NEAR(task.travel_mm, 46 - 2, 1e-9) << "from where both chamfers meet";
    const auto& housing = task.still[task.holder];
    const auto meeting = section::firstMeeting(task.moving[task.pushed], housing);
    ASSERT_TRUE(meeting);
    EXPECT_NEAR(meeting->travel_mm, task.travel_mm, 1e-9);
    EXPECT_FALSE(section::restingContacts(task.atTravel(task.travel_mm)[task.pushed], housing).empty());
}

TEST(BlindSeat, EngagesFromNothingToItsWidthLessChamfersAndGroove) {
    const auto task = demoTask();
    EXPECT_EQ(engaged_mm(task, 0), 0);
    EXPECT_NEAR(engaged_mm(task, 5), 5, 1e-9);
    EXPECT_NEAR(engaged_mm(task, task.travel_mm), 23.8 - 2, 1e-9);
    // With the groove inside the ring's height its width is missing.
    EXPECT_NEAR(engaged_mm(task, 30), 23.8 - 2 - 2.15, 1e-9);
}

TEST(BearingBodies, OfABearingABearingDoNotOverlap) {
    for (const auto& bearing : arbor::testing::demoTables().bearings) {
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

TEST(BearingBodies, BallsTouchBothRacewaysOfEveryBearing) {
    for (const auto& bearing : arbor::testing::demoTables().bearings) {
        if (bearing.isTaper() || bearing.type == catalog::BearingType::ThrustBall) continue; // no straight walls there
        const auto bodies = catalog::bearingBodies(bearing, {});
        int rolling = 0;
        for (const auto& c : section::contacts(bodies))
            rolling += c.kind == section::ContactKind::Rolling;
        EXPECT_EQ(rolling, 2 * bearing.rows) << bearing.designation;
    }
}

TEST(BlindSeat, NamesTheSizeThatCannotBe) {
    const auto field = [](const std::function<void(arrangement::BlindSeat&)>& change) {
        auto seat = demoSeat();
        change(seat);
        const auto made = arrangement::blindSeat(seat);
        return made ? std::string("accepted") : made.error().field;
    };
    EXPECT_EQ(field([](auto& s) { s.outsideDia_mm = 60; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& s) { s.outsideDia_mm = -1; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& s) { s.outsideDia_mm = 1e7; }), "housing/outside_mm");
    EXPECT_EQ(field([](auto& s) { s.height_mm = NAN; }), "housing/height_mm");
    EXPECT_EQ(field([](auto& s) { s.seatDepth_mm = 90; }), "housing/seat_depth_mm");
    EXPECT_EQ(field([](auto& s) {
                  s.seatDepth_mm = 1;
                  s.groove.reset();
              }),
              "housing/seat_depth_mm");
    EXPECT_EQ(field([](auto& s) { s.shoulderBoreDia_mm = 70; }), "housing/shoulder_bore_mm");
    EXPECT_EQ(field([](auto& s) { s.flangeDia_mm = 80; }), "housing/flange_mm");
    EXPECT_EQ(field([](auto& s) { s.flangeThick_mm = 0; }), "housing/flange_thick_mm");
    EXPECT_EQ(field([](auto& s) { s.leadIn_mm = -1; }), "housing/entry_chamfer_mm");
    EXPECT_EQ(field([](auto& s) { s.groove->dia_mm = 61; }), "housing/groove/diameter_mm");
    EXPECT_EQ(field([](auto& s) { s.groove->lowerEdgeDepth_mm = 2; }), "housing/groove/lower_edge_depth_mm");
    EXPECT_EQ(field([](auto& s) { s.groove->lowerEdgeDepth_mm = 50; }), "housing/groove/lower_edge_depth_mm");
    EXPECT_EQ(field([](auto& s) { s.hangsBelow->length_mm = 0; }), "housing/hangs_below/length_mm");
    EXPECT_EQ(field([](auto& s) { s.shaft = arrangement::Journal{"carbon_steel", 30, 30, {}}; }), "shaft/bore_mm");
    EXPECT_EQ(field([](auto& s) { s.shaft = arrangement::Journal{"carbon_steel", 55, 0, {}}; }), "shaft/seat/size");
}
