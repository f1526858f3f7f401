// What a foreman says unasked [HB8], of small drawings whose numbers are worked out by hand.
#include "core/foreman/foreman.h"
#include "core/plan/plan_job.h"
#include "support/drawing.h"
#include "support/random_job.h"
#include "support/shop.h"
#include "support/steps.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <numbers>
#include <optional>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::arrangement;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using route::only;
using route::Way;
using section::Body;
using section::BodyKind;
using section::Slice;

namespace {

Body tube(double zBottom, double zTop, double bore, double outside, BodyKind kind = BodyKind::Housing) {
    return {"", kind, section::Hatch::Steel, {Slice::tube(zBottom, zTop, bore / 2, outside / 2)}};
}
Part part(const std::string& id, PartKind kind, std::vector<Body> bodies) {
    Part out{id, std::move(bodies)};
    out.kind = kind;
    return out;
}

/// A job about a drawing of its own, with its plan.
struct Work {
    explicit Work(Assembly assembly) : Work(fresh(std::move(assembly))) {}
    explicit Work(job::Job wanted)
        : job(std::move(wanted)), plan(plan::planJob(job, demoTables(), {{}, {}, true, {}})) {}

    static job::Job fresh(Assembly assembly) {
        auto job = job::Job{};
        job.press = "P30";
        job.arrangement.assembly = std::move(assembly);
        return job;
    }
    void again() { plan = plan::planJob(job, demoTables(), {{}, {}, true, {}}); }

    std::size_t index(const std::string& id) const { return *indexOf(plan.strip.assembly, id); }
    /// Everything is there when it leaves, or when it has come.
    route::PartRemoval move(const std::string& id, Way way = Way::Up) const {
        return {index(id), way, route::BlockingGraph(plan.strip.assembly).all()};
    }
    AdviceList out(const std::string& id) const { return foreman::beforeOut(job, plan, move(id)); }
    AdviceList in(const std::string& id) const { return foreman::beforeIn(job, plan, move(id)); }
    AdviceList setUp(const std::string& key) const {
        const auto at = plan::stepNamed(plan.steps, key);
        EXPECT_TRUE(at) << key;
        const auto& step = plan.steps[at.value_or(0)];
        return foreman::atSetUp(plan, step, step.way());
    }

    job::Job job;
    plan::Plan plan;
};

/// By its value: the list may be gone when it is looked at.
template <class Kind>
std::optional<Kind> said(const AdviceList& list) {
    const Advice* advice = findingOf<Kind>(list);
    return advice ? std::optional(*advice->get<Kind>()) : std::nullopt;
}

/// Shaft Ø30 with a shoulder Ø40 below, a collar Ø30/Ø40 × 10 on it.
Assembly collarOnShaft() {
    return {{part("shaft", PartKind::Shaft, {tube(0, 20, 0, 40), tube(20, 60, 0, 30)}),
             part("collar", PartKind::LockCollar, {tube(20, 30, 30, 40)})},
            0,
            {{"collar", "shaft"}}};
}

/// A housing 60 high, bore Ø62 from 20, a cup Ø50/Ø62 × 16 on its shoulder Ø54.
Assembly cupInHousing() {
    return {{part("frame", PartKind::Housing, {tube(0, 20, 54, 100), tube(20, 60, 62, 100)}),
             part("cup", PartKind::Cup, {tube(20, 36, 50, 62, BodyKind::OuterRing)})},
            0,
            {{"frame", "cup"}}};
}

/// A shaft with a step of the given size that goes up through a seal with a lip Ø30 in a plate.
Assembly shaftThroughSeal(double step_mm) {
    return {{part("plate", PartKind::Housing, {tube(20, 30, 50, 100)}),
             part("seal", PartKind::Seal, {tube(20, 28, 30, 50)}),
             part("shaft", PartKind::Shaft, {tube(0, 40, 0, 30), tube(40, 60, 0, step_mm)})},
            0};
}

} // namespace

TEST(Foreman, NamesTheFaceThatIsPushed) {
    const Work work(collarOnShaft());
    const auto push = said<found::PushOn>(work.setUp("in:collar"));
    ASSERT_TRUE(push);
    EXPECT_NEAR(push->inner_mm, 30, 1e-9);
    EXPECT_NEAR(push->outer_mm, 40, 1e-9);
    EXPECT_NEAR(push->width_mm, 5, 1e-9);
    const auto stop = said<found::StopsAgainst>(work.setUp("in:collar"));
    ASSERT_TRUE(stop);
    EXPECT_EQ(stop->part, "shaft");
    EXPECT_NEAR(stop->travel_mm, 40, 1e-9); // from the shaft's end at 60 to the shoulder at 20
}

TEST(Foreman, WhatLetsGoHasItsMass) {
    // A cup in a frame without a shoulder, pressed out through it.
    Assembly a{{part("frame", PartKind::Housing, {tube(0, 40, 62, 100)}),
                part("cup", PartKind::Cup, {tube(0, 16, 50, 62, BodyKind::OuterRing)})},
               0,
               {{"frame", "cup"}}};
    const auto list = Work(a).setUp("out:cup");
    const auto falls = said<found::FallsFree>(list);
    ASSERT_TRUE(falls);
    const double quarter = std::numbers::pi / 4 * 7.85e-6;
    const double cup_kg = quarter * (62 * 62 - 50 * 50) * 16, frame_kg = quarter * (100 * 100 - 62 * 62) * 40;
    EXPECT_NEAR(falls->mass_kg, falls->part == "cup" ? cup_kg : frame_kg, 1e-6);
}

TEST(Foreman, ADiscMayStartARingThatEndsBelowItsFace) {
    const Work work(cupInHousing());
    const auto list = work.setUp("in:cup");
    // It starts with its lower end at 60 and goes to 20; home, its top at 36 lies 24 below the face at 60.
    const auto disc = said<found::DiscFirst>(list);
    ASSERT_TRUE(disc);
    EXPECT_NEAR(disc->below_mm, 24, 1e-9);
    EXPECT_NEAR(disc->until_mm, 16, 1e-9);
    const auto old = said<found::OldRingAsDriver>(list);
    ASSERT_TRUE(old);
    EXPECT_NEAR(old->outside_mm, 61.8, 1e-9); // 0.2 under its bore [HB8]
    EXPECT_TRUE(said<found::PackLevel>(list));
}

TEST(Foreman, NothingOverlapsARingThatEndsFlush) {
    auto a = cupInHousing();
    a.parts[0].bodies[1] = tube(20, 36, 62, 100);
    EXPECT_FALSE(said<found::DiscFirst>(Work(a).setUp("in:cup")));
}

TEST(Foreman, TheSupportMustClearWhatComesThrough) {
    // The cup is pushed out downwards through a frame without a shoulder: Ø62 comes through, 16 and the lead below.
    Assembly a{{part("frame", PartKind::Housing, {tube(0, 40, 62, 100)}),
                part("cup", PartKind::Cup, {tube(0, 16, 50, 62, BodyKind::OuterRing)})},
               0,
               {{"frame", "cup"}}};
    const Work work(a);
    const auto list = work.setUp("out:cup");
    const auto carry = said<found::CarryOn>(list);
    ASSERT_TRUE(carry);
    if (carry->pass_mm > 0) {
        EXPECT_NEAR(carry->pass_mm, 62, 1e-9);
        EXPECT_GE(carry->below_mm, 16 - 1e-9);
    }
    EXPECT_GT(carry->pass_mm + static_cast<double>(carry->part == "cup"), 0);
}

TEST(Foreman, RustIsSoakedFirst) {
    Work work(collarOnShaft());
    EXPECT_FALSE(said<found::SoakFirst>(work.out("collar")));
    work.job.strip.rust = route::Rust::Heavy;
    const auto list = work.out("collar");
    ASSERT_TRUE(said<found::SoakFirst>(list));
    EXPECT_TRUE(said<found::SoakFirst>(list)->heavy);
}

TEST(Foreman, TheLastPartOutIsCounted) {
    const Work work(cupInHousing());
    const auto count = said<found::CountParts>(work.out("cup"));
    ASSERT_TRUE(count);
    EXPECT_EQ(count->parts, 1);
    Work three(shaftThroughSeal(30));
    EXPECT_FALSE(said<found::CountParts>(three.out("seal"))) << "the shaft is still there";
    three.job.strip.stays = {"shaft"};
    const auto one = said<found::CountParts>(three.out("seal"));
    ASSERT_TRUE(one);
    EXPECT_EQ(one->parts, 1) << "what stays is not counted";
}

TEST(Foreman, CutOutsAreGoneRoundByTheirNumber) {
    auto a = cupInHousing();
    a.pressed[0].notched = true;
    a.pressed[0].cutOuts = 3;
    const Work work(a);
    const auto round = said<found::GoRound>(work.out("cup"));
    ASSERT_TRUE(round);
    EXPECT_EQ(round->cutOuts, 3);
}

TEST(Foreman, WhatPassesALipIsCovered) {
    // The shaft comes from above: what lies below the seal has passed its lip.
    const Work work(shaftThroughSeal(29));
    const auto cover = said<found::CoverTheSteps>(work.in("shaft"));
    ASSERT_TRUE(cover);
    EXPECT_NEAR(cover->largest_mm, 30, 1e-9);
    EXPECT_NEAR(cover->lip_mm, 30, 1e-9);
    EXPECT_EQ(cover->seal, "seal");
}

TEST(Foreman, ARingThatNothingTakesHoldOfIsSaidBeforeItGoesIn) {
    // A cup in a blind hole: no land, no bore behind it, no notch.
    Assembly blind{{part("frame", PartKind::Housing, {tube(0, 20, 0, 100), tube(20, 60, 62, 100)}),
                    part("cup", PartKind::Cup, {tube(20, 36, 50, 62, BodyKind::OuterRing)})},
                   0,
                   {{"frame", "cup"}}};
    const auto list = Work(blind).in("cup");
    const auto by = said<found::ComesOutBy>(list);
    EXPECT_TRUE(by || said<found::NeverComesOut>(list));
    if (by) {
        EXPECT_NE(by->method, "press");
        EXPECT_NE(by->method, "draw_bolt");
    }
    EXPECT_TRUE(said<found::ComesOutBy>(Work(cupInHousing()).in("cup"))) << "4 mm of it show behind its shoulder";
}

TEST(Foreman, AWayRoundThatTheSectionContradictsIsAStop) {
    auto a = cupInHousing();
    // Its raceway opens upwards.
    a.parts[1].bodies[0].slices = {{0, 16, 25, 27, 31, 31}};
    a.parts[1].bodies[0].z_mm = 20;
    a.parts[1].wayRound = WayRound{Feature::LargeEnd, true};
    EXPECT_FALSE(said<found::WayRoundContradicts>(Work(a).in("cup")));
    a.parts[1].wayRound->up = false;
    const auto list = Work(a).in("cup");
    ASSERT_TRUE(said<found::WayRoundContradicts>(list));
    EXPECT_EQ(worst(list), Severity::Stop);
    const Work work(a);
    const auto& step = work.plan.steps[plan::stepNamed(work.plan.steps, "in:cup").value()];
    EXPECT_TRUE(said<found::WayRoundContradicts>(step.blocked));
    EXPECT_EQ(step.marks.at(job::Station::Press), plan::Mark::Stop) << "it is held back, not only told";
}

TEST(Foreman, AHalfRingThatStaysIsWarmedByItsInterference) {
    const Work work(demoJob("seamer-turret-upper"));
    const auto list = work.out("spindle");
    ASSERT_TRUE(said<found::RingStays>(list));
    const auto warm = said<found::WarmTheRing>(list);
    ASSERT_TRUE(warm);
    const auto& seat = work.plan.fits->seats[*work.plan.strip.ring(work.index("spindle"))->seat];
    // interference / (alpha d) + 50 K [HB8]; bearing steel 11.9e-6, Ø30
    EXPECT_NEAR(warm->over_K, seat.fit->interferenceWorst_mm.upper / (11.9e-6 * 30) + 50, 1e-9);
    EXPECT_FALSE(said<found::PlugTheHub>(list)) << "the spindle is solid";
}

TEST(Foreman, AHousingIsWarmedAsFarAsWhatStaysInItBears) {
    const char* name = "retort-trolley-roller";
    Work work(demoJob(name));
    const std::string first = work.plan.strip.assembly.parts[work.plan.strip.rings.back().site.ring].id;
    const auto free = said<found::WarmUpTo>(work.out(first));
    ASSERT_TRUE(free);
    EXPECT_EQ(free->temp_C, 100);
    EXPECT_TRUE(free->scrap);
    const std::string other = work.plan.strip.assembly.parts[work.plan.strip.rings.front().site.ring].id;
    ASSERT_NE(first, other);
    work.job.strip.stays = {other};
    work.again();
    const auto kept = said<found::WarmUpTo>(work.out(first));
    ASSERT_TRUE(kept);
    EXPECT_EQ(kept->temp_C, 80);
    EXPECT_FALSE(kept->scrap);
}

TEST(Foreman, ABareShopIsToldWhatToBorrowOrTurn) {
    auto tables = demoTables();
    tables.rack = {};
    auto job = Work::fresh(collarOnShaft());
    job.press.clear();
    const auto plan = plan::planJob(job, tables, {{}, {}, true, {}});
    EXPECT_TRUE(plan.problems.empty()) << "nothing yet is no fault";
    const auto& step = plan.steps[plan::stepNamed(plan.steps, "in:collar").value()];
    EXPECT_EQ(step.way(), nullptr);
    EXPECT_EQ(step.marks.at(job::Station::Tooling), plan::Mark::Stop);
    const auto list = foreman::atSetUp(plan, step, nullptr);
    const auto driver = said<found::DriverWanted>(list);
    ASSERT_TRUE(driver);
    EXPECT_NEAR(driver->inner_mm, 30, 1e-9);
    EXPECT_NEAR(driver->outer_mm, 40, 1e-9);
    EXPECT_NEAR(driver->length_mm, 50, 1e-9); // 40 of travel and 10 to stand out
    const auto press = said<found::PressWanted>(list);
    ASSERT_TRUE(press);
    EXPECT_NEAR(press->travel_mm, 40, 1e-9);
    EXPECT_FALSE(press->known);
    EXPECT_TRUE(said<found::SupportWanted>(list));
    EXPECT_FALSE(said<found::ViceWillDo>(list)) << "a collar is no seal";
}

TEST(Foreman, AHammerAndASleeveWhereThereIsNoPress) {
    auto job = demoJob("seamer-turret-upper");
    job.means = job::Means::Hand;
    const auto plan = plan::planJob(job, demoTables(), {{}, {}, true, {}});
    EXPECT_EQ(plan.press, nullptr);
    EXPECT_TRUE(plan.problems.empty());
    const auto& in = plan.steps[plan::stepNamed(plan.steps, "in:bearing").value()];
    ASSERT_TRUE(in.way() && in.way()->hand);
    EXPECT_TRUE(in.way()->hand->struck);
    ASSERT_TRUE(in.way()->hand->tool);
    EXPECT_FALSE(in.way()->hand->tool->hardened) << "hard on hard is never struck";
    EXPECT_TRUE(said<found::HandNoForce>(in.way()->findings()));
    for (const auto& step : plan.steps)
        for (const auto& way : step.tools->ways)
            EXPECT_FALSE(way.pressed) << step.step.key;
}

TEST(Foreman, OnTheMachineTheDrawBoltIsAllThereIs) {
    auto job = demoJob("trolley-line-sheave");
    job.means = job::Means::DrawBolt;
    const auto plan = plan::planJob(job, demoTables(), {{}, {}, true, {}});
    for (const auto& step : plan.steps)
        for (const auto& way : step.tools->ways) {
            if (!way.pressed || !way.pressed->choice) continue;
            EXPECT_EQ(way.pressed->choice->press, nullptr) << step.step.key;
            EXPECT_TRUE(way.pressed->choice->bolt) << step.step.key;
        }
}

TEST(Foreman, TheStackIsTriedColdUntilSomebodyHas) {
    EXPECT_TRUE(said<found::TryItCold>(foreman::atWarm(false)));
    EXPECT_FALSE(said<found::TryItCold>(foreman::atWarm(true)));
}

TEST(Foreman, ASealIsDrivenOnItsRim) {
    // Outside 72, bore 48: the shell is the outer 0.45 of the wall, so the lip begins at 72 - 0.45 x 24 = 61.2.
    const Work work(demoJob("steam-kettle-seal"));
    const auto list = work.setUp("in:seal");
    const auto rim = said<found::SealByItsRim>(list);
    ASSERT_TRUE(rim);
    EXPECT_TRUE(rim->lipInside);
    EXPECT_NEAR(rim->lip_mm, 61.2, 1e-9);
    EXPECT_GE(rim->inner_mm, rim->lip_mm - 1e-9);
    const auto depth = said<found::SealDepth>(list);
    ASSERT_TRUE(depth);
    EXPECT_NEAR(depth->depth_mm, 6, 1e-9);
}

TEST(Foreman, AScrappedSeatStopsWhatComesAfterIt) {
    auto job = demoJob("seamer-turret-upper");
    job.strip.onTheBench.insert("bearing");
    const job::StepKey key{arbor::testing::kHousingSeat, false};
    const auto marked = [&](job::Station station) {
        return plan::planJob(job, demoTables()).step(key)->marks.at(station);
    };
    EXPECT_NE(marked(job::Station::Press), plan::Mark::Stop);
    auto& hole = job.measured.seats[arbor::testing::kHousingSeat].hole;
    hole.condition.movesByHand = true; // a cup or ring that goes in by hand: the housing is scrap
    EXPECT_EQ(marked(job::Station::Press), plan::Mark::Stop);
    EXPECT_EQ(marked(job::Station::Seat), plan::Mark::Stop);
    hole.overrule = job::Overrule{measure::Verdict::Use, "stands still here"};
    EXPECT_NE(marked(job::Station::Press), plan::Mark::Stop);
}

TEST(Foreman, APartThatIsMissingStopsItsPress) {
    auto job = demoJob("seamer-turret-upper");
    const job::StepKey key{arbor::testing::kHousingSeat, false};
    job.strip.onTheBench.clear();
    auto plan = plan::planJob(job, demoTables());
    EXPECT_TRUE(said<found::PartMissing>(plan.step(key)->blocked));
    EXPECT_EQ(plan.step(key)->marks.at(job::Station::Press), plan::Mark::Stop);
    for (const auto& line : plan.strip.kit)
        job.strip.onTheBench.insert(line.id);
    plan = plan::planJob(job, demoTables());
    EXPECT_TRUE(plan.step(key)->blocked.empty());
}

// Of every shape: a pressed step names its face with a width that is there, and what is said of a part is of a part
// that is drawn.
TEST(Foreman, SpeaksOfWhatIsDrawn) {
    EXPECT_TRUE(rc::check([] {
        const Work work(arbor::testing::randomJob());
        for (const auto& step : work.plan.steps) {
            if (!step.way() || !step.way()->pressed) continue;
            const auto list = foreman::atSetUp(work.plan, step, step.way());
            const auto push = said<found::PushOn>(list);
            if (!push) RC_FAIL(step.step.key + " names no face");
            RC_ASSERT(push->width_mm > 0);
            RC_ASSERT(std::abs(push->width_mm - (push->outer_mm - push->inner_mm) / 2) < 1e-9);
            const auto falls = said<found::FallsFree>(list);
            if (falls) RC_ASSERT(falls->mass_kg > 0);
            const auto disc = said<found::DiscFirst>(list);
            if (disc) RC_ASSERT(disc->until_mm < step.step.tasks[step.way()->task].travel_mm);
        }
    }));
}

// The corner of 6206 may be as small as 1 mm (ISO 582): on a fillet of 1.2 it is never home, on 0.6 it is.
TEST(Foreman, AFilletThatTheRingRidesOnIsAStop) {
    const auto said = [](double fillet_mm) {
        auto job = demoJob("filler-pump-shaft");
        for (auto& joint : job.arrangement.assembly.pressed)
            if (joint.outer == "bearing") joint.fillet_mm = fillet_mm;
        const auto plan = plan::planJob(job, demoTables());
        const auto& a = plan.strip.assembly;
        const auto bearing = *indexOf(a, "bearing");
        const route::BlockingGraph ways(a);
        return foreman::beforeIn(job, plan, {bearing, route::Way::Up, ways.all()});
    };
    const auto large = said(1.2), small = said(0.6);
    const auto* rides = findingOf<found::FilletTooLarge>(large);
    ASSERT_TRUE(rides);
    EXPECT_EQ(rides->severity, Severity::Stop);
    EXPECT_DOUBLE_EQ(rides->get<found::FilletTooLarge>()->fillet_mm, 1.2);
    EXPECT_FALSE(findingOf<found::FilletTooLarge>(small));
    EXPECT_TRUE(findingOf<found::FilletClears>(small));
}
