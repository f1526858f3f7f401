#include "core/job/names.h"
#include "core/plan/plan_job.h"
#include "core/plan/step_record.h"

#include "support/drawing.h"
#include "support/shop.h"
#include "support/steps.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::inHand;
using arbor::testing::journal;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::partOf;
using arbor::testing::ringInHand;
using arbor::testing::setupOf;
using arbor::testing::sizeOf;
using arbor::testing::traced;
using job::Station;
using plan::Mark;

namespace {

plan::Plan planOf(const job::Job& job) {
    return plan::planJob(job, demoTables());
}

plan::Plan planWith(const std::function<void(job::Job&)>& change) {
    auto job = demoJob("seamer-turret-upper");
    change(job);
    return planOf(job);
}

template <class Kind>
bool has(const AdviceList& list) {
    return std::any_of(list.begin(), list.end(), [&](const Advice& a) { return a.is<Kind>(); });
}

/// Home and square at eight places: the seat is 46 deep, the ring 23.8 high.
void seatIt(job::Job& job) {
    for (int i = 0; i < 8; ++i)
        ownStep(job).readings.readings.push_back({45.0 * i, 22.2 + (i % 2 ? 0.002 : -0.002)});
}

} // namespace

TEST(Plan, OfTheDemoJobFillsEveryStation) {
    const auto p = planOf(demoJob("seamer-turret-upper"));
    EXPECT_FALSE(p.problem());
    ASSERT_TRUE(fitOf(p) && inHand(p).setup() && inHand(p).press && inHand(p).ring);
    // 62 - 13/2 um against 61.978: 15.5 um tight in the middle.
    EXPECT_NEAR(fitOf(p)->interferenceNominal_mm, 0.0155, 1e-9);
    EXPECT_DOUBLE_EQ(p.seat()->hole.size_mm->lower, -0.039);
    EXPECT_DOUBLE_EQ(p.seat()->hole.size_mm->upper, -0.009);
    EXPECT_NEAR(inHand(p).press->expected.homeTravel_mm, 44, 1e-9);
    EXPECT_NEAR(inHand(p).press->energy_J, std::pow(fitOf(p)->pressForce_N.most, 2) / (2 * 20000) / 1000, 1e-9);
    EXPECT_EQ(ringInHand(p).seating.verdict, seating::SeatVerdict::NotJudged);
}

TEST(Plan, MeasuredBoreReplacesTheClass) {
    const auto byClass = planWith([](job::Job& j) { hole(j).measured.reset(); });
    EXPECT_NEAR(fitOf(byClass)->interferenceWorst_mm.lower, -0.004, 1e-9);
    EXPECT_NEAR(fitOf(byClass)->interferenceWorst_mm.upper, 0.039, 1e-9);
    const auto measured = planOf(demoJob("seamer-turret-upper"));
    EXPECT_LT(fitOf(measured)->interferenceWorst_mm.width(), fitOf(byClass)->interferenceWorst_mm.width());
    EXPECT_TRUE(has<found::MeasuredReplacesClass>(fitOf(measured)->because));
    const auto outside = planWith([](job::Job& j) { hole(j).measured->value_mm = 61.995; });
    EXPECT_TRUE(has<found::MeasuredOutsideClass>(fitOf(outside)->advisories));
}

TEST(Plan, LooseCupOfTheRollerIsAStop) {
    const auto p = planOf(demoJob("retort-trolley-roller"));
    EXPECT_EQ(p.marks.at(Station::Fit), Mark::Stop);
    EXPECT_TRUE(has<found::LooseFit>(fitOf(p)->advisories));
}

TEST(Plan, PushingTheInnerRingIsAStopAtTooling) {
    const auto p = planWith([](job::Job& j) { ownStep(j).overrides.driver = "S11"; });
    EXPECT_EQ(p.marks.at(Station::Tooling), Mark::Stop);
    ASSERT_TRUE(setupOf(p).choice);
    EXPECT_TRUE(has<found::PathThroughElements>(setupOf(p).proof.findings));
}

TEST(Plan, NextIsTheFirstThatIsNotDone) {
    auto job = demoJob("seamer-turret-upper");
    const auto own = ownKey(job);
    const auto next = [&] { return planOf(job).next(job::doneOf(job, &own)); };
    EXPECT_EQ(next(), Station::Fit);
    job.done.insert(Station::Fit);
    ownStep(job).done.insert(Station::Tooling);
    EXPECT_EQ(next(), Station::Warm);
    ownStep(job).heat.pressCold = true;
    EXPECT_EQ(next(), Station::Press);
    EXPECT_EQ(planOf(job).marks.at(Station::Tooling), Mark::Done);
}

TEST(Plan, TellsAllThatIsWrongAtOnce) {
    const auto p = planWith([](job::Job& j) {
        j.arrangement.assembly.pressed[0].hole.measured = standards::MeasuredSize{"6.2", 6.2};
        j.arrangement.assembly.pressed[1].shaft.size = standards::SizeSpec::ofClass({"H", 7});
    });
    EXPECT_EQ(p.problems.size(), 2u);
    std::set<std::string> places;
    for (const auto& problem : p.problems)
        places.insert(problem.field);
    EXPECT_EQ(places.size(), 2u);
    EXPECT_FALSE(p.fits);
    const auto two = planWith([](job::Job& j) {
        bearingOf(j).facts.staticRating_N = -1;
        j.temperatures.shaft_C = 1000;
    });
    EXPECT_EQ(two.problems.size(), 2u);
}

TEST(Plan, NamesThePlaceOfEveryProblem) {
    const auto place = [](const std::function<void(job::Job&)>& change) {
        const auto p = planWith(change);
        return p.problem() ? p.problem()->field : std::string("no problem");
    };
    EXPECT_EQ(place([](auto& j) { bearingOf(j).designation = "9999"; }), "arrangement/parts/bearing/designation");
    const std::string bearing = "arrangement/parts/bearing/bearing/", seat = "arrangement/pressed/housing+bearing/hole";
    EXPECT_EQ(place([](auto& j) { bearingOf(j).facts.accuracy = "4"; }), bearing + "tolerance_class");
    EXPECT_EQ(place([](auto& j) { bearingOf(j).facts.clearanceGroup = "C9"; }), bearing + "clearance_group");
    EXPECT_EQ(place([](auto& j) { bearingOf(j).facts.staticRating_N = 0; }), bearing + "static_rating_N");
    EXPECT_EQ(place([](auto& j) { hole(j).rz_mm = -1; }), seat + "_rz_um");
    EXPECT_EQ(place([](auto& j) { partOf(j, "housing").material = "cheese"; }), "arrangement/parts/housing/material");
    EXPECT_EQ(place([](auto& j) { j.arrangement.assembly.parts.pop_back(); }), "arrangement/parts/spindle/locked_by")
        << "by the sensor cap";
    EXPECT_EQ(place([](auto& j) { j.arrangement.assembly = {}; }), "arrangement/parts");
    EXPECT_EQ(place([](auto& j) { hole(j).size = sizeOf("n7"); }), seat);
    EXPECT_EQ(place([](auto& j) { hole(j).measured->value_mm = 6.1978; }), seat + "_mm");
    EXPECT_EQ(place([](auto& j) { hole(j).measured->uncertainty_mm = NAN; }), seat + "_mm");
    EXPECT_EQ(place([](auto& j) {
                  journal(j).size = standards::SizeSpec{"31 k5", 31, standards::ToleranceClass{"k", 5}, {}};
              }),
              "arrangement/pressed/bearing+spindle/shaft");
    EXPECT_EQ(place([](auto& j) { j.temperatures.innerRing_C = 900; }), "temperatures/inner_ring_degC");
    EXPECT_EQ(place([](auto& j) { j.temperatures.shaft_C = NAN; }), "temperatures/shaft_degC");
    EXPECT_EQ(place([](auto& j) { j.press = "P99"; }), "press");
    EXPECT_EQ(place([](auto& j) { ownStep(j).overrides.driver = "S99"; }), "steps/in:bearing/driver");
    EXPECT_EQ(place([](auto& j) { ownStep(j).overrides.support = "R99"; }), "steps/in:bearing/support");
}

TEST(Plan, StatesHoldingLimitOfTheSmallPress) {
    auto job = demoJob("seamer-turret-upper");
    job.press = "P2";
    hole(job).measured->value_mm = 61.90;
    auto tables = demoTables();
    // No other would do it, and no bolt.
    std::erase_if(tables.rack.presses, [](const auto& press) { return press.id != "P2"; });
    std::erase_if(tables.rack.tools, [](const auto& tool) { return tool.kind == catalog::ToolKind::DrawBolt; });
    const auto p = plan::planJob(job, tables);
    ASSERT_TRUE(inHand(p).press);
    EXPECT_LE(inHand(p).press->expected.hold_N.most, 19600);
    EXPECT_TRUE(has<found::HoldLimited>(inHand(p).press->watch));
    EXPECT_FALSE(inHand(p).press->gauge); // an arbor press has no gauge
}

TEST(Plan, TraceOfTheFirstTryShowsTheCrookedStart) {
    auto job = demoJob("seamer-turret-upper");
    const trace::Trace lifted{{0, 0, 0}, {1, 2, 7000}, {2, 4, 15000}, {3, 5, 9000}, {4, 6, 9500}};
    const auto p = plan::planJob(job, demoTables(), traced(job, lifted));
    ASSERT_TRUE(inHand(p).trace);
    EXPECT_EQ(p.marks.at(Station::Press), Mark::Stop);
    EXPECT_EQ(inHand(p).trace->verdict, trace::Verdict::CockedStart);
    EXPECT_TRUE(has<found::TraceCocked>(inHand(p).trace->findings));
}

TEST(Record, HoldsWhatStandsNow) {
    auto job = demoJob("seamer-turret-upper");
    seatIt(job);
    const auto p = planOf(job);
    const auto r = plan::makeRecord(job, p, inHand(p), "Ilse Marden", "2026-11-24T10:00:00", "went in straight");
    EXPECT_EQ(r.who, "Ilse Marden");
    EXPECT_EQ(r.when, "2026-11-24T10:00:00");
    EXPECT_EQ(r.notes, "went in straight");
    EXPECT_EQ(r.verdict, "home_and_square");
    EXPECT_EQ(r.bearing, "3206");
    EXPECT_EQ(r.bore, "61.978 mm");
    EXPECT_EQ(r.interference_mm, fitOf(p)->interference_mm);
    EXPECT_EQ(r.pressForce_N, fitOf(p)->pressForce_N);
    EXPECT_EQ(r.tools, (std::vector<std::string>{"P30", "R05", "S14", "X10"}));
    EXPECT_EQ(r.readings, ownStep(job).readings.readings);
    EXPECT_FALSE(r.peakForce_N);
    EXPECT_EQ(*r.riseAcross_mm, ringInHand(p).seating.riseAcross_mm.likely);
}

TEST(Record, ClosedJobOfTheShopStillReadsAsItsPlanSays) {
    const auto job = demoJob("exhaust-fan-carrier");
    const auto p = planOf(job);
    ASSERT_TRUE(job.record && inHand(p).ring);
    EXPECT_EQ(job.record->verdict, job::name(ringInHand(p).seating.verdict));
    EXPECT_NEAR(*job.record->tilt_arcmin, ringInHand(p).seating.tilt_arcmin.likely, 1e-9);
    EXPECT_EQ(p.marks.at(Station::Close), Mark::Done);
}

TEST(Names, OfStationsGoBothWays) {
    for (const auto station : job::kStations)
        EXPECT_EQ(job::named<Station>(job::name(station)), station);
    EXPECT_FALSE(job::named<Station>("lunch"));
}
