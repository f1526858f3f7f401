// Rings pressed besides the one a job is about, and seals: read, judged and asked for.
#include "core/plan/plan.h"
#include "core/plan/proof_plan.h"
#include "support/shop.h"
#include "words/adjust_words.h"
#include "words/sentences.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoLibrary;
using seat::ReadingKind;
using seat::SeatVerdict;

namespace {

const job::SeatKey kOuterCup{"hub", "outer_cup"};
const job::SeatKey kSeal{"hub", "seal"};
const job::SeatKey kCollar{"collar", "shaft"};

job::Job drum() {
    auto job = demoJob("conveyor-tail-drum");
    job.bearing.designation = "32208"; // the inner cup is the one the job is about
    job.strip = {};
    job.rings.clear();
    return job;
}

plan::Plan planned(const job::Job& job) {
    return plan::planJob(job, demoLibrary(), std::nullopt);
}

job::RingCard read(ReadingKind kind, const std::vector<double>& values_mm) {
    job::RingCard card;
    card.readings.kind = kind;
    for (std::size_t i = 0; i < values_mm.size(); ++i)
        card.readings.readings.push_back(
            {360.0 * static_cast<double>(i) / static_cast<double>(values_mm.size()), values_mm[i]});
    return card;
}

const plan::OtherRing& at(const plan::Plan& plan, const job::SeatKey& key) {
    const auto* ring = plan::ringAt(plan.rings, key);
    EXPECT_TRUE(ring) << key.second;
    static const plan::OtherRing kNone;
    return ring ? *ring : kNone;
}

bool says(const plan::Plan& plan, Finding id, Severity severity, const std::string& subject) {
    return std::any_of(plan.proof.begin(), plan.proof.end(),
                       [&](const Advice& a) { return a.id == id && a.severity == severity && a.subject == subject; });
}

} // namespace

TEST(RingPlan, KnowsTheRingsBesideTheOneThatIsPressed) {
    const auto p = planned(drum());
    ASSERT_EQ(p.rings.size(), 2u); // the other cup and the seal; cones slide on
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
    job.rings.clear();
    EXPECT_EQ(at(planned(job), kCollar).input.kind, ReadingKind::Feeler);
    job.rings[kCollar] = read(ReadingKind::Feeler, {0, 0, 0.01, 0});
    EXPECT_EQ(at(planned(job), kCollar).seating.verdict, SeatVerdict::HomeAndSquare);
    job.rings[kCollar] = read(ReadingKind::Feeler, {0.1, 0.1, 0.1, 0.1});
    const auto p = planned(job);
    EXPECT_EQ(at(p, kCollar).seating.verdict, SeatVerdict::NotHome);
    EXPECT_TRUE(says(p, Finding::OtherRingOff, Severity::Stop, "Lock collar"));
    EXPECT_EQ(p.marks.at(job::Station::Seat), plan::Mark::Stop); // before the bearing itself is read
}

TEST(RingPlan, ASealMayStandAFifthOffAndAQuarterCrooked) {
    auto job = drum();
    job.rings[kSeal] = read(ReadingKind::Depth, {1.15, 1.15, 1.15, 1.15});
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
    job.rings[kSeal] = read(ReadingKind::Depth, {0.75, 0.75, 0.75, 0.75}); // a quarter of a millimetre proud
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::NotHome);
    // 0.3 over the 67.5 it is read on is 0.378 over its 85.
    job.rings[kSeal] = read(ReadingKind::Depth, {0.9, 1.05, 1.2, 1.05});
    const auto crooked = at(planned(job), kSeal).seating;
    EXPECT_EQ(crooked.verdict, SeatVerdict::Tilted);
    EXPECT_NEAR(crooked.riseAcross_mm.likely, 0.3 * 85 / 67.5, 1e-9);
    job.rings[kSeal] = read(ReadingKind::Depth, {0.95, 1.0, 1.05, 1.0}); // 0.126 over 85
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
}

TEST(RingPlan, TheDrawingsDepthComesBeforeTheArrangements) {
    auto job = drum();
    job.rings[kSeal] = read(ReadingKind::Depth, {3, 3, 3, 3});
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::ReadingsDisagree); // two deeper than it can be
    job.rings[kSeal].home_mm = 3;
    EXPECT_EQ(at(planned(job), kSeal).seating.verdict, SeatVerdict::HomeAndSquare);
}

TEST(RingPlan, ASealThatWasReadNeedsNoLook) {
    auto job = drum();
    EXPECT_TRUE(plan::checksOf(planned(job)).contains(job::SeatCheck::SealFlush));
    job.rings[kSeal] = read(ReadingKind::Depth, {1, 1, 1, 1});
    EXPECT_FALSE(plan::checksOf(planned(job)).contains(job::SeatCheck::SealFlush));
}

TEST(RingPlan, ASealThatNothingHoldsIsLookedAt) {
    const auto p = planned(demoJob("filler-pump-shaft")); // on the shaft, in no housing of this arrangement
    EXPECT_TRUE(std::none_of(p.rings.begin(), p.rings.end(), [](const auto& ring) { return ring.seal; }));
    EXPECT_TRUE(plan::checksOf(p).contains(job::SeatCheck::SealFlush));
}

TEST(RingPlan, AsksForARingThatWasPutInAndForOneBegun) {
    auto job = drum();
    EXPECT_FALSE(says(planned(job), Finding::OtherRingNotRead, Severity::Look, "Outer cup")); // not in yet
    job.strip.fitted = {"outer_cup"};
    EXPECT_TRUE(says(planned(job), Finding::OtherRingNotRead, Severity::Look, "Outer cup"));
    for (const auto check : plan::checksOf(planned(job)))
        job.proof.checks[check] = true;
    const auto next = plan::nextLook(job, planned(job));
    ASSERT_TRUE(next);
    EXPECT_EQ(next->ring, kOuterCup);
    const double home = at(planned(job), kOuterCup).input.homeDepth_mm;
    job.rings[kOuterCup] = read(ReadingKind::Depth, {home, home, home, home});
    EXPECT_FALSE(plan::nextLook(job, planned(job)));
    job.rings[kSeal] = read(ReadingKind::Depth, {1});
    EXPECT_EQ(plan::nextLook(job, planned(job))->ring, kSeal); // what was begun is finished, or taken away
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
    job.rings[kOuterCup] = read(ReadingKind::Indicator, {0, 0.001, 0, 0.001});
    const auto p = planned(job);
    EXPECT_EQ(at(p, kOuterCup).seating.verdict, SeatVerdict::SquareOnly);
    EXPECT_TRUE(says(p, Finding::OtherRingOff, Severity::Look, "Outer cup"));
    const Advice off{Finding::OtherRingOff, Severity::Look, 0, 0, "Outer cup", "HB3.9"};
    EXPECT_EQ(words::say(off, words::Display()).head, "Outer cup: home is not proven");
}

TEST(RingPlan, EveryRingOfTheDemoShopCanBeReadHome) {
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley", "exhaust-fan-carrier", "brine-agitator"}) {
        auto job = demoJob(name);
        job.rings.clear();
        const auto before = planned(job);
        for (const auto& ring : before.rings) {
            const bool depth = ring.input.kind == ReadingKind::Depth;
            job.rings[ring.key] = read(ring.input.kind, std::vector<double>(4, depth ? ring.input.homeDepth_mm : 0));
        }
        const auto after = planned(job);
        for (const auto& ring : after.rings)
            EXPECT_EQ(ring.seating.verdict, SeatVerdict::HomeAndSquare) << name << " " << ring.label;
    }
}

TEST(RingPlan, AWarmSeatIsRecordedWithItsTemperatures) {
    auto job = demoJob("seamer-turret-upper");
    EXPECT_FALSE(plan::makeRecord(job, planned(job), "x", "2026-11-26T10:00:00", {}).outer_C);
    job.done.insert(job::Station::Warm);
    job.heat.pressCold = false;
    job.heat.readings.clear();
    const auto p = planned(job);
    ASSERT_TRUE(p.heat && p.heat->needed());
    EXPECT_EQ(plan::makeRecord(job, p, "x", "2026-11-26T10:00:00", {}).outer_C, p.heat->outer.temp_C);
    job.heat.readings = {{"2026-11-26T09:59:00", 71.5}, {"2026-11-26T09:59:30", 70}};
    const auto record = plan::makeRecord(job, planned(job), "x", "2026-11-26T10:00:00", {});
    EXPECT_EQ(record.outer_C, 71.5); // the thermometer goes before the plan
    EXPECT_EQ(record.inner_C, p.heat->inner.temp_C);
    job.heat.seat = job::SeatKey{"bearing", "spindle"}; // warmed was another seat than the one that is pressed
    const auto other = planned(job);
    ASSERT_TRUE(other.heat && other.heat->key == *job.heat.seat);
    EXPECT_FALSE(plan::makeRecord(job, other, "x", "2026-11-26T10:00:00", {}).outer_C);
    job.heat.seat.reset();
    job.heat.pressCold = true;
    EXPECT_FALSE(plan::makeRecord(job, planned(job), "x", "2026-11-26T10:00:00", {}).outer_C);
}
