// Whole setups: strokes, plates, draw bolts, throat, the start.
#include "support/tools.h"

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

/// The demo seat without what hangs below, so that plates and bolts have it easy.
Task plainTask() {
    auto seat = demoSeat();
    seat.hangsBelow.reset();
    return taskOf(seat);
}

catalog::Tool drawBolt(const char* id, double length_mm) {
    auto t = made(catalog::ToolKind::DrawBolt, id, 70, 0, length_mm);
    t.thread = "M20x2.5";
    t.strengthClass = "8.8";
    t.edge_mm = 20;
    t.wrench_mm = 400;
    return t;
}

} // namespace

// Bed 0, support 40, housing 80, ring 23.8 high standing 2 mm deep, sleeve 90: the ram's face at 231.8, 18.2 under a
// daylight of 250; 44 to go make 62.2 of stroke.
class Strokes : public ::testing::Test {
protected:
    Strokes() {
        press.stroke_mm = 60;
        press.notchDaylight_mm = {250};
    }
    StackProof proof(const catalog::Tool& added) const {
        return proveSetup(demoTask(), {.press = &press, .driver = &tube, .support = &ring}, kLoad, {&added});
    }

    catalog::Press press = *shopPress();
    catalog::Tool tube = sleeve(61, 55, 90);
    catalog::Tool ring = made(catalog::ToolKind::Support, "R", 110, 80, 40);
    catalog::Tool spacer = made(catalog::ToolKind::Spacer, "X", 58, 0, 20);
};

TEST_F(Strokes, OneTooShortIsBrokenOffWhereTheRingStandsAlone) {
    const auto p = proof(spacer);
    EXPECT_NEAR(p.stack.strokeUsed_mm, 62.2, 1e-9);
    ASSERT_TRUE(p.restack);
    EXPECT_NEAR(p.restack->first_mm, 38.8, 1e-9); // 60 of stroke less 18.2 to the ring, 3 kept in hand
    EXPECT_NEAR(p.restack->second_mm, 5.2, 1e-9);
    EXPECT_EQ(p.restack->added->id, "X");
    EXPECT_TRUE(find<found::TwoStrokes>(p.findings));
    EXPECT_TRUE(p.holds());
}

TEST_F(Strokes, BrokenOffTooEarlyItWouldStandOnItsEdge) {
    press.stroke_mm = 23.2; // 5 mm in: under a third of 62
    const auto p = proof(spacer);
    EXPECT_FALSE(p.restack);
    EXPECT_TRUE(find<found::StrokeShort>(p.findings));
}

TEST_F(Strokes, TheSecondStackIsProvenLikeAnyOther) {
    EXPECT_FALSE(proof(made(catalog::ToolKind::Spacer, "narrow", 50, 0, 20)).restack) << "falls into the sleeve";
    EXPECT_FALSE(proof(made(catalog::ToolKind::Spacer, "tall", 30, 0, 20)).restack) << "110 high on 30 wide";
    tube.headThick_mm = 10;
    tube.headDia_mm = 62;
    EXPECT_FALSE(proof(made(catalog::ToolKind::Spacer, "tall", 30, 0, 20)).restack) << "110 high on 30 wide";
    EXPECT_TRUE(proof(made(catalog::ToolKind::Spacer, "on the head", 50, 0, 20)).restack);
}

TEST(Plates, CarryANarrowTubeOverTheGapAndBendByBeamTheory) {
    const auto task = plainTask();
    const auto tube = made(catalog::ToolKind::Receiver, "C", 58, 55.5, 60); // narrower than the gap of 60
    const auto thick = made(catalog::ToolKind::Plate, "L", 200, 0, 30);
    const auto without = checkSupport(task, {shopPress(), nullptr, {}, &tube}, kLoad);
    ASSERT_TRUE(find<found::FallsThrough>(without.findings));
    const auto with = checkSupport(task, {shopPress(), nullptr, {}, &tube, 0, &thick}, kLoad);
    EXPECT_FALSE(find<found::FallsThrough>(with.findings));
    EXPECT_FALSE(find<found::PlateBends>(with.findings));
    const auto thin = made(catalog::ToolKind::Plate, "L", 200, 0, 2);
    const auto bent = checkSupport(task, {shopPress(), nullptr, {}, &tube, 0, &thin}, kLoad);
    ASSERT_TRUE(find<found::PlateBends>(bent.findings));
    EXPECT_NEAR(find<found::PlateBends>(bent.findings)->get<found::PlateBends>()->stress_MPa,
                4000.0 * 60 / 4 / (200.0 * 2 * 2 / 6), 1e-9);
}

TEST(Plates, ThinHeadUnderANarrowRamBends) {
    // A head of 1 mm on a 57 mm circle under a foot of 20 mm: 6/(4 pi) F [1.3 ln(57/20) + 1 - 0.7/4 (20/57)^2] / t^2.
    auto tool = sleeve(60, 54.4, 90, 62);
    tool.headThick_mm = 1;
    const auto c = DriverBench(demoTask(), kLoad, {20, 0}).check(&tool);
    const auto* bends = find<found::PlateBends>(c.findings);
    ASSERT_TRUE(bends);
    const double r = 20.0 / 57;
    EXPECT_NEAR(bends->get<found::PlateBends>()->stress_MPa,
                6 * 4000 / (4 * std::numbers::pi) * (1.3 * std::log(1 / r) + 1 - 0.7 / 4 * r * r), 1e-6);
    tool.headThick_mm = 14;
    EXPECT_FALSE(find<found::PlateBends>(DriverBench(demoTask(), kLoad, {20, 0}).check(&tool).findings));
}

TEST(DrawBoltSetup, PassesThroughEverythingOrIsStopped) {
    auto rack = catalog::Rack{};
    rack.tools = {drawBolt("B", 340), made(catalog::ToolKind::Sleeve, "tube", 61, 55, 40),
                  made(catalog::ToolKind::Support, "R", 110, 68, 20)};
    auto closed = sleeve(61, 55, 40, 62);
    closed.id = "closed";
    rack.tools.push_back(closed);
    SearchOverrides overrides;
    overrides.bolt = &rack.tools[0];
    const auto plan = chooseTools(plainTask(), rack, overrides, kLoad);
    ASSERT_TRUE(plan.choice);
    EXPECT_EQ(plan.choice->driver->id, "tube");
    EXPECT_TRUE(plan.proven()) << (plan.proof.findings.empty() ? "" : plan.proof.findings[0].key());
    EXPECT_TRUE(plan.proof.path.proven());
    const auto at =
        std::find_if(plan.drivers.begin(), plan.drivers.end(), [](const auto& c) { return c.tool->id == "closed"; });
    EXPECT_TRUE(find<found::BoltDoesNotPass>(at->check.findings));
}

TEST(DrawBoltSetup, SpacersLetTheBoltThroughToo) {
    const auto tube = made(catalog::ToolKind::Sleeve, "tube", 61, 55, 40);
    const auto bolt = drawBolt("B", 340);
    const auto with = [&](double bore_mm) {
        const auto spacer = made(catalog::ToolKind::Spacer, "X", 60, bore_mm, 20);
        const SetupChoice choice{.driver = &tube, .spacers = {&spacer}, .bolt = &bolt};
        return find<found::BoltDoesNotPass>(proveSetup(plainTask(), choice, kLoad).findings) != nullptr;
    };
    EXPECT_TRUE(with(0));
    EXPECT_TRUE(with(18));
    EXPECT_FALSE(with(22));
}

TEST(DrawBoltSetup, OneThatCannotBeReadIsStopped) {
    const auto tube = made(catalog::ToolKind::Sleeve, "tube", 61, 55, 40);
    auto bolt = drawBolt("B", 340);
    bolt.strengthClass = "strong";
    const SetupChoice choice{.driver = &tube, .bolt = &bolt};
    EXPECT_FALSE(proveSetup(plainTask(), choice, kLoad).holds());
}

TEST(DrawBoltSetup, ShortWeakOrHardToTurnIsSaid) {
    const auto tube = made(catalog::ToolKind::Sleeve, "tube", 61, 55, 40);
    const auto with = [&](const catalog::Tool& bolt, double force_N) {
        SetupChoice choice;
        choice.driver = &tube;
        choice.bolt = &bolt;
        return proveSetup(plainTask(), choice, {force_N, 0, 33000, true});
    };
    EXPECT_TRUE(find<found::BoltShort>(with(drawBolt("B", 120), 1000).findings));
    EXPECT_TRUE(find<found::BoltOverstressed>(with(drawBolt("B", 340), 150e3).findings));
    EXPECT_TRUE(find<found::HandForceHigh>(with(drawBolt("B", 340), 30e3).findings));
    const auto fine = with(drawBolt("B", 340), 5000);
    EXPECT_FALSE(find<found::BoltShort>(fine.findings));
    EXPECT_FALSE(find<found::BoltOverstressed>(fine.findings));
    EXPECT_FALSE(find<found::HandForceHigh>(fine.findings));
    EXPECT_FALSE(find<found::ThreadStrips>(fine.findings));
}

TEST(DrawBoltSetup, HollowRamPullsWithoutTorqueAsFarAsItsStroke) {
    const auto tube = made(catalog::ToolKind::Sleeve, "tube", 61, 55, 40);
    auto bolt = drawBolt("B", 420);
    auto ram = made(catalog::ToolKind::HollowRam, "Y", 74, 22, 60);
    ram.ramArea_mm2 = 1750;
    ram.stroke_mm = 50;
    ram.capacity_N = 100e3;
    SetupChoice choice;
    choice.driver = &tube;
    choice.bolt = &bolt;
    choice.ram = &ram;
    const auto proof = proveSetup(plainTask(), choice, {60e3, 0, 33000, true});
    EXPECT_FALSE(find<found::HandForceHigh>(proof.findings));
    EXPECT_FALSE(find<found::BoltOverstressed>(proof.findings)) << "60 kN of tension alone";
    ASSERT_TRUE(proof.pull);
    EXPECT_NEAR(*proof.pull->ramPressure_MPa, 60e3 / 1750, 1e-9);
    EXPECT_EQ(proof.pull->load.torque_Nmm.most, 0);
    ram.stroke_mm = 40; // 44 to go
    EXPECT_TRUE(find<found::StrokeShort>(proveSetup(plainTask(), choice, {60e3, 0, 33000, true}).findings));
    EXPECT_TRUE(find<found::PressTooSmall>(proveSetup(plainTask(), choice, {120e3, 0, 33000, true}).findings));
}

TEST(Press, ThroatMustTakeTheWork) {
    auto press = *shopPress();
    press.throat_mm = 50; // flange of 128
    const auto& rack = demoTables().rack;
    const SetupChoice choice{&press, rack.tool("S14"), {rack.tool("X09")}, rack.tool("R05"), 1};
    const auto proof = proveSetup(demoTask(), choice, kLoad);
    const auto* throat = find<found::ThroatShort>(proof.findings);
    ASSERT_TRUE(throat);
    EXPECT_NEAR(throat->get<found::ThroatShort>()->reach_mm, 64, 1e-9);
    press.throat_mm = 70;
    EXPECT_FALSE(find<found::ThroatShort>(proveSetup(demoTask(), choice, kLoad).findings));
}

TEST(Start, TiltIsWhatChamferAndInterferenceLeave) {
    auto load = kLoad;
    load.interference_mm = 0.02;
    const auto& rack = demoTables().rack;
    const SetupChoice choice{shopPress(), rack.tool("S14"), {rack.tool("X09")}, rack.tool("R05"), 1};
    const auto tight = proveSetup(demoTask(), choice, load);
    const auto* tilt = find<found::StartTilt>(tight.findings);
    ASSERT_TRUE(tilt);
    // Corner of 1 mm and half the lead-in of 1 mm on the radius, less the interference.
    EXPECT_NEAR(tilt->get<found::StartTilt>()->rise_mm, 1.0 + 0.5 - 0.02, 1e-9);
    load.interference_mm = -0.01;
    load.mu = 0.14;
    const auto loose = proveSetup(demoTask(), choice, load);
    const auto* wedge = find<found::WedgeDepth>(loose.findings);
    ASSERT_TRUE(wedge);
    EXPECT_NEAR(wedge->get<found::WedgeDepth>()->depth_mm, 0.14 * 62, 1e-9);
    EXPECT_FALSE(find<found::StartTilt>(loose.findings));
}
