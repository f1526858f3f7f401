#include "core/fit/press_joint.h"

#include <cmath>
#include <gtest/gtest.h>
#include <rapidcheck.h>
#include <vector>

using namespace arbor;
using namespace arbor::fit;

namespace {

JointInput steelOnSteel() {
    JointInput in;
    in.interfaceDia_mm = 50;
    in.outerOutsideDia_mm = 100;
    in.inner = in.outer = {210'000, 0.3, 1.15e-5};
    in.interferenceDia_mm = 0.030;
    return in;
}

/// Independent radial solution: finite differences of u'' + u'/r - u/r^2 = 0 over both bodies as one column of rings,
/// with the interference put in as a jump at the interface. Returns the pressure there.
double pressureByRings(const JointInput& in) {
    // Each body is a chain of thin rings; the flexibility of a body at its loaded surface follows from marching the two
    // fundamental solutions numerically (Runge-Kutta), without using Lame's formula.
    const auto flexibility = [](double rFree, double rLoaded, double E, double nu) {
        // State (u, s): s radial stress. du/dr = s (1 - nu^2)/E - nu u/r ; ds/dr = E u/r^2 + (nu - 1) s/r ... plane
        // stress.
        const int steps = 20000;
        const double h = (rLoaded - rFree) / steps;
        double u = 1, s = 0, r = rFree;
        const auto du = [&](double rr, double uu, double ss) { return ss * (1 - nu * nu) / E - nu * uu / rr; };
        const auto ds = [&](double rr, double uu, double ss) { return E * uu / (rr * rr) + (nu - 1) * ss / rr; };
        for (int i = 0; i < steps; ++i) {
            const double k1u = du(r, u, s), k1s = ds(r, u, s);
            const double k2u = du(r + h / 2, u + h / 2 * k1u, s + h / 2 * k1s),
                         k2s = ds(r + h / 2, u + h / 2 * k1u, s + h / 2 * k1s);
            u += h * k2u;
            s += h * k2s;
            r += h;
        }
        return u / -s; // radial displacement per pressure on the loaded surface
    };
    const double rI = in.interfaceDia_mm / 2;
    const double outer = flexibility(in.outerOutsideDia_mm / 2, rI, in.outer.E_MPa, in.outer.nu);
    const double inner = flexibility(in.innerBoreDia_mm / 2, rI, in.inner.E_MPa, in.inner.nu);
    return in.interferenceDia_mm / 2 / (outer - inner);
}

} // namespace

TEST(PressJoint, SolidShaftInHubOfTwiceItsSizeByHand) {
    // Same material, solid shaft: p = E delta (1 - Q^2) / (2 d) = 210000 * 0.03 * 0.75 / 100 = 47.25 MPa.
    const auto result = pressJoint(steelOnSteel()).value();
    EXPECT_NEAR(result.pressure_MPa, 47.25, 1e-9);
    EXPECT_NEAR(result.outerBoreHoop_MPa, 47.25 * 1.25 / 0.75, 1e-9);
    EXPECT_NEAR(result.innerBoreHoop_MPa, -47.25, 1e-9);
}

TEST(PressJoint, AgreesWithRingsMarchedNumerically) {
    for (const auto& [bore, outside, Eo, nuo] : std::vector<std::array<double, 4>>{
             {30, 80, 210e3, 0.3}, {44, 62, 70e3, 0.33}, {20, 200, 110e3, 0.26}, {48, 52, 110e3, 0.26}}) {
        auto in = steelOnSteel();
        in.innerBoreDia_mm = bore;
        in.outerOutsideDia_mm = outside;
        in.outer = {Eo, nuo, 1e-5};
        EXPECT_NEAR(pressJoint(in)->pressure_MPa / pressureByRings(in), 1.0, 1e-3) << bore << " " << outside;
    }
}

TEST(PressJoint, ZeroInterferenceGivesZeroPressure) {
    auto in = steelOnSteel();
    in.interferenceDia_mm = 0;
    EXPECT_EQ(pressJoint(in)->pressure_MPa, 0);
    in.interferenceDia_mm = -0.05;
    EXPECT_EQ(pressJoint(in)->pressure_MPa, 0);
    EXPECT_EQ(pressJoint(in)->outerBoreHoop_MPa, 0);
}

TEST(PressJoint, RoughnessNeverLoosensALooseFit) {
    auto in = steelOnSteel();
    in.smoothing_mm = smoothingLoss(0.0063, 0.0016);
    EXPECT_NEAR(in.smoothing_mm, 0.00632, 1e-12);
    EXPECT_NEAR(pressJoint(in)->effective_mm, 0.030 - 0.00632, 1e-12);
    in.interferenceDia_mm = 0.004;
    EXPECT_EQ(pressJoint(in)->effective_mm, 0);
}

TEST(PressJoint, EqualHeatingOfEqualMaterialsChangesNothing) {
    auto in = steelOnSteel();
    const double cold = pressJoint(in)->pressure_MPa;
    in.innerTemp_C = in.outerTemp_C = 80;
    EXPECT_NEAR(pressJoint(in)->pressure_MPa, cold, 1e-9);
    in.outerTemp_C = 120;
    EXPECT_LT(pressJoint(in)->pressure_MPa, cold);
}

TEST(PressJoint, EndlessHousingIsTheLimitOfALargeOne) {
    auto endless = steelOnSteel(), large = steelOnSteel();
    endless.outerOutsideDia_mm = 0;
    large.outerOutsideDia_mm = 1e6;
    EXPECT_NEAR(pressJoint(endless)->pressure_MPa, pressJoint(large)->pressure_MPa, 1e-6);
}

TEST(PressJoint, VanishingWallCarriesNoPressure) {
    auto in = steelOnSteel();
    in.outerOutsideDia_mm = in.interfaceDia_mm * (1 + 1e-9);
    EXPECT_LT(pressJoint(in)->pressure_MPa, 1e-3);
    EXPECT_TRUE(std::isfinite(pressJoint(in)->outerBoreHoop_MPa));
}

TEST(PressJoint, MoreInterferenceOrMoreWallMeansMorePressure) {
    EXPECT_TRUE(rc::check("monotone", [] {
        auto a = steelOnSteel();
        a.outerOutsideDia_mm = *rc::gen::inRange(51, 300);
        a.interferenceDia_mm = *rc::gen::inRange(1, 80) * 1e-3;
        auto tighter = a, thicker = a;
        tighter.interferenceDia_mm += 0.001;
        thicker.outerOutsideDia_mm += 1;
        RC_ASSERT(pressJoint(tighter)->pressure_MPa > pressJoint(a)->pressure_MPa);
        RC_ASSERT(pressJoint(thicker)->pressure_MPa > pressJoint(a)->pressure_MPa);
    }));
}

TEST(PressJoint, ElasticWorkEqualsWorkOfTheInterference) {
    // Pressing two rings over each other stores p * delta * (half the seat's area) of energy; the two bodies' shares
    // add up to it.
    const auto in = steelOnSteel();
    const double p = pressJoint(in)->pressure_MPa, r = 25, q = 0.5;
    const double outerGrowth = p * r / 210e3 * ((1 + q * q) / (1 - q * q) + 0.3);
    const double innerShrink = p * r / 210e3 * (1 - 0.3);
    EXPECT_NEAR(p * (outerGrowth + innerShrink) / 2, p * in.interferenceDia_mm / 2 / 2, 1e-12);
}

TEST(PressJoint, NamesTheFieldItRefuses) {
    const auto field = [](auto change) {
        auto in = steelOnSteel();
        change(in);
        return pressJoint(in).error().field;
    };
    EXPECT_EQ(field([](auto& in) { in.interfaceDia_mm = 0; }), "interfaceDia_mm");
    EXPECT_EQ(field([](auto& in) { in.interfaceDia_mm = NAN; }), "interfaceDia_mm");
    EXPECT_EQ(field([](auto& in) { in.innerBoreDia_mm = 50; }), "innerBoreDia_mm");
    EXPECT_EQ(field([](auto& in) { in.innerBoreDia_mm = -1; }), "innerBoreDia_mm");
    EXPECT_EQ(field([](auto& in) { in.outerOutsideDia_mm = 50; }), "outerOutsideDia_mm");
    EXPECT_EQ(field([](auto& in) { in.outer.E_MPa = -1; }), "outer.E_MPa");
    EXPECT_EQ(field([](auto& in) { in.inner.nu = 0.5; }), "inner.nu");
    EXPECT_EQ(field([](auto& in) { in.interferenceDia_mm = NAN; }), "interferenceDia_mm");
    EXPECT_EQ(field([](auto& in) { in.outerTemp_C = INFINITY; }), "outerTemp_C");
}

TEST(Raceway, OfAnInnerRingGrowsAsLameSays) {
    // Hollow cylinder under inner pressure: outside grows by 2 p d^2 D / (E (D^2 - d^2)); d = 40, D = 50, p = 10.
    EXPECT_NEAR(10 * racewayGrowth(40, 50, 208e3), 2 * 10 * 1600.0 * 50 / (208e3 * 900), 1e-12);
    EXPECT_GT(racewayShrinkage(62, 54, 208e3), racewayShrinkage(62, 50, 208e3));
}

TEST(ElasticLimit, OfAnEndlessHousingIsYieldOverRootThree) {
    EXPECT_NEAR(elasticLimitPressure(50, 0, 300), 300 / std::sqrt(3.0), 1e-9);
    EXPECT_NEAR(elasticLimitPressure(50, 100, 300), 300 * 0.75 / std::sqrt(3.0), 1e-9);
}

TEST(AssemblyTemperature, BringsExactlyTheMargin) {
    const HeatInput in{62, 0.026, 0.062, 1.05e-5, 1.19e-5, -18};
    const double t = assemblyTemperature(in).value();
    const double bore = 62 * 1.05e-5 * (t - 20), ring = 62 * 1.19e-5 * (-18 - 20);
    EXPECT_NEAR(bore - ring, 0.026 + 0.062, 1e-12);
}

TEST(AssemblyTemperature, RefusesBadInput) {
    EXPECT_EQ(assemblyTemperature({0, 0.01, 0.02, 1e-5, 1e-5, 20}).error().field, "interfaceDia_mm");
    EXPECT_EQ(assemblyTemperature({62, 0.01, 0.02, 0, 1e-5, 20}).error().field, "outerAlpha_perK");
    EXPECT_EQ(assemblyTemperature({62, NAN, 0.02, 1e-5, 1e-5, 20}).error().code, ProblemCode::NotFinite);
    EXPECT_EQ(assemblyMargin(10), 0.020);
    EXPECT_EQ(assemblyMargin(62), 0.062);
}
