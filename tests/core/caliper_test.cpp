// A bearing that no catalogue has, from five sizes off the calipers.
#include "core/arrangement/edit.h"
#include "io/arrangement_text.h"
#include "support/drawing.h"
#include "support/steps.h"
#include "support/work.h"

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using catalog::BearingType;

namespace {

const section::Body& ring(const std::vector<section::Body>& bodies, section::BodyKind kind) {
    for (const auto& body : bodies)
        if (body.kind == kind) return body;
    return bodies.front();
}

} // namespace

TEST(Calipers, TheFiveSizesAreThoseOfTheDrawing) {
    const auto b = catalog::bearingOfSizes("ZQ 17", {BearingType::DeepGrooveBall, 25, 52, 15, 33.2, 44.6});
    ASSERT_TRUE(b);
    const auto bodies = catalog::bearingBodies(*b, {});
    const auto &outer = ring(bodies, section::BodyKind::OuterRing), &inner = ring(bodies, section::BodyKind::InnerRing);
    EXPECT_NEAR(inner.boreDia(), 25, 1e-9);
    EXPECT_NEAR(outer.outsideDia(), 52, 1e-9);
    EXPECT_NEAR(outer.top() - outer.bottom(), 15, 1e-9);
    EXPECT_NEAR(2 * inner.slices.front().outerBottom, 33.2, 1e-9) << "beside the raceway";
    EXPECT_NEAR(2 * outer.slices.front().innerBottom, 44.6, 1e-9);
    EXPECT_NEAR(b->outerFaceInnerDia_mm(), 44.6, 1e-9);
}

TEST(Calipers, OfATaperTheyAreBoreOutsideAndThreeWidths) {
    const auto b = catalog::bearingOfSizes("T", {BearingType::TaperRoller, 30, 62, 17.25, 16, 14});
    ASSERT_TRUE(b);
    const auto bodies = catalog::bearingBodies(*b, {});
    const auto &cup = bodies[0], &cone = bodies[1];
    EXPECT_NEAR(cup.top() - cup.bottom(), 14, 1e-9);
    EXPECT_NEAR(cone.top() - cone.bottom(), 16, 1e-9);
    EXPECT_NEAR(cone.top() - cup.bottom(), 17.25, 1e-9) << "assembled";
}

// What calipers do not show is near what the catalogue has of a bearing of these sizes.
TEST(Calipers, ThreeSizesOfAKnownBearingGiveNearlyItsInside) {
    int compared = 0;
    for (const auto& known : demoTables().bearings) {
        const bool inner = known.isTaper();
        const auto made = catalog::bearingOfSizes(known.designation,
                                                  {known.type, known.boreDia_mm, known.outsideDia_mm, known.width_mm,
                                                   inner ? known.innerWidth_mm : 0, inner ? known.outerWidth_mm : 0});
        ASSERT_TRUE(made) << known.designation;
        EXPECT_NEAR(made->elementDia_mm, known.elementDia_mm, 0.6 * known.elementDia_mm) << known.designation;
        // Of needle bearings every size has needles of its own.
        const double about = known.type == BearingType::NeedleRoller ? 0.4 : 0.2;
        EXPECT_NEAR(made->elementCount, known.elementCount, about * known.elementCount + 1) << known.designation;
        EXPECT_EQ(made->rows, known.rows) << known.designation;
        for (const auto& body : catalog::bearingBodies(*made, {}))
            for (const auto& s : body.slices) {
                EXPECT_GT(s.zTop, s.zBottom) << known.designation << body.id;
                EXPECT_GE(std::min(s.outerBottom - s.innerBottom, s.outerTop - s.innerTop), 0)
                    << known.designation << " " << body.id;
            }
        ++compared;
    }
    EXPECT_GT(compared, 500);
}

TEST(Calipers, SizesThatCannotBeAreRefusedByName) {
    const auto field = [](catalog::CaliperSizes sizes) {
        const auto made = catalog::bearingOfSizes("x", sizes);
        return made ? std::string("none") : made.error().field;
    };
    EXPECT_EQ(field({BearingType::DeepGrooveBall, 0, 52, 15}), "bore");
    EXPECT_EQ(field({BearingType::DeepGrooveBall, 52, 25, 15}), "outside");
    EXPECT_EQ(field({BearingType::DeepGrooveBall, 25, 52, NAN}), "width");
    EXPECT_EQ(field({BearingType::DeepGrooveBall, 25, 52, 15, 20}), "fourth");
    EXPECT_EQ(field({BearingType::DeepGrooveBall, 25, 52, 15, 45, 40}), "fifth");
    EXPECT_EQ(field({BearingType::TaperRoller, 30, 62, 17.25, 18}), "fourth") << "wider than the assembled bearing";
    EXPECT_EQ(field({BearingType::TaperRoller, 30, 62, 17.25, 16, 14}), "none");
}

TEST(Calipers, AreReadAsTheyAreTyped) {
    const auto five = catalog::readCalipers("ZQ-17 ball 25 x 52 × 15x33,2X44.6");
    ASSERT_TRUE(five);
    EXPECT_EQ(five->first, "ZQ-17");
    EXPECT_EQ(five->second, (catalog::CaliperSizes{BearingType::DeepGrooveBall, 25, 52, 15, 33.2, 44.6}));
    const auto taper = catalog::readCalipers("taper 30x62x17.25x16x14");
    ASSERT_TRUE(taper);
    EXPECT_EQ(taper->first, "30x62x17.25x16x14") << "its sizes are its name";
    EXPECT_EQ(taper->second.type, BearingType::TaperRoller);
    EXPECT_EQ(catalog::readCalipers("25x52x15")->second.type, BearingType::DeepGrooveBall);
    for (const auto* other : {"6205", "6205-2RS", "25x52", "M20x2.5", "", "1x2x3x4x5x6"})
        EXPECT_FALSE(catalog::readCalipers(other)) << other;
}

// The whole job with a number that nobody knows: every station has it, and the file keeps it.
TEST(Calipers, ABearingOfItsOwnGoesThroughEveryStation) {
    auto job = demoJob("seamer-turret-upper");
    auto resolved = job.arrangement.assembly;
    ASSERT_TRUE(arrangement::resolve(resolved, demoTables().bearings));
    const auto at = *arrangement::indexOf(resolved, "bearing");
    EXPECT_FALSE(arrangement::withBearing(resolved, at, "ZQ-17", demoTables().bearings));
    const auto next = arrangement::withBearing(resolved, at, "ZQ-17 ball 30x62x24", demoTables().bearings);
    ASSERT_TRUE(next);
    job.arrangement.assembly = *next;
    const auto plan = plan::planJob(job, demoTables(), {{}, {}, true, {}});
    ASSERT_TRUE(plan.problems.empty()) << plan.problem()->field;
    ASSERT_TRUE(plan.seat() && plan.seat()->fit);
    EXPECT_NEAR(plan.seat()->dia_mm, 62, 1e-9);
    for (const auto& step : plan.steps) {
        if (!step.step.bearing) continue;
        EXPECT_EQ(step.step.bearing->designation, "ZQ-17") << step.step.key;
    }
    const auto again = io::parseArrangement(io::arrangementText(job.arrangement));
    ASSERT_TRUE(again);
    EXPECT_EQ(again->assembly.parts[at].catalogue->sizes, next->parts[at].catalogue->sizes);
    auto back = arrangement::withBearing(*next, at, "3206", demoTables().bearings);
    ASSERT_TRUE(back);
    EXPECT_FALSE(back->parts[at].catalogue->sizes) << "a known number needs none";
}

TEST(Calipers, ProposeTheNumbersThatHaveTheirSizes) {
    const auto of = [](const char* typed) {
        return catalog::numbersOfSize(demoTables().bearings, catalog::readCalipers(typed)->second);
    };
    const auto metric = of("30 x 72 x 19");
    EXPECT_NE(std::find(metric.begin(), metric.end(), "6306"), metric.end());
    EXPECT_EQ(of("30.05 x 71.95 x 19").size(), metric.size()) << "calipers are sure to a tenth";
    EXPECT_TRUE(of("31 x 72 x 19").empty());
    const auto inch = of("0.75 x 1.75 x 0.6 in");
    ASSERT_FALSE(inch.empty());
    EXPECT_EQ(inch.front(), "T750-1750");
    EXPECT_NEAR(catalog::readCalipers("0.75x1.75x0.6\"")->second.boreDia_mm, 19.05, 1e-9);
    EXPECT_EQ(catalog::readCalipers("ZQ-1 taper 1 x 2 x 0.5 in")->first, "ZQ-1");
}
