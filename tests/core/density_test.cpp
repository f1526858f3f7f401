#include "core/fit/density.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numeric>
#include <random>

using namespace arbor;
using namespace arbor::fit;

namespace {

/// Draws from a spread by rejection, independently of Density.
double draw(const Spread& s, std::mt19937_64& random) {
    if (s.sigma == 0) return s.mean;
    std::normal_distribution<double> normal(s.mean, s.sigma);
    for (;;)
        if (const double x = normal(random); x >= s.limits.lower && x <= s.limits.upper) return x;
}

double quantile(std::vector<double>& values, double p) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(p * static_cast<double>(values.size()));
    std::nth_element(values.begin(), at, values.end());
    return *at;
}

constexpr int kSamples = 400'000;

} // namespace

TEST(Density, OfLimitsIsNormalCutAtThreeSigma) {
    const auto density = Density::of(Spread::ofLimits({-0.039, -0.009}), 1e-5);
    EXPECT_NEAR(density.mean(), -0.024, 1e-9);
    EXPECT_NEAR(density.probabilityBelow(-0.024), 0.5, 1e-6);
    // Phi(1) = 0.841345, Phi(3) = 0.998650: (0.841345 - 0.001350) / 0.997300
    EXPECT_NEAR(density.probabilityBelow(-0.019), 0.842269, 1e-5);
    EXPECT_EQ(density.probabilityBelow(-0.039 - 1e-4), 0);
    EXPECT_NEAR(density.probabilityBelow(-0.009 + 1e-4), 1, 1e-12);
}

TEST(Density, ExactSizeHasNoSpread) {
    const auto density = Density::of({0.012, 0, {0.012, 0.012}}, 1e-5);
    EXPECT_EQ(density.band(), (Range{0.012, 0.012, 0.012}));
}

TEST(Density, DifferenceAgreesWithMonteCarlo) {
    const auto ring = Spread::ofLimits({-0.013, 0}), bore = Spread::ofMeasured(-0.022, 0.002);
    const auto band = Density::of(ring, 2e-5).minus(Density::of(bore, 2e-5)).band();
    std::mt19937_64 random(20261124);
    std::vector<double> drawn(kSamples);
    for (auto& x : drawn)
        x = draw(ring, random) - draw(bore, random);
    EXPECT_NEAR(band.least, quantile(drawn, 0.025), 5e-5);
    EXPECT_NEAR(band.likely, quantile(drawn, 0.5), 5e-5);
    EXPECT_NEAR(band.most, quantile(drawn, 0.975), 5e-5);
}

TEST(Density, MappedWithAKneeAgreesWithMonteCarlo) {
    // What a seat takes from the clearance: nothing while loose, then in proportion.
    const auto loss = [](double x) { return 0.6 * std::max(0.0, x - 0.004); };
    const auto ring = Spread::ofLimits({-0.013, 0}), hole = Spread::ofLimits({-0.021, 0.009}),
               made = Spread::ofLimits({0.013, 0.028});
    const double step = 4e-5;
    const auto left =
        Density::of(made, step).minus(Density::of(ring, step).minus(Density::of(hole, step)).mapped(loss));
    std::mt19937_64 random(7);
    std::vector<double> drawn(kSamples);
    for (auto& x : drawn)
        x = draw(made, random) - loss(draw(ring, random) - draw(hole, random));
    EXPECT_NEAR(left.mean(), std::accumulate(drawn.begin(), drawn.end(), 0.0) / kSamples, 3e-5);
    for (const double p : {0.025, 0.5, 0.975})
        EXPECT_NEAR(left.quantile(p), quantile(drawn, p), 6e-5) << p;
    const auto below =
        static_cast<double>(std::count_if(drawn.begin(), drawn.end(), [](double x) { return x < 0.012; })) / kSamples;
    EXPECT_NEAR(left.probabilityBelow(0.012), below, 3e-3);
}

TEST(Density, VariancesOfIndependentSizesAdd) {
    const double step = 1e-5;
    const auto variance = [&](const Density& d) {
        const double mean = d.mean();
        return d.mapped([mean](double x) { return (x - mean) * (x - mean) * 1e3; }).mean() / 1e3;
    };
    const auto a = Density::of(Spread::ofLimits({0, 0.03}), step), b = Density::of(Spread::ofLimits({-0.013, 0}), step);
    EXPECT_NEAR(variance(a.minus(b)) / (variance(a) + variance(b)), 1, 0.01);
}

TEST(Density, QuantileIsTheInverseOfProbability) {
    const auto d = Density::of(Spread::ofLimits({-0.02, 0.01}), 1e-5);
    for (const double p : {0.01, 0.2, 0.5, 0.8, 0.99})
        EXPECT_NEAR(d.probabilityBelow(d.quantile(p)), p, 1e-9);
}

TEST(Density, CurveHoldsAllProbability) {
    const auto d = Density::of(Spread::ofLimits({-0.02, 0.01}), 1e-5);
    const auto curve = d.curve({-0.03, 0.02}, 100);
    EXPECT_NEAR(std::accumulate(curve.begin(), curve.end(), 0.0) * 0.05 / 100, 1, 1e-9);
}
