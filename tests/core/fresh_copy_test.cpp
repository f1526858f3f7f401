// A new job on a machine like another takes its description; and stations speak of what is drawn.
#include "core/job/fresh_copy.h"
#include "core/plan/follow_drawing.h"
#include "core/plan/plan.h"
#include "core/plan/proof_plan.h"
#include "io/job_file.h"
#include "support/steps.h"
#include "support/tools.h"

#include <algorithm>
#include <fstream>
#include <gtest/gtest.h>
#include <iterator>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoLibrary;
using arbor::testing::find;

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
    EXPECT_EQ(fresh.bearing, like.bearing);
    EXPECT_EQ(fresh.title, like.title);
    EXPECT_EQ(fresh.work, like.work);
    EXPECT_EQ(fresh.adjust.nut.pitch_mm, like.adjust.nut.pitch_mm);
    ASSERT_EQ(fresh.closing.fasteners.size(), 1u);
    EXPECT_EQ(fresh.closing.fasteners.front().torque_Nm, 24);
    EXPECT_FALSE(fresh.closing.fasteners.front().read_Nm);
    EXPECT_TRUE(fresh.closing.releasedBy.empty());
    EXPECT_FALSE(fresh.adjust.play_mm || fresh.adjust.pull_N);
    EXPECT_FALSE(fresh.housing.measured || fresh.record);
    EXPECT_EQ(fresh.measured, job::Measured{});
    EXPECT_EQ(fresh.intake, job::Intake{});
    EXPECT_EQ(fresh.strip, job::StripState{});
    EXPECT_TRUE(fresh.steps.empty());
    EXPECT_TRUE(fresh.done.empty());
}

TEST(FreshCopy, OfADrawnJobForgetsWhatWasMeasuredOnTheDrawing) {
    auto like = demoJob("exhaust-fan-carrier");
    like.arrangement->assembly.pressed.front().measuredHole_mm = 61.98;
    const auto fresh = job::freshCopy(like);
    ASSERT_TRUE(fresh.arrangement);
    EXPECT_EQ(fresh.arrangement->assembly.parts.size(), like.arrangement->assembly.parts.size());
    for (const auto& joint : fresh.arrangement->assembly.pressed)
        EXPECT_FALSE(joint.measuredHole_mm || joint.measuredShaft_mm) << joint.outer;
}

TEST(FollowDrawing, AnotherBearingThatIsDrawnIsTheOneSpokenOf) {
    auto job = demoJob("seamer-turret-upper");
    const auto fan = demoJob("exhaust-fan-carrier");
    job.arrangement = fan.arrangement; // a 6206 in a carrier of its own, M7
    const auto plan = plan::planJob(job, demoLibrary());
    ASSERT_TRUE(plan.arrangement) << "even a file that still names the old one";
    EXPECT_EQ(plan.arrangement->bearing.designation, "6206");
    ASSERT_TRUE(plan.fit());
    EXPECT_EQ(plan.fits->seats[plan.fits->focus].hole.spec.find("N7"), std::string::npos) << "the old hole's class";
    plan::followDrawing(job, demoLibrary());
    EXPECT_EQ(job.bearing.designation, "6206");
    EXPECT_EQ(job.bearing.seals, catalog::Side::Both);
    EXPECT_EQ(job.housing.seat.typed, "62 M7");
    EXPECT_EQ(job.housing.material, "carbon_steel");
    ASSERT_TRUE(job.shaft);
    EXPECT_EQ(job.shaft->seat.typed, "30 j5");
    const auto again = job;
    plan::followDrawing(job, demoLibrary());
    EXPECT_EQ(io::jobText({job, "{}"}), io::jobText({again, "{}"})) << "its own bearing is drawn: nothing to follow";
}

TEST(Seats, TwoBearingsOfOneNumberOnOneShaftHaveAJournalEach) {
    auto job = demoJob("exhaust-fan-carrier");
    auto& a = job.arrangement->assembly;
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
    joint.shaft = standards::ToleranceClass{"m", 6};
    a.pressed.push_back(joint);
    const auto plan = plan::planJob(job, demoLibrary());
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
        for (auto& part : job.arrangement->assembly.parts)
            if (part.id == "pulley") part.material = material;
        const auto plan = plan::planJob(job, demoLibrary());
        EXPECT_TRUE(plan.fits) << material;
        double sum = 0; // of the cup beside the one the job describes, which is worked out from the drawing alone
        for (const auto& seat : plan.fits->seats)
            if (seat.fit && seat.key.second != plan.fits->seats[plan.fits->focus].key.second)
                sum += seat.fit->pressForceWorst_N;
        return sum;
    };
    EXPECT_GT(forceWith("grey_cast_iron"), 0);
    EXPECT_EQ(forceWith("Grey cast iron"), forceWith("grey_cast_iron"));
    EXPECT_NE(forceWith("carbon_steel"), forceWith("grey_cast_iron"));
}

TEST(Fit, ALooseRingWhoseLoadStandsStillMaySlide) {
    auto job = demoJob("exhaust-fan-carrier");
    job.measured = {};
    job.housing.measured.reset();
    job.housing.seat = {"62 H7", 62, standards::ToleranceClass{"H", 7}, {}};
    const auto severity = [&](fit::LoadCase load) {
        job.work.load = load;
        const auto plan = plan::planJob(job, demoLibrary());
        auto worst = Severity::Info;
        for (const auto& advice : plan.fit()->advisories)
            if (advice.id == Finding::LooseFit || advice.id == Finding::MayBeLoose) worst = advice.severity;
        return worst;
    };
    EXPECT_EQ(severity(fit::LoadCase::OuterTurns), Severity::Stop) << "it would creep";
    EXPECT_EQ(severity(fit::LoadCase::InnerTurns), Severity::Info) << "it may slide";
    job.housing.measured = job::MeasuredSize{"62.060", 62.060}; // worn far beyond its class
    EXPECT_EQ(severity(fit::LoadCase::InnerTurns), Severity::Stop);
    job.housing.measured.reset();
    auto& card = job.measured.seats[{"carrier", "bearing"}].hole;
    card.condition.movesByHand = true;
    const auto verdict = [&](fit::LoadCase load) {
        job.work.load = load;
        const auto plan = plan::planJob(job, demoLibrary());
        return plan.fits->seats[plan.fits->focus].hole.verdict;
    };
    EXPECT_EQ(verdict(fit::LoadCase::InnerTurns), measure::Verdict::Use);
    EXPECT_NE(verdict(fit::LoadCase::OuterTurns), measure::Verdict::Use);
}

TEST(RetainingRing, AloneHoldsTheShaftOfShapeIAndNothingOfShapeA) {
    const auto heldBy = [](const arrangement::Arrangement& drawn) {
        auto a = drawn.assembly;
        EXPECT_TRUE(arrangement::resolve(a, demoLibrary().bearings));
        const route::Ways ways(a);
        std::vector<std::string> out;
        for (std::size_t ring = 0; ring < a.parts.size(); ++ring)
            if (a.parts[ring].kind == arrangement::PartKind::RetainingRing)
                for (std::size_t p = 0; p < a.parts.size(); ++p)
                    if ((route::heldAlone(ways, ring, a.base) & route::only(p)) != 0) out.push_back(a.parts[p].id);
        return out;
    };
    std::ifstream file(std::string(ARBOR_SOURCE_DIR) + "/data/templates/shape-i.json");
    const std::string text((std::istreambuf_iterator<char>(file)), {});
    const auto shapeI = arrangement::parseArrangement(text).value();
    EXPECT_EQ(heldBy(shapeI), (std::vector<std::string>{"shaft", "bearing"}));
    EXPECT_TRUE(heldBy(*demoJob("seamer-turret-upper").arrangement).empty()) << "the bearing sits tight besides";
    // On the shaft of shape G the ring holds a collar that is tight itself; it is probed all the same.
    const auto fan = plan::planJob(demoJob("exhaust-fan-carrier"), demoLibrary());
    EXPECT_TRUE(plan::checksOf(fan, *fan.step({{"collar", "shaft"}, false})).contains(job::SeatCheck::GrooveAllRound));
}
