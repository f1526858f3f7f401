#include "core/trace/trace.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using namespace arbor::trace;

namespace {

/// A plain bore of 20 mm without groove: the ring engages as far as it has travelled.
Expected plainBore() {
    return expectTrace({20, 20, {4000, 6000, 9000}, [](double x) { return x; }});
}

Trace along(double upTo_mm, double force_N_per_mm) {
    Trace out;
    for (double x = 0; x <= upTo_mm + 1e-9; x += 0.5)
        out.push_back({x / 5, x, force_N_per_mm * x});
    return out;
}

bool has(const AdviceList& list, Finding id) {
    return std::any_of(list.begin(), list.end(), [&](const Advice& a) { return a.id == id; });
}

Problem problemOf(const std::string& rows) {
    return parseTrace("t_s,travel_mm,force_N\n" + rows).error();
}

} // namespace

TEST(Trace, ReadsTheThreeColumnsByName) {
    const auto t = parseTrace("# a press\nforce_N,t_s,travel_mm,note\n150,0.5,2.25,x\n").value();
    ASSERT_EQ(t.size(), 1u);
    EXPECT_EQ(t[0], (Sample{0.5, 2.25, 150}));
}

TEST(Trace, NamesLineAndColumnOfWhatIsWrong) {
    EXPECT_EQ(problemOf("0,0,0\n0.1,abc,5\n").field, "line 3, travel_mm");
    EXPECT_EQ(problemOf("0,0,0\n0.1,abc,5\n").value, "abc");
    EXPECT_EQ(problemOf("0,0,nan\n").code, ProblemCode::NotFinite);
    EXPECT_EQ(problemOf("0,0\n").code, ProblemCode::Missing);
    EXPECT_EQ(problemOf("0,0,0,0\n").code, ProblemCode::Malformed);
    EXPECT_EQ(problemOf("1,0,0\n0.5,0,0\n").field, "line 3, t_s");
    EXPECT_EQ(problemOf("").code, ProblemCode::Missing);
    EXPECT_EQ(parseTrace("t_s,force_N\n1,2\n").error().value, "travel_mm");
}

TEST(Expected, RisesWithTheEngagedLengthToTheEndForce) {
    const auto e = plainBore();
    EXPECT_NEAR(forceAt(e, 10).likely, 3000, 1e-6);
    EXPECT_NEAR(forceAt(e, 5).least, 1000, 1e-6);
    EXPECT_NEAR(forceAt(e, 19.999).most, 9000, 1);
    EXPECT_EQ(forceAt(e, 0).most, 0);
    EXPECT_EQ(forceAt(e, -3).most, 0);
}

TEST(Expected, HoldLiesAboveWhatATightPairNeeds) {
    const auto e = plainBore();
    EXPECT_NEAR(e.hold_N.least, 6600, 1e-9);
    EXPECT_NEAR(e.hold_N.likely, 9900, 1e-9); // 1.3 x 6000 would not seat the tightest pair
    EXPECT_NEAR(e.hold_N.most, 13500, 1e-9);
    EXPECT_EQ(forceAt(e, 20).likely, e.hold_N.likely);
}

TEST(Expected, LooseRingNeedsNoForce) {
    const auto e = expectTrace({20, 20, {0, 0, 0}, [](double x) { return x; }});
    EXPECT_EQ(forceAt(e, 10).most, 0);
}

TEST(Overlay, InsideTheBandSaysSo) {
    const auto o = overlay(along(20, 300), plainBore());
    EXPECT_EQ(o.shareInBand, 1);
    EXPECT_EQ(o.peak_N, 6000);
    EXPECT_EQ(o.endTravel_mm, 20);
    EXPECT_EQ(worst(o.findings), Severity::Info);
}

TEST(Overlay, AboveTheBandNamesWhereItBegan) {
    const auto o = overlay(along(20, 700), plainBore());
    ASSERT_TRUE(has(o.findings, Finding::TraceAboveBand));
    // 700 x leaves 450 x + 300 N at 1.2 mm; the next sample is at 1.5 mm.
    for (const auto& a : o.findings)
        if (a.id == Finding::TraceAboveBand) {
            EXPECT_NEAR(a.value, 1.5, 1e-9);
        }
    EXPECT_EQ(worst(o.findings), Severity::Look);
}

TEST(Overlay, BelowTheBandIsLoose) {
    const auto o = overlay(along(20, 20), plainBore());
    EXPECT_TRUE(has(o.findings, Finding::TraceBelowBand));
    EXPECT_FALSE(has(o.findings, Finding::TraceAboveBand));
}

TEST(Overlay, ShortOfHomeIsAStop) {
    const auto o = overlay(along(15, 300), plainBore());
    EXPECT_TRUE(has(o.findings, Finding::TraceShort));
    EXPECT_EQ(worst(o.findings), Severity::Stop);
}
