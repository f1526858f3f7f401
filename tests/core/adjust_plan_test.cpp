// End play of the demo jobs: which pair, which band, what the nut and the spacer give.
#include "core/adjust/play_band.h"
#include "core/plan/plan_job.h"
#include "io/job_file.h"
#include "support/shop.h"
#include "words/adjust_words.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using job::Station;
using plan::Mark;

namespace {

plan::Plan planned(const job::Job& job) {
    return plan::planJob(job, demoTables());
}

job::Job drum(std::optional<double> play_mm) {
    auto job = demoJob("conveyor-tail-drum");
    job.adjust = {};
    job.adjust.play_mm = play_mm;
    return job;
}

job::Job pulley(double play_mm, double torque_Nm) {
    auto job = demoJob("labeller-pulley");
    job.adjust = {};
    job.adjust.play_mm = play_mm;
    job.adjust.torque_Nm = torque_Nm;
    return job;
}

template <class Kind>
const Advice* said(const plan::Plan& p) {
    const auto& list = p.adjust->findings;
    const auto at = std::find_if(list.begin(), list.end(), [&](const Advice& a) { return a.is<Kind>(); });
    return at == list.end() ? nullptr : &*at;
}

} // namespace

TEST(AdjustPlan, FindsThePairInTheArrangement) {
    const auto p = planned(drum({}));
    ASSERT_TRUE(p.adjust);
    const auto& pair = p.adjust->pair;
    EXPECT_EQ(pair.first, "Inner cone");
    EXPECT_EQ(pair.second, "Outer cone");
    EXPECT_EQ(pair.nut, "Castle nut");
    EXPECT_TRUE(pair.spacer.empty());
    EXPECT_EQ(pair.bore_mm, 40);
    EXPECT_FALSE(pair.geometry.pointsInside); // large ends outward: the usual hub
    // 32208 is 24.75 wide from 10, 30206 is 17.25 wide from 60.
    EXPECT_NEAR(pair.geometry.apart_mm, 60 + 17.25 / 2 - 10 - 24.75 / 2, 1e-9);
    EXPECT_EQ(p.marks.at(Station::Adjust), Mark::Open);
    EXPECT_FALSE(planned(demoJob("seamer-turret-upper")).adjust);
    EXPECT_EQ(planned(demoJob("seamer-turret-upper")).marks.at(Station::Adjust), Mark::NotNeeded);
    EXPECT_TRUE(planned(demoJob("brine-agitator")).adjust);
}

TEST(AdjustPlan, BandByUseAndBore) {
    EXPECT_EQ(planned(drum({})).adjust->target_mm, (Interval{0.030, 0.060})); // general, up to 50
    auto job = drum({});
    job.adjust.use = "warm";
    EXPECT_EQ(planned(job).adjust->target_mm, (Interval{0.060, 0.110}));
    job.adjust.target_mm = Interval{0.01, 0.02};
    EXPECT_EQ(planned(job).adjust->target_mm, (Interval{0.01, 0.02}));
    job.adjust.target_mm.reset();
    job.adjust.use = "moon";
    EXPECT_EQ(planned(job).problem()->field, "adjust/use");
    const auto& bands = demoTables().endPlay;
    EXPECT_EQ(adjust::bandOf(bands, "general", 30)->play_mm.upper, 0.05);
    EXPECT_EQ(adjust::bandOf(bands, "general", 30.01)->play_mm.upper, 0.06);
    EXPECT_EQ(adjust::bandOf(bands, "general", 500)->play_mm.upper, 0.12); // the largest there is
}

TEST(AdjustPlan, NoSlotIsAStopWithWaysOut) {
    auto job = drum(0.08);
    job.adjust.stock_mm = {0.2, 0.1, 0.03};
    const auto p = planned(job);
    EXPECT_EQ(p.marks.at(Station::Adjust), Mark::Stop);
    ASSERT_TRUE(said<found::NoSlotFits>(p));
    EXPECT_NEAR(said<found::NoSlotFits>(p)->get<found::NoSlotFits>()->step_mm, 0.25, 1e-9); // 1.5 over six slots
    EXPECT_NEAR(said<found::ThickerWasher>(p)->get<found::ThickerWasher>()->add_mm, 0.035,
                1e-9); // 80 um where 45 are wanted
    EXPECT_NEAR(said<found::ThickerWasher>(p)->get<found::ThickerWasher>()->turn_deg, 0, 1e-9); // at this slot
    EXPECT_NEAR(said<found::FaceWasher>(p)->get<found::FaceWasher>()->off_mm, 0.215, 1e-9);     // 45 - (80 - 250) um
    EXPECT_NEAR(said<found::FaceWasher>(p)->get<found::FaceWasher>()->turn_deg, -60, 1e-9);     // one slot tighter
    EXPECT_LT(said<found::ThickerWasher>(p), said<found::FaceWasher>(p)) << "the smaller change first";
    EXPECT_EQ(said<found::ShimsFromStock>(p)->get<found::ShimsFromStock>()->shims, "0.03");
    EXPECT_NEAR(said<found::ShimsFromStock>(p)->get<found::ShimsFromStock>()->play_mm, 0.05, 1e-9); // 80 - 30 um
}

TEST(AdjustPlan, InTheBandIsDoneWhenItIsTicked) {
    auto job = drum(0.045);
    EXPECT_TRUE(planned(job).adjust->inBand());
    EXPECT_EQ(planned(job).marks.at(Station::Adjust), Mark::Open);
    job.done.insert(Station::Adjust);
    EXPECT_EQ(planned(job).marks.at(Station::Adjust), Mark::Done);
    job.adjust.play_mm = -0.01;
    EXPECT_TRUE(said<found::PlayTooSmall>(planned(job)));
}

TEST(AdjustPlan, ACastleNutUnderClampOnlyGoesOn) {
    auto job = drum({});
    job.adjust.underClamp = true;
    job.adjust.toNext_deg = 20;
    const auto p = planned(job);
    ASSERT_TRUE(p.adjust->on_deg);
    EXPECT_NEAR(*p.adjust->on_deg, 40, 1e-9);
    EXPECT_FALSE(p.adjust->choice);
}

TEST(AdjustPlan, TheSpacerOfThePulleyTakesItsShare) {
    const auto p = planned(pulley(0.1, 120));
    ASSERT_TRUE(p.adjust);
    ASSERT_TRUE(p.adjust->onSpacer());
    EXPECT_NEAR(p.adjust->pair.spacerLength_mm, 24, 1e-9);
    EXPECT_NEAR(p.adjust->pair.spacerArea_mm2, std::numbers::pi / 4 * (38 * 38 - 30 * 30), 1e-6);
    // M24: 120 / (0.2 x 0.024) = 25 kN; spacer 25000 x 24 / (208000 x 427.26)
    EXPECT_NEAR(p.adjust->clamped->force_N, 25000, 1);
    EXPECT_NEAR(p.adjust->clamped->spacerShorter_mm, 25000.0 * 24 / (208000 * 427.257), 1e-8);
    EXPECT_NEAR(*p.adjust->play_mm, 0.1 - p.adjust->clamped->both_mm(), 1e-12);
    EXPECT_NEAR(p.adjust->neededSpacer_mm->mid(), 24 - (*p.adjust->play_mm - p.adjust->target_mm.mid()), 1e-12);
    EXPECT_TRUE(said<found::SpacerToLength>(p));
    EXPECT_FALSE(p.adjust->choice);
}

TEST(AdjustPlan, AMeasuredSpacerCountsWithItsLengthAndItsEnds) {
    auto job = pulley(0.1, 120);
    auto& readings = job.measured.spacers["spacer"];
    for (int i = 0; i < 4; ++i)
        readings.lengths.push_back({90.0 * i, 24.10});
    auto p = planned(job);
    EXPECT_NEAR(p.adjust->pair.spacerLength_mm, 24.10, 1e-9); // not the 24 of the drawing
    EXPECT_NEAR(p.adjust->neededSpacer_mm->mid(), 24.10 - (*p.adjust->play_mm - p.adjust->target_mm.mid()), 1e-9);
    const auto before = p.adjust->findings.size();
    readings.lengths[0].value_mm += 0.03; // one side 60 µm over the other
    readings.lengths[2].value_mm -= 0.03;
    p = planned(job);
    EXPECT_GE(p.adjust->findings.size(), before);
    EXPECT_TRUE(said<found::SpacerOutOfParallel>(p));
}

TEST(AdjustPlan, WarmthMayTakeItAll) {
    auto job = drum(0.031);
    job.adjust.shaft_K = 60;
    const auto p = planned(job);
    EXPECT_GT(p.adjust->lostAtWork_mm, 0.031);
    EXPECT_EQ(said<found::WarmthTakesPlay>(p)->severity, Severity::Stop);
    job.adjust.housing_K = 60; // cast iron grows a little less than steel
    EXPECT_LT(planned(job).adjust->lostAtWork_mm, p.adjust->lostAtWork_mm / 3);
}

TEST(AdjustPlan, RollingTorqueAndGrease) {
    auto job = drum(0.045);
    job.adjust.pull_N = 20;
    job.adjust.radius_mm = 55;
    job.adjust.torque_Nm_wanted = Interval{0.2, 0.9};
    const auto p = planned(job);
    EXPECT_NEAR(*p.adjust->rolling_Nm, 1.1, 1e-12);
    EXPECT_EQ(said<found::RollingTorqueIs>(p)->severity, Severity::Stop);
    ASSERT_EQ(p.adjust->grease.size(), 2u);
    for (const auto& fill : p.adjust->grease)
        EXPECT_GT(fill.least_g, 1);
}

TEST(AdjustPlan, EverySchoolHasItsStepsAndItsPlay) {
    const auto p = planned(drum(0.045));
    EXPECT_EQ(p.adjust->schools.size(), std::size(adjust::kSchools));
    for (const auto school : adjust::kSchools) {
        EXPECT_FALSE(words::settingMethodName(school).empty());
        const auto steps = words::adjustSteps(*p.adjust, school, words::Display());
        EXPECT_GE(steps.size(), 4u);
        EXPECT_NE(steps.front().find("turning"), std::string::npos); // the rollers are bedded first, always
    }
    EXPECT_EQ(
        words::adjustSteps(*planned(pulley(0.1, 1)).adjust, adjust::SettingMethod::Indicator, words::Display()).size(),
        5u);
}

TEST(AdjustPlan, GreaseIsWeighedAsItIsSaid) {
    auto job = drum(0.045);
    job.adjust.cavity_cm3 = 30; // 15 beside each
    const auto grams = [&] {
        const auto p = planned(job);
        return std::pair(p.adjust->grease[0].least_g, p.adjust->grease[0].most_g);
    };
    const auto [least, most] = grams();
    EXPECT_NEAR(most - least, 0.9 * (15.0 / 2 - 15.0 / 3), 1e-9);
    job.adjust.grease.density_g_cm3 = 1.8;
    EXPECT_NEAR(grams().first, 2 * least, 1e-9);
    job.adjust.grease.cavity = adjust::CavityFill::Half;
    EXPECT_NEAR(grams().first, 2 * most, 1e-9);
    job.adjust.grease.density_g_cm3 = 0;
    EXPECT_EQ(planned(job).problem()->field, "adjust/grease/g_cm3");
    job.adjust.grease = {};
    job.adjust.grease.stroke_g = -1;
    EXPECT_EQ(planned(job).problem()->field, "adjust/grease/stroke_g");
}

TEST(PlayBand, TheShopsOwnRowsGoFirstAsFarAsTheyReach) {
    auto bands = demoTables().endPlay;
    bands.push_back({"general", "general", 45, {0.01, 0.02}, true});
    bands.push_back({"general", "general", 35, {0.03, 0.04}, true});
    bands.push_back({"wet", "under water", 40, {0.05, 0.06}, true});
    EXPECT_EQ(adjust::bandOf(bands, "general", 30)->play_mm.lower, 0.03); // the smallest that holds it
    EXPECT_EQ(adjust::bandOf(bands, "general", 40)->play_mm.lower, 0.01);
    EXPECT_FALSE(adjust::bandOf(bands, "general", 46)->own); // beyond them, those that ship
    EXPECT_EQ(adjust::bandOf(bands, "wet", 90)->play_mm.upper, 0.06);
    EXPECT_EQ(adjust::bandOf(bands, "dry", 40), nullptr);
}

TEST(PlayBand, OwnRowsAreWrittenAndReadBack) {
    const std::vector<adjust::PlayBand> bands{{"general", "ships", 50, {0, 0.05}, false},
                                              {"wet", "under \"water\"", 40, {-0.05, 0.06}, true}};
    const auto again = adjust::parsePlayBands(adjust::playBandsText(bands)).value();
    ASSERT_EQ(again.size(), 1u); // what ships is not written
    EXPECT_EQ(again[0].name, "under \"water\"");
    EXPECT_NEAR(again[0].play_mm.lower, -0.05, 1e-12);
    EXPECT_EQ(again[0].upTo_mm, 40);
}

// 60 read at 5 N m with 62.00 in; 61.78 is there, its ends 0.12 out. M18, 90 N m: 90 / (0.2 x 0.018) = 25 kN.
TEST(AdjustPlan, WithWhichSpacerThePlayWasFoundDecides) {
    auto document = io::loadJob(std::string(ARBOR_SOURCE_DIR) + "/tests/data/jobs/slitter-pair.arbor.json");
    ASSERT_TRUE(document);
    auto& job = document->job;
    auto p = planned(job);
    ASSERT_TRUE(p.adjust);
    const double both = p.adjust->clamped->both_mm(), share = both * 85 / 90; // what the clamp still takes from 5 N m
    EXPECT_NEAR(p.adjust->clamped->force_N, 25000, 1);
    EXPECT_NEAR(*p.adjust->play_mm, 0.060 - 0.22 - share, 1e-9);
    EXPECT_NEAR(p.adjust->neededSpacer_mm->lower, 62 - (0.060 - share - 0.010), 1e-9);
    EXPECT_NEAR(p.adjust->neededSpacer_mm->upper, 62 - (0.060 - share - 0.040), 1e-9);
    ASSERT_TRUE(said<found::PlayFoundWith>(p));
    EXPECT_EQ(said<found::PlayFoundWith>(p)->severity, Severity::Check) << "nobody said with which";
    EXPECT_TRUE(said<found::DragBare>(p));
    const auto* tilts = said<found::ClampTilts>(p);
    ASSERT_TRUE(tilts);
    // atan(0.12 / 34) = 12.1 arc-min
    EXPECT_NEAR(tilts->get<found::ClampTilts>()->tilt_arcmin, std::atan(0.12 / 34) * 180 * 60 / std::numbers::pi, 1e-6);
    EXPECT_FALSE(p.adjust->inBand());
    job.adjust.foundWith_mm = 61.78;
    p = planned(job);
    EXPECT_NEAR(*p.adjust->play_mm, 0.060 - share, 1e-9);
    EXPECT_FALSE(p.adjust->inBand()) << "29 µm lie in the band, on a spacer that is scrap";
    EXPECT_TRUE(said<found::PlayOnScrap>(p));
    job.measured.spacers.clear();
    job.adjust.foundWith_mm.reset();
    p = planned(job);
    EXPECT_TRUE(p.adjust->inBand()) << "the drawn one is sound";
    EXPECT_FALSE(said<found::PlayFoundWith>(p)) << "one spacer, one length";
}

TEST(AdjustPlan, AMethodOutsideTheBandSaysByHowMuch) {
    auto job = drum({});
    EXPECT_FALSE(said<found::MethodLeaves>(planned(job))) << "the indicator measures";
    job.adjust.school = adjust::SettingMethod::PartOfATurn;
    job.adjust.partOfATurn = 0.5;
    const auto p = planned(job);
    ASSERT_TRUE(said<found::MethodLeaves>(p));
    const auto& leaves = *said<found::MethodLeaves>(p)->get<found::MethodLeaves>();
    EXPECT_EQ(leaves.method, "part_of_a_turn");
    const double middle = (leaves.least_mm + leaves.most_mm) / 2;
    EXPECT_NEAR(leaves.times, middle / p.adjust->target_mm.mid(), 1e-12);
    // Half a turn of a 1.5 thread is 0.75 mm; the indicator's uncertainty widens it.
    EXPECT_NEAR(middle, 0.75, 0.05);
}
