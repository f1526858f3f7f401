#include "core/force/friction_log.h"
#include "core/plan/plan_job.h"
#include "core/tables/friction.h"
#include "core/trace/trace.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::fitOf;
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

TEST(FrictionLog, NarrowsTheBookToWhereTheNextPressLies) {
    const auto learned = force::learnFriction({0.10, 0.11, 0.12, 0.10, 0.12, 0.11}, {0.05, 0.2});
    ASSERT_TRUE(learned);
    EXPECT_EQ(learned->presses, 6u);
    EXPECT_NEAR(learned->mean, 0.11, 1e-12);
    EXPECT_NEAR(learned->scatter, 0.008944, 1e-6); // sqrt(4 x 0.01^2 / 5)
    // Student's t for five degrees, 95 %: 2.5706, from tables.
    EXPECT_NEAR(learned->band.upper, 0.11 + 2.5706 * 0.008944 * std::sqrt(1 + 1.0 / 6), 1e-4);
    EXPECT_NEAR(learned->band.lower, 0.22 - learned->band.upper, 1e-9);
}

TEST(FrictionLog, NeverWidensTheBookNorBelievesAFew) {
    EXPECT_FALSE(force::learnFriction({0.1, 0.1, 0.1, 0.1}, {0.08, 0.13}));
    EXPECT_FALSE(force::learnFriction({0.3, 0.31, 0.3, 0.32, 0.3}, {0.08, 0.13})); // something else is wrong
    const auto wild = force::learnFriction({0.08, 0.13, 0.09, 0.12, 0.1}, {0.08, 0.13});
    ASSERT_TRUE(wild);
    EXPECT_EQ(wild->band, (Interval{0.08, 0.13}));
    const auto same = force::learnFriction(std::vector<double>(9, 0.1), {0.05, 0.2});
    EXPECT_NEAR(same->band.width(), 2 * 0.08 * 0.1, 1e-12); // a trace tells it no finer
}

TEST(FrictionLog, OnlyGoodPressesOfTheSamePairAndLubricantCount) {
    auto lib = arbor::testing::demoTables();
    const auto band = [&] {
        return tables::frictionOf(lib, catalog::FrictionFamily::CastIron, catalog::Lubricant::LightOil);
    };
    lib.records.clear();
    job::Record good;
    good.pressVerdict = "home";
    good.friction = 0.1;
    good.seatMaterial = "grey_cast_iron";
    lib.records.assign(4, good);
    auto other = good;
    other.pressVerdict = "above_band";
    lib.records.push_back(other);
    other = good;
    other.seatMaterial = "aluminium";
    lib.records.push_back(other);
    other = good;
    other.lubricant = catalog::Lubricant::Grease;
    lib.records.push_back(other);
    EXPECT_FALSE(band().learned);
    EXPECT_EQ(band().band, band().book);
    lib.records.push_back(good);
    ASSERT_TRUE(band().learned);
    EXPECT_LT(band().band.width(), band().book.width());
    // And the next prediction is narrower, with its reason.
    const auto job = arbor::testing::demoJob("seamer-turret-upper");
    const auto before = plan::planJob(job, arbor::testing::demoTables()), after = plan::planJob(job, lib);
    const auto width = [](const plan::Plan& p) { return fitOf(p)->pressForce_N.most - fitOf(p)->pressForce_N.least; };
    EXPECT_LT(width(after), width(before));
    const auto& because = fitOf(after)->because;
    EXPECT_TRUE(std::any_of(because.begin(), because.end(), [](const Advice& a) {
        return a.is<found::FrictionLearned>() && a.get<found::FrictionLearned>()->presses == 5U;
    }));
}

TEST(TraceText, OneAbsurdSampleIsLeftOutAndManyAreRefused) {
    std::string rows = "t_s,travel_mm,force_N\n";
    for (int i = 0; i < 200; ++i)
        rows += std::to_string(i) + "," + plain(i * 0.1) + "," + (i == 50 ? "1e308" : "100") + "\n";
    const auto read = parseTrace(rows).value();
    EXPECT_EQ(read.size(), 199u);
    EXPECT_TRUE(std::all_of(read.begin(), read.end(), [](const Sample& s) { return s.force_N == 100; }));
    EXPECT_EQ(parseTrace("t_s,travel_mm,force_kN\n0,0,1\n1,1e9,1\n2,2,1\n").value().size(), 2u);
    const auto refused = parseTrace("t_s,travel_mm,force_N\n0,0,1e300\n1,1,1e300\n2,2,1\n").error();
    EXPECT_EQ(refused.code, ProblemCode::OutOfRange);
    EXPECT_EQ(refused.field, "line 3, force_N");
}
