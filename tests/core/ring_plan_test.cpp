// Rings pressed besides the one a job is about, and seals: read, judged and asked for.
#include "core/plan/plan_job.h"
#include "core/plan/proof_plan.h"
#include "core/plan/step_record.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "support/steps.h"
#include "words/adjust_words.h"
#include "words/sentences.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <set>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::inHand;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using seating::ReadingKind;
using seating::SeatVerdict;

namespace {

const job::SeatKey kOuterCup{"hub", "outer_cup"};
const job::SeatKey kSeal{"hub", "seal"};
const job::SeatKey kCollar{"collar", "shaft"};

job::Job drum() {
    auto job = demoJob("conveyor-tail-drum");
    job.strip = {};
    job.steps.clear();
    return job;
}

plan::Plan planned(const job::Job& job) {
    return plan::planJob(job, demoTables(), {{}, ownKey(job), false});
}

job::SeatReadings read(ReadingKind kind, const std::vector<double>& values_mm) {
    job::SeatReadings card;
    card.kind = kind;
    for (std::size_t i = 0; i < values_mm.size(); ++i)
        card.readings.push_back({360.0 * static_cast<double>(i) / static_cast<double>(values_mm.size()), values_mm[i]});
    return card;
}

const plan::RingPlan& at(const plan::Plan& plan, const job::SeatKey& key) {
    return arbor::testing::ringAt(plan, key);
}

job::SeatReadings& readings(job::Job& job, const job::SeatKey& key) {
    return job.steps[{key, false}].readings;
}

std::set<job::SeatCheck> checksAt(const job::Job& job, const job::SeatKey& key) {
    return planned(job).step({key, false})->checks;
}

std::optional<plan::NextLook> nextLook(const job::Job& job) {
    const auto plan = planned(job);
    return plan::nextLook(job::stepOf(job, inHand(plan).step.id).proof, plan.steps, inHand(plan));
}

template <class Kind>
bool says(const plan::Plan& plan, Severity severity, const std::string& subject) {
    return std::any_of(inHand(plan).proof.begin(), inHand(plan).proof.end(), [&](const Advice& a) {
        return a.is<Kind>() && a.severity == severity && a.get<Kind>()->ring == subject;
    });
}

} // namespace

TEST(RingPlan, KnowsTheRingsBesideTheOneThatIsPressed) {
    const auto p = planned(drum());
    const auto in = std::count_if(p.steps.begin(), p.steps.end(), [](const auto& s) { return s.ring.has_value(); });
    ASSERT_EQ(in, 3); // both cups and the seal; cones slide on
    const auto& cup = at(p, kOuterCup);
    EXPECT_EQ(cup.label, "Outer cup");
    EXPECT_EQ(cup.partner, "Drum end");
    EXPECT_EQ(cup.input.kind, ReadingKind::Depth);
    EXPECT_NEAR(cup.input.seatDia_mm, 62, 1e-9);
    EXPECT_NEAR(cup.input.homeDepth_mm, 84 - (60 + 14), 1e-9); // hub ends at 84, a 30206 cup of 14 stands on 60
    EXPECT_NEAR(cup.input.squareLimit_mm, 0.013, 1e-9);        // IT5 over 50 up to 80, ISO 286-1
    const auto& seal = at(p, kSeal);
    EXPECT_TRUE(seal.seal);
    EXPECT_NEAR(seal.input.homeDepth_mm, 1, 1e-9); // seal from 1, hub from 0
    EXPECT_NEAR(seal.input.readingRad_mm, (25 + 42.5) / 2, 1e-9);
    EXPECT_FALSE(cup.read() || seal.read());
}

TEST(RingPlan, ARingOnAShaftIsFeltAtItsShoulder) {
    auto job = demoJob("filler-pump-shaft");
    job.steps.clear();
    EXPECT_EQ(at(planned(job), kCollar).input.kind, ReadingKind::Feeler);
    readings(job, kCollar) = read(ReadingKind::Feeler, {0, 0, 0.01, 0});
    EXPECT_EQ(at(planned(job), kCollar).seating.verdict, SeatVerdict::HomeAndSquare);
    readings(job, kCollar) = read(ReadingKind::Feeler, {0.1, 0.1, 0.1, 0.1});
    const auto p = planned(job);
    EXPECT_EQ(at(p, kCollar).seating.verdict, SeatVerdict::NotHome);
    EXPECT_TRUE(says<found::OtherRingOff>(p, Severity::Stop, "Lock collar"));
    EXPECT_EQ(p.marks.at(job::Station::Seat), plan::Mark::Stop); // before the bearing itself is read
}

TEST(RingPlan, ASealMayStandAFifthOffAndAQuarterCrooked) {
    auto job = drum();
    readings(job, kSeal) = read(ReadingKind::Depth, {1.15, 1.15, 1.15, 1.15});
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
    readings(job, kSeal) = read(ReadingKind::Depth, {0.75, 0.75, 0.75, 0.75}); // a quarter of a millimetre proud
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::NotHome);
    // 0.3 over the 67.5 it is read on is 0.378 over its 85.
    readings(job, kSeal) = read(ReadingKind::Depth, {0.9, 1.05, 1.2, 1.05});
    const auto crooked = at(planned(job), kSeal).seating;
    EXPECT_EQ(crooked.verdict, SeatVerdict::Tilted);
    EXPECT_NEAR(crooked.riseAcross_mm.likely, 0.3 * 85 / 67.5, 1e-9);
    readings(job, kSeal) = read(ReadingKind::Depth, {0.95, 1.0, 1.05, 1.0}); // 0.126 over 85
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
}

TEST(RingPlan, TheDrawingsDepthComesBeforeTheArrangements) {
    auto job = drum();
    readings(job, kSeal) = read(ReadingKind::Depth, {3, 3, 3, 3});
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::ReadingsDisagree); // two deeper than it can be
    readings(job, kSeal).home_mm = 3;
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
}

TEST(RingPlan, ASealThatWasReadNeedsNoLook) {
    auto job = drum();
    EXPECT_TRUE(checksAt(job, kSeal).contains(job::SeatCheck::SealFlush));
    readings(job, kSeal) = read(ReadingKind::Depth, {1, 1, 1, 1});
    EXPECT_FALSE(checksAt(job, kSeal).contains(job::SeatCheck::SealFlush));
}

TEST(RingPlan, AsksForARingThatWasPutInAndForOneBegun) {
    auto job = drum();
    EXPECT_FALSE(says<found::OtherRingNotRead>(planned(job), Severity::Check, "Outer cup")); // not in yet
    job.strip.fitted = {"outer_cup"};
    EXPECT_TRUE(says<found::OtherRingNotRead>(planned(job), Severity::Check, "Outer cup"));
    for (const auto check : checksAt(job, ownKey(job).seat))
        ownStep(job).proof.checks[check] = true;
    const auto next = nextLook(job);
    ASSERT_TRUE(next && next->otherStep);
    EXPECT_EQ(planned(job).steps[*next->otherStep].step.id.seat, kOuterCup);
    const double home = at(planned(job), kOuterCup).input.homeDepth_mm;
    readings(job, kOuterCup) = read(ReadingKind::Depth, {home, home, home, home});
    EXPECT_FALSE(nextLook(job));
    readings(job, kSeal) = read(ReadingKind::Depth, {1});
    EXPECT_EQ(planned(job).steps[*nextLook(job)->otherStep].step.id.seat,
              kSeal); // what was begun is finished, or taken away
}

TEST(RingPlan, ARingIsNotInWhileWhatItSitsOnIsOut) {
    auto job = demoJob("seamer-turret-upper");
    const job::SeatKey spindle{"bearing", "spindle"};
    job.strip = {};
    job.strip.fitted = {"bearing"};
    EXPECT_FALSE(plan::mustBeRead(at(planned(job), spindle)));
    job.strip.fitted.insert("spindle");
    EXPECT_TRUE(plan::mustBeRead(at(planned(job), spindle)));
}

TEST(RingPlan, AnIndicatorAloneDoesNotProveHome) {
    auto job = drum();
    readings(job, kOuterCup) = read(ReadingKind::Indicator, {0, 0.001, 0, 0.001});
    const auto p = planned(job);
    EXPECT_EQ(at(p, kOuterCup).seating.verdict, SeatVerdict::SquareOnly);
    EXPECT_TRUE(says<found::OtherRingOff>(p, Severity::Check, "Outer cup"));
    const Advice off{found::OtherRingOff{"Outer cup"}, Severity::Check, "HB3.9"};
    EXPECT_EQ(words::say(off, words::Display()).head, "Outer cup: not proven home");
}

TEST(RingPlan, EveryRingOfTheDemoShopCanBeReadHome) {
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley", "exhaust-fan-carrier", "brine-agitator"}) {
        auto job = demoJob(name);
        job.steps.clear();
        const auto before = planned(job);
        for (const auto& step : before.steps) {
            if (!step.ring) continue;
            const auto& in = step.ring->input;
            job.steps[step.step.id].readings =
                read(in.kind, std::vector<double>(4, in.kind == ReadingKind::Depth ? in.homeDepth_mm : 0));
        }
        const auto after = planned(job);
        for (const auto& step : after.steps)
            EXPECT_TRUE(step.step.out || step.ring->seating.verdict == SeatVerdict::HomeAndSquare)
                << name << " " << step.step.key;
    }
}

TEST(RingPlan, AWarmSeatIsRecordedWithItsTemperatures) {
    auto job = demoJob("seamer-turret-upper");
    const auto record = [](const job::Job& j) {
        const auto p = planned(j);
        return plan::makeRecord(j, p, inHand(p), "x", "2026-11-26T10:00:00", {});
    };
    EXPECT_FALSE(record(job).outer_C);
    auto& own = ownStep(job);
    own.done.insert(job::Station::Warm);
    own.heat.pressCold = false;
    own.heat.readings.clear();
    const auto p = planned(job);
    ASSERT_TRUE(p.heat() && p.heat()->needed());
    EXPECT_EQ(record(job).outer_C, p.heat()->outer.temp_C);
    own.heat.readings = {{"2026-11-26T09:59:00", 71.5}, {"2026-11-26T09:59:30", 70}};
    EXPECT_EQ(record(job).outer_C, 71.5); // the thermometer goes before the plan
    EXPECT_EQ(record(job).inner_C, p.heat()->inner.temp_C);
    const auto* spindle = p.step({{"bearing", "spindle"}, false}); // warmed was another seat than this
    ASSERT_TRUE(spindle);
    EXPECT_FALSE(plan::makeRecord(job, p, *spindle, "x", "2026-11-26T10:00:00", {}).outer_C);
    own.heat.pressCold = true;
    EXPECT_FALSE(record(job).outer_C);
}
