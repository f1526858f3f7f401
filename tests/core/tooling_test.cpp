#include "core/tooling/search.h"

#include "core/section/motion.h"
#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::tooling;
using arbor::testing::demoArrangement;
using arbor::testing::demoLibrary;

namespace {

const LoadCase kLoad{3000, 4000, 33000, true};

catalog::Tool sleeve(double outside_mm, double bore_mm, double length_mm, double headDia_mm = 0) {
    return {"T",        catalog::ToolKind::Sleeve,   "sleeve", outside_mm, bore_mm, length_mm,
            headDia_mm, headDia_mm > 0 ? 10.0 : 0.0, ""};
}

DriverCheck check(const catalog::Tool& tool) {
    return DriverBench(demoArrangement(), kLoad, 70).check(tool);
}

const Advice* find(const AdviceList& list, Finding id) {
    const auto at = std::find_if(list.begin(), list.end(), [&](const Advice& a) { return a.id == id; });
    return at == list.end() ? nullptr : &*at;
}

Finding reason(const catalog::Tool& tool) {
    const auto findings = check(tool).findings;
    const auto at =
        std::find_if(findings.begin(), findings.end(), [](const Advice& a) { return a.severity == Severity::Stop; });
    return at == findings.end() ? Finding::CoversFace : at->id;
}

ToolPlan planOf(const Wishes& wishes) {
    return chooseTools(demoArrangement(), demoLibrary().rack, wishes, kLoad);
}
const catalog::Press* shopPress() {
    return demoLibrary().rack.press("P30");
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

TEST(Driver, EachWayToBeWrongHasItsReason) {
    EXPECT_EQ(reason(sleeve(28, 20, 80)), Finding::MissesFace); // drops through the inner ring
    EXPECT_EQ(reason(sleeve(38, 31, 80)), Finding::LandsOnInnerRing);
    EXPECT_EQ(reason(sleeve(50, 44, 80)), Finding::TouchesPart); // on the seal
    EXPECT_EQ(reason(sleeve(61, 53, 80)), Finding::TouchesPart); // on the ring, and on the seal
    EXPECT_EQ(reason(sleeve(63, 56, 80)), Finding::CatchesInBore);
    EXPECT_EQ(reason(sleeve(80, 63, 80)), Finding::MissesFace); // goes round
    EXPECT_EQ(reason(sleeve(61, 55, 20)), Finding::EndsInsideBore);
    EXPECT_EQ(reason(sleeve(61, 55, 80)), Finding::CoversFace);
}

TEST(Driver, TooShortByHowMuch) {
    // Home face is 22.2 mm down; a ram foot of 70 mm meets the housing's face: a sleeve of 20 mm lacks 2.2 mm.
    EXPECT_NEAR(check(sleeve(61, 55, 20)).stopsShort_mm, 2.2, 1e-9);
    EXPECT_EQ(check(sleeve(61, 55, 22.2)).stopsShort_mm, 0);
    // A head wider than the bore counts as part of what stops.
    EXPECT_NEAR(check(sleeve(61, 55, 30, 66)).stopsShort_mm, 2.2, 1e-9);
}

TEST(Driver, CatchesByItsRunningClearanceToo) {
    EXPECT_EQ(reason(sleeve(61.99, 55, 80)), Finding::CatchesInBore);
    EXPECT_EQ(reason(sleeve(61.5, 55, 80)), Finding::CoversFace);
}

TEST(Driver, CloseToTheSealIsALook) {
    const auto c = check(sleeve(60, 54.2, 80));
    EXPECT_EQ(worst(c.findings), Severity::Look);
    EXPECT_EQ(find(c.findings, Finding::TouchesPart)->subject, "seal");
}

TEST(Driver, SpacerThatFallsIntoTheSleeveIsAStop) {
    const DriverBench bench(demoArrangement(), kLoad, 70);
    const auto narrow = sleeve(40, 0, 30), wide = sleeve(58, 0, 30);
    EXPECT_TRUE(find(bench.check(sleeve(61, 55, 80), {&narrow}).findings, Finding::FallsInside));
    EXPECT_FALSE(find(bench.check(sleeve(61, 55, 80), {&wide}).findings, Finding::FallsInside));
    EXPECT_FALSE(find(bench.check(sleeve(61, 55, 80, 62), {&narrow}).findings, Finding::FallsInside))
        << "a head carries it";
}

TEST(Driver, ThinWallIsCrushedOrBuckles) {
    const DriverBench bench(demoArrangement(), {200'000, 200'000, 33'000, true}, 70);
    const auto crushed = bench.check(sleeve(60, 57, 80));
    ASSERT_TRUE(find(crushed.findings, Finding::FaceOverloaded));
    EXPECT_NEAR(find(crushed.findings, Finding::FaceOverloaded)->value, 200e3 / (std::numbers::pi / 4 * (3600 - 3249)),
                1e-6);
    EXPECT_TRUE(find(bench.check(sleeve(60, 57, 4000)).findings, Finding::SleeveBuckles));
    EXPECT_FALSE(find(bench.check(sleeve(61, 55, 80)).findings, Finding::SleeveBuckles));
}

TEST(Support, OnlyAWideTallRingClearsWhatHangsBelow) {
    // Sensor cap: 74 mm wide, 14 mm below the housing; flange 128 mm.
    const auto& rack = demoLibrary().rack;
    const auto worstOf = [&](const char* id) {
        return worst(checkSupport(demoArrangement(), *shopPress(), rack.tool(id), kLoad).findings);
    };
    EXPECT_EQ(worstOf("R05"), Severity::Info); // 100 / 76 x 24
    EXPECT_EQ(worstOf("R06"), Severity::Stop); // 80 bore, but 10 mm high only
    EXPECT_EQ(worstOf("R04"), Severity::Stop); // bore 66: stands on the cap
    EXPECT_EQ(worstOf("R12"), Severity::Stop); // bore 140: the flange falls through
    const auto bare = checkSupport(demoArrangement(), *shopPress(), nullptr, kLoad);
    EXPECT_EQ(worst(bare.findings), Severity::Stop);
    EXPECT_TRUE(find(bare.findings, Finding::StandsOnPart));
}

TEST(Stack, NeedsRoomToSlideInAndOneStroke) {
    catalog::Press press;
    press.stroke_mm = 100;
    press.notchDaylight_mm = {200, 260};
    EXPECT_TRUE(stackFit(150, press, 0, 44).fits());
    EXPECT_EQ(stackFit(150, press, 0, 44).strokeUsed_mm, 94);
    EXPECT_FALSE(stackFit(197, press, 0, 44).fits()); // 3 mm of room
    EXPECT_FALSE(stackFit(150, press, 1, 44).fits()); // 154 mm of stroke
    EXPECT_FALSE(stackFit(140, press, 0, 44).fits());
    EXPECT_TRUE(stackFit(144, press, 0, 44).fits());
}

TEST(Search, PicksAProvenSetupForTheDemoJob) {
    const auto plan = planOf({shopPress(), nullptr, nullptr});
    ASSERT_TRUE(plan.choice);
    EXPECT_EQ(plan.choice->driver->id, "S14");
    EXPECT_EQ(plan.choice->support->id, "R05");
    EXPECT_TRUE(plan.proof.path.proven());
    EXPECT_LT(worst(plan.proof.findings), Severity::Stop);
    EXPECT_TRUE(plan.proof.stack.fits());
    EXPECT_FALSE(plan.overridden);
}

TEST(Search, BestFirstThenTheNearestMisses) {
    const auto plan = planOf({shopPress(), nullptr, nullptr});
    const auto firstRejected =
        std::find_if(plan.drivers.begin(), plan.drivers.end(), [](const auto& c) { return !c.usable(); });
    EXPECT_GE(firstRejected - plan.drivers.begin(), 2);
    EXPECT_TRUE(std::none_of(firstRejected, plan.drivers.end(), [](const auto& c) { return c.usable(); }));
    EXPECT_TRUE(std::is_sorted(plan.drivers.begin(), firstRejected,
                               [](const auto& a, const auto& b) { return a.score > b.score; }));
    // The rejected: what comes closest to the ring's face first.
    const auto miss = [](const Candidate& c) {
        return std::abs(c.tool->outsideDia_mm - 60) + std::abs(c.tool->boreDia_mm - 54);
    };
    EXPECT_TRUE(std::is_sorted(firstRejected, plan.drivers.end(),
                               [&](const auto& a, const auto& b) { return miss(a) < miss(b); }));
}

TEST(Search, SleeveOnTheInnerRingIsAStopWithTheLoadOnTheBalls) {
    const auto plan = planOf({shopPress(), demoLibrary().rack.tool("S11"), nullptr});
    ASSERT_TRUE(plan.choice);
    EXPECT_TRUE(plan.overridden);
    EXPECT_EQ(plan.choice->driver->id, "S11");
    EXPECT_FALSE(plan.proof.path.proven());
    const auto* through = find(plan.proof.findings, Finding::PathThroughElements);
    ASSERT_TRUE(through);
    EXPECT_EQ(through->value, 4000); // the hold, which is more than it takes to press
    EXPECT_EQ(through->limit, kLoad.staticAxial_N);
    EXPECT_TRUE(find(plan.proof.findings, Finding::LandsOnInnerRing));
}

TEST(Search, ShortSleeveGetsTheShortestSpacerThatHelps) {
    const auto plan = planOf({shopPress(), demoLibrary().rack.tool("S09"), nullptr});
    ASSERT_TRUE(plan.choice);
    ASSERT_FALSE(plan.choice->spacers.empty());
    EXPECT_LT(worst(plan.proof.findings), Severity::Stop);
    const auto setup = buildSetup(demoArrangement(), *plan.choice, demoArrangement().homeTravel_mm());
    EXPECT_GE(setup.ramFaceZ_mm(), setup.housingFaceZ_mm);
}

TEST(Search, EmptyRackGivesNoChoiceAndNoCrash) {
    catalog::Rack rack;
    rack.presses = demoLibrary().rack.presses;
    const auto plan = chooseTools(demoArrangement(), rack, {&rack.presses.front(), nullptr, nullptr}, kLoad);
    EXPECT_FALSE(plan.choice);
    EXPECT_TRUE(plan.drivers.empty());
}

TEST(Search, WhatItCallsUsableIsClearAndOnTheOuterRingOnly) {
    // Independent of the checks: plain diameters decide for plain sleeves that reach through the bore.
    EXPECT_TRUE(rc::check("usable = on 54..60, bore over the seal, outside under the bore", [] {
        const double outside = *rc::gen::inRange(2000, 9000) / 100.0;
        const double bore = *rc::gen::inRange(1000, static_cast<int>(outside * 100) - 100) / 100.0;
        const auto c = check(sleeve(outside, bore, 90));
        const bool usable = worst(c.findings) < Severity::Stop;
        const bool should = bore >= 54 && bore < 60 && outside > 54 && outside <= 61.8;
        const bool mustNot = bore < 54 || bore >= 60 || outside >= 62;
        RC_ASSERT(!should || usable);
        RC_ASSERT(!mustNot || !usable);
    }));
}

TEST(Setup, EveryBodyRestsOnAnotherAndNoneOverlaps) {
    const auto a = demoArrangement();
    const auto plan = planOf({shopPress(), nullptr, nullptr});
    for (const double share : {0.0, 0.3, 0.7, 1.0}) {
        const auto setup = buildSetup(a, *plan.choice, share * a.homeTravel_mm());
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

namespace {

/// A small rack around the sizes of the demo job, so that good and bad setups both occur.
catalog::Rack randomRack() {
    catalog::Rack rack;
    rack.presses = {*shopPress()};
    const auto tool = [&](catalog::ToolKind kind, const char* id, double outside, double bore, double length) {
        rack.tools.push_back({id + std::to_string(rack.tools.size()), kind, "", outside, bore, length, 0, 0, ""});
    };
    const auto between = [](int low, int high) { return *rc::gen::inRange(low, high + 1) / 10.0; };
    for (int i = 0; i < 4; ++i) {
        const double outside = between(560, 640);
        tool(catalog::ToolKind::Sleeve, "S", outside, outside - between(40, 90), between(150, 1200));
    }
    for (int i = 0; i < 2; ++i)
        tool(catalog::ToolKind::Support, "R", between(900, 1200), between(700, 860), between(100, 400));
    for (int i = 0; i < 3; ++i)
        tool(catalog::ToolKind::Spacer, "X", between(400, 600), 0, between(100, 700));
    return rack;
}

/// Every driver with every support, none, one or two spacers and every notch: the long way round.
std::optional<SetupChoice> provenSetup(const catalog::Rack& rack) {
    const auto a = demoArrangement();
    std::vector<const catalog::Tool*> supports{nullptr}, drivers, spacers;
    for (const auto& t : rack.tools)
        (t.kind == catalog::ToolKind::Support  ? supports
         : t.kind == catalog::ToolKind::Spacer ? spacers
                                               : drivers)
            .push_back(&t);
    std::vector<std::vector<const catalog::Tool*>> stacks{{}};
    for (const auto* first : spacers) {
        stacks.push_back({first});
        for (const auto* second : spacers)
            if (second != first) stacks.push_back({first, second});
    }
    for (const auto* driver : drivers)
        for (const auto* support : supports)
            for (const auto& stack : stacks)
                for (std::size_t notch = 0; notch < rack.presses[0].notchDaylight_mm.size(); ++notch)
                    if (worst(proveSetup(a, {&rack.presses[0], driver, stack, support, notch}, kLoad).findings) <
                        Severity::Stop)
                        return SetupChoice{&rack.presses[0], driver, stack, support, notch};
    return std::nullopt;
}

} // namespace

TEST(Search, FindsASetupExactlyWhenTryingEverythingDoes) {
    EXPECT_TRUE(rc::check("as the exhaustive search", [] {
        const auto rack = randomRack();
        const auto plan = chooseTools(demoArrangement(), rack, {&rack.presses[0], nullptr, nullptr}, kLoad);
        const bool found = plan.choice && worst(plan.proof.findings) < Severity::Stop;
        RC_CLASSIFY(found);
        RC_ASSERT(found == provenSetup(rack).has_value());
    }));
}
