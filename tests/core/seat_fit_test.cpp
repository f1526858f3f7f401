// One seat, and a bearing between two: bands, stress, heat, speed, and what each is held against.
#include "core/fit/rotation.h"
#include "core/fit/seat_fit.h"
#include "support/bearing_case.h"
#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <random>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::fit;
using arbor::testing::answer;
using arbor::testing::demoTables;
using arbor::testing::onShaft;
using arbor::testing::ringInIron;

namespace {

template <class Kind>
bool has(const AdviceList& list) {
    return std::any_of(list.begin(), list.end(), [&](const Advice& a) { return a.is<Kind>(); });
}

} // namespace

TEST(SeatFit, WorstCaseIsLimitArithmetic) {
    const auto fit = answer(ringInIron())->housing;
    EXPECT_NEAR(fit.interferenceWorst_mm.lower, -0.004, 1e-12); // -13 + 9
    EXPECT_NEAR(fit.interferenceWorst_mm.upper, 0.039, 1e-12);  // 0 + 39
    EXPECT_NEAR(fit.interferenceNominal_mm, 0.0175, 1e-12);
    EXPECT_GT(fit.interference_mm.least, fit.interferenceWorst_mm.lower);
    EXPECT_LT(fit.interference_mm.most, fit.interferenceWorst_mm.upper);
    EXPECT_NEAR(fit.interference_mm.likely, 0.0175, 5e-5);
}

TEST(SeatFit, ForceIsFrictionTimesPressureTimesArea) {
    const auto fit = answer(ringInIron())->housing;
    const double area = std::numbers::pi * 62 * 14;
    EXPECT_NEAR(fit.pressForce_N.likely, 0.105 * fit.pressure_MPa.likely * area, 1e-6);
    EXPECT_NEAR(fit.pressForceWorst_N, 0.13 * fit.pressureWorst_MPa * area, 1e-6);
    EXPECT_NEAR(fit.slipTorque_Nm.most, fit.pressForce_N.most * 31 / 1000, 1e-9);
}

TEST(SeatFit, PressureBandFollowsTheJoint) {
    const auto fit = answer(ringInIron())->housing;
    JointInput joint{62,
                     54,
                     100,
                     {208e3, 0.3, 1.19e-5},
                     {110e3, 0.26, 1.05e-5},
                     fit.interference_mm.likely,
                     smoothingLoss(0.004, 0.0016),
                     20,
                     20};
    EXPECT_NEAR(fit.pressure_MPa.likely, pressJoint(joint)->pressure_MPa, 1e-9);
    joint.interferenceDia_mm = 0.039;
    EXPECT_NEAR(fit.outerHoop_MPa, pressJoint(joint)->outerBoreHoop_MPa, 1e-9);
    EXPECT_NEAR(fit.innerHoop_MPa, pressJoint(joint)->innerBoreHoop_MPa, 1e-9);
    // Elastic limits by hand: 250 (1 - 0.62^2)/sqrt 3 outside, 1700 (1 - (54/62)^2)/sqrt 3 inside.
    EXPECT_NEAR(fit.outerLimit_MPa, 250 * (1 - 0.3844) / std::sqrt(3.0), 1e-9);
    EXPECT_NEAR(fit.innerLimit_MPa, 1700 * (1 - std::pow(54.0 / 62, 2)) / std::sqrt(3.0), 1e-9);
}

TEST(Clearance, WithoutFitsAndHeatStaysAsMade) {
    auto in = ringInIron();
    in.housing.outer.surface.deviation = Spread::ofLimits({0.020, 0.050});
    const auto out = answer(in).value();
    EXPECT_EQ(out.housing.pressForce_N, (Range{0, 0, 0}));
    EXPECT_NEAR(out.clearance.left_mm.likely, 0.0205, 5e-5);
    EXPECT_NEAR(out.clearance.worst_mm.lower, 0.013, 1e-12);
    EXPECT_NEAR(out.clearance.worst_mm.upper, 0.028, 1e-12);
    EXPECT_TRUE(has<found::LooseFit>(out.housing.advisories));
    EXPECT_EQ(worst(out.housing.advisories), Severity::Stop);
}

TEST(Clearance, WarmerInnerRingTakesItByHand) {
    auto in = ringInIron();
    const double cold = answer(in)->clearance.nominal_mm;
    in.innerRingTemp_C = 60;
    in.outerRingTemp_C = 50;
    in.housing.inner.temp_C = 50;
    // alpha * 10 K * (54 + 38) / 2 = 1.19e-5 * 460 = 5.47 µm; the housing stays at 20, so the ring also sits tighter by
    // 62 * 1.19e-5 * 30.
    const double tighter = 62 * 1.19e-5 * 30;
    const auto warm = answer(in).value();
    EXPECT_NEAR(warm.clearance.lossToHeat_mm, 1.19e-5 * 460, 1e-9);
    EXPECT_NEAR(warm.housing.thermal_mm, tighter, 1e-12);
    const double share = warm.housing.pressurePerInterference_MPa_per_mm * racewayShrinkage(62, 54, 208e3);
    EXPECT_NEAR(warm.clearance.perHousing, share, 1e-12);
    EXPECT_NEAR(cold - warm.clearance.nominal_mm, 1.19e-5 * 460 + share * tighter, 1e-6);
}

TEST(Clearance, ShaftFitTakesFromItToo) {
    const auto without = answer(ringInIron()).value();
    const auto with = answer(onShaft(ringInIron(), {0.002, 0.011})).value();
    EXPECT_LT(with.clearance.left_mm.likely, without.clearance.left_mm.likely);
    EXPECT_EQ(without.clearance.onShaft_mm, without.clearance.inHousing_mm);
    EXPECT_LT(with.clearance.onShaft_mm.likely, with.clearance.inHousing_mm.likely);
    EXPECT_GT(with.clearance.shareBelowZero, without.clearance.shareBelowZero);
}

// The closed form: while every pair is tight the clearance is a sum of independent sizes, so its mean and variance are
// sums. Wide limits (nothing cut off) make each size a plain normal.
TEST(Clearance, BandAgreesWithTheClosedFormWhereEverythingIsLinear) {
    auto in = onShaft(ringInIron(), {0.030, 0.040});
    const auto normal = [](double mean, double sigma) {
        return Spread{mean, sigma, {mean - 6 * sigma, mean + 6 * sigma}};
    };
    in.housing.outer.surface.deviation = normal(-0.060, 0.002);
    in.housing.inner.surface.deviation = normal(-0.006, 0.0015);
    in.shaft->outer.surface.deviation = normal(-0.005, 0.001);
    in.shaft->inner.surface.deviation = normal(0.030, 0.0012);
    const auto out = answer(in).value();
    const double a = out.clearance.perHousing, b = out.clearance.perShaft;
    const double made = (0.028 - 0.013) / 6;
    // The clearance as made is cut at three sigma: the variance of that is 0.9733 of the whole.
    const double sigma = std::sqrt(0.9733 * made * made + a * a * (0.002 * 0.002 + 0.0015 * 0.0015) +
                                   b * b * (0.001 * 0.001 + 0.0012 * 0.0012));
    const double mean = 0.0205 - a * (0.054 - out.housing.smoothing_mm) - b * (0.035 - out.shaft->smoothing_mm);
    EXPECT_NEAR(out.clearance.nominal_mm, mean, 1e-9);
    EXPECT_NEAR(out.clearance.left_mm.likely, mean, 3e-5);
    EXPECT_NEAR(out.clearance.left_mm.least, mean - 1.95996 * sigma, 8e-5);
    EXPECT_NEAR(out.clearance.left_mm.most, mean + 1.95996 * sigma, 8e-5);
    EXPECT_NEAR(out.clearance.shareBelowZero, 0.5 * std::erfc(mean / sigma / std::sqrt(2.0)), 2e-3);
}

// A million draws from the stated stream (Mersenne twister, seed 20261125), through the knee at zero interference.
TEST(Clearance, BandAgreesWithAMillionDraws) {
    const auto in = onShaft(ringInIron(), {-0.004, 0.012});
    const auto out = answer(in).value();
    std::mt19937_64 stream(20261125);
    const auto draw = [&stream](const Spread& s) {
        std::normal_distribution<double> normal(s.mean, s.sigma);
        double x = normal(stream);
        while (x < s.limits.lower || x > s.limits.upper)
            x = normal(stream);
        return x;
    };
    constexpr int kDraws = 1'000'000;
    std::vector<double> left(kDraws);
    for (auto& c : left) {
        const auto taken = [&](const SeatInput& seat, double smoothing, double per) {
            return per *
                   std::max(0.0, draw(seat.inner.surface.deviation) - draw(seat.outer.surface.deviation) - smoothing);
        };
        c = draw(Spread::ofLimits(in.asMade_mm)) -
            taken(in.housing, out.housing.smoothing_mm, out.clearance.perHousing) -
            taken(*in.shaft, out.shaft->smoothing_mm, out.clearance.perShaft);
    }
    std::sort(left.begin(), left.end());
    EXPECT_NEAR(out.clearance.left_mm.least, left[kDraws / 40], 4e-5);
    EXPECT_NEAR(out.clearance.left_mm.likely, left[kDraws / 2], 4e-5);
    EXPECT_NEAR(out.clearance.left_mm.most, left[kDraws - kDraws / 40], 4e-5);
    const auto below = std::lower_bound(left.begin(), left.end(), 0.0) - left.begin();
    EXPECT_NEAR(out.clearance.shareBelowZero, static_cast<double>(below) / kDraws, 5e-4);
}

TEST(Clearance, WhatMovesItMostIsWhatCostsMostWhenItIsChanged) {
    const auto in = onShaft(ringInIron(), {0.002, 0.015});
    const auto base = answer(in).value();
    ASSERT_FALSE(base.clearance.moves.empty());
    for (std::size_t i = 1; i < base.clearance.moves.size(); ++i)
        EXPECT_GE(base.clearance.moves[i - 1].by_mm, base.clearance.moves[i].by_mm);
    // The hole by hand: its half width is 15 µm, and each µm there is perHousing µm of clearance.
    const auto hole = std::find_if(base.clearance.moves.begin(), base.clearance.moves.end(),
                                   [](const Sensitivity& m) { return m.subject == "hole"; });
    ASSERT_NE(hole, base.clearance.moves.end());
    EXPECT_NEAR(hole->by_mm, 0.015 * base.clearance.perHousing, 1e-12);
    auto moved = in;
    moved.housing.outer.surface.deviation.mean -= 0.001;
    EXPECT_NEAR(base.clearance.nominal_mm - answer(moved)->clearance.nominal_mm, 0.001 * base.clearance.perHousing,
                1e-9);
}

TEST(SeatFit, SameInputSameAnswer) {
    const auto a = answer(ringInIron()).value(), b = answer(ringInIron()).value();
    EXPECT_EQ(a.clearance.left_mm, b.clearance.left_mm);
    EXPECT_EQ(a.housing.interferenceCurve, b.housing.interferenceCurve);
}

TEST(SeatFit, ThinAluminiumIsWarnedOfYield) {
    auto in = ringInIron();
    in.housing.outer.material = demoTables().materials.at("aluminium");
    in.housing.outer.material.yield_MPa = 20;
    in.housing.outer.otherDia_mm = 66;
    in.housing.outer.surface.deviation = Spread::ofLimits({-0.090, -0.060});
    EXPECT_TRUE(has<found::SeatYields>(answer(in)->housing.advisories));
}

TEST(SeatFit, ThinHollowShaftIsWarnedOfYield) {
    auto in = onShaft(ringInIron(), {0.045, 0.060}, 27);
    in.shaft->inner.material.yield_MPa = 60;
    EXPECT_TRUE(has<found::ShaftYields>(answer(in)->shaft->advisories));
}

TEST(SeatFit, TightShaftStretchesTheInnerRing) {
    const auto out = answer(onShaft(ringInIron(), {0.045, 0.060})).value();
    EXPECT_TRUE(has<found::RingStressHigh>(out.shaft->advisories));
    EXPECT_TRUE(has<found::ClearanceGone>(out.clearance.advisories));
}

TEST(SeatFit, RefusesWhatItCannotCompute) {
    auto in = ringInIron();
    in.housing.friction = {0, 0.1};
    EXPECT_EQ(answer(in).error().field, "friction");
    in = ringInIron();
    in.housing.engagedLength_mm = NAN;
    EXPECT_EQ(answer(in).error().field, "engagedLength_mm");
    in = ringInIron();
    in.housing.outer.otherDia_mm = 60;
    EXPECT_EQ(answer(in).error().code, ProblemCode::GeometryOrder);
    EXPECT_EQ(answer(onShaft(ringInIron(), {0.002, 0.011}, 30)).error().field, "innerBoreDia_mm");
    in = ringInIron();
    in.housing.inner.speed_rpm = -1;
    EXPECT_EQ(answer(in).error().field, "speed_rpm");
    in = ringInIron();
    in.housing.inner.otherDia_mm = 25; // a raceway inside the bore of the bearing
    EXPECT_EQ(answer(in).error().field, "raceways");
    in = ringInIron();
    in.asMade_mm = {0.02, 0.01};
    EXPECT_EQ(answer(in).error().field, "asMade_mm");
}

// Equilibrium of a turning ring, integrated: r s_r' = s_t - s_r - rho w² r², with strains tied by e_t = u/r, e_r = u'.
// A shooting method in small steps, independent of the closed form.
TEST(Rotation, GrowthAgreesWithIntegratingTheEquilibrium) {
    const double E = 208e3, nu = 0.3, rho = 7.81e-9, w = 6000 * std::numbers::pi / 30;
    for (const auto& wall : {std::pair{15.0, 19.0}, {10.0, 40.0}, {50.0, 60.0}}) {
        const double a = wall.first, b = wall.second;
        // State (u, s_r); u' = (1 - nu²)/E s_r - nu u/r, s_t = E u/r + nu s_r.
        const auto shoot = [&](double u0) {
            double u = u0, s = 0;
            const int steps = 20000;
            const double h = (b - a) / steps;
            const auto slope = [&](double r, double uu, double ss) {
                const double st = E * uu / r + nu * ss;
                return std::pair{(1 - nu * nu) / E * ss - nu * uu / r, (st - ss) / r - rho * w * w * r};
            };
            for (int i = 0; i < steps; ++i) {
                const double r = a + h * i;
                const auto [k1u, k1s] = slope(r, u, s);
                const auto [k2u, k2s] = slope(r + h / 2, u + h / 2 * k1u, s + h / 2 * k1s);
                u += h * k2u;
                s += h * k2s;
            }
            return std::pair{u, s};
        };
        // Linear in the unknown bore displacement: two shots give the one with no stress outside.
        const double s0 = shoot(0).second, s1 = shoot(1e-3).second;
        const double bore = -s0 / (s1 - s0) * 1e-3, outside = shoot(bore).first;
        const Turning ring{2 * a, 2 * b, {E, nu, 0}, 7810, 6000};
        EXPECT_NEAR(boreGrowth_mm(ring) / (2 * bore), 1, 1e-3);
        EXPECT_NEAR(outsideGrowth_mm(ring) / (2 * outside), 1, 1e-3);
    }
    EXPECT_EQ(boreGrowth_mm({20, 40, {E, nu, 0}, 7810, 0}), 0);
    // A solid disc: rho w² (1 - nu) b³ / (4 E) on the radius.
    EXPECT_NEAR(outsideGrowth_mm({0, 60, {E, nu, 0}, 7810, 6000}), 2 * rho * w * w * 0.7 * 27000 / (4 * E), 1e-12);
}

TEST(SeatFit, SpeedTakesInterferenceWithItsSquare) {
    auto in = onShaft(ringInIron(), {0.010, 0.020});
    const auto turning = [&](double rpm) {
        in.shaft->outer.speed_rpm = in.shaft->inner.speed_rpm = rpm;
        return *answer(in)->shaft;
    };
    const auto slow = turning(6000), fast = turning(12000);
    EXPECT_EQ(turning(0).rotation_mm, 0);
    EXPECT_FALSE(turning(0).looseAt_rpm);
    EXPECT_NEAR(fast.rotation_mm / slow.rotation_mm, 4, 1e-9);
    EXPECT_LT(fast.pressureAtWork_MPa.likely, slow.pressureAtWork_MPa.likely);
    EXPECT_EQ(fast.pressForce_N, slow.pressForce_N); // pressed standing still
    ASSERT_TRUE(slow.looseAt_rpm);
    EXPECT_NEAR(*slow.looseAt_rpm, *fast.looseAt_rpm, 1e-6 * *slow.looseAt_rpm);
    EXPECT_NEAR(turning(*slow.looseAt_rpm).effectiveAtWork_mm.likely, 0, 1e-9);
}
