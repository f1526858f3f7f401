#include "core/trace/trace.h"

#include <gtest/gtest.h>

using namespace arbor;
using namespace arbor::trace;

namespace {

/// A plain bore of 20 mm without groove: the ring engages as far as it has travelled.
Expected plainBore() {
    return expectTrace({20, 20, {4000, 6000, 9000}, [](double x) { return x; }});
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

TEST(Trace, TakesOtherUnitsByTheNamesOfTheirColumns) {
    const auto one = [](const char* csv, double piston_mm2 = 0) { return parseTrace(csv, piston_mm2).value().at(0); };
    EXPECT_EQ(one("t_s,travel_in,force_kN\n1,0.5,2\n"), (Sample{1, 12.7, 2000}));
    EXPECT_NEAR(one("t_s,travel_mm,force_lbf\n1,2,1000\n").force_N, 4448.22, 0.01);
    EXPECT_NEAR(one("t_s,travel_mm,force_tf\n1,2,3\n").force_N, 29419.95, 0.01);
    // 20 bar on a piston of 75 mm: 2 N/mm2 on 4417.9 mm2.
    EXPECT_NEAR(one("travel_mm,gauge_bar\n2,20\n", 4417.86).force_N, 8835.7, 0.1);
    EXPECT_NEAR(one("travel_mm,gauge_psi\n2,1000\n", 100).force_N, 689.476, 0.001);
    EXPECT_EQ(parseTrace("travel_mm,gauge_bar\n2,20\n").error().field, "gauge_bar");
    EXPECT_EQ(parseTrace("travel_mm,force_N\n1,2\n3,4\n")->back().t_s, 1); // read by hand, one after the other
}
