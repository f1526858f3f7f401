// Three bodies in one another, held against radial finite elements written for this test.
#include "core/fit/seat_fit.h"
#include "core/fit/sleeve.h"
#include "support/bearing_case.h"
#include "support/shop.h"

#include <Eigen/Dense>
#include <cmath>
#include <gtest/gtest.h>
#include <tuple>

using namespace arbor;
using namespace arbor::fit;

namespace {

const Elastic kSteel{210e3, 0.3, 1.15e-5}, kRing{208e3, 0.3, 1.19e-5}, kIron{110e3, 0.26, 1.05e-5},
    kLight{70e3, 0.33, 2.35e-5};

/// One body of the stack with what it is strained by before it is put in (its own free growth on the radius share).
struct Tube {
    double inner_mm, outer_mm;
    Elastic e;
};

/// Radial finite elements, linear in u, plane stress. Neighbours touch with a diametral interference.
class Stack {
public:
    explicit Stack(std::vector<Tube> tubes, int perTube = 400) : m_tubes(std::move(tubes)), m_per(perTube) {}

    /// Contact pressures [MPa] at each interface.
    std::vector<double> pressures(const std::vector<double>& interference_mm) const {
        // Unknown pressures: compliance of each tube under unit pressures at its faces, by elements.
        const auto n = static_cast<Eigen::Index>(m_tubes.size()) - 1;
        Eigen::MatrixXd compliance = Eigen::MatrixXd::Zero(n, n);
        Eigen::VectorXd gap(n);
        for (Eigen::Index i = 0; i < n; ++i)
            gap[i] = interference_mm[static_cast<std::size_t>(i)];
        for (std::size_t t = 0; t < m_tubes.size(); ++t) {
            const auto k = static_cast<Eigen::Index>(t);
            const auto inside = faces(m_tubes[t], 1, 0), outside = faces(m_tubes[t], 0, 1);
            if (k > 0) compliance(k - 1, k - 1) += 2 * inside.first; // its bore grows
            if (k < n) compliance(k, k) -= 2 * outside.second;       // its outside shrinks
            if (k > 0 && k < n) {
                compliance(k - 1, k) += 2 * outside.first; // outside pressure closes its bore
                compliance(k, k - 1) -= 2 * inside.second; // inside pressure grows its outside
            }
        }
        const Eigen::VectorXd p = compliance.fullPivLu().solve(gap);
        return {p.data(), p.data() + p.size()};
    }

private:
    /// Displacements of bore and outside under pressures there.
    std::pair<double, double> faces(const Tube& t, double inside_MPa, double outside_MPa) const {
        const int n = m_per;
        const double h = (t.outer_mm - t.inner_mm) / n, c = t.e.E_MPa / (1 - t.e.nu * t.e.nu);
        // Tridiagonal: assemble and solve densely enough for a test.
        Eigen::VectorXd low = Eigen::VectorXd::Zero(n + 1), diag = low, up = low, load = low;
        for (int e = 0; e < n; ++e) {
            const double r0 = t.inner_mm + h * e;
            for (const double g : {0.5 - std::sqrt(1.0 / 12), 0.5 + std::sqrt(1.0 / 12)}) {
                const double r = r0 + g * h, w = h / 2 * r;
                const double n0 = 1 - g, n1 = g, d0 = -1 / h, d1 = 1 / h;
                const auto k = [&](double na, double da, double nb, double db) {
                    return w * c * (da * db + t.e.nu * (da * nb / r + na / r * db) + na * nb / (r * r));
                };
                diag[e] += k(n0, d0, n0, d0);
                diag[e + 1] += k(n1, d1, n1, d1);
                up[e] += k(n0, d0, n1, d1);
                low[e + 1] += k(n1, d1, n0, d0);
            }
        }
        load[0] = inside_MPa * t.inner_mm;
        load[n] = -outside_MPa * t.outer_mm;
        for (int i = 1; i <= n; ++i) { // Thomas
            const double f = low[i] / diag[i - 1];
            diag[i] -= f * up[i - 1];
            load[i] -= f * load[i - 1];
        }
        load[n] /= diag[n];
        for (int i = n - 1; i >= 0; --i)
            load[i] = (load[i] - up[i] * load[i + 1]) / diag[i];
        return {load[0], load[n]};
    }

    std::vector<Tube> m_tubes;
    int m_per;
};

SleeveInput repaired(const Elastic& sleeve, const Elastic& housing, double sleeveOutside, double housingOutside,
                     double interference) {
    SleeveInput in;
    in.joint = {62, 54, housingOutside, kRing, housing};
    in.sleeve = sleeve;
    in.sleeveOutsideDia_mm = sleeveOutside;
    in.sleeveInterference_mm = interference;
    return in;
}

} // namespace

TEST(Sleeve, AgreesWithRadialFiniteElements) {
    for (const auto& [sleeve, housing, D, A] :
         {std::tuple{kSteel, kIron, 68.0, 100.0}, {kSteel, kLight, 70.0, 84.0}, {kIron, kSteel, 66.0, 120.0}}) {
        const Stack stack({{27, 31, kRing}, {31, D / 2, sleeve}, {D / 2, A / 2, housing}});
        const double delta1 = 0.020, delta2 = 0.040;
        const auto fe = stack.pressures({delta1, delta2});
        const auto s = sleeveJoint(repaired(sleeve, housing, D, A, delta2)).value();
        const double p1 = s.perInterference_MPa_per_mm * (delta1 + s.closesIn * delta2);
        const double p2 = s.sleevePressure_MPa + s.carriedOn * p1;
        EXPECT_NEAR(p1 / fe[0], 1, 1e-3);
        EXPECT_NEAR(p2 / fe[1], 1, 1e-3);
    }
}

TEST(Sleeve, OfTheHousingsOwnMaterialBoredInPlaceChangesNothing) {
    const auto in = repaired(kIron, kIron, 70, 100, 0);
    EXPECT_NEAR(sleeveJoint(in)->perInterference_MPa_per_mm / jointStiffness(in.joint).value(), 1, 1e-12);
}

TEST(Sleeve, SofterMakesASofterSeatAndPressingItInClosesIt) {
    const auto steel = sleeveJoint(repaired(kSteel, kIron, 70, 100, 0.05)).value();
    const auto light = sleeveJoint(repaired(kLight, kIron, 70, 100, 0.05)).value();
    EXPECT_GT(steel.perInterference_MPa_per_mm, light.perInterference_MPa_per_mm);
    EXPECT_GT(steel.closesIn, 0);
    EXPECT_LT(steel.closesIn, 1);
    EXPECT_LT(steel.sleeveBoreHoopPerOuter, 0) << "the outer body squeezes the sleeve";
    // A very thick outer body against a thin sleeve: nearly the whole interference goes into the sleeve's bore.
    const auto thin = sleeveJoint(repaired(kLight, kSteel, 62.6, 0, 0.05)).value();
    EXPECT_GT(thin.closesIn, 0.9);
}

TEST(Sleeve, BalanceOfForcesAcrossItsWall) {
    // Hoop stress over the wall carries the difference of the pressures: integral of s_t dr = p1 a - p2 b.
    const auto in = repaired(kSteel, kIron, 70, 100, 0.03);
    const auto s = sleeveJoint(in).value();
    const double a = 31, b = 35, p1 = 10, p2 = s.sleevePressure_MPa + s.carriedOn * p1;
    const double k = (p1 * a * a - p2 * b * b) / (b * b - a * a), m = (p1 - p2) * a * a * b * b / (b * b - a * a);
    EXPECT_NEAR(s.sleeveBoreHoopPerRing * p1 + s.sleeveBoreHoopPerOuter * p2, k + m / (a * a), 1e-9);
    EXPECT_NEAR(k * (b - a) + m * (1 / a - 1 / b), p1 * a - p2 * b, 1e-9);
}

TEST(Sleeve, RefusesWhatCannotBe) {
    EXPECT_EQ(sleeveJoint(repaired(kSteel, kIron, 62, 100, 0)).error().field, "sleeveOutsideDia_mm");
    EXPECT_EQ(sleeveJoint(repaired(kSteel, kIron, 100, 100, 0)).error().field, "sleeveOutsideDia_mm");
    EXPECT_EQ(sleeveJoint(repaired(kSteel, kIron, 70, 100, -0.01)).error().field, "sleeveInterference_mm");
    EXPECT_EQ(sleeveJoint(repaired(kSteel, kIron, NAN, 100, 0)).error().field, "sleeveOutsideDia_mm");
    EXPECT_EQ(sleeveJoint(repaired({0, 0.3, 0}, kIron, 70, 100, 0)).error().field, "sleeve.E_MPa");
    EXPECT_TRUE(sleeveJoint(repaired(kSteel, kIron, 70, 0, 0)));
}

TEST(Sleeve, InASeatTakesTheWorkingTemperatureIntoAccount) {
    auto in = arbor::testing::ringInIron();
    const auto& lib = arbor::testing::demoTables();
    in.housing.outer.material = lib.materials.at("aluminium");
    in.housing.outer.surface.deviation = Spread::ofLimits({-0.100, -0.080});
    in.housing.sleeve = Sleeve{lib.materials.at("carbon_steel"), 70, {0.04, 0.06}, true};
    in.housing.outer.temp_C = in.housing.inner.temp_C = in.outerRingTemp_C = in.innerRingTemp_C = 80;
    const auto warm = arbor::testing::answer(in)->housing;
    // A steel sleeve keeps the ring where bare aluminium would let it go.
    auto bare = in;
    bare.housing.sleeve.reset();
    const auto loose = arbor::testing::answer(bare)->housing;
    EXPECT_LT(loose.effectiveAtWork_mm.likely, warm.effectiveAtWork_mm.likely);
    // By hand: ring against sleeve 62 (1.19 - 1.15)e-5 60, and the housing letting go of the sleeve through closesIn.
    const auto joint =
        sleeveJoint({{62, 54, 100, {208e3, 0.3, 1.19e-5}, {70e3, 0.33, 2.35e-5}}, kSteel, 70, 0.05}).value();
    EXPECT_NEAR(warm.thermal_mm, 62 * 0.04e-5 * 60 + joint.closesIn * 70 * (1.15e-5 - 2.35e-5) * 60, 1e-9);
    ASSERT_TRUE(warm.sleeveHoop_MPa);
}

TEST(Sleeve, MadeToSizeBeforeAddsItsClosingInToTheInterference) {
    auto in = arbor::testing::ringInIron();
    in.housing.sleeve = Sleeve{arbor::testing::demoTables().materials.at("carbon_steel"), 70, {0.03, 0.05}, true};
    const auto bored = arbor::testing::answer(in)->housing;
    in.housing.sleeve->boredInPlace = false;
    const auto before = arbor::testing::answer(in)->housing;
    const double closes = sleeveJoint({{62, 54, 100, {208e3, 0.3, 0}, {110e3, 0.26, 0}}, kSteel, 70, 0.04})->closesIn;
    EXPECT_NEAR(before.interferenceNominal_mm - bored.interferenceNominal_mm, closes * 0.04, 1e-9);
    EXPECT_NEAR(before.interferenceWorst_mm.upper - bored.interferenceWorst_mm.upper, closes * 0.05, 1e-9);
    EXPECT_NEAR(before.interference_mm.likely, before.interferenceNominal_mm, 5e-5);
}

/// Lame by hand: the body around presses on the sleeve, or lets go of it, as the two grow by different amounts.
TEST(Sleeve, BoreGrowsByTheSleeveAndByWhatIsAroundIt) {
    const auto& materials = arbor::testing::demoTables().materials;
    const auto alphaWith = [&](const char* sleeve, const char* housing, double outside) {
        auto in = arbor::testing::ringInIron();
        in.housing.outer.material = materials.at(housing);
        in.housing.sleeve = Sleeve{materials.at(sleeve), outside, {0.02, 0.04}, true};
        return arbor::testing::answer(in)->housing.boreAlpha_perK;
    };
    const auto byHand = [&](const char* sleeve, const char* housing, double D) {
        const auto &s = materials.at(sleeve), &h = materials.at(housing);
        const double d = 62, O = 100;
        const double outside = D / s.E_MPa * ((D * D + d * d) / (D * D - d * d) - s.nu);
        const double around = D / h.E_MPa * ((O * O + D * D) / (O * O - D * D) + h.nu);
        const double pressurePerK = D * (s.alpha_perK - h.alpha_perK) / (outside + around);
        return s.alpha_perK - pressurePerK * 2 * D * D / (D * D - d * d) / s.E_MPa;
    };
    for (const auto& [sleeve, housing, D] : {std::tuple{"carbon_steel", "wrought_aluminium", 68.0},
                                             {"carbon_steel", "wrought_aluminium", 80.0},
                                             {"carbon_steel", "grey_cast_iron", 68.0}})
        EXPECT_NEAR(alphaWith(sleeve, housing, D), byHand(sleeve, housing, D), 1e-12) << sleeve << housing << D;
    // A steel sleeve in aluminium gives far less room than the aluminium would, and more than the steel alone.
    EXPECT_LT(alphaWith("carbon_steel", "wrought_aluminium", 68), materials.at("wrought_aluminium").alpha_perK);
    EXPECT_GT(alphaWith("carbon_steel", "wrought_aluminium", 68), materials.at("carbon_steel").alpha_perK);
}

TEST(Sleeve, LetsGoWhereItsLooseEndHasNothingLeft) {
    const auto& materials = arbor::testing::demoTables().materials;
    auto in = arbor::testing::ringInIron();
    in.housing.outer.material = materials.at("wrought_aluminium");
    in.housing.sleeve = Sleeve{materials.at("carbon_steel"), 68, {0.02, 0.04}, true};
    const double apart = materials.at("wrought_aluminium").alpha_perK - materials.at("carbon_steel").alpha_perK;
    EXPECT_NEAR(*arbor::testing::answer(in)->housing.sleeveLetsGo_C, 20 + 0.02 / (68 * apart), 1e-9);
    in.housing.outer.material = materials.at("carbon_steel"); // they grow alike
    EXPECT_FALSE(arbor::testing::answer(in)->housing.sleeveLetsGo_C);
    EXPECT_FALSE(arbor::testing::answer(arbor::testing::ringInIron())->housing.sleeveLetsGo_C);
}
