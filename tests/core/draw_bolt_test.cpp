// Draw bolt: torque, stress and thread against independent formulas and table values.
#include "core/force/draw_bolt.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using force::DrawBolt;
using force::loadBolt;
using standards::parseStrengthClass;
using standards::parseThread;

namespace {

constexpr double kPi = std::numbers::pi;

DrawBolt m20() {
    DrawBolt bolt;
    bolt.thread = parseThread("M20x2.5").value();
    bolt.strength = parseStrengthClass("10.9").value();
    bolt.headMeanDia_mm = 40;
    bolt.muThread = {0.12, 0.12};
    bolt.muHead = {0.1, 0.1};
    bolt.engagement_mm = 16;
    bolt.wrench_mm = 500;
    return bolt;
}

/// VDI 2230's short form, worked out by its authors for small angles.
double threadTorque(const DrawBolt& b, double force_N, double mu) {
    return force_N * (0.159 * b.thread.pitch_mm + 0.578 * b.thread.pitchDia_mm() * mu);
}

} // namespace

// ISO 724 and ISO 898-1 give these to three decimals and to three figures.
TEST(Thread, DiametersAndStressAreaAsTheTablesSay) {
    const auto m20 = parseThread("M20x2.5").value();
    EXPECT_NEAR(m20.pitchDia_mm(), 18.376, 5e-4);
    EXPECT_NEAR(m20.minorDia_mm(), 17.294, 5e-4);
    EXPECT_NEAR(m20.coreDia_mm(), 16.933, 5e-4);
    EXPECT_NEAR(m20.stressArea_mm2(), 245, 0.5);
    EXPECT_NEAR(parseThread("M10x1.5").value().stressArea_mm2(), 58.0, 0.05);
    EXPECT_NEAR(parseThread("M16x1.5").value().stressArea_mm2(), 167, 0.5);
}

TEST(Thread, WithoutItsPitchOrMadeUpIsRefused) {
    for (const char* text : {"", "M20", "20x2.5", "M20x", "Mx2", "M20x-1", "M10x9", "M900x6", "M20xtwo"})
        EXPECT_FALSE(parseThread(text)) << text;
    EXPECT_EQ(parseThread("M20").error().code, ProblemCode::Malformed);
    EXPECT_EQ(parseThread("M10x9").error().code, ProblemCode::OutOfRange);
}

TEST(Thread, WrenchFitsTheHexagon) {
    EXPECT_EQ(standards::acrossFlats_mm(parseThread("M20x2.5").value()), 30);
    EXPECT_EQ(standards::acrossFlats_mm(parseThread("M16x1.5").value()), 24);
    EXPECT_FALSE(standards::acrossFlats_mm(parseThread("M19x2").value()));
}

TEST(Thread, StrengthClassIsTensileAndYield) {
    EXPECT_DOUBLE_EQ(parseStrengthClass("8.8")->tensile_MPa, 800);
    EXPECT_DOUBLE_EQ(parseStrengthClass("8.8")->yield_MPa, 640);
    EXPECT_DOUBLE_EQ(parseStrengthClass("12.9")->yield_MPa, 1080);
    for (const char* text : {"", "8", "88", "8.", ".8", "8.88", "2.8", "x.y", "8.3"})
        EXPECT_FALSE(parseStrengthClass(text)) << text;
}

TEST(DrawBolt, TorqueIsThatOfTheStandardsShortForm) {
    const auto bolt = m20();
    const double force = 20e3;
    const auto load = loadBolt(bolt, {force, force, force}).value();
    const double head = force * 0.1 * 40 / 2;
    EXPECT_NEAR(load.torque_Nmm.likely, threadTorque(bolt, force, 0.12) + head, 0.01 * load.torque_Nmm.likely);
    EXPECT_NEAR(load.hand_N.likely, load.torque_Nmm.likely / 500, 1e-9);
}

TEST(DrawBolt, ThrustBearingTakesAwayMostOfTheHeadsShare) {
    auto bearing = m20(), washer = m20();
    bearing.muHead = force::kThrustBearing;
    washer.muHead = force::kGreasedWasher;
    const Range force{20e3, 20e3, 20e3};
    const double with = loadBolt(bearing, force)->torque_Nmm.most, without = loadBolt(washer, force)->torque_Nmm.most;
    EXPECT_NEAR(without - with, 20e3 * 20 * (0.16 - 0.01), 1e-6);
}

// By hand with the short form: sigma = F/244.8; tau = 1.672 F / (pi/16 17.654^3); reduced 4.886e-3 F;
// 0.9 x 900 / 4.886e-3 = 165.8 kN. The exact statics lie within half a per cent.
TEST(DrawBolt, GreatestForceByHand) {
    const auto load = loadBolt(m20(), {0, 0, 100e3}).value();
    EXPECT_NEAR(load.stress_MPa, 488.6, 2.5);
    EXPECT_NEAR(load.greatest_N, 165.8e3, 0.8e3);
    EXPECT_DOUBLE_EQ(load.allowed_MPa, 810);
    EXPECT_TRUE(load.strong());
    EXPECT_FALSE(loadBolt(m20(), {0, 0, 166.5e3})->strong());
}

TEST(DrawBolt, PulledByARamItIsInTensionOnly) {
    auto pulled = m20();
    pulled.turned = false;
    const auto load = loadBolt(pulled, {1000, 1000, 1000}).value();
    EXPECT_NEAR(load.stress_MPa, 1000 / 245.0, 0.01); // stress area by ISO 898-1
    EXPECT_EQ(load.torque_Nmm, (Range{0, 0, 0}));
    EXPECT_EQ(load.hand_N, (Range{0, 0, 0}));
}

TEST(DrawBolt, WithoutFrictionTheTorqueIsTheWorkOfTheHelix) {
    auto smooth = m20();
    smooth.muThread = smooth.muHead = {0, 0};
    const auto load = loadBolt(smooth, {1000, 1000, 1000}).value();
    EXPECT_NEAR(load.torque_Nmm.likely, 1000 * 2.5 / (2 * kPi), 1e-9); // one turn lifts by the pitch
}

// Shear over the nut's minor diameter at three quarters of the height is what a handbook takes: the same within a
// sixth.
TEST(DrawBolt, ThreadInANutOfFullHeightOutlivesTheBolt) {
    const auto load = loadBolt(m20(), {0, 0, 1}).value();
    EXPECT_NEAR(load.stripForce_N, 0.6 * 1000 * kPi * 17.294 * 0.75 * 16, 0.17 * load.stripForce_N);
    EXPECT_GT(load.stripForce_N, load.greatest_N);
    auto thin = m20();
    thin.engagement_mm = 4;
    EXPECT_NEAR(loadBolt(thin, {0, 0, 1})->stripForce_N, load.stripForce_N / 4, 1e-6);
}

TEST(DrawBolt, BadInputIsNamed) {
    auto bolt = m20();
    bolt.engagement_mm = 0;
    EXPECT_EQ(loadBolt(bolt, {0, 1, 2}).error().field, "engagement_mm");
    bolt = m20();
    bolt.headMeanDia_mm = -1;
    EXPECT_EQ(loadBolt(bolt, {0, 1, 2}).error().field, "head_mean_dia_mm");
    EXPECT_EQ(loadBolt(m20(), {2, 1, 3}).error().code, ProblemCode::OutOfRange);
    EXPECT_FALSE(loadBolt(m20(), {NAN, 1, 3}));
}

TEST(DrawBolt, MoreForceMoreTorqueAndInProportion) {
    EXPECT_TRUE(rc::check("linear in the force", [] {
        const double force = *rc::gen::inRange(1, 200) * 1e3, factor = *rc::gen::inRange(2, 9);
        const auto one = loadBolt(m20(), {force, force, force}).value();
        const auto more = loadBolt(m20(), {factor * force, factor * force, factor * force}).value();
        RC_ASSERT(std::abs(more.torque_Nmm.most - factor * one.torque_Nmm.most) < 1e-6 * more.torque_Nmm.most);
        RC_ASSERT(std::abs(more.stress_MPa - factor * one.stress_MPa) < 1e-9 * more.stress_MPa);
        RC_ASSERT(more.greatest_N == one.greatest_N);
    }));
}
