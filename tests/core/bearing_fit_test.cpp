#include "core/fit/bearing_fit.h"

#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

using namespace arbor;
using namespace arbor::fit;
using arbor::testing::demoLibrary;

namespace {

BearingFitInput ringInIron() {
    const auto& lib = demoLibrary();
    BearingFitInput in;
    in.bearing = *catalog::findBearing(lib.bearings, "6206");
    in.ring = lib.materials.at("bearing_steel");
    in.outside = {Spread::ofLimits({-0.013, 0}), 0.0016};
    in.bore = {Spread::ofLimits({-0.010, 0}), 0.0016};
    in.clearance_mm = {0.013, 0.028};
    in.housing = {lib.materials.at("grey_cast_iron"), 100, {Spread::ofLimits({-0.039, -0.009}), 0.004}, 20};
    in.friction = {0.08, 0.13};
    in.engagedLength_mm = 14;
    return in;
}

bool has(const AdviceList& list, Finding id) {
    return std::any_of(list.begin(), list.end(), [&](const Advice& a) { return a.id == id; });
}

} // namespace

TEST(BearingFit, WorstCaseIsLimitArithmetic) {
    const auto fit = bearingFit(ringInIron()).value();
    EXPECT_NEAR(fit.interferenceWorst_mm.lower, -0.004, 1e-12); // -13 + 9
    EXPECT_NEAR(fit.interferenceWorst_mm.upper, 0.039, 1e-12);  // 0 + 39
    EXPECT_NEAR(fit.interferenceNominal_mm, 0.0175, 1e-12);
    EXPECT_GT(fit.interference_mm.least, fit.interferenceWorst_mm.lower);
    EXPECT_LT(fit.interference_mm.most, fit.interferenceWorst_mm.upper);
    EXPECT_NEAR(fit.interference_mm.likely, 0.0175, 5e-5);
}

TEST(BearingFit, ForceIsFrictionTimesPressureTimesArea) {
    const auto fit = bearingFit(ringInIron()).value();
    const double area = std::numbers::pi * 62 * 14;
    EXPECT_NEAR(fit.pressForce_N.likely, 0.105 * fit.pressure_MPa.likely * area, 1e-6);
    EXPECT_NEAR(fit.pressForceWorst_N, 0.13 * fit.pressureWorst_MPa * area, 1e-6);
    EXPECT_NEAR(fit.slipTorque_Nm.most, fit.pressForce_N.most * 31 / 1000, 1e-9);
}

TEST(BearingFit, PressureBandFollowsTheJoint) {
    const auto in = ringInIron();
    const auto fit = bearingFit(in).value();
    JointInput joint{62,
                     in.bearing.outerRacewayDia_mm(),
                     100,
                     {208e3, 0.3, 1.19e-5},
                     {110e3, 0.26, 1.05e-5},
                     fit.interference_mm.likely,
                     smoothingLoss(0.004, 0.0016),
                     20,
                     20};
    EXPECT_NEAR(fit.pressure_MPa.likely, pressJoint(joint)->pressure_MPa, 1e-9);
}

TEST(BearingFit, WithoutFitsAndHeatTheClearanceStaysAsMade) {
    auto in = ringInIron();
    in.housing.bore.deviation = Spread::ofLimits({0.020, 0.050});
    const auto fit = bearingFit(in).value();
    EXPECT_EQ(fit.pressForce_N, (Range{0, 0, 0}));
    EXPECT_NEAR(fit.clearanceLeft_mm.likely, 0.0205, 5e-5);
    EXPECT_NEAR(fit.clearanceWorst_mm.lower, 0.013, 1e-12);
    EXPECT_NEAR(fit.clearanceWorst_mm.upper, 0.028, 1e-12);
    EXPECT_TRUE(has(fit.advisories, Finding::LooseFit));
    EXPECT_EQ(worst(fit.advisories), Severity::Stop);
}

TEST(BearingFit, WarmerInnerRingTakesClearanceByHand) {
    auto in = ringInIron();
    const double cold = bearingFit(in)->clearanceNominal_mm;
    in.innerRingTemp_C = 60;
    in.outerRingTemp_C = 50;
    // alpha * 10 K * (54 + 38) / 2 = 1.19e-5 * 460 = 5.47 µm; the housing stays at 20, so the ring also sits tighter by
    // 62 * 1.19e-5 * 30.
    const double tighter = 62 * 1.19e-5 * 30;
    const auto warm = bearingFit(in).value();
    EXPECT_NEAR(warm.lossToHeat_mm, 1.19e-5 * 460, 1e-9);
    const double share = warm.pressurePerInterference_MPa_per_mm * racewayShrinkage(62, 54, 208e3);
    EXPECT_NEAR(cold - warm.clearanceNominal_mm, 1.19e-5 * 460 + share * tighter, 1e-6);
}

TEST(BearingFit, ShaftFitTakesFromTheClearanceToo) {
    auto in = ringInIron();
    const auto without = bearingFit(in).value();
    in.shaft =
        ShaftMember{demoLibrary().materials.at("carbon_steel"), 0, {Spread::ofLimits({0.002, 0.011}), 0.004}, 20};
    const auto with = bearingFit(in).value();
    EXPECT_LT(with.clearanceLeft_mm.likely, without.clearanceLeft_mm.likely);
    EXPECT_EQ(without.clearanceOnShaft_mm, without.clearanceInHousing_mm);
    EXPECT_LT(with.clearanceOnShaft_mm.likely, with.clearanceInHousing_mm.likely);
    EXPECT_GT(with.shareBelowZero, without.shareBelowZero);
}

TEST(BearingFit, HeatGivesRoomForTheTightestPair) {
    const auto fit = bearingFit(ringInIron()).value();
    EXPECT_NEAR(62 * 1.05e-5 * (fit.housingTemp_C - 20), 0.039 + 0.062, 1e-9);
}

TEST(BearingFit, SameInputSameAnswer) {
    const auto a = bearingFit(ringInIron()).value(), b = bearingFit(ringInIron()).value();
    EXPECT_EQ(a.clearanceLeft_mm, b.clearanceLeft_mm);
    EXPECT_EQ(a.interferenceCurve, b.interferenceCurve);
}

TEST(BearingFit, ThinAluminiumIsWarnedOfYield) {
    auto in = ringInIron();
    in.housing.material = demoLibrary().materials.at("aluminium");
    in.housing.material.yield_MPa = 20;
    in.housing.outsideDia_mm = 66;
    in.housing.bore.deviation = Spread::ofLimits({-0.090, -0.060});
    EXPECT_TRUE(has(bearingFit(in)->advisories, Finding::SeatYields));
}

TEST(BearingFit, TightShaftStretchesTheInnerRing) {
    auto in = ringInIron();
    in.shaft =
        ShaftMember{demoLibrary().materials.at("carbon_steel"), 0, {Spread::ofLimits({0.045, 0.060}), 0.004}, 20};
    const auto fit = bearingFit(in).value();
    EXPECT_TRUE(has(fit.advisories, Finding::RingStressHigh));
    EXPECT_TRUE(has(fit.advisories, Finding::ClearanceGone));
}

TEST(BearingFit, RefusesWhatItCannotCompute) {
    auto in = ringInIron();
    in.friction = {0, 0.1};
    EXPECT_EQ(bearingFit(in).error().field, "friction");
    in = ringInIron();
    in.engagedLength_mm = NAN;
    EXPECT_EQ(bearingFit(in).error().field, "engagedLength_mm");
    in = ringInIron();
    in.housing.outsideDia_mm = 60;
    EXPECT_EQ(bearingFit(in).error().code, ProblemCode::GeometryOrder);
    in = ringInIron();
    in.shaft =
        ShaftMember{demoLibrary().materials.at("carbon_steel"), 30, {Spread::ofLimits({0.002, 0.011}), 0.004}, 20};
    EXPECT_EQ(bearingFit(in).error().field, "innerBoreDia_mm");
}
