// Drivers and supports one by one: what each lands on, clears and bears.
#include "core/section/motion.h"
#include "support/tools.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

using namespace arbor;
using namespace arbor::tooling;
using arbor::testing::demoSeat;
using arbor::testing::demoTables;
using arbor::testing::demoTask;
using arbor::testing::find;
using arbor::testing::kLoad;
using arbor::testing::made;
using arbor::testing::shopPress;
using arbor::testing::sleeve;
using arbor::testing::taskOf;

namespace {

DriverCheck checked(const DriverBench& bench, const catalog::Tool& tool,
                    const std::vector<const catalog::Tool*>& spacers = {}) {
    return bench.check(&tool, spacers);
}

DriverCheck check(const catalog::Tool& tool) {
    return DriverBench(demoTask(), kLoad, {70, 0}).check(&tool);
}

std::string_view reason(const catalog::Tool& tool) {
    const auto findings = check(tool).findings;
    const auto at =
        std::find_if(findings.begin(), findings.end(), [](const Advice& a) { return a.severity == Severity::Stop; });
    return at == findings.end() ? found::CoversFace::key : at->key();
}

} // namespace

// The demo bearing: outer ring's face 54 to 60 mm, seal inside 54, bore 62, groove, 44 mm to go, then 22.2 mm deep.
TEST(Driver, CoverageIsTheShareOfTheFreeFaceByHand) {
    const auto c = check(sleeve(60, 56, 80));
    const auto area = [](double outside, double bore) {
        return std::numbers::pi / 4 * (outside * outside - bore * bore);
    };
    EXPECT_NEAR(c.faceArea_mm2, area(60, 56), 1e-6);
    EXPECT_NEAR(c.coverage, area(60, 56) / area(60, 54), 1e-9);
    EXPECT_NEAR(c.sealGap_mm, 1, 1e-12);
    EXPECT_EQ(worst(c.findings), Severity::Info);
}

/// A Ø60 sleeve in the Ø62 bore has room; at 0.1 mm it scrapes, and 0.2 mm is what it needs.
TEST(Driver, KeepsItsRunningClearanceOnTheWayDown) {
    EXPECT_EQ(reason(sleeve(61.75, 56, 80)), found::CoversFace::key);
    EXPECT_EQ(reason(sleeve(61.9, 56, 80)), found::CatchesInBore::key);
}

TEST(Driver, EachWayToBeWrongHasItsReason) {
    EXPECT_EQ(reason(sleeve(28, 20, 80)), found::MissesFace::key); // drops through the inner ring
    EXPECT_EQ(reason(sleeve(38, 31, 80)), found::LandsOnInnerRing::key);
    EXPECT_EQ(reason(sleeve(50, 44, 80)), found::TouchesPart::key); // on the seal
    EXPECT_EQ(reason(sleeve(61, 53, 80)), found::TouchesPart::key); // on the ring, and on the seal
    EXPECT_EQ(reason(sleeve(63, 56, 80)), found::CatchesInBore::key);
    EXPECT_EQ(reason(sleeve(80, 63, 80)), found::MissesFace::key); // goes round
    EXPECT_EQ(reason(sleeve(61, 55, 20)), found::EndsInsideBore::key);
    EXPECT_EQ(reason(sleeve(61, 55, 80)), found::CoversFace::key);
}

TEST(Driver, TooShortByHowMuch) {
    // Home face is 22.2 mm down; a ram foot of 70 mm meets the housing's face: a sleeve of 20 mm lacks 2.2 mm.
    EXPECT_NEAR(check(sleeve(61, 55, 20)).stopsShort_mm, 2.2, 1e-9);
    EXPECT_EQ(check(sleeve(61, 55, 22.2)).stopsShort_mm, 0);
    // A head wider than the bore counts as part of what stops.
    EXPECT_NEAR(check(sleeve(61, 55, 30, 66)).stopsShort_mm, 2.2, 1e-9);
}

TEST(Driver, CatchesByItsRunningClearanceToo) {
    EXPECT_EQ(reason(sleeve(61.99, 55, 80)), found::CatchesInBore::key);
    EXPECT_EQ(reason(sleeve(61.5, 55, 80)), found::CoversFace::key);
}

TEST(Driver, CloseToTheSealIsALook) {
    const auto c = check(sleeve(60, 54.2, 80));
    EXPECT_EQ(worst(c.findings), Severity::Check);
    EXPECT_EQ(find<found::TouchesPart>(c.findings)->get<found::TouchesPart>()->part, "seal");
}

TEST(Driver, SpacerThatFallsIntoTheSleeveIsAStop) {
    const DriverBench bench(demoTask(), kLoad, {70, 0});
    const auto narrow = sleeve(40, 0, 30), wide = sleeve(58, 0, 30);
    EXPECT_TRUE(find<found::FallsInside>(checked(bench, sleeve(61, 55, 80), {&narrow}).findings));
    EXPECT_FALSE(find<found::FallsInside>(checked(bench, sleeve(61, 55, 80), {&wide}).findings));
    EXPECT_FALSE(find<found::FallsInside>(checked(bench, sleeve(61, 55, 80, 62), {&narrow}).findings))
        << "a head carries it";
}

TEST(Driver, ThinWallIsCrushedOrBuckles) {
    const DriverBench bench(demoTask(), {200'000, 200'000, 33'000, true}, {70, 0});
    const auto crushed = checked(bench, sleeve(60, 57, 80));
    ASSERT_TRUE(find<found::FaceOverloaded>(crushed.findings));
    EXPECT_NEAR(find<found::FaceOverloaded>(crushed.findings)->get<found::FaceOverloaded>()->pressure_MPa,
                200e3 / (std::numbers::pi / 4 * (3600 - 3249)), 1e-6);
    EXPECT_TRUE(find<found::SleeveBuckles>(checked(bench, sleeve(60, 57, 4000)).findings));
    EXPECT_FALSE(find<found::SleeveBuckles>(checked(bench, sleeve(61, 55, 80)).findings));
}

/// A Ø38 shaft end that comes out below its ring by 20 mm, into a socket that carries the ring.
TEST(Support, WhatComesOutBelowNeedsRoomRoundIt) {
    using section::BodyKind;
    using section::Slice;
    Task task;
    task.still = {{"ring", BodyKind::InnerRing, section::Hatch::HardenedSteel, {Slice::tube(0, 20, 19, 30)}}};
    task.moving = {{"shaft", BodyKind::Housing, section::Hatch::Steel, {Slice::tube(0, 80, 0, 19)}}};
    task.travel_mm = 20;
    task.seatDia_mm = 38;
    const auto on = [&](double bore_mm, bool hardened = false) {
        auto socket = made(catalog::ToolKind::Support, "K", 90, bore_mm, 40);
        socket.hardened = hardened;
        return checkSupport(task, {shopPress(), nullptr, {}, &socket}, kLoad).findings;
    };
    EXPECT_TRUE(find<found::NoRoomBelow>(on(38))) << "bore as wide as the shaft";
    EXPECT_TRUE(find<found::NoRoomBelow>(on(38.1))) << "half the running clearance";
    EXPECT_FALSE(find<found::NoRoomBelow>(on(38.3)));
    EXPECT_FALSE(find<found::HardTool>(on(38.3)));
    EXPECT_TRUE(find<found::HardTool>(on(38.3, true))) << "a hard support is named too";
}

TEST(Support, OnlyAWideTallRingClearsWhatHangsBelow) {
    // Sensor cap: 74 mm wide, 14 mm below the housing; flange 128 mm.
    const auto& rack = demoTables().rack;
    const auto worstOf = [&](const char* id) {
        return worst(checkSupport(demoTask(), {shopPress(), nullptr, {}, rack.tool(id)}, kLoad).findings);
    };
    EXPECT_EQ(worstOf("R05"), Severity::Info); // 100 / 76 x 24
    EXPECT_EQ(worstOf("R06"), Severity::Stop); // 80 bore, but 10 mm high only
    EXPECT_EQ(worstOf("R04"), Severity::Stop); // bore 66: stands on the cap
    EXPECT_EQ(worstOf("R12"), Severity::Stop); // bore 140: the flange falls through
    const auto bare = checkSupport(demoTask(), {shopPress(), nullptr, {}, nullptr}, kLoad);
    EXPECT_EQ(worst(bare.findings), Severity::Stop);
    EXPECT_TRUE(find<found::StandsOnPart>(bare.findings));
}

TEST(Stack, NeedsRoomToSlideInAndOneStroke) {
    catalog::Press press;
    press.stroke_mm = 100;
    press.notchDaylight_mm = {200, 260};
    EXPECT_TRUE(stackFit(150, press, 0, 44).fits());
    EXPECT_EQ(stackFit(150, press, 0, 44).strokeUsed_mm, 94);
    EXPECT_FALSE(stackFit(197, press, 0, 44).fits()); // 3 mm of room
    EXPECT_FALSE(stackFit(150, press, 1, 44).fits()); // 154 mm of stroke
    // 5 % of 100 mm stay in hand: 95 is the most, and of a short ram 3 mm.
    EXPECT_EQ(stackFit(150, press, 0, 45).reserve_mm, 5);
    EXPECT_TRUE(stackFit(150, press, 0, 45).fits());
    EXPECT_FALSE(stackFit(150, press, 0, 45.5).fits());
    press.stroke_mm = 30;
    EXPECT_EQ(stackFit(150, press, 0, 45).reserve_mm, 3);
    press.stroke_mm = 100;
    EXPECT_FALSE(stackFit(140, press, 0, 44).fits());
    EXPECT_FALSE(stackFit(144, press, 0, 44).fits()); // all of the 100 mm: nothing in hand
    EXPECT_TRUE(stackFit(149, press, 0, 44).fits());
}

TEST(Setup, EveryBodyRestsOnAnotherAndNoneOverlaps) {
    const auto plan = chooseTools(demoTask(), demoTables().rack, {shopPress()}, kLoad);
    for (const double share : {0.0, 0.3, 0.7, 1.0}) {
        const auto setup = buildSetup(demoTask(), *plan.choice, share * demoTask().travel_mm);
        EXPECT_EQ(setup.bodies.size(), setup.moves.size());
        for (std::size_t i = 0; i < setup.bodies.size(); ++i)
            for (std::size_t j = 0; j < setup.bodies.size(); ++j) {
                if (i == j) continue;
                const auto meeting = section::firstMeeting(setup.bodies[i], setup.bodies[j]);
                EXPECT_FALSE(meeting && meeting->overlapsAtStart && meeting->overlapRad_mm > 0.6)
                    << setup.bodies[i].id << " in " << setup.bodies[j].id << " at " << share;
            }
    }
}

TEST(Driver, FlatDiscOverBothFacesIsAllowedWhereTheyAreLevel) {
    auto seat = demoSeat();
    seat.bearing.dress = {};
    const DriverBench bench(taskOf(seat), kLoad, {70, 0});
    const auto disc = made(catalog::ToolKind::Disc, "D", 60, 0, 60);
    const auto level = bench.check(&disc);
    EXPECT_TRUE(find<found::BothFaces>(level.findings));
    EXPECT_LT(worst(level.findings), Severity::Stop);
    // An inner ring that stands proud is pushed alone.
    auto task = taskOf(seat);
    for (auto& body : task.moving)
        if (body.kind == section::BodyKind::InnerRing) body.slices.back().zTop += 2;
    const auto pushed = DriverBench(task, kLoad, {70, 0}).check(&disc);
    EXPECT_TRUE(find<found::LandsOnInnerRing>(pushed.findings));
}

TEST(Driver, HardAndMarkedToolsAreALook) {
    auto ring = sleeve(61, 55, 80);
    ring.hardened = true;
    ring.condition = "chipped";
    const auto c = check(ring);
    EXPECT_EQ(worst(c.findings), Severity::Check);
    EXPECT_TRUE(find<found::HardTool>(c.findings));
    EXPECT_EQ(find<found::ToolCondition>(c.findings)->get<found::ToolCondition>()->written, "chipped");
}

TEST(Driver, PilotInTheBoreIsFineAndOneThatIsTooWideIsNot) {
    auto seat = demoSeat();
    seat.bearing.dress = {};
    auto adapter = made(catalog::ToolKind::Adapter, "A", 60, 0, 80);
    adapter.pilotLength_mm = 6;
    adapter.pilotDia_mm = 29.8;
    const DriverBench bench(taskOf(seat), kLoad, {70, 0});
    EXPECT_LT(worst(bench.check(&adapter).findings), Severity::Stop);
    adapter.pilotDia_mm = 34; // stands on the inner ring before the face is reached
    EXPECT_TRUE(find<found::LandsOnInnerRing>(bench.check(&adapter).findings));
}

// A foot narrower than the bore goes down inside the tube and pushes on whatever it meets there.
TEST(Driver, AnOpenSleeveMustCarryWhatDrivesIt) {
    auto open = sleeve(61, 55, 60);
    open.headDia_mm = open.headThick_mm = 0;
    const DriverBench narrow(demoTask(), kLoad, {48, 0}), wide(demoTask(), kLoad, {70, 0}),
        washer(demoTask(), kLoad, {48, 16});
    EXPECT_TRUE(findingOf<found::FallsInside>(narrow.check(&open).findings));
    EXPECT_FALSE(findingOf<found::FallsInside>(wide.check(&open).findings));
    const auto judged = washer.check(&open);
    const auto* falls = find<found::FallsInside>(judged.findings);
    ASSERT_TRUE(falls);
    EXPECT_EQ(falls->severity, Severity::Stop);
    EXPECT_EQ(falls->template get<found::FallsInside>()->part, "washer");
    catalog::Tool cover;
    cover.id = "C";
    cover.kind = catalog::ToolKind::Disc;
    cover.outsideDia_mm = 60;
    cover.length_mm = 20;
    EXPECT_FALSE(findingOf<found::FallsInside>(narrow.check(&open, {&cover}).findings)) << "a disc on top carries it";
}

TEST(Driver, OneThatGuidesItselfInTheBoreComesBeforeAnEqual) {
    const auto close = sleeve(61.6, 55, 60), loose = sleeve(60.6, 55, 60); // in a bore of 62
    EXPECT_TRUE(check(close).centred);
    EXPECT_FALSE(check(loose).centred);
    EXPECT_TRUE(findingOf<found::CentredBy>(check(close).findings));
}
