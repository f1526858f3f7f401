// What a foreman says unasked [HB8], of small drawings whose numbers are worked out by hand.
#include "core/foreman/foreman.h"
#include "support/drawing.h"
#include "support/random_job.h"
#include "support/shop.h"
#include "support/steps.h"
#include "support/work.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <numbers>
#include <optional>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::arrangement;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::part;
using arbor::testing::said;
using arbor::testing::tube;
using arbor::testing::Work;
using route::only;
using route::Way;
using section::Body;
using section::BodyKind;
using section::Slice;

namespace {

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

namespace {

/// A bearing stands over a seal in a housing; the seal's spring looks up.
Assembly sealUnderBearing(std::optional<LipTask> lip) {
    Assembly a{{part("frame", PartKind::Housing, {tube(0, 10, 50, 110), tube(10, 26, 62, 110)}),
                part("seal", PartKind::Seal, {tube(0, 8, 30, 50)}), part("bearing", PartKind::Bearing, {})},
               0,
               {{"frame", "bearing"}}};
    a.parts[1].wayRound = WayRound{Feature::SpringSide, true};
    a.parts[1].lip = lip;
    a.parts[2].catalogue = FromCatalogue{"6206", FromCatalogue::Piece::Whole, 10};
    return a;
}

} // namespace

TEST(Foreman, WhatALipIsForIsAskedUntilItIsSaid) {
    const auto asked = said<found::AskTheLip>(Work(sealUnderBearing({})).in("seal"));
    ASSERT_TRUE(asked);
    EXPECT_TRUE(asked->looksIn) << "its spring looks to the bearing";
    const Work right(sealUnderBearing(LipTask::KeepsIn));
    EXPECT_FALSE(said<found::AskTheLip>(right.in("seal")));
    EXPECT_TRUE(said<found::LipFor>(right.in("seal"))->keepsIn);
    EXPECT_FALSE(said<found::WayRoundContradicts>(right.in("seal")));
    const Work wrong(sealUnderBearing(LipTask::KeepsOut));
    EXPECT_TRUE(said<found::WayRoundContradicts>(wrong.in("seal"))) << "water stays out where the spring looks away";
}

TEST(Foreman, WhatIsFittedOnceIsSpoiltInItsOwnWay) {
    auto a = collarOnShaft();
    const auto how = [&](PartKind kind, bool once) -> std::optional<found::Once> {
        a.parts[1].kind = kind;
        a.parts[1].once = once;
        const Work work(a);
        const auto out = said<found::FittedOnce>(work.out("collar")), in = said<found::FittedOnce>(work.in("collar"));
        EXPECT_EQ(out.has_value(), in.has_value());
        if (!out) return std::nullopt;
        EXPECT_TRUE(out->out && !in->out);
        EXPECT_EQ(out->how, in->how);
        return out->how;
    };
    EXPECT_EQ(how(PartKind::WearSleeve, false), found::Once::Sleeve) << "every wear sleeve is";
    EXPECT_EQ(how(PartKind::SpacerTube, true), found::Once::Spacer);
    EXPECT_EQ(how(PartKind::Nut, true), found::Once::Nut);
    EXPECT_EQ(how(PartKind::Seal, true), found::Once::Seal);
    EXPECT_EQ(how(PartKind::SpacerTube, false), std::nullopt);
}

TEST(Foreman, ARetainingRingWithoutEyesIsLiftedFromItsGap) {
    auto job = arbor::testing::demoJob("seamer-turret-upper");
    auto& parts = job.arrangement.assembly.parts;
    const auto ring =
        std::find_if(parts.begin(), parts.end(), [](const Part& p) { return p.kind == PartKind::RetainingRing; });
    ASSERT_NE(ring, parts.end());
    EXPECT_FALSE(said<found::NoLugs>(Work(job).out(ring->id)));
    ring->lugs = false;
    EXPECT_TRUE(said<found::NoLugs>(Work(job).out(ring->id))->out);
    EXPECT_FALSE(said<found::NoLugs>(Work(job).in(ring->id))->out);
}

TEST(Foreman, APartFoundTheOtherWayRoundIsAskedAbout) {
    auto job = Work::fresh(collarOnShaft());
    job.strip.parts["collar"] = {true, 0.4, "notch at six", {}, {}};
    const Work work(job);
    EXPECT_TRUE(said<found::FoundOtherWay>(work.in("collar")));
    const auto at = said<found::FoundAt>(work.in("collar"));
    ASSERT_TRUE(at);
    EXPECT_EQ(at->depth_mm, 0.4);
    EXPECT_EQ(at->place, "notch at six");
    job.strip.parts["collar"] = {false, {}, {}, {}, {}};
    EXPECT_FALSE(said<found::FoundOtherWay>(Work(job).in("collar")));
    EXPECT_FALSE(said<found::FoundAt>(Work(job).in("collar")));
}

TEST(Foreman, WhatIsBrokenIsSaidOfItsPartAlone) {
    auto job = arbor::testing::demoJob("seamer-turret-upper");
    job.strip.asFound.insert(job::AsFound::LugBroken);
    EXPECT_TRUE(job::wasFound(job, job::AsFound::LugBroken, "ring")) << "nobody has said which";
    job.strip.parts["other_ring"].condition.insert(job::AsFound::LugBroken);
    EXPECT_FALSE(job::wasFound(job, job::AsFound::LugBroken, "ring"));
    EXPECT_TRUE(job::wasFound(job, job::AsFound::LugBroken, "other_ring"));
}

TEST(Foreman, ASensorInTheBoreIsOutBeforeAnythingMoves) {
    auto a = cupInHousing();
    a.parts.push_back(part("sensor", PartKind::Sensor, {tube(40, 46, 56, 62)}));
    const Work work(a);
    ASSERT_TRUE(work.plan.strip.faults.empty());
    ASSERT_EQ(work.plan.strip.order.stuck, 0u);
    ASSERT_FALSE(work.plan.strip.order.steps.empty());
    EXPECT_EQ(work.plan.strip.order.steps.front().parts, std::vector<std::size_t>{work.index("sensor")});
    const auto first = said<found::SensorFirst>(work.out("sensor"));
    ASSERT_TRUE(first);
    EXPECT_EQ(first->tip_mm, 56);
    const route::BlockingGraph ways(work.plan.strip.assembly);
    EXPECT_NE(ways.inTheWay(work.index("cup"), Way::Up) & only(work.index("sensor")), 0u) << "Ø62 does not pass Ø56";
    EXPECT_EQ(ways.inTheWay(work.index("sensor"), Way::Up), 0u) << "it leaves sideways";
}

TEST(Foreman, AFlangeOnTheOtherSideContradictsTheDrawing) {
    auto a = collarOnShaft();
    a.parts[1].bodies = {tube(20, 26, 30, 40), tube(26, 30, 30, 60)};
    a.parts[1].wayRound = WayRound{Feature::FlangeSide, true};
    EXPECT_FALSE(said<found::WayRoundContradicts>(Work(a).in("collar")));
    a.parts[1].wayRound->up = false;
    EXPECT_TRUE(said<found::WayRoundContradicts>(Work(a).in("collar")));
    a.parts[1].bodies = {tube(20, 30, 30, 40)};
    EXPECT_FALSE(said<found::WayRoundContradicts>(Work(a).in("collar"))) << "no flange is drawn";
}
