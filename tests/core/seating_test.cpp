#include "core/seating/seating.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::seating;

namespace {

constexpr double kRad_mm = 28.5;
constexpr double kHome_mm = 22.2;

/// Depths of a ring that stands `gap` above its shoulder and is high by `amplitude` on the reading circle towards
/// `high_deg`, at `n` even places.
SeatingInput ring(double gap_mm, double amplitude_mm, double high_deg, int n = 8) {
    SeatingInput in;
    in.readingRad_mm = kRad_mm;
    in.seatDia_mm = 62;
    in.homeDepth_mm = kHome_mm;
    in.squareLimit_mm = 0.013;
    in.uncertainty_mm = 0.005;
    for (int i = 0; i < n; ++i) {
        const double angle = 360.0 * i / n;
        const double height = gap_mm + amplitude_mm * std::cos((angle - high_deg) * std::numbers::pi / 180);
        in.readings.push_back({angle, kHome_mm - height});
    }
    return in;
}

template <class Kind>
const Advice* find(const Seating& s) {
    const auto at = std::find_if(s.findings.begin(), s.findings.end(), [&](const Advice& a) { return a.is<Kind>(); });
    return at == s.findings.end() ? nullptr : &*at;
}

} // namespace

TEST(SeatPlane, ByHandFromFourReadings) {
    // Opposite readings differ by 8 µm at 0/180 and by 6 µm at 90/270 on a circle of 40 mm: the slopes are 8/40 and
    // 6/40 µm/mm, together 0.25 µm/mm, high at atan(6/8) = 36.87 degrees; 10 µm across the circle.
    const auto fit = fitPlane({{0, 0.004}, {90, 0.003}, {180, -0.004}, {270, -0.003}}, 20).value();
    EXPECT_NEAR(fit.mean_mm, 0, 1e-15);
    EXPECT_NEAR(fit.rise_mm, 0.010, 1e-9);
    EXPECT_NEAR(fit.highAngle_deg, 36.8699, 1e-3);
    EXPECT_NEAR(fit.tilt_arcmin(), 0.25e-3 * 10800 / std::numbers::pi, 1e-6);
    EXPECT_NEAR(fit.riseAcross(62), 0.0155, 1e-8);
    EXPECT_NEAR(fit.rms_mm, 0, 1e-12);
}

TEST(SeatPlane, ScatterDividesByReadingsLessThree) {
    // A saddle of ±1 µm on four places is left over whole: the squares sum to 4 µm², divided by 4 - 3.
    const auto fit = fitPlane({{0, 0.001}, {90, -0.001}, {180, 0.001}, {270, -0.001}}, 20).value();
    ASSERT_TRUE(fit.scatter_mm);
    EXPECT_NEAR(*fit.scatter_mm, 0.002, 1e-12);
    EXPECT_NEAR(fit.rms_mm, 0.001, 1e-12);
    EXPECT_NEAR(fit.residualRange_mm, 0.002, 1e-12);
    EXPECT_FALSE(fitPlane({{0, 0.001}, {90, -0.001}, {180, 0.001}}, 20)->scatter_mm);
}

TEST(SeatPlane, FindsAnyPlaneFromUnevenAngles) {
    EXPECT_TRUE(rc::check("a plane through its own points leaves no residual", [] {
        const double mean = *rc::gen::inRange(-200, 200) * 1e-3, a = *rc::gen::inRange(-50, 50) * 1e-5,
                     b = *rc::gen::inRange(-50, 50) * 1e-5;
        const int n = *rc::gen::inRange(3, 13);
        std::vector<Reading> heights;
        for (int i = 0; i < n; ++i) {
            const double deg = (i + 0.9 * *rc::gen::inRange(0, 100) / 100.0) * 360 / n;
            const double rad = deg * std::numbers::pi / 180;
            heights.push_back({deg, mean + 30 * (a * std::cos(rad) + b * std::sin(rad))});
        }
        const auto fit = fitPlane(heights, 30);
        RC_ASSERT(fit.has_value());
        RC_ASSERT(std::abs(fit->mean_mm - mean) < 1e-9);
        RC_ASSERT(std::abs(fit->slopeCos - a) < 1e-9 && std::abs(fit->slopeSin - b) < 1e-9);
        RC_ASSERT(fit->rms_mm < 1e-9);
    }));
}

TEST(SeatPlane, TurningTheClockTurnsTheHighSideOnly) {
    const auto a = fitPlane({{10, 0.012}, {80, 0.004}, {200, -0.003}, {290, 0.002}}, 25).value();
    const auto b = fitPlane({{40, 0.012}, {110, 0.004}, {230, -0.003}, {320, 0.002}}, 25).value();
    EXPECT_NEAR(a.tilt_rad, b.tilt_rad, 1e-15);
    EXPECT_NEAR(std::fmod(b.highAngle_deg - a.highAngle_deg + 360, 360), 30, 1e-9);
}

TEST(SeatPlane, UncertaintyGrowsWhenReadingsCrowdOnOneSide) {
    // Evenly spread, the slope's standard error times the radius is sqrt(2/n) of one reading's, whatever the direction.
    const auto even = fitPlane(ring(0, 0, 0, 8).readings, kRad_mm).value();
    EXPECT_NEAR(even.slopeErrorPerReading, std::sqrt(2.0 / 8) / kRad_mm, 1e-12);
    const auto crowded = fitPlane({{0, 0}, {15, 0}, {30, 0}, {45, 0}}, kRad_mm).value();
    EXPECT_GT(crowded.slopeErrorPerReading, 5 * std::sqrt(2.0 / 4) / kRad_mm);
}

TEST(SeatPlane, RefusesWhatFixesNoPlane) {
    EXPECT_EQ(fitPlane({{0, 0}, {90, 0}}, 20).error().code, ProblemCode::Missing);
    EXPECT_EQ(fitPlane({{0, 0}, {90, 0}, {180, 0}}, 0).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(fitPlane({{0, 0}, {90, NAN}, {180, 0}}, 20).error().code, ProblemCode::NotFinite);
    EXPECT_EQ(fitPlane({{0, 0}, {0, 0}, {180, 0}}, 20).error().code, ProblemCode::NotDefined);
}

TEST(Seating, HomeAndSquare) {
    const auto s = judgeSeating(ring(0.002, 0.002, 120)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::HomeAndSquare);
    EXPECT_NEAR(s.gap_mm.likely, 0.002, 1e-9);
    EXPECT_NEAR(s.riseAcross_mm.likely, 0.004 * 31 / kRad_mm, 1e-8);
    EXPECT_EQ(worst(s.findings), Severity::Info);
    EXPECT_NEAR(find<found::ReadingsAgree>(s)->get<found::ReadingsAgree>()->residual_mm, 0, 1e-12);
}

TEST(Seating, LargestResidualIsNamedEvenWhenAllIsWell) {
    auto in = ring(0, 0.001, 0);
    in.readings[5].value_mm += 0.004; // deeper at 7:30, takes the plane a little with it
    const auto s = judgeSeating(in).value();
    EXPECT_EQ(s.verdict, SeatVerdict::HomeAndSquare);
    EXPECT_EQ(find<found::ReadingsAgree>(s)->get<found::ReadingsAgree>()->hour, "7:30");
    // Hat matrix of eight even readings: 1/8 + 2/8 of a single error goes into the plane, 5/8 stays.
    EXPECT_NEAR(find<found::ReadingsAgree>(s)->get<found::ReadingsAgree>()->residual_mm, -0.004 * 5 / 8, 1e-9);
}

TEST(Seating, TiltedNamesTheHighSideOfTheClock) {
    const auto s = judgeSeating(ring(0.020, 0.020, 120)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::Tilted);
    const auto* tilted = find<found::Tilted>(s);
    ASSERT_TRUE(tilted);
    EXPECT_EQ(tilted->get<found::Tilted>()->hour, "4");
    EXPECT_NEAR(tilted->get<found::Tilted>()->rise_mm, 0.040 * 31 / kRad_mm, 1e-8);
    EXPECT_EQ(tilted->get<found::Tilted>()->limit_mm, 0.013);
    // Across the seat and in arc-minutes are one number.
    EXPECT_NEAR(s.tilt_arcmin.likely, s.riseAcross_mm.likely / 62 * 10800 / std::numbers::pi, 1e-9);
}

TEST(Seating, ShortAllRoundIsNotHome) {
    const auto s = judgeSeating(ring(0.4, 0.001, 0)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::NotHome);
    EXPECT_NEAR(find<found::NotHome>(s)->get<found::NotHome>()->gap_mm, 0.4, 1e-9);
    // Short and crooked: as long as even its low side is off the shoulder, the first thing to say is that it is not
    // home.
    EXPECT_EQ(judgeSeating(ring(0.4, 0.1, 0))->verdict, SeatVerdict::NotHome);
    EXPECT_EQ(judgeSeating(ring(0.1, 0.1, 0))->verdict, SeatVerdict::Tilted);
}

TEST(Seating, OneReadingOnAChipIsToldBeforeAnythingElse) {
    auto in = ring(0, 0.001, 0);
    in.readings[3].value_mm -= 0.08;
    const auto s = judgeSeating(in).value();
    EXPECT_EQ(s.verdict, SeatVerdict::ReadingsDisagree);
    EXPECT_EQ(find<found::ReadingsDisagree>(s)->get<found::ReadingsDisagree>()->hour, "4:30");
}

TEST(Seating, DeeperThanTheShoulderCannotBe) {
    const auto s = judgeSeating(ring(-0.3, 0, 0)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::ReadingsDisagree);
    EXPECT_NEAR(find<found::PastHome>(s)->get<found::PastHome>()->deeper_mm, 0.3, 1e-9);
}

TEST(Seating, FeelerReadsTheGapItself) {
    auto in = ring(0, 0, 0, 4);
    in.kind = ReadingKind::Feeler;
    for (auto& r : in.readings)
        r.value_mm = 0.02;
    const auto s = judgeSeating(in).value();
    EXPECT_NEAR(s.gap_mm.likely, 0.02, 1e-12);
    EXPECT_EQ(s.verdict, SeatVerdict::HomeAndSquare);
}

TEST(Seating, GrooveIsJudgedAtTheHighestReading) {
    auto in = ring(0.01, 0.003, 90);
    in.grooveLowerEdgeDepth_mm = kHome_mm - 0.1;
    auto s = judgeSeating(in).value();
    EXPECT_NEAR(*s.grooveOpening_mm, 0.1 - 0.013, 1e-9);
    EXPECT_TRUE(find<found::GrooveOpen>(s));
    // Level with it as far as the readings tell, it is not covered: they are sure to a hundredth.
    in.grooveLowerEdgeDepth_mm = kHome_mm - 0.008;
    s = judgeSeating(in).value();
    EXPECT_FALSE(find<found::GrooveCovered>(s));
    in.grooveLowerEdgeDepth_mm = kHome_mm - 0.001;
    s = judgeSeating(in).value();
    ASSERT_TRUE(find<found::GrooveCovered>(s));
    EXPECT_NEAR(find<found::GrooveCovered>(s)->get<found::GrooveCovered>()->by_mm, 0.012, 1e-9);
    EXPECT_EQ(find<found::GrooveCovered>(s)->get<found::GrooveCovered>()->hour, "3");
    EXPECT_EQ(s.verdict, SeatVerdict::NotHome);
}

TEST(Seating, ThreeReadingsProveNothingAboutThemselves) {
    const auto s = judgeSeating(ring(0, 0.001, 0, 3)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::HomeAndSquare);
    EXPECT_TRUE(find<found::NoResidual>(s));
    EXPECT_EQ(worst(s.findings), Severity::Check);
}

TEST(Seating, TwoReadingsAreNotJudged) {
    const auto s = judgeSeating(ring(0, 0, 0, 2)).value();
    EXPECT_EQ(s.verdict, SeatVerdict::NotJudged);
    EXPECT_FALSE(s.plane);
    EXPECT_EQ(find<found::TooFewReadings>(s)->get<found::TooFewReadings>()->there, 2);
}

TEST(Seating, CoarseGaugeLeavesSquarenessOpen) {
    auto in = ring(0, 0.002, 0);
    EXPECT_FALSE(find<found::SquareUncertain>(judgeSeating(in).value()));
    in.uncertainty_mm = 0.02;
    EXPECT_TRUE(find<found::SquareUncertain>(judgeSeating(in).value()));
}

TEST(ClockPosition, ReadsAsAClock) {
    EXPECT_EQ(clockPosition(0), "12");
    EXPECT_EQ(clockPosition(359), "12");
    EXPECT_EQ(clockPosition(45), "1:30");
    EXPECT_EQ(clockPosition(120), "4");
    EXPECT_EQ(clockPosition(345), "11:30");
}
