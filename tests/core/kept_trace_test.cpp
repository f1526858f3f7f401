// A recording left running: what is kept of it, and that it stays small.
#include "core/trace/analysis.h"
#include "core/trace/kept_trace.h"
#include "support/simulated.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using trace::KeptTrace;
using trace::Sample;

namespace {

/// A ripple that no two samples have alike, as a transducer's noise.
double noise(int i) {
    return 12 * std::sin(0.71 * i) + 9 * std::sin(2.3 * i + 1);
}

} // namespace

TEST(KeptTrace, KeepsEverySampleWhileTheRamMoves) {
    KeptTrace kept;
    for (int i = 0; i < 5000; ++i)
        EXPECT_TRUE(kept.take({i / 1000.0, i * 0.004, 200 + i * 1.5 + noise(i)}).now) << i;
    EXPECT_EQ(kept.samples().size(), 5000u);
    EXPECT_FALSE(kept.finish());
}

TEST(KeptTrace, OfAStandstillKeepsItsEndsAndLittleBetween) {
    KeptTrace kept;
    int i = 0;
    for (; i < 1000; ++i)
        kept.take({i / 1000.0, i * 0.01, 5.0 * i});
    for (; i < 600'000; ++i) // ten minutes at a thousand a second
        kept.take({i / 1000.0, 10, 5000 + noise(i)});
    EXPECT_LT(kept.samples().size(), 1000u + 1000u + 1000u) << "the way, the first second, the rest";
    const Sample leaves{600.0, 10.5, 3000};
    const auto got = kept.take(leaves);
    ASSERT_TRUE(got.before && got.now);
    EXPECT_NEAR(got.before->t_s, 599.999, 1e-9) << "when it still stood is known to the sample";
    EXPECT_EQ(*got.now, leaves);
    for (std::size_t k = 1; k < kept.samples().size(); ++k)
        EXPECT_GT(kept.samples()[k].t_s, kept.samples()[k - 1].t_s);
}

TEST(KeptTrace, LastSampleOfAStandstillIsKeptAtTheEnd) {
    KeptTrace kept;
    for (int i = 0; i < 3050; ++i)
        kept.take({i / 1000.0, 4, 900});
    const auto last = kept.finish();
    ASSERT_TRUE(last);
    EXPECT_NEAR(kept.samples().back().t_s, 3.049, 1e-9);
    EXPECT_FALSE(kept.finish()) << "once";
}

TEST(KeptTrace, AForceThatCreepsAwayIsNoStandstill) {
    KeptTrace kept;
    double least = 1e9;
    for (int i = 0; i < 600'000; ++i)
        kept.take({i / 1000.0, 10, 20'000 - i * 0.03}); // a valve that leaks: 18 kN in ten minutes
    double previous = kept.samples().front().force_N;
    for (const auto& s : kept.samples()) {
        least = std::min(least, s.force_N);
        EXPECT_LT(previous - s.force_N, 0.02 * 20'000);
        previous = s.force_N;
    }
    EXPECT_LT(least, 2500);
}

/// A day at a thousand a second, standing, with a stroke every hour: by its steps, not by its length.
TEST(KeptTrace, ADayStaysSmall) {
    KeptTrace kept;
    double t = 0;
    for (int hour = 0; hour < 24; ++hour) {
        for (int i = 0; i < 20'000; ++i)
            kept.take({t += 0.001, 40.0 * i / 20'000, 4000.0 * i / 20'000});
        for (int i = 0; i < 60'000; ++i)
            kept.take({t += 0.06, 40, 4000 + noise(i)});
        EXPECT_LE(kept.samples().size(), trace::kMostKept);
    }
    EXPECT_LE(kept.samples().capacity() * sizeof(Sample), 100'000'000u / 20);
    EXPECT_NEAR(kept.samples().back().t_s, t, 120);
}

TEST(KeptTrace, ReadsLikeTheWholeOne) {
    for (const auto fault : {sim::Fault::None, sim::Fault::Chip, sim::Fault::CockedStart}) {
        const auto press = arbor::testing::simulate(fault, 5);
        KeptTrace kept;
        for (const auto& s : press.trace)
            kept.take(s);
        kept.finish();
        const auto whole = trace::analyse(press.trace, press.expected),
                   thin = trace::analyse(kept.samples(), press.expected);
        EXPECT_EQ(thin.verdict, whole.verdict);
        EXPECT_NEAR(thin.peak_N, whole.peak_N, 0.01 * whole.peak_N);
        EXPECT_NEAR(thin.hold_s, whole.hold_s, 0.2);
    }
}
