// The search: what it takes for the demo job, and whether trying everything finds the same.
#include "support/tools.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::tooling;
using arbor::testing::demoTables;
using arbor::testing::demoTask;
using arbor::testing::find;
using arbor::testing::kLoad;
using arbor::testing::made;
using arbor::testing::shopPress;
using arbor::testing::sleeve;
using arbor::testing::taskOf;

namespace {

ToolPlan planOf(const SearchOverrides& overrides) {
    return chooseTools(demoTask(), demoTables().rack, overrides, kLoad);
}

DriverCheck checkOf(const catalog::Tool& tool) {
    return DriverBench(demoTask(), kLoad, {70, 0}).check(&tool);
}

} // namespace

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
    const auto plan = planOf({shopPress(), demoTables().rack.tool("S11"), nullptr});
    ASSERT_TRUE(plan.choice);
    EXPECT_TRUE(plan.overridden);
    EXPECT_EQ(plan.choice->driver->id, "S11");
    EXPECT_FALSE(plan.proof.path.proven());
    const auto* through = find<found::PathThroughElements>(plan.proof.findings);
    ASSERT_TRUE(through);
    EXPECT_EQ(through->get<found::PathThroughElements>()->force_N,
              4000); // the hold, which is more than it takes to press
    EXPECT_EQ(through->get<found::PathThroughElements>()->rating_N, kLoad.staticAxial_N);
    EXPECT_TRUE(find<found::LandsOnInnerRing>(plan.proof.findings));
}

TEST(Search, ShortSleeveGetsTheShortestSpacerThatHelps) {
    const auto plan = planOf({shopPress(), demoTables().rack.tool("S09"), nullptr});
    ASSERT_TRUE(plan.choice);
    ASSERT_FALSE(plan.choice->spacers.empty());
    EXPECT_LT(worst(plan.proof.findings), Severity::Stop);
    const auto setup = buildSetup(demoTask(), *plan.choice, demoTask().travel_mm);
    EXPECT_GE(setup.ramFaceZ_mm(), setup.bodies[setup.holder].top());
}

TEST(Search, EmptyRackGivesNoChoiceAndNoCrash) {
    catalog::Rack rack;
    rack.presses = demoTables().rack.presses;
    const auto plan = chooseTools(demoTask(), rack, {&rack.presses.front()}, kLoad);
    EXPECT_FALSE(plan.choice);
    EXPECT_TRUE(plan.drivers.empty());
}

TEST(Search, WhatItCallsUsableIsClearAndOnTheOuterRingOnly) {
    // Independent of the checks: plain diameters decide for plain sleeves that reach through the bore.
    EXPECT_TRUE(rc::check("usable = on 54..60, bore over the seal, outside under the bore", [] {
        const double outside = *rc::gen::inRange(2000, 9000) / 100.0;
        const double bore = *rc::gen::inRange(1000, static_cast<int>(outside * 100) - 100) / 100.0;
        const auto c = checkOf(sleeve(outside, bore, 90));
        const bool usable = worst(c.findings) < Severity::Stop;
        const bool should = bore >= 54 && bore < 60 && outside > 54 && outside <= 61.8;
        const bool mustNot = bore < 54 || bore >= 60 || outside >= 62;
        RC_ASSERT(!should || usable);
        RC_ASSERT(!mustNot || !usable);
    }));
}

namespace {

double drawn(double low, double high) {
    return *rc::gen::inRange(static_cast<int>(low * 10), static_cast<int>(high * 10) + 1) / 10.0;
}

/// One of a few bearings in a housing of random depth, with or without seals, groove-free, something below or nothing.
Task randomSeat() {
    const auto* name = *rc::gen::element("3206", "6204", "6206", "6009", "30206", "32008");
    const auto& bearing = *catalog::findBearing(demoTables().bearings, name);
    arrangement::BlindSeat h;
    h.bearing.designation = name;
    if (bearing.isTaper()) h.bearing.piece = arrangement::FromCatalogue::Piece::Outer;
    if (*rc::gen::arbitrary<bool>() && !bearing.isTaper()) h.bearing.dress.seals = catalog::Side::Both;
    h.seatDia_mm = bearing.outsideDia_mm;
    h.outsideDia_mm = h.seatDia_mm + drawn(15, 50);
    h.seatDepth_mm = bearing.outerWidth_mm + drawn(0, 30);
    h.height_mm = h.seatDepth_mm + drawn(6, 30);
    h.shoulderBoreDia_mm = bearing.outerFaceInnerDia_mm() - drawn(0, 3);
    h.leadIn_mm = 0.5;
    if (*rc::gen::arbitrary<bool>())
        h.hangsBelow = arrangement::HangsBelow{"cap", h.shoulderBoreDia_mm + drawn(1, 12), drawn(5, 20)};
    return taskOf(h);
}

/// A stepped spindle going through the inner ring of a bearing in a housing.
Task randomHub() {
    arrangement::Assembly a;
    const double depth = drawn(20, 50), face = depth + 16 + drawn(0, 20), flange = drawn(34, 60);
    const auto part = [](const char* id, arrangement::PartKind kind, std::vector<section::Slice> slices) {
        arrangement::Part p{id, {{id, section::BodyKind::Housing, section::Hatch::Steel, std::move(slices)}}, kind};
        p.label = id;
        return p;
    };
    using section::Slice;
    a.parts = {
        part("housing", arrangement::PartKind::Housing,
             {Slice::tube(0, depth, 54 / 2.0, 45), Slice::tube(depth, face, 62 / 2.0, 45)}),
        arrangement::Part{"bearing", {}, arrangement::PartKind::Bearing},
        part("spindle", arrangement::PartKind::Hub,
             {Slice::tube(depth - drawn(0, 8), depth + 16, 0, 15),
              Slice::tube(depth + 16, face + 4, 0, drawn(16.5, 18.5)), Slice::tube(face + 4, face + 14, 0, flange)})};
    a.parts[1].label = "bearing";
    a.parts[1].catalogue = arrangement::FromCatalogue{"6206", arrangement::FromCatalogue::Piece::Whole, depth};
    EXPECT_TRUE(arrangement::resolve(a, demoTables().bearings));
    const auto tasks = tasksOf(a, {2, 1, route::Way::Up, 7, false});
    return tasks.front();
}

/// A small rack around the sizes of a task, so that good and bad setups both occur.
catalog::Rack randomRack(const Task& task) {
    catalog::Rack rack;
    rack.presses = {*shopPress()};
    const auto tool = [&](catalog::ToolKind kind, const char* id, double outside, double bore, double length) {
        rack.tools.push_back({id + std::to_string(rack.tools.size()), kind, "", outside, bore, length, 0, 0, ""});
    };
    const bool hub = task.heldByRing();
    const double outer = hub ? 38 : task.face.outerDia_mm, work = task.still[task.holder].outsideDia();
    for (int i = 0; i < 3; ++i) {
        const double outside = outer + drawn(-4, 4);
        tool(catalog::ToolKind::Sleeve, "S", outside, outside - drawn(4, 9), drawn(15, 120));
    }
    const double wide = hub ? 90 : work;
    for (int i = 0; i < 2; ++i)
        tool(catalog::ToolKind::Support, "R", wide + drawn(-5, 25), wide - drawn(5, 35), drawn(10, 40));
    for (int i = 0; i < 2; ++i)
        tool(catalog::ToolKind::Spacer, "X", drawn(20, outer), 0, drawn(10, 70));
    const int plates = *rc::gen::inRange(0, 3);
    for (int i = 0; i < plates; ++i)
        tool(catalog::ToolKind::Plate, "L", 180, 0, drawn(25, 60));
    return rack;
}

/// What may stand under the work: alone, or on the plate where it would fall through the gap.
std::vector<SetupChoice> everySupport(const Task& task, const catalog::Rack& rack) {
    std::vector<SetupChoice> out;
    const auto offer = [&](const catalog::Tool* tool) {
        SetupChoice choice{&rack.presses[0], nullptr, {}, tool};
        const auto alone = checkSupport(task, choice, kLoad);
        out.push_back(choice);
        if (!find<found::FallsThrough>(alone.findings)) return;
        for (const auto& plate : rack.tools)
            if (plate.kind == catalog::ToolKind::Plate) {
                choice.plate = &plate;
                out.push_back(choice);
            }
    };
    offer(nullptr);
    for (const auto& t : rack.tools)
        if (t.kind == catalog::ToolKind::Support || (t.kind == catalog::ToolKind::Sleeve && task.heldByRing()))
            offer(&t);
    return out;
}

/// Every driver with every support, none, one or two spacers and every notch: the long way round.
std::vector<SetupChoice> everyProvenSetup(const Task& task, const catalog::Rack& rack) {
    std::vector<const catalog::Tool*> drivers, spacers;
    if (task.bareRam) drivers.push_back(nullptr);
    for (const auto& t : rack.tools) {
        if (t.kind == catalog::ToolKind::Spacer) spacers.push_back(&t);
        if (t.kind == catalog::ToolKind::Sleeve) drivers.push_back(&t);
    }
    std::vector<std::vector<const catalog::Tool*>> stacks{{}};
    for (const auto* first : spacers) {
        stacks.push_back({first});
        for (const auto* second : spacers)
            if (second != first) stacks.push_back({first, second});
    }
    std::vector<SetupChoice> out;
    for (auto choice : everySupport(task, rack))
        for (const auto* driver : drivers)
            for (const auto& stack : stacks)
                for (std::size_t notch = 0; notch < rack.presses[0].notchDaylight_mm.size(); ++notch) {
                    choice.driver = driver;
                    choice.spacers = stack;
                    choice.notch = notch;
                    if (proveSetup(task, choice, kLoad, spacers).holds()) out.push_back(choice);
                }
    return out;
}

/// How good a driver is, from plain diameters: share of the face, berth to the seal, pressure on a turned face, length,
/// a look taken off.
double worthOf(const Task& task, const catalog::Tool& t) {
    const auto ring = [](double outside, double bore) { return outside * outside - bore * bore; };
    const double in = task.face.innerDia_mm, out = task.face.outerDia_mm;
    const double touched = ring(std::min(t.outsideDia_mm, out), std::max(t.boreDia_mm, in));
    const double berth = (t.boreDia_mm - in) / 2;
    const double load = kLoad.holdForce_N / (std::numbers::pi / 4 * touched) / (355 / 1.5);
    const bool close = task.keepOff == KeepOff::Inside && berth < 0.25;
    return touched / ring(out, in) + 0.05 * std::clamp(berth, 0.0, 2.0) - 0.1 * load - 0.0005 * t.length_mm -
           (close ? 0.5 : 0);
}

/// So much less may be worth one that guides itself: between equals it comes first.
constexpr double kCentresItself = 0.03 + 1e-9;

/// Whether a driver reaches the end without a spacer on it.
bool reachesAlone(const ToolPlan& plan, const catalog::Tool* driver) {
    return std::any_of(plan.drivers.begin(), plan.drivers.end(),
                       [&](const auto& c) { return c.tool == driver && c.usable() && c.spacers.empty(); });
}

template <class List>
bool isUsable(const List& candidates, const catalog::Tool* tool) {
    return std::any_of(candidates.begin(), candidates.end(),
                       [&](const auto& c) { return c.tool == tool && c.usable(); });
}

} // namespace

TEST(Search, FindsASetupExactlyWhenTryingEverythingDoes) {
    EXPECT_TRUE(rc::check("as the exhaustive search, for random seats and racks", [] {
        const auto task = randomSeat();
        const auto rack = randomRack(task);
        const auto plan = chooseTools(task, rack, {&rack.presses[0]}, kLoad);
        const auto all = everyProvenSetup(task, rack);
        RC_CLASSIFY(plan.proven());
        RC_ASSERT(plan.proven() == !all.empty());
        // A cup's face in the section is a little narrower than the plain diameters say.
        const bool compared = plan.proven() && task.moving.size() > 1 && reachesAlone(plan, plan.choice->driver);
        for (const auto& setup : all) {
            RC_ASSERT(isUsable(plan.drivers, setup.driver));
            RC_ASSERT(isUsable(plan.supports, setup.support));
            // The best of those that need no spacer to get there is not passed over for a lesser one.
            if (compared && reachesAlone(plan, setup.driver))
                RC_ASSERT(worthOf(task, *plan.choice->driver) >= worthOf(task, *setup.driver) - kCentresItself);
        }
    }));
}

TEST(Search, FindsAWayForAHubExactlyWhenTryingEverythingDoes) {
    EXPECT_TRUE(rc::check("as the exhaustive search, for random hubs", [] {
        const auto task = randomHub();
        const auto rack = randomRack(task);
        const auto plan = chooseTools(task, rack, {&rack.presses[0]}, kLoad);
        const auto all = everyProvenSetup(task, rack);
        RC_CLASSIFY(plan.proven());
        RC_ASSERT(plan.proven() == !all.empty());
        for (const auto& setup : all) // whatever is proven, the ring is backed up
            RC_ASSERT(setup.support != nullptr || setup.plate != nullptr);
    }));
}

TEST(NearestMiss, SaysWhatToTurnAndTheMendedToolPasses) {
    catalog::Rack rack;
    rack.tools = {made(catalog::ToolKind::Sleeve, "far", 80, 40, 90),
                  made(catalog::ToolKind::Sleeve, "near", 63, 55, 90),
                  made(catalog::ToolKind::Sleeve, "thin", 62, 61, 90)};
    const auto miss = nearestMiss(demoTask(), rack, kLoad, {70, 0});
    ASSERT_TRUE(miss);
    EXPECT_EQ(miss->tool->id, "near");
    EXPECT_NEAR(miss->mended.outsideDia_mm, 60, 1e-9);
    EXPECT_NEAR(miss->cut_mm, 3, 1e-9);
    EXPECT_EQ(worst(DriverBench(demoTask(), kLoad, {70, 0}).check(&miss->mended).findings), Severity::Info);
    rack.tools.erase(rack.tools.begin() + 1);
    EXPECT_EQ(nearestMiss(demoTask(), rack, kLoad, {70, 0})->tool->id, "far");
    rack.tools.erase(rack.tools.begin());
    EXPECT_FALSE(nearestMiss(demoTask(), rack, kLoad, {70, 0})) << "no wall is left of it";
}
