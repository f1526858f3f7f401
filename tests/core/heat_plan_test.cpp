// Warming and chilling of the demo shop's seats: temperatures, ceilings, soaking, the walk, the grip.
#include "core/plan/heat_plan.h"
#include "core/plan/plan_job.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "support/steps.h"
#include "support/tools.h"
#include "words/heat_words.h"

#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::find;
using arbor::testing::inHand;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using plan::HeatMix;
using plan::HeatPlan;
using plan::TempLimit;

namespace {

HeatPlan heatOf(const job::Job& job) {
    const auto plan = plan::planJob(job, demoTables(), {{}, ownKey(job), false});
    EXPECT_TRUE(plan.heat());
    return *plan.heat();
}
HeatPlan heatOf(const char* name) {
    return heatOf(demoJob(name));
}

job::HeatOverrides& overrides(job::Job& job) {
    return ownStep(job).heat.overrides;
}

const HeatPlan& heatOfSeat(const plan::Plan& plan, const char* outer, const char* inner) {
    for (std::size_t i = 0; i < plan.heats.size(); ++i)
        if (plan.fits->seats[i].key == job::SeatKey{outer, inner} && plan.heats[i]) return *plan.heats[i];
    ADD_FAILURE() << outer << "+" << inner;
    static const HeatPlan none;
    return none;
}

double ceilingOf(const plan::HeatSide& side, TempLimit::What what) {
    for (const auto& limit : side.ceilings)
        if (limit.what == what) return limit.temp_C;
    return NAN;
}

} // namespace

TEST(HeatSources, TableIsReadWithEverySource) {
    EXPECT_EQ(demoTables().heatSources.size(), 9u);
    const auto* flame = thermal::findSource(demoTables().heatSources, "flame");
    ASSERT_TRUE(flame);
    EXPECT_FALSE(flame->withGrease);
    EXPECT_FALSE(flame->parts.contains(thermal::PartClass::Ring));
    EXPECT_EQ(thermal::findSource(demoTables().heatSources, "bonfire"), nullptr);
}

TEST(HeatSources, RefuseWhatCannotBe) {
    const auto field = [](const char* entry) {
        const auto read = thermal::parseHeatSources(R"({"sources": {"x": )" + std::string(entry) + "}}");
        return read ? std::string("read") : read.error().field;
    };
    const std::string good = R"({"name": "x", "warms": true, "least_degC": 40, "most_degC": 250, "h_W_per_m2K": 15,
        "emissivity": 0.8, "skin_share": 1, "for": ["ring"], "with_grease": true})";
    EXPECT_EQ(field(good.c_str()), "read");
    using arbor::testing::replaced;
    EXPECT_EQ(field(replaced(good, "250", "30").c_str()), "x/least_degC");
    EXPECT_EQ(field(replaced(good, "0.8", "1.8").c_str()), "x/emissivity");
    EXPECT_EQ(field(replaced(good, "\"ring\"", "\"bell\"").c_str()), "x/for");
    EXPECT_EQ(field(replaced(good, "15", "0").c_str()), "x/h_W_per_m2K");
    EXPECT_EQ(field(replaced(good, "\"warms\"", "\"cools\"").c_str()), "cools");
}

TEST(Soak, OvenTakesTheTimeOfItsLumpAndThenItsWall) {
    thermal::HeatSource oven{"oven", "oven", true, {40, 250}, 20, 0, 1, 0, {thermal::PartClass::Housing}, true};
    const thermal::SoakPart part{4, 500, 0.1, 30, 1.2e-5};
    const auto s = thermal::soak(oven, part, 20, 100, 200).value().value();
    EXPECT_EQ(s.setting_C, 105);
    const double tau = 4 * 500 / (20 * 0.1);
    EXPECT_NEAR(s.skin_s, tau * std::log(85.0 / 5), 1e-3);
    EXPECT_NEAR(s.through_s, 0.03 * 0.03 / 1.2e-5, 1e-9);
    // Never set beyond what the part bears; then it is soaked two kelvin short.
    const auto capped = thermal::soak(oven, part, 20, 100, 101).value().value();
    EXPECT_EQ(capped.setting_C, 101);
    EXPECT_NEAR(capped.skin_s, tau * std::log(81.0 / 2), 1e-3);
    EXPECT_FALSE(*thermal::soak(oven, part, 20, 260, 300)); // beyond the oven
    EXPECT_FALSE(*thermal::soak(oven, part, 20, 150, 120)); // beyond the part
}

TEST(Soak, PlateLosesToTheRoomWhatItDoesNotReach) {
    thermal::HeatSource plate{"p", "plate", true, {40, 200}, 100, 0, 0.2, 0, {thermal::PartClass::Ring}, true};
    const thermal::SoakPart part{1, 460, 0.05, 10, 1.2e-5};
    const auto there = thermal::soak(plate, part, 20, 90, 200).value();
    ASSERT_TRUE(there);
    // To end at 95 the plate's fifth must bring what the other four lose: 100 (Ts - 95) 0.01 = loss at 95.
    const double loss = 0.04 * (10 * 75 + 0.3 * 5.670374419e-8 * (std::pow(368.15, 4) - std::pow(293.15, 4)));
    EXPECT_NEAR(there->setting_C, 95 + loss / 1, 1e-6);
    plate.h_W_m2K = 5; // hardly touches
    EXPECT_FALSE(*thermal::soak(plate, part, 20, 90, 200));
}

TEST(Soak, PowerWarmsByItsWatts) {
    const auto* induction = thermal::findSource(demoTables().heatSources, "induction");
    const thermal::SoakPart part{1, 460, 1e-6, 0, 1.2e-5};
    EXPECT_NEAR(thermal::soak(*induction, part, 20, 100, 120).value()->skin_s, 460 * 80 / induction->power_W, 0.1);
}

TEST(HeatPlan, WarmHousingLetsTheTightestPairDropInAfterTheWalk) {
    auto job = demoJob("conveyor-tail-drum");
    const job::SeatKey outerCup{"hub", "outer_cup"}; // the first to go in
    job.steps[{outerCup, false}].heat.overrides.margin_mm = 0.040;
    const auto plan = plan::planJob(job, demoTables());
    const auto& h = heatOfSeat(plan, "hub", "outer_cup");
    EXPECT_TRUE(h.ways[h.chosen].within);
    // By hand, [HB4.10]: d (aA (TA - 20) - aI (TI - 20)) - greatest interference >= the margin.
    const double open = 62 * (1.05e-5 * (h.outer.temp_C - 20) - 1.19e-5 * (h.inner.temp_C - 20));
    EXPECT_NEAR(h.dia_mm, 62, 1e-9);
    EXPECT_NEAR(h.clearanceWorst_mm, open - h.interference_mm.upper, 1e-9);
    EXPECT_GE(h.clearanceWorst_mm, 0.040 - 1e-9);
    EXPECT_LT(h.clearanceWorst_mm, 0.040 + 62 * 1.05e-5); // and no kelvin more than that
    const auto course = plan::followHeat(h, 30).value();
    ASSERT_TRUE(course.lastStart_s);
    EXPECT_GT(*course.lastStart_s, 40);
}

TEST(HeatPlan, SealedBearingKeepsTheHousingDown) {
    const auto h = heatOf("seamer-turret-upper");
    EXPECT_EQ(ceilingOf(h.inner, TempLimit::What::Grease), 80);
    EXPECT_EQ(ceilingOf(h.inner, TempLimit::What::Encoder), 80);
    EXPECT_EQ(ceilingOf(h.inner, TempLimit::What::Metal), 120);
    EXPECT_EQ(h.inner.ceiling_C(), 80);
    EXPECT_EQ(h.inner.floor_C(), -40);
    // Once together both have the mixing temperature.
    const double co = h.outer.soakPart.mass_kg * h.outer.soakPart.heat_J_kgK,
                 ci = h.inner.soakPart.mass_kg * h.inner.soakPart.heat_J_kgK;
    EXPECT_LE((co * h.outer.soak->setting_C + ci * h.inner.temp_C) / (co + ci), 80.5);
    EXPECT_TRUE(find<found::OpenedTooLittle>(h.findings));
}

TEST(HeatPlan, HotterThanTheSealedBearingBearsIsStopped) {
    auto job = demoJob("seamer-turret-upper");
    overrides(job).outer_C = 150;
    const auto h = heatOf(job);
    EXPECT_TRUE(h.byUser);
    const auto* stop = find<found::TooHotOnceIn>(h.findings);
    ASSERT_TRUE(stop);
    EXPECT_EQ(stop->severity, Severity::Stop);
    EXPECT_EQ(stop->get<found::TooHotOnceIn>()->what, found::Protects::Grease);
    overrides(job).outer_C = 220;
    EXPECT_TRUE(find<found::TooHotFor>(heatOf(job).findings));
    overrides(job).outer_C = 80;
    overrides(job).inner_C = -50;
    EXPECT_TRUE(find<found::TooColdFor>(heatOf(job).findings));
}

/// By the balance of the part: what the plate gives through a fifth of the skin the rest loses to the room.
TEST(HeatPlan, APlateHotterThanThePartMayBeIsStopped) {
    auto job = demoJob("seamer-turret-upper");
    job.heat.lowered_C["metal"] = 120; // so that the plate could give it
    overrides(job).outer_C = heatOf(job).outer.ceiling_C() - 2;
    overrides(job).outerSource = "hot_plate";
    const auto plan = heatOf(job);
    ASSERT_TRUE(plan.outer.soak);
    const auto& part = plan.outer.soakPart;
    const double loses =
        0.8 * part.area_m2 * thermal::Film{thermal::kStillAir_W_m2K[1], 0.3, 20}.flux_W_m2(plan.outer.ceiling_C());
    const double setting = plan.outer.ceiling_C() + loses / (150 * 0.2 * part.area_m2);
    EXPECT_NEAR(plan.outer.soak->setting_C, setting, 0.1);
    const auto* said = find<found::SourceAboveCeiling>(plan.findings);
    ASSERT_TRUE(said);
    EXPECT_EQ(said->severity, Severity::Stop);
    EXPECT_NEAR(said->get<found::SourceAboveCeiling>()->setting_C, setting, 0.1);
    overrides(job).outerSource = "oven";
    EXPECT_FALSE(find<found::SourceAboveCeiling>(heatOf(job).findings));
}

TEST(HeatPlan, HomeWithinIsWhatTheTightestPartsLeave) {
    const auto course = plan::followHeat(heatOf("conveyor-tail-drum"), 30).value();
    const auto said = words::homeWithin(course);
    ASSERT_EQ(said.has_value(), course.gripFirst_s && *course.gripFirst_s > 0);
    if (said) {
        EXPECT_NE(said->head.find("Home within"), std::string::npos);
    }
    plan::HeatCourse quick;
    quick.gripFirst_s = 12.7;
    EXPECT_EQ(words::homeWithin(quick)->head, "Home within 12 s"); // never more than there is
    quick.gripFirst_s = -3;
    EXPECT_FALSE(words::homeWithin(quick)); // it grips at once, which is said
}

/// A part that is in already bears no more heat for that: it lies in the oven with the rest.
TEST(HeatPlan, WhatSitsInTheWarmPartAlreadyKeepsItDown) {
    const auto roller = plan::planJob(demoJob("retort-trolley-roller"), demoTables());
    // Whichever of the two sealed bearings goes in last finds the other one there.
    int company = 0;
    for (const char* bearing : {"lower_bearing", "upper_bearing"}) {
        const auto& h = heatOfSeat(roller, "roller", bearing);
        for (const auto& limit : h.outer.ceilings)
            company += limit.what == TempLimit::What::Grease && !limit.of.empty();
        EXPECT_EQ(h.inner.ceiling_C(), 80) << "its own grease";
    }
    EXPECT_EQ(company, 1);
    const auto agitator = plan::planJob(demoJob("brine-agitator"), demoTables());
    bool sealThere = false;
    for (const auto& h : agitator.heats)
        if (h)
            for (const auto& limit : h->outer.ceilings)
                if (limit.what == TempLimit::What::Seal) {
                    sealThere = true;
                    EXPECT_EQ(limit.temp_C, 100);
                    EXPECT_LE(h->outer.ceiling_C(), 100);
                    EXPECT_GE(h->outer.floor_C(), -25) << "nitrile is stiff below that";
                }
    EXPECT_TRUE(sealThere);
}

TEST(HeatPlan, EachBearingHasItsOwnSeals) {
    auto job = demoJob("retort-trolley-roller");
    bearingOf(job).dress.seals = catalog::Side::None; // the lower one
    EXPECT_GT(heatOfSeat(plan::planJob(job, demoTables()), "roller", "lower_bearing").inner.ceiling_C(), 80);
    const auto plan = plan::planJob(job, demoTables());
    EXPECT_EQ(heatOfSeat(plan, "roller", "upper_bearing").inner.ceiling_C(), 80);
    EXPECT_EQ(heatOfSeat(plan, "roller", "upper_bearing").inner.floor_C(), -40);
}

/// A 32208 weighs 0.53 kg by any catalogue, its cup a third to two fifths of that.
TEST(HeatPlan, ACupWeighsAsACup) {
    const auto plan = plan::planJob(demoJob("conveyor-tail-drum"), demoTables());
    const auto& cup = heatOfSeat(plan, "hub", "inner_cup").inner;
    EXPECT_GT(cup.soakPart.mass_kg, 0.25 * 0.53);
    EXPECT_LT(cup.soakPart.mass_kg, 0.45 * 0.53);
}

/// The catalogue's steel sleeve in the roller's aluminium: room by the compound wall, and a ceiling where it lets go.
TEST(HeatPlan, ARepairSleeveGrowsAsItselfAndMustHold) {
    auto job = demoJob("retort-trolley-roller");
    const auto bare = heatOf(job);
    job.measured.seats[bare.key].sleeve = job::SleeveChoice{"carbon_steel", 51, {0.02, 0.03}, true};
    const auto h = heatOf(job);
    const double aluminium = demoTables().materials.at("aluminium").alpha_perK;
    EXPECT_NEAR(bare.outer.tube.material.alpha_perK, aluminium, 1e-12);
    EXPECT_LT(h.outer.tube.material.alpha_perK, aluminium);
    const double letsGo = 20 + 0.02 / (51 * (aluminium - demoTables().materials.at("carbon_steel").alpha_perK));
    EXPECT_NEAR(ceilingOf(h.outer, TempLimit::What::Sleeve), letsGo, 1e-9);
    EXPECT_LE(h.outer.temp_C, letsGo);
}

/// One temperature for one seat, wherever it is said.
TEST(HeatPlan, FitSaysWhatWarmSays) {
    for (const char* name : {"seamer-turret-upper", "conveyor-tail-drum", "retort-trolley-roller", "brine-agitator"}) {
        const auto job = demoJob(name);
        const auto plan = plan::planJob(job, demoTables());
        ASSERT_EQ(plan.heats.size(), plan.fits->seats.size());
        for (std::size_t i = 0; i < plan.heats.size(); ++i) {
            if (!plan.heats[i]) continue;
            const auto alone = plan::planHeat(arbor::testing::givenOf(job, plan, demoTables()), i).value();
            EXPECT_EQ(plan.heats[i]->outer.temp_C, alone.outer.temp_C) << name;
            EXPECT_LE(plan.heats[i]->outer.temp_C, plan.heats[i]->outerMost_C + 1) << name;
            if (plan.fits->seats[i].fit->interference_mm.likely <= 0) {
                EXPECT_EQ(words::opensLine(*plan.heats[i], words::Display()), "no heating needed") << name;
            }
        }
    }
}

TEST(HeatPlan, PlainRingMayNotGoBelowItsSteel) {
    auto job = demoJob("conveyor-tail-drum");
    EXPECT_EQ(heatOf(job).inner.floor_C(), -55);
    overrides(job).innerSource = "solid_co2";
    const auto h = heatOf(job);
    ASSERT_TRUE(find<found::SourceNotForPart>(h.findings)) << "-78 is under -55";
    overrides(job).innerSource = "chest_freezer";
    EXPECT_FALSE(find<found::SourceNotForPart>(heatOf(job).findings));
    EXPECT_EQ(heatOf(job).inner.temp_C, -28);
}

TEST(HeatPlan, LoweredCeilingIsTheOneThatCounts) {
    auto job = demoJob("conveyor-tail-drum");
    job.heat.lowered_C["metal"] = 90;
    const auto h = heatOf(job);
    EXPECT_EQ(h.outer.ceiling_C(), 90);
    EXPECT_TRUE(h.outer.ceilings.front().lowered);
    EXPECT_FALSE(h.ways[h.chosen].within);
    job.heat.lowered_C["metal"] = 500; // nobody raises one
    EXPECT_EQ(heatOf(job).outer.ceiling_C(), 120) << "the other cup's steel, in the warm hub already";
    auto roller = demoJob("retort-trolley-roller");
    bearingOf(roller).facts.plasticCage = true;
    EXPECT_EQ(ceilingOf(heatOfSeat(plan::planJob(roller, demoTables()), "roller", "lower_bearing").inner,
                        TempLimit::What::Cage),
              100);
}

TEST(HeatPlan, LooseSeatsGoInWithout) {
    const auto h = heatOf("brine-agitator");
    EXPECT_FALSE(h.needed());
    const auto plan = plan::planJob(demoJob("brine-agitator"), demoTables());
    EXPECT_EQ(plan.marks.at(job::Station::Warm), plan::Mark::NotNeeded);
    EXPECT_NE(plan.next({job::Station::Intake, job::Station::Strip, job::Station::Measure, job::Station::Fit,
                         job::Station::Tooling}),
              job::Station::Warm);
}

TEST(HeatPlan, PressedColdIsNotAskedForAgain) {
    auto job = demoJob("seamer-turret-upper");
    ownStep(job).heat.pressCold = true;
    const auto plan = plan::planJob(job, demoTables());
    EXPECT_EQ(plan.marks.at(job::Station::Warm), plan::Mark::NotNeeded);
    EXPECT_EQ(words::heatLine(job, plan, inHand(plan).step, words::Display()), "pressed cold");
}

TEST(HeatPlan, OldOvenAndLongWalkTakeFromTheGap) {
    const auto h = heatOf("conveyor-tail-drum");
    const auto gapAfter = [&](double walk, double off) {
        const auto course = plan::followHeat(h, walk, off).value();
        for (const auto& s : course.likely.apart.states)
            if (s.t_s >= walk) return s.clearance_mm;
        return 0.0;
    };
    // 10 K less on 80 mm of iron, and the ring 10 K warmer.
    EXPECT_NEAR(gapAfter(0, 0) - gapAfter(0, 10), 80 * (1.05e-5 + 1.19e-5) * 10, 1e-6);
    EXPECT_GT(gapAfter(10, 0), gapAfter(120, 0));
}

TEST(HeatPlan, TightestPartsGripFirstLoosestLast) {
    const auto course = plan::followHeat(heatOf("conveyor-tail-drum"), 30).value();
    ASSERT_TRUE(course.gripFirst_s && course.gripLast_s);
    EXPECT_GT(*course.gripFirst_s, 0);
    EXPECT_LT(*course.gripFirst_s, *course.gripLast_s);
    ASSERT_TRUE(course.ready_s);
    EXPECT_GT(*course.ready_s, 1800);
    EXPECT_EQ(words::gripWords(course).head, "Hold it on the shoulder " + words::duration(*course.gripLast_s));
}

TEST(HeatPlan, ReadingsMoveTheEstimateTheirWay) {
    const auto h = heatOf("conveyor-tail-drum");
    // A thermometer that shows a part losing its heat twice as fast as worked out.
    const thermal::Lump fast{h.outer.soakPart.mass_kg,
                             h.outer.soakPart.heat_J_kgK,
                             2 * h.outer.soakPart.area_m2,
                             {thermal::kStillAir_W_m2K[1], thermal::kMachinedEmissivity, 20}};
    std::vector<plan::Measured_C> seen;
    for (const double t : {60.0, 180.0, 300.0})
        seen.push_back({t, thermal::temperatureAfter(fast, h.outer.temp_C - 6, t).value()});
    const auto corrected = plan::correctedBy(h, seen);
    EXPECT_NEAR(corrected.outer.temp_C, h.outer.temp_C - 6, 1);
    EXPECT_NEAR(corrected.outer.soakPart.area_m2 / h.outer.soakPart.area_m2, 2, 0.1);
    EXPECT_LT(*plan::followHeat(corrected, 30)->lastStart_s, *plan::followHeat(h, 30)->lastStart_s);
    EXPECT_EQ(plan::correctedBy(h, {}).outer.temp_C, h.outer.temp_C);
    EXPECT_NEAR(plan::correctedBy(h, {{0, 99}}).outer.temp_C, 99, 1e-6);
}

TEST(HeatPlan, BackwardsFromThePressEachGoesInInTime) {
    const auto h = heatOf("conveyor-tail-drum");
    const auto s = plan::scheduleOf(h, 40);
    EXPECT_EQ(s.carry_s, 40);
    EXPECT_NEAR(*s.outer_s, 40 + h.outer.soak->time_s(), 1e-9);
    EXPECT_NEAR(*s.inner_s, 40 + h.inner.soak->time_s(), 1e-9);
}

TEST(HeatPlan, MassIsThatOfTheWholePart) {
    const auto h = heatOf("exhaust-fan-carrier");
    // A 6206: rings as tubes of a quarter of its section each, nine balls of 9.5 mm; catalogues say about 0.2 kg.
    EXPECT_NEAR(h.inner.soakPart.mass_kg, 0.2, 0.04);
    // The tube stands for the whole carrier: same mass.
    const auto& t = h.outer.tube;
    EXPECT_NEAR(thermal::heat_J(t, 1) / t.material.heat_J_kgK, h.outer.soakPart.mass_kg, 1e-6);
}

TEST(HeatPlan, NumbersOutOfReasonAreNamed) {
    const auto field = [](auto change) {
        auto job = demoJob("seamer-turret-upper");
        change(job);
        const auto plan = plan::planJob(job, demoTables());
        return plan.problem() ? plan.problem()->field : std::string();
    };
    EXPECT_EQ(field([](job::Job& j) { j.heat.room_C = 70; }), "heat/room_degC");
    EXPECT_EQ(field([](job::Job& j) { j.heat.walk_s = -1; }), "heat/walk_s");
    EXPECT_EQ(field([](job::Job& j) { overrides(j).outer_C = 900; }), "steps/in:housing+bearing/heat/outer_degC");
    EXPECT_EQ(field([](job::Job& j) { overrides(j).innerSource = "snow"; }),
              "steps/in:housing+bearing/heat/inner_source");
    EXPECT_EQ(field([](job::Job& j) { overrides(j).margin_mm = 0; }), "steps/in:housing+bearing/heat/margin_um");
}

TEST(HeatWords, TimesAreSaidAsOneSaysThem) {
    EXPECT_EQ(words::duration(62.4), "62 s");
    EXPECT_EQ(words::duration(25 * 60 + 10), "25 min");
    EXPECT_EQ(words::duration(3 * 3600 + 600), "3 h 10 min");
    EXPECT_EQ(words::duration(4 * 3600), "4 h");
    EXPECT_EQ(words::clockFace(41 * 60 + 20), "41:20");
    EXPECT_EQ(words::clockFace(3900), "1:05:00");
    EXPECT_EQ(words::clockFace(-3), "0:00");
}

TEST(HeatWords, CautionsGoWithTheSource) {
    auto job = demoJob("conveyor-tail-drum");
    overrides(job).outerSource = "flame";
    const auto cautions = words::heatCautions(heatOf(job));
    EXPECT_NE(std::find_if(cautions.begin(), cautions.end(),
                           [](const std::string& c) { return c.find("torch") != std::string::npos; }),
              cautions.end());
}
