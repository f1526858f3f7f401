// A new job on a machine like another takes its description; and stations speak of what is drawn.
#include "core/job/fresh_copy.h"
#include "core/plan/plan_job.h"
#include "core/plan/proof_plan.h"
#include "io/arrangement_text.h"
#include "io/job_file.h"
#include "support/drawing.h"
#include "support/steps.h"
#include "support/tools.h"

#include <algorithm>
#include <fstream>
#include <gtest/gtest.h>
#include <iterator>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::find;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::journal;
using arbor::testing::sizeOf;

namespace {

job::Job withEverything() {
    return io::loadJob(std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v1-every-field.arbor.json").value().job;
}

} // namespace

TEST(FreshCopy, HasTheDescriptionAndNoFindings) {
    auto like = withEverything();
    like.adjust.play_mm = 0.03;
    like.adjust.pull_N = 12;
    like.closing.fasteners.resize(1);
    like.closing.fasteners.front().torque_Nm = 24;
    like.closing.fasteners.front().read_Nm = 23.5;
    like.closing.releasedBy = "A. Foreman";
    const auto fresh = job::freshCopy(like);
    EXPECT_EQ(bearingOf(fresh).facts, bearingOf(like).facts);
    EXPECT_EQ(fresh.title, like.title);
    EXPECT_EQ(fresh.work, like.work);
    EXPECT_EQ(fresh.adjust.nut.pitch_mm, like.adjust.nut.pitch_mm);
    ASSERT_EQ(fresh.closing.fasteners.size(), 1u);
    EXPECT_EQ(fresh.closing.fasteners.front().torque_Nm, 24);
    EXPECT_FALSE(fresh.closing.fasteners.front().read_Nm);
    EXPECT_TRUE(fresh.closing.releasedBy.empty());
    EXPECT_FALSE(fresh.adjust.play_mm || fresh.adjust.pull_N);
    EXPECT_FALSE(hole(fresh).measured || fresh.record);
    EXPECT_EQ(fresh.measured, job::Measured{});
    EXPECT_EQ(fresh.intake, job::Intake{});
    EXPECT_EQ(fresh.strip, job::StripState{});
    EXPECT_TRUE(fresh.steps.empty());
    EXPECT_TRUE(fresh.done.empty());
}

TEST(FreshCopy, OfADrawnJobForgetsWhatWasMeasuredOnTheDrawing) {
    auto like = demoJob("exhaust-fan-carrier");
    like.arrangement.assembly.pressed.front().hole.measured = standards::MeasuredSize{"61.98", 61.98};
    const auto fresh = job::freshCopy(like);
    EXPECT_EQ(fresh.arrangement.assembly.parts.size(), like.arrangement.assembly.parts.size());
    for (const auto& joint : fresh.arrangement.assembly.pressed)
        EXPECT_FALSE(joint.hole.measured || joint.shaft.measured) << joint.outer;
}

TEST(Drawing, AnotherBearingThatIsDrawnIsTheOneSpokenOf) {
    auto job = demoJob("seamer-turret-upper");
    job.arrangement = demoJob("exhaust-fan-carrier").arrangement; // a 6206 in a carrier of its own, M7
    const auto plan = plan::planJob(job, demoTables());
    ASSERT_TRUE(fitOf(plan));
    EXPECT_EQ(plan.now()->step.bearing->designation, "6206");
    for (const auto& seat : plan.fits->seats)
        EXPECT_EQ(seat.hole.spec.find("N7"), std::string::npos) << "the old hole's class";
}

TEST(Seats, TwoBearingsOfOneNumberOnOneShaftHaveAJournalEach) {
    auto job = demoJob("exhaust-fan-carrier");
    auto& a = job.arrangement.assembly;
    // A second 6206 lower on the same shaft, on a journal of another class.
    auto second = *std::find_if(a.parts.begin(), a.parts.end(), [](const auto& p) { return p.id == "bearing"; });
    second.id = "second";
    second.catalogue->at_mm = -40;
    for (auto& part : a.parts)
        if (part.id == "shaft") {
            using section::Slice;
            part.bodies.front().slices = {Slice::tube(-60, -40, 0, 12), Slice::tube(-40, -24, 0, 15),
                                          Slice::tube(-24, 14, 0, 18),  Slice::tube(14, 42, 0, 15),
                                          Slice::tube(42, 43.6, 0, 14), Slice::tube(43.6, 60, 0, 15)};
        }
    a.parts.push_back(second);
    arrangement::Joint joint{"second", "shaft"};
    joint.shaft.size = sizeOf("m6");
    a.pressed.push_back(joint);
    const auto plan = plan::planJob(job, demoTables());
    ASSERT_TRUE(plan.fits);
    std::vector<std::string> specs;
    for (const auto& seat : plan.fits->seats)
        if (seat.key.second == "shaft" && seat.key.first != "collar") specs.push_back(seat.shaft.spec);
    EXPECT_EQ(specs, (std::vector<std::string>{"30 j5", "30 m6"}));
}

/// A material is one thing by its key and by its name; it was taken for steel by its name.
TEST(Materials, OfAPartGoByKeyAndByName) {
    auto job = demoJob("labeller-pulley");
    const auto forceWith = [&](const char* material) {
        for (auto& part : job.arrangement.assembly.parts)
            if (part.id == "pulley") part.material = material;
        const auto plan = plan::planJob(job, demoTables());
        EXPECT_TRUE(plan.fits) << material;
        double sum = 0;
        for (const auto& seat : plan.fits->seats)
            if (seat.fit) sum += seat.fit->pressForceWorst_N;
        return sum;
    };
    EXPECT_GT(forceWith("grey_cast_iron"), 0);
    EXPECT_EQ(forceWith("Grey cast iron"), forceWith("grey_cast_iron"));
    EXPECT_NE(forceWith("carbon_steel"), forceWith("grey_cast_iron"));
}

TEST(Fit, ALooseRingWhoseLoadStandsStillMaySlide) {
    auto job = demoJob("exhaust-fan-carrier");
    job.measured = {};
    hole(job).measured.reset();
    hole(job).size = sizeOf("H7");
    const auto severity = [&](fit::LoadCase load) {
        job.work.load = load;
        const auto plan = plan::planJob(job, demoTables());
        auto worst = Severity::Info;
        for (const auto& advice : fitOf(plan)->advisories)
            if (advice.is<found::LooseFit>() || advice.is<found::MayBeLoose>()) worst = advice.severity;
        return worst;
    };
    EXPECT_EQ(severity(fit::LoadCase::OuterTurns), Severity::Stop) << "it would creep";
    EXPECT_EQ(severity(fit::LoadCase::InnerTurns), Severity::Info) << "it may slide";
    hole(job).measured = standards::MeasuredSize{"62.060", 62.060}; // worn far beyond its class
    EXPECT_EQ(severity(fit::LoadCase::InnerTurns), Severity::Stop);
    hole(job).measured.reset();
    auto& card = job.measured.seats[{"carrier", "bearing"}].hole;
    card.condition.movesByHand = true;
    const auto verdict = [&](fit::LoadCase load) {
        job.work.load = load;
        const auto plan = plan::planJob(job, demoTables());
        return plan.fits->seats.front().hole.verdict;
    };
    EXPECT_EQ(verdict(fit::LoadCase::InnerTurns), measure::Verdict::Use);
    EXPECT_NE(verdict(fit::LoadCase::OuterTurns), measure::Verdict::Use);
}

TEST(RetainingRing, AloneHoldsTheShaftOfShapeIAndNothingOfShapeA) {
    const auto heldBy = [](const arrangement::Arrangement& drawn) {
        auto a = drawn.assembly;
        EXPECT_TRUE(arrangement::resolve(a, demoTables().bearings));
        const route::BlockingGraph ways(a);
        std::vector<std::string> out;
        for (std::size_t ring = 0; ring < a.parts.size(); ++ring)
            if (a.parts[ring].kind == arrangement::PartKind::RetainingRing)
                for (std::size_t p = 0; p < a.parts.size(); ++p)
                    if ((route::heldAlone(ways, ring, a.base) & route::only(p)) != 0) out.push_back(a.parts[p].id);
        return out;
    };
    std::ifstream file(std::string(ARBOR_SOURCE_DIR) + "/data/templates/shape-i.json");
    const std::string text((std::istreambuf_iterator<char>(file)), {});
    const auto shapeI = io::parseArrangement(text).value();
    EXPECT_EQ(heldBy(shapeI), (std::vector<std::string>{"shaft", "bearing"}));
    EXPECT_TRUE(heldBy(demoJob("seamer-turret-upper").arrangement).empty()) << "the bearing sits tight besides";
    // On the shaft of shape G the ring holds a collar that is tight itself; it is probed all the same.
    const auto fan = plan::planJob(demoJob("exhaust-fan-carrier"), demoTables());
    EXPECT_TRUE(fan.step({{"collar", "shaft"}, false})->checks.contains(job::SeatCheck::GrooveAllRound));
}
