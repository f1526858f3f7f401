#include "core/plan/plan_job.h"
#include "words/display.h"
#include "words/tooling_words.h"

#include "support/shop.h"
#include "support/steps.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::setupOf;
using words::Display;

TEST(Rounding, GoesByTheQuantityNotByItsDigits) {
    EXPECT_EQ(words::rounded(61.9605, "mm"), "61.961"); // 62 N7: least 61.961, greatest 61.991
    EXPECT_EQ(words::rounded(500.04, "mm"), "500.040");
    EXPECT_EQ(words::rounded(0.215, "mm"), "0.215");
    EXPECT_EQ(words::rounded(0.0004, "mm"), "0.0004000");
    EXPECT_EQ(words::rounded(-39, "um"), "\u221239.0");
    EXPECT_EQ(words::rounded(84.26, "degC"), "84.3");
    EXPECT_EQ(words::rounded(12345.6, "N"), "12346");
    EXPECT_EQ(words::rounded(0, "N"), "0");
}

TEST(Rounding, WhatIsTooSmallToShowIsNotNothing) {
    const words::Display d;
    EXPECT_EQ(d.force(12).text(), "under 0.05 kN");
    EXPECT_EQ(d.force(0).text(), "0 kN");
    EXPECT_EQ(d.force(60).text(), "0.06 kN");
    EXPECT_EQ(d.forceRange(0, 4000), "0\u20264.00");
    EXPECT_EQ(d.forceRange(0, 20), "under 0.05");
    EXPECT_EQ(words::Display(job::Units::Inch).force(20).text(), "under 10 lbf");
    EXPECT_EQ(d.gauge(0.02, catalog::GaugeUnit::Bar).text(), "under 0.1 bar");
    EXPECT_EQ(d.gauge(12.34, catalog::GaugeUnit::Bar).text(), "12.3 bar");
    EXPECT_EQ(words::decimals(-0.0001, 2), "0.00");
}

TEST(Numbers, HaveATrueMinusAndNeverMinusZero) {
    EXPECT_EQ(words::decimals(-0.0004, 2), "0.00");
    EXPECT_EQ(words::decimals(-1.25, 1), "−1.2");
    EXPECT_EQ(words::figures(123.4), "123");
    EXPECT_EQ(words::figures(12.34), "12.3");
    EXPECT_EQ(words::figures(0.1234), "0.12");
}

TEST(Display, MetricAndInchOfTheSameValues) {
    const Display metric(job::Units::Metric), inch(job::Units::Inch);
    EXPECT_EQ(metric.size(62.5).text(), "62.5 mm");
    EXPECT_EQ(inch.size(62.5).text(), "2.46065 in");
    EXPECT_EQ(metric.fine(0.0127).text(), "12.7 µm");
    EXPECT_EQ(inch.fine(0.0127).text(), "0.500 thou");
    EXPECT_EQ(metric.force(4448.2216).text(), "4.45 kN");
    EXPECT_EQ(inch.force(4448.2216).text(), "1000 lbf");
    EXPECT_EQ(inch.temperature(100).text(), "212 °F");
    EXPECT_EQ(inch.pressure(6.894757).text(), "1000 psi");
    EXPECT_EQ(inch.torque(13.558179).text(), "10.0 lbf·ft");
    EXPECT_EQ(metric.forceRange(640, 2410), "0.64…2.41");
    EXPECT_EQ(metric.fineRange(-0.0107, 0.0245), "−10.7…24.5");
}

template <class... Kind>
void expectWords(found::Kinds<Kind...> /*all*/) {
    const Display d;
    for (const auto severity : {Severity::Info, Severity::Check, Severity::Stop})
        for (const auto& advice : {Advice{Kind{}, severity}...}) {
            EXPECT_FALSE(words::say(advice, d).head.empty()) << advice.key();
            EXPECT_EQ(words::say(advice, d).line().find('{'), std::string::npos) << advice.key();
        }
}

TEST(Sentences, EveryFindingHasWords) {
    expectWords(found::All{});
}

TEST(Sentences, ProblemsSayPlaceValueAndWhatWouldDo) {
    EXPECT_EQ(words::say({ProblemCode::UnknownClass, "housing/seat/size", "Q9", wanted("a hole class"), "a.json"}),
              "a.json: housing/seat/size: “Q9”: unknown tolerance class; wanted: a hole class");
    for (int code = 0; code <= static_cast<int>(ProblemCode::Unwritable); ++code)
        EXPECT_NE(words::say({static_cast<ProblemCode>(code), "x", "1", {}}).find(" "), std::string::npos);
}

TEST(Sentences, LoadOnTheBallsIsHeldAgainstTheRating) {
    const Display d;
    const Advice light{found::PathThroughElements{3000, 33000, "inner ring"}, Severity::Stop, "HB4.7"};
    EXPECT_EQ(words::say(light, d).head, "Up to 3.00 kN through the rolling elements");
    EXPECT_NE(words::say(light, d).detail.find("9.1 %"), std::string::npos);
    const Advice heavy{found::PathThroughElements{40000, 33000, "inner ring"}, Severity::Stop, "HB4.7"};
    EXPECT_NE(words::say(heavy, d).detail.find("a dent at every rolling element"), std::string::npos);
}

TEST(Sentences, RejectionsAreCountedInGroups) {
    const auto plan = plan::planJob(arbor::testing::demoJob("seamer-turret-upper"), arbor::testing::demoTables());
    const auto summary = words::rejectionSummary(setupOf(plan).drivers);
    EXPECT_EQ(summary, "27 on the rack do not fit: 4 too large, 1 too short, 22 too small.");
    EXPECT_EQ(words::rejectionSummary({}), "Every sleeve on the rack would do.");
}

TEST(Sentences, OfTheSeatNameTheClock) {
    seating::Seating s;
    s.verdict = seating::SeatVerdict::Tilted;
    s.plane = seating::PlaneFit{};
    s.plane->highAngle_deg = 120;
    EXPECT_EQ(words::verdict(s, Display()).line(), "Cocked: High towards 4 o’clock.");
    EXPECT_NE(words::nextStep(s).find("4 o’clock"), std::string::npos);
}
