// Ways to get a tight ring out, decided from the room around it; forces, energy, the kit.
#include "core/plan/strip_plan.h"
#include "core/route/kit.h"
#include "core/route/removal.h"
#include "io/arrangement_text.h"
#include "io/text_file.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::route;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using section::Body;
using section::Slice;

namespace {

Body tube(double zBottom, double zTop, double bore, double outside,
          section::BodyKind kind = section::BodyKind::Housing) {
    return {"", kind, section::Hatch::Steel, {Slice::tube(zBottom, zTop, bore / 2, outside / 2)}};
}

Part part(const std::string& id, PartKind kind, std::vector<Body> bodies) {
    Part out{id, std::move(bodies)};
    out.kind = kind;
    return out;
}

/// A cup in a bore against a shoulder of the given bore, leaving upwards.
Assembly cupOnShoulder(double shoulderBore) {
    return {{part("hub", PartKind::Hub, {tube(0, 10, shoulderBore, 100), tube(10, 30, 62, 100)}),
             part("cup", PartKind::Cup, {tube(10, 24, 50, 62)})},
            0,
            {{"hub", "cup"}}};
}

/// A ring on a shaft against a shoulder, leaving upwards.
Assembly ringOnShaft(double shoulder, double gapBelow) {
    Assembly a{{part("shaft", PartKind::Shaft, {tube(0, 20, 0, shoulder), tube(20, 60, 0, 30)}),
                part("ring", PartKind::Cone, {tube(20, 36, 30, 44)})},
               0,
               {{"ring", "shaft"}}};
    if (gapBelow > 0) a.parts.push_back(part("plate", PartKind::Shield, {tube(10, 20 - gapBelow, shoulder, 90)}));
    return a;
}

RingSite site(const Assembly& a) {
    return siteOf(a, 1, 0, Way::Up, BlockingGraph(a).all());
}
const Removal& method(const std::vector<Removal>& all, Method wanted) {
    return *std::find_if(all.begin(), all.end(), [&](const Removal& r) { return r.method == wanted; });
}

} // namespace

TEST(RingSite, LandIsWhatTheShoulderLeavesFree) {
    // Cup 50/62 on a shoulder of 56: radii 25 to 28 show, 3 mm.
    EXPECT_NEAR(site(cupOnShoulder(56)).land_mm, 3, 1e-12);
    EXPECT_NEAR(site(cupOnShoulder(50)).land_mm, 0, 1e-12);
    EXPECT_NEAR(site(cupOnShoulder(61.9)).land_mm, 5.95, 1e-9);
}

TEST(RingSite, SideGapIsTheRoomBehindTheRing) {
    EXPECT_NEAR(site(ringOnShaft(36, 0)).sideGap_mm, 100, 1e-12) << "nothing there";
    EXPECT_NEAR(site(ringOnShaft(36, 3)).sideGap_mm, 3, 1e-12);
    EXPECT_NEAR(site(ringOnShaft(43.5, 3)).sideGap_mm, 0, 1e-12) << "0.25 mm over the shoulder hold no plate";
}

TEST(RingSite, SpacerMovesAsideAsFarAsItsRoom) {
    Assembly a{{part("roller", PartKind::Hub, {tube(0, 20, 41, 62), tube(20, 36, 47, 62)}),
                part("bearing", PartKind::Bearing,
                     {tube(20, 34, 40.25, 47, section::BodyKind::OuterRing),
                      tube(20, 34, 20, 26.75, section::BodyKind::InnerRing)}),
                part("spacer", PartKind::SpacerTube, {tube(0, 20, 20.5, 25)})},
               0,
               {{"roller", "bearing"}}};
    // Room round the spacer 41 - 25 = 16, so 8 to a side; the inner ring is 3.375 thick.
    EXPECT_NEAR(site(a).shiftedLand_mm, 3.375, 1e-12);
    EXPECT_EQ(method(removalsOf(site(a)), Method::Drift).why, Why::SpacerShifts);
    a.parts[2] = part("spacer", PartKind::SpacerTube, {tube(0, 20, 20.5, 40)});
    EXPECT_NEAR(site(a).shiftedLand_mm, 0.5, 1e-12);
    EXPECT_FALSE(method(removalsOf(site(a)), Method::Drift).applies);
}

TEST(Removal, PressNeedsALandAndADrawBoltABore) {
    const auto open = removalsOf(site(cupOnShoulder(56)));
    EXPECT_EQ(open.front().method, Method::Press);
    EXPECT_TRUE(method(open, Method::DrawBolt).applies);
    EXPECT_FALSE(method(open, Method::Separator).applies);
    EXPECT_FALSE(method(open, Method::Split).applies) << "never grind in a bore";
    const auto shut = removalsOf(site(cupOnShoulder(50.5)));
    EXPECT_FALSE(method(shut, Method::Press).applies);
    EXPECT_EQ(shut.front().method, Method::Collet);
    auto notched = cupOnShoulder(50.5);
    notched.pressed.front().notched = true;
    EXPECT_EQ(removalsOf(site(notched)).front().why, Why::Notches);
}

TEST(Removal, RingOnAShaftIsSeparatedOrHeatedAndSplitLast) {
    const auto free = removalsOf(site(ringOnShaft(36, 0)));
    EXPECT_EQ(method(free, Method::Separator).why, Why::GapBehind);
    EXPECT_EQ(
        free[static_cast<std::size_t>(std::count_if(free.begin(), free.end(), [](auto& r) { return r.applies; })) - 1]
            .method,
        Method::Split);
    const auto tight = removalsOf(site(ringOnShaft(44, 0)));
    EXPECT_FALSE(method(tight, Method::Separator).applies);
    EXPECT_TRUE(method(tight, Method::Split).applies);
    auto sealed = ringOnShaft(44, 0);
    sealed.parts.push_back(part("seal", PartKind::Seal, {tube(40, 46, 30, 50)}));
    EXPECT_EQ(method(removalsOf(site(sealed)), Method::HeatOff).why, Why::SealInTheHeat);
}

TEST(Removal, ThroughTheElementsComesLast) {
    Assembly a{{part("housing", PartKind::Housing, {tube(0, 20, 54, 100), tube(20, 40, 62, 100)}),
                part("bearing", PartKind::Bearing,
                     {tube(20, 36, 54, 62, section::BodyKind::OuterRing),
                      tube(20, 36, 30, 38, section::BodyKind::InnerRing)})},
               0,
               {{"housing", "bearing"}}};
    const auto all = removalsOf(site(a));
    const auto& press = method(all, Method::Press);
    EXPECT_TRUE(press.applies);
    EXPECT_EQ(press.why, Why::OnlyThroughElements);
    EXPECT_GT(&press, &method(all, Method::Collet));
    EXPECT_GT(&press, &method(all, Method::HeatOff));
}

// Whatever the room, every method is judged once, and one that needs a land never applies without it.
TEST(Removal, JudgesEveryMethodOnceWhateverTheRoom) {
    EXPECT_TRUE(rc::check([] {
        RingSite s;
        const auto any = [] { return *rc::gen::inRange(0, 200) / 10.0; };
        s.inBore = *rc::gen::arbitrary<bool>();
        s.land_mm = any();
        s.otherLand_mm = any();
        s.shiftedLand_mm = any();
        s.sideGap_mm = any();
        s.through_mm = any();
        s.ownBore_mm = any();
        s.notched = *rc::gen::arbitrary<bool>();
        s.sealNear = *rc::gen::arbitrary<bool>();
        s.isRing = *rc::gen::arbitrary<bool>();
        const auto all = removalsOf(s);
        RC_ASSERT(all.size() == std::size(kMethods));
        for (const auto wanted : kMethods)
            RC_ASSERT(std::count_if(all.begin(), all.end(), [&](const Removal& r) { return r.method == wanted; }) == 1);
        RC_ASSERT(std::is_partitioned(all.begin(), all.end(), [](const Removal& r) { return r.applies; }));
        RC_ASSERT(s.land_mm >= 1 || !method(all, Method::DrawBolt).applies);
        RC_ASSERT(!s.inBore || !method(all, Method::Separator).applies);
    }));
}

TEST(Breakaway, FollowsTheBandsAndTheSpring) {
    // 10 kN clean, heavy rust: 30, 45, 60 kN; frame and stack 20 kN/mm: 60000^2 / (2 * 20000) = 90000 N mm = 90 J.
    const auto b = breakaway({10e3, 10e3, 10e3}, Rust::Heavy, 20e3);
    EXPECT_NEAR(b.force_N.least, 30e3, 1e-9);
    EXPECT_NEAR(b.force_N.likely, 45e3, 1e-9);
    EXPECT_NEAR(b.force_N.most, 60e3, 1e-9);
    EXPECT_NEAR(b.energy_J.most, 90, 1e-9);
    EXPECT_NEAR(breakaway({10e3, 10e3, 10e3}, Rust::None, 20e3).force_N.most, 20e3, 1e-9);
    EXPECT_LT(stuckFactor(Rust::None).upper, stuckFactor(Rust::Heavy).lower);
}

TEST(Kit, HoldsWhatIsUsedUpAndGreaseForOpenBearings) {
    const auto strip = plan::planStrip(demoJob("conveyor-tail-drum"), demoTables());
    std::vector<std::string> ids;
    for (const auto& line : strip.kit)
        ids.push_back(line.id);
    EXPECT_EQ(ids, (std::vector<std::string>{"inner_cup", "outer_cup", "inner_cone", "outer_cone", "seal", "washer",
                                             "nut", "pin", "grease", "method:drift", "method:collet"}));
    EXPECT_EQ(strip.missing, std::vector<std::string>{"pin"});
    const auto sealed = plan::planStrip(demoJob("retort-trolley-roller"), demoTables());
    for (const auto& line : sealed.kit)
        EXPECT_NE(line.use, KitUse::Grease) << "sealed for life";
}

TEST(Kit, FreeVolumeIsWhatRingsAndBallsLeave) {
    // 6206: the whole ring space pi/4 (62^2 - 30^2) 16 = 36996 mm^3. Rings of 30/38 and 54/62 without corners and
    // grooves: pi/4 (38^2 - 30^2 + 62^2 - 54^2) 16 = 18498; 9 balls of 9.6: 9 pi/6 9.6^3 = 4169. Left 14329; grooves
    // add, so it is a little more.
    const auto* b = catalog::findBearing(demoTables().bearings, "6206");
    const double left = freeVolume_mm3(*b);
    EXPECT_GT(left, 14329);
    EXPECT_LT(left, 14329 * 1.1);
    for (const auto& bearing : demoTables().bearings)
        EXPECT_GT(freeVolume_mm3(bearing), 0) << bearing.designation;
}
