#include "core/route/order.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <rapidcheck.h>
#include <set>

using namespace arbor;
using namespace arbor::route;
using arrangement::Assembly;
using arrangement::Part;
using section::Body;
using section::Slice;

namespace {

Body tube(double zBottom, double zTop, double bore, double outside) {
    return {"", section::BodyKind::Housing, section::Hatch::Steel, {Slice::tube(zBottom, zTop, bore / 2, outside / 2)}};
}

Part part(const std::string& id, std::vector<Body> bodies, std::vector<Body> travelling = {}) {
    Part out{id, std::move(bodies)};
    out.travelling = std::move(travelling);
    return out;
}

/// Sits in a groove of the bore; squeezed it passes the bore.
Part retainingRing(const std::string& id, double z, double bore, double groove) {
    return part(id, {tube(z, z + 2, bore - 4, groove)}, {tube(z, z + 2, bore - 8, bore - 0.5)});
}

/// A bearing in a housing with its shoulder below and a retaining ring above; a flanged spindle goes through the inner
/// ring from below, a shield is held between flange and housing.
Assembly flangedSpindle() {
    return {
        {part("housing", {tube(0, 20, 54, 100), tube(20, 46, 62, 100), tube(46, 48, 65, 100), tube(48, 60, 62, 100)}),
         part("bearing", {tube(20, 44, 30, 38), tube(20, 44, 54, 62), tube(26, 38, 38, 54)}),
         retainingRing("ring", 46, 62, 65), part("shield", {tube(-2, 0, 40, 90)}),
         part("spindle", {tube(-12, -2, 0, 80), tube(-2, 20, 0, 36), tube(20, 50, 0, 30)})}};
}

/// Bearing and lock collar on a shaft against its shoulder, seal and retainer plate captive behind them.
Assembly pumpShaft() {
    return {{part("shaft", {tube(0, 10, 0, 60), tube(10, 100, 0, 30)}), part("seal", {tube(10, 18, 30, 50)}),
             part("plate", {tube(18, 24, 31, 90)}), part("bearing", {tube(24, 40, 30, 62)}),
             part("collar", {tube(40, 52, 30, 45)})}};
}

/// A shaft and its bearing in a blind tube, held by a ring that is reached through a hole in the shaft's flange. A
/// second ring in the shaft's groove holds the bearing on it; spread open it passes the shaft.
Assembly shaftInTube() {
    return {{part("tube", {tube(0, 2, 0, 80), tube(2, 10, 50, 80), tube(10, 30, 62, 80), tube(30, 32, 65, 80),
                           tube(32, 40, 62, 80)}),
             part("shaft", {tube(4, 8, 0, 30), tube(8, 10, 0, 28), tube(10, 30, 0, 30), tube(30, 50, 0, 36),
                            tube(50, 58, 0, 100)}),
             part("bearing", {tube(10, 30, 30, 62)}), retainingRing("ring", 30, 62, 65),
             part("shaft ring", {tube(8, 10, 28, 38)}, {tube(8, 10, 30.5, 42)})}};
}

std::size_t index(const Assembly& a, const std::string& id) {
    return static_cast<std::size_t>(
        std::find_if(a.parts.begin(), a.parts.end(), [&](const Part& p) { return p.id == id; }) - a.parts.begin());
}

PartSet named(const Assembly& a, std::initializer_list<const char*> ids) {
    PartSet out = 0;
    for (const auto* id : ids)
        out |= only(index(a, id));
    return out;
}

std::vector<std::string> names(const Assembly& a, const std::vector<Step>& steps) {
    std::vector<std::string> out;
    for (const auto& step : steps) {
        std::string text;
        for (const auto p : step.parts)
            text += (text.empty() ? "" : "+") + a.parts[p].id;
        out.push_back(text + (step.way == Way::Up ? " up" : " down"));
    }
    return out;
}

std::set<std::string> shutOutNames(const Assembly& a, PartSet fitted) {
    std::set<std::string> out;
    for (const auto& s : shutOut(BlockingGraph(a), fitted))
        out.insert(a.parts[s.part].id);
    return out;
}

} // namespace

TEST(Order, SpindleLeavesFirstThenTheShieldThenTheRingFreesTheBearing) {
    const auto a = flangedSpindle();
    ASSERT_TRUE(arrangement::validate(a));
    const auto order = takeApart(a);
    EXPECT_EQ(order.stuck, 0u);
    EXPECT_EQ(order.turnOvers, 1);
    // Either side may come first; on each the order is forced.
    const auto steps = names(a, order.steps);
    const auto at = [&](const char* step) { return std::find(steps.begin(), steps.end(), step) - steps.begin(); };
    ASSERT_EQ(steps.size(), 4u);
    EXPECT_LT(at("spindle down"), at("shield down"));
    EXPECT_LT(at("ring up"), at("bearing up"));
    EXPECT_LT(std::max(at("shield down"), at("bearing up")), 4);
}

TEST(Order, NeverTwoPressedSeatsAtOnce) {
    // Up first would draw the bearing off housing and spindle together; so the spindle is pressed out first.
    auto a = flangedSpindle();
    a.pressed = {{"housing", "bearing"}, {"bearing", "spindle"}};
    const auto order = takeApart(a);
    EXPECT_EQ(names(a, order.steps),
              (std::vector<std::string>{"spindle down", "shield down", "ring up", "bearing up"}));
    EXPECT_EQ(order.turnOvers, 1);
    EXPECT_TRUE(order.steps[2].turnedOver);
}

TEST(Order, WhatIsPressedTogetherLeavesAsOneWhenNothingElseHoldsIt) {
    auto a = shaftInTube();
    a.parts.pop_back(); // no ring on the shaft: the press fit alone holds the bearing on it
    a.pressed = {{"bearing", "shaft"}};
    const auto order = takeApart(a);
    EXPECT_EQ(names(a, order.steps), std::vector<std::string>{"shaft+bearing+ring up"});
    EXPECT_EQ(names(a, order.steps[0].onTheBench), (std::vector<std::string>{"bearing down", "ring down"}));
    a.pressed.clear();
    EXPECT_EQ(names(a, takeApart(a).steps), (std::vector<std::string>{"shaft up", "ring up", "bearing up"}));
}

TEST(Order, BearingIsKeptByItsRingAboveAndItsShoulderBelow) {
    const auto a = flangedSpindle();
    const BlockingGraph ways(a);
    const auto bearing = index(a, "bearing");
    EXPECT_EQ(ways.keeps(bearing, Way::Up, ways.all()), named(a, {"ring"}));
    EXPECT_EQ(ways.keeps(bearing, Way::Down, ways.all()), named(a, {"housing", "shield", "spindle"}));
    EXPECT_FALSE(ways.free(bearing, ways.all()));
    EXPECT_TRUE(ways.free(bearing, ways.all() & ~named(a, {"ring"})));
}

TEST(Order, SqueezedRingPassesItsBoreAndAnOpenOneDoesNot) {
    auto a = flangedSpindle();
    EXPECT_TRUE(BlockingGraph(a).free(index(a, "ring"), BlockingGraph(a).all()));
    a.parts[index(a, "ring")].travelling.clear();
    EXPECT_EQ(BlockingGraph(a).keeps(index(a, "ring"), Way::Up, BlockingGraph(a).all()), named(a, {"housing"}));
}

TEST(Order, SpindleBeforeItsShieldShutsTheShieldOut) {
    const auto a = flangedSpindle();
    EXPECT_EQ(shutOutNames(a, named(a, {"housing", "bearing"})), std::set<std::string>{});
    EXPECT_EQ(shutOutNames(a, named(a, {"housing", "bearing", "ring", "spindle"})), std::set<std::string>{"shield"});
    EXPECT_EQ(shutOutNames(a, named(a, {"housing", "ring"})), std::set<std::string>{"bearing"});
}

TEST(Order, CaptivePlateAndSealComeOnBeforeTheBearing) {
    const auto a = pumpShaft();
    const auto order = takeApart(a);
    EXPECT_EQ(names(a, order.steps), (std::vector<std::string>{"collar up", "bearing up", "plate up", "seal up"}));
    EXPECT_EQ(order.turnOvers, 0);
    EXPECT_EQ(shutOutNames(a, named(a, {"shaft", "bearing"})), (std::set<std::string>{"plate", "seal"}));
    const auto shut = shutOut(BlockingGraph(a), named(a, {"shaft", "bearing"}));
    EXPECT_EQ(shut.front().up, named(a, {"bearing"}));
    EXPECT_EQ(shut.front().down, named(a, {"shaft"}));
}

TEST(Order, ShaftBearingAndRingLeaveTheTubeTogether) {
    const auto a = shaftInTube();
    ASSERT_TRUE(arrangement::validate(a));
    const auto order = takeApart(a);
    EXPECT_EQ(names(a, order.steps), std::vector<std::string>{"shaft+bearing+ring+shaft ring up"});
    EXPECT_EQ(order.stuck, 0u);
    const auto& group = order.steps[0];
    EXPECT_EQ(group.benchBase, index(a, "shaft"));
    EXPECT_EQ(names(a, group.onTheBench), (std::vector<std::string>{"shaft ring down", "bearing down", "ring down"}));
}

TEST(Order, PinBeforeNut) {
    Assembly a{{part("spindle", {tube(0, 100, 0, 30)}), part("nut", {tube(60, 80, 30, 50)}),
                part("pin", {tube(82, 84, 30, 40)})}};
    a.parts[1].lockedBy = {"pin"};
    a.parts[2].bodies = {tube(82, 84, 30, 40)};
    const auto order = takeApart(a);
    EXPECT_EQ(names(a, order.steps), (std::vector<std::string>{"pin up", "nut up"}));
    EXPECT_EQ(shutOutNames(a, named(a, {"spindle", "pin"})), std::set<std::string>{"nut"});
}

TEST(Order, DumbbellThroughAShoulderIsStuckAndSaid) {
    const Assembly a{{part("housing", {tube(0, 40, 60, 100), tube(40, 50, 30, 100), tube(50, 90, 60, 100)}),
                      part("dumbbell", {tube(20, 40, 0, 50), tube(40, 50, 0, 20), tube(50, 70, 0, 50)})}};
    EXPECT_EQ(takeApart(a).stuck, named(a, {"dumbbell"}));
    EXPECT_TRUE(takeApart(a).steps.empty());
}

TEST(Assembly, NamesWhatCannotBe) {
    auto a = pumpShaft();
    a.parts[1].bodies = {tube(10, 20, 30, 50)};
    auto refused = arrangement::validate(a).error();
    EXPECT_EQ(refused.code, ProblemCode::GeometryOrder);
    EXPECT_EQ(refused.field, "parts/seal");
    EXPECT_EQ(refused.value, "plate");
    a = pumpShaft();
    a.parts[2].id = "seal";
    EXPECT_EQ(arrangement::validate(a).error().code, ProblemCode::Duplicate);
    a = pumpShaft();
    a.parts[2].lockedBy = {"bolt"};
    EXPECT_EQ(arrangement::validate(a).error().field, "parts/plate/locked_by");
    a = pumpShaft();
    a.pressed = {{"bearing", "axle"}};
    EXPECT_EQ(arrangement::validate(a).error().value, "axle");
    a = pumpShaft();
    a.parts[3].bodies.clear();
    EXPECT_EQ(arrangement::validate(a).error().code, ProblemCode::Missing);
    a.base = 9;
    EXPECT_EQ(arrangement::validate(a).error().field, "base");
    EXPECT_EQ(arrangement::validate(arrangement::Assembly{}).error().code, ProblemCode::Missing);
}

namespace {

/// Tubes at random places in a bore with a shoulder in the middle, none overlapping another.
Assembly randomAssembly() {
    Assembly a{{part("housing", {tube(0, 50, 100, 120), tube(50, 60, 60, 120), tube(60, 120, 100, 120)})}};
    for (int tries = *rc::gen::inRange(2, 14); tries > 0; --tries) {
        const double bore = 2.0 * *rc::gen::inRange(0, 40), outside = bore + 2.0 * *rc::gen::inRange(2, 25);
        const double z = *rc::gen::inRange(-10, 110), height = *rc::gen::inRange(3, 30);
        if (outside > 100) continue;
        a.parts.push_back(part("p" + std::to_string(tries), {tube(z, z + height, bore, outside)}));
        if (!arrangement::clashes(a).empty()) a.parts.pop_back();
    }
    return a;
}

bool share(const Body& a, double lift, const Body& b) {
    for (const auto& s : a.slices)
        for (const auto& t : b.slices)
            if (std::min(s.outerTop, t.outerTop) - std::max(s.innerTop, t.innerTop) > 1e-3 &&
                std::min(s.zTop + lift, t.zTop) - std::max(s.zBottom + lift, t.zBottom) > 1e-3)
                return true;
    return false;
}

/// Replays the steps by moving what leaves half a millimetre at a time: independent of how ways are worked out.
bool replays(const Assembly& a, const std::vector<Step>& steps, std::set<std::size_t> present) {
    for (const auto& step : steps) {
        for (const auto p : step.parts)
            present.erase(p);
        for (double lift = 0; lift < 160; lift += 0.5)
            for (const auto p : step.parts)
                for (const auto other : present)
                    for (const auto& m : a.parts[p].bodies)
                        for (const auto& s : a.parts[other].bodies)
                            if (share(m, step.way == Way::Up ? lift : -lift, s)) return false;
        if (step.parts.size() > 1 && !replays(a, step.onTheBench, {step.parts.begin(), step.parts.end()})) return false;
    }
    return true;
}

/// Fewest turn-overs over all orders of single parts, tried one by one.
int fewestTurns(const BlockingGraph& ways, PartSet present, std::optional<Way> way) {
    if (present == only(0)) return 0;
    int best = 1000;
    for (std::size_t p = 1; p < ways.size(); ++p)
        for (const auto w : kWays)
            if ((present & only(p)) && ways.keeps(p, w, present) == 0)
                best = std::min(best, (way && *way != w) + fewestTurns(ways, present & ~only(p), w));
    return best;
}

} // namespace

TEST(Order, ReplayOfAnyArrangementCollidesWithNothing) {
    EXPECT_TRUE(rc::check("replay", [] {
        const auto a = randomAssembly();
        const auto order = takeApart(a);
        RC_CLASSIFY(a.parts.size() > 5);
        RC_ASSERT(order.stuck == 0u); // single tubes always come out, if need be together
        std::set<std::size_t> present;
        std::size_t taken = 0;
        for (std::size_t i = 0; i < a.parts.size(); ++i)
            present.insert(i);
        for (const auto& step : order.steps)
            taken += step.parts.size();
        RC_ASSERT(taken + 1 == a.parts.size());
        RC_ASSERT(replays(a, order.steps, present));
    }));
}

TEST(Order, BackwardsNoPartIsEverShutOut) {
    EXPECT_TRUE(rc::check("assembly", [] {
        const auto a = randomAssembly();
        const auto order = takeApart(a);
        const BlockingGraph ways(a);
        PartSet fitted = only(a.base);
        for (auto step = order.steps.rbegin(); step != order.steps.rend(); ++step) {
            if (step->parts.size() > 1) return; // groups are put together on the bench first
            RC_ASSERT(ways.free(step->parts[0], fitted | only(step->parts[0])));
            fitted |= only(step->parts[0]);
            RC_ASSERT(shutOut(ways, fitted).empty());
        }
    }));
}

TEST(Order, TurnsTheWorkNoMoreOftenThanItMust) {
    EXPECT_TRUE(rc::check("against all orders", [] {
        auto a = randomAssembly();
        a.parts.resize(std::min<std::size_t>(a.parts.size(), 7));
        const auto order = takeApart(a);
        const bool singles =
            std::all_of(order.steps.begin(), order.steps.end(), [](const Step& s) { return s.parts.size() == 1; });
        RC_PRE(singles);
        const BlockingGraph ways(a);
        RC_ASSERT(order.turnOvers == fewestTurns(ways, ways.all(), std::nullopt));
    }));
}
