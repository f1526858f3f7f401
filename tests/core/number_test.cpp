// Numbers as people type them, whatever the locale; one fit of a circle's first harmonic.
#include "core/base/harmonic.h"
#include "core/base/number.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

using namespace arbor;

TEST(Number, CommaAndPointReadAlike) {
    EXPECT_EQ(readNumber("61.987"), 61.987);
    EXPECT_EQ(readNumber("61,987"), 61.987);
    EXPECT_EQ(readNumber("+3"), 3);
    EXPECT_EQ(readNumber("\u22120.5"), -0.5); // as it is shown
    EXPECT_EQ(readNumber("-0,5"), -0.5);
    EXPECT_EQ(readNumber("1e-3"), 0.001);
}

TEST(Number, WhatIsNoNumberIsNone) {
    for (const char* text : {"", "x", "1x", "1,2,3", "1,234.5", "nan", "inf", "+-3", "--3", "+", "\u2212", "1e999"})
        EXPECT_FALSE(readNumber(text)) << text;
}

TEST(Number, TellsHowFarItGoes) {
    EXPECT_EQ(leadingNumber("2,44in")->value, 2.44);
    EXPECT_EQ(leadingNumber("2,44in")->length, 4u);
    EXPECT_EQ(leadingNumber("+40um")->length, 3u);
    EXPECT_EQ(leadingNumber("\u22125K")->length, 4u); // the minus has three bytes
}

TEST(Harmonic, FindsTheCircleThatMadeTheValues) {
    std::vector<double> angles, values;
    for (const double a : {0.1, 0.9, 2.0, 3.3, 5.1}) {
        angles.push_back(a);
        values.push_back(2 + 0.3 * std::cos(a) - 0.7 * std::sin(a));
    }
    const auto fit = fitHarmonic(angles, values);
    ASSERT_TRUE(fit);
    EXPECT_NEAR(fit->mean, 2, 1e-12);
    EXPECT_NEAR(fit->cosine, 0.3, 1e-12);
    EXPECT_NEAR(fit->sine, -0.7, 1e-12);
    for (const double r : fit->residuals)
        EXPECT_NEAR(r, 0, 1e-12);
}

TEST(Harmonic, ErrorOfEvenlySpreadValuesIsTheSquareRootOfTwoOverN) {
    std::vector<double> angles;
    for (int i = 0; i < 8; ++i)
        angles.push_back(i * std::numbers::pi / 4);
    EXPECT_NEAR(fitHarmonic(angles, std::vector<double>(8, 1.0))->errorPerValue, std::sqrt(2.0 / 8), 1e-12);
}

TEST(Harmonic, AnglesThatFixNothingGiveNothing) {
    EXPECT_FALSE(fitHarmonic({0, 1}, {1, 2}));
    EXPECT_FALSE(fitHarmonic({0, 0, 1}, {1, 1, 2}));
}
