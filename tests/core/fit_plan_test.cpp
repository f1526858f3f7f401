// Every seat of a job at once: where sizes come from, what is judged, what other classes give, and the limits of it
// all.
#include "core/plan/fit_plan.h"
#include "core/plan/plan_job.h"
#include "core/plan/seat_edit.h"
#include "core/plan/step_plan.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <rapidcheck.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::clearanceOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::partOf;
using arbor::testing::sizeOf;
using job::Station;
using measure::Verdict;
using plan::Mark;

namespace {

plan::Plan planWith(
    const char* name, const std::function<void(job::Job&)>& change = [](job::Job&) {}) {
    auto job = demoJob(name);
    change(job);
    return plan::planJob(job, demoTables());
}

const plan::SeatPlan& seatOf(const plan::Plan& p, const std::string& outer, const std::string& inner) {
    const auto at = std::find_if(p.fits->seats.begin(), p.fits->seats.end(), [&](const plan::SeatPlan& s) {
        return s.key == job::SeatKey{outer, inner};
    });
    EXPECT_NE(at, p.fits->seats.end()) << outer << " " << inner;
    return at == p.fits->seats.end() ? p.fits->seats.front() : *at;
}

const char* const kDemos[] = {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                              "labeller-pulley",     "exhaust-fan-carrier",   "brine-agitator"};

} // namespace

TEST(FitPlan, DemoShopHasASeatOfEachVerdict) {
    std::set<Verdict> seen;
    for (const auto* name : kDemos) {
        const auto p = planWith(name);
        ASSERT_TRUE(p.fits) << name;
        int measured = 0;
        for (const auto& s : p.fits->seats)
            for (const auto* side : {&s.hole, &s.shaft}) {
                seen.insert(side->verdict);
                measured += side->form.has_value();
            }
        EXPECT_GT(measured, 0) << name << " carries no readings";
    }
    EXPECT_EQ(seen,
              (std::set{Verdict::NotMeasured, Verdict::Use, Verdict::CleanUp, Verdict::Sleeve, Verdict::Replace}));
}

TEST(FitPlan, SeatsOfTheArrangementHaveTheirOwnSizes) {
    const auto p = planWith("exhaust-fan-carrier", [](job::Job& j) { j.measured = {}; });
    const auto& collar = seatOf(p, "collar", "shaft");
    // 30 H7 0/+21 on p6 +22/+35: 1 to 35, by hand.
    EXPECT_NEAR(collar.fit->interferenceWorst_mm.lower, 0.001, 1e-12);
    EXPECT_NEAR(collar.fit->interferenceWorst_mm.upper, 0.035, 1e-12);
    EXPECT_EQ(collar.input->outer.material.name, "carbon steel");
    const auto& shaft = seatOf(p, "bearing", "shaft");
    EXPECT_TRUE(shaft.hole.ring);
    EXPECT_EQ(shaft.hole.spec, "ISO 492 N");
    EXPECT_NEAR(shaft.input->outer.otherDia_mm, 38, 1e-12) << "the ring as a tube to its raceway";
    EXPECT_EQ(p.fits->bearings.size(), 1u);
    EXPECT_TRUE(p.fits->bearings[0].housing && p.fits->bearings[0].shaft);
    EXPECT_EQ(fitOf(p), &*seatOf(p, "carrier", "bearing").fit) << "of the step in hand";
}

TEST(FitPlan, ReadingsReplaceTheClassAndATypedSizeReplacesThem) {
    const auto by = [](const std::function<void(job::Job&)>& change) {
        return planWith("labeller-pulley", change).fits->seats[0];
    };
    const auto read = by([](job::Job& j) { hole(j).measured.reset(); });
    EXPECT_TRUE(read.hole.form);
    EXPECT_NEAR(*read.hole.measuredDia_mm, 54.9795, 2e-4);
    EXPECT_NEAR(read.fit->interferenceNominal_mm, 55 + read.shaft.size_mm->mid() - *read.hole.measuredDia_mm, 1e-9);
    const auto typed = by([](job::Job& j) { hole(j).measured = standards::MeasuredSize{"54.970", 54.970}; });
    EXPECT_EQ(*typed.hole.measuredDia_mm, 54.970);
    EXPECT_TRUE(typed.hole.form) << "the form is still that of the readings";
}

TEST(FitPlan, AWrongMeasuredSizeIsNamedWhereItStands) {
    const auto place = [](const std::function<void(job::Job&)>& change) {
        return planWith("exhaust-fan-carrier", change).problem()->field;
    };
    EXPECT_EQ(place([](job::Job& j) {
                  hole(j).measured = standards::MeasuredSize{"6.2", 6.2};
              }),
              "arrangement/pressed/carrier+bearing/hole_mm");
    EXPECT_EQ(place([](job::Job& j) {
                  j.arrangement.assembly.pressed[2].hole.measured = standards::MeasuredSize{"3", 3};
              }),
              "arrangement/pressed/collar+shaft/hole_mm");
    EXPECT_EQ(place([](job::Job& j) {
                  j.arrangement.assembly.pressed[2].shaft.measured = standards::MeasuredSize{"3", 3};
              }),
              "arrangement/pressed/collar+shaft/shaft_mm");
}

TEST(FitPlan, ReadingsOfAnotherSizeAreKeptButSayNothing) {
    const auto p = planWith("labeller-pulley", [](job::Job& j) {
        for (auto& r : j.measured.seats.at({"pulley", "lower_cup"}).hole.readings)
            r.dia_mm += 2;
        hole(j).measured.reset();
    });
    ASSERT_TRUE(p.fits) << "a seat that was given another size does not stop the job";
    const auto& hole = seatOf(p, "pulley", "lower_cup").hole;
    EXPECT_FALSE(hole.form);
    EXPECT_FALSE(hole.measuredDia_mm);
    EXPECT_TRUE(hole.judgement.reasons.back().advice.is<found::ReadingsOfOtherSize>());
    EXPECT_EQ(p.marks.at(Station::Measure), Mark::Check);
}

TEST(FitPlan, ASleeveThatCannotBeIsAStopNotADeadEnd) {
    for (const double outside : {40.0, 47.0, 62.0, 70.0}) {
        const auto p = planWith("retort-trolley-roller", [&](job::Job& j) {
            j.measured.seats.at({"roller", "lower_bearing"}).sleeve =
                job::SleeveChoice{"carbon_steel", outside, {0.03, 0.05}, true};
        });
        ASSERT_TRUE(p.fits) << outside;
        EXPECT_FALSE(p.fits->seats[0].input->sleeve);
        const auto list = p.fits->advisories();
        EXPECT_TRUE(
            std::any_of(list.begin(), list.end(), [](const Advice& a) { return a.is<found::SleeveDoesNotFit>(); }));
        EXPECT_EQ(p.marks.at(Station::Fit), Mark::Stop);
    }
}

TEST(FitPlan, GettingItOffIsHarderByTheRustThereIs) {
    const auto off = [](route::Rust rust) {
        const auto p = planWith("labeller-pulley", [&](job::Job& j) { j.strip.rust = rust; });
        return std::pair(p.fits->seats[0].off->force_N, p.fits->seats[0].fit->pressForce_N);
    };
    const auto [clean, on] = off(route::Rust::None);
    EXPECT_NEAR(clean.least, 1.2 * on.least, 1e-9);
    EXPECT_NEAR(clean.most, 2 * on.most, 1e-9);
    EXPECT_NEAR(off(route::Rust::Heavy).first.most, 6 * on.most, 1e-9);
}

TEST(FitPlan, AWarmPartIsBroughtTo20) {
    const auto at = [](double temp) {
        return *planWith("retort-trolley-roller",
                         [&](job::Job& j) {
                             j.measured.seats.at({"roller", "upper_bearing"}).hole.gauge.partTemp_C = temp;
                         })
                    .fits->seats[1]
                    .hole.measuredDia_mm;
    };
    EXPECT_NEAR(at(20) - at(30), 47 * 2.35e-5 * 10, 2e-5);
}

TEST(FitPlan, FormLimitIsHalfTheClassUnlessStated) {
    EXPECT_NEAR(planWith("labeller-pulley").fits->seats[0].hole.formLimit_mm, 0.015, 1e-12);
    const auto stated = planWith("labeller-pulley", [](job::Job& j) {
        j.measured.seats.at({"pulley", "lower_cup"}).hole.formLimit_mm = 0.001;
    });
    EXPECT_EQ(stated.fits->seats[0].hole.formLimit_mm, 0.001);
    EXPECT_EQ(stated.fits->seats[0].hole.verdict, Verdict::CleanUp);
}

TEST(FitPlan, StopsAtMeasureUntilSleevedOrOverruled) {
    EXPECT_EQ(planWith("retort-trolley-roller").marks.at(Station::Measure), Mark::Stop);
    const auto sleeved = planWith("retort-trolley-roller", [](job::Job& j) {
        j.measured.seats.at({"roller", "lower_bearing"}).sleeve =
            job::SleeveChoice{"carbon_steel", 53, {0.03, 0.05}, true};
    });
    EXPECT_EQ(sleeved.marks.at(Station::Measure), Mark::Check);
    const auto overruled = planWith("brine-agitator", [](job::Job& j) {
        j.measured.seats.at({"hub", "inner_cup"}).hole.overrule = job::Overrule{Verdict::Use, "new hub ordered"};
    });
    EXPECT_TRUE(seatOf(overruled, "hub", "inner_cup").hole.overruled);
    EXPECT_EQ(overruled.marks.at(Station::Measure), Mark::Check);
}

TEST(FitPlan, WarmthAndSpeedReachTheRightParts) {
    const auto p = planWith("seamer-turret-upper", [](job::Job& j) {
        j.temperatures = {60, 50, 30, 70};
        j.work = {fit::LoadCase::InnerTurns, 0.1, 3000, false};
    });
    const auto& housing = seatOf(p, "housing", "bearing");
    const auto& spindle = seatOf(p, "bearing", "spindle");
    EXPECT_EQ(housing.input->outer.temp_C, 30);
    EXPECT_EQ(housing.input->inner.temp_C, 50);
    EXPECT_EQ(spindle.input->outer.temp_C, 60);
    EXPECT_EQ(spindle.input->inner.temp_C, 70);
    EXPECT_EQ(housing.input->inner.speed_rpm, 0);
    EXPECT_EQ(spindle.input->outer.speed_rpm, 3000);
    const auto wheel = planWith("seamer-turret-upper", [](job::Job& j) {
        j.work = {fit::LoadCase::OuterTurns, 0.1, 3000, false};
    });
    EXPECT_EQ(seatOf(wheel, "housing", "bearing").input->outer.speed_rpm, 3000);
    EXPECT_EQ(seatOf(wheel, "bearing", "spindle").input->inner.speed_rpm, 0);
}

TEST(FitPlan, ASpeedThatLoosensTheRingAsksForATighterClass) {
    const auto proposed = [](double speed) {
        const auto p = planWith("filler-pump-shaft", [&](job::Job& j) {
            j.work = {fit::LoadCase::InnerTurns, 0.1, speed, false};
        });
        return p.fits->bearings.front().proposal;
    };
    EXPECT_EQ(proposed(0).shaft->text(), "k5");
    EXPECT_EQ(proposed(500).shaft->text(), "k5");
    const auto fast = proposed(60'000);
    EXPECT_EQ(fast.shaft->text(), "m5");
    EXPECT_TRUE(std::any_of(fast.because.begin(), fast.because.end(), [](const Advice& a) {
        return a.is<found::OneStepTighter>() && a.get<found::OneStepTighter>()->why.find("speed") != std::string::npos;
    }));
}

TEST(FitPlan, InchTapersHaveTheirOwnLimits) {
    const auto& lib = demoTables();
    const auto inch = std::find_if(lib.bearings.begin(), lib.bearings.end(), [](const catalog::Bearing& b) {
        return b.type == catalog::BearingType::InchTaperRoller;
    });
    ASSERT_NE(inch, lib.bearings.end());
    const auto p = planWith("seamer-turret-upper", [&](job::Job& j) {
        arrangement::BlindSeat seat;
        seat.bearing.designation = inch->designation;
        seat.bearing.piece = arrangement::FromCatalogue::Piece::Outer;
        seat.bearing.facts.accuracy = "3";
        seat.seatDia_mm = inch->outsideDia_mm;
        seat.outsideDia_mm = inch->outsideDia_mm + 40;
        seat.seatDepth_mm = 46;
        seat.height_mm = 80;
        seat.shoulderBoreDia_mm = inch->outsideDia_mm - 12;
        seat.hole.size = sizeOf("N7");
        j.arrangement.assembly = arrangement::blindSeat(seat).value();
        j.measured = {};
    });
    ASSERT_TRUE(p.fits) << p.problem()->field << " " << p.problem()->value;
    const auto& cup = p.fits->seats[0].shaft;
    EXPECT_EQ(cup.spec, "ISO 578 3");
    EXPECT_EQ(cup.size_mm->lower, 0) << "metal is left on";
    EXPECT_NEAR(cup.size_mm->upper, 0.013, 1e-12);
}

TEST(FitPlan, AlternativesAreWhatThePlanSaysWhenTheyAreChosen) {
    const auto change = [](job::Job& j) {
        hole(j).measured.reset();
        j.measured.seats.clear();
    };
    const auto p = planWith("seamer-turret-upper", change);
    const auto others = plan::alternatives(*p.fits, demoTables(), 0, true);
    ASSERT_GE(others.size(), 6u);
    for (const auto& other : others) {
        const auto chosen = planWith("seamer-turret-upper", [&](job::Job& j) {
            change(j);
            hole(j).size = standards::SizeSpec::ofClass(other.toleranceClass);
        });
        EXPECT_EQ(fitOf(chosen)->interference_mm, other.fit.interference_mm) << other.toleranceClass.text();
        EXPECT_EQ(clearanceOf(chosen)->left_mm, other.clearance->left_mm) << other.toleranceClass.text();
        EXPECT_EQ(clearanceOf(chosen)->shareBelowZero, other.clearance->shareBelowZero);
    }
    EXPECT_TRUE(plan::alternatives(*planWith("brine-agitator").fits, demoTables(), 3, true).empty())
        << "a seat that is not known has none";
}

// One joint, one figure: whatever was measured, the station that takes it off says what Fit says, and so do its tools.
TEST(FitPlan, StripToolsAndPressSayWhatFitSays) {
    for (const auto* name : kDemos) {
        const auto p = planWith(name);
        std::size_t told = 0;
        for (const auto& ring : p.strip.rings) {
            if (!ring.seat) continue;
            ++told;
            const auto& seat = p.fits->seats[*ring.seat];
            EXPECT_EQ(ring.breakaway->force_N, seat.off->force_N) << name;
            EXPECT_EQ(ring.pressIn_N, seat.fit->pressForce_N) << name;
        }
        for (const auto& planned : p.steps) {
            const auto& step = planned.step;
            if (!step.seat) continue;
            const auto& seat = p.fits->seats[*step.seat];
            const auto alone = plan::pressOf(step, nullptr, *p.fits);
            ASSERT_TRUE(alone) << name << step.key;
            EXPECT_EQ(alone->force_N, step.out ? seat.off->force_N : seat.fit->pressForce_N) << name << step.key;
            EXPECT_GE(step.load.greatest_N(), alone->force_N.most - 1e-6) << name << step.key;
            if (!step.out) {
                EXPECT_EQ(plan::heatOf(step, p.heats)->outer.temp_C, p.heats[*step.seat]->outer.temp_C);
            }
        }
        EXPECT_GT(told, 0u) << name;
    }
}

// By hand: the force goes with what is engaged; out, the first movement is the greatest.
TEST(StepPress, FollowsTheEngagedLengthInAndOut) {
    const auto p = planWith("exhaust-fan-carrier");
    for (const auto& planned : p.steps) {
        const auto& step = planned.step;
        const auto press = plan::pressOf(step, nullptr, *p.fits);
        if (!press || step.key.ends_with(":collar") || step.key.ends_with(":shaft")) continue; // they pass a groove
        const auto& points = press->expected.points;
        for (std::size_t i = 1; i < points.size(); ++i) {
            if (step.out)
                EXPECT_LE(points[i].force_N.most, points[i - 1].force_N.most + 1e-9) << step.key;
            else
                EXPECT_GE(points[i].force_N.likely, points[i - 1].force_N.likely - 1e-9) << step.key;
        }
        if (step.out) {
            EXPECT_EQ(points.front().force_N, press->force_N) << step.key;
            EXPECT_NEAR(points.back().force_N.most, 0, 1e-9) << "free";
            EXPECT_NEAR(press->energy_J, std::pow(press->force_N.most, 2) / (2 * 20e3 * 1000), 1e-9)
                << "F^2 / 2k, 20 kN/mm";
        } else {
            EXPECT_NEAR(points.back().force_N.likely, press->force_N.likely, 1e-6) << step.key;
        }
    }
}

// A ring that lets go as it should: the first movement takes the most, then it slides and is free. And one that does
// not let go at all.
TEST(StepPress, ATraceOfARemovalIsJudged) {
    const auto job = demoJob("exhaust-fan-carrier");
    const job::StepKey out{{"bearing", "shaft"}, true};
    const auto judged = [&](double upTo) {
        plan::Asked asked;
        asked.inHand = out;
        const auto alone = plan::planJob(job, demoTables(), asked);
        const auto& e = alone.now()->press->expected;
        trace::Trace pressed;
        for (int i = 0; i <= 200; ++i) {
            const double x = e.homeTravel_mm * upTo * i / 200;
            pressed.push_back({0.05 * i, x, i == 0 ? 0 : trace::forceAt(e, x).likely});
        }
        pressed.insert(pressed.begin() + 1, {0.01, 0.02, alone.now()->press->force_N.likely});
        asked.traces = {{out, pressed}};
        return plan::planJob(job, demoTables(), asked).now()->trace.value();
    };
    EXPECT_EQ(judged(1).verdict, trace::Verdict::Released);
    EXPECT_FALSE(judged(1).stop());
    EXPECT_NE(judged(0.4).verdict, trace::Verdict::Released) << "it still sits";
}

// Without rust nothing peaks: the force fades with what is engaged, and it is off all the same.
TEST(StepPress, WhatSlidesOutToItsEndIsOff) {
    const auto job = demoJob("exhaust-fan-carrier");
    const job::StepKey out{{"bearing", "shaft"}, true};
    const auto judged = [&](double upTo) {
        plan::Asked asked;
        asked.inHand = out;
        const auto e = plan::planJob(job, demoTables(), asked).now()->press->expected;
        trace::Trace slid{{0, 0, 0}};
        for (int i = 1; i <= 200; ++i) {
            const double gone = upTo * i / 200;
            slid.push_back({0.05 * i, gone * e.homeTravel_mm, 8000 * (1 - gone)});
        }
        asked.traces = {{out, slid}};
        return plan::planJob(job, demoTables(), asked).now()->trace.value();
    };
    EXPECT_EQ(judged(1).verdict, trace::Verdict::Released);
    EXPECT_NE(judged(0.8).verdict, trace::Verdict::Released) << "a fifth of it still holds";
}

TEST(StepNames, AreTakenInPart) {
    const auto steps = planWith("exhaust-fan-carrier").steps;
    EXPECT_EQ(steps[*plan::stepNamed(steps, "in:collar")].step.key, "in:collar");
    EXPECT_EQ(steps[*plan::stepNamed(steps, "out:coll")].step.key, "out:collar");
    EXPECT_EQ(*plan::stepNamed(steps, "1"), 0u);
    EXPECT_EQ(plan::stepNamed(steps, "in:").error().limit.english(), "one of in:bearing, in:shaft, in:collar");
    EXPECT_EQ(plan::stepNamed(steps, "collar").error().limit.english(), "one of out:collar, in:collar");
    const auto unknown = plan::stepNamed(steps, "flange");
    EXPECT_NE(unknown.error().limit.english().find("out:collar"), std::string::npos);
}

TEST(SeatEdit, ASizeIsKeptWithItsSeat) {
    auto job = demoJob("exhaust-fan-carrier");
    const auto p = plan::planJob(job, demoTables());
    const auto& seats = p.fits->seats;
    const auto& pressed = job.arrangement.assembly.pressed;
    const auto spec = [](const char* typed, double dia, const char* letter, int grade) {
        return standards::SizeSpec{typed, dia, standards::ToleranceClass{letter, grade}, {}};
    };
    ASSERT_TRUE(plan::writeSize(job, seats[0], true, spec("62 P7", 62, "P", 7)));
    EXPECT_EQ(pressed[0].hole.size->typed, "P7") << "the diameter is the drawing's";
    EXPECT_EQ(plan::planJob(job, demoTables()).fits->seats[0].hole.spec, "62 P7");
    const auto other = plan::writeSize(job, seats[0], true, spec("63 P7", 63, "P", 7));
    EXPECT_EQ(other.error().code, ProblemCode::GeometryOrder);
    // Every seat takes limits as typed, on either side.
    const standards::SizeSpec limits{"30 +5/0 um", 30, {}, {0, 0.005}};
    ASSERT_TRUE(plan::writeSize(job, seats[2], true, limits));
    EXPECT_EQ(pressed[2].hole.size, limits);
    EXPECT_EQ(plan::planJob(job, demoTables()).fits->seats[2].hole.size_mm, (Interval{0, 0.005}));
    ASSERT_TRUE(plan::writeSize(job, seats[1], false, std::nullopt));
    EXPECT_FALSE(pressed[1].shaft.size);
    plan::writeFinish(job, seats[2].key, true, 0.003);
    EXPECT_EQ(plan::planJob(job, demoTables()).fits->seats[2].hole.rz_mm, 0.003);
    plan::changeFacts(job, "bearing", [](auto& from) { from.facts.clearanceGroup = "C4"; });
    EXPECT_EQ(plan::planJob(job, demoTables()).fits->bearings.front().clearanceGroup, "C4");
}

TEST(SeatEdit, WhatIsKnownOfATaperIsKnownOfCupAndCone) {
    auto job = demoJob("labeller-pulley");
    plan::changeFacts(job, "lower_cup", [](auto& from) { from.facts.accuracy = "6"; });
    EXPECT_EQ(partOf(job, "lower_cup").catalogue->facts.accuracy, "6");
    EXPECT_EQ(partOf(job, "lower_cone").catalogue->facts.accuracy, "6");
    EXPECT_EQ(partOf(job, "upper_cup").catalogue->facts.accuracy, "N") << "another of the same number";
}

// All inputs anywhere up to their limits: a clear refusal, or numbers that are numbers.
TEST(FitPlan, NeverGivesANumberThatIsNone) {
    ASSERT_TRUE(rc::check("no NaN, no infinity", [] {
        const auto pick = [](double a, double b) { return a + (b - a) * *rc::gen::inRange(0, 1001) / 1000.0; };
        const auto* name = *rc::gen::elementOf(std::vector<const char*>(std::begin(kDemos), std::end(kDemos)));
        const auto p = planWith(name, [&](job::Job& j) {
            j.temperatures = {pick(-100, 250), pick(-100, 250), pick(-100, 250), pick(-100, 250)};
            j.work = {static_cast<fit::LoadCase>(*rc::gen::inRange(0, 4)), pick(0, 1), pick(0, 100'000), true};
            j.arrangement.assembly.pressed.front().shaft.rz_mm = pick(0, 0.1);
            j.arrangement.assembly.pressed.front().hole.rz_mm = pick(0, 0.1);
            if (*rc::gen::arbitrary<bool>()) bearingOf(j).facts.outerRacewayDia_mm = pick(20, 90);
            if (*rc::gen::arbitrary<bool>()) bearingOf(j).facts.innerRacewayDia_mm = pick(20, 90);
            if (hole(j).measured && *rc::gen::arbitrary<bool>()) hole(j).measured->value_mm *= pick(0.985, 1.015);
            for (auto& [key, card] : j.measured.seats) {
                if (*rc::gen::arbitrary<bool>())
                    card.sleeve =
                        job::SleeveChoice{"carbon_steel", pick(20, 140), {0, pick(0, 1)}, *rc::gen::arbitrary<bool>()};
                for (auto& r : card.hole.readings)
                    r.dia_mm *= pick(0.995, 1.005);
            }
        });
        if (!p.fits) {
            RC_ASSERT(p.problem());
            return;
        }
        for (const auto& s : p.fits->seats) {
            if (!s.fit) continue;
            for (const double value :
                 {s.fit->pressure_MPa.likely, s.fit->pressureWorst_MPa, s.fit->outerHoop_MPa, s.fit->innerHoop_MPa,
                  s.fit->outerLimit_MPa, s.fit->innerLimit_MPa, s.fit->pressForceWorst_N, s.fit->boreAlpha_perK,
                  s.fit->effectiveAtWork_mm.least, s.fit->looseAt_rpm.value_or(0)})
                RC_ASSERT(std::isfinite(value));
            RC_ASSERT(s.fit->pressure_MPa.least >= 0);
        }
        for (const auto& b : p.fits->bearings)
            if (b.clearance)
                for (const double value :
                     {b.clearance->left_mm.least, b.clearance->left_mm.most, b.clearance->nominal_mm,
                      b.clearance->shareBelowZero, b.clearance->worst_mm.lower})
                    RC_ASSERT(std::isfinite(value));
    }));
}
